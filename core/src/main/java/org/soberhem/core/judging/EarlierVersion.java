package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.pattern.Pattern;

/**
 * One of the maker's earlier versions, beside a new wearer.
 *
 * @param costume that it was made for
 * @param garment that it is of
 * @param version which
 * @param serves whom it would serve
 * @param outside how far the new wearer lies outside, over all that was measured, in millimetres
 * @param letOut by how much it must be let out for the new wearer
 */
public record EarlierVersion(
        Costume costume, Garment garment, Version version, FitRange serves, double outside, double letOut) {

    /**
     * Finds the earlier versions of a kind of garment, the nearest to a wearer first.
     *
     * @param costumes where they are looked for
     * @param kind of garment; empty for any
     * @param wearer the new wearer's values
     * @param compiled compiles a sheet as written
     */
    public static List<EarlierVersion> nearest(
            List<Costume> costumes, String kind, Inputs wearer, Function<String, CompiledSheet> compiled) {
        List<EarlierVersion> found = new ArrayList<>();
        for (Costume costume : costumes) {
            for (Garment garment : costume.garments()) {
                for (Version version : garment.versions()) {
                    String text = version.sheet().isEmpty() ? garment.sheet() : version.sheet();
                    CompiledSheet sheet = compiled.apply(text);
                    if (kind.isEmpty() || sheet.sheet().about().garment().equals(kind)) {
                        beside(costume, garment, version, sheet, wearer, found);
                    }
                }
            }
        }
        found.sort(Comparator.comparingDouble(EarlierVersion::outside)
                .thenComparing(EarlierVersion::letOut)
                .thenComparing(each -> -each.version().number()));
        return found;
    }

    private static void beside(
            Costume costume,
            Garment garment,
            Version version,
            CompiledSheet sheet,
            Inputs wearer,
            List<EarlierVersion> found) {
        try {
            Pattern pattern = version.finished()
                    .orElseGet(() -> DraftedGarment.of(sheet, version.inputs(), version.alterations())
                            .pattern());
            FitRange serves = FitRange.of(sheet, version.inputs(), version.alterations(), pattern);
            found.add(new EarlierVersion(
                    costume, garment, version, serves, serves.outside(wearer), serves.letOut(wearer)));
        } catch (DraftException undrawn) {
            // A version that cannot be drawn any more cannot be taken up.
            return;
        }
    }
}
