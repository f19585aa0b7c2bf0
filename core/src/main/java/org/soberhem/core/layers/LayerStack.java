package org.soberhem.core.layers;

import java.util.ArrayList;
import java.util.List;

/**
 * Layers worn together.
 *
 * @param id kebab-case name
 * @param title for people
 * @param from first year it serves for
 * @param to last year it serves for
 * @param place where it was worn
 * @param who who wears it
 * @param layers ids in dressing order
 * @param note what else is to be known; empty if nothing
 */
public record LayerStack(
        String id, String title, int from, int to, String place, String who, List<String> layers, String note) {

    public LayerStack {
        layers = List.copyOf(layers);
    }

    /** Returns the stack under another id and title with other layers: the maker's own copy. */
    public LayerStack copied(String otherId, String otherTitle, List<String> others) {
        return new LayerStack(otherId, otherTitle, from, to, place, who, others, note);
    }

    /** Returns the stack with a layer moved one place earlier or later in the dressing order. */
    public LayerStack moved(String layer, int by) {
        List<String> order = new ArrayList<>(layers);
        int place = order.indexOf(layer);
        int to = place + by;
        if (place < 0 || to < 0 || to >= order.size()) {
            return this;
        }
        order.remove(place);
        order.add(to, layer);
        return copied(id, title, order);
    }

    public LayerStack without(String layer) {
        return copied(
                id, title, layers.stream().filter(each -> !each.equals(layer)).toList());
    }
}
