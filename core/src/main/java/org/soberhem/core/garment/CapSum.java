package org.soberhem.core.garment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.length.Sentence;

/** A sleeve's cap beside its arm-hole: what is eased or gathered, where, and what the year usually has. */
public final class CapSum {

    private CapSum() {}

    /**
     * Works the sum out.
     *
     * @param given lengths {@code cap}, {@code arm-hole}; if wanted {@code upper-arm} and {@code sleeve}
     */
    public static Sum of(SumInputs given) {
        double cap = given.amount("cap");
        double hole = given.amount("arm-hole");
        if (!(cap > 0) || !(hole > 0)) {
            throw new SumException("Cap and arm-hole must be more than nothing: {}, {}", cap, hole);
        }
        double ease = cap - hole;
        List<Finding> findings = new ArrayList<>();
        if (ease < -1e-6) {
            findings.add(Finding.fails(
                    "The cap is {} shorter than its arm-hole ({} into {}): raise the cap, or make the arm-hole smaller",
                    -ease,
                    cap,
                    hole));
        }
        findings.addAll(given.beside("sleeve-cap", "Cap beyond its arm-hole", ease, true));
        List<SumValue> figures = new ArrayList<>();
        figures.add(SumValue.length("cap beyond the arm-hole", ease, "{} − {}", cap, hole));
        figures.add(SumValue.number("cap for each arm-hole", cap / hole, "{} ÷ {}", cap, hole));
        given.find("sleeve")
                .ifPresent(sleeve -> given.find("upper-arm")
                        .ifPresent(arm -> figures.add(
                                SumValue.length("room round the upper arm", sleeve - arm, "{} − {}", sleeve, arm))));
        return new Sum(
                given.name(),
                "Cap and arm-hole",
                Sentence.of("The cap has {} more than its arm-hole: {} into {}", ease, cap, hole),
                figures,
                findings,
                List.of(Quarters.table(cap, "on the cap", hole, "in the arm-hole")),
                Optional.of(Quarters.sketch(cap, hole)),
                List.of(
                        Sentence.of("Keep the lower quarters flat and match them exactly"),
                        Sentence.of(
                                "Ease or gather the {} over the upper half, most of it just behind the shoulder",
                                ease)));
    }
}
