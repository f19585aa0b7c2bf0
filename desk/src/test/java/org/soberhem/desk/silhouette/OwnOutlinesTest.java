package org.soberhem.desk.silhouette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Studios;

class OwnOutlinesTest {

    private static final String CAGE = "w-1860-round-cage";

    @TempDir
    Path folder;

    private Studio studio;
    private OwnOutlines own;

    @BeforeEach
    void open() {
        studio = Studios.demo(folder);
        studio.open("quay-1861");
        own = new OwnOutlines(studio);
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private String judgedBy() {
        return studio.judge()
                .silhouette(studio.situation().judged())
                .orElseThrow()
                .header()
                .id();
    }

    @Test
    void copy_standsBesideTheShippedOne_underAFreeName() {
        String first = own.copy(CAGE);
        String second = own.copy(CAGE);
        assertThat(first).isEqualTo(CAGE + "-2");
        assertThat(second).isEqualTo(CAGE + "-3");
        assertThat(own.isOwn(first)).isTrue();
        assertThat(own.isOwn(CAGE)).isFalse();
        assertThat(own.headers()).extracting(Silhouette.Header::id).contains(CAGE, first, second);
        assertThat(studio.judge()
                        .silhouettes()
                        .find(first)
                        .orElseThrow()
                        .header()
                        .title())
                .startsWith("Own: ");
    }

    @Test
    void renamed_isKeptUnderItsNewName_andTheOldIsGone() {
        String id = own.copy(CAGE);
        String now = own.keep(id, own.text(id).replace("silhouette: " + id, "silhouette: quay-wife"));
        assertThat(now).isEqualTo("quay-wife");
        assertThat(own.isOwn(id)).isFalse();
        assertThat(studio.judge().silhouettes().find("quay-wife")).isPresent();
    }

    @Test
    void unfinished_isKept_listedAndNotJudgedBy() {
        String id = own.copy(CAGE);
        own.keep(id, own.text(id).replace("who: woman", "who: somebody"));
        assertThat(own.headers())
                .filteredOn(header -> header.id().equals(id))
                .singleElement()
                .satisfies(header -> assertThat(header.title()).contains("not yet readable"));
        assertThat(studio.judge().silhouettes().find(id)).isEmpty();
    }

    @Test
    void droppedOne_leavesTheCostumeWithTheUsual() {
        String id = own.copy(CAGE);
        SilhouetteDesk desk = new SilhouetteDesk(studio);
        desk.choose(studio.judge().silhouettes().find(id).orElseThrow().header());
        assertThat(judgedBy()).isEqualTo(id);
        own.drop(id);
        assertThat(judgedBy()).isEqualTo(CAGE);
    }

    @Test
    void file_isTaken_orRefusedWithItsLine() {
        String text = own.text(CAGE).replace("silhouette: " + CAGE, "silhouette: from-a-friend");
        own.take(text);
        assertThat(own.isOwn("from-a-friend")).isTrue();
        assertThatThrownBy(() -> own.take(text.replace("years:", "yeers:")))
                .isInstanceOf(SheetException.class)
                .hasMessageStartingWith("line ");
        assertThat(studio.maker().silhouettes()).hasSize(1);
    }

    @Test
    void change_isTakenBack_withTheMakersOwnLibrary() {
        String id = own.copy(CAGE);
        studio.navigation().place().set(Optional.of(Stage.SILHOUETTE));
        studio.undo();
        assertThat(own.isOwn(id)).isFalse();
    }
}
