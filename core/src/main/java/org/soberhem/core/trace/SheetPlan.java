package org.soberhem.core.trace;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Seam;

/**
 * What a sheet made of a tracing says, as formulas of the sheet's language. Maps keep their order.
 *
 * @param measures names on the sheet and the catalogue ids that may serve
 * @param middle the size as drawn, in millimetres
 * @param ease what is added to the body, by the measure's name
 * @param choices ways between which the maker may choose, the first is usual; with the reason
 * @param amounts worked out once, each from those before it
 * @param pieces in order
 * @param seams in order
 * @param checks finished girths and lengths against the body
 * @param quantities what the finished garment tells the rules of a silhouette
 * @param allowance what is put on every edge, in millimetres
 */
public record SheetPlan(
        Map<String, List<String>> measures,
        Map<String, Double> middle,
        Map<String, Eased> ease,
        Map<String, Ways> choices,
        Map<String, String> amounts,
        List<PiecePlan> pieces,
        List<SeamPlan> seams,
        List<CheckPlan> checks,
        Map<String, String> quantities,
        double allowance) {

    /** Ease in millimetres, with its reason. */
    public record Eased(double least, double draw, double most, String why) {}

    /** A choice between ways. */
    public record Ways(List<String> of, String why) {}

    /** How a point is found: along the base line and out from it. */
    public record PointPlan(String along, String out) {}

    /** An amount that is found by trying. */
    public record SolvePlan(String from, String to, String until, String is) {}

    /**
     * How the outline goes on.
     *
     * @param to the next corner
     * @param through places on the way; none for a straight edge
     * @param leavesSquare whether it leaves square to the edge before
     * @param comesSquare whether it comes in square to the edge after
     */
    public record JoinPlan(String to, List<String> through, boolean leavesSquare, boolean comesSquare) {}

    /**
     * One piece.
     *
     * @param solve amounts found by trying, by name
     * @param points by name
     * @param outline from the last corner to the first and on
     * @param edges runs from corner to corner, by name
     * @param centre name of the edge or line on the body's middle
     * @param middleLine the two points of that line, where no edge lies on the middle
     * @param darts point and two legs, by name
     * @param grain two points
     * @param levels two points each
     */
    public record PiecePlan(
            String name,
            CutShape shape,
            int cut,
            Map<String, SolvePlan> solve,
            Map<String, PointPlan> points,
            List<JoinPlan> outline,
            Map<String, List<String>> edges,
            Optional<String> centre,
            List<String> middleLine,
            Map<String, List<String>> darts,
            List<String> grain,
            Map<String, List<String>> levels) {}

    /** Two runs of edges, written piece.edge, that are sewn together; least and most are formulas. */
    public record SeamPlan(List<String> first, List<String> second, Seam.Kind kind, String least, String most) {}

    /**
     * A check of the finished pattern.
     *
     * @param name of the level or length
     * @param girth pieces that a girth goes over; empty for a length
     * @param run edges that make up a length
     * @param between two points whose distance is the length
     * @param body formula of what the body has
     * @param want formula of what it shall be
     * @param within formula of what is let pass
     * @param remedy what mends it, in the sheet's words; empty for none
     */
    public record CheckPlan(
            String name,
            List<String> girth,
            List<String> run,
            List<String> between,
            String body,
            String want,
            String within,
            String remedy) {}
}
