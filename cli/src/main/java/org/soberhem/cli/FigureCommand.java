package org.soberhem.cli;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.imageio.ImageIO;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenCostume;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.DressedPlate;
import org.soberhem.core.figure.FigurePlate;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.silhouette.FigureQuantities;
import org.soberhem.files.device.CameraStandIn;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.exchange.FigureSvg;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "figure",
        description =
                "Draws a wearer in garments with the period's outline (.svg), or lets the camera stand-in photograph it (.png).")
final class FigureCommand extends Answering {

    @Mixin
    private GivenCostume costume;

    @Option(names = "--view", defaultValue = "front", description = "front, side or back (${DEFAULT-VALUE})")
    private String view;

    @Option(names = "--casual", description = "photographed in a hurry: leaning, turned, with grain")
    private boolean casual;

    @Option(names = "--out", paramLabel = "FILE", required = true, description = ".svg or .png by ending")
    private Path file;

    @Override
    public Integer call() {
        GivenCostume.Given given = costume.given();
        DressedFigure dressed = given.judge().figure(given.at(), 0.5);
        FigureView from = view();
        String name = file.toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(".svg")) {
            List<org.soberhem.core.geometry.Path> bands = given.silhouette()
                    .map(each -> given.judge()
                            .dressing()
                            .outline(each, given.at().subject())
                            .bands(from))
                    .orElse(List.of());
            GivenFiles.write(
                    file, FigureSvg.write(DressedPlate.of(dressed, from), bands).getBytes(StandardCharsets.UTF_8));
        } else if (name.endsWith(".png")) {
            GivenFiles.write(
                    file, png(DressedPlate.of(dressed, from), dressed.body().height()));
        } else {
            throw new WrongInput("--out must end in .svg or .png: " + file);
        }
        Map<String, Object> answer = new LinkedHashMap<>(FigureQuantities.of(dressed));
        if (asJson()) {
            out().println(Answers.json(List.of(answer)));
        } else {
            out().println("Written: " + file);
        }
        return 0;
    }

    private FigureView view() {
        try {
            return FigureView.valueOf(view.toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException unknown) {
            throw new WrongInput("--view must be front, side or back: \"" + view + "\"");
        }
    }

    private byte[] png(FigurePlate plate, double height) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(
                    CameraStandIn.photograph(
                            plate, height, casual ? CameraStandIn.Shot.CASUAL : CameraStandIn.Shot.PLAIN),
                    "png",
                    bytes);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return bytes.toByteArray();
    }
}
