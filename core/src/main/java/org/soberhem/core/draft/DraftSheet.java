package org.soberhem.core.draft;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.formula.SourceText;
import org.soberhem.core.garment.SumKind;
import org.soberhem.core.garment.Wearing;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Spans;

/**
 * A draft sheet as written: data, not yet checked. Maps keep the order of the sheet.
 *
 * @param id kebab-case name
 * @param about what it is and where it comes from
 * @param scale the scale law; empty where every point is measured
 * @param measures names used on the sheet, each with the catalogue ids that may serve, best first
 * @param settings amounts that the maker may choose
 * @param choices ways between which the maker may choose, such as two schools
 * @param ease what is added to the body, by place
 * @param amounts worked out once, each from those before it
 * @param middle a value for each measure: the size at which the sheet is tried
 * @param frames points that several pieces share, by the frame's name
 * @param pieces in order
 * @param seams in order
 * @param openings closed edges that something must pass through
 * @param checks finished girths and lengths against the body
 * @param sums what is worked out beside the draft, by name
 * @param wearing how it is got into, if the sheet says so
 * @param quantities what the finished garment tells the rules of a silhouette: formulas, by the quantity's name
 * @param notions what is sewn in or on: formulas for a number or a length, by the kind of notion
 * @param sewing steps of making up, in words
 */
