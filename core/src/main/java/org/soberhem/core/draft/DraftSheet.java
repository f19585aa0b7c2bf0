package org.soberhem.core.draft;

import java.util.List;
import java.util.Map;
import java.util.Optional;
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
 * @param scale the scale law
 * @param measures names used on the sheet, each with the catalogue ids that may serve, best first
 * @param settings amounts that the maker may choose
 * @param ease what is added to the body, by place
 * @param middle a value for each measure: the size at which the sheet is tried
 * @param pieces in order
 * @param seams in order
 * @param openings closed edges that something must pass through
 * @param checks finished girths and lengths against the body
 * @param quantities what the finished garment tells the rules of a silhouette: formulas, by the quantity's name
 * @param sewing steps of making up, in words
 */
public record DraftSheet(
        String id,
        About about,
        Scale scale,
        Map<String, List<String>> measures,
        Map<String, Setting> settings,
        Map<String, Ease> ease,
        Map<String, Written> middle,
        Map<String, PieceSheet> pieces,
        List<SeamSheet> seams,
        List<OpeningSheet> openings,
        List<CheckSheet> checks,
        Map<String, Written> quantities,
        List<String> sewing) {

    /**
     * What a sheet is.
     *
     * @param title for people
     * @param place where the garment was worn
     * @param from first year
     * @param to last year
     * @param garment kind of garment
     * @param system drafting system, such as proportional-ruler
     * @param sources where it comes from and how sure that is
     * @param cautions what the maker should know
     */
    public record About(
            String title,
            String place,
            int from,
            int to,
            String garment,
            String system,
            List<String> sources,
            List<String> cautions) {}

    /**
     * The scale law.
     *
     * @param by name of the governing measure
     * @param unit formula of one unit, a length
     */
    public record Scale(String by, Written unit) {}

    /**
     * An amount that the maker may choose; not scaled.
     *
     * @param value default
     * @param least smallest sensible
     * @param most largest sensible
     * @param why what it is for
     */
    public record Setting(Written value, Written least, Written most, String why) {}

    /**
     * Ease over the body measured over the foundation layers.
     *
     * @param least in the period's usual range
     * @param most in the period's usual range
     * @param why the reason
     */
    public record Ease(Written least, Written most, String why) {}

    /**
     * One piece.
     *
     * @param line where it begins
     * @param cut how many are cut for each use
     * @param shape how it is cut
     * @param drawn what the plate's line is
     * @param points coordinates [along, out]
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
            int line,
            Map<String, Integer> cut,
            CutShape shape,
            Drawn drawn,
            Map<String, PointSheet> points,
            List<JoinSheet> outline,
            Map<String, EdgeSheet> edges,
            Optional<Written> centre,
            Map<String, DartSheet> darts,
            Map<String, LineSheet> lines,
            Map<String, NotchSheet> notches,
            Map<String, AllowanceSheet> allowances,
            PairSheet grain,
            Map<String, PairSheet> levels,
            Optional<Spans> spans,
            Map<String, String> departs) {}

    /** What a plate's line is. */
    public enum Drawn {
        SEAM_LINE,
        CUTTING_LINE
    }

    public record PointSheet(Written along, Written out) {}

    /**
     * How the outline goes on to its next point.
     *
     * @param to name of the point, and where it is written
     * @param form straight, hollow, round, or towards a corner
     * @param amount depth of a hollow or round, in units; fullness (a pure number) of a curve towards a corner
     * @param at where along the chord a hollow or round is deepest, a pure number
     * @param corner name of the corner's point
     */
    public record JoinSheet(
            Written to, Form form, Optional<Written> amount, Optional<Written> at, Optional<Written> corner) {

        /** Ways of joining two points. */
        public enum Form {
            STRAIGHT,
            HOLLOW,
            ROUND,
            TOWARDS
        }
    }

    /** A run of the outline from one point to another. */
    public record EdgeSheet(Written from, Written to, Optional<Role> role) {}

    public record DartSheet(Written point, Written first, Written second) {}

    public record LineSheet(MarkLine.Kind kind, Written from, Written to) {}

    public record NotchSheet(Written edge, Written share) {}

    /**
     * The allowance of an edge. Where nothing is said the even allowance of the setting "allowance" is put on.
     *
     * @param included what the plate's line has already and what is taken off, in units of the scale
     * @param added what is put on instead of the even allowance, a length
     */
    public record AllowanceSheet(Optional<Written> included, Optional<Written> added) {}

    public record PairSheet(Written from, Written to) {}

    /** Two runs of edges that meet; {@code least} and {@code most} are ease, or fullness where the kind gathers. */
    public record SeamSheet(
            int line, List<EdgeRef> first, List<EdgeRef> second, Seam.Kind kind, Written least, Written most) {}

    /**
     * A closed edge that a part of the body must pass through.
     *
     * @param loop edges that make it up, on one side of the wearer
     * @param passes name of the measure that must pass
     * @param opens how much it opens further, a length
     */
    public record OpeningSheet(int line, List<EdgeRef> loop, String passes, Written opens) {}

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
            Written body,
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
