package org.soberhem.desk.tape;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.costume.Stage;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Studios;

class StackDeskTest {

    private static final String CORSET = "blouse-1906";

    @TempDir
    Path folder;

    private Studio studio;
    private StackDesk desk;

    @BeforeEach
    void openDemo() {
        studio = Studios.demo(folder);
        studio.open("keeper-1907");
        studio.navigation().place().set(Optional.of(Stage.TAPE));
        desk = new StackDesk(studio);
        desk.lookAt(CORSET);
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private List<String> layers() {
        return desk.stackProperty().get().orElseThrow().layers();
    }

    @Test
    void changed_isSavedAsTheMakersOwn_theShippedOneStays() {
        desk.remove("hip-pad-1898");
        assertThat(desk.isChanged()).isTrue();
        assertThat(desk.save("  ")).isPresent();
        assertThat(desk.save("the straight-front corset of c. 1906").orElseThrow())
                .contains("stays as it is");
        assertThat(desk.save("Without pads")).isEmpty();
        assertThat(desk.isChanged()).isFalse();
        assertThat(studio.wardrobe().stack("own-without-pads").orElseThrow().layers())
                .doesNotContain("hip-pad-1898");
        assertThat(studio.wardrobe().stack(CORSET).orElseThrow().layers()).contains("hip-pad-1898");
        studio.undo();
        assertThat(studio.wardrobe().stack("own-without-pads")).isEmpty();
        studio.redo();
        assertThat(studio.wardrobe().stack("own-without-pads")).isPresent();
    }

    @Test
    void own_isThereAfterARestart_andCanBeWorn() {
        desk.remove("hip-pad-1898");
        desk.save("Without pads");
        new TapeDesk(studio).wearOver("own-without-pads");
        studio.keeper().close();
        studio = Studios.open(folder);
        studio.open("keeper-1907");
        assertThat(studio.wardrobe().title(studio.situation().costume().stack()))
                .isEqualTo("Without pads");
    }

    @Test
    void added_comesToItsPlaceInTheDressingOrder_andWhatIsWrongIsSaid() {
        assertThat(desk.problems()).isEmpty();
        desk.add(studio.wardrobe().layer("corset-1912").orElseThrow());
        assertThat(layers().indexOf("corset-1912")).isEqualTo(layers().indexOf("corset-1903") + 1);
        assertThat(desk.problems())
                .anySatisfy(problem -> assertThat(problem.in(studio.format())).contains("are not worn together"));
        desk.move("corset-1912", -1);
        assertThat(layers().indexOf("corset-1912")).isEqualTo(layers().indexOf("corset-1903") - 1);
        assertThat(desk.others()).noneMatch(layer -> layers().contains(layer.id()));
        assertThat(desk.others().get(0).isOf(1907)).isTrue();
    }

    @Test
    void readingsOverNoLayer_whatStillCountsAndWhatDoesNot() {
        var set = studio.situation().set().orElseThrow();
        assertThat(desk.noLongerCount(set)).contains("Full bust", "Waist, side-bend crease");
        assertThat(desk.stillCount(set)).contains("Wrist", "Neck at its base");
        desk.lookAt("none");
        assertThat(desk.noLongerCount(set)).isEmpty();
    }

    /** Old corset against new: the same kind under another name is another layer, and its readings are stale. */
    @Test
    void t7_onesOwnLayerUnderAName_makesBustAndWaistStale() {
        String corset = layers().stream()
                .filter(id -> studio.wardrobe().layer(id).orElseThrow().kind().shapes())
                .findFirst()
                .orElseThrow();
        desk.call(corset, "My old ones");
        String own = corset + "~my-old-ones";
        assertThat(layers()).contains(own).doesNotContain(corset);
        assertThat(studio.wardrobe().layer(own).orElseThrow().name()).endsWith(", my old ones");
        desk.save("Over the old corset");
        assertThat(studio.wardrobe().noLongerCount(CORSET, "own-over-the-old-corset"))
                .contains("waist-crease")
                .containsAll(studio.wardrobe().layer(corset).orElseThrow().changes());
        desk.call(own, "");
        assertThat(layers()).contains(corset);
    }

    @Test
    void t7_todaysFoundations_areThere() {
        assertThat(studio.wardrobe().layers())
                .extracting(layer -> layer.id())
                .contains("brassiere-underwired", "brassiere-padded", "binder-chest", "compression-shaper");
    }
}
