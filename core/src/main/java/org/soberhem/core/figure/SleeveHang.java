package org.soberhem.core.figure;

import java.util.TreeMap;

/** Hangs a sleeve on an arm. */
final class SleeveHang {

    /** A sleeve reaches over the wrist by so much of the arm at most. */
    private static final double LONGEST = 1.08;

    /** A cap that is longer than its arm-hole by no more than this lies smooth. */
    private static final double SMOOTH_CAP = 1.12;

    private static final double HIGHEST = 110;

    private final DressedFigure.Hang hang;

    SleeveHang(DressedFigure.Hang hang) {
        this.hang = hang;
    }

    DressedFigure.Sleeve sleeve(BodyFigure body, GarmentQuantities worn) {
        CrossSection upper = body.at("upper-arm");
        CrossSection elbow = body.at("elbow");
        CrossSection wrist = body.at("wrist");
        ArmAxis axis = new ArmAxis(body, 1);
        double end = Math.min(LONGEST, worn.or("sleeve-length", axis.length()) / axis.length());
        double cap = Math.max(0, worn.or("cap-fullness-ratio", 1) - SMOOTH_CAP);
        double atUpper = upper.breadth() + spread(worn.of("sleeve-girth-upper-arm"), upper);
        double atElbow =
                elbow.breadth() + spread(worn.or("sleeve-girth-elbow", worn.of("sleeve-girth-upper-arm")), elbow);
        CrossSection last = end > 0.8 ? wrist : end > 0.45 ? elbow : upper;
        double atEnd = last.breadth() + spread(worn.or("sleeve-girth-end", worn.of("sleeve-girth-elbow")), last);
        TreeMap<Double, Double> knots = new TreeMap<>();
        knots.put(0.0, upper.breadth() * 0.75 + (atUpper - upper.breadth()) * Math.min(1, cap * 1.6));
        knots.put(0.2, atUpper);
        if (end > 0.7) {
            knots.put(axis.share("elbow"), atElbow);
            // Fullness drops and lies on the cuff.
            knots.put(end * 0.9, atEnd + Math.max(0, atElbow - elbow.breadth() * 1.25) * 0.75);
        }
        knots.put(end, atEnd);
        return new DressedFigure.Sleeve(Contour.through(knots), end, Math.min(HIGHEST, cap * 150));
    }

    private double spread(double cloth, CrossSection arm) {
        return Double.isNaN(cloth) ? 0 : hang.sleeve() * Math.max(0, cloth - arm.girth()) / (2 * Math.PI);
    }
}
