package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Role;

/** Writes a check for every landmark: what the finished pattern has there against the body and the stated ease. */
final class LandmarkChecks {

    private static final String WITHIN = "1/2 in";

    private final ScalingAmounts scale;
    private final PlaceFormulas placings;
    private final Map<String, PiecePlanner> planners;
    private final List<SheetPlan.SeamPlan> seams;
    private final List<SheetPlan.CheckPlan> checks = new ArrayList<>();

    LandmarkChecks(
            ScalingAmounts scale,
            PlaceFormulas placings,
            Map<String, PiecePlanner> planners,
            List<SheetPlan.SeamPlan> seams) {
        this.scale = scale;
        this.placings = placings;
        this.planners = planners;
        this.seams = seams;
    }

    /** Returns the checks; what they measure between is marked on the pieces. */
    List<SheetPlan.CheckPlan> all() {
        scale.made().forEach(this::check);
        return checks;
    }

    private void check(DrawnBodyMeasure each) {
        Landmark landmark = each.landmark();
        switch (landmark.found()) {
            case GIRTH ->
                checks.add(new SheetPlan.CheckPlan(
                        landmark.level(),
                        scale.pattern().roundAt(landmark.level()),
                        List.of(),
                        List.of(),
                        landmark.id(),
                        ScalingAmounts.wanted(each),
                        WITHIN,
                        letOut()));
            case NECK ->
                checks.add(length(
                        each,
                        scale.pattern().pieces().stream()
                                .filter(piece -> PaperPattern.neckPoint(piece).isPresent())
                                .flatMap(piece ->
                                        piece.all(Role.NECK).stream().map(run -> piece.name() + "." + run.edge()))
                                .toList(),
                        List.of(),
                        "(" + ScalingAmounts.wanted(each) + ") / 2"));
            case SHOULDER ->
                scale.pattern().pieces().stream()
                        .filter(PaperPattern::hasShoulder)
                        .min((a, b) -> Boolean.compare(!a.is("back"), !b.is("back")))
                        .ifPresent(piece -> checks.add(length(
                                each,
                                List.of(),
                                List.of(
                                        corner(
                                                piece,
                                                PaperPattern.neckPoint(piece).orElseThrow()),
                                        corner(piece, PaperPattern.tip(piece).orElseThrow())),
                                ScalingAmounts.wanted(each))));
            case BACK ->
                scale.pattern()
                        .trunk("back")
                        .ifPresent(piece -> checks.add(down(
                                each,
                                piece,
                                corner(
                                        piece,
                                        piece.corner(Role.NECK, Role.CENTRE).orElseThrow()),
                                new SheetPlan.PointPlan(ScalingAmounts.AT, "0 mm"))));
            case FRONT ->
                scale.pattern().trunk("front").ifPresent(piece -> {
                    Point neck = PaperPattern.neckPoint(piece).orElseThrow();
                    checks.add(down(
                            each,
                            piece,
                            corner(piece, neck),
                            new SheetPlan.PointPlan(
                                    ScalingAmounts.AT, PlaceFormulas.across(piece, neck.x(), "neck-wide"))));
                });
            case DEPTH ->
                scale.pattern().pieces().stream()
                        .filter(piece -> piece.levels().containsKey(landmark.level())
                                && piece.levels().containsKey(PaperPattern.WAIST))
                        .findFirst()
                        .ifPresent(piece -> checks.add(down(
                                each,
                                piece,
                                piece.name() + "."
                                        + planners.get(piece.name())
                                                .mark(new SheetPlan.PointPlan(ScalingAmounts.AT, "0 mm")),
                                new SheetPlan.PointPlan("hip-at", "0 mm"))));
            case LIMB -> limbCheck(each);
            case ACROSS_BACK -> acrossCheck(each, "back");
            case ACROSS_FRONT -> acrossCheck(each, "front");
            case SLEEVE ->
                scale.pattern().sleeve().ifPresent(piece -> {
                    PiecePlanner.Placing placing = placings.of(piece);
                    ends(each, piece, placing, new Point(0, piece.top()), new Point(0, piece.bottom()), "");
                });
            case SKIRT ->
                scale.pattern()
                        .skirt()
                        .ifPresent(piece -> ends(
                                each,
                                piece,
                                placings.of(piece),
                                new Point(0, piece.levels().get(PaperPattern.WAIST)),
                                new Point(0, PaperPattern.hem(piece)),
                                ""));
        }
    }

