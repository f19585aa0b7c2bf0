package org.soberhem.desk.silhouette;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.stand.Stand;

/**
 * A wearer drawn for the silhouette.
 *
 * @param body in the shape of its stand
 * @param dressed the same with its clothes on
 * @param solids what is drawn
 * @param views from all sides that are shown
 * @param ends how far the skirt may stand, where only the range of what carries it is known: least and most
 */
record FigurePicture(
        BodyFigure body, DressedFigure dressed, List<Solid> solids, List<Seen> views, List<DressedFigure> ends) {

    /**
     * One side of it, or of the period's outline alone.
     *
     * @param from where it is looked at from
     * @param plate empty for the outline alone
     * @param bands the period's outline
     * @param other outlines of what it is compared with
     * @param words what stands above it
     */
    record Seen(Viewpoint from, Optional<Plate> plate, List<Path> bands, List<List<Point>> other, String words) {

        Box box(double height) {
            List<Point> places = new ArrayList<>(List.of(new Point(0, 0), new Point(0, -height)));
            plate.ifPresent(
                    drawn -> drawn.washes().forEach(wash -> wash.borders().forEach(places::addAll)));
            other.forEach(places::addAll);
            bands.forEach(band -> places.addAll(band.flattened(4)));
            return Box.round(places);
        }
    }

    /** Draws what is shown on its stand; it takes a moment. */
    static FigurePicture of(
            FigurePane.Shown what,
            FigurePane.Dress dress,
            FigurePane.Outline outline,
            double share,
            List<Viewpoint> viewpoints,
            Stand stand) {
        DressedFigure dressed = what.judge().figure(what.at(), share);
        List<Solid> solids = dress == FigurePane.Dress.DRESSED ? stand.wearing(dressed) : stand.solids();
        List<DressedFigure> ends = new ArrayList<>();
        if (dress == FigurePane.Dress.DRESSED
                && what.judge().dressing().isEstimated(what.at().subject())) {
            ends.add(what.judge().figure(what.at(), 0).on(stand.body()));
            ends.add(what.judge().figure(what.at(), 1).on(stand.body()));
        }
        List<Seen> views = new ArrayList<>();
        for (Viewpoint from : viewpoints) {
            Optional<FigureView> view = from.view();
            List<Path> bands = view.flatMap(side -> what.outline().map(period -> period.bands(side)))
                    .orElse(List.of());
            List<List<Point>> other = view.flatMap(side -> what.other().map(each -> each.seen(side)))
                    .orElse(List.of());
            boolean over = outline == FigurePane.Outline.OVER;
            views.add(new Seen(
                    from, Optional.of(PlateMaker.plate(solids, from)), over ? bands : List.of(), other, from.words()));
            if (outline == FigurePane.Outline.BESIDE && !bands.isEmpty()) {
                views.add(new Seen(from, Optional.empty(), bands, List.of(), "the period’s " + from.words()));
            }
        }
        return new FigurePicture(stand.body(), dressed.on(stand.body()), solids, views, ends);
    }

    /** Returns it with one view turned, drawn coarsely and at once. */
    FigurePicture turned(int view, Viewpoint from) {
        List<Seen> all = new ArrayList<>(views);
        Plate plate = PlateMaker.whileTurned(solids, from);
        all.set(view, new Seen(from, Optional.of(plate), List.of(), List.of(), from.words()));
        return new FigurePicture(body, dressed, solids, all, ends);
    }
}
