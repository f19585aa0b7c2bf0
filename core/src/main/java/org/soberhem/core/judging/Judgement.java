package org.soberhem.core.judging;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.pattern.Pattern;

/**
 * A costume worked out, garment by garment.
 *
 * @param costume the costume
 * @param works garments that can be drawn, by name
 * @param failures why the others cannot, by name
 */
public record Judgement(Costume costume, Map<String, DraftedGarment> works, Map<String, DraftException> failures) {

    /** Returns the lines by which a garment is sewn to others. */
    public List<GarmentJoin> joins(Garment garment) {
        Map<String, Pattern> patterns = new LinkedHashMap<>();
        works.forEach((name, work) -> patterns.put(name, work.pattern()));
        return GarmentJoin.of(garment.name(), garment.alterations(), patterns);
    }

    /** Returns what a garment has come to since its cloth was cut; empty where none is cut. */
    public Optional<CutState> cutState(Garment garment) {
        return Optional.ofNullable(works.get(garment.name()))
                .flatMap(work -> CutState.of(costume, garment, work.pattern()));
    }

    /** Returns what of a garment stands against what the wearer must be able to do. */
    public List<PatternQuestion> dailyLife(Garment garment) {
        DraftedGarment work = works.get(garment.name());
        return work == null
                ? List.of()
                : costume.needs()
                        .map(needs -> DailyLife.of(work, garment.alterations(), needs))
                        .orElse(List.of());
    }

    /** Returns what of a garment is no longer as in the version that it was made from. */
    public SinceVersion since(Garment garment) {
        return SinceVersion.of(garment, Optional.ofNullable(works.get(garment.name())));
    }

    /** Says which version a garment's present state is, or after which it comes. */
    public String versionWords(Garment garment) {
        SinceVersion since = since(garment);
        if (since == SinceVersion.NO_VERSION) {
            return since.words();
        }
        return (since == SinceVersion.UNCHANGED ? "version " : "after version ") + garment.base();
    }
}
