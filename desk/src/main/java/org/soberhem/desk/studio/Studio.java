package org.soberhem.desk.studio;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.costume.Version;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.doubt.Doubts;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.gate.Gate;
import org.soberhem.core.gate.GateStanding;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EarlierVersion;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.FactCollector;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.judging.MeasureResolver;
import org.soberhem.core.judging.Obstacle;
import org.soberhem.core.judging.ObstacleFinder;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.maker.Maker;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.LastSeen;
import org.soberhem.core.report.Overview;
import org.soberhem.core.report.Redaction;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.core.silhouette.Verdict;
import org.soberhem.files.store.Action;
import org.soberhem.files.store.HistoryLine;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.SheetReader;

/** The maker's studio: wearers, costumes, the one at hand, and the commands that change them. */
public final class Studio {

    private static final String COSTUME = "costume";
    private static final String WEARER = "wearer";
    private static final String MAKER = "maker";
    private static final String STASH = "stash";
    private static final String CLOCK = "clock";
    private static final String CLOCK_ID = "~clock";

    /** The maker's own line; no line of a costume or wearer can have this id. */
    public static final String MAKERS_ID = "~maker";

    /** The line of what is in hand; no line of a costume or wearer can have this id. */
    public static final String STASH_ID = "~stash";

    private static final int MOST_WORKED = 64;

    private final Library library;
    private final Keeper keeper;
    private final Clock clock;
    private HistoryLine<Maker> maker;
    private boolean makerBegun;
    private HistoryLine<Stash> stash = new HistoryLine<>(STASH_ID, Stash.EMPTY, "", false, "");
    private boolean stashBegun;
    private Wardrobe wardrobe;
    private MeasureResolver tape;
    private Doubts doubts;
    private ObstacleFinder inTheWay;
    private Judge judge;
    private FactCollector knowing;
    private Gate gate;
    private final Lines<Wearer> wearers;
    private final Lines<Costume> costumes;
    private final Map<String, CompiledSheet> compiled = lately(MOST_WORKED);
    private final Map<String, Double> tried = new HashMap<>();

    /** How often each line was changed since the application began. */
    private final Map<String, Integer> changes = new HashMap<>();

    /** What a garment is worked out from. */
    private record Recipe(String costume, String garment, String sheet, Inputs inputs, List<Alteration> alterations) {}

    /** A situation and what it was computed from. */
    private record Known(
            Costume costume, Wearer wearer, Stash stash, Maker maker, LocalDateTime minute, Situation situation) {

        /** Says whether it still is; everything is immutable, so that the same things are the same. */
        boolean isOf(Costume now, Studio studio) {
            return costume == now
                    && wearer == studio.wearer(now)
                    && stash == studio.stash()
                    && maker == studio.maker()
                    && minute.equals(studio.minute());
        }
    }

    /** The costumes computed last, by id. */
    private final Map<String, Known> computed = lately(MOST_WORKED);

    /** The garments worked out last. */
    private final Map<Recipe, DraftedGarment> worked = lately(MOST_WORKED);

