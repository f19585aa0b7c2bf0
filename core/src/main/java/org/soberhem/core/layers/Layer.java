package org.soberhem.core.layers;

import java.util.Set;

/**
 * A foundation layer.
 *
 * @param id kebab-case name
 * @param name for people
 * @param about what it is
 * @param changes measures, by catalogue id, that no longer count when it is put on, left off or exchanged
 * @param caution what to mind when wearing it; empty if nothing special
 */
public record Layer(String id, String name, String about, Set<String> changes, String caution) {
    public Layer {
        changes = Set.copyOf(changes);
    }
}
