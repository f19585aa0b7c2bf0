package org.soberhem.desk.widget;

import java.util.List;
import java.util.Optional;
import javafx.scene.Group;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.PieceLayout;
import org.soberhem.core.pattern.SpreadPiece;

/**
 * A corner or an edge of a piece that is pulled across the paper, to whole eighths of an inch or to whole millimetres.
 */
public final class PaperPull {

    /** What gets what a hand did on the paper. Lengths are in millimetres. */
    public interface Hand {

        /**
         * A corner was pulled.
         *
         * @param corner piece and letter
         * @param out away from the base line
         */
        void corner(EdgeRef corner, double out, double down);

        /**
         * An edge was pulled.
         *
         * @param share where it was taken hold of, as a share of its length from its upper end
         * @param inward into the piece, square to the edge
         */
        void edge(EdgeRef edge, double share, double inward);

        /**
         * A place within a piece was tapped.
         *
         * @param at on the piece as it is drawn
         */
        void place(String piece, Point at);
    }

    /** An edge is taken hold of within this many pixels. */
    private static final double NEAR = 8;

    /** How far beside a place the direction of an edge is read, as a share of its length. */
    private static final double BESIDE = 0.002;

    private static final int PARTS = 60;

    private final EdgeRef what;
    private final boolean corner;
    private final double share;

    /** Along which an edge is pulled, on the screen; for a corner the origin. */
    private final Point inward;

    private final Point start;
    private final double scale;
    private final boolean mirrored;
    private final double step;

    private PaperPull(EdgeRef what, boolean corner, double share, Point inward, Point start, Frame frame, double step) {
        this.what = what;
        this.corner = corner;
        this.share = share;
        this.inward = inward;
        this.start = start;
        this.scale = frame.view().scale();
        this.mirrored = frame.place().mirrored();
        this.step = step;
    }

    /**
     * How a piece lies on the screen.
     *
     * @param spread the piece
     * @param place where it lies on the paper
     * @param view how the paper is shown
     */
    record Frame(SpreadPiece spread, PieceLayout.Place place, View view) {

        Point screen(Point at) {
            return view.of(place.of(at));
        }

        /** Returns the place of the piece under a pixel; empty if it is outside the piece. */
        Optional<Point> within(Point pixel) {
            Point paper = new Point((pixel.x() - view.x()) / view.scale(), (pixel.y() - view.y()) / view.scale());
            double x = paper.x() - place.dx();
            Point at = new Point(place.mirrored() ? -x : x, paper.y() - place.dy());
            return Optional.of(at).filter(spread.piece().seamLine(1)::contains);
        }
    }

    /** Takes hold of the chosen corner if the mouse is on it. */
    static Optional<PaperPull> corner(Frame frame, Paper.Pick pick, Point mouse, double near, double step) {
        return Optional.ofNullable(pick)
                .filter(chosen -> chosen.piece().equals(frame.spread().piece().name()))
                .filter(chosen -> frame.spread().piece().points().containsKey(chosen.point()))
                .map(chosen -> frame.screen(frame.spread().piece().points().get(chosen.point())))
                .filter(at -> at.distanceTo(mouse) < near)
                .map(at ->
                        new PaperPull(new EdgeRef(pick.piece(), pick.point()), true, 0, Point.ORIGIN, at, frame, step));
    }

    /** Takes hold of an edge if the mouse is on one of those that may be pulled. */
    static Optional<PaperPull> edge(Frame frame, List<EdgeRef> edges, Point mouse, double step) {
        for (Edge edge : frame.spread().piece().edges()) {
            EdgeRef ref = new EdgeRef(frame.spread().piece().name(), edge.name());
            if (edges.contains(ref)) {
                for (int i = 0; i <= PARTS; i++) {
                    double share = (double) i / PARTS;
                    Point at = frame.screen(edge.path().atShare(share));
                    if (at.distanceTo(mouse) < NEAR) {
                        boolean down =
                                edge.path().start().y() <= edge.path().end().y();
                        return Optional.of(new PaperPull(
                                ref, false, down ? share : 1 - share, inward(frame, edge, share), at, frame, step));
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static Point inward(Frame frame, Edge edge, double share) {
        Point before = edge.path().atShare(Math.max(0, share - BESIDE));
        Point after = edge.path().atShare(Math.min(1, share + BESIDE));
        Point square = after.minus(before).unit().outward().times(-1);
        return new Point(frame.place().mirrored() ? -square.x() : square.x(), square.y());
    }

    private double snapped(double pixels) {
        return Math.round(pixels / scale / step) * step;
    }

    private Point moved(Point mouse) {
        Point by = mouse.minus(start);
        return corner ? new Point(snapped(by.x()), snapped(by.y())) : inward.times(snapped(by.dot(inward)));
    }

    /** Shows how far it is pulled. */
    void draw(Group over, Point mouse) {
        over.getChildren().add(Ink.line(start, start.plus(moved(mouse).times(scale)), "pulled"));
    }

    /** Hands on what it was pulled by, if it was. */
    void end(Point mouse, Hand hand) {
        Point by = moved(mouse);
        if (by.norm() == 0) {
            return;
        }
        if (corner) {
            hand.corner(what, mirrored ? -by.x() : by.x(), by.y());
        } else {
            hand.edge(what, share, by.dot(inward));
        }
    }
}
