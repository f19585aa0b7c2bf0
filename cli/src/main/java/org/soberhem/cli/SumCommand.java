package org.soberhem.cli;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.soberhem.cli.given.Answering;
import org.soberhem.cli.given.SumAnswer;
import org.soberhem.cli.given.WrongInput;
import org.soberhem.core.garment.OwnSum;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumException;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.garment.SumKind;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.library.Library;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "sum",
        description = "Works out a sum of your own, apart from any sheet: sum trimming \"edge=120 in\" \"depth=4 in\""
                + " \"cloth-width=44 in\" fullness=2. Without places it says what the sum asks.")
final class SumCommand extends Answering {

    @Parameters(
            index = "0",
            paramLabel = "KIND",
            description = "skirt, gores, gathers, hood, cape, arm-hole, cap, drape, trimming or band")
    private String kind;

    @Parameters(index = "1..*", paramLabel = "PLACE=VALUE", description = "each measured place, number or way")
    private List<String> places = List.of();

    @Option(
            names = "--year",
            paramLabel = "YEAR",
            defaultValue = "1850",
            description = "of the costume (${DEFAULT-VALUE})")
    private int year;

    @Mixin
    private SumAnswer answer;

    @Override
    public Integer call() {
        SumKind found = SumKind.find(kind)
                .orElseThrow(() -> new WrongInput("\"" + kind + "\" is not a sum; there are "
                        + Arrays.stream(SumKind.values()).map(SumKind::word).collect(Collectors.joining(", "))));
        if (places.isEmpty()) {
            out().println(found.word() + " needs " + String.join(", ", found.needed()) + "; it may be given "
                    + OwnSum.arguments(found).stream()
                            .filter(each -> !found.needed().contains(each))
                            .map(each -> ways(found, each))
                            .collect(Collectors.joining(", ")));
            return 0;
        }
        Map<String, String> typed = new LinkedHashMap<>();
        for (String place : places) {
            int equals = place.indexOf('=');
            if (equals < 1) {
                throw new WrongInput("\"" + place + "\": write a place and its value, such as \"edge=120 in\"");
            }
            typed.put(place.substring(0, equals).strip(), place.substring(equals + 1));
        }
        Sum sum;
        try {
            sum = OwnSum.of(
                    found,
                    typed,
                    LengthUnit.INCH,
                    new SumInputs.Circumstances(year, Library.shipped().usages()));
        } catch (SumException impossible) {
            throw new WrongInput(impossible.getMessage());
        }
        return answer.tell(this, sum.title(), List.of(sum));
    }

    private static String ways(SumKind kind, String argument) {
        List<String> ways = kind.words().getOrDefault(argument, List.of());
        return ways.isEmpty() ? argument : argument + " (" + String.join(" or ", ways) + ")";
    }
}
