package org.soberhem.core.silhouette;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;

/** The silhouettes there are, the rules that hold in every period, and the kinds of quantities that rules speak of. */
public final class Silhouettes {

    private final List<Silhouette.Header> headers;
    private final Function<String, Silhouette> whole;
    private final Supplier<List<Rule>> everywhere;
    private final Map<String, QuantityKind> kinds = new HashMap<>();

    /**
     * @param headers what there is
     * @param whole returns one of them by its id, with its rules
     * @param everywhere rules that hold in every period
     * @param kinds of quantities
     */
    public Silhouettes(
            List<Silhouette.Header> headers,
            Function<String, Silhouette> whole,
            Supplier<List<Rule>> everywhere,
            List<QuantityKind> kinds) {
        this.headers = List.copyOf(headers);
        this.whole = whole;
        this.everywhere = everywhere;
        kinds.forEach(kind -> this.kinds.put(kind.id(), kind));
    }

    /** Returns these with the maker's own, which stand for shipped ones of the same id. */
    public Silhouettes with(Map<String, Silhouette> own) {
        List<Silhouette.Header> all = new ArrayList<>(headers);
        all.removeIf(header -> own.containsKey(header.id()));
        own.values().forEach(silhouette -> all.add(silhouette.header()));
        all.sort(Comparator.comparingInt(Silhouette.Header::from));
        return new Silhouettes(
                all,
                id -> own.containsKey(id) ? own.get(id) : whole.apply(id),
                everywhere,
                List.copyOf(kinds.values()));
    }

    /** Returns what there is, the earliest first. */
    public List<Silhouette.Header> headers() {
        return headers;
    }

    public Optional<Silhouette> find(String id) {
        return headers.stream()
                .filter(header -> header.id().equals(id))
                .findFirst()
                .map(header -> whole.apply(id));
    }

    public List<Rule> everywhere() {
        return everywhere.get();
    }

    public Optional<QuantityKind> kind(String id) {
        return Optional.ofNullable(kinds.get(id));
    }

    /** Returns every kind of quantity, by title. */
    public List<QuantityKind> kinds() {
        return kinds.values().stream()
                .sorted(Comparator.comparing(QuantityKind::title))
                .toList();
    }

    /** Returns the silhouettes that a wearer may be dressed in, those of the year first, then the nearest in years. */
    public List<Silhouette.Header> nearest(Build build, int year) {
        Silhouette.Who who = who(build);
        return headers.stream()
                .sorted(Comparator.comparingInt((Silhouette.Header header) -> header.who() == who ? 0 : 1)
                        .thenComparingInt(header -> header.yearsFrom(year))
                        .thenComparingInt(header -> header.to() - header.from()))
                .toList();
    }

    /** How far from a silhouette's years a costume may lie and still be judged by it unasked. */
    private static final int NEAR_YEARS = 6;

    /**
     * Returns the silhouette that is meant where none was chosen: of the wearer's kind, current in the year or shortly
     * before or after; of several, the one that has most to say about the garments.
     *
     * @param garments kinds of garment that are worn
     */
    public Optional<Silhouette> usual(Build build, int year, Set<String> garments) {
        List<Silhouette.Header> fitting = nearest(build, year).stream()
                .filter(header -> header.who() == who(build) && header.yearsFrom(year) <= NEAR_YEARS)
                .toList();
        int nearest = fitting.isEmpty() ? 0 : fitting.get(0).yearsFrom(year);
        return fitting.stream()
                .filter(header -> header.yearsFrom(year) == nearest)
                .map(header -> whole.apply(header.id()))
                // Of equals the first, whose years are narrower.
                .reduce((one, other) -> other.about(garments) > one.about(garments) ? other : one);
    }

    private static Silhouette.Who who(Build build) {
        return build.age() != Age.ADULT
                ? Silhouette.Who.CHILD
                : build.bust() ? Silhouette.Who.WOMAN : Silhouette.Who.MAN;
    }

    /**
     * Returns the rules by which a costume is judged: the silhouette's, of one school where they differ, and those of
     * every period.
     */
    public List<Rule> rules(Optional<Silhouette> silhouette, String school) {
        List<Rule> rules = new ArrayList<>();
        silhouette.ifPresent(chosen -> {
            String held = chosen.schools().contains(school)
                    ? school
                    : chosen.schools().stream().findFirst().orElse("");
            chosen.rules().stream()
                    .filter(rule -> rule.school().isEmpty() || rule.school().equals(held))
                    .forEach(rules::add);
        });
        String id = silhouette.map(chosen -> chosen.header().id()).orElse("");
        for (Rule general : everywhere()) {
            boolean replaced = rules.stream()
                    .anyMatch(own -> own.quantity().equals(general.quantity())
                            && own.kind() == general.kind()
                            && own.judged() != Rule.Judged.EYE);
            if (!general.except().contains(id) && !replaced) {
                rules.add(general);
            }
        }
        return rules;
    }
}
