package org.soberhem.library;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.body.Asked;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.cloth.Fibre;
import org.soberhem.core.cloth.Notion;
import org.soberhem.core.doubt.Proportions;
import org.soberhem.core.doubt.Relation;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.drape.ClothKind;
import org.soberhem.core.figure.FigurePlan;
import org.soberhem.core.fitting.Movement;
import org.soberhem.core.fitting.Symptoms;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.garment.Usage;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.plan.SewingOrder;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.core.silhouette.Silhouettes;
import org.soberhem.core.size.SizeChart;
import org.soberhem.core.trace.LandmarkTable;
import org.soberhem.library.input.YamlNode;
import org.soberhem.library.sheet.SheetReader;

/** Everything the application ships with; each part is read when it is first asked for, then kept. */
public final class Library {

    private final Lazily<MeasureCatalogue> measures =
            new Lazily<>(() -> MeasureData.read(Resources.text("measures.yaml")));
    private final Lazily<Wardrobe> wardrobe = new Lazily<>(() -> LayerData.read(Resources.text("layers.yaml")));
    private final Lazily<List<Relation>> relations =
            new Lazily<>(() -> DoubtData.relations(Resources.text("relations.yaml"), measures()));
    private final Lazily<Proportions> proportions =
            new Lazily<>(() -> DoubtData.proportions(Resources.text("proportions.yaml")));
    private final Lazily<YamlNode> figures =
            new Lazily<>(() -> YamlNode.parse(Resources.text("figure.yaml")).only("body", "references"));
    private final Lazily<FigurePlan> figurePlan = new Lazily<>(() -> FigureData.plan(figures.get()));
    private final Lazily<List<Usage>> usages = new Lazily<>(() -> UsageData.read(Resources.text("usages.yaml")));
    private final Lazily<List<AlterationKind>> alterations =
            new Lazily<>(() -> AlterationData.read(YamlNode.parse(Resources.text("alterations.yaml"))));
    private final Lazily<List<QuantityKind>> quantities =
            new Lazily<>(() -> SilhouetteReader.quantities(Resources.text("quantities.yaml")));
    private final Map<String, Lazily<Silhouette>> outlines = new ConcurrentHashMap<>();
    private final Lazily<List<Rule>> everywhere =
            new Lazily<>(() -> silhouetteReader().everywhere(Resources.text("silhouettes/everywhere.yaml")));
    private final Lazily<Silhouettes> silhouettes = new Lazily<>(this::readSilhouettes);
    private final Lazily<YamlNode> places =
            new Lazily<>(() -> YamlNode.parse(Resources.text("zones.yaml")).only("zones"));
    private final Lazily<List<Zone>> zones = new Lazily<>(() -> ZoneData.read(places.get()));
    private final Lazily<Symptoms> symptoms = new Lazily<>(() -> SymptomData.symptoms(Resources.text("symptoms.yaml")));
    private final Lazily<Map<String, String>> seen =
            new Lazily<>(() -> SymptomData.words(Resources.text("symptoms.yaml")));
    private final Lazily<List<Movement>> movements =
            new Lazily<>(() -> SymptomData.movements(Resources.text("movements.yaml")));
    private final Lazily<Map<String, List<String>>> fittingReadings =
            new Lazily<>(() -> SymptomData.readings(Resources.text("movements.yaml")));
    private final Lazily<Asked> asked = new Lazily<>(() -> AskedData.read(Resources.text("asked.yaml")));
    private final Lazily<LandmarkTable> landmarks =
            new Lazily<>(() -> LandmarkData.read(Resources.text("landmarks.yaml")));
    private final Lazily<YamlNode> sizes = new Lazily<>(
            () -> YamlNode.parse(Resources.text("sizes/index.yaml")).only("governing", "charts"));
    private final Lazily<ClothData.Cloths> cloths = new Lazily<>(() -> ClothData.cloths(Resources.text("cloth.yaml")));
    private final Lazily<SewingOrder> making = new Lazily<>(() -> ClothData.making(Resources.text("making.yaml")));
    private final Map<String, String> sheetTexts = new LinkedHashMap<>();
    private final Map<String, Lazily<CompiledSheet>> sheets = new LinkedHashMap<>();

    private Library() {
        for (String name : YamlNode.parse(Resources.text("sheets/index.yaml")).texts()) {
            String text = Resources.text("sheets/" + name + ".yaml");
            sheetTexts.put(name, text);
            sheets.put(name, new Lazily<>(() -> SheetReader.read(text)));
        }
    }

    /** Opens the shipped library. */
    public static Library shipped() {
        return new Library();
    }

    public MeasureCatalogue measures() {
        return measures.get();
    }

    public Wardrobe wardrobe() {
        return wardrobe.get();
    }

    /** Returns what readings of one set usually have to do with each other. */
    public List<Relation> relations() {
        return relations.get();
    }

    /** Returns how the girths of grown bodies go together. */
    public Proportions proportions() {
        return proportions.get();
    }

