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
        UNDER(6),
        SKIRT(10),
        TRUNK(14),
        SLEEVE(16);

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
