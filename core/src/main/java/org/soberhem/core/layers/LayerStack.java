package org.soberhem.core.layers;

import java.util.List;

/**
 * Layers worn together.
 *
 * @param id kebab-case name
 * @param title for people
 * @param layers ids in dressing order
 */
public record LayerStack(String id, String title, List<String> layers) {
    public LayerStack {
        layers = List.copyOf(layers);
    }
}
