package org.soberhem.cli;

import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.DraftRequest;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.Answers;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "compare",
        description = "Draws a sheet twice, for another wearer or by another setting or law, and tells what differs.")
final class CompareCommand extends Answering {

    @Mixin
    private DraftRequest request;

    @Option(names = "--with", paramLabel = "FILE", description = "measurements of the other wearer")
    private Optional<Path> other;

    @Option(names = "--then", paramLabel = "NAME=VALUE", description = "a setting, way or law of the other draft")
    private Map<String, String> then = new LinkedHashMap<>();

    @Override
    public Integer call() {
        if (other.isEmpty() && then.isEmpty()) {
            throw new WrongInput("say what is otherwise: --with FILE or --then NAME=VALUE");
        }
        DraftRequest.Asked asked = request.asked();
        Inputs inputs = other.map(file -> new Inputs(
                        DraftRequest.inputs(Library.shipped(), file).measures(),
                        asked.inputs().settings()))
                .orElse(asked.inputs());
        DraftRequest.Asked otherwise =
                new DraftRequest.Asked(asked.sheet(), DraftRequest.set(asked.sheet(), inputs, then));
        List<Effect> effects = Effect.between(request.altered(asked), request.altered(otherwise));
        if (asJson()) {
            out().println(Answers.json(effects.stream()
                    .map(effect -> Map.<String, Object>of(
                            "name", effect.name(),
                            "before_mm", hundredths(effect.before()),
                            "after_mm", hundredths(effect.after())))
                    .toList()));
        } else if (effects.isEmpty()) {
            out().println("no girth or length differs by a sixteenth of an inch");
        } else {
            effects.forEach(effect -> out().println(effect.sentence().in(LengthFormat.INCH_EIGHTHS)));
        }
        return 0;
    }

    private static double hundredths(double millimetres) {
        return Math.round(millimetres * 100) / 100.0;
    }
}
