package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.SewTo;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;

/**
 * A line of one garment that is sewn to a line of another.
 *
 * @param garment the one that says so
 * @param place of what says so in its chain, from 0
 * @param isTrue whether both lines are as long as each other, after the stated fullness
 * @param sentence what was found, in words
 */
public record GarmentJoin(String garment, int place, boolean isTrue, Sentence sentence) {

    /**
     * Judges every line that a garment is sewn to others by.
     *
     * @param alterations the garment's chain
     * @param patterns of all garments, by name
     */
    public static List<GarmentJoin> of(String garment, List<Alteration> alterations, Map<String, Pattern> patterns) {
        List<GarmentJoin> joins = new ArrayList<>();
        for (int i = 0; i < alterations.size(); i++) {
            if (alterations.get(i) instanceof SewTo sewn && patterns.containsKey(garment)) {
                joins.add(of(garment, i, sewn, patterns));
            }
        }
        return joins;
    }

    private static GarmentJoin of(String garment, int place, SewTo sewn, Map<String, Pattern> patterns) {
        Pattern other = patterns.get(sewn.garment());
        if (other == null) {
            return new GarmentJoin(
                    garment,
                    place,
                    false,
                    Sentence.of(
                            "The {} is sewn to the {}, which is not there or cannot be drawn; there are {}",
                            sewn.line(),
                            sewn.garment(),
                            String.join(", ", patterns.keySet())));
        }
        try {
            double length = SewTo.length(patterns.get(garment), sewn.line());
            double drawnUp = length / sewn.fullness();
            double otherLength = SewTo.length(other, sewn.otherLine());
            double longer = drawnUp - otherLength;
            Sentence what = sewn.fullness() == 1
                    ? Sentence.of("{} {}", sewn.line(), length)
                    : Sentence.of("{} {}, drawn up to {},", sewn.line(), length, drawnUp);
            boolean isTrue = Math.abs(longer) <= CheckResult.TOLERANCE;
            return new GarmentJoin(
                    garment,
                    place,
                    isTrue,
                    isTrue
                            ? Sentence.of("{} to {} of the {}: {}", what, sewn.otherLine(), sewn.garment(), otherLength)
                            : Sentence.of(
                                    "{} to {} of the {}, {}: {} too {}",
                                    what,
                                    sewn.otherLine(),
                                    sewn.garment(),
                                    otherLength,
                                    Math.abs(longer),
                                    longer > 0 ? "long" : "short"));
        } catch (AlterationRefusal gone) {
            return new GarmentJoin(garment, place, false, gone.sentence());
        }
    }
}
