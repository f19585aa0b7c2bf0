package org.soberhem.cli.workspace;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.ExitCode;
import org.soberhem.cli.given.GivenWorkspace;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.gate.GateCondition;
import org.soberhem.core.gate.GateStanding;
import org.soberhem.files.exchange.Answers;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "ready",
        description =
                "Says whether a step that cannot be taken back may be taken, and what is missing; exit 1 if it may not.")
public final class ReadyCommand extends Answering {

    @Mixin
    private GivenWorkspace given;

    @Parameters(index = "1", arity = "0..1", paramLabel = "GARMENT", description = "the first if not given")
    private String garment;

    @Option(
            names = "--step",
            paramLabel = "STEP",
            description = "cut-cloth, trim, cut-hem or clip-notch; cut-cloth if not given")
    private String step = "cut-cloth";

    @Override
    public Integer call() {
        return given.with(studio -> {
            Costume costume = studio.situation().costume();
            String name = costume.garments().stream()
                    .map(Garment::name)
                    .filter(each -> garment == null || each.equalsIgnoreCase(garment))
                    .findFirst()
                    .orElseThrow(() -> new WrongInput("\"" + costume.title() + "\" has no garment"
                            + (garment == null ? "" : " \"" + garment + "\"")));
            GateStanding standing = studio.current().standing(name, step());
            if (asJson()) {
                out().println(Answers.json(answer(standing)));
            } else {
                print(standing);
            }
            return standing.isOpen() || standing.passed().isPresent() ? 0 : ExitCode.DOES_NOT_FIT;
        });
    }

    private GateStep step() {
        for (GateStep each : GateStep.values()) {
            if (name(each).equals(step)) {
                return each;
            }
        }
        throw new WrongInput("--step must be cut-cloth, trim, cut-hem or clip-notch: " + step);
    }

    private static String name(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private Map<String, Object> answer(GateStanding standing) {
        List<Map<String, Object>> conditions = new ArrayList<>();
        for (GateCondition condition : standing.conditions()) {
            Map<String, Object> line = new LinkedHashMap<>();
            line.put("condition", name(condition.check()));
            line.put("state", name(condition.state()));
            line.put("words", condition.words().in(given.format()));
            conditions.add(line);
        }
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("step", name(standing.step()));
        answer.put("garment", standing.garment());
        answer.put("open", standing.isOpen());
        standing.passed().ifPresent(passage -> answer.put("passed", passage.reason()));
        answer.put("conditions", conditions);
        return answer;
    }

    private void print(GateStanding standing) {
        out().println(standing.step().words() + ", " + standing.garment() + ": "
                + (standing.isOpen() ? "open" : "closed"));
        for (GateCondition condition : standing.conditions()) {
            String mark = switch (condition.state()) {
                case MET -> "✓ ";
                case MISSING -> "✗ ";
                case UNKNOWN -> "? ";
            };
            out().println(mark + condition.words().in(given.format()));
        }
        standing.passed().ifPresent(passage -> out().println("Passed on " + passage.date() + ": " + passage.reason()));
    }
}
