package org.soberhem.desk.silhouette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.silhouette.PeriodOutline;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.library.input.FormatException;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Studios;

class PictureDeskTest {

    @TempDir
    Path folder;

    private Studio studio;
    private PictureDesk desk;

    @BeforeEach
    void open() {
        studio = Studios.demo(folder);
        studio.open("secretary-1906");
        desk = new PictureDesk(studio);
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private Optional<Silhouette> period() {
        return studio.judge().silhouette(studio.situation().judged());
    }

    private PictureDesk.Measured measure(byte[] content) {
        return desk.measure(content, studio.situation().judged(), period());
    }

    /** What the camera saw is as broad as the figure that stood before it. */
    @Test
    void photograph_measuredAgain_isTheFigure() {
        DressedFigure figure = studio.judge().figure(studio.situation().judged(), 0.5);
        PictureDesk.Measured seen = measure(desk.photograph());
        double height = figure.body().height();
        double top = -seen.right().stream()
                .min(Comparator.comparingDouble(Point::y))
                .orElseThrow()
                .y();
        assertThat(top).isCloseTo(height, within(0.03 * height));
        double knee = figure.body().at("knee").middle().y();
        Point there = seen.right().stream()
                .min(Comparator.comparingDouble(point -> Math.abs(-point.y() - knee)))
                .orElseThrow();
        assertThat(there.x()).isCloseTo(figure.skirtForm().orElseThrow().right().at(knee), within(0.03 * height));
        assertThat(seen.departure()).isPresent();
    }

    @Test
    void measured_withoutAnOutline_departsFromNothing() {
        assertThat(desk.measure(desk.photograph(), studio.situation().judged(), Optional.empty())
                        .departure())
                .isEmpty();
    }

    @Test
    void keep_standsWithTheLatestFitting() {
        desk.keep(new PeriodOutline.Departure(31.75, 700));
        assertThat(studio.situation()
                        .costume()
                        .latestFitting()
                        .orElseThrow()
                        .readings()
                        .get("outline-departure")
                        .toMillimetres())
                .isCloseTo(31.75, within(1e-6));
    }

    @Test
    void noPicture_orNobodyInIt_isSaid() throws IOException {
        assertThatThrownBy(() -> measure("a letter".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("PNG or JPEG");
        BufferedImage wall = new BufferedImage(300, 400, BufferedImage.TYPE_INT_RGB);
        Graphics2D paint = wall.createGraphics();
        paint.setColor(Color.LIGHT_GRAY);
        paint.fillRect(0, 0, 300, 400);
        paint.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(wall, "png", bytes);
        assertThatThrownBy(() -> measure(bytes.toByteArray()))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("wall");
    }
}
