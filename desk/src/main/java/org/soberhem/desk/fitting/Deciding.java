package org.soberhem.desk.fitting;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.fitting.Cause;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Ranking;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Remedy;
import org.soberhem.core.fitting.Symptom;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.judging.Dependence;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.length.WrittenLengths;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.studio.Histories;
import org.soberhem.studio.Studio;

/** Why something is seen, what tells its causes apart, and what is decided about it. */
public final class Deciding {

    /** A cause that the maker added weighs as much as a middling one of the list. */
    private static final double OWN_PRIOR = 0.2;

    /** What an alteration of the maker's choice begins with where none is usual, in millimetres. */
    private static final double HALF_INCH = 12.7;

    private final Map<String, AlterationKind> chosen = new HashMap<>();
    private final Studio studio;
    private final FittingRound round;

    Deciding(Studio studio, FittingRound round) {
        this.studio = studio;
        this.round = round;
    }

    /** Returns the causes of a remark, weighed by what is known; empty if it is in own words. */
    public Optional<Ranking> ranking(FittingRound.Logged logged) {
        Remark remark = logged.remark();
        return round.symptom(remark)
                .map(symptom -> Ranking.of(
                        symptom,
                        studio.library().symptoms(),
                        studio.makersLibrary().facts().of(studio.situation().judged(), logged.fitting(), remark),
                        remark.tested(),
                        own(symptom)));
    }

    private List<Cause> own(Symptom symptom) {
        return studio.maker().causes().getOrDefault(symptom.id(), List.of());
    }

    /**
     * Returns the causes that a remark may have: the one that the maker named, none if it is in own words; else all,
     * likeliest first.
     */
    private List<Cause> causes(Remark remark) {
        List<Cause> all = logged(remark).flatMap(this::ranking).map(Ranking::causes).orElse(List.of()).stream()
                .map(Ranking.Ranked::cause)
                .toList();
        return remark.cause().isEmpty()
                ? all
                : all.stream()
                        .filter(cause -> cause.id().equals(remark.cause()))
                        .toList();
    }

    private Optional<FittingRound.Logged> logged(Remark remark) {
        return round.all().stream()
                .filter(logged -> logged.remark().id().equals(remark.id()))
                .findFirst();
    }

    /** Returns the cause that a remark is taken to have: the one that the maker named, else the likeliest. */
    public Optional<Cause> cause(Remark remark) {
        return causes(remark).stream().findFirst();
    }

    Optional<Remedy> remedy(Remark remark) {
        return cause(remark).map(Cause::remedy);
    }

    /**
     * Returns the remedy that alters the flat pattern: of the named cause, else of the likeliest whose alteration is
     * made where the cloth was pinned, else of the likeliest that has one.
     */
    Optional<Remedy> altering(Remark remark) {
        Optional<AlterationKind> own = Optional.ofNullable(chosen.get(remark.id()));
        if (own.isPresent()) {
            return own.map(Deciding::remedy);
        }
        List<Remedy> altering = causes(remark).stream()
                .map(Cause::remedy)
                .filter(remedy -> !remedy.alteration().isEmpty())
                .toList();
        return altering.stream()
                .filter(remedy -> round.zone(remark.zone())
                        .filter(zone -> remedy.isMadeThere(studio.library().alterations(), zone))
                        .isPresent())
                .findFirst()
                .or(() -> altering.stream().findFirst());
    }

    /** Returns an alteration of the maker's choice as a remedy: its lengths stand to each other as is usual. */
    private static Remedy remedy(AlterationKind kind) {
        List<AlterationKind.Ask> lengths = kind.asks().stream()
                .filter(ask -> ask.as() == AlterationKind.As.LENGTH)
                .toList();
        double most = lengths.stream()
                .mapToDouble(ask -> Math.abs((double) ask.usual()))
                .max()
                .orElse(0);
        Map<String, Double> shares = new LinkedHashMap<>();
        for (AlterationKind.Ask ask : lengths) {
            shares.put(ask.name(), most > 0 ? (double) ask.usual() / most : shares.isEmpty() ? 1.0 : 0.0);
        }
        Length usual = Length.ofMillimetres(most > 0 ? most : HALF_INCH);
        return new Remedy(Decision.Kind.ALTER, kind.name(), usual, usual, kind.id(), shares, List.of());
    }

