package org.soberhem.desk.draft;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;

/**
 * Which edges an alteration means, and whether others would fit as well.
 *
 * @param pattern on which it is made
 * @param answers the places that are answered
 */
record MeantPlaces(Pattern pattern, List<Answer> answers) {

    /**
     * A place that is answered.
     *
     * @param edge the edge that stands there
     * @param fitting every place that is as usual there; empty once the maker chose
     */
    record Answer(EdgeRef edge, List<Object> fitting) {}

    /** Returns the edges to be lit: what is answered, what would fit as well, and what each of them is sewn to. */
    List<EdgeRef> lit() {
        Set<EdgeRef> lit = new LinkedHashSet<>();
        for (Answer answer : answers) {
            lit.addAll(sewnWith(answer.edge()));
            alike(answer).forEach(each -> lit.addAll(sewnWith(each)));
        }
        return List.copyOf(lit);
    }

    private List<EdgeRef> sewnWith(EdgeRef edge) {
        List<EdgeRef> all = new ArrayList<>(List.of(edge));
        SeamEdits.of(pattern, edge).ifPresent(seam -> {
            all.addAll(seam.first());
            all.addAll(seam.second());
        });
        return all;
    }

    /** Returns a sentence that asks to choose where more than one place fits; empty if one does. */
    String question() {
        return answers.stream()
                .map(this::alike)
                .filter(alike -> !alike.isEmpty())
                .findFirst()
                .map(alike -> "Others fit as well, lit on the paper: "
                        + alike.stream().map(EdgeRef::words).collect(Collectors.joining(", "))
                        + ". Choose which is meant.")
                .orElse("");
    }

    /** Returns the other places that fit, one for each seam. */
    private List<EdgeRef> alike(Answer answer) {
        List<EdgeRef> alike = new ArrayList<>();
        if (!answer.fitting().contains(answer.edge())) {
            return alike;
        }
        Set<Object> seams = new HashSet<>();
        seams.add(seam(answer.edge()));
        for (Object each : answer.fitting()) {
            if (each instanceof EdgeRef ref && seams.add(seam(ref))) {
                alike.add(ref);
            }
        }
        return alike;
    }

    private Object seam(EdgeRef edge) {
        return SeamEdits.of(pattern, edge).<Object>map(seam -> seam).orElse(edge);
    }
}
