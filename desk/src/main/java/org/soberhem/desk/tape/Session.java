package org.soberhem.desk.tape;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import org.soberhem.core.body.EntryJudgement;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.MeasuringRoute;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormatException;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.studio.Studio;

/**
 * A guided measuring session: one step at a time round the wearer. Everything read is kept at once; a pause loses
 * nothing.
 */
public final class Session {

    /** Days after which readings that are still missing are not added to a set any more: a body changes. */
    private static final int STILL_THE_SAME = 7;

    private static final Pattern EIGHTHS = Pattern.compile("^(.*\\d)\\s*\\+\\s*([1-7])$");

    /** What is asked for. */
    public enum Page {
        /** Who measures whom over what. */
        CONDITIONS,
        /** The ribbon round the waist. */
        RIBBON,
        /** One reading. */
        READING,
        /** What was read, left out and doubted. */
        END
    }

    private final Studio studio;
    private final TapeDesk desk;
    private final ObjectProperty<Page> page = new SimpleObjectProperty<>(this, "page", Page.CONDITIONS);
    private final ObjectProperty<Optional<MeasuringRoute.Step>> step =
            new SimpleObjectProperty<>(this, "step", Optional.empty());
    private final StringProperty fault = new SimpleStringProperty(this, "fault", "");
    private final Set<MeasuringRoute.Step> leftOut = new HashSet<>();
    private Optional<TapeStart> onlyNow = Optional.empty();

    public Session(Studio studio, TapeDesk desk) {
        this.studio = studio;
        this.desk = desk;
    }

    /** What is asked for now. */
    public ReadOnlyObjectProperty<Page> pageProperty() {
        return page;
    }

    /** The reading that is asked for; empty on the other pages. */
    public ReadOnlyObjectProperty<Optional<MeasuringRoute.Step>> stepProperty() {
        return step;
    }

    /** Why what was typed cannot be kept; empty if it can. */
    public StringProperty faultProperty() {
        return fault;
    }

    /** Begins, or goes on with a set of these days over the costume's layers that is not complete. */
    public void begin() {
        leftOut.clear();
        onlyNow = Optional.empty();
        Optional<MeasurementSet> open = desk.set()
                .filter(set -> set.stack().equals(desk.costume().stack())
                        && set.date().plusDays(STILL_THE_SAME).isAfter(studio.today())
                        && desk.walk().steps().stream()
                                .anyMatch(each -> each.in(set).isEmpty()));
        if (open.isEmpty()) {
            desk.beginSet();
        }
        boolean resumed = open.filter(set -> !set.readings().isEmpty()).isPresent();
        go(resumed ? Page.READING : Page.CONDITIONS);
    }

    private void go(Page to) {
        fault.set("");
        if (to == Page.RIBBON && !desk.walk().ribbon()) {
            go(Page.READING);
            return;
        }
        if (to == Page.READING) {
            Optional<MeasuringRoute.Step> first = open(0);
            if (first.isEmpty()) {
                go(Page.END);
                return;
            }
            show(first.get());
            return;
        }
        page.set(to);
        step.set(Optional.empty());
    }

    private void show(MeasuringRoute.Step next) {
        fault.set("");
        onlyNow = Optional.empty();
        desk.measureProperty().set(next.measure().id());
        step.set(Optional.of(next));
        page.set(Page.READING);
    }

    /** Finds the first step from a place of the walk that is neither read nor left out. */
    private Optional<MeasuringRoute.Step> open(int from) {
        MeasurementSet set = desk.set().orElseThrow();
        List<MeasuringRoute.Step> steps = desk.walk().steps();
        for (int i = 0; i < steps.size(); i++) {
            MeasuringRoute.Step each = steps.get((from + i) % steps.size());
            if (each.in(set).isEmpty() && !leftOut.contains(each)) {
                return Optional.of(each);
            }
        }
        return Optional.empty();
    }

    private int place() {
        return step.get().map(desk.walk().steps()::indexOf).orElse(-1);
    }

    /** Goes on: to the ribbon, the first reading, or the next that is still missing. */
    public void next() {
        switch (page.get()) {
            case CONDITIONS -> go(Page.RIBBON);
            case RIBBON -> go(Page.READING);
            case READING -> open(place() + 1).ifPresentOrElse(this::show, () -> go(Page.END));
            case END -> comeBack();
        }
    }

    /** Leaves the reading out for now; it comes back at the end. */
    public void skip() {
        step.get()
                .ifPresentOrElse(
                        now -> {
                            leftOut.add(now);
                            next();
                        },
                        this::next);
    }

