package org.soberhem.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.cli.given.ExitCode;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.GivenWearer;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.drape.ArmsLifted;
import org.soberhem.core.drape.BodyField;
import org.soberhem.core.drape.ClothKind;
import org.soberhem.core.drape.ClothTension;
import org.soberhem.core.drape.Draped;
import org.soberhem.core.drape.ReadOff;
import org.soberhem.core.drape.TryOn;
import org.soberhem.core.drape.WornFinding;
import org.soberhem.core.drape.WornFindings;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.silhouette.Dressing;
import org.soberhem.core.stand.Pose;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.core.worn.CannotTryOn;
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
        name = "try",
        description =
                "Sews a draft's pieces together and puts them on the wearer's stand: where it is tight, where slack, how it lies. Ends with 1 if something is tight.")
final class TryCommand extends Answering {

    private static final double DOTS = 0.6;

    /** Arms that hang are so far from plumb, degrees. */
    private static final double HANGING = 9;

    @Mixin
    private DraftRequest request;

    @Mixin
    private GivenWearer wearer;

    @Option(
            names = "--layers",
            paramLabel = "STACK",
            description = "the layers worn beneath; usually those measured over")
    private String layers;

    @Option(
            names = "--cloth",
            paramLabel = "NAME",
            description = "what it is made of; usually cotton muslin, boned coutil for stays")
    private String cloth;

    @Option(
            names = "--own-cloth",
            paramLabel = "FIGURE",
            split = ",",
            description =
                    "one's own by two kitchen tests: grams a square metre; how far a strip pushed over an edge hangs over when its end has sunk to 41.5 degrees, mm; a strip hung: grams at its end, its width, its length, how much longer it grew, mm")
    private List<Double> ownCloth = List.of();

    @Option(
            names = "--arms",
            paramLabel = "DEGREES",
            defaultValue = "25",
            description = "how far the arms stand off from plumb, 9 to 120 (${DEFAULT-VALUE})")
    private double arms;

    @Option(
            names = "--lift",
            paramLabel = "DEGREES",
            description = "tried once more with the arms lifted so far: how far waist and wrists rise")
    private Double lift;

    @Option(names = "--no-arms", description = "the arms are taken off, as from a dressmaker's stand")
    private boolean armless;

    @Option(
            names = "--spacing",
            paramLabel = "MILLIMETRES",
            defaultValue = "15",
            description = "of the cloth's vertices, 8 to 30 (${DEFAULT-VALUE})")
    private double spacing;

    @Option(
            names = "--limit",
            paramLabel = "PERCENT",
            description = "stretch from which cloth is tight; usually what the cloth takes without harm")
    private Double limit;

    @Option(
            names = "--out",
            paramLabel = "FILE",
            description = ".png (four sides), .svg, .obj, .glb or .json by ending")
    private Path file;

    @Override
    public Integer call() {
        Library library = Library.shipped();
        DraftRequest.Answer answer = request.answer();
        ClothKind kind = kind(library, answer.work().sheet().sheet().about().garment());
        Stand stand = StandMaker.of(body(library)).posed(pose("--arms", arms));
        BodyField field = BodyField.of(stand);
        long began = System.nanoTime();
        Draped draped = tried(stand, field, answer.work().pattern(), kind);
        double seconds = (System.nanoTime() - began) / 1e9;
        double most = limit == null ? kind.drawn().gives() : limit / 100;
        List<WornFinding> findings = new ArrayList<>(WornFindings.of(draped, most));
        if (lift != null) {
            Stand lifted = stand.posed(pose("--lift", lift));
            findings.addAll(ArmsLifted.between(
                    draped, tried(lifted, field.posed(lifted), answer.work().pattern(), kind), most));
        }
        Map<String, Object> told = told(draped, most, findings, seconds);
        if (file != null) {
            GivenFiles.write(file, content(draped, most, told));
        }
        if (asJson()) {
            out().println(Answers.json(List.of(told)));
        } else {
            findings.forEach(each -> out().println(each.sentence().in(LengthFormat.INCH_EIGHTHS)));
            if (file != null) {
                out().println("Written: " + file);
            }
        }
        boolean tight = findings.stream().anyMatch(each -> each.kind() == WornFinding.Kind.TIGHT);
        return tight ? ExitCode.DOES_NOT_FIT : ExitCode.DONE;
    }

    private Draped tried(Stand stand, BodyField field, Pattern pattern, ClothKind kind) {
        if (!(spacing >= 8 && spacing <= 30)) {
            throw new WrongInput("--spacing must be 8 to 30 millimetres: " + spacing);
        }
        try {
            return TryOn.on(stand, field, pattern, new TryOn.Plan(kind, spacing, !armless), TryOn.Onlooker.NONE);
        } catch (CannotTryOn wrong) {
            throw new WrongInput(wrong.getMessage());
        }
    }

