package org.soberhem.cli.given;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Look;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.judging.MeasureResolver;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.core.silhouette.Silhouettes;
import org.soberhem.library.Library;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** A wearer in garments over layers, in a year: what a figure and a verdict are about. */
public final class GivenCostume {

    @Parameters(
            paramLabel = "SHEET",
            arity = "0..*",
            description = "garments in dressing order: library names or files")
    private List<String> sheets = new ArrayList<>();

    @Option(names = "--measures", paramLabel = "FILE", required = true, description = "CSV measure,value or JSON")
    private Path measures;

    @Mixin
    private GivenWearer wearer;

    @Option(
            names = "--worn",
            paramLabel = "STACK",
            description = "the layers worn beneath; usually those measured over")
    private String worn;

    @Option(names = "--year", required = true, description = "what year the costume shows")
    private int year;

    @Option(
            names = "--silhouette",
            paramLabel = "ID",
            description = "a silhouette's id or a file; usually that of the year")
    private String silhouette = "";

    @Option(names = "--school", description = "of those that the silhouette names")
    private String school = "";

    @Option(names = "--set", paramLabel = "NAME=VALUE", description = "a setting of the sheets that have it")
    private Map<String, String> settings = new LinkedHashMap<>();

    /** Everything that was given, worked out. */
    public record Given(Judge judge, EvaluatedCostume at, Optional<Silhouette> silhouette) {}

    public Given given() {
        Library library = Library.shipped();
        MeasurementSet set = wearer.set(library, measures);
        String stack = worn == null ? wearer.over(library) : GivenWearer.stack(library, worn);
        Silhouettes silhouettes = library.silhouettes();
        String chosen = silhouette;
        if (!silhouette.isEmpty() && silhouettes.find(silhouette).isEmpty()) {
            Silhouette own = GivenFiles.silhouette(library, silhouette);
            chosen = own.header().id();
            silhouettes = silhouettes.with(Map.of(chosen, own));
        }
        Judge judge = new Judge(silhouettes, library.figurePlan(), library.wardrobe());
        Costume costume = new Costume(
                        "given",
                        "Given",
                        "",
                        year,
                        Optional.empty(),
                        "given",
                        set.id(),
                        stack,
                        List.of(),
                        List.of(),
                        "",
                        Map.of())
                .withLook(new Look(chosen, school, Map.of()));
        Map<String, DraftedGarment> works = new LinkedHashMap<>();
        for (String name : sheets) {
            works.put(name, work(library, set, costume, name));
        }
        Wearer person = Wearer.of("given", "the wearer", "", List.of(set)).built(wearer.build());
        EvaluatedCostume at =
                new EvaluatedCostume(new Judgement(costume, works, Map.of()), person, Optional.of(set), Map.of());
        return new Given(judge, at, judge.silhouette(at));
    }

    private DraftedGarment work(Library library, MeasurementSet set, Costume costume, String name) {
        CompiledSheet sheet = DraftRequest.sheet(library, name);
        MeasureResolver tape = new MeasureResolver(library.measures(), library.wardrobe());
        Map<String, String> own = new LinkedHashMap<>(settings);
        own.keySet()
                .removeIf(setting -> sheet.adjustables().stream()
                        .noneMatch(each -> each.name().equals(setting)));
        try {
            Inputs inputs = tape.inputs(set, costume, Map.of());
            return DraftedGarment.of(sheet, DraftRequest.set(sheet, inputs, own), List.of());
        } catch (DraftException dead) {
            throw new WrongInput(name + ": " + dead.getMessage());
        }
    }
}
