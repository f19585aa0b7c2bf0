package org.soberhem.core.plate;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.figure.Place;
import org.soberhem.core.geometry.Point;

/**
 * From where a figure is looked at, from afar: nothing is foreshortened by distance, so that lengths can be read.
 *
 * @param turned degrees about the plumb line: 0 the front, 90 the wearer's right side, 180 the back
 * @param above degrees from which it is looked down upon: 0 level
 */
public record Viewpoint(double turned, double above) {

    /** Half turned towards the wearer's right, from a little above. */
    public static final Viewpoint THREE_QUARTERS = new Viewpoint(38, 6);

    /** Front, side, back and three quarters, as they stand side by side. */
    public static final List<Viewpoint> ALL =
            List.of(of(FigureView.FRONT), of(FigureView.SIDE), of(FigureView.BACK), THREE_QUARTERS);

    /** Returns where a view is looked at from. */
    public static Viewpoint of(FigureView view) {
        return new Viewpoint(
                switch (view) {
                    case FRONT -> 0;
                    case SIDE -> 90;
                    case BACK -> 180;
                },
                0);
    }

    /** Returns the view that it looks from, if it is one of the three. */
    public Optional<FigureView> view() {
        return Arrays.stream(FigureView.values())
                .filter(each -> of(each).equals(this))
                .findFirst();
    }

    /** Returns from where it looks, in words. */
    public String words() {
        String[] sides = {
            "front", "right side, from the front", "right side", "right side, from behind",
            "back", "left side, from behind", "left side", "left side, from the front"
        };
        return sides[(int) Math.round(turned / 45) % sides.length];
    }

    /** Returns it turned further. */
    public Viewpoint turnedBy(double degrees) {
        return new Viewpoint(((turned + degrees) % 360 + 360) % 360, above);
    }

    /** The viewer's axes: right, up and towards the viewer, three numbers each. */
    double[] axes() {
        double a = Math.toRadians(turned);
        double e = Math.toRadians(above);
        double cosA = StrictMath.cos(a);
        double sinA = StrictMath.sin(a);
        double cosE = StrictMath.cos(e);
        double sinE = StrictMath.sin(e);
        return new double[] {cosA, 0, sinA, sinA * sinE, cosE, -cosA * sinE, -sinA * cosE, sinE, cosA * cosE};
    }

    /** Returns how near a place is to the viewer: greater is nearer, millimetres. */
    public double nearness(Place place) {
        double[] axes = axes();
        return axes[6] * place.x() + axes[7] * place.y() + axes[8] * place.z();
    }

    /** Returns where a place lies in the picture: x to the right, y down from the floor; in millimetres. */
    public Point picture(Place place) {
        double[] axes = axes();
        return new Point(
                axes[0] * place.x() + axes[1] * place.y() + axes[2] * place.z(),
                -(axes[3] * place.x() + axes[4] * place.y() + axes[5] * place.z()));
    }
}
