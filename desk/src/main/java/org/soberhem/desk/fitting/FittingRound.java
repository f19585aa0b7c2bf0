package org.soberhem.desk.fitting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.soberhem.core.alter.Alteration;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.alter.Outcome;
import org.soberhem.core.alter.Sides;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.costume.Work;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.desk.studio.Studio;

/** The latest round of the costume at hand: what is pointed at, and the commands that log it. Every touch is kept. */
public final class FittingRound {

    /** A remark and the round it was made in. */
    public record Logged(Fitting fitting, Remark remark) {}

    private final Studio studio;
    private final ObjectProperty<Optional<String>> chosen =
            new SimpleObjectProperty<>(this, "chosen", Optional.empty());

    public FittingRound(Studio studio) {
        this.studio = studio;
    }

    /** Id of the remark that is being made or looked at. */
    public ObjectProperty<Optional<String>> chosenProperty() {
        return chosen;
    }

    private Costume costume() {
        return studio.situation().costume();
    }

    public Optional<Fitting> fitting() {
        return studio.situation() == null ? Optional.empty() : costume().latestFitting();
    }

    /** Returns the chosen remark with its round. */
    public Optional<Logged> chosen() {
        return chosen.get().flatMap(this::logged);
    }

    private Optional<Logged> logged(String id) {
        return all().stream().filter(each -> each.remark().id().equals(id)).findFirst();
    }

    /** Returns every remark, newest first. */
    public List<Logged> all() {
        List<Logged> all = new ArrayList<>();
        if (studio.situation() != null) {
            costume().fittings().forEach(fitting -> fitting.remarks().forEach(r -> all.add(0, new Logged(fitting, r))));
        }
        return all;
    }

    /** Returns the remarks of this round, newest first, then those of earlier rounds that still await their cure. */
    public List<Logged> atHand() {
        int now = fitting().map(Fitting::number).orElse(0);
        return all().stream()
                .filter(each -> each.fitting().number() == now || each.remark().state() == Remark.State.OPEN)
                .toList();
    }

    /** Returns the zones that the garments tried on cover. */
    public List<Zone> zones() {
        List<String> kinds = fitting().stream()
                .flatMap(fitting -> fitting.mockup().versions().keySet().stream())
                .map(this::kind)
                .toList();
        return studio.library().zones().stream()
                .filter(zone -> zone.garments().stream().anyMatch(kinds::contains))
                .toList();
    }

    public Optional<Zone> zone(String id) {
        return studio.library().zones().stream()
                .filter(zone -> zone.id().equals(id))
                .findFirst();
    }

    private String kind(String garment) {
        return costume()
                .garment(garment)
                .map(found -> studio.sheet(found).sheet().about().garment())
                .orElse("");
    }

    /** Begins a new round with the latest version of each garment; one that has none is named first. */
    public void begin(List<String> garments, String cloth, String helper) {
        Costume changed = costume();
        Map<String, Integer> versions = new TreeMap<>();
        for (String name : garments) {
            Garment garment = changed.garment(name).orElseThrow();
            if (!garment.isNamed()) {
                Work work = studio.kept(garment).orElseThrow();
                garment = garment.withVersion(studio.today(), "cut as a mock-up", work.inputs(), work.pattern());
                changed = changed.with(garment);
            }
            versions.put(name, garment.base());
        }
        int number = costume().fittings().size() + 1;
        Fitting fitting = new Fitting(
                number,
                studio.today(),
                new Fitting.Mockup(versions, cloth),
                changed.stack(),
                false,
                helper,
                List.of(),
                Map.of());
        chosen.set(Optional.empty());
        studio.keep(changed.with(fitting), "fitting", Sentence.of("Began fitting {}", number));
    }

    /** Confirms the layers actually worn; until then all remarks are provisional. */
    public void confirm(String stack) {
        Fitting fitting = fitting().orElseThrow();
        keep(fitting.confirmedOver(stack), Sentence.of("Confirmed the layers of fitting {}", fitting.number()));
    }

    /** Points at a zone by its letter: a remark exists from here on. Does nothing if no zone has the letter. */
    public void point(String letter) {
        for (Zone zone : zones()) {
            Optional<Sides> sides = zone.sides(letter);
            if (sides.isPresent()) {
                point(zone, sides.get());
            }
        }
    }

