package org.soberhem.core.costume;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.pattern.Pattern;

/**
 * One garment of a costume.
 *
 * @param name unique in its costume
 * @param sheet the draft sheet as it was when the garment was begun, written out
 * @param settings settings chosen, by name, in millimetres; of a choice, the place of the way, from 0
 * @param alterations made so far, in order
 * @param versions named states, oldest first
 * @param from number of the version that the present state was made from; empty for the latest
 * @param origin what it was begun from, in words; empty for a sheet of the library
 */
public record Garment(
        String name,
        String sheet,
        Map<String, Double> settings,
        List<Alteration> alterations,
        List<Version> versions,
        Optional<Integer> from,
        String origin) {

    public Garment {
        settings = Map.copyOf(settings);
        alterations = List.copyOf(alterations);
        versions = List.copyOf(versions);
    }

    /** A garment drafted from a sheet of the library or of the maker's own. */
    public Garment(
            String name,
            String sheet,
            Map<String, Double> settings,
            List<Alteration> alterations,
            List<Version> versions) {
        this(name, sheet, settings, alterations, versions, Optional.empty(), "");
    }

    private Garment of(String drawnFrom, Map<String, Double> chosen, List<Alteration> chain) {
        return new Garment(name, drawnFrom, chosen, chain, versions, from, origin);
    }

    public Garment with(Alteration alteration) {
        List<Alteration> all = new ArrayList<>(alterations);
        all.add(alteration);
        return of(sheet, settings, all);
    }

    /**
     * Returns the garment with another alteration in the place of one.
     *
     * @param place in the chain, from 0
     */
    public Garment with(int place, Alteration alteration) {
        List<Alteration> all = new ArrayList<>(alterations);
        all.set(place, alteration);
        return of(sheet, settings, all);
    }

    /** Returns the garment without one of its alterations. */
    public Garment without(int place) {
        List<Alteration> all = new ArrayList<>(alterations);
        all.remove(place);
        return of(sheet, settings, all);
    }

    public Garment withSetting(String setting, double millimetres) {
        Map<String, Double> changed = new HashMap<>(settings);
        changed.put(setting, millimetres);
        return of(sheet, changed, alterations);
    }

    /**
     * Returns the garment drafted from another sheet; settings that were chosen stay where the sheet still has them.
     */
    public Garment withSheet(String otherSheet, Set<String> itsSettings) {
        Map<String, Double> kept = new HashMap<>(settings);
        kept.keySet().retainAll(itsSettings);
        return of(otherSheet, kept, alterations);
    }

    /**
     * Returns the garment with its present state put in the place of its latest version, which keeps its number: more
     * than one thing found in one round goes into one version.
     *
     * @param date when it is made
     * @param inputs the wearer's values it is drawn from
     * @param finished what they give
     * @throws java.util.NoSuchElementException if there is no version
     */
    public Garment withLatestRemade(LocalDate date, Inputs inputs, Pattern finished) {
        Version was = latest().orElseThrow();
        List<Version> all = new ArrayList<>(versions.subList(0, versions.size() - 1));
        all.add(new Version(
                was.number(),
                date,
                was.why(),
                inputs.measures(),
                inputs.settings(),
                alterations,
                sheet,
                was.after(),
                Optional.of(finished)));
        return new Garment(name, sheet, settings, alterations, all, Optional.empty(), origin);
    }

    /**
     * Returns the garment with its present state named as the next version.
     *
     * @param date when it is named
     * @param why what it is made for
     * @param inputs the wearer's values it is drawn from
     * @param finished what they give
     */
    public Garment withVersion(LocalDate date, String why, Inputs inputs, Pattern finished) {
        List<Version> all = new ArrayList<>(versions);
        all.add(new Version(
                all.size() + 1,
                date,
                why,
                inputs.measures(),
                inputs.settings(),
                alterations,
                sheet,
                base(),
                Optional.of(finished)));
        return new Garment(name, sheet, settings, alterations, all, Optional.empty(), origin);
    }

    /** Returns the garment as it was at a version, to be altered on from there; every version stays. */
    public Garment takenUpAt(Version version) {
        return new Garment(
                name,
                version.sheet(),
                version.settings(),
                version.alterations(),
                versions,
                Optional.of(version.number()),
                origin);
    }

    /**
     * Returns a new garment begun from a version of this one.
     *
     * @param called its name
     * @param words where it comes from
     */
    public Garment branch(Version version, String called, String words) {
        Garment taken = takenUpAt(version);
        return new Garment(called, taken.sheet, taken.settings, taken.alterations, List.of(), Optional.empty(), words);
    }

    /** Returns the number of the version that the present state was made from; 0 for the draft. */
    public int base() {
        return from.or(() -> latest().map(Version::number)).orElse(0);
    }

    /** Returns a version by its number. */
    public Optional<Version> version(int number) {
        return versions.stream().filter(version -> version.number() == number).findFirst();
    }

    public Optional<Version> latest() {
        return versions.isEmpty() ? Optional.empty() : Optional.of(versions.get(versions.size() - 1));
    }
}
