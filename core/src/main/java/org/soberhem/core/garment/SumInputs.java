package org.soberhem.core.garment;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.length.WrittenLengths;

/**
 * What a sum starts from.
 *
 * @param name what the sheet calls the sum
 * @param amounts lengths in millimetres and pure numbers, by argument
 * @param words the ways chosen, by argument
 * @param rows further amounts, such as the tack points of each tape
 * @param instead catalogue ids of the measures taken in place of the best one, by the sheet's name of the measure
 * @param circumstances year and what was usual
 */
public record SumInputs(
        String name,
        Map<String, Double> amounts,
        Map<String, String> words,
        List<List<Double>> rows,
        Map<String, String> instead,
        Circumstances circumstances) {

    /**
     * What surrounds a sum.
     *
     * @param year of the costume
     * @param usages what was usual when
     */
    public record Circumstances(int year, List<Usage> usages) {
        public Circumstances {
            usages = List.copyOf(usages);
        }
    }

    /** No garment has a length beyond, in millimetres; what is more comes from a division by nearly nothing. */
    private static final double MOST = 1e6;

    /**
     * @throws SumException if an amount is beyond all measure
     */
    public SumInputs {
        amounts = Map.copyOf(amounts);
        amounts.forEach(SumInputs::check);
        rows.forEach(row -> row.forEach(amount -> check("row", amount)));
        words = Map.copyOf(words);
        rows = rows.stream().map(List::copyOf).toList();
        instead = Map.copyOf(instead);
    }

    private static void check(String argument, double amount) {
        if (!(Math.abs(amount) <= MOST)) {
            throw new SumException("The amount {} comes out beyond all measure", argument);
        }
    }

    /**
     * Returns an amount.
     *
     * @throws IllegalArgumentException if it was not given
     */
    public double amount(String argument) {
        return find(argument)
                .orElseThrow(() ->
                        new IllegalArgumentException("Amount \"" + argument + "\" is missing (sum \"" + name + "\")"));
    }

    public double amount(String argument, double otherwise) {
        return find(argument).orElse(otherwise);
    }

    public Optional<Double> find(String argument) {
        return Optional.ofNullable(amounts.get(argument));
    }

    public String word(String argument, String otherwise) {
        return words.getOrDefault(argument, otherwise);
    }

    public int year() {
        return circumstances.year();
    }

    /** Finds what was usual in the costume's year for the cloth that is given under {@code cloth}. */
    public Optional<Usage> usual(String what) {
        return Usage.of(circumstances.usages(), what, year(), word("cloth", ""));
    }

    /** Says how an amount stands to what was usual; nothing where nothing is known. */
    List<Finding> beside(String what, String called, double value, boolean length) {
        List<Finding> findings = new ArrayList<>();
        usual(what).ifPresent(usage -> {
            Object found = length ? (Object) value : SumValue.hundredth(value);
            Object least = length ? (Object) usage.least() : SumValue.hundredth(usage.least());
            Object most = length ? (Object) usage.most() : SumValue.hundredth(usage.most());
            findings.add(
                    usage.holds(value)
                            ? Finding.tells(
                                    "{} {}: usual about {}, {} to {} ({})",
                                    called,
                                    found,
                                    year(),
                                    least,
                                    most,
                                    WrittenLengths.sentence(usage.why()))
                            : Finding.asks(
                                    "{} {}: about {} it is usually {} to {} ({})",
                                    called,
                                    found,
                                    year(),
                                    least,
                                    most,
                                    WrittenLengths.sentence(usage.why())));
        });
        return findings;
    }
}