    /** Goes one step back along the walk, whether it was read or not. */
    public void back() {
        List<MeasuringRoute.Step> steps = desk.walk().steps();
        if (page.get() == Page.END && !steps.isEmpty()) {
            show(steps.get(steps.size() - 1));
        } else if (page.get() == Page.READING) {
            int before = place() - 1;
            if (before >= 0) {
                show(steps.get(before));
            } else {
                go(desk.walk().ribbon() ? Page.RIBBON : Page.CONDITIONS);
            }
        } else {
            go(Page.CONDITIONS);
        }
    }

    /** Asks again for what was left out. */
    public void comeBack() {
        leftOut.clear();
        go(Page.READING);
    }

    /** Goes to the reading that a doubt names first. */
    public void readAgain(Doubt doubt) {
        desk.walk().steps().stream()
                .filter(each -> doubt.measures().contains(each.measure().id()))
                .findFirst()
                .ifPresent(this::show);
    }

    /** Returns how many of the walk's readings have been taken. */
    public int taken() {
        MeasurementSet set = desk.set().orElseThrow();
        return (int) desk.walk().steps().stream()
                .filter(each -> each.in(set).isPresent())
                .count();
    }

    /** Returns the steps that were left out and are still missing. */
    public List<MeasuringRoute.Step> missing() {
        MeasurementSet set = desk.set().orElseThrow();
        return desk.walk().steps().stream()
                .filter(each -> each.in(set).isEmpty())
                .toList();
    }

    /** Returns the readings of this step so far. */
    public Optional<Reading> reading() {
        return step.get().flatMap(now -> desk.set().flatMap(now::in));
    }

    /** Says that the tape of this one reading begins at another mark than the others. */
    public void startOnlyNow(Optional<TapeStart> start) {
        onlyNow = start;
    }

    /** Returns at which mark the tape of this reading begins. */
    public TapeStart start() {
        return onlyNow.orElse(desk.set().map(MeasurementSet::start).orElse(TapeStart.END));
    }

    /**
     * Takes what was typed: nothing goes on; a length is kept, and the third goes on by itself.
     *
     * @return whether the field may be emptied
     */
    public boolean accept(String typed) {
        if (typed.isBlank() || step.get().isEmpty()) {
            next();
            return true;
        }
        try {
            return accept(entry(typed));
        } catch (LengthFormatException wrong) {
            fault.set(wrong.getMessage());
            return false;
        }
    }

    /** Takes a length, as a digital tape sends it. */
    public boolean accept(LengthEntry sent) {
        MeasuringRoute.Step now = step.get().orElseThrow();
        int place = reading().map(reading -> reading.taken().size()).orElse(0) % Reading.MOST;
        EntryJudgement judgement = desk.read(now.measure(), now.side(), now.posture(), place, begun(sent));
        boolean kept = !judgement.refused();
        fault.set(kept ? "" : judgement.sentence().orElseThrow().in(studio.format()));
        if (kept && place == Reading.MOST - 1 && doubts().isEmpty()) {
            next();
        }
        return kept;
    }

    /** The set takes its own offset off; this reading's differs only if somebody said so. */
    private LengthEntry begun(LengthEntry entry) {
        Measure measure = step.get().orElseThrow().measure();
        TapeStart usual = desk.set().orElseThrow().start();
        return onlyNow.isEmpty() ? entry : entry.less(start().offset(measure).minus(usual.offset(measure)));
    }

    /** Reads what was typed; {@code 34+5} is 34 inches and five eighths, for one hand on the number keys. */
    LengthEntry entry(String typed) {
        LengthUnit unit = studio.format().unit();
        Matcher eighths = EIGHTHS.matcher(typed.strip());
        if (unit == LengthUnit.INCH && eighths.matches()) {
            return LengthEntry.parse(eighths.group(1) + " " + eighths.group(2) + "/8", unit);
        }
        return LengthEntry.parse(typed, unit);
    }

    /** Takes the last reading of this step away. */
    public void takeBack() {
        step.get()
                .ifPresent(now -> reading()
                        .ifPresent(reading -> desk.wipe(
                                now.measure(), reading, reading.taken().size() - 1)));
    }

    /** Returns what is doubted about the reading that is asked for. */
    public List<Doubt> doubts() {
        return step.get()
                .map(now -> desk.doubts().stream()
                        .filter(doubt -> doubt.measures().contains(now.measure().id()))
                        .toList())
                .orElse(List.of());
    }

    /**
     * Returns what would be doubted if what is typed so far were read. A single digit is the beginning of a number and
     * asks nothing yet.
     */
    public List<Doubt> doubtsIf(String typed) {
        if (typed.chars().filter(Character::isDigit).count() < 2 || step.get().isEmpty()) {
            return doubts();
        }
        MeasuringRoute.Step now = step.get().get();
        int place = reading().map(reading -> reading.taken().size()).orElse(0) % Reading.MOST;
        try {
            return desk.doubtsIf(now.measure(), now.side(), now.posture(), place, begun(entry(typed)));
        } catch (LengthFormatException unfinished) {
            return doubts();
        }
    }
}
