package org.soberhem.core.stand;

import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.CrossSection;
import org.soberhem.core.figure.Place;

/**
 * How a body's trunk, neck and head are put together of control rings, and by what they can be turned. Usual values are
 * those of the wearer's own build and height; spreads from memory.
 */
final class TrunkModel {

    /** Rows between two rings of the head: nothing is fitted there. */
    static final int HEAD_SPANS = 4;

    /** Control rings from below the fork to the crown, in their order. */
    enum At {
        THIGHS,
        FORK,
        HIP,
        HIGH_HIP,
        WAIST,
        RIBS,
        UNDER_BUST,
        BUST,
        ARMPIT,
        CHEST,
        SHOULDER,
        SHOULDER_HALF,
        NECK_ROOT,
        NECK,
        NECK_TOP,
        JAW,
        CHEEKS,
        BROW,
        CROWN
    }

    /** Rings of the trunk, one after the other, whose size, roundness and place can be turned. */
    static final At[] TURNED = {
        At.FORK, At.HIP, At.HIGH_HIP, At.WAIST, At.RIBS, At.UNDER_BUST, At.BUST, At.ARMPIT, At.CHEST
    };

    /** So many numbers are a setting. */
    static final int SIZE = 3 * TURNED.length + TrunkTurn.values().length;

    private final BodyFigure body;
    private final boolean bust;
    private final double scale;
    private final double[] usual = new double[SIZE];
    private final double[] spread = new double[SIZE];

    /**
     * @param body usual proportions about what was read
     */
    TrunkModel(BodyFigure body) {
        this.body = body;
        this.bust = body.hasBust();
        this.scale = body.height() / 1680;
        for (int i = 0; i < TURNED.length; i++) {
            boolean between = TURNED[i] == At.RIBS || TURNED[i] == At.FORK;
            usual(3 * i, 0, between ? 0.04 : 0.08);
            usual(3 * i + 1, 0, 0.05);
            usual(3 * i + 2, 0, 6 * scale);
        }
        double spread = 10 * scale;
        usual(TrunkTurn.FORK_LEVEL, body.fork(), spread);
        usual(TrunkTurn.HIP_LEVEL, level("hip"), spread);
        usual(TrunkTurn.HIGH_HIP_LEVEL, level("high-hip"), spread);
        usual(TrunkTurn.WAIST_LEVEL, level("waist"), spread);
        usual(TrunkTurn.WAIST_TILT, 0, 5);
        usual(TrunkTurn.UNDER_BUST_LEVEL, level("under-bust"), spread);
        usual(TrunkTurn.BUST_LEVEL, level("bust"), 15 * scale);
        usual(TrunkTurn.ARMPIT_LEVEL, level("armpit"), 15 * scale);
        Place npt = mark("neck-point-left");
        double root = npt.y();
        usual(TrunkTurn.PIT_LEVEL, root - 62 * scale, 8 * scale);
        usual(TrunkTurn.NAPE_LEVEL, mark("nape").y(), 10 * scale);
        CrossSection neck = body.at("neck-base");
        usual(TrunkTurn.NAPE_BACK, -neck.breadth() * 0.86, 6 * scale);
        usual(TrunkTurn.PIT_FORE, neck.breadth() * 0.9, 6 * scale);
        usual(TrunkTurn.NECK_POINT_LEVEL, root, 8 * scale);
        usual(TrunkTurn.NECK_OUT, neck.breadth(), 5 * scale);
        Place shoulder = mark("shoulder-point-left");
        usual(TrunkTurn.LEFT_SHOULDER_LEVEL, shoulder.y(), 12 * scale);
        usual(TrunkTurn.RIGHT_SHOULDER_LEVEL, mark("shoulder-point").y(), 12 * scale);
        usual(TrunkTurn.SHOULDER_OUT, Math.max(shoulder.x(), npt.x() + 60 * scale), 12 * scale);
        usual(TrunkTurn.NECK_SIZE, 0, 0.06);
        usual(TrunkTurn.BUST_SIZE, bust ? usualBust() : 0, bust ? 22 * scale : 0.001);
        usual(TrunkTurn.BUST_APART, usualApart(), 7 * scale);
        usual(TrunkTurn.BELLY, 0, 14 * scale);
        usual(TrunkTurn.SEAT, 15 * scale, 4 * scale);
        usual(TrunkTurn.BLADES, 7 * scale, 2 * scale);
        usual(TrunkTurn.CREASE_FRONT, 0.83, 0.05);
        usual(TrunkTurn.CREASE_BACK, 0.9, 0.05);
    }

