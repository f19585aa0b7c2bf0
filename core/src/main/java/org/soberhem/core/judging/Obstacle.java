package org.soberhem.core.judging;

import java.util.Map;
import java.util.TreeMap;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.length.Sentence;

/**
 * One thing that stands in a costume's way.
 *
 * @param stage where it is settled
 * @param garment garment concerned; empty if the whole costume
 * @param target what to show there: a measure, {@code piece.edge}, a level, {@code sum:name}, {@code alteration:place}, {@code propose:} an alteration, a remark or a rule
 * @param sentence what is wrong, in words
 */
public record Obstacle(Stage stage, String garment, String target, Sentence sentence) {

    /** Begins a target that is a sum of the draft. */
    public static final String SUM = "sum:";

    /** Begins a target that is an alteration, by its place in the chain. */
    public static final String ALTERATION = "alteration:";

    /** Begins a target that is an alteration to be made, with its amounts in millimetres. */
    public static final String PROPOSAL = "propose:";

    /** Returns the target that proposes an alteration. */
    public static String proposal(String kind, Map<String, Double> amounts) {
        StringBuilder target = new StringBuilder(PROPOSAL).append(kind);
        new TreeMap<>(amounts)
                .forEach((name, amount) ->
                        target.append(' ').append(name).append('=').append(amount));
        return target.toString();
    }

    /** Returns the kind of alteration that a target proposes. */
    public static String proposedKind(String target) {
        return target.substring(PROPOSAL.length()).split(" ")[0];
    }

    /** Returns the amounts that a target proposes, in millimetres. */
    public static Map<String, Double> proposedAmounts(String target) {
        Map<String, Double> amounts = new TreeMap<>();
        String[] words = target.split(" ");
        for (int i = 1; i < words.length; i++) {
            int equals = words[i].indexOf('=');
            amounts.put(words[i].substring(0, equals), Double.parseDouble(words[i].substring(equals + 1)));
        }
        return amounts;
    }
}
