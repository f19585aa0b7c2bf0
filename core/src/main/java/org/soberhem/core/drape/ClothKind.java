package org.soberhem.core.drape;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What cloth does when it hangs and is drawn.
 *
 * @param id unique in the library
 * @param title for people
 * @param weight grams a square metre
 * @param drawn what it does when it is drawn in its own plane
 * @param bent what it does when it is bent
 * @param friction share of the pressure that holds it on what lies beneath
 * @param thickness as it lies, with its turnings, millimetres
 * @param usualFor kinds of garments that are tried on in it if nothing else is said
 */
@RecordBuilder
public record ClothKind(
        String id,
        String title,
        double weight,
        Drawn drawn,
        Bent bent,
        double friction,
        double thickness,
        List<String> usualFor)
        implements ClothKindBuilder.With {

    /**
     * Stiffness in the plane: newtons a metre of width that would draw a strip to twice its length, as it begins.
     *
     * @param warp along the warp
     * @param weft along the weft
     * @param shear across the square that the threads make
     * @param gives greatest stretch that it takes without harm, as a share
     */
    public record Drawn(double warp, double weft, double shear, double gives) {

        public Drawn {
            if (!(warp > 0 && weft > 0 && shear > 0 && gives > 0)) {
                throw new IllegalArgumentException("cloth must resist being drawn along warp, weft and aslant");
            }
        }
    }

    /**
     * Bending stiffness, micronewton metres.
     *
     * @param warp of a strip along the warp
     * @param weft of a strip along the weft
     */
    public record Bent(double warp, double weft) {

        public Bent {
            if (!(warp >= 0 && weft >= 0)) {
                throw new IllegalArgumentException("a bending stiffness must not be less than 0");
            }
        }
    }

    /** Mock-up cotton, as in a trial where nothing else is said; from memory. */
    public static final ClothKind MUSLIN = new ClothKind(
            "muslin", "Cotton muslin", 150, new Drawn(2000, 2000, 80, 0.02), new Bent(14, 9), 0.3, 1.5, List.of());

    public ClothKind {
        if (!(weight > 0 && thickness > 0 && friction >= 0)) {
            throw new IllegalArgumentException("cloth must have a weight and a thickness greater than 0");
        }
        usualFor = List.copyOf(usualFor);
    }

    /**
     * Returns the bending stiffness of a strip that was hung over an edge.
     *
     * @param over length of the strip that hangs over when its end has sunk to a slope of 41.5 degrees, millimetres
     * @param weight grams a square metre
     * @return micronewton metres
     * @see "F. T. Peirce, The handle of cloth as a measurable quantity, Journal of the Textile Institute 21 (1930): the
     *     bending length is half the overhang; from memory"
     */
    public static double bending(double over, double weight) {
        double bendingLength = over / 2 / 1000;
        return weight / 1000 * 9.81 * Math.pow(bendingLength, 3) * 1e6;
    }

    /**
     * Returns the stiffness of a strip that was hung and loaded.
     *
     * @param load grams at its end
     * @param width of the strip, millimetres
     * @param length of the strip, millimetres
     * @param longer how much longer it grew, millimetres, greater than 0
     * @return newtons a metre
     */
    public static double stretching(double load, double width, double length, double longer) {
        return load / 1000 * 9.81 / (width / 1000) / (longer / length);
    }
}
