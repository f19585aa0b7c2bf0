package org.soberhem.core.stand;

import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.stand.TrunkModel.At;

/** What stands out from a trunk's rings. Sizes beside the body's, from memory. */
final class TrunkReliefs {

    private TrunkReliefs() {}

    /** Bust, belly, seat and blades stand out from the rings. */
    static void raise(
            SurfaceGrid surface, BodyFigure body, double scale, TrunkModel.Setting setting, TrunkLandmarks marks) {
        double waistY = marks.height(At.WAIST);
        double hipY = marks.height(At.HIP);
        double bustY = marks.height(At.BUST);
        double armpitY = marks.height(At.ARMPIT);
        double breadth = body.at("waist").breadth();
        double high = Math.max(0, setting.of(TrunkTurn.BUST_SIZE));
        double wide = 40 * scale + high * 0.4;
        Relief breasts = new Relief(
                1, bustY, setting.of(TrunkTurn.BUST_APART), high, wide * 1.06, wide * 1.25, wide * 0.95, 0.2);
        double bellyY = hipY + (waistY - hipY) * 0.62;
        Relief front = new Relief(
                1,
                bellyY,
                0,
                setting.of(TrunkTurn.BELLY),
                breadth * 0.95,
                (waistY - hipY) * 0.75,
                (waistY - hipY) * 0.75,
                0);
        Relief behind = new Relief(
                -1,
                hipY + 8 * scale,
                body.at("hip").breadth() * 0.42,
                setting.of(TrunkTurn.SEAT),
                88 * scale,
                95 * scale,
                42 * scale,
                0.1);
        Relief shoulderBlades = new Relief(
                -1,
                armpitY + 12 * scale,
                body.at("armpit").breadth() * 0.5,
                setting.of(TrunkTurn.BLADES),
                62 * scale,
                85 * scale,
                95 * scale,
                0);
        if (body.hasBust()) {
            breasts.raise(surface);
        }
        front.raise(surface);
        behind.raise(surface);
        shoulderBlades.raise(surface);
    }
}
