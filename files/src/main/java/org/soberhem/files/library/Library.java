package org.soberhem.files.library;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.body.MeasureCatalogue;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.figure.Figure;
import org.soberhem.core.fitting.FitReading;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.silhouette.Rule;
import org.soberhem.files.sheet.SheetReader;
import org.soberhem.files.sheet.YamlNode;

/** Everything the application ships with: read once, then kept. */
public final class Library {

    private final MeasureCatalogue measures;
    private final Wardrobe wardrobe;
    private final Figure figure;
    private final List<Rule> rules;
    private final List<Zone> zones;
    private final List<FitReading> fitReadings;
    private final Map<String, CompiledSheet> sheets = new LinkedHashMap<>();
    private final Map<String, String> sheetTexts = new LinkedHashMap<>();

    private Library() {
        measures = Measures.read(Resources.text("measures.yaml"));
        wardrobe = Layers.read(Resources.text("layers.yaml"));
        figure = Figures.read(Resources.text("figure.yaml"));
        rules = Rules.read(Resources.text("rules.yaml"));
        YamlNode places = YamlNode.parse(Resources.text("zones.yaml")).only("zones", "readings");
        zones = Zones.read(places);
        fitReadings = Zones.readings(places);
        List<String> names = new ArrayList<>(
                YamlNode.parse(Resources.text("sheets/index.yaml")).texts());
        for (String name : names) {
            String text = Resources.text("sheets/" + name + ".yaml");
            sheetTexts.put(name, text);
            sheets.put(name, SheetReader.read(text));
        }
    }

    /** Reads the shipped library. */
    public static Library shipped() {
        return new Library();
    }

    public MeasureCatalogue measures() {
        return measures;
    }

    public Wardrobe wardrobe() {
        return wardrobe;
    }

    public Figure figure() {
        return figure;
    }

    public List<Rule> rules() {
        return rules;
    }

    public List<Zone> zones() {
        return zones;
    }

    public List<FitReading> fitReadings() {
        return fitReadings;
    }

    public List<CompiledSheet> sheets() {
        return List.copyOf(sheets.values());
    }

    public Optional<CompiledSheet> sheet(String name) {
        return Optional.ofNullable(sheets.get(name));
    }

    /** Returns a shipped sheet as written. */
    public Optional<String> sheetText(String name) {
        return Optional.ofNullable(sheetTexts.get(name));
    }
}
