package org.soberhem.core.trace;

import java.util.Map;
import java.util.Optional;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Role;

/** Says where the places of a piece lie at any size: by its stations, its neck, its shoulder and its cap. */
final class PlaceFormulas {

    /** A level this near to the end of a limb is its end, in millimetres. */
    private static final double NEAR = 3;

    /** A level this far below the arm-hole holds what lies beneath, in millimetres. */
    private static final double ROOM = 20;

    private final ScalingAmounts scale;
    private final Map<String, Map<String, SheetPlan.SolvePlan>> solves;
    private final SeamTruing truing;

    PlaceFormulas(ScalingAmounts scale, Map<String, Map<String, SheetPlan.SolvePlan>> solves, SeamTruing truing) {
        this.scale = scale;
        this.solves = solves;
        this.truing = truing;
    }

    /**
     * Where the places of a piece lie: the neck with the neck point, the shoulder from there, the rest between heights.
     */
    PiecePlanner.Placing of(PaperPiece piece) {
        if (PaperPattern.isLimb(piece)) {
            return limb(piece);
        }
        Stations stations = new Stations(scale.longer(), piece.centred());
        Optional<Point> neck = PaperPattern.neckPoint(piece);
        neck.ifPresent(at -> scale.amounts().put(topName(piece), topAt(piece)));
        PaperPattern.tip(piece).ifPresent(tip -> shoulder(piece, neck, tip, stations));
        PaperPattern.underarm(piece).ifPresent(at -> {
            String depth = piece.name() + "-depth";
            stations.add(
                    at.y(),
                    solves.get(piece.name()).containsKey(depth) ? depth : scale.natural(piece, at.y()),
                    scale.wide("bust"));
        });
        nape(piece, stations);
        piece.levels().forEach((level, y) -> level(piece, level, y, stations));
        hem(piece, stations);
        lowest(piece, stations);
        if (stations.isEmpty()) {
            stations.add(0, scale.natural(piece, 0), scale.scales() ? ScalingAmounts.ONE : "1");
        }
        return (at, before, after) -> {
            if (neck.isPresent() && (before == Role.NECK || after == Role.NECK)) {
                return new SheetPlan.PointPlan(
                        FormulaText.plus(topName(piece), at.y() - neck.get().y(), scale.scales() ? "neck-tall" : "1"),
                        across(piece, at.x(), scale.scales() ? "neck-wide" : "1"));
            }
            if (neck.isPresent() && (before == Role.SHOULDER || after == Role.SHOULDER)) {
                String near = across(piece, neck.get().x(), scale.scales() ? "neck-wide" : "1");
                return new SheetPlan.PointPlan(
                        FormulaText.plus(
                                topName(piece), at.y() - neck.get().y(), scale.scales() ? "shoulder-tall" : "1"),
                        FormulaText.plus(near, at.x() - neck.get().x(), scale.scales() ? "shoulder-wide" : "1"));
            }
            return placed(piece, stations, at);
        };
    }

    private PiecePlanner.Placing limb(PaperPiece piece) {
        Stations stations = new Stations(scale.longer(), piece.centred());
        Optional<DrawnBodyMeasure> length = scale.used(Landmark.Found.SLEEVE)
                .filter(each -> piece.run(Role.CAP).isPresent());
        boolean cap = solves.get(piece.name()).containsKey("cap-height");
        double deep = piece.levels().getOrDefault("upper-arm", 0.0);
        String top = scale.wide("upper-arm");
        stations.add(piece.top(), scale.natural(piece, piece.top()), top);
        if (piece.levels().containsKey("upper-arm")) {
            stations.add(deep, cap ? "cap-height" : scale.natural(piece, deep), top);
        }
        double own = piece.bottom() - piece.top();
        String end = length.map(each -> ScalingAmounts.BY_LANDMARKS
                        + FormulaText.plus(ScalingAmounts.wanted(each), own - each.drawn(), ScalingAmounts.LONG) + ", "
                        + FormulaText.times(own, ScalingAmounts.LONG) + ")")
                .orElse(scale.natural(piece, piece.bottom()));
        piece.levels().forEach((level, y) -> {
            if (y > deep && y < piece.bottom() - NEAR) {
                String at = cap && length.isPresent()
                        ? FormulaText.between(
                                "cap-height", FormulaText.bracketed(end), (y - deep) / (piece.bottom() - deep))
                        : scale.natural(piece, y);
                stations.add(y, at, scale.wide(level));
            }
        });
        String wrist = piece.levels().entrySet().stream()
                .filter(level -> level.getValue() >= piece.bottom() - NEAR)
                .map(level -> scale.wide(level.getKey()))
                .findFirst()
                .orElse(stations.wide(piece.bottom()));
        stations.add(piece.bottom(), end, wrist);
        return (at, before, after) -> {
            return placed(piece, stations, at);
        };
    }

