package org.soberhem.core.garment;

import java.util.ArrayList;
import java.util.List;

/**
 * Cloth laid in equal pleats so that it comes out exactly as wide as its band. Lengths in millimetres, measured from
 * the left as one looks at the right side.
 *
 * <p>A pleat shows a face and hides folds; each fold hides twice its depth. With n pleats: band = n × face and cloth =
 * band + n × folds × 2 × depth + what is set aside.
 *
 * @param style how the cloth is folded
 * @param towards to which side the folds of knife pleats point
 * @param cloth width of the cloth that is pleated
 * @param band width that it comes out as
 * @param count how many pleats
 * @param depth how deep each fold is
 * @param aside cloth left over, kept flat beside the pleats in the seam or the placket
 */
public record Pleating(Style style, Towards towards, double cloth, double band, int count, double depth, double aside) {

    /** Depths that are chosen by eye are measured in such steps, in millimetres: an eighth of an inch. */
    private static final double STEP = Inches.INCH / 8;

    /** Nobody folds more. */
    private static final int MOST = 5000;

    /** Ways of folding. */
    public enum Style {
        /** All folds point one way. */
        KNIFE(1, "knife pleats"),
        /** Two folds point away from each other and meet beneath. */
        BOX(2, "box pleats"),
        /** Two folds point at each other and meet on top. */
        INVERTED(2, "inverted pleats"),
        /** Box pleats with a second fold under each. */
        DOUBLE_BOX(4, "double box pleats"),
        /** Even running stitches drawn up to folds that stand on edge. */
        GAUGING(1, "gauging");

        private final int folds;
        private final String words;

        Style(int folds, String words) {
            this.folds = folds;
            this.words = words;
        }

        /** Returns how many folds one pleat hides. */
        public int folds() {
            return folds;
        }

        public String words() {
            return words;
        }
    }

    /** Sides to which a fold may point. */
    public enum Towards {
        LEFT,
        RIGHT
    }

    /**
     * A stretch of the cloth between two creases.
     *
     * @param length how long it is
     * @param direction 1 where it goes on to the right once laid, -1 where it goes back
     * @param layer 0 on top, greater beneath
     */
    public record Run(double length, int direction, int layer) {}

    /**
     * A fold to make.
     *
     * @param crease where the cloth is creased
     * @param to where the crease is laid
     */
    public record Fold(double crease, double to) {

        /** Returns the side to which it points. */
        public Towards towards() {
            return to > crease ? Towards.RIGHT : Towards.LEFT;
        }
    }

    public Pleating {
        if (!(band > 0) || !(cloth >= band)) {
            throw new SumException("Cloth to be pleated must be at least as wide as its band: {} into {}", cloth, band);
        }
        if (count < 1 || count > MOST) {
            throw new SumException("There must be 1 to {} pleats: {}", MOST, count);
        }
    }

    /**
     * Solves for a wished face: as many pleats as come nearest to it, all alike, everything used.
     *
     * @param face how much of a pleat shall show
     */
    public static Pleating byFace(Style style, Towards towards, double cloth, double band, double face) {
        int count = count(band / face);
        return spread(style, towards, cloth, band, count);
    }

    /**
     * Solves for a wished depth.
     *
     * @param depth how deep a fold shall be; of gauging, how long a stitch
     */
    public static Pleating byDepth(Style style, Towards towards, double cloth, double band, double depth) {
        double hidden = style == Style.GAUGING ? cloth : cloth - band;
        int count = count(hidden / (2 * style.folds * depth));
        return spread(style, towards, cloth, band, count);
    }

    private static int count(double about) {
        return (int) Math.max(1, Math.min(MOST + 1.0, Math.rint(about)));
    }

    private static Pleating spread(Style style, Towards towards, double cloth, double band, int count) {
        return new Pleating(style, towards, cloth, band, count, (cloth - band) / (2 * style.folds * count), 0);
    }

    /**
     * Returns the same number of pleats with their depth brought down to an eighth of an inch, and the rest set aside.
     */
    public Pleating settingAside() {
        double even = StrictMath.floor(depth / STEP + 1e-9) * STEP;
        return new Pleating(style, towards, cloth, band, count, even, cloth - band - 2.0 * style.folds * count * even);
    }

    /** Returns how much of a pleat shows: the distance from one pleat to the next. */
    public double face() {
        return band / count;
    }

    /** Returns how many layers of cloth lie on each other on average once it is laid, what is set aside left out. */
    public double layers() {
        return (cloth - aside) / band;
    }

    /** Returns how long the stitches of gauging are: each fold takes one over and one under the cloth. */
    public double stitch() {
        return cloth / (2 * count);
    }

    /** Returns the depth at which the hidden folds just meet beneath without overlapping. */
    public double meetingDepth() {
        return switch (style) {
            case KNIFE, GAUGING -> face();
            case BOX, INVERTED, DOUBLE_BOX -> face() / 2;
        };
    }

    /** Returns the stretches of the whole cloth in order, what is set aside left out. */
    public List<Run> runs() {
        List<Run> runs = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            pleat(runs);
        }
        return runs;
    }

    private void pleat(List<Run> runs) {
        double face = face();
        switch (style) {
            case KNIFE, GAUGING -> {
                if (towards == Towards.LEFT) {
                    hide(runs, 1, Towards.LEFT);
                }
                runs.add(new Run(face, 1, 0));
                if (towards == Towards.RIGHT) {
                    hide(runs, 1, Towards.RIGHT);
                }
            }
            case BOX, DOUBLE_BOX -> {
                hide(runs, style.folds / 2, Towards.LEFT);
                runs.add(new Run(face, 1, 0));
                hide(runs, style.folds / 2, Towards.RIGHT);
            }
            case INVERTED -> {
                runs.add(new Run(face / 2, 1, 0));
                hide(runs, 1, Towards.RIGHT);
                hide(runs, 1, Towards.LEFT);
                runs.add(new Run(face / 2, 1, 0));
            }
        }
    }

    /**
     * A fold that points right lies beneath what is to its left: the cloth goes back, then on again; one to the left is
     * its mirror image.
     */
    private void hide(List<Run> runs, int folds, Towards side) {
        for (int i = 0; i < folds; i++) {
            int first = side == Towards.RIGHT ? 2 * i + 1 : 2 * (folds - i);
            int second = side == Towards.RIGHT ? first + 1 : first - 1;
            runs.add(new Run(depth, side == Towards.RIGHT ? -1 : 1, first));
            runs.add(new Run(depth, side == Towards.RIGHT ? 1 : -1, second));
        }
    }

    /** Returns every fold to make, from the left; positions on the flat cloth beyond what is set aside. */
    public List<Fold> creases() {
        List<Fold> folds = new ArrayList<>();
        double at = aside;
        List<Run> runs = runs();
        for (int i = 0; i < runs.size(); i++) {
            Run run = runs.get(i);
            if (run.layer > 0) {
                // The two stretches of a fold: pointing right it is creased where it begins, pointing left where it
                // ends.
                folds.add(run.direction < 0 ? new Fold(at, at + 2 * depth) : new Fold(at + 2 * depth, at));
                at += 2 * depth;
                i++;
            } else {
                at += run.length;
            }
        }
        return folds;
    }
}
