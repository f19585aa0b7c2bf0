package org.soberhem.core.stand;

import static org.soberhem.core.stand.Angles.COLUMNS;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.Place;
import org.soberhem.core.stand.TrunkModel.At;

/** The control rings of a head without a face: a block that a hood or a cap is fitted on. */
final class HeadRings {

    private final BodyFigure body;
    private final double scale;

    HeadRings(BodyFigure body, double scale) {
        this.body = body;
        this.scale = scale;
    }

    /** Puts them above the neck, as round as the head was read. */
    void into(SurfaceGrid rings, double neckPoint) {
        double chin = Math.max(body.chin(), neckPoint + 30 * scale);
        double tall = Math.max(60 * scale, body.height() - chin);
        double lean = rings.z(At.NECK_TOP.ordinal(), Angles.LEFT) + 8 * scale;
        double about = body.headGirth() / 7;
        headRings(rings, chin, tall, about, lean);
        // All of it grows with its breadth, and so does its girth.
        headRings(rings, chin, tall, about * body.headGirth() / headGirth(rings), lean);
        int crown = At.CROWN.ordinal();
        double middle = (rings.z(crown, Angles.FRONT) + rings.z(crown, Angles.BACK)) / 2;
        double below = (rings.y(crown, Angles.LEFT) + rings.y(crown, Angles.FRONT)) / 2;
        double pole = (6 * body.height() - 2 * below) / 4;
        for (int i = 0; i < COLUMNS; i++) {
            rings.put(crown + 1, i, 0, pole, middle);
            int over = (i + COLUMNS / 2) % COLUMNS;
            rings.put(crown + 2, i, rings.x(crown, over), rings.y(crown, over), rings.z(crown, over));
        }
    }

    private static void headRings(SurfaceGrid rings, double chin, double tall, double b, double lean) {
        double d = b * 1.25;
        headRing(rings, At.JAW, chin, tall, 0.84 * b, lean + 0.9 * d, lean - 0.74 * d, new double[] {0.17, 0.03, 0.3});
        headRing(rings, At.CHEEKS, chin, tall, 1.02 * b, lean + 1.02 * d, lean - 1.03 * d, new double[] {0.42, 0.36, 0.5
        });
        headRing(
                rings, At.BROW, chin, tall, 1.08 * b, lean + 1.0 * d, lean - 1.14 * d, new double[] {0.73, 0.73, 0.74});
        headRing(
                rings, At.CROWN, chin, tall, 0.7 * b, lean + 0.62 * d, lean - 0.76 * d, new double[] {0.975, 0.965, 0.96
                });
    }

    /** Returns the girth of the surface at the brow. */
    private static double headGirth(SurfaceGrid rings) {
        int row = At.BROW.ordinal();
        List<Place> round = new ArrayList<>();
        for (int i = 0; i < COLUMNS; i++) {
            Place beside = TrunkSurface.mix(rings.place(row - 1, i), rings.place(row + 1, i), 0.5);
            round.add(TrunkSurface.mix(rings.place(row, i), beside, 1 / 3.0));
        }
        return new TapeRun(round, true).length();
    }

    private static void headRing(
            SurfaceGrid rings, At at, double chin, double hh, double b, double front, double back, double[] shares) {
        double side = chin + shares[0] * hh;
        Ring.between(b, front, back, (front + back) / 2, 0.01, new double[] {
                    side, chin + shares[1] * hh, side, chin + shares[2] * hh
                })
                .into(rings, at.ordinal());
    }
}
