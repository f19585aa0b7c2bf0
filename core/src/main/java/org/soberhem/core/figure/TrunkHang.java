package org.soberhem.core.figure;

import java.util.Map;
import java.util.TreeMap;

/**
 * Lays what covers the trunk on a body: up to the neck the body with what the cloth stands off; below the waist what
 * hangs there.
 */
final class TrunkHang {

    /** What ends so near the waist ends at it, in millimetres. */
    private static final double AT_WAIST = 25;

    private static final int STEPS = 48;

    /** What is so much wider than the waist hangs straight past it, in millimetres. */
    private static final double LOOSE = 200;

    /** How far up between waist and bust a blouse pouches most. */
    private static final double POUCHES = 0.25;

    private final BodyFigure body;
    private final DressedFigure.Hang hang;
    private final GarmentQuantities worn;

    TrunkHang(BodyFigure body, DressedFigure.Hang hang, GarmentQuantities worn) {
        this.body = body;
        this.hang = hang;
        this.worn = worn;
    }

    /**
     * Returns its form up to the nape.
     *
     * @param end height of its lower edge
     * @param beneath what it hangs over below the waist
     */
    Form form(double end, Form beneath) {
        Form bare = body.form();
        CrossSection chest = body.at(body.hasBust() ? "bust" : "armpit");
        double bust = chest.middle().y();
        double waist = Math.max(body.at("waist").middle().y(), worn.waistSeam(body));
        double neck = body.mark("neck-pit").orElseThrow().y();
        double pouch = worn.or("pouch", 0);
        double atWaist = out(worn.of("trunk-girth-waist"), body.at("waist").girth());
        Contour offs = offs(bust, waist, neck, atWaist, pouch > 0);
        double spring = out(worn.of("trunk-girth-hip"), beneath.girth(end));
        boolean loose = worn.of("trunk-girth-waist") - body.at("waist").girth() > LOOSE;
        Form.Maker maker = new Form.Maker();
        double top = body.mark("nape").orElseThrow().y();
        double[] plumb = {0, 0, -top, -top};
        for (int i = STEPS; i >= 0; i--) {
            double height = end + (top - end) * i / STEPS;
            if (height >= waist - 1 || end > waist - AT_WAIST) {
                double out = height > neck ? 0 : offs.at(height);
                double front = pouch > 0 && height > waist && height < bust
                        ? pouched(height, bust, waist, pouch)
                        : bare.fore().at(height);
                double[] reach = {
                    bare.right().at(height) + out,
                    bare.left().at(height) + out,
                    front + out,
                    bare.aft().at(height) + out
                };
                falls(reach, plumb, loose && height < bust);
                maker.sides(height, reach[0], reach[1]).depth(height, reach[2], reach[3]);
            } else {
                double down = (waist - height) / (waist - end);
                double out = atWaist * (1 - down) + spring * down;
                double[] reach = {
                    beneath.right().at(height) + out,
                    beneath.left().at(height) + out,
                    beneath.fore().at(height) + out,
                    beneath.aft().at(height) + out
                };
                falls(reach, plumb, loose);
                maker.sides(height, reach[0], reach[1]).depth(height, reach[2], reach[3]);
            }
        }
        return maker.made();
    }

    /** Loose cloth falls plumb from what stands out above it; close cloth follows the body. */
    private static void falls(double[] reach, double[] plumb, boolean loose) {
        for (int i = 0; i < reach.length; i++) {
            reach[i] = loose ? Math.max(reach[i], plumb[i]) : reach[i];
            plumb[i] = reach[i];
        }
    }

    /** How far the cloth stands off at each height. */
    private Contour offs(double bust, double waist, double neck, double atWaist, boolean pouches) {
        Map<Double, Double> off = new TreeMap<>();
        off.put(neck, 0.0);
        off.put(
                bust,
                out(
                        worn.of("trunk-girth-bust"),
                        body.at(body.hasBust() ? "bust" : "armpit").girth()));
        off.put(waist, atWaist);
        if (pouches) {
            off.put(
                    waist + (bust - waist) * POUCHES,
                    out(worn.of("trunk-girth-midriff"), body.at("under-bust").girth()));
        }
        return Contour.through(off);
    }

    /** Cloth that pouches does not follow the hollow beneath the bust: it falls straight and swells over the waist. */
    private double pouched(double height, double bust, double waist, double pouch) {
        Contour fore = body.form().fore();
        double up = (height - waist) / (bust - waist);
        double straight = fore.at(waist) + (fore.at(bust) - fore.at(waist)) * StrictMath.sqrt(up);
        return Math.max(fore.at(height), straight) + pouch * 0.5 * StrictMath.sin(Math.PI * StrictMath.sqrt(up));
    }

    /** Returns how far cloth stands off what it goes round; it cannot lie within. */
    private double out(double cloth, double beneath) {
        return Double.isNaN(cloth) ? 0 : hang.trunk() * Math.max(0, cloth - beneath) / (2 * Math.PI);
    }
}
