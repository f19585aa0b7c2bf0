package org.soberhem.core.garment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;

/** A sum that a maker does apart from any sheet, each measured place typed. */
public final class OwnSum {

    /** What begins the name of a row of places, such as the tapes of a drape. */
    public static final String ROW = "tape";

    private OwnSum() {}

    /**
     * Works a sum out from what was typed.
     *
     * @param kind which sum
     * @param typed by argument: lengths, pure numbers and ways as {@link SumKind} names them; a row as {@code across:
     *     cloth/tape, cloth/tape}, by any name that begins with {@link #ROW}; an empty text says nothing
     * @param unit where none is typed
     * @param circumstances year and what was usual
     * @throws SumException if something is missing, unknown or cannot be read; it says what
     */
    public static Sum of(
            SumKind kind, Map<String, String> typed, LengthUnit unit, SumInputs.Circumstances circumstances) {
        Map<String, Double> amounts = new LinkedHashMap<>();
        Map<String, String> words = new LinkedHashMap<>();
        List<List<Double>> rows = new ArrayList<>();
        typed.forEach((argument, text) -> {
            if (text.isBlank()) {
                return;
            }
            if (kind.hasRows() && argument.startsWith(ROW)) {
                rows.add(row(argument, text, unit));
            } else if (kind.words().containsKey(argument)) {
                words.put(argument, way(kind, argument, text.strip()));
            } else if (kind.numbers().contains(argument)) {
                amounts.put(argument, number(argument, text.strip()));
            } else if (kind.needed().contains(argument) || kind.lengths().contains(argument)) {
                amounts.put(argument, length(argument, text, unit));
            } else {
                throw new SumException(
                        "\"{}\" is not asked by the sum {}; it asks {}", argument, kind.word(), arguments(kind));
            }
        });
        for (String needed : kind.needed()) {
            if (!amounts.containsKey(needed)) {
                throw new SumException("The sum {} needs {}", kind.word(), needed.replace('-', ' '));
            }
        }
        if (kind.hasRows() && rows.isEmpty()) {
            throw new SumException("The sum {} needs a tape, such as \"7 in: 12 in/5 in, 26 in/11 in\"", kind.word());
        }
        return kind.of(new SumInputs(kind.word(), amounts, words, rows, Map.of(), circumstances));
    }

    /** Returns everything that a kind may be given, what it needs first. */
    public static List<String> arguments(SumKind kind) {
        return Stream.of(
                        kind.needed().stream(),
                        kind.lengths().stream(),
                        kind.numbers().stream(),
                        kind.words().keySet().stream().sorted(),
                        kind.hasRows() ? Stream.of(ROW + " 1", ROW + " 2", ROW + " 3") : Stream.<String>empty())
                .flatMap(each -> each)
                .toList();
    }

    private static String way(SumKind kind, String argument, String text) {
        List<String> ways = kind.words().get(argument);
        if (!ways.isEmpty() && !ways.contains(text)) {
            throw new SumException("{} is one of {}: \"{}\"", argument, String.join(", ", ways), text);
        }
        return text;
    }

    private static double number(String argument, String text) {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException wrong) {
            throw new SumException("{}: write a number, such as 2.5: \"{}\"", argument, text);
        }
    }

    private static double length(String argument, String text, LengthUnit unit) {
        try {
            return LengthEntry.parse(text.strip(), unit).value().toMillimetres();
        } catch (LengthFormatException wrong) {
            throw new SumException("{}: {}", argument, wrong.getMessage());
        }
    }

    private static List<Double> row(String argument, String text, LengthUnit unit) {
        int colon = text.indexOf(':');
        if (colon < 0) {
            throw new SumException(
                    "{}: write how far from the centre, then each tack as cloth/tape, such as \"7 in: 12 in/5 in\": \"{}\"",
                    argument,
                    text);
        }
        List<Double> row = new ArrayList<>();
        row.add(length(argument, text.substring(0, colon), unit));
        for (String tack : text.substring(colon + 1).split(",")) {
            int middle =
                    tack.chars().filter(sign -> sign == '/').count() == 1 ? tack.indexOf('/') : middle(argument, tack);
            row.add(length(argument, tack.substring(0, middle), unit));
            row.add(length(argument, tack.substring(middle + 1), unit));
        }
        return row;
    }

    /** Returns the slash between cloth and tape among those of fractions: the one with blanks or a unit before it. */
    private static int middle(String argument, String tack) {
        for (int i = 0; i < tack.length(); i++) {
            if (tack.charAt(i) == '/' && i > 0 && !Character.isDigit(tack.charAt(i - 1))) {
                return i;
            }
        }
        throw new SumException(
                "{}: write the unit before the stroke between cloth and tape, such as \"12 1/2 in/5 in\": \"{}\"",
                argument,
                tack.strip());
    }
}
