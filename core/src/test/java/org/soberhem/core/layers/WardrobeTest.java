package org.soberhem.core.layers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.soberhem.core.layers.SomeLayers.layer;
import static org.soberhem.core.layers.SomeLayers.needing;
import static org.soberhem.core.layers.SomeLayers.stack;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.soberhem.core.length.LengthFormat;

class WardrobeTest {

    private static final Layer CHEMISE = layer("chemise", LayerClass.SKIN, Set.of());
    private static final Layer SHOES = layer("shoes", LayerClass.FOOTWEAR, Set.of("height"));
    private static final Layer CORSET =
            needing(layer("corset", LayerClass.BODY_SHAPER, Set.of("waist", "bust")), LayerClass.SKIN, "a chemise");
    private static final Layer STAYS = layer("stays", LayerClass.BODY_SHAPER, Set.of("waist"));
    private static final Layer PADS = layer("pads", LayerClass.SKIRT_SUPPORT, Set.of("hip"));
    private static final LayerStack PADDED = stack("padded", "chemise", "corset", "pads");
    private static final Wardrobe WARDROBE = SomeLayers.wardrobe(
            List.of(CHEMISE, SHOES, CORSET, STAYS, PADS), stack("none"), stack("corset", "chemise", "corset"), PADDED);

    @Test
    void noLongerCount_whatTheDifferingLayersChange() {
        assertThat(WARDROBE.noLongerCount("none", "corset")).containsExactly("bust", "waist");
        assertThat(WARDROBE.noLongerCount("corset", "padded")).containsExactly("hip");
        assertThat(WARDROBE.noLongerCount("padded", "corset")).containsExactly("hip");
        assertThat(WARDROBE.noLongerCount("padded", "padded")).isEmpty();
    }

    @Test
    void noLongerCount_unknownStack_isTakenForNoLayer() {
        assertThat(WARDROBE.noLongerCount("lost", "corset")).containsExactly("bust", "waist");
    }

    @Test
    void with_putsALayerAfterThoseThatAreDressedBefore() {
        assertThat(WARDROBE.with(PADDED, SHOES).layers()).containsExactly("chemise", "shoes", "corset", "pads");
        assertThat(WARDROBE.with(stack("none"), PADS).layers()).containsExactly("pads");
    }

    @Test
    void problems_missingBeneath_twoShapers_shoesTooLate() {
        assertThat(WARDROBE.problems(PADDED)).isEmpty();
        assertThat(words(stack("bare", "corset"))).containsExactly("corset needs more beneath it: a chemise");
        assertThat(words(stack("two", "chemise", "corset", "stays")))
                .containsExactly("corset and stays are not worn together");
        assertThat(words(stack("late", "chemise", "corset", "shoes")))
                .containsExactly("shoes come before corset, which stops one bending: dress them first");
    }

    private static List<String> words(LayerStack stack) {
        return WARDROBE.problems(stack).stream()
                .map(problem -> problem.in(LengthFormat.CENTIMETRES))
                .toList();
    }

    @Test
    void moved_oneEarlierOrLater_neverBeyondTheEnds() {
        assertThat(PADDED.moved("pads", -1).layers()).containsExactly("chemise", "pads", "corset");
        assertThat(PADDED.moved("pads", 1)).isEqualTo(PADDED);
        assertThat(PADDED.moved("hat", 1)).isEqualTo(PADDED);
        assertThat(PADDED.without("pads").layers()).containsExactly("chemise", "corset");
    }

    @Test
    void lacedAndHooped_areToldFromTheRest() {
        assertThat(CORSET.isLaced()).isTrue();
        assertThat(PADS.isLaced()).isFalse();
        assertThat(PADS.isHooped()).isFalse();
    }

    @Test
    void own_takesTheShippedStacksPlace_orIsAdded() {
        LayerStack mine = stack("padded", "chemise");
        Wardrobe with = WARDROBE.with(List.of(mine, stack("own", "corset")));
        assertThat(with.stack("padded")).contains(mine);
        assertThat(with.stacks()).extracting(LayerStack::id).containsExactly("none", "corset", "padded", "own");
        assertThat(with.title("lost")).isEqualTo("lost");
    }

    @Test
    void shaped_byWhatShapesTheBody() {
        assertThat(WARDROBE.shaped("padded")).containsExactlyInAnyOrder("bust", "waist", "hip");
    }
}
