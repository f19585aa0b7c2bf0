package org.soberhem.core.stand;

import static org.soberhem.core.stand.Angles.COLUMNS;

import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.CrossSection;
import org.soberhem.core.stand.TrunkModel.At;

/** The control rings of a trunk and neck as one setting turns them. */
final class TrunkRings {

    /** Levels of the usual body that the turned rings are like, in their order. */
    private static final String[] LEVELS = {
        "hip", "hip", "high-hip", "waist", "waist", "under-bust", "armpit", "armpit", "armpit"
    };

    private final BodyFigure body;
    private final double scale;
    private final TrunkModel.Setting setting;

    TrunkRings(BodyFigure body, double scale, TrunkModel.Setting setting) {
        this.body = body;
        this.scale = scale;
        this.setting = setting;
    }

    /** Returns them from below the fork to the crown; without a head to a little above the neck. */
    SurfaceGrid rings(boolean withHead) {
        double[] heights = heights();
        SurfaceGrid rings = new SurfaceGrid(withHead ? At.values().length + 2 : At.JAW.ordinal() + 1, COLUMNS);
        trunk(rings, heights);
        yoke(rings, heights);
        if (withHead) {
            new HeadRings(body, scale).into(rings, setting.of(TrunkTurn.NECK_POINT_LEVEL));
        }
        return rings;
    }

    /** Heights of the trunk's levels, in their order whatever the setting. */
    double[] heights() {
        double[] all = new double[At.values().length];
        double least = 12 * scale;
        double[] wanted = {
            setting.of(TrunkTurn.FORK_LEVEL),
            setting.of(TrunkTurn.HIP_LEVEL),
            setting.of(TrunkTurn.HIGH_HIP_LEVEL),
            setting.of(TrunkTurn.WAIST_LEVEL),
            0,
            setting.of(TrunkTurn.UNDER_BUST_LEVEL),
            setting.of(TrunkTurn.BUST_LEVEL),
            setting.of(TrunkTurn.ARMPIT_LEVEL)
        };
        double below = wanted[0];
        all[At.FORK.ordinal()] = below;
        all[At.THIGHS.ordinal()] = below - 70 * scale;
        for (int i = 1; i < wanted.length; i++) {
            At at = At.values()[At.FORK.ordinal() + i];
            if (at == At.RIBS) {
                continue;
            }
            below = Math.max(wanted[i], below + (at == At.UNDER_BUST ? 2 : 1) * least);
            all[at.ordinal()] = below;
        }
        all[At.RIBS.ordinal()] = all[At.WAIST.ordinal()] * 0.5 + all[At.UNDER_BUST.ordinal()] * 0.5;
        double top = Math.max(
                Math.min(setting.of(TrunkTurn.LEFT_SHOULDER_LEVEL), setting.of(TrunkTurn.RIGHT_SHOULDER_LEVEL))
                        - 10 * scale,
                all[At.ARMPIT.ordinal()] + 30 * scale);
        all[At.CHEST.ordinal()] = all[At.ARMPIT.ordinal()] * 0.5 + top * 0.5;
        return all;
    }

    private void trunk(SurfaceGrid rings, double[] heights) {
        for (int i = 0; i < TrunkModel.TURNED.length; i++) {
            At at = TrunkModel.TURNED[i];
            int k = at.ordinal();
            Ring ring = ring(at, heights[k], usual(at, LEVELS[i]));
            if (at == At.WAIST) {
                double tilt = setting.of(TrunkTurn.WAIST_TILT);
                ring = new Ring(
                        ring.breadth(), ring.depth(), ring.middle(), ring.forward(), ring.square(), new double[] {
                            heights[k] - tilt, heights[k], heights[k] + tilt, heights[k]
                        });
            }
            ring.into(rings, k);
        }
        double[] fork = usual(At.FORK, LEVELS[0]);
        int k = At.THIGHS.ordinal();
        Ring below = ring(At.FORK, heights[k], fork);
        Ring.level(heights[k], below.breadth() * 0.97, below.depth() * 0.9, below.middle(), below.forward(), 0.03)
                .into(rings, k);
    }

    /** Returns half breadth, half depth, z of the sides, forward and squareness that are usual at a turned ring. */
    private double[] usual(At at, String level) {
        CrossSection section = body.at(level);
        CrossSection under = body.at("under-bust");
        double b = section.breadth();
        double d = section.depth();
        double z = section.middle().z();
        return switch (at) {
            case FORK -> new double[] {b * 0.96, d * 0.9, z - 2 * scale, 0, 0.03};
            case HIP -> new double[] {b * 0.99, d * 0.97, z, -2 * scale, 0.02};
            case HIGH_HIP -> new double[] {b, d * 0.98, z, 2 * scale, 0.02};
            case WAIST -> new double[] {b * 0.98, d * 0.97, z, 3 * scale, 0.025};
            case RIBS ->
                new double[] {
                    (b + under.breadth()) / 2,
                    (d + under.depth()) / 2,
                    (z + under.middle().z()) / 2,
                    4 * scale,
                    0.03
                };
            case UNDER_BUST -> new double[] {b, d, z, 3 * scale, 0.04};
            case BUST ->
                body.hasBust()
                        ? new double[] {
                            under.breadth() * 0.45 + b * 0.55,
                            under.depth() * 0.45 + d * 0.5,
                            (under.middle().z() + z) / 2,
                            0,
                            0.05
                        }
                        : new double[] {b * 0.99, d, z, 2 * scale, 0.05};
            case ARMPIT -> new double[] {b, d * 0.96, z - 4 * scale, 0, 0.055};
            default -> new double[] {b, d * 0.86, z - 8 * scale, -2 * scale, 0.06};
        };
    }

