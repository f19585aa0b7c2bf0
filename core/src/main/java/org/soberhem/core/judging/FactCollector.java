package org.soberhem.core.judging;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.fitting.Cause;
import org.soberhem.core.fitting.ClothDifference;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fact;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.InnerPart;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Stance;
import org.soberhem.core.fitting.Symptoms;
import org.soberhem.core.fitting.Trial;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;

/** Gathers what is known about a remark: draft checks, measurements, layers, cloth, other remarks, earlier rounds. */
public final class FactCollector {

    private static final String PROPORTIONAL = "proportional-ruler";

    /**
     * Full bust less high bust beyond which a block without more room pulls, and below which it stands empty (common
     * practice).
     */
    private static final double CUP_LARGE = 3 * 25.4;

    private static final double CUP_SMALL = 25.4;

    /** Readings of one measure or of two sides that differ by more are told, in millimetres: a quarter inch. */
    private static final double TELLING = 25.4 / 4;

    private static final int WORN_LONG = 45;

    private final Symptoms library;
    private final Wardrobe wardrobe;
    private final List<AlterationKind> kinds;
    private final int months;

    /**
     * @param library symptoms and the words of their facts
     * @param kinds every kind of alteration
     * @param months after how many months readings are old
     */
    public FactCollector(Symptoms library, Wardrobe wardrobe, List<AlterationKind> kinds, int months) {
        this.library = library;
        this.wardrobe = wardrobe;
        this.kinds = List.copyOf(kinds);
        this.months = months;
    }

    /** Returns the facts that hold for a remark of a round. */
    public Set<Fact> of(EvaluatedCostume at, Fitting fitting, Remark remark) {
        Set<Fact> known = new LinkedHashSet<>();
        Optional<Garment> garment = at.costume().garment(remark.garment());
        Optional<DraftedGarment> work =
                Optional.ofNullable(at.judgement().works().get(remark.garment()));
        work.ifPresent(each -> draft(each, known));
        at.set().ifPresent(set -> measured(at, set, fitting, known));
        worn(at.costume(), fitting, known);
        mockup(fitting, known);
        remark(fitting, remark, known);
        add(known, goneWithoutLayer(at.costume(), remark), "gone-without-layer", "");
        garment.ifPresent(each -> earlier(at.costume(), each, fitting, remark, known));
        return known;
    }

    private static void add(Set<Fact> known, boolean holds, String kind, String at) {
        if (holds) {
            known.add(new Fact(kind, at));
        }
    }

    private void draft(DraftedGarment work, Set<Fact> known) {
        for (CheckResult check : work.checks()) {
            if (!check.isJudged()) {
                continue;
            }
            library.places().forEach((place, words) -> {
                if (check.isOpening()) {
                    boolean passes = words.openings().stream().anyMatch(check.why()::contains);
                    add(known, passes && !check.passes(), "opening-small", place);
                } else if (words.checks().stream().anyMatch(check.name()::contains)) {
                    String result = check.passes() ? "-ok" : check.correction() > 0 ? "-short" : "-long";
                    known.add(new Fact((words.girth() ? "girth" : "len") + result, place));
                }
            });
        }
        for (SeamCheck seam : work.seams()) {
            for (String word : List.of("armscye", "front", "shoulder", "side", "side-back", "sleeve")) {
                if (seam.seam().name().contains(word.replace('-', ' '))) {
                    known.add(new Fact(seam.isTrue() ? "seam-ok" : "seam-differs", word));
                }
            }
        }
        add(known, work.sheet().sheet().about().system().equals(PROPORTIONAL), "one-measure-draft", "");
    }

