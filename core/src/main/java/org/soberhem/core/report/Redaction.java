package org.soberhem.core.report;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.CostumeBuilder;
import org.soberhem.core.costume.CostumeRecord;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Look;
import org.soberhem.core.costume.Progress;
import org.soberhem.core.costume.Version;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.plan.Bench;

/**
 * A costume with its wearer as both may be shown to others.
 *
 * @param costume the costume
 * @param wearer who it is for
 */
public record Redaction(Costume costume, Wearer wearer) {

    /** Stands for a name that is left out. */
    public static final String NAMELESS = "The wearer";

    /** What can be left out. */
    public enum LeftOut {
        NAME("name"),
        PICTURES("pictures"),
        FIGURES("figures");

        private final String words;

        LeftOut(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Returns both with what is left out gone from every place; a finished pattern stays, the figures that it came from
     * do not.
     */
    public Redaction without(Set<LeftOut> left) {
        Wearer shown = wearer;
        if (left.contains(LeftOut.NAME)) {
            shown = new Wearer("wearer", NAMELESS, "", shown.build(), shown.sets(), Wearer.Consent.NOT_ASKED);
        }
        if (left.contains(LeftOut.FIGURES)) {
            shown = new Wearer(shown.id(), shown.name(), shown.note(), shown.build(), List.of(), shown.consent());
        }
        CostumeBuilder copy = CostumeBuilder.builder(costume)
                .wearer(shown.id())
                .fittings(costume.fittings().stream()
                        .map(fitting -> without(fitting, left))
                        .toList());
        if (left.contains(LeftOut.FIGURES)) {
            copy.set("")
                    .choices(Map.of())
                    .garments(costume.garments().stream()
                            .map(Redaction::withoutFigures)
                            .toList());
        }
        if (left.contains(LeftOut.PICTURES)) {
            copy.papers(costume.papers().withoutReferences());
        }
        return new Redaction(copy.build(), shown);
    }

    /**
     * Returns what is left of the costume when its wearer is erased.
     *
     * @param nobody id of a wearer of whom nothing is known
     */
    public Costume anonymous(String nobody) {
        Costume left = without(Set.of(LeftOut.values())).costume();
        return left.with(copy -> copy.wearer(nobody).set("").choices(Map.of()));
    }

    private static Garment withoutFigures(Garment garment) {
        List<Version> versions = garment.versions().stream()
                .map(version -> version.withMeasures(Map.of()))
                .toList();
        return new Garment(
                garment.name(),
                garment.sheet(),
                garment.settings(),
                garment.alterations(),
                versions,
                garment.from(),
                garment.origin());
    }

    private static Fitting without(Fitting fitting, Set<LeftOut> left) {
        return fitting.with(copy -> copy.readings(left.contains(LeftOut.FIGURES) ? Map.of() : fitting.readings())
                .pictures(left.contains(LeftOut.PICTURES) ? List.of() : fitting.pictures()));
    }

    /**
     * Returns the costume begun for another wearer: garments as they were drafted, cloth and steps; not the
     * measurements, what was decided for this body, the fittings and the time spent.
     *
     * @param id of the new costume
     * @param other who it is for
     */
    public Costume begunFor(String id, Wearer other) {
        List<Garment> garments = costume.garments().stream()
                .map(garment -> new Garment(
                        garment.name(),
                        garment.sheet(),
                        garment.settings(),
                        List.of(),
                        List.of(),
                        Optional.empty(),
                        "from " + costume.title() + ", without what was decided for another body"))
                .toList();
        String set = other.sets().isEmpty()
                ? ""
                : other.sets().get(other.sets().size() - 1).id();
        Costume begun = new Costume(
                id,
                costume.title() + ", again",
                costume.place(),
                costume.year(),
                costume.event(),
                other.id(),
                set,
                costume.stack(),
                garments,
                List.of(),
                costume.note(),
                Map.of(),
                new Look(costume.look().silhouette(), costume.look().school(), Map.of()),
                new CostumeRecord(
                        costume.papers().references(),
                        List.of(),
                        List.of(),
                        costume.papers().otherwise()),
                Progress.NOT_BEGUN.with(new Bench(
                        costume.underway().bench().tasks().stream()
                                .map(task -> task.done(Optional.empty()))
                                .toList(),
                        List.of())),
                Optional.empty());
        return begun;
    }
}
