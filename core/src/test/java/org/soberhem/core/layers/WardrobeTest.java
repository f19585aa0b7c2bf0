package org.soberhem.core.layers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class WardrobeTest {

    private static final Wardrobe WARDROBE = new Wardrobe(
            List.of(
                    new Layer("chemise", "Chemise", "", Set.of(), ""),
                    new Layer("corset", "Corset", "", Set.of("waist", "bust"), ""),
                    new Layer("pads", "Hip pads", "", Set.of("hip"), "")),
            List.of(
                    new LayerStack("none", "no layer", List.of()),
                    new LayerStack("corset", "the corset", List.of("chemise", "corset")),
                    new LayerStack("padded", "the padded corset", List.of("chemise", "corset", "pads"))));

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
}
