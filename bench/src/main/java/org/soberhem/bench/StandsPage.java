package org.soberhem.bench;

import java.io.File;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.silhouette.Dressing;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.files.print.PlateInk;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.DemoStudio;

/** Draws ten wearers of the demo and of the measured bodies side by side: {@code docs/stands.png}. */
public final class StandsPage {

    private static final double DOTS = 0.42;

    private final Library library = Library.shipped();
    private final Dressing dressing = new Dressing(library.figurePlan(), library.wardrobe());
    private final List<Plate> plates = new ArrayList<>();

    private StandsPage() {}

    /** @param args the file */
    public static void main(String[] args) throws IOException {
        StandsPage page = new StandsPage();
        Studio studio = DemoStudio.open(Runnable::run);
        page.demo(studio, "ada", "blouse-1906", Viewpoint.of(FigureView.FRONT));
        page.demo(studio, "henk", "none", Viewpoint.of(FigureView.FRONT));
        page.demo(studio, "lina", "none", Viewpoint.of(FigureView.FRONT));
        page.demo(studio, "greta", "woman-1861", Viewpoint.THREE_QUARTERS);
        page.demo(studio, "wiebke", "none", Viewpoint.of(FigureView.SIDE));
        page.stooped();
        page.extreme(true, true);
        page.extreme(true, false);
        page.extreme(false, true);
        page.extreme(false, false);
        ImageIO.write(PlateInk.picture(page.plates, DOTS), "png", new File(args[0]));
    }

    private void demo(Studio studio, String id, String stack, Viewpoint from) {
        Wearer wearer = studio.histories().wearers().values().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
        Dressing.Subject subject = new Dressing.Subject(
                wearer.build(), Optional.of(wearer.sets().get(wearer.sets().size() - 1)), stack, Map.of());
        DressedFigure dressed = dressing.dressed(subject, Map.of(), 0.5);
        Stand stand = StandMaker.of(dressed.body());
        plates.add(PlateMaker.plate(stand.wearing(dressed), from));
    }

    /** A long back over a short front. */
    private void stooped() {
        Map<String, Double> read = Map.of(
                "height",
                1600.0,
                "chest",
                980.0,
                "waist-crease",
                900.0,
                "full-hip",
                1000.0,
                "nape-to-waist",
                470.0,
                "neck-pit-to-waist",
                330.0,
                "across-back",
                400.0,
                "across-chest",
                320.0);
        drawn(new Build(Age.ADULT, false), read, Viewpoint.of(FigureView.SIDE));
    }

    /** The thinnest or the stoutest of the measured women or men, beside their height. */
    private void extreme(boolean woman, boolean thin) {
        Bodies.Body found = Bodies.measured().stream()
                .filter(body -> body.woman() == woman)
                .reduce((one, other) -> stout(one) < stout(other) == thin ? one : other)
                .orElseThrow();
        drawn(
                new Build(Age.ADULT, woman),
                found.millimetres(),
                Viewpoint.of(woman ? FigureView.SIDE : FigureView.BACK));
    }

    private static double stout(Bodies.Body body) {
        return body.millimetres().get("waist-narrowest") / body.millimetres().get("height");
    }

    private void drawn(Build build, Map<String, Double> read, Viewpoint from) {
        BodyFigure figure =
                new BodyFigure(library.figurePlan(), build, measure -> read.getOrDefault(measure, Double.NaN));
        plates.add(PlateMaker.plate(StandMaker.of(figure).solids(), from));
    }
}
