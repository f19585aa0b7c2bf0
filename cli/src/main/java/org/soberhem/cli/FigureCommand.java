package org.soberhem.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenCostume;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.doubt.BodyDoubt;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.plate.DistanceField;
import org.soberhem.core.plate.Mesh;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.silhouette.FigureQuantities;
import org.soberhem.core.stand.OddReading;
import org.soberhem.core.stand.Pose;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.core.stand.StandWords;
import org.soberhem.files.device.CameraStandIn;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.exchange.PlateSvg;
import org.soberhem.files.exchange.SurfaceGlb;
import org.soberhem.files.exchange.SurfaceObj;
import org.soberhem.files.picture.Pictures;
import org.soberhem.files.print.PlateInk;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "figure",
        description =
                "Draws a wearer's stand in garments with the period's outline (.svg, .png), writes it as surfaces in space (.obj, .glb), or lets the camera stand-in photograph it.")
final class FigureCommand extends Answering {

    private static final double DOTS = 0.6;

    /** Clothes that hang farther from the stand are clear of it, millimetres. */
    private static final double NEAR = 15;

    @Mixin
    private GivenCostume costume;

    @Option(
            names = "--view",
            defaultValue = "front",
            description = "front, side, back, quarter, or all of them side by side (.png only) (${DEFAULT-VALUE})")
    private String view;

    @Option(names = "--bare", description = "the stand without its clothes")
    private boolean bare;

    @Option(
            names = "--arms",
            paramLabel = "DEGREES",
            description = "with --bare: how far the arms are lifted from hanging, 0 to 170")
    private double arms;

    @Option(
            names = "--elbows",
            paramLabel = "DEGREES",
            defaultValue = "12",
            description = "with --bare: how far the elbows are bent, 0 to 140 (${DEFAULT-VALUE})")
    private double elbows;

    @Option(names = "--photograph", description = ".png: as the camera stand-in takes it")
    private boolean photograph;

    @Option(names = "--casual", description = "photographed in a hurry: leaning, turned, with grain")
    private boolean casual;

    @Option(names = "--out", paramLabel = "FILE", required = true, description = ".svg, .png, .obj or .glb by ending")
    private Path file;

    @Override
    public Integer call() {
        GivenCostume.Given given = costume.given();
        DressedFigure dressed = given.judge().figure(given.at(), 0.5);
        Stand stand = posed(StandMaker.of(dressed.body()));
        List<Solid> solids = bare ? stand.solids() : stand.wearing(dressed);
        String name = file.toString().toLowerCase(Locale.ROOT);
        String ending = name.substring(name.lastIndexOf('.') + 1);
        GivenFiles.write(
                file,
                switch (ending) {
                    case "svg" -> svg(given, stand, solids);
                    case "png" -> png(solids, dressed.body().height());
                    case "obj" -> SurfaceObj.write(solids, stand.tapes());
                    case "glb" -> SurfaceGlb.write(solids, stand.tapes());
                    default -> throw new WrongInput("--out must end in .svg, .png, .obj or .glb: " + file);
                });
        if (asJson()) {
            Map<String, Object> answer = new LinkedHashMap<>(FigureQuantities.of(dressed));
            answer.put("stand", about(stand));
            answer.put("clear-of-the-stand", clear(stand, solids));
            out().println(Answers.json(List.of(answer)));
            return 0;
        }
        StandWords words = new StandWords(Library.shipped().measures()::name);
        words.of(stand).forEach(sentence -> out().println(sentence.in(LengthFormat.INCH_EIGHTHS)));
        OddReading.of(dressed.body(), stand)
                .flatMap(odd -> given.at()
                        .set()
                        .flatMap(set -> BodyDoubt.of(set, odd, Library.shipped().measures()::name)))
                .ifPresent(doubt -> out().println(doubt.sentence().in(LengthFormat.INCH_EIGHTHS)));
        out().println("Written: " + file);
        return 0;
    }

    private Stand posed(Stand stand) {
        try {
            return stand.posed(new Pose(arms, elbows));
        } catch (IllegalArgumentException impossible) {
            throw new WrongInput("--arms and --elbows: " + impossible.getMessage());
        }
    }

    /** What the stand misses, and what it does not follow. */
    private static Map<String, Object> about(Stand stand) {
        Map<String, Object> about = new LinkedHashMap<>();
        about.put("residuals", stand.residuals());
        about.put("not-followed", stand.refused());
        double litres = stand.meshes().stream().mapToDouble(Mesh::volume).sum() / 1e6;
        double area = stand.meshes().stream().mapToDouble(Mesh::area).sum() / 1e6;
        about.put("litres", Math.round(litres * 10) / 10.0);
        about.put("square-metres", Math.round(area * 1000) / 1000.0);
        return about;
    }

    /** How near each garment comes to the trunk: in millimetres, less than nothing within it; left out farther away. */
    private static Map<String, Double> clear(Stand stand, List<Solid> solids) {
        DistanceField field = new DistanceField(stand.meshes().get(0), NEAR);
        Map<String, Double> clear = new LinkedHashMap<>();
        for (Solid solid : solids) {
            if (solid.material() == Solid.Material.BODY) {
                continue;
            }
            IntStream.range(0, solid.mesh().placeCount())
                    .mapToDouble(place -> field.at(solid.mesh().place(place)))
                    .filter(distance -> !Double.isNaN(distance))
                    .min()
                    .ifPresent(least -> clear.put(solid.mesh().name(), Math.round(least * 10) / 10.0));
        }
        return clear;
    }

    private byte[] svg(GivenCostume.Given given, Stand stand, List<Solid> solids) {
        Viewpoint from = from(view);
        List<org.soberhem.core.geometry.Path> bands = from.view()
                .flatMap(side -> given.silhouette()
                        .filter(each -> !bare)
                        .map(each -> given.judge()
                                .dressing()
                                .outline(each, given.at().subject())
                                .bands(side)))
                .orElse(List.of());
        return PlateSvg.write(PlateMaker.plate(solids, from), bands, stand.levels(), LengthFormat.INCH_EIGHTHS)
                .getBytes(StandardCharsets.UTF_8);
    }

    private static Viewpoint from(String view) {
        return switch (view) {
            case "front" -> Viewpoint.of(FigureView.FRONT);
            case "side" -> Viewpoint.of(FigureView.SIDE);
            case "back" -> Viewpoint.of(FigureView.BACK);
            case "quarter" -> Viewpoint.THREE_QUARTERS;
            default -> throw new WrongInput("--view must be front, side, back or quarter: \"" + view + "\"");
        };
    }

    private byte[] png(List<Solid> solids, double height) {
        List<Plate> plates = (view.equals("all") ? Viewpoint.ALL : List.of(from(view)))
                .stream().map(each -> PlateMaker.plate(solids, each)).toList();
        if (photograph || casual) {
            return Pictures.png(CameraStandIn.photograph(
                    plates.get(0), height, casual ? CameraStandIn.Shot.CASUAL : CameraStandIn.Shot.PLAIN));
        }
        return Pictures.png(PlateInk.picture(plates, DOTS));
    }
}
