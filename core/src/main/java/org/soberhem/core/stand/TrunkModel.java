package org.soberhem.core.stand;

import static org.soberhem.core.stand.Angles.COLUMNS;

import java.util.ArrayList;
import java.util.List;
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

    /** Rings of the trunk whose size, roundness and place can be turned. */
    private static final At[] TURNED = {
        At.FORK, At.HIP, At.HIGH_HIP, At.WAIST, At.RIBS, At.UNDER_BUST, At.BUST, At.ARMPIT, At.CHEST
    };

    private static final String[] LEVELS = {
        "hip", "hip", "high-hip", "waist", "waist", "under-bust", "armpit", "armpit", "armpit"
    };

    private final BodyFigure body;
    private final boolean bust;
    private final double scale;
    final Parameters parameters = new Parameters();

    private final int[] size = new int[At.values().length];
    private final int[] round = new int[At.values().length];
    private final int[] centre = new int[At.values().length];
    private final int fork;
    private final int hip;
    private final int highHip;
    private final int waist;
    private final int waistTilt;
    private final int underBust;
    private final int bustLevel;
    private final int armpit;
    private final int pit;
    private final int nape;
    private final int napeBack;
    private final int pitFore;
    private final int neckPoint;
    private final int neckOut;
    private final int shoulderLeft;
    private final int shoulderRight;
    private final int shoulderOut;
    private final int neckSize;
    private final int bustSize;
    private final int bustApart;
    private final int belly;
    private final int seat;
    private final int blades;
    private final int creaseFront;
    private final int creaseBack;

    /**
     * @param body usual proportions about what was read
     */
    TrunkModel(BodyFigure body) {
        this.body = body;
        this.bust = body.hasBust();
        this.scale = body.height() / 1680;
        Parameters p = parameters;
        for (At at : TURNED) {
            size[at.ordinal()] = p.add(0, at == At.RIBS || at == At.FORK ? 0.04 : 0.08);
            round[at.ordinal()] = p.add(0, 0.05);
            centre[at.ordinal()] = p.add(0, 6 * scale);
        }
        double spread = 10 * scale;
        fork = p.add(body.fork(), spread);
        hip = p.add(level("hip"), spread);
        highHip = p.add(level("high-hip"), spread);
        waist = p.add(level("waist"), spread);
        waistTilt = p.add(0, 5);
        underBust = p.add(level("under-bust"), spread);
        bustLevel = p.add(level("bust"), 15 * scale);
        armpit = p.add(level("armpit"), 15 * scale);
        Place npt = mark("neck-point-left");
        double root = npt.y();
        pit = p.add(root - 62 * scale, 8 * scale);
        nape = p.add(mark("nape").y(), 10 * scale);
        CrossSection neck = body.at("neck-base");
        napeBack = p.add(-neck.breadth() * 0.86, 6 * scale);
        pitFore = p.add(neck.breadth() * 0.9, 6 * scale);
        neckPoint = p.add(root, 8 * scale);
        neckOut = p.add(neck.breadth(), 5 * scale);
        Place shoulder = mark("shoulder-point-left");
        shoulderLeft = p.add(shoulder.y(), 12 * scale);
        shoulderRight = p.add(mark("shoulder-point").y(), 12 * scale);
        shoulderOut = p.add(Math.max(shoulder.x(), npt.x() + 60 * scale), 12 * scale);
        neckSize = p.add(0, 0.06);
        bustSize = p.add(bust ? usualBust() : 0, bust ? 22 * scale : 0.001);
        bustApart = p.add(usualApart(), 7 * scale);
        belly = p.add(0, 14 * scale);
        seat = p.add(15 * scale, 4 * scale);
        blades = p.add(7 * scale, 2 * scale);
        creaseFront = p.add(0.83, 0.05);
        creaseBack = p.add(0.9, 0.05);
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

    BodyFigure body() {
        return body;
    }

    /**
     * Returns how far neighbouring rings differ from an even course, in spreads: what is seen as a wave on a body.
     */
    double[] waves(double[] setting) {
        double[] waves = new double[2 * (TURNED.length - 2)];
        for (int i = 1; i < TURNED.length - 1; i++) {
            waves[2 * i - 2] = wave(setting, size, i) / 0.07;
            waves[2 * i - 1] = wave(setting, centre, i) / (8 * scale);
        }
        return waves;
    }

    private double wave(double[] setting, int[] places, int i) {
        return parameters.value(setting, places[TURNED[i - 1].ordinal()])
                - 2 * parameters.value(setting, places[TURNED[i].ordinal()])
                + parameters.value(setting, places[TURNED[i + 1].ordinal()]);
    }

    /** Returns the surface as a setting turns it. */
    TrunkSurface surface(double[] setting, boolean withHead, int spans) {
        return new Made(setting).surface(withHead, spans);
    }

    /** One setting's rings. */
    private final class Made {
        private final double[] u;

        Made(double[] setting) {
            this.u = setting;
        }

        private double of(int place) {
            return parameters.value(u, place);
        }

        TrunkSurface surface(boolean withHead, int spans) {
            double[] heights = heights();
            SurfaceGrid rings = new SurfaceGrid(withHead ? At.values().length + 2 : At.JAW.ordinal() + 1, COLUMNS);
            trunk(rings, heights);
            yoke(rings, heights);
            if (withHead) {
                head(rings);
            }
            SurfaceGrid surface = Loft.surface(rings, spans, At.NECK_TOP.ordinal(), HEAD_SPANS);
            TrunkLandmarks marks =
                    new TrunkLandmarks(heights, of(waistTilt), of(bustApart), of(creaseFront), of(creaseBack), spans);
            relief(surface, heights);
            if (withHead) {
                Loft.pole(surface, surface.rows() - 1);
            }
            return new TrunkSurface(surface, marks);
        }

        /** Heights of the trunk's levels, in their order whatever the setting. */
        private double[] heights() {
            double[] all = new double[At.values().length];
            double least = 12 * scale;
            double[] wanted = {of(fork), of(hip), of(highHip), of(waist), 0, of(underBust), of(bustLevel), of(armpit)};
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
                    Math.min(of(shoulderLeft), of(shoulderRight)) - 10 * scale, all[At.ARMPIT.ordinal()] + 30 * scale);
            all[At.CHEST.ordinal()] = all[At.ARMPIT.ordinal()] * 0.5 + top * 0.5;
            return all;
        }

        private void trunk(SurfaceGrid rings, double[] heights) {
            for (int i = 0; i < TURNED.length; i++) {
                At at = TURNED[i];
                int k = at.ordinal();
                Ring ring = ring(at, heights[k], usual(i));
                if (at == At.WAIST) {
                    double tilt = of(waistTilt);
                    ring = new Ring(
                            ring.breadth(), ring.depth(), ring.middle(), ring.forward(), ring.square(), new double[] {
                                heights[k] - tilt, heights[k], heights[k] + tilt, heights[k]
                            });
                }
                ring.into(rings, k);
            }
            double[] fork = usual(0);
            int k = At.THIGHS.ordinal();
            Ring below = ring(At.FORK, heights[k], fork);
            Ring.level(heights[k], below.breadth() * 0.97, below.depth() * 0.9, below.middle(), below.forward(), 0.03)
                    .into(rings, k);
        }

        /** Returns half breadth, half depth, z of the sides, forward and squareness that are usual at a turned ring. */
        private double[] usual(int i) {
            CrossSection section = body.at(LEVELS[i]);
            CrossSection under = body.at("under-bust");
            CrossSection high = body.at("armpit");
            double b = section.breadth();
            double d = section.depth();
            double z = section.middle().z();
            return switch (TURNED[i]) {
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
                    bust
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
            int k = at.ordinal();
            double larger = Math.max(0.3, 1 + of(size[k]));
            double rounder = Math.max(-0.6, Math.min(0.6, of(round[k])));
            double breadth = usual[0];
            if (at == At.CHEST) {
                breadth = breadth * 0.42 + of(shoulderOut) * 0.58;
            }
            return Ring.level(
                    height,
                    breadth * larger * (1 - rounder / 2),
                    usual[1] * larger * (1 + rounder / 2),
                    usual[2] + of(centre[k]),
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
            double out = Math.max(of(shoulderOut), of(neckOut) * 1.2);
            double neck = of(neckOut);
            double rootY = of(neckPoint);
            double lowest = chestHeight + 12 * scale;
            double left = Math.max(of(shoulderLeft), lowest);
            double right = Math.max(of(shoulderRight), lowest);
            double pitY = Math.max(of(pit), chestHeight + 14 * scale);
            double napeY = Math.max(of(nape), chestHeight + 22 * scale);
            double rootZ = sides - 2 * scale;
            double pitZ = rootZ + of(pitFore);
            double napeZ = rootZ + of(napeBack);
            yokeRing(
                            out,
                            between(chestFront, pitZ, 0.3),
                            between(chestBack, napeZ, 0.26),
                            sides - 2 * scale,
                            0.045,
                            new double[] {
                                left, between(chestHeight, pitY, 0.42), right, between(chestHeight, napeY, 0.42)
                            })
                    .into(rings, At.SHOULDER.ordinal());
            yokeRing(
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
            double girth = 1 + of(neckSize);
            double b = section.breadth() * girth;
            double d = section.depth() * girth;
            double chin = body.chin();
            double top = Math.max(chin - 6 * scale, rootY + 24 * scale);
            double lean = (pitZ + napeZ) / 2;
            yokeRing(b, lean + 6 * scale + d, lean + 10 * scale - d, lean + 7 * scale, 0, new double[] {
                        between(rootY, top, 0.48),
                        between(pitY, top, 0.55),
                        between(rootY, top, 0.48),
                        between(napeY, top, 0.5)
                    })
                    .into(rings, At.NECK.ordinal());
            yokeRing(neck, pitZ, napeZ, rootZ, 0, new double[] {rootY, pitY, rootY, napeY})
                    .into(rings, At.NECK_ROOT.ordinal());
            through(rings, At.NECK_ROOT.ordinal());
            double hh = body.height() - chin;
            yokeRing(b, lean + 15 * scale + d, lean + 20 * scale - d, lean + 18 * scale, 0, new double[] {
                        top + hh * 0.1, top - hh * 0.02, top + hh * 0.1, top + hh * 0.2
                    })
                    .into(rings, At.NECK_TOP.ordinal());
            // Without a head the neck ends a little higher.
            yokeRing(b, lean + 24 * scale + d, lean + 30 * scale - d, lean + 28 * scale, 0, new double[] {
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

        private Ring yokeRing(
                double breadth, double front, double back, double sides, double square, double[] heights) {
            return new Ring(breadth, (front - back) / 2, sides, (front + back) / 2 - sides, square, heights);
        }

        private void head(SurfaceGrid rings) {
            double chin = Math.max(body.chin(), of(neckPoint) + 30 * scale);
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

        private void headRings(SurfaceGrid rings, double chin, double tall, double b, double lean) {
            double d = b * 1.25;
            headRing(rings, At.JAW, chin, tall, 0.84 * b, lean + 0.9 * d, lean - 0.74 * d, new double[] {0.17, 0.03, 0.3
            });
            headRing(rings, At.CHEEKS, chin, tall, 1.02 * b, lean + 1.02 * d, lean - 1.03 * d, new double[] {
                0.42, 0.36, 0.5
            });
            headRing(rings, At.BROW, chin, tall, 1.08 * b, lean + 1.0 * d, lean - 1.14 * d, new double[] {
                0.73, 0.73, 0.74
            });
            headRing(rings, At.CROWN, chin, tall, 0.7 * b, lean + 0.62 * d, lean - 0.76 * d, new double[] {
                0.975, 0.965, 0.96
            });
        }

        /** Returns the girth of the surface at the brow. */
        private double headGirth(SurfaceGrid rings) {
            int row = At.BROW.ordinal();
            List<Place> round = new ArrayList<>();
            for (int i = 0; i < COLUMNS; i++) {
                Place beside = TrunkSurface.mix(rings.place(row - 1, i), rings.place(row + 1, i), 0.5);
                round.add(TrunkSurface.mix(rings.place(row, i), beside, 1 / 3.0));
            }
            return new TapeRun(round, true).length();
        }

        private void headRing(
                SurfaceGrid rings,
                At at,
                double chin,
                double hh,
                double b,
                double front,
                double back,
                double[] shares) {
            double side = chin + shares[0] * hh;
            yokeRing(b, front, back, (front + back) / 2, 0.01, new double[] {
                        side, chin + shares[1] * hh, side, chin + shares[2] * hh
                    })
                    .into(rings, at.ordinal());
        }

        /** Bust, belly, seat and blades stand out from the rings. */
        private void relief(SurfaceGrid surface, double[] heights) {
            double waistY = heights[At.WAIST.ordinal()];
            double hipY = heights[At.HIP.ordinal()];
            double bustY = heights[At.BUST.ordinal()];
            double armpitY = heights[At.ARMPIT.ordinal()];
            double breadth = body.at("waist").breadth();
            double high = Math.max(0, of(bustSize));
            double wide = 40 * scale + high * 0.4;
            Relief breasts = new Relief(1, bustY, of(bustApart), high, wide * 1.06, wide * 1.25, wide * 0.95, 0.2);
            double bellyY = hipY + (waistY - hipY) * 0.62;
            Relief front = new Relief(
                    1, bellyY, 0, of(belly), breadth * 0.95, (waistY - hipY) * 0.75, (waistY - hipY) * 0.75, 0);
            Relief behind = new Relief(
                    -1,
                    hipY + 8 * scale,
                    body.at("hip").breadth() * 0.42,
                    of(seat),
                    88 * scale,
                    95 * scale,
                    42 * scale,
                    0.1);
            Relief shoulderBlades = new Relief(
                    -1,
                    armpitY + 12 * scale,
                    body.at("armpit").breadth() * 0.5,
                    of(blades),
                    62 * scale,
                    85 * scale,
                    95 * scale,
                    0);
            if (bust) {
                breasts.raise(surface);
            }
            front.raise(surface);
            behind.raise(surface);
            shoulderBlades.raise(surface);
        }
    }

    private static double between(double from, double to, double share) {
        return from + (to - from) * share;
    }
}
