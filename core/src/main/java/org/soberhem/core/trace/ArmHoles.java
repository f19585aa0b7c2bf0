package org.soberhem.core.trace;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;

/**
 * Keeps the arm-hole plausible: its depth on the back and the front, and the cap that is set into it, are found by
 * trying.
 */
final class ArmHoles {

    /**
     * How far inside the band of the arm-hole the back is drawn, as a share of the band: the front follows by its side
     * seam.
     */
    private static final double INSIDE = 0.25;

    /** Room between the shoulder or the waist and the arm-hole's lowest place, in millimetres. */
    private static final double ROOM = 20;

    /** An arm-hole that reaches farther below the shoulder's end has a strap above it, in millimetres. */
    private static final double DEEP = 190;

    private final ScalingAmounts scale;
    private final Map<String, Map<String, SheetPlan.SolvePlan>> solves;
    private final List<SheetPlan.SeamPlan> seams;

    ArmHoles(
            ScalingAmounts scale,
            Map<String, Map<String, SheetPlan.SolvePlan>> solves,
            List<SheetPlan.SeamPlan> seams) {
        this.scale = scale;
        this.solves = solves;
        this.seams = seams;
    }

    /** Solves the depth of the arm-hole on the back, of the front until its side agrees, and the height of the cap. */
    void solve() {
        if (!scale.scales()) {
            return;
        }
        Optional<PaperPiece> back = scale.pattern().trunk("back").filter(ArmHoles::hasArmHole);
        Optional<PaperPiece> front = scale.pattern().trunk("front").filter(ArmHoles::hasArmHole);
        if (back.isPresent() && front.isPresent()) {
            wantedArmHole(scale.pattern().armHole());
            double share =
                    lengths(back.get().all(Role.ARMSCYE)) / scale.pattern().armHole();
            depth(
                    back.get(),
                    ScalingAmounts.BY_LANDMARKS,
                    lengthOf(back.get(), Role.ARMSCYE),
                    "arm-hole * " + FormulaText.number(share, 7));
            TracedEdge frontSide = PaperPattern.side(front.get()).orElseThrow();
            TracedEdge backSide = PaperPattern.side(back.get()).orElseThrow();
            if (frontSide.edge().equals(backSide.edge())) {
                double longer = frontSide.path().length() - backSide.path().length();
                String meets = "length(" + SewnEdges.name(back.get(), backSide) + ")"
                        + (Math.abs(longer) < PaperPattern.TRACED
                                ? ""
                                : " + " + FormulaText.times(longer, ScalingAmounts.LONG));
                depth(
                        front.get(),
                        "if(scaling != one-factor, ",
                        "length(" + SewnEdges.name(front.get(), frontSide) + ")",
                        meets);
            }
        }
        scale.pattern()
                .sleeve()
                .filter(piece -> piece.levels().containsKey("upper-arm"))
                .ifPresent(this::cap);
    }

    private static boolean hasArmHole(PaperPiece piece) {
        return PaperPattern.tip(piece).isPresent()
                && PaperPattern.underarm(piece).isPresent();
    }

    private static double lengths(List<TracedEdge> runs) {
        return runs.stream().mapToDouble(run -> run.path().length()).sum();
    }

    private static String lengthOf(PaperPiece piece, Role role) {
        return String.join(
                " + ",
                piece.all(role).stream()
                        .map(run -> "length(" + piece.name() + "." + run.edge() + ")")
                        .toList());
    }

    private void wantedArmHole(double drawn) {
        String grown = FormulaText.times(drawn, "(one + long) / 2");
        Optional<DrawnBodyMeasure> bust = scale.used("bust");
        String kept = bust.map(each -> {
                    double own = drawn / each.body();
                    LandmarkTable.Band band = scale.landmarks().armHole();
                    double inside = INSIDE * (band.most() - band.least());
                    return "min(max(" + grown + ", bust * "
                            + FormulaText.number(Math.min(own, band.least() + inside), 4) + "), bust * "
                            + FormulaText.number(Math.max(own, band.most() - inside), 4) + ")";
                })
                .orElse(grown);
        scale.amounts().put("arm-hole", kept);
    }

    private void depth(PaperPiece piece, String when, String until, String is) {
        String name = piece.name() + "-depth";
        double drawn = PaperPattern.underarm(piece).orElseThrow().y();
        solves.get(piece.name())
                .put(
                        name,
                        new SheetPlan.SolvePlan(
                                highest(piece, drawn),
                                scale.pattern().waist().isPresent()
                                        ? ScalingAmounts.AT + " - " + FormulaText.mm(ROOM)
                                        : FormulaText.times(piece.bottom(), ScalingAmounts.LONG) + " - "
                                                + FormulaText.mm(ROOM),
                                when + until + ", " + name + ")",
                                when + is + ", " + scale.natural(piece, drawn) + ")"));
    }

    /**
     * An armpit so high that the arm-hole turns back upward is none: where a strap leaves a long one, it would only
     * grow again.
     */
    private String highest(PaperPiece piece, double drawn) {
        String tip = PlaceFormulas.tipAt(piece);
        boolean isDeep = drawn - PaperPattern.tip(piece).orElseThrow().y() > DEEP;
        return isDeep ? "(" + tip + " + " + scale.natural(piece, drawn) + ") / 2" : tip + " + " + FormulaText.mm(ROOM);
    }

    /** The cap rises until it has kept its ease, or its fullness, over the arm-hole. */
    private void cap(PaperPiece sleeve) {
        double cap = lengths(sleeve.all(Role.CAP));
        double hole = scale.pattern().armHole();
        List<String> edges = scale.pattern().pieces().stream()
                .filter(piece -> !piece.all(Role.ARMSCYE).isEmpty())
                .map(piece -> lengthOf(piece, Role.ARMSCYE))
                .toList();
        if (edges.isEmpty()) {
            return;
        }
        double level = sleeve.levels().get("upper-arm");
        boolean full = cap > hole * (1 + SewnEdges.GATHERED);
        String hold = full
                ? "(" + String.join(" + ", edges) + ") * " + FormulaText.number(cap / hole, 5)
                : String.join(" + ", edges) + " + " + FormulaText.times(cap - hole, ScalingAmounts.ONE);
        solves.get(sleeve.name())
                .put(
                        "cap-height",
                        new SheetPlan.SolvePlan(
                                FormulaText.times(level / 4, ScalingAmounts.ONE),
                                FormulaText.times(level * 3, ScalingAmounts.ONE),
                                ScalingAmounts.BY_LANDMARKS + lengthOf(sleeve, Role.CAP) + ", cap-height)",
                                ScalingAmounts.BY_LANDMARKS + hold + ", "
                                        + FormulaText.times(level, ScalingAmounts.LONG) + ")"));
        List<String> first = sleeve.all(Role.CAP).stream()
                .map(run -> sleeve.name() + "." + run.edge())
                .toList();
        List<String> second = scale.pattern().pieces().stream()
                .flatMap(piece -> piece.all(Role.ARMSCYE).stream().map(run -> piece.name() + "." + run.edge()))
                .toList();
        seams.add(
                full
                        ? new SheetPlan.SeamPlan(
                                first,
                                second,
                                Seam.Kind.GATHERED,
                                FormulaText.number(cap / hole - 0.1, 3),
                                FormulaText.number(cap / hole + 0.1, 3))
                        : SeamTruing.eased(first, second, cap - hole, ScalingAmounts.ONE));
    }
}