    private void ends(
            DrawnBodyMeasure each, PaperPiece piece, PiecePlanner.Placing placing, Point from, Point to, String half) {
        PiecePlanner planner = planners.get(piece.name());
        SheetPlan.PointPlan first = placing.of(from, Role.NONE, Role.NONE);
        SheetPlan.PointPlan second = placing.of(to, Role.NONE, Role.NONE);
        checks.add(length(
                each,
                List.of(),
                List.of(piece.name() + "." + planner.mark(first), piece.name() + "." + planner.mark(second)),
                half.isEmpty() ? ScalingAmounts.wanted(each) : "(" + ScalingAmounts.wanted(each) + ") / " + half));
    }

    /** Where the level crosses the piece on either side, or its middle and the one side of a half. */
    private void limbCheck(DrawnBodyMeasure each) {
        scale.pattern().pieces().stream()
                .filter(piece -> PaperPattern.isLimb(piece)
                        && piece.levels().containsKey(each.landmark().level()))
                .findFirst()
                .ifPresent(piece -> {
                    double y = piece.levels().get(each.landmark().level());
                    List<Double> cuts = piece.outline().cuts(new Point(0, y), new Point(1, 0));
                    ends(
                            each,
                            piece,
                            placings.of(piece),
                            new Point(cuts.get(0), y),
                            new Point(cuts.get(cuts.size() - 1), y),
                            PaperPattern.halves(piece) == 2 ? "2" : "");
                });
    }

    private void acrossCheck(DrawnBodyMeasure each, String part) {
        scale.pattern().trunk(part).ifPresent(piece -> {
            double y = piece.levels().get(each.landmark().level());
            List<Double> cuts = piece.outline().cuts(new Point(0, y), new Point(1, 0));
            ends(each, piece, placings.of(piece), new Point(0, y), new Point(cuts.get(cuts.size() - 1), y), "2");
        });
    }

    private String corner(PaperPiece piece, Point at) {
        return piece.name() + "." + planners.get(piece.name()).corner(at);
    }

    private SheetPlan.CheckPlan down(DrawnBodyMeasure each, PaperPiece piece, String from, SheetPlan.PointPlan to) {
        String mark = piece.name() + "." + planners.get(piece.name()).mark(to);
        return new SheetPlan.CheckPlan(
                each.landmark().title(),
                List.of(),
                List.of(),
                List.of(from, mark),
                each.landmark().id(),
                ScalingAmounts.wanted(each),
                WITHIN,
                piece.levels().containsKey(PaperPattern.WAIST) ? "lengthen: " + PaperPattern.WAIST : "");
    }

    private static SheetPlan.CheckPlan length(
            DrawnBodyMeasure each, List<String> run, List<String> between, String want) {
        return new SheetPlan.CheckPlan(
                each.landmark().title(),
                List.of(),
                run,
                between,
                want.replace(ScalingAmounts.wanted(each), each.landmark().id()),
                want,
                WITHIN,
                "");
    }

    /** The side seam, where there is one, takes up what a girth lacks. */
    private String letOut() {
        return scale.pattern().pieces().stream()
                .filter(piece -> PaperPattern.side(piece).isPresent() && !PaperPattern.isLimb(piece))
                .filter(piece -> seams.stream()
                        .anyMatch(seam -> seam.first()
                                .contains(piece.name() + "."
                                        + PaperPattern.side(piece).orElseThrow().edge())))
                .map(piece -> "let-out: " + piece.name() + "."
                        + PaperPattern.side(piece).orElseThrow().edge())
                .findFirst()
                .orElse("");
    }
}
