package org.soberhem.studio;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.maker.Maker;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.LastSeen;
import org.soberhem.core.report.Overview;
import org.soberhem.core.report.Redaction;
import org.soberhem.files.store.Action;
import org.soberhem.files.store.HistoryLine;

/** The four kinds of lines that a workspace keeps: wearers, costumes, the maker's own library and the stash. */
public final class Histories {

    /** Which line an action belongs to. */
    public enum Kind {
        WEARER,
        COSTUME,
        MAKER,
        STASH
    }

    /** The maker's own line; no line of a costume or wearer can have this id. */
    public static final String MAKERS_ID = "~maker";

    /** The line of what is in hand; no line of a costume or wearer can have this id. */
    public static final String STASH_ID = "~stash";

    private static final String CLOCK = "clock";
    private static final String CLOCK_ID = "~clock";

    private final Keeper keeper;
    private final UnaryOperator<String> seenWords;
    private final History<Wearer> wearers;
    private final History<Costume> costumes;
    private final History<Maker> makers;
    private final History<Stash> stashes;

    /**
     * @param keeper keeps what is committed
     * @param seenWords puts what was seen at a fitting into words, for the search
     */
    public Histories(Keeper keeper, UnaryOperator<String> seenWords) {
        this.keeper = keeper;
        this.seenWords = seenWords;
        makers = History.ofOne("maker", Maker.class, keeper, Maker.NEW);
        stashes = History.ofOne("stash", Stash.class, keeper, Stash.EMPTY);
        wearers = History.ofMany("wearer", Wearer.class, keeper, Overview::of);
        costumes = History.ofMany("costume", Costume.class, keeper, this::overviewOf);
    }

    /** What is in the way of a costume is known from when it was last changed. */
    private Overview overviewOf(Costume costume) {
        Overview known = costumes == null ? null : costumes.overview(costume.id());
        return Overview.of(costume, seenWords, known == null ? List.of() : known.inWay());
    }

    public History<Wearer> wearers() {
        return wearers;
    }

    public History<Costume> costumes() {
        return costumes;
    }

    public History<Maker> makers() {
        return makers;
    }

    public History<Stash> stashes() {
        return stashes;
    }

    /** The maker's own stacks, charts and preferences. */
    public Maker maker() {
        return makers.value(MAKERS_ID);
    }

    /** The maker's cloths and notions. */
    public Stash stash() {
        return stashes.value(STASH_ID);
    }

    /** Returns who a costume is for. */
    public Wearer wearer(Costume costume) {
        return wearers.value(costume.wearer());
    }

    /** Returns the wearer of a name, if there is one. */
    public Optional<Wearer> wearerNamed(String name) {
        return wearers.ids().stream()
                .filter(id -> wearers.overview(id).title().equals(name))
                .map(wearers::value)
                .findFirst();
    }

    /** Returns the names of all wearers, without reading them. */
    public List<String> wearerNames() {
        return wearers.ids().stream().map(id -> wearers.overview(id).title()).toList();
    }

    /** Returns the ids of all costumes, the next event first. */
    public List<String> costumeIds() {
        return byEvent(costumes.ids());
    }

    /** Returns every costume, the next event first. Where many are, this reads them all. */
    public List<Costume> allCostumes() {
        return costumeIds().stream().map(costumes::value).toList();
    }

    /** Returns the costumes of a wearer. */
    public List<Costume> costumesOf(String wearer) {
        return costumes.ids().stream()
                .filter(id -> costumes.overview(id).wearer().equals(wearer))
                .map(costumes::value)
                .toList();
    }

    /**
     * Returns the costumes in whose words, or their wearer's, every one of the given words occurs, the next event
     * first.
     */
    public List<String> search(String words) {
        List<String> wanted = List.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+"));
        return byEvent(costumes.ids().stream()
                .filter(id -> {
                    Overview costume = costumes.overview(id);
                    Overview wearer = wearers.overview(costume.wearer());
                    return wanted.stream()
                            .allMatch(word -> costume.words().contains(word)
                                    || wearer.words().contains(word));
                })
                .toList());
    }

