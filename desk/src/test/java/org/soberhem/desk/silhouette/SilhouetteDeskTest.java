package org.soberhem.desk.silhouette;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Studios;

class SilhouetteDeskTest {

    @TempDir
    Path folder;

    private Studio studio;
    private SilhouetteDesk desk;

    @BeforeEach
    void open() {
        studio = Studios.demo(folder);
        studio.open("secretary-1906");
        desk = new SilhouetteDesk(studio);
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private Verdict verdict(String rule) {
        return studio.situation().verdicts().stream()
                .filter(each -> each.rule().id().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    private Verdict byEye() {
        return studio.situation().verdicts().stream()
                .filter(each -> each.rule().judged() == Rule.Judged.EYE)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void choose_judgesByAnotherOutline_andUndoneByTheUsualOne() {
        String usual = desk.silhouette().orElseThrow().header().id();
        Silhouette.Header other = desk.offered().stream()
                .filter(each -> !each.id().equals(usual))
                .findFirst()
                .orElseThrow();
        desk.choose(other);
        assertThat(desk.silhouette().orElseThrow().header().id()).isEqualTo(other.id());
        studio.undo();
        assertThat(desk.silhouette().orElseThrow().header().id()).isEqualTo(usual);
    }

    @Test
    void school_ofAnotherOutline_isNotKept() {
        desk.chooseSchool("nobody's");
        assertThat(desk.school())
                .isEqualTo(desk.silhouette().orElseThrow().schools().stream()
                        .findFirst()
                        .orElse(""));
    }

    @Test
    void departing_keepsTheReason_untilItIsJudgedAgain() {
        Verdict open = studio.situation().verdicts().stream()
                .filter(Verdict::isOpen)
                .findFirst()
                .orElseThrow();
        String id = open.rule().id();
        desk.depart(open, Optional.of("She sits at a desk"));
        assertThat(verdict(id).grade()).isEqualTo(Verdict.Grade.DEPARTED);
        assertThat(verdict(id).departure()).isEqualTo("She sits at a desk");
        desk.depart(verdict(id), Optional.empty());
        assertThat(verdict(id).grade()).isEqualTo(open.grade());
    }

    @Test
    void answer_standsWithTheLatestFitting_andIsTakenBack() {
        String id = byEye().rule().id();
        assertThat(byEye().grade()).isNotEqualTo(Verdict.Grade.NOT_MET);
        desk.answer(byEye(), Optional.of(0.0));
        assertThat(verdict(id).grade()).isEqualTo(Verdict.Grade.NOT_MET);
        assertThat(desk.answeredAt().orElseThrow().answers()).containsEntry(id, 0.0);
        desk.answer(verdict(id), Optional.empty());
        assertThat(verdict(id).grade()).isEqualTo(Verdict.Grade.UNKNOWN);
        assertThat(desk.answeredAt().orElseThrow().answers()).doesNotContainKey(id);
    }

    @Test
    void trace_leadsToWhereTheQuantityComesFrom() {
        desk.trace(byEye());
        assertThat(studio.navigation().place().get()).contains(Stage.FITTING);
        desk.trace(verdict("cap-fullness"));
        assertThat(studio.navigation().place().get()).contains(Stage.DRAFT);
    }
}
