package org.soberhem.core.layers;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * All known layers and stacks.
 *
 * @param layers every layer
 * @param stacks every stack
 */
public record Wardrobe(List<Layer> layers, List<LayerStack> stacks) {
    public Wardrobe {
        layers = List.copyOf(layers);
        stacks = List.copyOf(stacks);
    }

    public Optional<Layer> layer(String id) {
        return layers.stream().filter(layer -> layer.id().equals(id)).findFirst();
    }

    public Optional<LayerStack> stack(String id) {
        return stacks.stream().filter(stack -> stack.id().equals(id)).findFirst();
    }

    /**
     * Returns the measures, by catalogue id, that do not count over another stack than the one they were taken over: those
     * that any layer changes which is in one stack and not in the other.
     */
    public Set<String> noLongerCount(String measuredOver, String wornOver) {
        Set<String> differing = new HashSet<>(layersOf(measuredOver));
        Set<String> worn = layersOf(wornOver);
        Set<String> common = new HashSet<>(differing);
        common.retainAll(worn);
        differing.addAll(worn);
        differing.removeAll(common);
        Set<String> changed = new TreeSet<>();
        differing.forEach(id -> layer(id).ifPresent(layer -> changed.addAll(layer.changes())));
        return changed;
    }

    private Set<String> layersOf(String stack) {
        return stack(stack).map(found -> Set.copyOf(found.layers())).orElse(Set.of());
    }
}