    /** Returns what a wearer is asked for beside what a draft needs. */
    public Asked asked() {
        return asked.get();
    }

    /** Returns a shipped plate as written: a sheet of one size, to be traced. */
    public String plate(String name) {
        return Resources.text("plates/" + name + ".yaml");
    }

    /** Returns what can be read off a drawn pattern. */
    public LandmarkTable landmarks() {
        return landmarks.get();
    }

    /** Returns the measures that decide a size, by kind of garment, the best first. */
    public Map<String, List<String>> governing() {
        Map<String, List<String>> governing = new LinkedHashMap<>();
        sizes.get().get("governing").entries().forEach((kind, ids) -> governing.put(kind, ids.texts()));
        return governing;
    }

    /** Returns the shipped size charts. */
    public List<SizeChart> charts() {
        return sizes.get().get("charts").texts().stream()
                .map(name -> SizeChartCsv.read(
                        Resources.text("sizes/" + name + ".csv"), name, measures(), LengthUnit.CENTIMETRE))
                .toList();
    }

    /** Returns what a wearer's own figure is put together from. */
    public FigurePlan figurePlan() {
        return figurePlan.get();
    }

    /** Returns what was usual in which years, for the sums of garments. */
    public List<Usage> usages() {
        return usages.get();
    }

    /** Returns the shipped silhouettes with their rules; each is read when it is first asked for. */
    public Silhouettes silhouettes() {
        return silhouettes.get();
    }

    /** Returns a shipped silhouette as written, to be copied. */
    public String silhouetteText(String id) {
        return Resources.text("silhouettes/" + id + ".yaml");
    }

    /** Returns what reads silhouettes that a maker wrote. */
    public SilhouetteReader silhouetteReader() {
        return new SilhouetteReader(quantities.get());
    }

    private Silhouettes readSilhouettes() {
        return new Silhouettes(
                SilhouetteReader.headers(Resources.text("silhouettes/index.yaml")),
                id -> outlines.computeIfAbsent(
                                id,
                                each -> new Lazily<>(() -> silhouetteReader().read(silhouetteText(each))))
                        .get(),
                everywhere::get,
                quantities.get());
    }

    /** Returns what cloth is made of. */
    public List<Fibre> fibres() {
        return cloths.get().fibres();
    }

    /** Returns a fibre by its id. */
    public Optional<Fibre> fibre(String id) {
        return fibres().stream().filter(fibre -> fibre.id().equals(id)).findFirst();
    }

    /** Returns the kinds of cloth that garments can be tried on in. */
    public List<ClothKind> clothKinds() {
        return cloths.get().kinds();
    }

    /** Returns the cloth that a kind of garment is tried on in if nothing else is said. */
    public ClothKind clothFor(String garment) {
        return clothKinds().stream()
                .filter(kind -> kind.usualFor().contains(garment))
                .findFirst()
                .orElse(ClothKind.MUSLIN);
    }

    /** Returns what is sewn in beside the cloth. */
    public List<Notion.Kind> notions() {
        return cloths.get().notions();
    }

    /** Returns how making up goes as a rule. */
    public SewingOrder making() {
        return making.get();
    }

    public List<AlterationKind> alterations() {
        return alterations.get();
    }

    public List<Zone> zones() {
        return zones.get();
    }

    /** Returns what is seen at fittings, with its causes. */
    public Symptoms symptoms() {
        return symptoms.get();
    }

    /** Puts what was seen at a fitting into words: a symptom by its id, anything else as it is. */
    public String seenWords(String seenAt) {
        return seen.get().getOrDefault(seenAt, seenAt);
    }

    /** Returns the movements that garments are tried in. */
    public List<Movement> movements() {
        return movements.get();
    }

    /** Puts the id of a quantity or of a movement into words; another id stays as it is. */
    public String title(String id) {
        Stream<String> measured =
                quantities.get().stream().filter(kind -> kind.id().equals(id)).map(QuantityKind::title);
        Stream<String> tried =
                movements().stream().filter(each -> each.id().equals(id)).map(Movement::name);
        return Stream.concat(measured, tried).findFirst().orElse(id);
    }

    /** Returns what is measured at every fitting of a kind of garment. */
    public List<QuantityKind> readings(String garment) {
        return fittingReadings.get().entrySet().stream()
                .filter(each -> each.getValue().contains(garment))
                .flatMap(each ->
                        quantities.get().stream().filter(kind -> kind.id().equals(each.getKey())))
                .toList();
    }

    public List<CompiledSheet> sheets() {
        return sheets.values().stream().map(Lazily::get).toList();
    }

    public Optional<CompiledSheet> sheet(String name) {
        return Optional.ofNullable(sheets.get(name)).map(Lazily::get);
    }

    /** Returns a shipped sheet as written. */
    public Optional<String> sheetText(String name) {
        return Optional.ofNullable(sheetTexts.get(name));
    }
}