    private void measured(EvaluatedCostume at, MeasurementSet set, Fitting fitting, Set<Fact> known) {
        LocalDate then = fitting.date();
        add(known, then != null && ChronoUnit.MONTHS.between(set.date(), then) >= months, "old-readings", "");
        add(known, !wardrobe.noLongerCount(set.stack(), fitting.stack()).isEmpty(), "other-layers", "");
        library.places()
                .forEach((place, words) -> words.measures().forEach(measure -> {
                    add(known, Dependence.uneven(set, measure) > TELLING, "uneven", place);
                    Optional<Reading> reading = set.find(measure, Side.MIDDLE, Posture.STANDING);
                    add(
                            known,
                            reading.filter(r -> r.spread().toMillimetres() > TELLING)
                                    .isPresent(),
                            "spread",
                            place);
                    Optional<Length> seated = set.value(measure, Side.MIDDLE, Posture.SEATED);
                    add(
                            known,
                            seated.isPresent()
                                    && reading.isPresent()
                                    && seated.get().minus(reading.get().mean()).toMillimetres() > TELLING,
                            "seated-more",
                            place);
                }));
        Optional<Length> full = set.value("full-bust", Side.MIDDLE);
        Optional<Length> high = set.value("high-bust", Side.MIDDLE);
        if (full.isPresent() && high.isPresent()) {
            double cup = full.get().minus(high.get()).toMillimetres();
            add(known, cup >= CUP_LARGE, "cup-large", "");
            add(known, cup <= CUP_SMALL, "cup-small", "");
        }
        add(known, at.wearer().build().age() != Age.ADULT, "child-wearer", "");
        lacing(set, fitting.conditions(), known);
        Set<String> before = layers(set.stack(), Set.of());
        Set<String> now = layers(fitting.stack(), fitting.conditions().off());
        now.removeAll(before);
        words(now).forEach(word -> known.add(new Fact("layer-new", word)));
    }

    private static void lacing(MeasurementSet set, Conditions worn, Set<Fact> known) {
        Optional<AsWorn.Gap> then = set.worn().gap();
        if (then.isPresent() && worn.gap().isPresent()) {
            double more = worn.gap().get().waist().minus(then.get().waist()).toMillimetres();
            add(known, more > TELLING, "lacing-looser", "");
            add(known, more < -TELLING, "lacing-tighter", "");
        }
    }

