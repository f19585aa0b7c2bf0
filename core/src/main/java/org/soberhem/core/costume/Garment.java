package org.soberhem.core.costume;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.alter.Alteration;
import org.soberhem.core.draft.Inputs;

/**
 * One garment of a costume.
 *
 * @param name unique in its costume
 * @param sheet the draft sheet as it was when the garment was begun, written out
 * @param settings settings chosen, by name, in millimetres; of a choice, the place of the way, from 0
 * @param alterations made so far, in order
 * @param versions named states, oldest first
 */
public record Garment(
        String name, String sheet, Map<String, Double> settings, List<Alteration> alterations, List<Version> versions) {

    public Garment {
        settings = Map.copyOf(settings);
        alterations = List.copyOf(alterations);
        versions = List.copyOf(versions);
    }

    public Garment with(Alteration alteration) {
        List<Alteration> all = new ArrayList<>(alterations);
        all.add(alteration);
        return new Garment(name, sheet, settings, all, versions);
    }

    public Garment withSetting(String setting, double millimetres) {
        Map<String, Double> changed = new HashMap<>(settings);
        changed.put(setting, millimetres);
        return new Garment(name, sheet, changed, alterations, versions);
    }

    /** Returns the garment drafted from another sheet; settings that were chosen stay where the sheet still has them. */
    public Garment withSheet(String otherSheet, Set<String> itsSettings) {
        Map<String, Double> kept = new HashMap<>(settings);
        kept.keySet().retainAll(itsSettings);
        return new Garment(name, otherSheet, kept, alterations, versions);
    }

    /**
     * Returns the garment with its present state named as the next version.
     *
     * @param date when it is named
     * @param why what it is made for
     * @param inputs the wearer's values it is drawn from
     */
    public Garment withVersion(LocalDate date, String why, Inputs inputs) {
        List<Version> all = new ArrayList<>(versions);
        all.add(new Version(all.size() + 1, date, why, inputs.measures(), inputs.settings(), alterations));
        return new Garment(name, sheet, settings, alterations, all);
    }

    /** Returns a version by its number. */
    public Optional<Version> version(int number) {
        return versions.stream().filter(version -> version.number() == number).findFirst();
    }

    public Optional<Version> latest() {
        return versions.isEmpty() ? Optional.empty() : Optional.of(versions.get(versions.size() - 1));
    }

    /** Says which version the garment's present state is, or after which it comes. */
    public String versionWords() {
        return latest().map(latest -> alterations.equals(latest.alterations())
                        ? "version " + latest.number()
                        : "after version " + latest.number())
                .orElse("no version yet");
    }
}
