package org.soberhem.desk.silhouette;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Studios;

class RuleHistoryTest {

    @TempDir
    Path folder;

    private static RuleHistory rule(List<RuleHistory> all, String id) {
        return all.stream()
                .filter(each -> each.rule().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void history_goesThroughTheFittings_asTheyWereCut_toNow() {
        Studio studio = Studios.demo(folder);
        studio.open("secretary-1906");
        List<RuleHistory> all = RuleHistory.of(studio);
        RuleHistory dip = rule(all, "waist-dip");
        assertThat(dip.entries()).extracting(RuleHistory.Entry::mark).containsExactly("1", "v3", "2", "now");
        assertThat(dip.entries().get(0).words()).isEqualTo("Fitting 1, Blouse version 1");
        assertThat(dip.entries())
                .extracting(entry -> entry.verdict().grade())
                .containsExactly(Verdict.Grade.NEAR, Verdict.Grade.NEAR, Verdict.Grade.MET, Verdict.Grade.MET);
        RuleHistory pouch = rule(all, "front-pouch");
        assertThat(pouch.entries().get(0).verdict().grade()).isEqualTo(Verdict.Grade.UNKNOWN);
        // The cap's fullness is read from the draft: version 2 took cloth out at the side, and so out of the arm-hole.
        RuleHistory cap = rule(all, "cap-fullness");
        double first = cap.entries().get(0).verdict().quantity().value().orElseThrow();
        assertThat(cap.now().quantity().value().orElseThrow()).isNotEqualTo(first);
        // The skirt was tried on at neither fitting.
        assertThat(rule(all, "hem-girth").entries())
                .extracting(RuleHistory.Entry::mark)
                .containsExactly("now");
        studio.keeper().close();
    }
}