    private Ring ring(At at, double height, double[] usual) {
        double larger = Math.max(0.3, 1 + setting.size(at));
        double rounder = Math.max(-0.6, Math.min(0.6, setting.roundness(at)));
        double breadth = usual[0];
        if (at == At.CHEST) {
            breadth = breadth * 0.42 + setting.of(TrunkTurn.SHOULDER_OUT) * 0.58;
        }
        return Ring.level(
                height,
                breadth * larger * (1 - rounder / 2),
                usual[1] * larger * (1 + rounder / 2),
                usual[2] + setting.forward(at),
                usual[3],
                usual[4]);
    }

    /** Shoulders and neck: rings through landmarks. */
    private void yoke(SurfaceGrid rings, double[] heights) {
        double chestHeight = heights[At.CHEST.ordinal()];
        int chest = At.CHEST.ordinal();
        double chestFront = rings.z(chest, Angles.FRONT);
        double chestBack = rings.z(chest, Angles.BACK);
        double sides = rings.z(chest, Angles.LEFT);
        double out = Math.max(setting.of(TrunkTurn.SHOULDER_OUT), setting.of(TrunkTurn.NECK_OUT) * 1.2);
        double neck = setting.of(TrunkTurn.NECK_OUT);
        double rootY = setting.of(TrunkTurn.NECK_POINT_LEVEL);
        double lowest = chestHeight + 12 * scale;
        double left = Math.max(setting.of(TrunkTurn.LEFT_SHOULDER_LEVEL), lowest);
        double right = Math.max(setting.of(TrunkTurn.RIGHT_SHOULDER_LEVEL), lowest);
        double pitY = Math.max(setting.of(TrunkTurn.PIT_LEVEL), chestHeight + 14 * scale);
        double napeY = Math.max(setting.of(TrunkTurn.NAPE_LEVEL), chestHeight + 22 * scale);
        double rootZ = sides - 2 * scale;
        double pitZ = rootZ + setting.of(TrunkTurn.PIT_FORE);
        double napeZ = rootZ + setting.of(TrunkTurn.NAPE_BACK);
        Ring.between(
                        out,
                        between(chestFront, pitZ, 0.3),
                        between(chestBack, napeZ, 0.26),
                        sides - 2 * scale,
                        0.045,
                        new double[] {left, between(chestHeight, pitY, 0.42), right, between(chestHeight, napeY, 0.42)})
                .into(rings, At.SHOULDER.ordinal());
        Ring.between(
                        (out + neck) / 2,
                        between(chestFront, pitZ, 0.7),
                        between(chestBack, napeZ, 0.62),
                        (sides + rootZ) / 2 - 1 * scale,
                        0.02,
                        new double[] {
                            (left + rootY) / 2,
                            between(chestHeight, pitY, 0.78),
                            (right + rootY) / 2,
                            between(chestHeight, napeY, 0.78)
                        })
                .into(rings, At.SHOULDER_HALF.ordinal());
        CrossSection section = body.at("neck-mid");
        double girth = 1 + setting.of(TrunkTurn.NECK_SIZE);
        double b = section.breadth() * girth;
        double d = section.depth() * girth;
        double chin = body.chin();
        double top = Math.max(chin - 6 * scale, rootY + 24 * scale);
        double lean = (pitZ + napeZ) / 2;
        Ring.between(b, lean + 6 * scale + d, lean + 10 * scale - d, lean + 7 * scale, 0, new double[] {
                    between(rootY, top, 0.48),
                    between(pitY, top, 0.55),
                    between(rootY, top, 0.48),
                    between(napeY, top, 0.5)
                })
                .into(rings, At.NECK.ordinal());
        Ring.between(neck, pitZ, napeZ, rootZ, 0, new double[] {rootY, pitY, rootY, napeY})
                .into(rings, At.NECK_ROOT.ordinal());
        through(rings, At.NECK_ROOT.ordinal());
        double hh = body.height() - chin;
        Ring.between(b, lean + 15 * scale + d, lean + 20 * scale - d, lean + 18 * scale, 0, new double[] {
                    top + hh * 0.1, top - hh * 0.02, top + hh * 0.1, top + hh * 0.2
                })
                .into(rings, At.NECK_TOP.ordinal());
        // Without a head the neck ends a little higher.
        Ring.between(b, lean + 24 * scale + d, lean + 30 * scale - d, lean + 28 * scale, 0, new double[] {
                    top + hh * 0.26, top + hh * 0.14, top + hh * 0.26, top + hh * 0.38
                })
                .into(rings, At.JAW.ordinal());
    }

    /** Turns a ring that the surface shall pass through into the one that makes it do so. */
    private void through(SurfaceGrid rings, int row) {
        int width = 3 * COLUMNS;
        double[] at = rings.at();
        for (int i = row * width; i < (row + 1) * width; i++) {
            at[i] = (6 * at[i] - at[i - width] - at[i + width]) / 4;
        }
    }

    private static double between(double from, double to, double share) {
        return from + (to - from) * share;
    }
}
