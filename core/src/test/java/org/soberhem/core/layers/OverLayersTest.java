package org.soberhem.core.layers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.soberhem.core.layers.SomeLayers.layer;
import static org.soberhem.core.layers.SomeLayers.stack;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;

class OverLayersTest {

    private static final double MM = 1e-6;

    private static final Layer SHIFT =
            layer("shift", LayerClass.SKIN, Set.of("waist"), new Layer.Effect("waist", 5, 10, false, "always"));
    private static final Layer OLD = layer(
            "old stays", LayerClass.BODY_SHAPER, Set.of("waist"), new Layer.Effect("waist", -30, -20, false, "laced"));
    private static final Layer CORSET = layer(
            "corset",
            LayerClass.BODY_SHAPER,
            Set.of("waist", "bust"),
            new Layer.Effect("waist", -0.1, -0.05, true, "laced"));
    private static final OverLayers OVER = new OverLayers(SomeLayers.wardrobe(
            List.of(SHIFT, OLD, CORSET),
            stack("none"),
            stack("shift", "shift"),
            stack("laced", "shift", "corset"),
            stack("both", "shift", "old stays", "corset")));

    @Test
    void of_lowerAddsToLower_upperToUpper() {
        assertThat(OVER.of("waist", 700, "none", "laced")).hasValueSatisfying(estimate -> {
            assertThat(estimate.least()).isCloseTo((700 + 5) * 0.9, within(MM));
            assertThat(estimate.most()).isCloseTo((700 + 10) * 0.95, within(MM));
            assertThat(estimate.middle()).isBetween(estimate.least(), estimate.most());
        });
    }

    @Test
    void of_shapersDoNotAdd_theLastOneRules() {
        assertThat(OVER.of("waist", 700, "none", "both")).isEqualTo(OVER.of("waist", 700, "none", "laced"));
    }

    @Test
    void of_layersThatDoNotMatter_leaveTheReading() {
        assertThat(OVER.of("wrist", 160, "none", "laced")).contains(new OverLayers.Estimate(160, 160));
    }

    @Test
    void why_aLayerWouldHaveToBeThoughtAway_orNobodySaidHowMuch() {
        assertThat(OVER.of("waist", 700, "laced", "shift")).isEmpty();
        assertThat(OVER.why("waist", "laced", "shift").orElseThrow().in(LengthFormat.CENTIMETRES))
                .isEqualTo("it was measured over corset, which is not worn");
        assertThat(OVER.why("bust", "none", "laced").orElseThrow().in(LengthFormat.CENTIMETRES))
                .isEqualTo("nobody has said by how much corset changes it");
    }

    private static AsWorn.Ring ring(double height, double side, double back) {
        return new AsWorn.Ring(Length.ofMillimetres(height), Length.ofMillimetres(side), Length.ofMillimetres(back));
    }

    @Test
    void overRings_tautOverTheWidest_thenPlumb() {
        // One ring 300 mm out and 400 mm below the waist: a 3-4-5 triangle, then 600 mm to the floor.
        List<AsWorn.Ring> one = List.of(ring(600, 300, 0));
        assertThat(OverLayers.overRings(1000, one, false)).isCloseTo(500 + 600, within(MM));
        assertThat(OverLayers.overRings(1000, one, true)).isCloseTo(1000, within(MM));
    }

    @Test
    void overRings_aRingWithinTheTautLine_doesNotMatter_andANarrowerOneBelowNeither() {
        List<AsWorn.Ring> one = List.of(ring(600, 300, 300));
        List<AsWorn.Ring> more = List.of(ring(800, 100, 100), ring(600, 300, 300), ring(300, 250, 250));
        assertThat(OverLayers.overRings(1000, more, true)).isCloseTo(OverLayers.overRings(1000, one, true), within(MM));
        assertThat(OverLayers.overRings(1000, List.of(ring(800, 250, 0), ring(600, 300, 0)), false))
                .isGreaterThan(OverLayers.overRings(1000, one, false));
    }
}