public record DraftSheet(
        String id,
        About about,
        Optional<Scale> scale,
        Map<String, List<String>> measures,
        Map<String, Setting> settings,
        Map<String, Choosing> choices,
        Map<String, Ease> ease,
        Map<String, SourceText> amounts,
        Map<String, SourceText> middle,
        Map<String, Ground> frames,
        Map<String, PieceSheet> pieces,
        List<SeamSheet> seams,
        List<OpeningSheet> openings,
        List<CheckSheet> checks,
        Map<String, SumSheet> sums,
        Optional<WearingSheet> wearing,
        Map<String, SourceText> quantities,
        Map<String, SourceText> notions,
        List<String> sewing) {

    /**
     * What a sheet is.
     *
     * @param title for people; empty where the name says it
     * @param place where the garment was worn
     * @param from first year
     * @param to last year
     * @param garment kind of garment
     * @param system drafting system, such as proportional-ruler
     * @param sources where it comes from, as evidence
     * @param cautions what the maker should know
     */
    public record About(
            String title,
            String place,
            int from,
            int to,
            String garment,
            String system,
            List<SheetSource> sources,
            List<String> cautions) {}

    /**
     * How long one unit is.
     *
     * @param by name of the governing measure
     * @param laws by name; the first is used unless the maker chooses another
     */
    public record Scale(SourceText by, Map<String, Law> laws) {}

    /** One way of finding the unit. */
    public sealed interface Law permits UnitLaw, RulerLaw {}

    /** The unit is a formula, a length. */
    public record UnitLaw(SourceText unit) implements Law {}

    /** The unit is found between paper rulers that somebody measured. */
    public record RulerLaw(int line, List<RulerSheet> rulers) implements Law {}

    /**
     * A paper ruler that was measured.
     *
     * @param marked what the ruler is marked with: the governing measure it is for, a length
     * @param units how many of its units were measured
     * @param measures how long they are, a length
     */
    public record RulerSheet(SourceText marked, SourceText units, SourceText measures) {}

    /**
     * Ways between which the maker may choose.
     *
     * @param title for people; empty where the name says it
     * @param of names of the ways; the first is taken unless the maker chooses another
     * @param why what the choice is about
     */
    public record Choosing(int line, Optional<String> title, List<String> of, String why) {}

    /**
     * An amount that the maker may choose; not scaled.
     *
     * @param title for people; empty where the name says it
     * @param value default
     * @param least smallest usual
     * @param most largest usual
     * @param why what it is for
     */
    public record Setting(Optional<String> title, SourceText value, SourceText least, SourceText most, String why) {}

    /**
     * Ease over the body measured over the foundation layers.
     *
     * @param least in the period's usual range
     * @param most in the period's usual range
     * @param draw what a measured draft adds, which the maker may change within the range; empty where nothing is drawn
     *     from it
     * @param why the reason
     */
    public record Ease(SourceText least, SourceText most, Optional<SourceText> draw, String why) {}

    /**
     * Points on one sheet of paper.
     *
     * @param line where it begins
     * @param scale its own scale law, where it is not the sheet's
     * @param points how each is found, by letter
     * @param solve amounts that are found by trying, by name
     */
    public record Ground(
            int line, Optional<Scale> scale, Map<String, StepSheet> points, Map<String, SolveSheet> solve) {}

    /**
     * How a point is found.
     *
     * @param line where it is written
     * @param way the kind of step
     * @param points letters that it starts from, in the order that the way expects
     * @param amounts lengths, angles and shares, in the order that the way expects
     * @param take which of two places is meant, if the way has two
     * @param why what the step is for
     */
    public record StepSheet(
            int line,
            Way way,
            List<SourceText> points,
            List<SourceText> amounts,
            Optional<SourceText> take,
            Optional<String> why) {

        /** Kinds of steps, with the points and amounts that each expects. */
        public enum Way {
            /** Along the base line, then square out from it: along, out. */
            AT,
            /** From a point, parallel to the base line and square to it: along, out. */
            OFFSET,
            /** From the first point towards the second, or turned outward from there: by, turned. */
            TOWARDS,
            /** From the first point, square to the line between the others: by, positive outward. */
            SQUARE,
            /** Between two points, at a share of their distance. */
            BETWEEN,
            /** Where a circle round the first point meets the line through the others: radius. Takes near or far. */
            ARC_LINE,
            /**
             * Where circles round two points meet: both radii. Takes left or right of the way from the first to the
             * second.
             */
            ARC_ARC,
            /** Where the line through the first two points crosses that through the last two. */
            CROSSING,
            /** The first point, mirrored in the line through the others. */
            MIRROR,
            /** The place nearest to the first point on the line through the others. */
            FOOT
        }
    }

    /**
     * An amount that is found by trying.
     *
     * @param from one limit
     * @param to the other
     * @param until what is watched
     * @param is the value it shall have
     */
    public record SolveSheet(SourceText from, SourceText to, SourceText until, SourceText is) {}

    /**
     * One piece.
     *
     * @param ground its points
     * @param on name of the frame that it lies on, if it does
     * @param rectangle whether it is a plain rectangle, which can be cut by the thread
     * @param cut how many are cut for each use
     * @param shape how it is cut
     * @param drawn what the plate's line is
     * @param outline joins in order, the first from the last point
     * @param edges runs along the outline
     * @param centre name of the edge or line that lies on the body's middle, if any
     * @param darts cloth folded away
     * @param lines marks that are not cut
     * @param notches marks on edges
     * @param allowances by edge
     * @param grain two points
     * @param levels two points each, by name
     * @param spans where it lies round the body, if it does
     * @param departs where the period departs from the usual cut, by the name of the cutter's check, with the reason
     */
    public record PieceSheet(
            Ground ground,
            Optional<SourceText> on,
            boolean rectangle,
            Map<String, Integer> cut,
            CutShape shape,
            Drawn drawn,
            List<JoinSheet> outline,
            Map<String, EdgeSheet> edges,
            Optional<SourceText> centre,
            Map<String, DartSheet> darts,
            Map<String, LineSheet> lines,
            Map<String, NotchSheet> notches,
            Map<String, AllowanceSheet> allowances,
            PairSheet grain,
            Map<String, PairSheet> levels,
            Optional<Spans> spans,
            Map<String, String> departs) {

        /** Returns the line where the piece begins. */
        public int line() {
            return ground.line();
        }
    }

    /** What a plate's line is. */
    public enum Drawn {
        SEAM_LINE,
        CUTTING_LINE
    }

    /**
     * How the outline goes on to its next point.
     *
     * @param to name of the point, and where it is written
     * @param form straight, hollow, round, towards a corner, or through places
     * @param amount depth of a hollow or round, in units; fullness (a pure number) of a curve towards a corner
     * @param at where along the chord a hollow or round is deepest, a pure number
     * @param guides the corner; the places that a curve goes through
     * @param leaves point towards which a curve through places leaves its start, if it is bound to
     * @param comes point from which it comes into its end, if it is bound to
     */
    public record JoinSheet(
            SourceText to,
            Form form,
            Optional<SourceText> amount,
            Optional<SourceText> at,
            List<SourceText> guides,
            Optional<SourceText> leaves,
            Optional<SourceText> comes) {

        /** Returns a straight join. */
        public static JoinSheet straight(SourceText to) {
            return new JoinSheet(
                    to,
                    Form.STRAIGHT,
                    Optional.empty(),
                    Optional.empty(),
                    List.of(),
                    Optional.empty(),
                    Optional.empty());
        }

        /** Ways of joining two points. */
        public enum Form {
            STRAIGHT,
            HOLLOW,
            ROUND,
            TOWARDS,
            THROUGH
        }
    }

    /** A run of the outline from one point to another. */
    public record EdgeSheet(SourceText from, SourceText to, Optional<Role> role) {}

    public record DartSheet(SourceText point, SourceText first, SourceText second) {}

    public record LineSheet(MarkLine.Kind kind, SourceText from, SourceText to) {}

    public record NotchSheet(SourceText edge, SourceText share) {}

    /**
     * The allowance of an edge. Where nothing is said the even allowance of the setting "allowance" is put on.
     *
     * @param included what the plate's line has already and what is taken off, in units of the scale
     * @param added what is put on instead of the even allowance, a length
     */
    public record AllowanceSheet(Optional<SourceText> included, Optional<SourceText> added) {}

    public record PairSheet(SourceText from, SourceText to) {}

    /** Two runs of edges that meet; {@code least} and {@code most} are ease, or fullness where the kind gathers. */
    public record SeamSheet(
            int line, List<EdgeRef> first, List<EdgeRef> second, Seam.Kind kind, SourceText least, SourceText most) {}

    /**
     * A closed edge that a part of the body must pass through.
     *
     * @param name what it is called
     * @param loop edges that make it up, on one side of the wearer
     * @param passes name of the measure that must pass
     * @param opens how much it opens further, a length
     * @param over what is needed beyond the girth to pull it on, a length
     * @param stretch by which share the cloth gives
     * @param caught what it is sewn to that may be snugger
     */
    public record OpeningSheet(
            int line,
            String name,
            List<EdgeRef> loop,
            String passes,
            SourceText opens,
            SourceText over,
            SourceText stretch,
            Optional<CaughtSheet> caught) {}

    /**
     * What a closed edge is sewn to all round.
     *
     * @param to what it is, in words
     * @param at how long that is, a length
     */
    public record CaughtSheet(String to, SourceText at) {}

    /**
     * A sum that belongs to the draft.
     *
     * @param line where it is written
     * @param kind which sum
     * @param given formulas and words, by argument
     * @param rows further lengths, such as the tack points of each tape
     */
    public record SumSheet(int line, SumKind kind, Map<String, SourceText> given, List<List<SourceText>> rows) {}

    /**
     * How the garment is got into and lived in.
     *
     * @param line where it is written
     * @param closes where it fastens
     * @param fastening how long the fastening is, a length
     * @param below how far below the nape it begins, a length
     * @param lavatory what the wearer does with it
     * @param nursing whether a child can be nursed in it
     */
    public record WearingSheet(
            int line,
            Wearing.Closes closes,
            SourceText fastening,
            SourceText below,
            Wearing.Lavatory lavatory,
            Wearing.Nursing nursing) {}

    /**
     * A finished girth or length against the body.
     *
     * @param line where it is written
     * @param kind what is measured
     * @param name level of a girth; name of a length
     * @param across pieces that a girth goes over
     * @param run edges that make up a length, on one side of the wearer
     * @param between two points, piece.point, whose distance is the length; instead of edges
     * @param body formula of what the body has, a length
     * @param ease what is added to it
     * @param remedy what would mend it, if the sheet says so
     */
    public record CheckSheet(
            int line,
            Kind kind,
            String name,
            List<String> across,
            List<EdgeRef> run,
            List<EdgeRef> between,
            SourceText body,
            Ease ease,
            Optional<Remedy> remedy) {

        /** What a check measures. */
        public enum Kind {
            GIRTH,
            LENGTH
        }
    }

    /**
     * The alteration that would mend a failed check.
     *
     * @param kind which alteration
     * @param at name of the level, or {@code piece.edge} of one edge of the seam
     * @param line where it is written
     */
    public record Remedy(Kind kind, String at, int line) {

        /** Alterations that a check may ask for. */
        public enum Kind {
            LENGTHEN_AT_LEVEL,
            LET_OUT_SEAM
        }
    }
}
