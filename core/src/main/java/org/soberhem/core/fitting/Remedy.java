package org.soberhem.core.fitting;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.Pattern;

/**
 * What mends a cause.
 *
 * @param decision what kind of answer it is
 * @param task in words, with its direction
 * @param least smallest usual amount, counted as cloth taken at the seam
 * @param most largest usual amount; both zero if there is none
 * @param alteration id of the kind of alteration that does it; empty if none on the flat pattern does
 * @param shares what part of the amount each of its lengths gets, by name: + adds length, or takes cloth at a seam
 * @param at words of the places where it is made, before those of the zone
 */
public record Remedy(
        Decision.Kind decision,
        String task,
        Length least,
        Length most,
        String alteration,
        Map<String, Double> shares,
        List<String> at) {

    public Remedy {
        shares = Map.copyOf(shares);
        at = List.copyOf(at);
    }

    /** Returns the middle of what is usual, if an amount is. */
    public Optional<Length> usual() {
        return most.equals(Length.ZERO)
                ? Optional.empty()
                : Optional.of(Length.ofInches(
                        0, (int) Math.round((least.toMillimetres() + most.toMillimetres()) / 2 / 25.4 * 8), 8));
    }

    /** Says whether it is made at the place where it was seen: at one of the zone's seams or levels, by the amount. */
    public boolean isMadeThere(List<AlterationKind> kinds, Zone zone) {
        return (at.isEmpty() || zone.edges().contains(at.get(0)))
                && !shares.isEmpty()
                && kinds.stream()
                        .filter(kind -> kind.id().equals(alteration))
                        .flatMap(kind -> kind.asks().stream())
                        .anyMatch(ask -> ask.as().isPlace());
    }

    /**
     * Returns the alteration that mends it.
     *
     * @param kinds every kind of alteration
     * @param amount cloth taken or wanted, in millimetres
     * @param zone where it was seen
     * @return empty if the pattern has no place for it, or none of the flat pattern's alterations does it
     */
    public Optional<Alteration> alteration(
            List<AlterationKind> kinds, Pattern pattern, double amount, Sides sides, Zone zone) {
        Optional<AlterationKind> kind =
                kinds.stream().filter(each -> each.id().equals(alteration)).findFirst();
        if (kind.isEmpty() || !shares.isEmpty() && amount == 0) {
            return Optional.empty();
        }
        AlterationKind there = kind.get().preferring(zone.edges()).preferring(at);
        return there.usual(pattern).flatMap(usual -> {
            Map<String, Object> answers = new LinkedHashMap<>(usual);
            shares.forEach((name, share) -> answers.put(name, share * amount));
            return there.possible(answers, sides);
        });
    }
}
