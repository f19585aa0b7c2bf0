package org.soberhem.studio;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.function.Consumer;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.maker.Maker;
import org.soberhem.library.Library;
import org.soberhem.studio.Histories.Kind;

/**
 * A maker at work in one workspace. It joins the parts that the places work with, and is the one way by which anything
 * is kept: the history gets the change, the costume at hand is worked out anew, and the action is told.
 */
public final class Studio {

    private final Library library;
    private final Keeper keeper;
    private final Clock clock;
    private final Histories histories;
    private final CostumeEvaluator evaluator;
    private final CurrentCostume current;
    private final Navigation navigation;
    private final Preferences preferences = new Preferences();
    private final SheetShelf sheets;
    private final GarmentCommands garments;
    private final FigureRoom figures = new FigureRoom();
    private final TrialRoom trials = new TrialRoom(figures);
    private final Observed<String> done = new Observed<>("");

    /** On which line the last action was. */
    private Kind lastKind = Kind.WEARER;

    public Studio(Library library, Keeper keeper, Clock clock) {
        this.library = library;
        this.keeper = keeper;
        this.clock = clock;
        histories = new Histories(keeper, library::seenWords);
        evaluator = new CostumeEvaluator(library);
        current = new CurrentCostume(library, histories, evaluator, clock);
        navigation = new Navigation(current);
        sheets = new SheetShelf(this, library);
        garments = new GarmentCommands(this);
        histories.endInterruptedWork();
    }

    public Library library() {
        return library;
    }

    public Keeper keeper() {
        return keeper;
    }

    /** The wearers, the costumes, the maker's own library and the stash, with all that was done to them. */
    public Histories histories() {
        return histories;
    }

    public CostumeEvaluator evaluator() {
        return evaluator;
    }

    public CurrentCostume current() {
        return current;
    }

    public Navigation navigation() {
        return navigation;
    }

    /** Where stands are made and drawn. */
    public FigureRoom figures() {
        return figures;
    }

    /** Returns where garments are tried on. */
    public TrialRoom trials() {
        return trials;
    }

    public Preferences preferences() {
        return preferences;
    }

    public SheetShelf sheets() {
        return sheets;
    }

    public GarmentCommands garments() {
        return garments;
    }

    /** What was done last, in words. */
    public Observed<String> done() {
        return done;
    }

    /** Returns the situation of the costume at hand; null while none is open. */
    public Situation situation() {
        return current.situation().get();
    }

    /** Returns how lengths are shown. */
    public LengthFormat format() {
        return preferences.format().get();
    }

    public Maker maker() {
        return histories.maker();
    }

    public Stash stash() {
        return histories.stash();
    }

    /** Returns what is in hand to make costumes from, now. */
    public Supplies supplies() {
        return current.supplies();
    }

    /** Returns the shipped library joined with the maker's own. */
    public MakersLibrary makersLibrary() {
        return evaluator.libraryOf(maker());
    }

    /** Returns the shipped layers and stacks with the maker's own. */
    public Wardrobe wardrobe() {
        return makersLibrary().wardrobe();
    }

    public Judge judge() {
        return makersLibrary().judge();
    }

    public LocalDate today() {
        return LocalDate.now(clock);
    }

    public LocalTime time() {
        return LocalTime.now(clock);
    }

    public LocalDateTime now() {
        return LocalDateTime.now(clock);
    }

    /** Where the maker's clock stands. */
    public ZoneId zone() {
        return clock.getZone();
    }

    /** Opens a costume. */
    public void open(String costume) {
        lastKind = Kind.WEARER;
        current.open(histories.costumes().value(costume));
        done.set(histories.costumes().line(costume).done());
    }

    /** Keeps a changed costume, whether it is the one at hand or another that is still being worked on. */
    public void keep(Costume changed, String action, Sentence sentence) {
        String words = sentence.in(format());
        boolean atHand = current.is(changed.id());
        Situation evaluated = current.evaluate(changed);
        List<String> inWay = evaluated.inTheWay().stream()
                .map(obstacle -> obstacle.sentence().in(format()))
                .toList();
        if (atHand) {
            lastKind = Kind.COSTUME;
        }
        histories.commit(changed, action, words, inWay);
        done.set(words);
        if (atHand) {
            current.show(changed);
        }
    }

    /** Keeps a changed wearer. */
    public void keep(Wearer changed, String action, Sentence sentence) {
        commit(histories.wearers(), Kind.WEARER, changed.id(), changed, action, sentence);
        current.refresh();
    }

    /** Keeps changed stacks, charts or preferences of the maker. */
    public void keep(Maker changed, String action, Sentence sentence) {
        // A tap on a tracing changes nothing else: nothing is worked out anew.
        boolean tracedOnly = changed.equals(maker().tracing(changed.tracings()));
        commit(histories.makers(), Kind.MAKER, Histories.MAKERS_ID, changed, action, sentence);
        if (!tracedOnly) {
            current.refresh();
        }
    }

    /** Keeps a changed stash. */
    public void keep(Stash changed, String action, Sentence sentence) {
        commit(histories.stashes(), Kind.STASH, Histories.STASH_ID, changed, action, sentence);
        current.refresh();
    }

    private <T> void commit(History<T> line, Kind kind, String id, T value, String action, Sentence sentence) {
        String words = sentence.in(format());
        lastKind = kind;
        line.commit(id, value, action, words);
        done.set(words);
    }

    /**
     * Undoes the last action of the line that the place shows: the costume; at the tape, what was changed last there.
     */
    public void undo() {
        step(true);
    }

    /** Redoes what was undone last on the line that the place shows. */
    public void redo() {
        step(false);
    }

    private void step(boolean back) {
        if (navigation.shelf().get()) {
            step(histories.makers(), Histories.MAKERS_ID, back);
        } else if (situation() != null) {
            switch (navigation.place().get().map(this::lastAt).orElse(Kind.COSTUME)) {
                case WEARER -> step(histories.wearers(), situation().wearer().id(), back);
                case MAKER -> step(histories.makers(), Histories.MAKERS_ID, back);
                case STASH -> step(histories.stashes(), Histories.STASH_ID, back);
                case COSTUME -> step(histories.costumes(), situation().costume().id(), back);
            }
        }
    }

    /**
     * At the tape the last change counts, whosever it was; at the silhouette, where outlines are written, the costume's
     * or the maker's; at the cloth that of the stash too.
     */
    private Kind lastAt(Stage at) {
        return switch (at) {
            case TAPE -> lastKind;
            case SILHOUETTE -> lastKind == Kind.MAKER ? Kind.MAKER : Kind.COSTUME;
            case CLOTH -> lastKind == Kind.STASH ? Kind.STASH : Kind.COSTUME;
            default -> Kind.COSTUME;
        };
    }

    private void step(History<?> line, String id, boolean back) {
        line.step(id, back, current::refresh, done::set);
    }

    /**
     * Erases a wearer for good.
     *
     * @param then gets the backups that still hold them
     * @param told gets what went wrong, in words
     */
    public void erase(Wearer wearer, Consumer<List<Path>> then, Consumer<String> told) {
        histories.erase(
                wearer,
                backups -> {
                    current.forget();
                    done.set("Erased " + wearer.name());
                    then.accept(backups);
                },
                told);
    }
}