    private String topAt(PaperPiece piece) {
        Point neck = PaperPattern.neckPoint(piece).orElseThrow();
        if (!scale.scales()) {
            return scale.natural(piece, neck.y());
        }
        if (piece.is("front") && scale.pattern().waist().isPresent()) {
            Optional<DrawnBodyMeasure> front = scale.used(Landmark.Found.FRONT);
            if (front.isPresent()) {
                return ScalingAmounts.AT + " - " + ScalingAmounts.BY_LANDMARKS + ScalingAmounts.wanted(front.get())
                        + ", "
                        + FormulaText.times(scale.pattern().waist().getAsDouble() - neck.y(), ScalingAmounts.LONG)
                        + ")";
            }
        }
        Optional<Point> nape = piece.corner(Role.NECK, Role.CENTRE);
        if (piece.is("back")
                && nape.isPresent()
                && scale.used(Landmark.Found.BACK).isPresent()) {
            return FormulaText.times(neck.y() - nape.get().y(), "neck-tall");
        }
        return scale.natural(piece, neck.y());
    }

    private static String topName(PaperPiece piece) {
        return piece.name() + "-top";
    }

    static String tipAt(PaperPiece piece) {
        return piece.name() + "-tip";
    }

    /** The neck of a back whose shoulder is a strap lies where the back's length has it. */
    private void nape(PaperPiece piece, Stations stations) {
        if (piece.is("back")
                && PaperPattern.neckPoint(piece).isEmpty()
                && scale.used(Landmark.Found.BACK).isPresent()) {
            piece.corner(Role.NECK, Role.CENTRE)
                    .ifPresent(at -> stations.add(
                            at.y(), "0 mm", stations.isEmpty() ? ScalingAmounts.ONE : stations.wide(at.y())));
        }
    }

    /** Where no height is named below the arm-hole, the lower edge stays while its depth is tried. */
    private void lowest(PaperPiece piece, Stations stations) {
        PaperPattern.underarm(piece)
                .filter(under -> stations.lowest() < under.y() + ROOM)
                .ifPresent(under -> stations.add(
                        piece.bottom(), scale.natural(piece, piece.bottom()), stations.wide(piece.bottom())));
    }

    /** Every hem of a skirt is let down as much as the one in front. */
    private void hem(PaperPiece piece, Stations stations) {
        Optional<DrawnBodyMeasure> length = scale.used(Landmark.Found.SKIRT);
        if (length.isPresent()
                && piece.run(Role.HEM).isPresent()
                && piece.run(Role.NECK).isEmpty()
                && piece.levels().containsKey(PaperPattern.WAIST)) {
            double y = PaperPattern.hem(piece);
            double drawn = y - piece.levels().get(PaperPattern.WAIST);
            String wanted = FormulaText.plus(
                    ScalingAmounts.wanted(length.get()), drawn - length.get().drawn(), ScalingAmounts.LONG);
            stations.add(
                    y,
                    ScalingAmounts.AT + " + " + ScalingAmounts.BY_LANDMARKS + wanted + ", "
                            + FormulaText.times(drawn, ScalingAmounts.LONG) + ")",
                    stations.wide(y));
        }
    }

