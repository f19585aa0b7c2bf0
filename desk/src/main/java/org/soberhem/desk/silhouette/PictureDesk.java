package org.soberhem.desk.silhouette;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.silhouette.PeriodOutline;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.desk.studio.Camera;
import org.soberhem.files.device.CameraStandIn;
import org.soberhem.files.device.PictureOutline;
import org.soberhem.files.picture.Pictures;
import org.soberhem.library.input.FormatException;
import org.soberhem.studio.Studio;

/** Pictures at the silhouette: taken by the camera stand-in, and their outline measured against the period's. */
final class PictureDesk {

    /** Below this share of the height a shadow on the floor cannot be told from the feet. */
    private static final double SHADOW = 0.03;

    private static final String DEPARTURE = "outline-departure";

    private final Studio studio;

    PictureDesk(Studio studio) {
        this.studio = studio;
    }

    /**
     * A picture's outline on the wearer's own scale.
     *
     * @param right its right side from above, in millimetres as a plate has them
     * @param left its left side from above
     * @param departure how far it lies outside the period's outline, if there is one
     */
    record Measured(List<Point> right, List<Point> left, Optional<PeriodOutline.Departure> departure) {}

    /** Photographs the wearer in the costume at hand, from the front. */
    byte[] photograph() {
        return new Camera(studio).photograph(FigureView.FRONT, CameraStandIn.Shot.CASUAL);
    }

    /**
     * Measures a picture of the wearer from the front, standing before a plain wall.
     *
     * @param at the wearer and what they wear
     * @param silhouette the outline that it is laid over
     * @throws FormatException if it is no picture, or nobody can be told from the wall
     */
    Measured measure(byte[] content, EvaluatedCostume at, Optional<Silhouette> silhouette) {
        BufferedImage picture = Pictures.read(content);
        DressedFigure dressed = studio.judge().figure(at, 0.5);
        double height = dressed.body().height();
        List<Point> right = new ArrayList<>();
        List<Point> left = new ArrayList<>();
        List<PeriodOutline.Seen> seen = new ArrayList<>();
        for (PictureOutline.Row row : PictureOutline.read(picture)) {
            if (row.height() < SHADOW) {
                continue;
            }
            right.add(new Point(row.right() * height, -row.height() * height));
            left.add(new Point(-row.left() * height, -row.height() * height));
            seen.add(new PeriodOutline.Seen(row.height() * height, row.right() * height));
            seen.add(new PeriodOutline.Seen(row.height() * height, row.left() * height));
        }
        double knee = dressed.body().at("knee").middle().y();
        return new Measured(
                right,
                left,
                silhouette.map(each ->
                        studio.judge().dressing().outline(each, at.subject()).departure(seen, knee)));
    }

    /** Keeps what a picture showed with the latest fitting. */
    void keep(PeriodOutline.Departure departure) {
        Fitting fitting = studio.situation().costume().latestFitting().orElseThrow();
        Length distance = Length.ofMillimetres(departure.millimetres());
        studio.keep(
                studio.situation().costume().with(fitting.withReading(DEPARTURE, distance)),
                "picture",
                Sentence.of("Fitting {}: the picture lies {} outside the outline at most", fitting.number(), distance));
    }
}
