package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Makes a sheet of a drawn pattern that scales itself to the wearer, in three ways between which the maker may choose:
 * by landmarks, by one factor across and one along, and by one factor.
 *
 * <p>By landmarks every named level comes to lie where the wearer has it and as broad as the wearer is there, with the
 * stated ease; the neck is scaled as a whole by the neck, the shoulder by the shoulder. The depth of the arm-hole is
 * found by trying until its length has kept its proportion to the bust within the usual band; the front's depth until
 * the side seams agree, and the height of a sleeve's cap until it has kept its ease over the arm-hole. At the size as
 * drawn all three give the drawing. The rule is our own; cutters do the same by eye.
 */
public final class ScaledSheet {

    /** Name of the choice. */
    public static final String SCALING = "scaling";

    /** Its ways, the usual first. */
    public static final List<String> WAYS = List.of("landmarks", "across-and-along", "one-factor");

    /** A level that crosses an edge this near to a place of it needs no other, in millimetres. */
    private static final double NEAR = 3;

    private final ScalingAmounts scale;

    private ScaledSheet(PaperPattern pattern, LandmarkTable landmarks, List<DrawnBodyMeasure> made) {
        PaperPattern crossed = new PaperPattern(
                pattern.pieces().stream().map(ScaledSheet::withLevelsOnEdges).toList(), pattern.waist());
        scale = new ScalingAmounts(
                crossed, landmarks, made.stream().filter(DrawnBodyMeasure::used).toList());
    }

    /**
     * Returns the sheet.
     *
     * @param tracing a finished one
     * @param made what the drawing says of the body it was made for
     */
    public static SheetPlan of(Tracing tracing, LandmarkTable landmarks, List<DrawnBodyMeasure> made) {
        return new ScaledSheet(tracing.paper(), landmarks, made).plan(tracing);
    }

    /** An edge that a level crosses gets a place there, so that the level's width is met exactly. */
    private static PaperPiece withLevelsOnEdges(PaperPiece piece) {
        List<TracedEdge> runs = new ArrayList<>();
        for (TracedEdge run : piece.runs()) {
            TracedEdge crossed = run;
            for (double level : piece.levels().values()) {
                crossed = crossed.crossing(level, NEAR);
            }
            runs.add(crossed);
        }
        return piece.with(runs);
    }

    private SheetPlan plan(Tracing tracing) {
        List<PaperPiece> pieces = scale.pattern().pieces();
        Map<String, Map<String, SheetPlan.SolvePlan>> solves = new LinkedHashMap<>();
        pieces.forEach(piece -> solves.put(piece.name(), new LinkedHashMap<>()));
        List<SheetPlan.SeamPlan> seams = new ArrayList<>();
        new ArmHoles(scale, solves, seams).solve();
        SeamTruing truing = new SeamTruing(scale, solves, seams, tracing::gathers);
        SewnEdges.of(pieces).forEach(truing::join);
        PlaceFormulas placings = new PlaceFormulas(scale, solves, truing);
        Map<String, PiecePlanner> planners = new LinkedHashMap<>();
        for (PaperPiece piece : pieces) {
            PiecePlanner planner = new PiecePlanner(piece, placings.of(piece));
            planner.corners();
            planners.put(piece.name(), planner);
        }
        List<SheetPlan.CheckPlan> checks = new LandmarkChecks(scale, placings, planners, seams).all();
        List<SheetPlan.PiecePlan> written = pieces.stream()
                .map(piece -> planners.get(piece.name()).plan(solves.get(piece.name())))
                .toList();
        Map<String, List<String>> measures = new LinkedHashMap<>();
        Map<String, Double> middle = new LinkedHashMap<>();
        Map<String, SheetPlan.Eased> ease = new LinkedHashMap<>();
        for (DrawnBodyMeasure each : scale.made()) {
            Landmark landmark = each.landmark();
            measures.put(landmark.id(), landmark.measures());
            middle.put(landmark.id(), each.body());
            ease.put(
                    landmark.id(),
                    new SheetPlan.Eased(
                            Math.min(landmark.ease().least(), each.ease()),
                            each.ease(),
                            Math.max(landmark.ease().most(), each.ease()),
                            landmark.why()));
        }
        return new SheetPlan(
                measures,
                middle,
                ease,
                scale.made().isEmpty()
                        ? Map.of()
                        : Map.of(SCALING, new SheetPlan.Ways(WAYS, "how the drawing is brought to the wearer's size")),
                scale.amounts(),
                written,
                seams,
                checks,
                quantities(),
                pieces.stream().mapToDouble(PaperPiece::allowance).max().orElse(0));
    }

    private Map<String, String> quantities() {
        Map<String, String> told = new LinkedHashMap<>();
        for (String level : List.of("bust", "waist", "hip")) {
            if (scale.pattern().pieces().stream()
                    .anyMatch(piece -> piece.levels().containsKey(level))) {
                told.put("trunk-girth-" + level, "girth(" + level + ")");
            }
        }
        return told;
    }
}