    private Set<String> layers(String stack, Set<String> off) {
        Set<String> layers = wardrobe.stack(stack).stream()
                .flatMap(each -> each.layers().stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
        layers.removeAll(off);
        return layers;
    }

    /** Returns the words that some of these layers are meant by. */
    private Set<String> words(Set<String> layers) {
        Set<String> words = new LinkedHashSet<>();
        library.layers().forEach((word, meant) -> {
            boolean one = layers.stream()
                    .flatMap(id -> wardrobe.layer(id).stream())
                    .anyMatch(layer -> meant.means(layer.id(), layer.kind().id()));
            if (one) {
                words.add(word);
            }
        });
        return words;
    }

    /** Returns the layers of a stack that a word means. */
    public List<Layer> meant(String word, String stack) {
        Symptoms.LayerWords words = library.layers().get(word);
        return layers(stack, Set.of()).stream()
                .flatMap(id -> wardrobe.layer(id).stream())
                .filter(layer ->
                        words != null && words.means(layer.id(), layer.kind().id()))
                .toList();
    }

    private void worn(Costume costume, Fitting fitting, Set<Fact> known) {
        Set<String> planned = layers(costume.stack(), Set.of());
        Set<String> worn = layers(fitting.stack(), fitting.conditions().off());
        add(known, !planned.equals(worn), "layers-differ", "");
        Set<String> present = words(worn);
        words(planned).stream()
                .filter(word -> !present.contains(word))
                .forEach(word -> known.add(new Fact("layer-missing", word)));
        present.forEach(word -> known.add(new Fact("layer-present", word)));
        for (Stance stance : fitting.conditions().stance()) {
            known.add(new Fact("posture", stance.id()));
        }
    }

    private static void mockup(Fitting fitting, Set<Fact> known) {
        for (ClothDifference difference : fitting.mockup().differs()) {
            known.add(new Fact("cloth-" + difference.id(), ""));
        }
        for (InnerPart inner : InnerPart.values()) {
            add(known, fitting.mockup().lacks(inner), "no-" + inner.id(), "");
        }
        add(known, fitting.mockup().putIn().contains(InnerPart.BONES), "bones-present", "");
        add(known, fitting.mockup().letOut().filter(Length.ZERO::equals).isPresent(), "allowance-none", "");
        add(known, fitting.trials().stream().anyMatch(trial -> trial.minutes() >= WORN_LONG), "worn-long", "");
    }

    private static void remark(Fitting fitting, Remark remark, Set<Fact> known) {
        known.add(new Fact(remark.sides() == Sides.BOTH ? "both-sides" : "one-side-only", ""));
        for (Remark other : fitting.remarks()) {
            add(known, other.isOpen() && !other.id().equals(remark.id()), "also", other.seen());
        }
        if (!remark.movement().isEmpty()) {
            known.add(new Fact("only-in", remark.movement()));
        }
        for (Trial trial : fitting.trials()) {
            add(
                    known,
                    !remark.movement().equals(trial.movement()) && trial.result() == Trial.Result.PASSED,
                    "gone-in",
                    trial.movement());
        }
    }

    /** It is known by the test of leaving a layer off, or because a round without one found it cured. */
    private boolean goneWithoutLayer(Costume costume, Remark remark) {
        boolean tested = library.find(remark.seen()).stream()
                .flatMap(symptom -> symptom.causes().stream())
                .filter(cause -> cause.test().by() == Cause.Test.By.REMOVE_LAYER)
                .anyMatch(cause -> remark.tested().getOrDefault(cause.id(), false));
        return tested
                || remark.followed().entrySet().stream()
                        .filter(each -> each.getValue() == Remark.State.CURED)
                        .anyMatch(each -> costume.fittings().stream()
                                .filter(fitting -> fitting.number() == each.getKey())
                                .anyMatch(fitting -> !fitting.conditions().off().isEmpty()));
    }

    private void earlier(Costume costume, Garment garment, Fitting fitting, Remark remark, Set<Fact> known) {
        int cut = fitting.mockup().versions().getOrDefault(garment.name(), 0);
        List<Fitting> before = costume.fittings().stream()
                .filter(each -> each.number() < fitting.number()
                        && each.mockup().versions().containsKey(garment.name()))
                .toList();
        boolean triedBefore =
                before.stream().anyMatch(each -> each.mockup().versions().get(garment.name()) == cut);
        add(known, !triedBefore, "one-round", "");
        boolean seenBefore =
                before.stream().flatMap(each -> each.remarks().stream()).anyMatch(each -> isSame(each, remark));
        List<Alteration> now = garment.version(cut).map(Version::alterations).orElse(List.of());
        if (!before.isEmpty() && !seenBefore) {
            int last = before.get(before.size() - 1).mockup().versions().get(garment.name());
            List<Alteration> then =
                    garment.version(last).map(Version::alterations).orElse(List.of());
            Ledger.added(then, now).forEach(made -> kinds(made).forEach(kind -> known.add(new Fact("after", kind))));
        }
        for (Fitting round : before) {
            for (Remark said : round.remarks()) {
                Optional<Decision> decision = said.decision();
                if (!isSame(said, remark) || decision.isEmpty()) {
                    continue;
                }
                decision.get()
                        .alteration()
                        .ifPresent(made -> kinds(made)
                                .forEach(kind -> known.add(new Fact(now.contains(made) ? "persists" : "asked", kind))));
            }
        }
    }

    private static boolean isSame(Remark one, Remark other) {
        return one.garment().equals(other.garment())
                && one.seen().equals(other.seen())
                && one.zone().equals(other.zone());
    }

    /** Returns the trade names that an alteration can have. */
    private List<String> kinds(Alteration alteration) {
        return kinds.stream()
                .filter(kind -> kind.answers(alteration).isPresent())
                .map(AlterationKind::id)
                .toList();
    }
}
