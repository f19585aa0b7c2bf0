package org.soberhem.desk.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.fitting.Conditions;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Mockup;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Symptom;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.SinceVersion;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.studio.Studio;

/** The latest round of the costume at hand: what is pointed at, and the commands that log it. Every touch is kept. */
public final class FittingRound {

    /** So many symptoms are shown at once. */
    static final int ROWS = 6;

    /** So many letters fit in the line beneath the tape. */
    private static final int LINE = 96;

    /** A remark and the round it was made in. */
    public record Logged(Fitting fitting, Remark remark) {}

    private final Studio studio;
    private final Deciding deciding;
    private final ObjectProperty<Optional<String>> chosen =
            new SimpleObjectProperty<>(this, "chosen", Optional.empty());
    private String seenIn = "";
    private final IntegerProperty page = new SimpleIntegerProperty(this, "page", 0);

    public FittingRound(Studio studio) {
        this.studio = studio;
        this.deciding = new Deciding(studio, this);
        chosen.addListener((was, before, now) -> page.set(0));
    }

    /** Id of the remark that is being made or looked at. */
    public ObjectProperty<Optional<String>> chosenProperty() {
        return chosen;
    }

    /** Which six of a zone's symptoms are shown, from 0. */
    public IntegerProperty pageProperty() {
        return page;
    }

    /** What is decided about the chosen remark. */
    public Deciding deciding() {
        return deciding;
    }

    Costume costume() {
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
                .filter(each -> each.fitting().number() == now || each.remark().isOpen())
                .toList();
    }

    /** Returns the zones that the garments tried on cover; one without sleeves has none to point at. */
    public List<Zone> zones() {
        List<String> garments = fitting().stream()
                .flatMap(fitting -> fitting.mockup().versions().keySet().stream())
                .toList();
        return studio.library().zones().stream()
                .filter(zone -> garments.stream().anyMatch(garment -> covers(garment, zone)))
                .toList();
    }

    private boolean covers(String garment, Zone zone) {
        return zone.isOn(
                kind(garment),
                studio.situation()
                        .work(garment)
                        .map(work -> work.pattern().names())
                        .orElse(List.of()));
    }

    /** Returns the place that words name: one of its name's or edges' words; the front edge where none is named. */
    public Optional<Zone> place(String words) {
        List<String> said = List.of(words.toLowerCase(Locale.ROOT).split("[^\\p{L}]+"));
        return zones().stream()
                .filter(zone ->
                        List.of(zone.name().split("[^\\p{L}]+")).stream().anyMatch(said::contains)
                                || zone.edges().stream().anyMatch(said::contains))
                .findFirst()
                .or(() -> zone("front-edge").filter(zones()::contains))
                .or(() -> zones().stream().findFirst());
    }

    /** Returns the garment of a fitting that has a place. */
    String garmentOf(Zone zone, Fitting fitting) {
        return fitting.mockup().versions().keySet().stream()
                .filter(name -> covers(name, zone))
                .findFirst()
                .orElseGet(() -> fitting.mockup().versions().keySet().iterator().next());
    }

    public Optional<Zone> zone(String id) {
        return studio.library().zones().stream()
                .filter(zone -> zone.id().equals(id))
                .findFirst();
    }

    String kind(String garment) {
        return costume()
                .garment(garment)
                .map(found -> studio.current().sheet(found).sheet().about().garment())
                .orElse("");
    }

    /** Begins a new round with the latest version of each garment; one that has none is named first. */
    public void begin(List<String> garments, String cloth, String helper) {
        Costume changed = costume();
        Map<String, Integer> versions = new TreeMap<>();
        for (String name : garments) {
            Garment garment = changed.garment(name).orElseThrow();
            Optional<DraftedGarment> kept = studio.current().draft(garment);
            if (SinceVersion.of(garment, kept) != SinceVersion.UNCHANGED) {
                DraftedGarment work = kept.orElseThrow();
                garment = garment.withVersion(studio.today(), "cut as a mock-up", work.inputs(), work.pattern());
                changed = changed.with(garment);
            }
            versions.put(name, garment.base());
        }
        int number = costume().fittings().size() + 1;
        Fitting fitting = Fitting.begun(
                number,
                studio.today(),
                as(versions, cloth),
                new Conditions(changed.stack(), false, helper).withMark(Marks.next(fitting()), false));
        chosen.set(Optional.empty());
        studio.keep(changed.with(fitting), "fitting", Sentence.of("Began fitting {}", number));
    }