    /** Returns a map that forgets what was not asked for the longest. */
    private static <K, V> Map<K, V> lately(int most) {
        return new LinkedHashMap<>(32, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** On which line of history the last action was: the wearer, the costume, the maker's own library or the stash. */
    private String lastLine = WEARER;

    private final ReadOnlyObjectWrapper<Situation> situation = new ReadOnlyObjectWrapper<>(this, "situation");
    private final StringProperty garment = new SimpleStringProperty(this, "garment", "");
    private final ObjectProperty<LengthFormat> format =
            new SimpleObjectProperty<>(this, "format", LengthFormat.INCH_EIGHTHS);
    private final BooleanProperty dark = new SimpleBooleanProperty(this, "dark", false);
    private final ObjectProperty<Optional<Stage>> place = new SimpleObjectProperty<>(this, "place", Optional.empty());
    private final StringProperty target = new SimpleStringProperty(this, "target", "");
    private final BooleanProperty standing = new SimpleBooleanProperty(this, "standing", false);
    private final BooleanProperty shelf = new SimpleBooleanProperty(this, "shelf", false);
    private final StringProperty done = new SimpleStringProperty(this, "done", "");

    public Studio(Library library, Keeper keeper, Clock clock) {
        this.library = library;
        this.keeper = keeper;
        this.clock = clock;
        this.maker = new HistoryLine<>(MAKERS_ID, Maker.NEW, "", false, "");
        keeper.lines(MAKER, Maker.class).forEach(line -> {
            maker = line;
            makerBegun = true;
        });
        keeper.lines(STASH, Stash.class).forEach(line -> {
            stash = line;
            stashBegun = true;
        });
        takeUpOwnLibrary();
        wearers = lines(WEARER, Wearer.class, Overview::of);
        costumes = lines(COSTUME, Costume.class, this::overviewOf);
        endInterrupted();
    }

    /** Takes up what is known of all lines of a kind; those of older workspaces are read, and noted for the next time. */
    private <T> Lines<T> lines(String kind, Class<T> type, Function<T, Overview> overview) {
        Lines<T> all = new Lines<>(id -> keeper.line(id, type), overview);
        keeper.overviews(kind)
                .forEach((id, known) -> all.know(id, known.orElseGet(() -> {
                    Overview made = overview.apply(keeper.line(id, type).value());
                    keeper.note(id, made);
                    return made;
                })));
        return all;
    }

    private Overview overviewOf(Costume costume) {
        Overview known = costumes == null ? null : costumes.overview(costume.id());
        return Overview.of(costume, library::seenWords, known == null ? List.of() : known.inWay());
    }

    private void takeUpOwnLibrary() {
        wardrobe = library.wardrobe().with(maker().stacks());
        tape = new MeasureResolver(library.measures(), wardrobe);
        doubts = new Doubts(library.measures(), library.relations(), library.proportions(), wardrobe);
        inTheWay = new ObstacleFinder(library.measures(), wardrobe, library.usages(), doubts, library::seenWords);
        judge = new Judge(library.silhouettes().with(ownSilhouettes()), library.figurePlan(), wardrobe);
        knowing = null;
        gate = null;
    }

    /** The maker's own silhouettes; one that cannot be read stays in the editor until it can. */
    private Map<String, Silhouette> ownSilhouettes() {
        Map<String, Silhouette> own = new LinkedHashMap<>();
        maker().silhouettes().forEach((id, text) -> {
            try {
                Silhouette read = library.silhouetteReader().read(text);
                own.put(read.header().id(), read);
            } catch (SheetException unfinished) {
                own.remove(id);
            }
        });
        return own;
    }

    /** Dresses and judges costumes by the shipped silhouettes and the maker's own. */
    public Judge judge() {
        return judge;
    }

    public Library library() {
        return library;
    }

    /** Gathers what is known about a remark of a fitting. */
    public FactCollector knowing() {
        if (knowing == null) {
            knowing = new FactCollector(library.symptoms(), wardrobe, library.alterations(), maker().months());
        }
        return knowing;
    }

    /** The gates before steps that cannot be taken back. */
    public Gate gate() {
        if (gate == null) {
            gate = new Gate(library.symptoms(), library.movements(), wardrobe, library.making());
        }
        return gate;
    }

    /** The maker's own stacks, charts and preferences. */
    public Maker maker() {
        return maker.value();
    }

    /** The maker's cloths and notions. */
    public Stash stash() {
        return stash.value();
    }

    /** What is in hand to make costumes from, now. */
    public Supplies supplies() {
        return new Supplies(stash(), library.fibres(), now());
    }

    /** Returns how a gate of the costume at hand stands for one of its garments. */
    public GateStanding standing(String garmentName, GateStep step) {
        return gate().of(situation().judged(), garmentName, step, supplies());
    }

    /** The shipped layers and stacks with the maker's own. */
    public Wardrobe wardrobe() {
        return wardrobe;
    }

    /** Says which readings the drafts of a costume take. */
    public MeasureResolver tape() {
        return tape;
    }

    /** Returns what is doubted about a set of the wearer at hand. */
    public List<Doubt> doubts(MeasurementSet set) {
        return doubts.of(set, situation().wearer().build(), today(), maker().months());
    }

    public Keeper keeper() {
        return keeper;
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

    /** The costume at hand with everything computed from it; null while none is open. */
    public ReadOnlyObjectProperty<Situation> situationProperty() {
        return situation.getReadOnlyProperty();
    }

    public Situation situation() {
        return situation.get();
    }

    /** Name of the garment at hand. */
    public StringProperty garmentProperty() {
        return garment;
    }

    /** How lengths are shown. */
    public ObjectProperty<LengthFormat> formatProperty() {
        return format;
    }

    public LengthFormat format() {
        return format.get();
    }

    public BooleanProperty darkProperty() {
        return dark;
    }

    /** The place that is shown; empty for the rail of all costumes. */
    public ObjectProperty<Optional<Stage>> placeProperty() {
        return place;
    }

    /** What a place should show first: a measure, {@code piece.edge}, a remark or a rule. */
    public StringProperty targetProperty() {
        return target;
    }

    /** Whether the maker stands at a fitting: its place then takes the whole window. */
    public BooleanProperty standingProperty() {
        return standing;
    }

    /** Whether the shelf of draft sheets is shown instead of the rail. */
    public BooleanProperty shelfProperty() {
        return shelf;
    }

    /** What was done last, in words. */
    public StringProperty doneProperty() {
        return done;
    }

    /** Returns every costume, the next event first. Where many are, this reads them all. */
    public List<Costume> costumes() {
        return ordered(costumes.ids()).stream().map(this::costume).toList();
    }

    /** Returns the ids of all costumes, the next event first. */
    public List<String> costumeIds() {
        return ordered(costumes.ids());
    }

    private List<String> ordered(Collection<String> ids) {
        return ids.stream()
                .sorted(Comparator.comparing(
                        (String id) -> costumes.overview(id).event().orElse(LocalDate.MAX)))
                .toList();
    }

    /** Returns a costume by its id. */
    public Costume costume(String id) {
        return costumes.get(id).value();
    }

    /** Returns what reads costumes away from the interface thread, with those at hand as they are now. */
    public Supplier<List<Costume>> reading(List<String> ids) {
        Map<String, Costume> atHand = new HashMap<>();
        ids.forEach(id -> costumes.atHand(id).ifPresent(line -> atHand.put(id, line.value())));
        return () -> ids.stream()
                .map(id -> atHand.containsKey(id)
                        ? atHand.get(id)
                        : keeper.line(id, Costume.class).value())
                .toList();
    }

    /** Returns what is known of a costume without reading it. */
    public Overview known(String costume) {
        return costumes.overview(costume);
    }

    /** Returns the costumes of which every one of the words was written somewhere, the next event first. */
    public List<String> found(String words) {
        List<String> wanted = List.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+"));
        return ordered(costumes.ids().stream()
                .filter(id -> {
                    Overview costume = costumes.overview(id);
                    Overview wearer = wearers.overview(costume.wearer());
                    return wanted.stream()
                            .allMatch(word -> costume.words().contains(word)
                                    || wearer.words().contains(word));
                })
                .toList());
    }

    /** Returns a costume worked out, without what is tried. */
    public Situation overview(Costume costume) {
        return situation(costume, Map.of());
    }

    /** Returns every costume worked out, the next event first. */
    public List<Situation> overview() {
        return costumes().stream().map(this::overview).toList();
    }

    /** Returns who a costume is for. */
    public Wearer wearer(Costume costume) {
        return wearers.get(costume.wearer()).value();
    }

    /** Returns the costumes of a wearer. */
    public List<Costume> costumesOf(String wearer) {
        return costumes.ids().stream()
                .filter(id -> costumes.overview(id).wearer().equals(wearer))
                .map(this::costume)
                .toList();
    }

    /** Returns the names of all wearers, without reading them. */
    public List<String> wearerNames() {
        return wearers.ids().stream().map(id -> wearers.overview(id).title()).toList();
    }

    public List<Wearer> wearers() {
        return wearers.all().stream().map(HistoryLine::value).toList();
    }

    /** Keeps a new costume, and its wearer if nobody of the name is known, and opens it at the tape. */
    public void begin(Beginning beginning) {
        Wearer wearer = wearers.ids().stream()
                .filter(id -> wearers.overview(id).title().equals(beginning.wearer()))
                .map(id -> wearers.get(id).value())
                .findFirst()
                .orElseGet(() -> {
                    Wearer begun =
                            Wearer.of(freeId(beginning.wearer(), wearers.ids()), beginning.wearer(), "", List.of());
                    keep(begun, "begin", Sentence.of("Began {}", begun.name()));
                    return begun;
                });
        List<MeasurementSet> sets = wearer.sets();
        List<Garment> garments = new ArrayList<>();
        beginning.sheets().forEach(id -> garments.add(garmentOf(sheetText(id), garments)));
        Costume costume = new Costume(
                freeId(beginning.title(), costumes.ids()),
                beginning.title(),
                beginning.place(),
                Integer.parseInt(beginning.year()),
                beginning.date(),
                wearer.id(),
                sets.isEmpty() ? "" : sets.get(sets.size() - 1).id(),
                beginning.stack(),
                garments,
                List.of(),
                "",
                Map.of());
        keep(costume, "begin", Sentence.of("Began {}", costume.title()));
        open(costume.id());
        place.set(Optional.of(Stage.TAPE));
    }

    /** Takes a costume up that was begun elsewhere: from another maker, or from a costume for another wearer. */
    public void take(Costume costume) {
        keep(costume, "begin", Sentence.of("Began {}", costume.title()));
    }

    /** Returns an id that no costume has. */
    public String freeCostume(String words) {
        return freeId(words, costumes.ids());
    }

    /** Returns an id that no wearer has. */
    public String freeWearer(String words) {
        return freeId(words, wearers.ids());
    }

    /**
     * Erases a wearer for good, with their measurements and the whole history of both; what is left of their costumes has neither
     * name, nor pictures, nor figures.
     *
     * @param then gets the backups that still hold them
     * @param said gets what went wrong, in words
     */
    public void erase(Wearer wearer, Consumer<List<Path>> then, Consumer<String> said) {
        Map<String, Costume> left = new LinkedHashMap<>();
        String nobody = freeWearer("erased wearer");
        for (Costume costume : costumesOf(wearer.id())) {
            left.put(costume.id(), new Redaction(costume, wearer).anonymous(nobody));
        }
        if (!left.isEmpty()) {
            Wearer anonymous =
                    Wearer.of(nobody, Redaction.NAMELESS, "", List.of()).built(wearer.build());
            wearers.put(new HistoryLine<>(nobody, anonymous, "Began", false, ""));
            store(
                    WEARER,
                    nobody,
                    anonymous,
                    new Action("begin", "Began", Optional.of(Overview.of(anonymous))),
                    Wearer.class,
                    line -> {});
        }
        keeper.erase(
                Set.of(wearer.id()),
                left,
                backups -> {
                    wearers.remove(wearer.id());
                    left.forEach((id, costume) -> {
                        costumes.put(new HistoryLine<>(id, costume, "", false, ""));
                        keeper.note(id, costumes.overview(id));
                    });
                    tried.clear();
                    worked.clear();
                    computed.clear();
                    done.set("Erased " + wearer.name());
                    if (situation() != null) {
                        refresh(costumes.get(situation().costume().id()).value());
                    }
                    then.accept(backups);
                },
                said);
    }

    /** Makes a garment from a sheet as written, named after its kind. */
    private Garment garmentOf(String text, List<Garment> beside) {
        String kind = compiledSheet(text).sheet().about().garment();
        String name = Character.toUpperCase(kind.charAt(0)) + kind.substring(1).replace('-', ' ');
        boolean taken = beside.stream().anyMatch(garment -> garment.name().equals(name));
        return new Garment(taken ? name + " " + (beside.size() + 1) : name, text, Map.of(), List.of(), List.of());
    }

    /** Adds a garment, drafted from a sheet, to the costume at hand and shows it. */
    public void addGarment(String sheet) {
        addGarmentOf(sheetText(sheet));
    }

    /** Adds a garment, drafted from a sheet as written, to the costume at hand and shows it. */
    public void addGarmentOf(String text) {
        Costume costume = situation().costume();
        Garment added = garmentOf(text, costume.garments());
        keep(costume.adding(added), "garment", Sentence.of("Added the {}", added.name()));
        garment.set(added.name());
    }

    /** Begins a garment of a costume from a version of another's, with what was learned when that was worn. */
    public void branch(Costume from, Garment garment, Version version, Costume into) {
        String lesson = from.papers().otherwise();
        String words = "from " + from.title() + ", " + garment.name() + ", version " + version.number()
                + (lesson.isEmpty() ? "" : "; next time: " + lesson);
        String called = garment.name();
        for (int i = 2; into.garment(called).isPresent(); i++) {
            called = garment.name() + " " + i;
        }
        keep(
                into.adding(garment.branch(version, called, words)),
                "garment",
                Sentence.of("Added the {} {}", called, words));
    }

    /** Returns the maker's earlier versions in other costumes, the nearest to the wearer at hand first. */
    public List<EarlierVersion> earlier() {
        Costume at = situation().costume();
        List<Costume> others =
                costumes().stream().filter(each -> !each.id().equals(at.id())).toList();
        return situation()
                .set()
                .map(set -> EarlierVersion.nearest(others, "", tape.inputs(set, at, Map.of()), this::compiledSheet))
                .orElse(List.of());
    }

    /** Drafts a garment of a costume from a changed sheet; the sheet must compile. */
    public void changeSheet(String costumeId, String garmentName, String text) {
        Costume costume = costumes.get(costumeId).value();
        Set<String> settings = new HashSet<>();
        compiledSheet(text).adjustables().forEach(each -> settings.add(each.name()));
        Garment changed = costume.garment(garmentName).orElseThrow().withSheet(text, settings);
        keep(costume.with(changed), "sheet", Sentence.of("Changed the sheet of the {}", garmentName));
    }

    /** Returns every sheet that can be drafted from: the library's and the maker's own that can be read, by year. */
    public List<OfferedSheet> offeredSheets() {
        List<OfferedSheet> all = new ArrayList<>();
        library.sheets().forEach(sheet -> all.add(new OfferedSheet(sheet.sheet().id(), sheet, false)));
        maker().sheets().forEach((id, text) -> {
            try {
                all.add(new OfferedSheet(id, compiledSheet(text), true));
            } catch (SheetException unfinished) {
                // It stays in the editor until it can be read.
                return;
            }
        });
        all.sort(Comparator.comparingInt(each -> each.sheet().sheet().about().from()));
        return all;
    }

    /** Returns a sheet as written, the maker's own before the library's. */
    public String sheetText(String id) {
        return Optional.ofNullable(maker().sheets().get(id))
                .or(() -> library.sheetText(id))
                .orElseThrow(() -> new IllegalArgumentException("There must be a sheet \"" + id + "\""));
    }

    /** Copies a sheet for the maker to change, and returns the copy's id. */
    public String copySheet(String id) {
        return keepNewSheet(id, sheetText(id));
    }

    /** Keeps a sheet as one of the maker's own under a free id like the one given, and returns it. */
    public String keepNewSheet(String id, String text) {
        Set<String> taken = new HashSet<>(maker().sheets().keySet());
        library.sheets().forEach(sheet -> taken.add(sheet.sheet().id()));
        String free = freeId(id, taken);
        keepSheet(free, text.replaceFirst("(?m)^draft:.*$", "draft: " + free));
        return free;
    }

    /** Keeps a sheet of the maker's own as written, whether it can be read or not. */
    public void keepSheet(String id, String text) {
        keep(maker().withSheet(id, text), "sheet", Sentence.of("Changed the sheet {}", id));
    }

    public void dropSheet(String id) {
        keep(maker().withoutSheet(id), "drop sheet", Sentence.of("Removed the sheet {}", id));
    }

    /** Returns words as an id that is not taken. */
    public static String freeId(String words, Set<String> taken) {
        String stem = words.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
        String id = stem;
        for (int i = 2; taken.contains(id); i++) {
            id = stem + "-" + i;
        }
        return id;
    }

    /** Opens a costume at its first unsettled stage. */
    public void open(String costume) {
        tried.clear();
        lastLine = WEARER;
        Costume opened = costumes.get(costume).value();
        garment.set(opened.garments().isEmpty() ? "" : opened.garments().get(0).name());
        done.set(costumes.get(costume).done());
        refresh(opened);
    }

    /** Opens the place where an obstacle is settled. */
    public void settle(Obstacle obstacle) {
        if (!obstacle.garment().isEmpty()) {
            garment.set(obstacle.garment());
        }
        target.set("");
        place.set(Optional.of(obstacle.stage()));
        target.set(obstacle.target());
    }

    /** Tries another value of a measure without keeping it. */
    public void tryMeasure(String measure, double millimetres) {
        tried.put(measure, millimetres);
        refresh(situation().costume());
    }

    /** Forgets every tried value. */
    public void forgetTried() {
        tried.clear();
        refresh(situation().costume());
    }

    /** Keeps a changed costume, whether it is the one at hand or another that is still being worked on. */
    public void keep(Costume changed, String action, Sentence sentence) {
        String words = sentence.in(format());
        done.set(words);
        boolean atHand = situation() != null && situation().costume().id().equals(changed.id());
        Situation now = situation(changed, atHand ? tried : Map.of());
        if (atHand) {
            situation.set(now);
            lastLine = COSTUME;
        }
        HistoryLine<Costume> before = costumes.get(changed.id());
        costumes.know(changed.id(), Overview.of(changed, library::seenWords, inWay(now.inTheWay())));
        costumes.put(new HistoryLine<>(changed.id(), changed, words, before != null, ""));
        store(
                COSTUME,
                changed.id(),
                changed,
                new Action(action, words, Optional.of(costumes.overview(changed.id()))),
                Costume.class,
                line -> costumes.change(line.id(), shown -> unlessGone(line, shown)));
    }

    /** Keeps that work still goes on at the costume at hand; it is no action, so nothing is there to be taken back. */
    public void seenAtWork() {
        store(
                CLOCK,
                CLOCK_ID,
                new LastSeen(situation().costume().id(), now()),
                Action.of("seen", "At work"),
                LastSeen.class,
                line -> {});
    }

    /** Ends work that went on when the application was cut off, when it was last seen. */
    private void endInterrupted() {
        List<HistoryLine<LastSeen>> seen = keeper.lines(CLOCK, LastSeen.class);
        for (String id : running()) {
            Costume costume = costume(id);
            Bench bench = costume.underway().bench();
            if (bench.running().isPresent()) {
                Bench known = seen.stream()
                        .map(HistoryLine::value)
                        .filter(each -> each.costume().equals(costume.id()))
                        .findFirst()
                        .map(each -> bench.seen(each.at()))
                        .orElse(bench);
                keepBench(costume, known.interrupted(), "Work ended when the application did");
            }
        }
    }

    /** Ends work that goes on, because the application is closed. */
    public void endWork() {
        for (String id : running()) {
            Bench bench = costume(id).underway().bench();
            keepBench(costume(id), bench.stopped(now()), "Work ended when the application was closed");
        }
    }

    private List<String> running() {
        return costumes.ids().stream()
                .filter(id -> costumes.overview(id).running())
                .toList();
    }

    private void keepBench(Costume costume, Bench bench, String words) {
        Costume ended = costume.underway(costume.underway().with(bench));
        costumes.put(new HistoryLine<>(ended.id(), ended, words, true, ""));
        store(
                COSTUME,
                ended.id(),
                ended,
                new Action("ended", words, Optional.of(costumes.overview(ended.id()))),
                Costume.class,
                line -> {});
    }

    /** Keeps a changed wearer. */
    public void keep(Wearer changed, String action, Sentence sentence) {
        String words = sentence.in(format());
        done.set(words);
        lastLine = WEARER;
        wearers.put(new HistoryLine<>(changed.id(), changed, words, true, ""));
        if (situation() != null) {
            refresh(situation().costume());
        }
        store(
                WEARER,
                changed.id(),
                changed,
                new Action(action, words, Optional.of(Overview.of(changed))),
                Wearer.class,
                line -> wearers.change(line.id(), now -> unlessGone(line, now)));
    }

    /** Keeps changed stacks, charts or preferences of the maker. */
    public void keep(Maker changed, String action, Sentence sentence) {
        String words = sentence.in(format());
        lastLine = MAKER;
        if (!makerBegun) {
            // So that the first change can be taken back too.
            makerBegun = true;
            store(MAKER, MAKERS_ID, Maker.NEW, Action.of("begin", "Began"), Maker.class, line -> {});
        }
        // A tap on a tracing changes nothing else: nothing is worked out anew.
        boolean tracedOnly = changed.equals(maker().tracing(changed.tracings()));
        maker = new HistoryLine<>(MAKERS_ID, changed, words, true, "");
        if (!tracedOnly) {
            takeUpOwnLibrary();
        }
        done.set(words);
        if (!tracedOnly && situation() != null) {
            refresh(situation().costume());
        }
        store(
                MAKER,
                MAKERS_ID,
                changed,
                Action.of(action, words),
                Maker.class,
                line -> maker = unlessGone(line, maker));
    }

    /** Keeps a changed stash. */
    public void keep(Stash changed, String action, Sentence sentence) {
        String words = sentence.in(format());
        lastLine = STASH;
        if (!stashBegun) {
            // So that the first change can be taken back too.
            stashBegun = true;
            store(STASH, STASH_ID, Stash.EMPTY, Action.of("begin", "Began"), Stash.class, line -> {});
        }
        stash = new HistoryLine<>(STASH_ID, changed, words, true, "");
        done.set(words);
        if (situation() != null) {
            refresh(situation().costume());
        }
        store(STASH, STASH_ID, changed, Action.of(action, words), Stash.class, line -> stash = unlessGone(line, stash));
    }

    private <T> void store(
            String kind, String id, T value, Action action, Class<T> type, Consumer<HistoryLine<T>> kept) {
        changes.merge(id, 1, Integer::sum);
        keeper.keep(kind, id, value, action, type, kept);
    }

    /** Word that a value is kept comes after the fact: it does not bring back what was taken back or changed since. */
    private static <T> HistoryLine<T> unlessGone(HistoryLine<T> kept, HistoryLine<T> now) {
        return kept.value().equals(now.value()) ? kept : now;
    }

    private List<String> inWay(List<Obstacle> obstacles) {
        return obstacles.stream()
                .map(obstacle -> obstacle.sentence().in(format()))
                .toList();
    }

    /** Takes back the last action of the line that the place shows: the costume; at the tape, what was changed last there. */
    public void undo() {
        step(true);
    }

    /** Does again what was taken back last on the line that the place shows. */
    public void redo() {
        step(false);
    }

    /** At the tape the last change counts, whosever it was; at the silhouette, where outlines are written, the costume's or the maker's; at the cloth that of the stash too. */
    private String lastAt(Stage at) {
        return switch (at) {
            case TAPE -> lastLine;
            case SILHOUETTE -> lastLine.equals(MAKER) ? MAKER : COSTUME;
            case CLOTH -> lastLine.equals(STASH) ? STASH : COSTUME;
            default -> COSTUME;
        };
    }

    private void step(boolean back) {
        String kind = place.get().map(this::lastAt).orElse(COSTUME);
        if (shelf.get()) {
            kind = MAKER;
        } else if (situation() == null) {
            return;
        }
        switch (kind) {
            case WEARER -> {
                String id = situation().wearer().id();
                step(id, Wearer.class, back, () -> wearers.get(id), now -> {
                    wearers.put(now);
                    keeper.note(id, wearers.overview(id));
                });
            }
            case MAKER ->
                step(MAKERS_ID, Maker.class, back, () -> maker, now -> {
                    maker = now;
                    takeUpOwnLibrary();
                });
            case STASH -> step(STASH_ID, Stash.class, back, () -> stash, now -> stash = now);
            default -> {
                String id = situation().costume().id();
                step(id, Costume.class, back, () -> costumes.get(id), now -> {
                    costumes.put(now);
                    keeper.note(id, costumes.overview(id));
                });
            }
        }
    }

    /** Takes up what a step back or forward gives, unless the line was changed again before it was there. */
    private <T> void step(
            String id, Class<T> type, boolean back, Supplier<HistoryLine<T>> shown, Consumer<HistoryLine<T>> put) {
        int asked = changes.getOrDefault(id, 0);
        keeper.step(
                id,
                type,
                back,
                now -> {
                    if (changes.getOrDefault(id, 0) != asked) {
                        done.set("Nothing is taken back: it was changed meanwhile");
                        return;
                    }
                    HistoryLine<T> was = shown.get();
                    put.accept(now);
                    say(was, now, back);
                    if (situation() != null) {
                        refresh(costumes.get(situation().costume().id()).value());
                    }
                },
                done::set);
    }

    private void say(HistoryLine<?> was, HistoryLine<?> now, boolean back) {
        if (was.value().equals(now.value())) {
            done.set(back ? "Nothing to take back" : "Nothing to do again");
        } else {
            done.set(back ? "Taken back: " + was.done() : "Done again: " + now.done());
        }
    }

    /**
     * Chooses a setting of a garment's sheet.
     *
     * @return why it cannot be chosen, if it cannot
     */
    public Optional<String> choose(String garmentName, String setting, Length amount) {
        return choose(garmentName, setting, amount.toMillimetres(), amount);
    }

    /**
     * Chooses one of the ways of a choice of a garment's sheet.
     *
     * @param way its place, from 0
     * @return why it cannot be chosen, if it cannot
     */
    public Optional<String> chooseWay(String garmentName, String choice, int way, String name) {
        return choose(garmentName, choice, way, name);
    }

    private Optional<String> choose(String garmentName, String setting, double value, Object shown) {
        Costume costume = situation().costume();
        Garment changed = costume.garment(garmentName).orElseThrow().withSetting(setting, value);
        try {
            work(costume.id(), changed, tape.inputs(situation().set().orElseThrow(), costume, changed.settings()));
        } catch (DraftException refused) {
            return Optional.of(refused.getMessage());
        }
        keep(costume.with(changed), "setting", Sentence.of("{}: {} is {}", garmentName, setting, shown));
        return Optional.empty();
    }

    /** Returns the sums that belong to a garment of the costume at hand, in its year. */
    public List<Sum> sums(DraftedGarment work) {
        SumInputs.Circumstances circumstances =
                new SumInputs.Circumstances(situation().costume().year(), library.usages());
        return Sums.of(work.sheet(), work.inputs(), work.pattern(), circumstances);
    }

    /** Names the garment's pattern as it stands as a new version. */
    public void nameVersion(String garmentName, String why) {
        Costume costume = situation().costume();
        Garment named = costume.garment(garmentName).orElseThrow();
        DraftedGarment work = kept(named).orElseThrow();
        keep(
                costume.with(named.withVersion(today(), why, work.inputs(), work.pattern())),
                "version",
                Sentence.of("Named version {} of the {}", named.versions().size() + 1, garmentName));
    }

    /** Works out a garment as it was at a version; empty if it cannot be drawn. */
    public Optional<DraftedGarment> work(Garment of, Version version) {
        try {
            return Optional.of(work(situation().costume().id(), of.takenUpAt(version), version.inputs()));
        } catch (DraftException dead) {
            return Optional.empty();
        }
    }

    /** Works out a garment on the kept readings, without tried values; empty if it cannot be drawn. */
    public Optional<DraftedGarment> kept(Garment of) {
        return situation().set().flatMap(set -> {
            try {
                return Optional.of(work(
                        situation().costume().id(),
                        of,
                        tape.inputs(set, situation().costume(), of.settings())));
            } catch (DraftException dead) {
                return Optional.empty();
            }
        });
    }

    /** Returns the compiled sheet of a garment. */
    public CompiledSheet sheet(Garment of) {
        return compiledSheet(of.sheet());
    }

    private CompiledSheet compiledSheet(String text) {
        return compiled.computeIfAbsent(text, SheetReader::read);
    }

    /** Returns a garment worked out, again only if something that it is made of changed. */
    private DraftedGarment work(String costume, Garment garment, Inputs inputs) {
        Recipe recipe = new Recipe(costume, garment.name(), garment.sheet(), inputs, garment.alterations());
        DraftedGarment known = worked.get(recipe);
        if (known == null) {
            known = DraftedGarment.of(sheet(garment), inputs, garment.alterations());
            worked.put(recipe, known);
        }
        return known;
    }

    private void refresh(Costume costume) {
        situation.set(situation(costume, tried));
    }

    /** Returns the costume at hand drafted for another wearer, from their latest readings. */
    public EvaluatedCostume wornBy(Wearer wearer) {
        List<MeasurementSet> sets = wearer.sets();
        Optional<MeasurementSet> set = sets.isEmpty() ? Optional.empty() : Optional.of(sets.get(sets.size() - 1));
        return new EvaluatedCostume(judgement(situation().costume(), set, Map.of()), wearer, set, Map.of());
    }

    /** Returns a costume with everything computed from it; again only if something that it is computed from changed. */
    private Situation situation(Costume costume, Map<String, Double> tries) {
        if (!tries.isEmpty()) {
            return computed(costume, tries);
        }
        Known known = computed.get(costume.id());
        if (known == null || !known.isOf(costume, this)) {
            known = new Known(costume, wearer(costume), stash(), maker(), minute(), computed(costume, tries));
            computed.put(costume.id(), known);
        }
        return known.situation();
    }

    /** What stands in the way of work that waits changes with the time. */
    private LocalDateTime minute() {
        return now().truncatedTo(ChronoUnit.MINUTES);
    }

    private Situation computed(Costume costume, Map<String, Double> tries) {
        Wearer wearer = wearer(costume);
        Optional<MeasurementSet> set = wearer.set(costume.set());
        Judgement judgement = judgement(costume, set, tries);
        EvaluatedCostume at = new EvaluatedCostume(judgement, wearer, set, Map.copyOf(tries));
        List<Verdict> verdicts = judge.verdicts(at);
        return new Situation(
                costume,
                wearer,
                set,
                judgement,
                Map.copyOf(tries),
                verdicts,
                inTheWay.of(at, verdicts, supplies(), maker().months()));
    }

    private Judgement judgement(Costume costume, Optional<MeasurementSet> set, Map<String, Double> tries) {
        Map<String, DraftedGarment> works = new LinkedHashMap<>();
        Map<String, DraftException> failures = new LinkedHashMap<>();
        if (set.isPresent()) {
            for (Garment each : costume.garments()) {
                Inputs inputs = tape.inputs(set.get(), costume, each.settings());
                for (Map.Entry<String, Double> entry : tries.entrySet()) {
                    inputs = inputs.with(entry.getKey(), Inputs.Measured.both(entry.getValue()));
                }
                try {
                    works.put(each.name(), work(costume.id(), each, inputs));
                } catch (DraftException dead) {
                    failures.put(each.name(), dead);
                }
            }
        }
        return new Judgement(costume, works, failures);
    }
}
