package org.soberhem.desk.tape;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import org.soberhem.core.body.EntryJudgement;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.InTheWay;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;
import org.soberhem.desk.studio.Studio;

/** The measurement set that is looked at, and the commands that change it. */
public final class TapeDesk {

    /** One line of readings: a measure on one side, or in the middle. */
    public record Row(Measure measure, Side side, Optional<Reading> reading, boolean needed, boolean counts) {}

    private final Studio studio;
    private final StringProperty set = new SimpleStringProperty(this, "set", "");
    private final StringProperty measure = new SimpleStringProperty(this, "measure", "");
    private final ObjectProperty<Posture> posture = new SimpleObjectProperty<>(this, "posture", Posture.STANDING);
    private final Set<String> asked = new LinkedHashSet<>();

    public TapeDesk(Studio studio) {
        this.studio = studio;
    }

    /** Id of the set that is looked at. */
    public StringProperty setProperty() {
        return set;
    }

    /** Id of the measure that is explained. */
    public StringProperty measureProperty() {
        return measure;
    }

    /** Whose readings are shown: standing or seated. */
    public ObjectProperty<Posture> postureProperty() {
        return posture;
    }

    private Wearer wearer() {
        return studio.situation().wearer();
    }

    private Costume costume() {
        return studio.situation().costume();
    }

    /** Returns the set that is looked at; empty if the wearer has not been measured. */
    public Optional<MeasurementSet> set() {
        return wearer().set(set.get());
    }

    /** Looks at the set that the costume is drawn from, or at the newest. */
    public void lookAtCostumesSet() {
        asked.clear();
        List<MeasurementSet> sets = wearer().sets();
        Optional<MeasurementSet> own = wearer().set(costume().set());
        set.set(own.or(() -> sets.isEmpty() ? Optional.empty() : Optional.of(sets.get(sets.size() - 1)))
                .map(MeasurementSet::id)
                .orElse(""));
    }

    /** Begins a set of today over the costume's layers. */
    public void beginSet() {
        int number = wearer().sets().size() + 1;
        while (wearer().set("set-" + number).isPresent()) {
            number++;
        }
        String id = "set-" + number;
        MeasurementSet begun = new MeasurementSet(id, studio.today(), costume().stack(), "", "", List.of());
        keep(begun, Sentence.of("Began measuring {}", wearer().name()));
        set.set(id);
        if (wearer().sets().size() == 1 && !costume().set().equals(id)) {
            drawFromThis();
        }
    }

    /** Draws the costume from the set that is looked at. */
    public void drawFromThis() {
        set().ifPresent(chosen -> studio.keep(
                costume().drawnFrom(chosen.id()),
                "set",
                Sentence.of("The costume is drawn from the measurements of {}", chosen.date())));
    }

    /** Puts another layer stack beneath the costume. */
    public void wearOver(String stack, String title) {
        if (!costume().stack().equals(stack)) {
            studio.keep(costume().wornOver(stack), "stack", Sentence.of("The costume is worn over {}", title));
        }
    }

    /** States over which layers, how far laced and with whose help the set was taken. */
    public void conditions(String stack, String lacing, String helper) {
        set().ifPresent(now -> {
            MeasurementSet changed = now.under(stack, lacing.strip(), helper.strip());
            if (!changed.equals(now)) {
                keep(changed, Sentence.of("Changed the conditions of the measurements of {}", now.date()));
            }
        });
    }

    /** Asks for one more measure than the drafts need. */
    public void ask(Measure wanted) {
        asked.add(wanted.id());
        measure.set(wanted.id());
    }

    /** Returns the measures that the costume's drafts use, by catalogue id. */
    public Set<String> needed() {
        Set<String> needed = new LinkedHashSet<>();
        costume()
                .garments()
                .forEach(garment -> needed.addAll(studio.sheet(garment).usableMeasures()));
        return needed;
    }