    public void point(Zone zone, Sides sides) {
        Fitting fitting = fitting().orElseThrow();
        String garment = fitting.mockup().versions().keySet().stream()
                .filter(name -> zone.garments().contains(kind(name)))
                .findFirst()
                .orElseThrow();
        Optional<Remark> untouched = chosen().map(Logged::remark)
                .filter(remark ->
                        fitting.remark(remark.id()).isPresent() && remark.seen().isEmpty());
        String id = untouched.map(Remark::id).orElseGet(() -> nextId(fitting));
        Remark remark = new Remark(
                id, garment, zone.id(), sides, "", Optional.empty(), "", Optional.empty(), Remark.State.OPEN);
        keep(fitting.with(remark), Sentence.of("Pointed at the {}", zone.name()));
        chosen.set(Optional.of(id));
    }

    private static String nextId(Fitting fitting) {
        int most = fitting.remarks().stream()
                .mapToInt(remark ->
                        Integer.parseInt(remark.id().substring(remark.id().indexOf('-') + 1)))
                .max()
                .orElse(0);
        return fitting.number() + "-" + (most + 1);
    }

    /** Says what is seen at the chosen remark's zone, by its place in the zone's list from 1. */
    public void see(int place) {
        chosen().ifPresent(logged -> {
            List<Zone.Symptom> symptoms = symptoms(logged.remark());
            if (place >= 1 && place <= symptoms.size()) {
                Zone.Symptom symptom = symptoms.get(place - 1);
                change(logged, logged.remark().withSeen(symptom.seen(), symptom.cause()), "Saw: " + symptom.seen());
            }
        });
    }

    /** Says in own words what is seen. */
    public void see(String words) {
        chosen().filter(logged -> !words.isBlank())
                .ifPresent(
                        logged -> change(logged, logged.remark().withSeen(words.strip(), ""), "Saw: " + words.strip()));
    }

    /** Says how much cloth was taken at the seam, or how much length is wanted. */
    public void pin(Length amount) {
        chosen().ifPresent(logged -> {
            Sentence done = Sentence.of("Pinned {}", amount);
            keep(logged.fitting().with(logged.remark().withAmount(amount)), done);
        });
    }

    /** Says that it is the same on the other side. */
    public void sameOnTheOtherSide() {
        chosen().filter(logged -> logged.remark().sides() != Sides.BOTH)
                .ifPresent(logged -> change(logged, logged.remark().onSides(Sides.BOTH), "The same on both sides"));
    }

    /** Says of an earlier remark whether it is cured, or of any that it is left as it is. */
    public void settle(Remark.State state) {
        chosen().ifPresent(logged -> change(
                logged,
                logged.remark().withState(state),
                switch (state) {
                            case OPEN -> "Still there: ";
                            case CURED -> "Cured: ";
                            case LEFT -> "Left as it is: ";
                        }
                        + logged.remark().seen()));
    }

    private void change(Logged logged, Remark changed, String sentence) {
        keep(logged.fitting().with(changed), Sentence.of("{}", sentence));
    }

    private void keep(Fitting changed, Sentence sentence) {
        studio.keep(costume().with(changed), "remark", sentence);
    }

    /** Keeps something measured on the wearer at this round. */
    public void measured(QuantityKind kind, Length value) {
        keep(fitting().orElseThrow().withReading(kind.id(), value), Sentence.of("{}: {}", kind.title(), value));
    }

    /** Returns what the rules of the period ask to be measured on the garments of a round, and what was measured. */
    public List<QuantityKind> asked(Fitting fitting) {
        List<QuantityKind> asked = new ArrayList<>();
        for (Verdict verdict : studio.situation().verdicts()) {
            boolean worn = fitting.mockup().versions().containsKey(verdict.garment());
            boolean read = fitting.readings().containsKey(verdict.kind().id());
            if ((read || worn && verdict.rule().judged() == Rule.Judged.FITTING)
                    && verdict.kind().unit() == QuantityKind.Unit.MM
                    && !asked.contains(verdict.kind())) {
                asked.add(verdict.kind());
            }
        }
        asked.sort(Comparator.comparing(QuantityKind::title));
        return asked;
    }

    /** Returns the questions that the rules of the period ask by eye of the garments of a round. */
    public List<Verdict> questions(Fitting fitting) {
        return studio.situation().verdicts().stream()
                .filter(verdict -> verdict.rule().judged() == Rule.Judged.EYE)
                .filter(verdict -> fitting.mockup().versions().containsKey(verdict.garment()))
                .sorted(Comparator.comparing(verdict -> verdict.rule().id()))
                .toList();
    }

