package org.soberhem.studio;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.ClothUse;
import org.soberhem.core.cloth.PiecesToLay;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.DailyNeeds;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Progress;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.costume.Version;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EarlierVersion;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;

/** Begins costumes and garments, and changes what garments are drafted from. */
public final class GarmentCommands {

    private final Studio studio;

    GarmentCommands(Studio studio) {
        this.studio = studio;
    }

    private Costume costume() {
        return studio.situation().costume();
    }

    /** Keeps a new costume, and its wearer if nobody of the name is known, and opens it at the tape. */
    public void begin(Beginning beginning) {
        Histories histories = studio.histories();
        Wearer wearer = histories.wearerNamed(beginning.wearer()).orElseGet(() -> {
            String id = Histories.freeId(beginning.wearer(), histories.wearers().ids());
            Wearer begun = Wearer.of(id, beginning.wearer(), "", List.of());
            studio.keep(begun, "begin", Sentence.of("Began {}", begun.name()));
            return begun;
        });
        List<MeasurementSet> sets = wearer.sets();
        List<Garment> garments = new ArrayList<>();
        beginning.sheets().forEach(id -> garments.add(garment(studio.sheets().text(id), garments)));
        Costume costume = new Costume(
                freeCostumeId(beginning.title()),
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
        take(costume.withNeeds(Optional.of(new DailyNeeds(beginning.needs()))));
        studio.open(costume.id());
        studio.navigation().place().set(Optional.of(Stage.TAPE));
    }

    /** Says what the wearer must be able to do in the costume. */
    public void need(List<DailyNeeds.Need> needs) {
        DailyNeeds now = new DailyNeeds(needs);
        String words = now.all().isEmpty()
                ? "nothing"
                : now.all().stream().map(DailyNeeds.Need::words).collect(Collectors.joining(", "));
        studio.keep(costume().withNeeds(Optional.of(now)), "needs", Sentence.of("The wearer must: {}", words));
    }

    /** Takes a costume up that was begun elsewhere: from another maker, or from a costume for another wearer. */
    public void take(Costume costume) {
        studio.keep(costume, "begin", Sentence.of("Began {}", costume.title()));
    }

    /** Returns an id like the words that no costume has. */
    public String freeCostumeId(String words) {
        return Histories.freeId(words, studio.histories().costumes().ids());
    }

    /** Makes a garment from a sheet as written, named after its kind. */
    private Garment garment(String text, List<Garment> beside) {
        String kind = studio.evaluator().sheet(text).sheet().about().garment();
        String name = Character.toUpperCase(kind.charAt(0)) + kind.substring(1).replace('-', ' ');
        boolean taken = beside.stream().anyMatch(garment -> garment.name().equals(name));
        return new Garment(taken ? name + " " + (beside.size() + 1) : name, text, Map.of(), List.of(), List.of());
    }

    /** Adds a garment, drafted from a sheet of the shelf, to the costume at hand and shows it. */
    public void add(String sheet) {
        addFromText(studio.sheets().text(sheet));
    }

    /** Adds a garment, drafted from a sheet as written, to the costume at hand and shows it. */
    public void addFromText(String text) {
        Garment added = garment(text, costume().garments());
        studio.keep(costume().adding(added), "garment", Sentence.of("Added the {}", added.name()));
        studio.current().garment().set(added.name());
    }

    /**
     * Begins a costume from a finished garment: its cloth is cut as the version has it, and what is altered from there
     * is told as unpicking, taking in and setting in.
     */
    public void remake(Costume from, Garment garment, Version version) {
        Garment taken = garment.branch(version, garment.name(), "remade from " + from.title());
        Pattern finished = version.finished()
                .or(() -> studio.current().draft(garment, version).map(DraftedGarment::pattern))
                .orElseThrow();
        Garment asItIs = taken.withVersion(studio.today(), "as it is", version.inputs(), finished);
        Progress underway = Progress.NOT_BEGUN;
        for (String use : PiecesToLay.uses(finished)) {
            underway = underway.with(ClothUse.of(garment.name(), use).cut(studio.today(), 1));
        }
        Progress cut = underway;
        Costume remade = new Costume(
                freeCostumeId(from.title() + " remade"),
                from.title() + ", remade",
                from.place(),
                from.year(),
                Optional.empty(),
                from.wearer(),
                from.set(),
                from.stack(),
                List.of(asItIs),
                List.of(),
                "",
                Map.of());
        take(remade.with(copy -> copy.underway(cut).needs(from.needs())));
        studio.open(remade.id());
        studio.navigation().place().set(Optional.of(Stage.DRAFT));
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
        studio.keep(
                into.adding(garment.branch(version, called, words)),
                "garment",
                Sentence.of("Added the {} {}", called, words));
    }

    /** Returns the maker's earlier versions in other costumes, the nearest to the wearer at hand first. */
    public List<EarlierVersion> earlierVersions() {
        Costume at = costume();
        List<Costume> others = studio.histories().allCostumes().stream()
                .filter(each -> !each.id().equals(at.id()))
                .toList();
        return studio.situation()
                .set()
                .map(set -> EarlierVersion.nearest(
                        others,
                        "",
                        studio.makersLibrary().resolver().inputs(set, at, Map.of()),
                        studio.evaluator()::sheet))
                .orElse(List.of());
    }

    /** Drafts a garment of a costume from a changed sheet; the sheet must compile. */
    public void changeSheet(String costumeId, String garmentName, String text) {
        Costume costume = studio.histories().costumes().value(costumeId);
        Set<String> settings = new HashSet<>();
        studio.evaluator().sheet(text).adjustables().forEach(each -> settings.add(each.name()));
        Garment changed = costume.garment(garmentName).orElseThrow().withSheet(text, settings);
        studio.keep(costume.with(changed), "sheet", Sentence.of("Changed the sheet of the {}", garmentName));
    }

    /**
     * Chooses a setting of a garment's sheet.
     *
     * @return why it cannot be chosen, if it cannot
     */
    public Optional<Sentence> choose(String garmentName, String setting, Length amount) {
        return choose(garmentName, setting, amount.toMillimetres(), amount);
    }

    /**
     * Chooses one of the ways of a choice of a garment's sheet.
     *
     * @param way its place, from 0
     * @return why it cannot be chosen, if it cannot
     */
    public Optional<Sentence> chooseWay(String garmentName, String choice, int way, String name) {
        return choose(garmentName, choice, way, name);
    }

    private Optional<Sentence> choose(String garmentName, String setting, double value, Object shown) {
        Garment changed = costume().garment(garmentName).orElseThrow().withSetting(setting, value);
        Optional<Sentence> refusal = studio.current().refusal(changed);
        if (refusal.isEmpty()) {
            studio.keep(
                    costume().with(changed),
                    "setting",
                    Sentence.of("{}: {} is {}", garmentName, title(changed, setting), shown));
        }
        return refusal;
    }

    private String title(Garment of, String setting) {
        return studio.current().sheet(of).adjustables().stream()
                .filter(each -> each.name().equals(setting))
                .findFirst()
                .map(CompiledSheet.Adjustable::title)
                .orElse(setting);
    }

    /** Names the garment's pattern as it stands as a new version. */
    public void nameVersion(String garmentName, String why) {
        Garment named = costume().garment(garmentName).orElseThrow();
        DraftedGarment drafted = studio.current().draft(named).orElseThrow();
        studio.keep(
                costume().with(named.withVersion(studio.today(), why, drafted.inputs(), drafted.pattern())),
                "version",
                Sentence.of("Named version {} of the {}", named.versions().size() + 1, garmentName));
    }
}