    private List<String> byEvent(Collection<String> ids) {
        return ids.stream()
                .sorted(Comparator.comparing(
                        (String id) -> costumes.overview(id).event().orElse(LocalDate.MAX)))
                .toList();
    }

    /** Returns what reads costumes on any thread, with those at hand as they are now. */
    public Supplier<List<Costume>> reader(List<String> ids) {
        Map<String, Costume> atHand = new HashMap<>();
        ids.forEach(id -> costumes.valueAtHand(id).ifPresent(costume -> atHand.put(id, costume)));
        return () -> ids.stream()
                .map(id -> atHand.containsKey(id)
                        ? atHand.get(id)
                        : keeper.line(id, Costume.class).value())
                .toList();
    }

    /** Keeps a changed costume, with what is in its way for its overview. */
    void commit(Costume costume, String action, String words, List<String> inWay) {
        Overview overview = Overview.of(costume, seenWords, inWay);
        costumes.commit(costume.id(), costume, action, words, Optional.of(overview));
    }

    /** Keeps that work still goes on at a costume; it is no action, so there is nothing to undo. */
    public void commitSeen(String costume, LocalDateTime now) {
        keeper.keep(
                CLOCK, CLOCK_ID, new LastSeen(costume, now), Action.of("seen", "At work"), LastSeen.class, line -> {});
    }

    /** Ends work that was cut off with the application, at the time when it was last seen. */
    void endInterruptedWork() {
        List<HistoryLine<LastSeen>> seen = keeper.lines(CLOCK, LastSeen.class);
        for (Costume costume : worked()) {
            Bench bench = costume.underway().bench();
            if (bench.running().isPresent()) {
                Bench known = seen.stream()
                        .map(HistoryLine::value)
                        .filter(each -> each.costume().equals(costume.id()))
                        .findFirst()
                        .map(each -> bench.seen(each.at()))
                        .orElse(bench);
                commitBench(costume, known.interrupted(), "Work ended when the application did");
            }
        }
    }

    /** Ends work that goes on, because the application is closed. */
    public void endWork(LocalDateTime now) {
        for (Costume costume : worked()) {
            commitBench(costume, costume.underway().bench().stopped(now), "Work ended when the application was closed");
        }
    }

    private List<Costume> worked() {
        return costumes.ids().stream()
                .filter(id -> costumes.overview(id).running())
                .map(costumes::value)
                .toList();
    }

    private void commitBench(Costume costume, Bench bench, String words) {
        costumes.commit(costume.id(), costume.withUnderway(costume.underway().with(bench)), "ended", words);
    }

    /**
     * Erases a wearer for good, with their measurements and the whole history of both; what is left of their costumes
     * has neither name, nor pictures, nor figures.
     *
     * @param then gets the backups that still hold them
     * @param told gets what went wrong, in words
     */
    public void erase(Wearer wearer, Consumer<List<Path>> then, Consumer<String> told) {
        Map<String, Costume> left = new LinkedHashMap<>();
        String nobody = freeId("erased wearer", wearers.ids());
        for (Costume costume : costumesOf(wearer.id())) {
            left.put(costume.id(), new Redaction(costume, wearer).anonymous(nobody));
        }
        if (!left.isEmpty()) {
            Wearer anonymous =
                    Wearer.of(nobody, Redaction.NAMELESS, "", List.of()).built(wearer.build());
            wearers.commit(nobody, anonymous, "begin", "Began");
        }
        keeper.erase(
                Set.of(wearer.id()),
                left,
                backups -> {
                    wearers.forget(wearer.id());
                    left.forEach((id, costume) -> costumes.replace(new HistoryLine<>(id, costume, "", false, "")));
                    then.accept(backups);
                },
                told);
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
}
