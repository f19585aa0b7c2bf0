package org.soberhem.core.plate;

import java.util.List;

/**
 * A surface that is drawn, with the lines upon it.
 *
 * @param material what it is made of
 * @param mesh the surface
 * @param lines seams, levels and edges
 */
public record Solid(Material material, Mesh mesh, List<SurfaceLine> lines) {

    /** What is drawn in one colour. */
    public enum Material {
        BODY(0),
        UNDER(20),
        SKIRT(22),
        TRUNK(24),
        SLEEVE(26);

        /** Drawn as if it lay so much nearer, millimetres: what lies beneath does not show through. */
        private final double lift;

        Material(double lift) {
            this.lift = lift;
        }

        double lift() {
            return lift;
        }
    }

    public Solid {
        lines = List.copyOf(lines);
    }
}
