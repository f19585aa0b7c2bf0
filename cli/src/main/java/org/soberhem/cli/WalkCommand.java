package org.soberhem.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.print.DraftingCardPdf;
import org.soberhem.files.print.PaperSize;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(name = "walk", description = "Says step by step how a sheet is drawn; with --out as a printed drafting card.")
final class WalkCommand extends Answering {

    @Mixin
    private DraftRequest request;

    @Option(names = "--name", paramLabel = "NAME", defaultValue = "the wearer", description = "who it is drawn for")
    private String name;

    @Option(names = "--cm", description = "lengths in centimetres instead of inches")
    private boolean centimetres;

    @Option(names = "--out", paramLabel = "FILE", description = "the drafting card, ends in .pdf")
    private Optional<Path> out;

    @Override
    public Integer call() {
        DraftRequest.Asked asked = request.unaltered("walk");
        LengthFormat format = centimetres ? LengthFormat.CENTIMETRES : LengthFormat.INCH_EIGHTHS;
        DraftingSteps walk;
        try {
            walk = DraftingSteps.of(asked.sheet(), asked.inputs());
        } catch (DraftException dead) {
            throw new WrongInput(dead.getMessage());
        }
        out.ifPresent(file ->
                GivenFiles.write(file, DraftingCardPdf.write(asked.sheet().sheet(), name, walk, format, PaperSize.A4)));
        if (asJson()) {
            out().println(Answers.json(
                    walk.steps().stream().map(step -> json(step, format)).toList()));
        } else {
            int number = 1;
            for (DraftingSteps.Step step : walk.brief()) {
                out().println(number++ + ". " + step.whole().in(format));
            }
        }
        return 0;
    }

    private static Map<String, Object> json(DraftingSteps.Step step, LengthFormat format) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("piece", step.owner());
        json.put("subject", step.subject());
        json.put("kind", step.kind().name());
        json.put("sentence", step.sentence().in(format));
        step.why().ifPresent(why -> json.put("why", why));
        return json;
    }
}