    private void usual(TrunkTurn turn, double value, double spreadOfBodies) {
        usual(3 * TURNED.length + turn.ordinal(), value, spreadOfBodies);
    }

    private void usual(int place, double value, double spreadOfBodies) {
        usual[place] = value;
        spread[place] = spreadOfBodies;
    }

    private double usualBust() {
        double over = body.at("bust").girth()
                - (body.at("under-bust").girth() + body.at("armpit").girth()) / 2;
        return Math.max(15 * scale, 36 * scale + over * 0.35);
    }

    private double usualApart() {
        return Math.abs(mark("bust-point").x()) * (bust ? 1 : 0.9);
    }

    private double level(String name) {
        return body.at(name).middle().y();
    }

    private Place mark(String name) {
        return body.mark(name).orElseThrow();
    }

    /** Returns the body about whose readings it is usual. */
    BodyFigure body() {
        return body;
    }

    /**
     * What a trunk is turned to. A setting is told in spreads from the usual: 0 is usual, 1 no more than common.
     *
     * @param model whose usual values they are
     * @param turned three for each turned ring, then one for each {@link TrunkTurn}
     */
    record Setting(TrunkModel model, double[] turned) {

        double of(TrunkTurn turn) {
            return value(3 * TURNED.length + turn.ordinal());
        }

        /** Returns by how much a ring is larger than usual, as a share. */
        double size(At ring) {
            return value(3 * place(ring));
        }

        /** Returns by how much a ring is deeper beside its breadth than usual, as a share. */
        double roundness(At ring) {
            return value(3 * place(ring) + 1);
        }

        /** Returns how far a ring lies before where it usually does, millimetres. */
        double forward(At ring) {
            return value(3 * place(ring) + 2);
        }

        private static int place(At ring) {
            return ring.ordinal() - TURNED[0].ordinal();
        }

        private double value(int place) {
            return model.usual[place] + turned[place] * model.spread[place];
        }
    }

    /**
     * Returns how far neighbouring rings differ from an even course, in spreads: what is seen as a wave on a body.
     */
    double[] waves(double[] turned) {
        Setting setting = new Setting(this, turned);
        double[] waves = new double[2 * (TURNED.length - 2)];
        for (int i = 1; i < TURNED.length - 1; i++) {
            At below = TURNED[i - 1];
            At at = TURNED[i];
            At above = TURNED[i + 1];
            waves[2 * i - 2] = (setting.size(below) - 2 * setting.size(at) + setting.size(above)) / 0.07;
            waves[2 * i - 1] =
                    (setting.forward(below) - 2 * setting.forward(at) + setting.forward(above)) / (8 * scale);
        }
        return waves;
    }

    /** Returns the surface as a setting turns it. */
    TrunkSurface surface(double[] turned, boolean withHead, int spans) {
        Setting setting = new Setting(this, turned);
        TrunkRings trunk = new TrunkRings(body, scale, setting);
        SurfaceGrid rings = trunk.rings(withHead);
        SurfaceGrid surface = Loft.surface(rings, spans, At.NECK_TOP.ordinal(), HEAD_SPANS);
        TrunkLandmarks marks = new TrunkLandmarks(
                trunk.heights(),
                setting.of(TrunkTurn.WAIST_TILT),
                setting.of(TrunkTurn.BUST_APART),
                setting.of(TrunkTurn.CREASE_FRONT),
                setting.of(TrunkTurn.CREASE_BACK),
                spans);
        TrunkReliefs.raise(surface, body, scale, setting, marks);
        if (withHead) {
            Loft.pole(surface, surface.rows() - 1);
        }
        return new TrunkSurface(surface, marks);
    }
}