    /** The same cloth differs from the final one as it did before. */
    private Mockup as(Map<String, Integer> versions, String cloth) {
        return fitting()
                .map(Fitting::mockup)
                .filter(before -> before.cloth().equals(cloth))
                .map(before -> new Mockup(
                        versions, cloth, before.differs(), before.planned(), before.putIn(), before.letOut()))
                .orElse(new Mockup(versions, cloth));
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

    /**
     * Points at a zone.
     *
     * @param sides on which side of the garment as it is worn right side out
     */
    public void point(Zone zone, Sides sides) {
        Fitting fitting = fitting().orElseThrow();
        String garment = fitting.mockup().versions().keySet().stream()
                .filter(name -> covers(name, zone))
                .findFirst()
                .orElseThrow();
        Optional<Remark> untouched = chosen().map(Logged::remark)
                .filter(remark ->
                        fitting.remark(remark.id()).isPresent() && remark.seen().isEmpty());
        String id = untouched.map(Remark::id).orElseGet(() -> nextId(fitting));
        String movement = untouched.map(Remark::movement).orElse(seenIn);
        keep(
                fitting.with(Remark.at(id, garment, zone.id(), sides).in(movement)),
                Sentence.of("Pointed at the {}", zone.name()));
        seenIn = "";
        page.set(0);
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

    /** Shows the next symptoms of the zone, after the last the first. */
    public void turnPage() {
        int pages = chosen().map(logged -> (symptoms(logged.remark()).size() + ROWS - 1) / ROWS)
                .orElse(0);
        page.set(pages == 0 ? 0 : (page.get() + 1) % pages);
    }

    /** Returns the symptoms that are shown now. */
    public List<Symptom> shown(Remark remark) {
        List<Symptom> all = symptoms(remark);
        int from = Math.min(page.get() * ROWS, all.size());
        return all.subList(from, Math.min(from + ROWS, all.size()));
    }

    /** Says what is seen at the chosen remark's zone, by its place among those shown, from 1. */
    public void see(int place) {
        chosen().ifPresent(logged -> {
            List<Symptom> symptoms = shown(logged.remark());
            if (place >= 1 && place <= symptoms.size()) {
                Symptom symptom = symptoms.get(place - 1);
                change(logged, logged.remark().withSeen(symptom.id()), "Saw: " + symptom.seen());
            }
        });
    }

    /** Says in own words what is seen. */
    public void see(String words) {
        chosen().filter(logged -> !words.isBlank())
                .ifPresent(logged -> change(logged, logged.remark().withSeen(words.strip()), "Saw: " + words.strip()));
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
                .ifPresent(logged -> change(logged, logged.remark().withSides(Sides.BOTH), "The same on both sides"));
    }

    /** Says in which movement what is pointed at next was seen. */
    void seenIn(String movement) {
        seenIn = movement;
    }

    /** Says what has become of the chosen remark by this round. */
    public void settle(Remark.State state) {
        int now = fitting().map(Fitting::number).orElse(0);
        chosen().ifPresent(logged -> {
            String words = state.words();
            change(
                    logged,
                    logged.remark().withState(state, now),
                    Character.toUpperCase(words.charAt(0)) + words.substring(1) + ": " + words(logged.remark()));
        });
    }

    void change(Logged logged, Remark changed, String sentence) {
        keep(logged.fitting().with(changed), Sentence.of("{}", sentence));
    }

    /** Keeps a changed round. */
    void keep(Fitting changed, Sentence sentence) {
        studio.keep(costume().with(changed), "remark", sentence);
    }

    /** Returns what is usually seen in a remark's zone on its garment, likeliest first. */
    public List<Symptom> symptoms(Remark remark) {
        return studio.library().symptoms().at(remark.zone(), kind(remark.garment()));
    }

    /** Returns the known symptom that a remark names, if it is not in own words. */
    public Optional<Symptom> symptom(Remark remark) {
        return studio.library().symptoms().find(remark.seen());
    }

    /** Returns what a remark says, in words. */
    public String words(Remark remark) {
        return studio.library().symptoms().words(remark.seen());
    }

    /** Returns where a remark is, in words; with the wrong side out the side is the garment's, not the wearer's. */
    public String place(Remark remark) {
        String zone = zone(remark.zone()).map(Zone::name).orElse(remark.zone());
        String side = remark.sides().words();
        return remark.sides() == Sides.BOTH
                ? zone
                : zone + ", " + (isInsideOut(remark) ? side.replace("wearer's", "garment's") : side);
    }

    /**
     * Says in one line what the pinned amount does, or what is still to be said, by the garment's sides if it is wrong
     * side out.
     */
    public String said(Remark remark) {
        String words = told(remark).in(studio.format());
        return isInsideOut(remark) ? words.replace("wearer's", "garment's") : words;
    }

    private boolean isInsideOut(Remark remark) {
        return logged(remark.id())
                .filter(each -> each.fitting().conditions().insideOut())
                .isPresent();
    }

    /** Says in one sentence what the pinned amount does, or what is still to be said. */
    public Sentence told(Remark remark) {
        if (remark.seen().isEmpty()) {
            return Sentence.of("{}: what is seen there?", place(remark));
        }
        if (remark.amount().isEmpty()) {
            return deciding.altering(remark)
                    .map(remedy -> Sentence.of("How much? Usually: {}", deciding.words(remedy)))
                    .orElse(Sentence.of("How much cloth is pinned?"));
        }
        Optional<Alteration> asked = deciding.asked(remark);
        if (asked.isEmpty()) {
            return Sentence.of("{} noted", remark.amount().get());
        }
        Optional<DraftedGarment> work = tried(remark);
        if (work.isEmpty()) {
            return asked.get().sentence();
        }
        Outcome outcome = asked.get().apply(work.get().pattern());
        if (outcome.refusal().isPresent()) {
            return outcome.refusal().get();
        }
        List<Effect> effects = Effect.between(work.get().pattern(), outcome.pattern());
        Sentence made = asked.get().sentence();
        if (effects.isEmpty()) {
            return made;
        }
        Sentence whole = Sentence.of("{}: {}", made, effects.get(0).sentence());
        // One line, read from a metre away: where both do not fit, what it does to the girth is what counts.
        return whole.in(studio.format()).length() <= LINE
                ? whole
                : effects.get(0).sentence();
    }

    /** Returns the garment as it was tried on. */
    Optional<DraftedGarment> tried(Remark remark) {
        return logged(remark.id()).flatMap(logged -> {
            Garment garment = costume().garment(remark.garment()).orElseThrow();
            Integer number = logged.fitting().mockup().versions().get(garment.name());
            return number == null
                    ? Optional.empty()
                    : garment.version(number).flatMap(v -> studio.current().draft(garment, v));
        });
    }
}
