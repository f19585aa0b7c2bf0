package org.soberhem.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.BooleanSupplier;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.ExitCode;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.Typed;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.cloth.Lay;
import org.soberhem.core.cloth.LayException;
import org.soberhem.core.cloth.LayPiece;
import org.soberhem.core.cloth.LayPlanner;
import org.soberhem.core.cloth.LayRules;
import org.soberhem.core.cloth.ShortClothAdvice;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.exchange.LayFile;
import org.soberhem.files.exchange.LaySvg;
import org.soberhem.library.input.FormatException;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "lay",
        description =
                "Plans how pieces lie on a cloth and tells the length that they need; exit code 1 where a piece is too wide.")
final class LayCommand extends Answering {

    private static final double MOST_SECONDS = 3600;
    private static final double SECOND = 1e9;

    /** Ways out that are tried, one after the other. */
    private static final int WAYS = 5;

    @Parameters(paramLabel = "PIECES", description = "pieces with their outlines, or a drafted pattern, as JSON")
    private Path pieces;

    @Option(names = "--width", paramLabel = "LENGTH", required = true, description = "usable width of the cloth")
    private String width;

    @Option(names = "--fold", description = "the cloth lies folded lengthwise")
    private boolean fold;

    @Option(names = "--nap", description = "nap, pile or print with an up and a down: no piece is turned")
    private boolean nap;

    @Option(names = "--both-alike", description = "its two sides are alike: no piece need be mirrored")
    private boolean bothAlike;

    @Option(
            names = "--lean",
            paramLabel = "DEGREES",
            defaultValue = "0",
            description = "by how much a grain line may lean, at most 5")
    private double lean;

    @Option(names = "--gap", paramLabel = "LENGTH", defaultValue = "0 in", description = "between pieces")
    private String gap;

    @Option(
            names = "--repeat-across",
            paramLabel = "LENGTH",
            defaultValue = "0 in",
            description = "of a stripe or check; pieces with a place to match are laid on it")
    private String across;

    @Option(names = "--repeat-along", paramLabel = "LENGTH", defaultValue = "0 in", description = "the same, along")
    private String along;

    @Option(
            names = "--seconds",
            paramLabel = "N",
            defaultValue = "5",
            description = "how long it looks for a shorter one (${DEFAULT-VALUE})")
    private double seconds;

    @Option(names = "--out", paramLabel = "FILE", description = "ends in .svg or .json: where every piece lies")
    private Optional<Path> out;

    @Override
    public Integer call() {
        String ending = out.map(LayCommand::ending).orElse("json");
        if (!List.of("svg", "json").contains(ending)) {
            throw new WrongInput(out.orElseThrow() + ": the name must end in .svg or .json");
        }
        if (!(seconds > 0 && seconds <= MOST_SECONDS)) {
            throw new WrongInput("--seconds must be more than 0 and at most 3600: " + seconds);
        }
        List<LayPiece> read = read();
        LayRules rules = rules();
        List<Lay> found = new ArrayList<>();
        long start = System.nanoTime();
        try {
            new LayPlanner(read, rules, new SplittableRandom(1))
                    .plan(() -> System.nanoTime() - start < seconds * SECOND, found::add);
        } catch (LayException wide) {
            refuse(wide, waysOut(read, rules));
            return ExitCode.DOES_NOT_FIT;
        }
        tell(found.get(found.size() - 1), (System.nanoTime() - start) / SECOND, ending);
        return 0;
    }

    /** Tries what can be done where a piece is too wide: each way gets its share of the time. */
    private List<String> waysOut(List<LayPiece> read, LayRules rules) {
        return new ShortClothAdvice(read, rules, Optional.empty(), this::share, new SplittableRandom(1))
                .ways(Double.MAX_VALUE).stream()
                        .map(way -> way.words().in(LengthFormat.INCH_EIGHTHS))
                        .toList();
    }

    private BooleanSupplier share() {
        long until = System.nanoTime() + (long) (seconds * SECOND / WAYS);
        return () -> System.nanoTime() < until;
    }

    private void refuse(LayException wide, List<String> ways) {
        if (asJson()) {
            out().println(Answers.json(Map.of("fits", false, "piece", wide.piece(), "ways", ways)));
            return;
        }
        out().println(wide.sentence().in(LengthFormat.INCH_EIGHTHS));
        ways.forEach(way -> out().println("  " + way));
    }

    private static String ending(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return name.substring(name.lastIndexOf('.') + 1);
    }

    private List<LayPiece> read() {
        try {
            return LayFile.read(GivenFiles.text(pieces));
        } catch (FormatException wrong) {
            throw new WrongInput(pieces + ": " + wrong.getMessage());
        }
    }

    private LayRules rules() {
        try {
            return new LayRules(
                    Typed.length("--width", width),
                    fold,
                    nap,
                    bothAlike,
                    lean,
                    Typed.length("--gap", gap),
                    Typed.length("--repeat-across", across),
                    Typed.length("--repeat-along", along));
        } catch (IllegalArgumentException wrong) {
            throw new WrongInput(wrong.getMessage());
        }
    }

    private void tell(Lay lay, double took, String ending) {
        String written = ending.equals("svg") ? LaySvg.write(lay) : LayFile.json(lay, took);
        out.ifPresent(file -> GivenFiles.write(file, written.getBytes(StandardCharsets.UTF_8)));
        if (asJson()) {
            out().println(Answers.json(LayFile.figures(lay, took)));
        } else {
            LayFile.figures(lay, took).forEach((name, value) -> out().println(name + ": " + value));
        }
    }
}
