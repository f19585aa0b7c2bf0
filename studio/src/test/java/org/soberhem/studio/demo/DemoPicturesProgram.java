package org.soberhem.studio.demo;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.imageio.ImageIO;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.files.device.CameraStandIn;
import org.soberhem.files.device.PlateCamera;
import org.soberhem.files.store.Workspace;
import org.soberhem.library.Library;
import org.soberhem.studio.Keeper;
import org.soberhem.studio.Studio;

/**
 * Draws the demo's two pictures with the camera stand-in: a plate of the secretary with its buttons where they should
 * be, and a photograph of a fitting on which they sit too low. Prints where the marks lie, in shares of the width.
 */
final class DemoPicturesProgram {

    private static final double BUTTON = 9;
    private static final double[] HEIGHTS = {1330, 1245, 1160, 1075};
    private static final double[] TOO_LOW = {25.4, 25.4, 12.7, 0};

    private DemoPicturesProgram() {}

    /** @param args folder for the pictures */
    public static void main(String[] args) throws IOException {
        Path folder = Path.of(args[0]);
        Files.createDirectories(folder);
        Path workspaceFolder = Files.createTempDirectory("demo-pictures");
        Workspace workspace = Workspace.open(workspaceFolder, Clock.systemUTC());
        Library library = Library.shipped();
        Demo.fill(workspace, library, LocalDate.of(2026, 5, 14));
        Studio studio = new Studio(library, Keeper.atOnce(workspace), Clock.systemUTC());
        studio.open("secretary-1906");
        DressedFigure dressed = studio.judge().figure(studio.situation().judged(), 0.5);
        double height = dressed.body().height();
        picture(dressed, height, new double[4], CameraStandIn.Shot.PLAIN, folder.resolve("plate.jpg"), "plate");
        picture(dressed, height, TOO_LOW, CameraStandIn.Shot.CASUAL, folder.resolve("fitting-2.jpg"), "fitting");
        studio.keeper().close();
        ImageIO.write(
                PlateCamera.photograph(DemoTracing.plate(library), DemoTracing.TILT, DemoTracing.PIXELS),
                "jpg",
                folder.resolve(DemoTracing.PICTURE).toFile());
    }

    private static void picture(
            DressedFigure dressed, double height, double[] low, CameraStandIn.Shot shot, Path file, String name)
            throws IOException {
        Plate plate = PlateMaker.plate(StandMaker.of(dressed.body()).wearing(dressed), Viewpoint.of(FigureView.FRONT));
        List<Plate.Wash> washes = new ArrayList<>(plate.washes());
        List<List<Point>> buttons = new ArrayList<>();
        for (int i = 0; i < HEIGHTS.length; i++) {
            buttons.add(circle(new Point(0, low[i] - HEIGHTS[i])));
        }
        washes.add(new Plate.Wash(Solid.Material.SKIRT, 0, buttons));
        BufferedImage picture =
                CameraStandIn.photograph(new Plate(plate.from(), washes, plate.strokes()), height, shot);
        ImageIO.write(picture, "jpg", file.toFile());
        mark(picture, height, shot, name + " crown", new Point(0, -height));
        mark(picture, height, shot, name + " toes", new Point(0, 0));
        for (int i = 0; i < HEIGHTS.length; i++) {
            mark(picture, height, shot, name + " button " + (i + 1), new Point(0, low[i] - HEIGHTS[i]));
        }
    }

    private static List<Point> circle(Point at) {
        List<Point> round = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            double angle = Math.PI * i / 12;
            round.add(new Point(at.x() + BUTTON * Math.cos(angle), at.y() + BUTTON * Math.sin(angle)));
        }
        return round;
    }

    /**
     * Goes the way of the camera stand-in: its place in the scene, then the lens undone by coming nearer step by step.
     */
    private static void mark(BufferedImage picture, double height, CameraStandIn.Shot shot, String name, Point at) {
        double wide = picture.getWidth();
        double high = picture.getHeight();
        double scale = high * CameraStandIn.FILLS / height;
        double lean = Math.toRadians(shot.lean());
        double x = at.x() * scale * Math.cos(Math.toRadians(shot.turn()));
        double y = at.y() * scale;
        double sx = wide / 2 + x * Math.cos(lean) - y * Math.sin(lean) - wide / 2;
        double sy = high * CameraStandIn.FLOOR + x * Math.sin(lean) + y * Math.cos(lean) - high / 2;
        double corner = wide * wide / 4 + high * high / 4;
        double dx = sx;
        double dy = sy;
        for (int i = 0; i < 50; i++) {
            double bend = 1 + shot.distortion() * (dx * dx + dy * dy) / corner;
            double near = 1 + shot.closeness() * dy / (high / 2);
            dx = sx / (bend * near);
            dy = sy / bend;
        }
        System.out.printf(Locale.ROOT, "%s %.4f, %.4f%n", name, 0.5 + dx / wide, (high / 2 + dy) / wide);
    }
}