    /** Keeps the answer to a question by eye with this round: 1 as asked, 0.5 partly, 0 not. */
    public void answer(Verdict verdict, double answer) {
        keep(
                fitting().orElseThrow().answering(verdict.rule().id(), Optional.of(answer)),
                Sentence.of("{}: answered", verdict.title()));
    }

    /** Returns what is usually seen in a remark's zone, likeliest first. */
    public List<Zone.Symptom> symptoms(Remark remark) {
        return zone(remark.zone()).map(Zone::symptoms).orElse(List.of());
    }

    /** Returns the known symptom that a remark names, if it is not in own words. */
    public Optional<Zone.Symptom> symptom(Remark remark) {
        return symptoms(remark).stream()
                .filter(each -> each.seen().equals(remark.seen()))
                .findFirst();
    }

    /** Returns the alteration that the remark's symptom and amount ask for. */
    public Optional<Alteration> asked(Remark remark) {
        return symptom(remark)
                .flatMap(symptom ->
                        remark.amount().flatMap(amount -> symptom.alteration(amount.toMillimetres(), remark.sides())));
    }

    /** Says in one sentence what the pinned amount does, or what is still to be said. */
    public Sentence told(Remark remark) {
        if (remark.seen().isEmpty()) {
            return Sentence.of("What is seen there?");
        }
        Optional<Zone.Symptom> symptom = symptom(remark);
        if (remark.amount().isEmpty()) {
            return Sentence.of(symptom.map(Zone.Symptom::remedy)
                    .map(remedy -> "How much? Usually: " + remedy)
                    .orElse("How much cloth is pinned?"));
        }
        Optional<Alteration> asked = asked(remark);
        if (asked.isEmpty()) {
            return Sentence.of("{} noted", remark.amount().get());
        }
        Optional<Work> work = tried(remark);
        if (work.isEmpty()) {
            return asked.get().sentence();
        }
        Outcome outcome = asked.get().apply(work.get().pattern());
        if (outcome.refusal().isPresent()) {
            return outcome.refusal().get();
        }
        Optional<Effect> first =
                Effect.between(work.get().pattern(), outcome.pattern()).stream().findFirst();
        return first.isEmpty()
                ? asked.get().sentence()
                : Sentence.of("{}: {}", asked.get().sentence(), first.get().sentence());
    }

    /** Returns the garment as it was tried on. */
    private Optional<Work> tried(Remark remark) {
        return logged(remark.id()).flatMap(logged -> {
            Garment garment = costume().garment(remark.garment()).orElseThrow();
            Integer number = logged.fitting().mockup().versions().get(garment.name());
            return number == null ? Optional.empty() : garment.version(number).flatMap(v -> studio.work(garment, v));
        });
    }

    /**
     * Decides the chosen remark by an alteration: it is made on the pattern as it stands, which becomes the next version.
     *
     * @return why it cannot be done, if it cannot
     */
    public Optional<Sentence> decide(Alteration alteration) {
        Logged logged = chosen().orElseThrow();
        Garment garment = costume().garment(logged.remark().garment()).orElseThrow();
        Work work = studio.kept(garment).orElseThrow();
        Outcome outcome = alteration.apply(work.pattern());
        if (outcome.refusal().isPresent()) {
            return outcome.refusal();
        }
        Garment altered = garment.with(alteration)
                .withVersion(
                        studio.today(), "after fitting " + logged.fitting().number(), work.inputs(), outcome.pattern());
        Version version = altered.latest().orElseThrow();
        Remark decided = logged.remark()
                .withDecision(new Remark.Decision(
                        alteration.sentence().in(studio.format()), Optional.of(alteration), version.number()));
        studio.keep(
                costume().with(altered).with(logged.fitting().with(decided)),
                "decide",
                Sentence.of("Version {} of the {}: {}", version.number(), garment.name(), alteration.sentence()));
        return Optional.empty();
    }

    /** Decides in own words, without altering the flat pattern. */
    public void decide(String words) {
        chosen().ifPresent(logged -> change(
                logged,
                logged.remark().withDecision(new Remark.Decision(words.strip(), Optional.empty(), 0)),
                "Decided: " + words.strip()));
    }

    /** Says why it is so, in own words. */
    public void because(String cause) {
        chosen().ifPresent(logged -> change(
                logged, logged.remark().withSeen(logged.remark().seen(), cause.strip()), "Cause: " + cause.strip()));
    }
}
