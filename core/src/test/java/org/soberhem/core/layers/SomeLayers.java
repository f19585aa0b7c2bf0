package org.soberhem.core.layers;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** A few layers for tests. */
final class SomeLayers {

    private SomeLayers() {}

    static Layer layer(String id, LayerClass kind, Set<String> changes, Layer.Effect... effects) {
        return new Layer(
                id,
                id,
                1850,
                1910,
                List.of("women"),
                kind,
                "",
                "",
                List.of(effects),
                changes,
                List.of(),
                Set.of(),
                Optional.empty(),
                Layer.Shape.NONE,
                kind == LayerClass.BODY_SHAPER ? List.of("lacing") : List.of());
    }

    static Layer needing(Layer layer, LayerClass kind, String why) {
        return layer.with(copy -> copy.about("")
                .mind("")
                .needs(List.of(new Layer.Need(Optional.of(kind), List.of(), why)))
                .notWith(Set.of())
                .supports(Optional.empty())
                .shape(Layer.Shape.NONE));
    }

    static LayerStack stack(String id, String... layers) {
        return new LayerStack(id, "the " + id, 1850, 1910, "here", "women", List.of(layers), "");
    }

    static Wardrobe wardrobe(List<Layer> layers, LayerStack... stacks) {
        return new Wardrobe(layers, List.of(stacks), Map.of());
    }
}
