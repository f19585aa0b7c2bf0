package org.soberhem.desk.tape;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.EntryJudgement;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.MeasuringRoute;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.body.Weight;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;
import org.soberhem.studio.Studio;

/** The measurement set that is looked at, and the commands that change it. */
public final class TapeDesk {

    /** One line of readings: a measure on one side, or in the middle. */
    public record Row(Measure measure, Side side, Optional<Reading> reading, boolean needed, boolean counts) {}

    /** Doubts that say that a number is not the wearer's. */
    private static final Set<Doubt.Kind> MISREAD = EnumSet.of(
            Doubt.Kind.UNUSUAL,
            Doubt.Kind.UNIT,
            Doubt.Kind.SWAPPED,
            Doubt.Kind.TRANSPOSED,
            Doubt.Kind.TEN_INCHES,
            Doubt.Kind.FLOOR_MARK,
            Doubt.Kind.LEAST_FITTING);

    private final Studio studio;
    private final StringProperty set = new SimpleStringProperty(this, "set", "");
    private final StringProperty measure = new SimpleStringProperty(this, "measure", "");
    private final ObjectProperty<Posture> posture = new SimpleObjectProperty<>(this, "posture", Posture.STANDING);
    private final BooleanProperty whole = new SimpleBooleanProperty();
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

    Wearer wearer() {
        return studio.situation().wearer();
    }

