package org.soberhem.cli;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.GivenFiles;
import org.soberhem.cli.given.Typed;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.fitting.Overlay;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.likeness.Likeness;
import org.soberhem.files.exchange.Answers;
import org.soberhem.files.exchange.MarksFile;
import org.soberhem.library.input.FormatException;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "overlay",
        description =
                "Lays a picture over a reference by places marked on both, and says what differs in real lengths.")
final class OverlayCommand extends Answering {

    @Parameters(
            index = "0",
            paramLabel = "MARKS.csv",
            description = "name,use,there-x,there-y,here-x,here-y; use is holds or compared")
    private Path marks;

    @Option(names = "--perspective", description = "aligns by perspective instead of shift, turn and scale")
    private boolean perspective;

    @Option(names = "--from", paramLabel = "MARK", description = "one end of the length that is known on the wearer")
    private String from;

    @Option(names = "--to", paramLabel = "MARK", description = "its other end")
    private String to;

    @Option(names = "--length", paramLabel = "LENGTH", description = "that length")
    private String length;

    @Override
    public Integer call() {
        try {
            Overlay overlay = Overlay.over("reference").by(perspective);
            for (Overlay.Pair pair : MarksFile.read(GivenFiles.text(marks))) {
                overlay = overlay.with(pair);
            }
            Likeness likeness = Likeness.of(known(overlay));
            if (asJson()) {
                out().println(Answers.json(answer(likeness)));
            } else {
                likeness.differences()
                        .forEach(each -> out().println(each.sentence().in(LengthFormat.INCH_EIGHTHS)));
            }
            return 0;
        } catch (FormatException | IllegalArgumentException wrong) {
            throw new WrongInput(marks + ": " + wrong.getMessage());
        }
    }

    private Overlay known(Overlay overlay) {
        if (from == null && to == null && length == null) {
            return overlay;
        }
        if (from == null || to == null || length == null) {
            throw new WrongInput("--from, --to and --length belong together");
        }
        for (String end : List.of(from, to)) {
            if (overlay.pairs().stream().noneMatch(pair -> pair.name().equals(end))) {
                throw new WrongInput(marks + ": there is no mark \"" + end + "\"");
            }
        }
        return overlay.knowing(new Overlay.Known(from, to, Length.ofMillimetres(Typed.length("--length", length))));
    }

    private static Map<String, Object> answer(Likeness likeness) {
        List<Map<String, Object>> differences = new ArrayList<>();
        for (Likeness.Difference each : likeness.differences()) {
            Map<String, Object> line = new LinkedHashMap<>();
            line.put("name", each.name());
            line.put("right", number(each.right()));
            line.put("down", number(each.down()));
            line.put("words", each.sentence().in(LengthFormat.INCH_EIGHTHS));
            differences.add(line);
        }
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("matrix", likeness.alignment().matrix());
        answer.put("miss", likeness.miss());
        answer.put("mm-per-point", number(likeness.perPoint()));
        answer.put("differences", differences);
        return answer;
    }

    private static Object number(double value) {
        return Double.isNaN(value) ? Optional.empty() : value;
    }
}