    private BodyFigure body(Library library) {
        MeasurementSet set = wearer.set(library, request.measures());
        String measured = wearer.over(library);
        Dressing dressing = new Dressing(library.figurePlan(), library.wardrobe());
        String worn = layers == null ? measured : GivenWearer.stack(library, layers);
        Dressing.Subject subject = new Dressing.Subject(wearer.build(), Optional.of(set), worn, Map.of());
        return worn.equals(measured) ? dressing.asMeasured(subject) : dressing.body(subject, 0.5);
    }

    private ClothKind kind(Library library, String garment) {
        if (!ownCloth.isEmpty()) {
            return own(library.clothFor(garment));
        }
        if (cloth == null) {
            return library.clothFor(garment);
        }
        return library.clothKinds().stream()
                .filter(kind -> kind.id().equals(cloth))
                .findFirst()
                .orElseThrow(() -> new WrongInput("--cloth: \"" + cloth + "\" is not among "
                        + library.clothKinds().stream().map(ClothKind::id).toList()));
    }

    /** Returns the cloth of two kitchen tests; what they do not tell is as usual. */
    private ClothKind own(ClothKind usual) {
        if (ownCloth.size() != 6 || ownCloth.stream().anyMatch(figure -> !(figure > 0))) {
            throw new WrongInput(
                    "--own-cloth takes six figures greater than 0: grams,overhang,load,width,length,longer");
        }
        double weight = ownCloth.get(0);
        double bends = ClothKind.bending(ownCloth.get(1), weight);
        double drawn = ClothKind.stretching(ownCloth.get(2), ownCloth.get(3), ownCloth.get(4), ownCloth.get(5));
        return usual.with(own -> own.id("own")
                .title("One's own")
                .weight(weight)
                .drawn(new ClothKind.Drawn(
                        drawn, drawn, usual.drawn().shear(), usual.drawn().gives()))
                .bent(new ClothKind.Bent(bends, bends)));
    }

    private static Pose pose(String option, double degrees) {
        if (!(degrees >= HANGING && degrees <= 120)) {
            throw new WrongInput(option + " must be 9 to 120 degrees: " + degrees);
        }
        return new Pose(degrees - HANGING, Pose.HANGING.bent());
    }

    private Map<String, Object> told(Draped draped, double most, List<WornFinding> findings, double seconds) {
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("cloth", draped.cloth().id());
        told.put("at-rest", draped.atRest());
        told.put("steps", draped.steps());
        told.put("vertices", draped.mesh().vertexCount());
        told.put("seconds", Math.round(seconds * 10) / 10.0);
        told.put(
                "findings",
                findings.stream()
                        .map(each -> Map.of(
                                "kind",
                                each.kind().name().toLowerCase(Locale.ROOT),
                                "says",
                                each.sentence().in(LengthFormat.INCH_EIGHTHS)))
                        .toList());
        told.put("pieces", new ClothTension(draped).pieces(most));
        told.put("levels", new ReadOff(draped).levels());
        told.put("edges", new ReadOff(draped).edges());
        told.put(
                "noise",
                Map.of(
                        "share-of-area",
                        ClothTension.NOISE_OF_AREA,
                        "edges-mm",
                        ReadOff.NOISE_OF_EDGES,
                        "ease-mm",
                        ReadOff.NOISE_OF_EASE));
        told.put("stand-misses", draped.stand().residuals());
        told.put("left-out", draped.mesh().worn().leftOut());
        return told;
    }

    private byte[] content(Draped draped, double most, Map<String, Object> told) {
        List<Solid> solids = draped.withStand(most);
        String name = file.toString().toLowerCase(Locale.ROOT);
        return switch (name.substring(name.lastIndexOf('.') + 1)) {
            case "png" -> {
                List<Plate> plates = Viewpoint.ALL.stream()
                        .map(from -> PlateMaker.plate(solids, from))
                        .toList();
                yield Pictures.png(PlateInk.picture(plates, DOTS));
            }
            case "svg" ->
                PlateSvg.write(
                                PlateMaker.plate(solids, Viewpoint.ALL.get(0)),
                                List.of(),
                                draped.stand().levels(),
                                LengthFormat.INCH_EIGHTHS)
                        .getBytes(StandardCharsets.UTF_8);
            case "obj" -> SurfaceObj.write(solids, draped.stand().tapes());
            case "glb" -> SurfaceGlb.write(solids, draped.stand().tapes());
            case "json" -> Answers.json(List.of(told)).getBytes(StandardCharsets.UTF_8);
            default -> throw new WrongInput("--out must end in .png, .svg, .obj, .glb or .json: " + file);
        };
    }
}