    /** Takes an alteration of the maker's choice for a remark, or, without one, that of its cause again. */
    public void choose(Remark remark, Optional<AlterationKind> kind) {
        kind.ifPresentOrElse(each -> chosen.put(remark.id(), each), () -> chosen.remove(remark.id()));
    }

    /** Returns the alteration that the maker chose for a remark, while the window is open. */
    public Optional<AlterationKind> chosen(Remark remark) {
        return Optional.ofNullable(chosen.get(remark.id()));
    }

    /** Returns a remedy in words, with its usual amount. */
    Sentence words(Remedy remedy) {
        return remedy.most().equals(Length.ZERO)
                ? WrittenLengths.sentence(remedy.task())
                : Sentence.of("{}, {} to {}", WrittenLengths.sentence(remedy.task()), remedy.least(), remedy.most());
    }

    /**
     * Returns the alteration that mends a remark by the pinned amount, else by the middle of what is usual, on the
     * pattern as it stands.
     */
    public Optional<Alteration> asked(Remark remark) {
        Optional<DraftedGarment> work = studio.situation().work(remark.garment());
        Optional<Zone> zone = round.zone(remark.zone());
        if (work.isEmpty() || zone.isEmpty()) {
            return Optional.empty();
        }
        return altering(remark)
                .flatMap(remedy -> remedy.alteration(
                        studio.library().alterations(),
                        work.get().pattern(),
                        remark.amount()
                                .or(remedy::usual)
                                .map(Length::toMillimetres)
                                .orElse(0.0),
                        remark.sides(),
                        zone.get()));
    }

    /**
     * Says what a seam's amount is in all: what each edge moves by, over how many seams, and in which layers of cloth.
     */
    public Optional<Sentence> total(Alteration alteration, DraftedGarment work) {
        if (!(alteration instanceof TakeInSeam taken)) {
            return Optional.empty();
        }
        double most = Math.abs(taken.atTop()) > Math.abs(taken.atBottom()) ? taken.atTop() : taken.atBottom();
        Set<String> layers = new TreeSet<>();
        work.pattern().pieces().stream()
                .filter(piece -> piece.name().equals(taken.edge().piece()))
                .forEach(piece -> layers.addAll(piece.cut().keySet()));
        int seams = taken.sides().count();
        return Optional.of(Sentence.of(
                "Each edge of the seam moves by {}; {} in all over {}, in {} alike",
                Math.abs(most) / 2,
                Math.abs(most) * seams,
                seams == 1 ? "one seam" : "both sides",
                String.join(" and ", layers)));
    }

    /** Returns why a remark is provisional; empty if it stands. */
    public List<Sentence> provisional(FittingRound.Logged logged) {
        return Dependence.of(
                studio.situation().judged(), logged.fitting(), logged.remark().garment(), studio.wardrobe());
    }

    /** Names the cause of the chosen remark: one of the list by its id, or in own words. */
    public void because(String cause) {
        round.chosen().ifPresent(logged -> {
            Remark changed = logged.remark().because(cause.strip());
            String words = studio.library().symptoms().causeWords(changed);
            round.change(logged, changed, "Cause: " + words);
        });
    }

    /** Adds a cause of the maker's own to what is seen, and names it as the cause. */
    public void addCause(String why) {
        round.chosen().flatMap(logged -> round.symptom(logged.remark())).ifPresent(symptom -> {
            String id =
                    Histories.freeId(why, own(symptom).stream().map(Cause::id).collect(Collectors.toSet()));
            Cause cause = new Cause(
                    id,
                    why.strip(),
                    OWN_PRIOR,
                    List.of(),
                    List.of(),
                    new Cause.Test(Cause.Test.By.PIN, "change that one thing", "it is gone"),
                    new Remedy(Decision.Kind.OWN_WORDS, "as found", Length.ZERO, Length.ZERO, "", Map.of(), List.of()),
                    List.of());
            studio.keep(
                    studio.maker().withCause(symptom.id(), cause),
                    "cause",
                    Sentence.of("Added a cause of \"{}\": {}", symptom.seen(), why.strip()));
            because(id);
        });
    }

