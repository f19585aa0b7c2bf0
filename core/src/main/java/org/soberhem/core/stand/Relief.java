package org.soberhem.core.stand;

/**
 * Two mounds, mirrored at the middle, that stand out from a surface: products of a bell across and a bell up and down
 * whose exponent is a little above two, so that they are smooth to the second order, with neither cone nor egg.
 *
 * @param front 1 in front, -1 behind
 * @param height of their points, millimetres
 * @param out of their points from the middle
 * @param high how far they stand out
 * @param across how wide: there a mound has fallen to about a third
 * @param above the same upwards
 * @param below the same downwards
 * @param apart how far they turn outwards, as a share of what they stand out
 */
record Relief(
        int front, double height, double out, double high, double across, double above, double below, double apart) {

    private static final double REACH = 2.2;

    /** The bell is looked up: between two of so many steps it is straight within a ten-millionth. */
    private static final int STEPS = 4096;

    private static final double[] BELL = bells();

    void raise(SurfaceGrid surface) {
        if (high == 0) {
            return;
        }
        for (int row = 0; row < surface.rows(); row++) {
            for (int column = 0; column < surface.columns(); column++) {
                int i = surface.index(row, column);
                double facing = front * Angles.SIN[column];
                double up = surface.at()[i + 1] - height;
                if (facing <= 0 || up > REACH * above || up < -REACH * below) {
                    continue;
                }
                double x = surface.at()[i];
                double beside = out == 0 ? x / across : (Math.abs(x) - out) / across;
                if (Math.abs(beside) > REACH) {
                    continue;
                }
                double bell = bell(beside) * bell(up / (up > 0 ? above : below)) * Smooth.step(facing / 0.55);
                double outward = out == 0 ? 0 : apart * Math.max(-1.5, Math.min(1.5, x / out));
                surface.at()[i] += high * bell * outward;
                surface.at()[i + 2] += front * high * bell;
            }
        }
    }

    /** 1 at the point, about a third at 1, and nothing, smoothly, at the reach. */
    private static double bell(double t) {
        double at = Math.abs(t) / REACH * STEPS;
        int below = (int) at;
        return below >= STEPS ? 0 : BELL[below] + (at - below) * (BELL[below + 1] - BELL[below]);
    }

    private static double[] bells() {
        double[] bells = new double[STEPS + 1];
        for (int i = 0; i < STEPS; i++) {
            double far = REACH * i / STEPS;
            double fade = 1 - far * far / (REACH * REACH);
            bells[i] = StrictMath.exp(-far * far * Math.sqrt(Math.sqrt(far))) * fade * fade * fade;
        }
        return bells;
    }
}
