package org.soberhem.core.costume;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.fitting.Picture;

/**
 * What is kept with a costume beside its garments and fittings.
 *
 * @param references pictures that it is to be like
 * @param passages gates that were passed although they were closed
 * @param wearings what was noticed when it was worn
 * @param otherwise what would be done otherwise; carried to what branches from its patterns
 */
public record CostumeRecord(
        List<Picture> references, List<Passage> passages, List<Wearing> wearings, String otherwise) {

    public static final CostumeRecord NONE = new CostumeRecord(List.of(), List.of(), List.of(), "");

    /**
     * A gate that the maker passed on their own judgement.
     *
     * @param step before which it stands
     * @param garment name of the garment
     * @param version that was cut
     * @param date when
     * @param reason why, in the maker's words
     */
    public record Passage(GateStep step, String garment, int version, LocalDate date, String reason) {}

    /**
     * One time that it was worn.
     *
     * @param date when
     * @param words what was noticed
     */
    public record Wearing(LocalDate date, String words) {}

    public CostumeRecord {
        references = List.copyOf(references);
        passages = List.copyOf(passages);
        wearings = List.copyOf(wearings);
    }

    private static <T> List<T> plus(List<T> list, T one) {
        List<T> all = new ArrayList<>(list);
        all.add(one);
        return all;
    }

    /** Returns the papers with a reference; the same picture is kept once. */
    public CostumeRecord with(Picture reference) {
        List<Picture> others = references.stream()
                .filter(each -> !each.hash().equals(reference.hash()))
                .toList();
        return new CostumeRecord(plus(others, reference), passages, wearings, otherwise);
    }

    /** Returns the record without any picture that the costume is to be like. */
    public CostumeRecord withoutReferences() {
        return new CostumeRecord(List.of(), passages, wearings, otherwise);
    }

    public CostumeRecord with(Passage passage) {
        return new CostumeRecord(references, plus(passages, passage), wearings, otherwise);
    }

    public CostumeRecord with(Wearing wearing) {
        return new CostumeRecord(references, passages, plus(wearings, wearing), otherwise);
    }

    public CostumeRecord doingOtherwise(String words) {
        return new CostumeRecord(references, passages, wearings, words);
    }

    /** Returns how a gate was passed for a version of a garment, if it was. */
    public Optional<Passage> passed(GateStep step, String garment, int version) {
        return passages.stream()
                .filter(each -> each.step() == step && each.garment().equals(garment) && each.version() == version)
                .reduce((first, last) -> last);
    }
}
