package org.soberhem.cli;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.SumAnswer;
import org.soberhem.cli.given.Typed;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.garment.SkirtSum;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumException;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "skirt",
        description =
                "Balances a skirt of straight panels folded at the waist; exit code 1 where the panel is too short.")
final class SkirtCommand extends Answering {

    @Option(names = "--panel", paramLabel = "LENGTH", description = "length of a panel; left out, one is proposed")
    private Optional<String> panel;

    @Option(
            names = "--hem",
            paramLabel = "LENGTH",
            description =
                    "what the hem still takes of it: its turning, the seam of its facing, or nothing once it is made",
            defaultValue = "0 in")
    private String hem;

    @Option(
            names = "--front",
            paramLabel = "LENGTH",
            required = true,
            description = "finished length at the centre front")
    private String front;

    @Option(names = "--side", paramLabel = "LENGTH", description = "at both sides")
    private Optional<String> side;

    @Option(names = "--left", paramLabel = "LENGTH", description = "at the wearer's left, where the sides differ")
    private Optional<String> left;

    @Option(names = "--right", paramLabel = "LENGTH", description = "at the wearer's right")
    private Optional<String> right;

    @Option(names = "--back", paramLabel = "LENGTH", required = true, description = "at the centre back")
    private String back;

    @Option(names = "--point", paramLabel = "LENGTH", description = "from the waist to the tip of the bodice's point")
    private Optional<String> point;

    @Option(names = "--around", paramLabel = "LENGTH", description = "girth of the hem, so that the marks have places")
    private Optional<String> around;

    @Option(names = "--clearance", paramLabel = "LENGTH", description = "how far the hem stays above the floor")
    private Optional<String> clearance;

    @Option(names = "--overlap", paramLabel = "LENGTH", description = "of the opening at the side-front")
    private Optional<String> overlap;

    @Option(names = "--cut", description = "the petticoat's way: the surplus is cut away, not folded")
    private boolean cut;

    @Option(
            names = "--year",
            paramLabel = "YEAR",
            defaultValue = "1845",
            description = "of the costume (${DEFAULT-VALUE})")
    private int year;

    @Mixin
    private SumAnswer answer;

    @Override
    public Integer call() {
        Map<String, Double> amounts = new LinkedHashMap<>();
        give(amounts, "panel", panel);
        give(amounts, "hem", Optional.of(hem));
        give(amounts, "front", Optional.of(front));
        give(amounts, "back", Optional.of(back));
        give(amounts, "left", left.or(() -> side));
        give(amounts, "right", right.or(() -> side));
        give(amounts, "point", point);
        give(amounts, "around", around);
        give(amounts, "clearance", clearance);
        give(amounts, "overlap", overlap);
        if (!amounts.containsKey("left") || !amounts.containsKey("right")) {
            throw new WrongInput("say how long the skirt is at the sides: --side LENGTH, or --left and --right");
        }
        SumInputs given = new SumInputs(
                "balance",
                amounts,
                Map.of("top", cut ? "cut" : "folded"),
                List.of(),
                Map.of(),
                new SumInputs.Circumstances(year, Library.shipped().usages()));
        Sum sum;
        try {
            sum = SkirtSum.of(given);
        } catch (SumException impossible) {
            throw new WrongInput(impossible.getMessage());
        }
        return answer.tell(this, "Skirt of about " + year, List.of(sum));
    }

    private static void give(Map<String, Double> amounts, String name, Optional<String> typed) {
        typed.ifPresent(text -> amounts.put(name, Typed.length("--" + name, text)));
    }
}