    /** Keeps the outcome of a test that tells causes apart. */
    public void tested(Cause cause, boolean itWas) {
        round.chosen()
                .ifPresent(logged -> round.change(
                        logged,
                        logged.remark().tested(cause.id(), itWas),
                        "Tested: "
                                + (itWas
                                        ? cause.test().then()
                                        : "not that " + cause.test().then())));
    }

    /**
     * Decides the chosen remark by an alteration: it is made on the pattern as it stands, which becomes the next
     * version.
     *
     * @return why it cannot be done, if it cannot
     */
    public Optional<Sentence> alter(Alteration alteration) {
        return alter(
                alteration,
                (garment, fitting, work, pattern) -> garment.withVersion(
                        studio.today(), "after fitting " + fitting.number(), work.inputs(), pattern));
    }

    /**
     * Decides the chosen remark by an alteration that is put into the version that was made of this round already.
     *
     * @return why it cannot be done, if it cannot
     */
    public Optional<Sentence> alterWithTheRest(Alteration alteration) {
        return alter(
                alteration,
                (garment, fitting, work, pattern) -> garment.withLatestRemade(studio.today(), work.inputs(), pattern));
    }

    /**
     * Returns the version that another remark of the same round was decided into and that is still the latest, not
     * altered since and in no mock-up: what is decided now can go into it as well.
     */
    public Optional<Version> versionOfTheRound(FittingRound.Logged logged) {
        Garment garment = round.costume().garment(logged.remark().garment()).orElseThrow();
        return garment.latest()
                .filter(version -> garment.alterations().equals(version.alterations()))
                .filter(version -> logged.fitting().remarks().stream()
                        .filter(remark -> remark.garment().equals(garment.name()))
                        .anyMatch(remark -> remark.decision()
                                .filter(decision -> decision.version() == version.number())
                                .isPresent()))
                .filter(version -> round.costume().fittings().stream()
                        .noneMatch(fitting ->
                                fitting.mockup().versions().getOrDefault(garment.name(), 0) == version.number()));
    }

    /** Makes a version of an altered pattern. */
    private interface Naming {
        Garment named(Garment altered, Fitting fitting, DraftedGarment work, Pattern pattern);
    }

    private Optional<Sentence> alter(Alteration alteration, Naming naming) {
        FittingRound.Logged logged = round.chosen().orElseThrow();
        Garment garment = round.costume().garment(logged.remark().garment()).orElseThrow();
        DraftedGarment work = studio.current().draft(garment).orElseThrow();
        Outcome outcome = alteration.apply(work.pattern());
        if (outcome.refusal().isPresent()) {
            return outcome.refusal();
        }
        Garment altered = naming.named(garment.with(alteration), logged.fitting(), work, outcome.pattern());
        Version version = altered.latest().orElseThrow();
        Remark decided = known(logged.remark())
                .withDecision(new Decision(
                        Decision.Kind.ALTER,
                        alteration.sentence().in(studio.format()),
                        Optional.of(alteration),
                        version.number()));
        studio.keep(
                round.costume().with(altered).with(logged.fitting().with(decided)),
                "decide",
                Sentence.of("Version {} of the {}: {}", version.number(), garment.name(), alteration.sentence()));
        return Optional.empty();
    }

    /** What is decided on the likeliest cause names it. */
    private Remark known(Remark remark) {
        return remark.cause().isEmpty()
                ? cause(remark).map(cause -> remark.because(cause.id())).orElse(remark)
                : remark;
    }

    /** Decides without altering the flat pattern. */
    public void decide(Decision.Kind kind, String words) {
        round.chosen().ifPresent(logged -> {
            String said = words.isBlank() ? kind.words() : words.strip();
            round.change(logged, logged.remark().withDecision(Decision.of(kind, said)), "Decided: " + said);
        });
    }
}