    private SheetPlan.PointPlan placed(PaperPiece piece, Stations stations, Point at) {
        String along = stations.along(at.y());
        String out = stations.out(at.x(), at.y());
        Optional<SeamTruing.Moved> found = truing.moved(piece, at);
        if (found.isEmpty()) {
            return new SheetPlan.PointPlan(along, out);
        }
        SeamTruing.Moved moved = found.get();
        if (moved.out()) {
            return new SheetPlan.PointPlan(along, out + " + " + moved.by());
        }
        return new SheetPlan.PointPlan(
                along + " + " + moved.by(),
                moved.slope() == 0 ? out : out + " + " + FormulaText.number(moved.slope(), 5) + " * " + moved.by());
    }

    static String across(PaperPiece piece, double x, String ratio) {
        return piece.centred() && x <= 0 ? FormulaText.mm(x) : FormulaText.times(x, ratio);
    }

    /**
     * The tip lies from the neck point as far as the shoulder is long; a strap's, which has no neck point, where it is
     * drawn.
     */
    private void shoulder(PaperPiece piece, Optional<Point> neck, Point tip, Stations stations) {
        if (!scale.scales()) {
            stations.add(tip.y(), scale.natural(piece, tip.y()), "1");
            return;
        }
        if (neck.isEmpty()) {
            scale.amounts().put(tipAt(piece), scale.natural(piece, tip.y()));
            stations.add(tip.y(), tipAt(piece), "shoulder-wide");
            return;
        }
        scale.amounts()
                .put(
                        tipAt(piece),
                        FormulaText.plus(topName(piece), tip.y() - neck.get().y(), "shoulder-tall"));
        scale.amounts()
                .put(
                        tipAt(piece) + "-wide",
                        "("
                                + FormulaText.plus(
                                        FormulaText.times(neck.get().x(), "neck-wide"),
                                        tip.x() - neck.get().x(),
                                        "shoulder-wide")
                                + ") / " + FormulaText.mm(tip.x()));
        stations.add(tip.y(), tipAt(piece), tipAt(piece) + "-wide");
    }

    private void level(PaperPiece piece, String level, double y, Stations stations) {
        Optional<DrawnBodyMeasure> across = scale.made().stream()
                .filter(each -> each.landmark().level().equals(level)
                        && (each.landmark().found() == Landmark.Found.ACROSS_BACK && piece.is("back")
                                || each.landmark().found() == Landmark.Found.ACROSS_FRONT && piece.is("front")))
                .findFirst();
        if (across.isPresent()) {
            stations.add(y, stations.along(y), ScalingAmounts.wideName(across.get()));
            return;
        }
        boolean girth = scale.made().stream()
                .anyMatch(each ->
                        each.landmark().level().equals(level) && each.landmark().found() == Landmark.Found.GIRTH);
        if (level.equals(PaperPattern.WAIST)) {
            stations.add(y, ScalingAmounts.AT, scale.wide(level));
        } else if (scale.used(Landmark.Found.DEPTH)
                .filter(depth -> depth.landmark().level().equals(level))
                .isPresent()) {
            stations.add(
                    y, scale.amounts().containsKey("hip-at") ? "hip-at" : scale.natural(piece, y), scale.wide(level));
        } else if (girth) {
            stations.add(y, between(piece, y), scale.wide(level));
        }
    }

    /** A level between arm-hole and waist keeps its share of the way. */
    private String between(PaperPiece piece, double y) {
        Optional<Point> under = PaperPattern.underarm(piece);
        if (under.isPresent()
                && solves.get(piece.name()).containsKey(piece.name() + "-depth")
                && piece.levels().containsKey(PaperPattern.WAIST)
                && y > under.get().y()
                && y < piece.levels().get(PaperPattern.WAIST)) {
            double waist = piece.levels().get(PaperPattern.WAIST);
            return FormulaText.between(
                    piece.name() + "-depth",
                    ScalingAmounts.AT,
                    (y - under.get().y()) / (waist - under.get().y()));
        }
        return scale.natural(piece, y);
    }
}
