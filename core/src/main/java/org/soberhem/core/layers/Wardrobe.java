package org.soberhem.core.layers;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.soberhem.core.length.Sentence;

/**
 * All known layers and stacks.
 *
 * @param layers every layer
 * @param stacks every stack, the shipped ones first
 * @param cautions what to mind, by the id that layers use
 */
public record Wardrobe(List<Layer> layers, List<LayerStack> stacks, Map<String, String> cautions) {

    /** Id of the stack that shapes nothing. */
    public static final String NONE = "none";

    public Wardrobe {
        layers = List.copyOf(layers);
        stacks = List.copyOf(stacks);
        cautions = Map.copyOf(cautions);
    }

    /** Returns this wardrobe with the maker's own stacks; one with a shipped id takes that one's place. */
    public Wardrobe with(List<LayerStack> own) {
        List<LayerStack> all = new ArrayList<>(stacks);
        all.removeIf(stack -> own.stream().anyMatch(mine -> mine.id().equals(stack.id())));
        all.addAll(own);
        return new Wardrobe(layers, all, cautions);
    }

    /** Finds a layer by its id; one's own of a kind is that kind under its own name. */
    public Optional<Layer> layer(String id) {
        String base = Layer.base(id);
        Optional<Layer> kind =
                layers.stream().filter(layer -> layer.id().equals(base)).findFirst();
        return base.equals(id) ? kind : kind.map(layer -> layer.owned(id));
    }

    public Optional<LayerStack> stack(String id) {
        return stacks.stream().filter(stack -> stack.id().equals(id)).findFirst();
    }

    /** Returns a stack's title for people; its id if it is not known. */
    public String title(String id) {
        return stack(id).map(LayerStack::title).orElse(id);
    }

    /** Returns the known layers of a stack in dressing order. */
    public List<Layer> layersOf(LayerStack stack) {
        return stack.layers().stream()
                .map(this::layer)
                .flatMap(Optional::stream)
                .toList();
    }

    /**
     * Returns the measures, by catalogue id, that do not count over another stack than the one they were taken over:
     * those that any layer changes which is in one stack and not in the other.
     */
    public Set<String> noLongerCount(String measuredOver, String wornOver) {
        Set<String> differing = new HashSet<>(idsOf(measuredOver));
        Set<String> worn = idsOf(wornOver);
        Set<String> common = new HashSet<>(differing);
        common.retainAll(worn);
        differing.addAll(worn);
        differing.removeAll(common);
        Set<String> changed = new TreeSet<>();
        differing.forEach(id -> layer(id).ifPresent(layer -> changed.addAll(layer.changes())));
        return changed;
    }

    /**
     * Returns the measures that layers of a stack give another shape, so that proportions of bare bodies do not hold.
     */
    public Set<String> shaped(String stack) {
        Set<String> shaped = new TreeSet<>();
        stack(stack).map(this::layersOf).orElse(List.of()).stream()
                .filter(layer -> layer.kind().shapes())
                .forEach(layer -> shaped.addAll(layer.changes()));
        return shaped;
    }

    private Set<String> idsOf(String stack) {
        return stack(stack).map(found -> Set.copyOf(found.layers())).orElse(Set.of());
    }

    /**
     * Returns the stack with a layer put where it belongs in the dressing order: after the last layer of its own or an
     * earlier class.
     */
    public LayerStack with(LayerStack stack, Layer layer) {
        List<String> order = new ArrayList<>(stack.layers());
        int place = 0;
        for (int i = 0; i < order.size(); i++) {
            Optional<Layer> there = layer(order.get(i));
            if (there.isPresent() && there.get().kind().compareTo(layer.kind()) <= 0) {
                place = i + 1;
            }
        }
        order.add(place, layer.id());
        return stack.copied(stack.id(), stack.title(), order);
    }

    /** Returns what is wrong with a stack: something missing, not worn together, or put on too late. */
    public List<Sentence> problems(LayerStack stack) {
        List<Sentence> problems = new ArrayList<>();
        List<Layer> worn = layersOf(stack);
        for (Layer layer : worn) {
            for (Layer.Need need : layer.needs()) {
                if (worn.stream().noneMatch(other -> other != layer && need.isMetBy(other))) {
                    problems.add(Sentence.of("{} needs more beneath it: {}", layer.name(), need.why()));
                }
            }
            for (Layer other : worn.subList(worn.indexOf(layer) + 1, worn.size())) {
                boolean twoShapers =
                        layer.kind() == other.kind() && layer.kind().isSingle();
                if (twoShapers
                        || layer.notWith().contains(Layer.base(other.id()))
                        || other.notWith().contains(Layer.base(layer.id()))) {
                    problems.add(Sentence.of("{} and {} are not worn together", layer.name(), other.name()));
                }
                if (layer.isLaced() && (other.kind() == LayerClass.FOOTWEAR || other.kind() == LayerClass.LEGWEAR)) {
                    problems.add(Sentence.of(
                            "{} come before {}, which stops one bending: dress them first",
                            other.name(),
                            layer.name()));
                }
            }
        }
        return problems;
    }
}
