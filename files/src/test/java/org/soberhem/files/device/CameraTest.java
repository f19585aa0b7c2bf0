package org.soberhem.files.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Build;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.silhouette.Dressing;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.library.Library;
import org.soberhem.library.input.FormatException;

/** The camera stand-in, and outlines read off its pictures. */
class CameraTest {

    private static final Library LIBRARY = Library.shipped();
    private static final DressedFigure DRESSED = new Dressing(LIBRARY.figurePlan(), LIBRARY.wardrobe())
            .dressed(
                    new Dressing.Subject(Build.ADULT, Optional.empty(), "woman-1861", Map.of("height", 1650.0)),
                    Map.of("skirt-hem-girth", 4500.0, "skirt-hem-clearance-front", 40.0, "skirt-hip-girth", 4500.0),
                    0.5);
    private static final Plate PLATE =
            PlateMaker.plate(StandMaker.rough(DRESSED.body()).wearing(DRESSED), Viewpoint.of(FigureView.FRONT));

    private static BufferedImage picture(CameraStandIn.Shot shot) {
        return CameraStandIn.photograph(PLATE, 1650, shot);
    }

    private static boolean same(BufferedImage one, BufferedImage other) {
        for (int y = 0; y < one.getHeight(); y += 7) {
            for (int x = 0; x < one.getWidth(); x += 5) {
                if (one.getRGB(x, y) != other.getRGB(x, y)) {
                    return false;
                }
            }
        }
        return true;
    }

    private static double broadest(List<PictureOutline.Row> rows, double height) {
        return rows.stream()
                .filter(row -> Math.abs(row.height() - height) < 0.004)
                .mapToDouble(row -> row.left() + row.right())
                .average()
                .orElseThrow();
    }

    @Test
    void sameShot_givesTheSamePicture_anotherPoseLensLightOrGrainAnother() {
        CameraStandIn.Shot plain = CameraStandIn.Shot.PLAIN;
        BufferedImage first = picture(plain);
        assertThat(same(first, picture(plain))).isTrue();
        List<CameraStandIn.Shot> others = List.of(
                new CameraStandIn.Shot(3, 0, 0, 0, -30, 1, 0, 1),
                new CameraStandIn.Shot(0, 20, 0, 0, -30, 1, 0, 1),
                new CameraStandIn.Shot(0, 0, 0.03, 0, -30, 1, 0, 1),
                new CameraStandIn.Shot(0, 0, 0, 0.05, -30, 1, 0, 1),
                new CameraStandIn.Shot(0, 0, 0, 0, 60, 1, 0, 1),
                new CameraStandIn.Shot(0, 0, 0, 0, -30, 0.7, 0, 1),
                new CameraStandIn.Shot(0, 0, 0, 0, -30, 1, 6, 1));
        others.forEach(shot ->
                assertThat(same(first, picture(shot))).as(shot.toString()).isFalse());
        assertThat(same(
                        picture(new CameraStandIn.Shot(0, 0, 0, 0, -30, 1, 6, 1)),
                        picture(new CameraStandIn.Shot(0, 0, 0, 0, -30, 1, 6, 2))))
                .isFalse();
    }

    @Test
    void outlineOfAPlainPicture_isTheFigureThatWasPhotographed() {
        List<PictureOutline.Row> rows = PictureOutline.read(picture(CameraStandIn.Shot.PLAIN));
        for (double share : new double[] {0.1, 0.2, 0.3}) {
            double drawn = DRESSED.skirtForm().orElseThrow().breadth(share * 1650) / 1650;
            assertThat(broadest(rows, share)).as("at " + share).isCloseTo(drawn, within(0.012));
        }
        // The head is where the top of the picture is.
        assertThat(rows.get(0).height()).isCloseTo(1, within(1e-9));
    }

    @Test
    void grainAndLight_changeLittle_aTurnNarrows() {
        List<PictureOutline.Row> plain = PictureOutline.read(picture(CameraStandIn.Shot.PLAIN));
        List<PictureOutline.Row> grainy =
                PictureOutline.read(picture(new CameraStandIn.Shot(0, 0, 0, 0, 40, 0.9, 5, 3)));
        assertThat(broadest(grainy, 0.2)).isCloseTo(broadest(plain, 0.2), within(0.02));
        List<PictureOutline.Row> turned =
                PictureOutline.read(picture(new CameraStandIn.Shot(0, 30, 0, 0, -30, 1, 0, 1)));
        assertThat(broadest(turned, 0.2)).isCloseTo(broadest(plain, 0.2) * Math.cos(Math.toRadians(30)), within(0.02));
    }

    @Test
    void wallWithoutAnybody_isRefusedWithAdvice() {
        BufferedImage empty = new BufferedImage(300, 400, BufferedImage.TYPE_INT_RGB);
        assertThatThrownBy(() -> PictureOutline.read(empty))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("plain wall");
    }
}