    /** Returns the rows to fill: what the drafts need first, then what else was read or asked for. */
    public List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        Set<String> needed = needed();
        Set<String> stale = studio.library()
                .wardrobe()
                .noLongerCount(
                        set().map(MeasurementSet::stack).orElse(costume().stack()),
                        costume().stack());
        Set<String> others = new LinkedHashSet<>(asked);
        set().ifPresent(shown -> shown.readings().forEach(reading -> others.add(reading.measure())));
        others.removeAll(needed);
        List<Measure> all = studio.library().measures().all();
        for (Set<String> group : List.of(needed, others)) {
            all.stream()
                    .filter(each -> group.contains(each.id()))
                    .forEach(each -> rows.addAll(rows(each, group == needed, !stale.contains(each.id()))));
        }
        return rows;
    }

    private List<Row> rows(Measure each, boolean needed, boolean counts) {
        List<Row> rows = new ArrayList<>();
        boolean apart = set().filter(shown -> each.sided()
                        && (shown.find(each.id(), Side.LEFT, posture.get()).isPresent()
                                || shown.find(each.id(), Side.RIGHT, posture.get())
                                        .isPresent()))
                .isPresent();
        for (Side side : apart ? List.of(Side.LEFT, Side.RIGHT) : List.of(Side.MIDDLE)) {
            Optional<Reading> reading = set().flatMap(shown -> shown.find(each.id(), side, posture.get()));
            rows.add(new Row(each, side, reading, needed, counts));
        }
        return rows;
    }

    /**
     * Keeps a reading, unless it is impossible.
     *
     * @param place which of the three, from 0
     * @return what is to be said of it, if anything
     */
    public Optional<Sentence> read(Row row, int place, LengthEntry entry) {
        EntryJudgement judgement = EntryJudgement.of(row.measure(), entry.value());
        if (!judgement.refused()) {
            Reading reading = row.reading()
                    .map(before -> before.with(place, entry))
                    .orElseGet(() -> new Reading(row.measure().id(), row.side(), posture.get(), List.of(entry)));
            keep(set().orElseThrow().with(reading), Sentence.of("{}: {}", name(row), entry.value()));
        }
        return judgement.sentence();
    }

    /** Takes one of the three readings away. */
    public void wipe(Row row, int place) {
        row.reading().filter(reading -> place < reading.taken().size()).ifPresent(reading -> {
            MeasurementSet now = set().orElseThrow();
            MeasurementSet without = now.without(reading.measure(), reading.side(), reading.posture());
            keep(
                    reading.without(place).map(without::with).orElse(without),
                    Sentence.of("Took a reading of {} away", name(row)));
        });
    }

    /** Reads left and right apart: what was read in the middle stands for both until it is read anew. */
    public void apart(Row row) {
        row.reading().ifPresent(reading -> {
            MeasurementSet changed = set().orElseThrow()
                    .without(reading.measure(), Side.MIDDLE, reading.posture())
                    .with(new Reading(reading.measure(), Side.LEFT, reading.posture(), reading.taken()))
                    .with(new Reading(reading.measure(), Side.RIGHT, reading.posture(), reading.taken()));
            keep(
                    changed,
                    Sentence.of("{} is read left and right apart", row.measure().name()));
        });
    }

    /** Returns a row's name with its side. */
    static String name(Row row) {
        return row.measure().name()
                + (row.side() == Side.MIDDLE ? "" : ", " + row.side().words());
    }

    /** Returns what is odd about a row's kept readings, if anything. */
    public Optional<Sentence> oddity(Row row) {
        if (row.reading().isEmpty()) {
            return Optional.empty();
        }
        Reading reading = row.reading().get();
        if (reading.spread().compareTo(InTheWay.TRUNK_SPREAD) > 0) {
            return Optional.of(Sentence.of("readings differ by {}: measure again", reading.spread()));
        }
        for (LengthEntry entry : reading.taken()) {
            Optional<Sentence> said =
                    EntryJudgement.of(row.measure(), entry.value()).sentence();
            if (said.isPresent()) {
                return said;
            }
        }
        return Optional.empty();
    }

    private void keep(MeasurementSet changed, Sentence sentence) {
        studio.keep(wearer().with(changed), "read", sentence);
    }
}