    Costume costume() {
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

    /** Begins a set of today over the costume's layers; who held the tape last holds it again. */
    public void beginSet() {
        begin(set().map(MeasurementSet::helper).orElse(""), AsWorn.UNSTATED);
    }

    private void begin(String helper, AsWorn worn) {
        int number = wearer().sets().size() + 1;
        while (wearer().set("set-" + number).isPresent()) {
            number++;
        }
        String id = "set-" + number;
        MeasurementSet begun = MeasurementSet.of(id, studio.today(), costume().stack(), "", helper, List.of())
                .wornAs(worn);
        keep(begun, Sentence.of("Began measuring {}", wearer().name()));
        set.set(id);
        if (wearer().sets().size() == 1 && !costume().set().equals(id)) {
            drawFromThis();
        }
    }

    /** Draws the costume from the set that is looked at. */
    public void drawFromThis() {
        set().ifPresent(chosen -> studio.keep(
                costume().withSet(chosen.id()),
                "set",
                Sentence.of("The costume is drawn from the measurements of {}", chosen.date())));
    }

    /** Says whether the costume is drawn from the set that is looked at. */
    public boolean isDrawnFrom() {
        return costume().set().equals(set.get());
    }

    /** Puts another layer stack beneath the costume. */
    public void wearOver(String stack) {
        if (!costume().stack().equals(stack)) {
            studio.keep(
                    costume().withStack(stack),
                    "stack",
                    Sentence.of("The costume is worn over {}", studio.wardrobe().title(stack)));
        }
    }

    /** States over which layers, how far laced and with whose help the set was taken. */
    public void conditions(String stack, String lacing, String helper) {
        change(now -> now.under(stack, lacing.strip(), helper.strip()));
    }

    /** States how the layers were worn. */
    public void wornAs(AsWorn worn) {
        change(now -> now.wornAs(worn));
    }

    /**
     * Says whether readings would come to belong to another lacing than they were taken over: another gap is another
     * set.
     */
    public boolean isAnotherLacing(AsWorn worn) {
        return set().filter(now -> !now.readings().isEmpty()
                        && now.worn().gap().isPresent()
                        && !now.worn().gap().equals(worn.gap()))
                .isPresent();
    }

    /** Begins another set for another lacing. */
    public void beginLacedAnew(AsWorn worn) {
        begin(set().map(MeasurementSet::helper).orElse(""), worn);
    }

    /** States at which mark the tape begins from now on. */
    public void startAt(TapeStart start) {
        change(now -> now.withStart(start));
    }

    public void weigh(Optional<Weight> weight) {
        change(now -> now.withWeight(weight));
    }

    private void change(UnaryOperator<MeasurementSet> how) {
        set().ifPresent(now -> {
            MeasurementSet changed = how.apply(now);
            if (!changed.equals(now)) {
                keep(changed, Sentence.of("Changed the conditions of the measurements of {}", now.date()));
            }
        });
    }

    /** States of which age the wearer is and whether there is a bust to be fitted. */
    public void build(Build build) {
        if (!wearer().build().equals(build)) {
            studio.keep(
                    wearer().built(build),
                    "build",
                    Sentence.of(
                            "{} is measured as {}", wearer().name(), build.age().words()));
        }
    }

    /** Asks for one more measure than the drafts need. */
    public void ask(Measure wanted) {
        asked.add(wanted.id());
        measure.set(wanted.id());
    }

    /**
     * Returns the measures that the costume's drafts draw and judge by and the wearer has, by catalogue id: of several
     * that may serve, the one that was read, else the best.
     */
    public Set<String> needed() {
        Set<String> needed = new LinkedHashSet<>();
        for (Garment garment : costume().garments()) {
            for (List<String> ids : studio.current().sheet(garment).measuresOfTheDraft()) {
                ids.stream()
                        .filter(id -> set().filter(read -> read.has(id)).isPresent())
                        .findFirst()
                        .or(() -> ids.stream().filter(this::isFor).findFirst())
                        .ifPresent(needed::add);
            }
        }
        if (needed.isEmpty() || wearer().build().age() != Age.ADULT) {
            needed.addAll(studio.library().asked().least().get(wearer().build().age()));
        }
        needed.removeIf(id -> !isFor(id));
        return needed;
    }

    private boolean isFor(String id) {
        return studio.library()
                .measures()
                .find(id)
                .filter(each -> each.isFor(wearer().build()))
                .isPresent();
    }

    /** Says whether the whole walk is wanted, for other garments too; else only what these drafts need. */
    public BooleanProperty wholeProperty() {
        return whole;
    }

    /** Plans the walk round the wearer, the shortest or the whole one. */
    public MeasuringRoute walk() {
        return walk(whole.get());
    }

    /**
     * Plans a walk round the wearer.
     *
     * @param all what the drafts need, what every wearer is asked for, what tells where the tape began, and seated
     *     what changes; else only what the drafts need and what was asked for
     */
    public MeasuringRoute walk(boolean all) {
        Set<String> wanted = new LinkedHashSet<>(needed());
        if (all) {
            wanted.addAll(studio.library().asked().least().get(wearer().build().age()));
            wanted.addAll(studio.library().asked().telling());
        }
        wanted.addAll(asked);
        return MeasuringRoute.of(
                studio.library().measures(),
                wearer().build(),
                wanted,
                all ? studio.library().asked().seated() : Set.of());
    }

    /** Returns the rows to fill: what the drafts need first, then what else was read or asked for. */
    public List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        Set<String> needed = needed();
        Set<String> stale = studio.wardrobe()
                .noLongerCount(
                        set().map(MeasurementSet::stack).orElse(costume().stack()),
                        costume().stack());
        Set<String> others = new LinkedHashSet<>(asked);
        set().ifPresent(shown -> shown.readings().forEach(reading -> others.add(reading.measure())));
        others.removeAll(needed);
        List<Measure> all = studio.library().measures().all();
        for (Set<String> group : List.of(needed, others)) {
            all.stream()
                    .filter(each -> group.contains(each.id()) && each.how().takes(posture.get()))
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
     * Keeps a reading, unless it is impossible; what the tape reads too long is taken off.
     *
     * @param place which of the three, from 0
     * @return whether it was refused, and what is to be said of it
     */
    public EntryJudgement read(Row row, int place, LengthEntry entry) {
        return read(row.measure(), row.side(), posture.get(), place, entry);
    }

    EntryJudgement read(Measure of, Side side, Posture held, int place, LengthEntry typed) {
        MeasurementSet now = set().orElseThrow();
        LengthEntry entry = typed.less(now.start().offset(of));
        EntryJudgement judgement =
                EntryJudgement.of(of, entry.value(), wearer().build().age());
        if (!judgement.refused()) {
            Reading reading = now.find(of.id(), side, held)
                    .map(before -> before.with(place, entry))
                    .orElseGet(() -> new Reading(of.id(), side, held, List.of(entry)));
            keep(now.with(reading), Sentence.of("{}: {}", name(of, side), entry.value()));
        }
        return judgement;
    }

    /** Takes one of the three readings away. */
    public void wipe(Row row, int place) {
        row.reading().ifPresent(reading -> wipe(row.measure(), reading, place));
    }

    void wipe(Measure of, Reading reading, int place) {
        if (place < reading.taken().size()) {
            MeasurementSet without = set().orElseThrow().without(reading.measure(), reading.side(), reading.posture());
            keep(
                    reading.without(place).map(without::with).orElse(without),
                    Sentence.of("Took a reading of {} away", name(of, reading.side())));
        }
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

    /** Takes over readings from a file; each takes the place of the one it repeats. */
    public void takeOver(List<Reading> readings, String from) {
        if (set().isEmpty()) {
            beginSet();
        }
        MeasurementSet changed = set().orElseThrow();
        for (Reading reading : readings) {
            changed = changed.with(reading);
        }
        keep(changed, Sentence.of("Took {} readings over from {}", readings.size(), from));
    }

    /** Returns a row's name with its side. */
    static String name(Row row) {
        return name(row.measure(), row.side());
    }

    private static String name(Measure of, Side side) {
        return of.name() + (side == Side.MIDDLE ? "" : ", " + side.words());
    }

    /** Returns what is doubted about the set and not yet answered. */
    public List<Doubt> doubts() {
        return set().map(studio.current()::doubts).orElse(List.of());
    }

    /**
     * Returns the set without the readings that are doubted for what they say, and not only for how far they differ: a
     * slip is not drawn as somebody's figure.
     */
    public Optional<MeasurementSet> trusted() {
        return set().map(now -> {
            Set<String> doubted = new LinkedHashSet<>();
            studio.current().doubts(now).stream()
                    .filter(doubt -> MISREAD.contains(doubt.kind()))
                    .forEach(doubt -> doubted.addAll(doubt.measures()));
            return now.withReadings(now.readings().stream()
                    .filter(reading -> !doubted.contains(reading.measure()))
                    .toList());
        });
    }

    /** Returns what would be doubted about a measure if a length were read, without keeping it. */
    public List<Doubt> doubtsIf(Measure of, Side side, Posture held, int place, LengthEntry typed) {
        return set().map(now -> {
                    LengthEntry entry = typed.less(now.start().offset(of));
                    if (EntryJudgement.of(of, entry.value(), wearer().build().age())
                            .refused()) {
                        return List.<Doubt>of();
                    }
                    Reading reading = now.find(of.id(), side, held)
                            .map(before -> before.with(place, entry))
                            .orElseGet(() -> new Reading(of.id(), side, held, List.of(entry)));
                    return studio.current().doubts(now.with(reading)).stream()
                            .filter(doubt -> doubt.measures().contains(of.id()))
                            .toList();
                })
                .orElse(List.of());
    }

    /** Says that what is doubted is right: it is not asked again about the same numbers. */
    public void itIsRight(Doubt doubt) {
        keep(set().orElseThrow().settle(doubt.key()), Sentence.of("{}: it is right", subject(doubt)));
    }

    /** Takes a correction that a doubt offers. */
    public void correct(Doubt doubt, Doubt.Correction correction) {
        keep(correction.set(), Sentence.of("{}: {}", subject(doubt), correction.words()));
    }

    String subject(Doubt doubt) {
        return doubt.measures().isEmpty()
                ? "Measurements"
                : String.join(
                        ", ",
                        doubt.measures().stream()
                                .map(studio.library().measures()::name)
                                .toList());
    }

    private void keep(MeasurementSet changed, Sentence sentence) {
        studio.keep(wearer().with(changed), "read", sentence);
    }
}
