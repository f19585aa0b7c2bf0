package org.soberhem.studio;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.FitRange;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;

/** The commands of altering and of versions, for the garment at hand; and the clipboard of alterations. */
public final class AlterationCommands {

    private final Studio studio;

    /** What was copied, to be made again on another garment or side. */
    private List<Alteration> copied = List.of();

    public AlterationCommands(Studio studio) {
        this.studio = studio;
    }

    private Costume costume() {
        return studio.situation().costume();
    }

    /** Returns the garment at hand. */
    public Garment garment() {
        return costume().garment(studio.current().garment().get()).orElseThrow();
    }

    private void keep(UnaryOperator<Garment> change, String action, Sentence sentence) {
        studio.keep(costume().with(change.apply(garment())), action, sentence);
    }

    /** Makes an alteration after those made so far. */
    public void make(Alteration alteration) {
        keep(garment -> garment.with(alteration), "alter", alteration.sentence());
    }

    /** Puts a changed alteration in the place of one; what comes after is made again. */
    public void change(int place, Alteration alteration) {
        keep(garment -> garment.with(place, alteration), "alter", Sentence.of("Changed: {}", alteration.sentence()));
    }

    /** Takes an alteration out of the chain; what comes after is made again without it. */
    public void takeOut(int place) {
        Sentence sentence = garment().alterations().get(place).sentence();
        keep(garment -> garment.without(place), "alter", Sentence.of("Taken out: {}", sentence));
    }

    /** Does the same on the other side; empty where it was made on both. */
    public Optional<Alteration> onOtherSide(int place) {
        Alteration made = garment().alterations().get(place);
        return switch (made.sides()) {
            case BOTH -> Optional.empty();
            case LEFT -> Optional.of(made.on(Sides.RIGHT));
            case RIGHT -> Optional.of(made.on(Sides.LEFT));
        };
    }

    /** Copies alterations by their places. */
    public void copy(List<Integer> places) {
        List<Alteration> made = garment().alterations();
        copied = places.stream().map(made::get).toList();
        studio.done().set(copied.size() == 1 ? "Copied one alteration" : "Copied " + copied.size() + " alterations");
    }

    public List<Alteration> copied() {
        return copied;
    }

    /** Makes what was copied on the garment at hand; what cannot be done there stays in the chain and says why. */
    public void paste() {
        List<Alteration> all = new ArrayList<>(copied);
        if (!all.isEmpty()) {
            keep(
                    garment -> {
                        Garment pasted = garment;
                        for (Alteration each : all) {
                            pasted = pasted.with(each);
                        }
                        return pasted;
                    },
                    "alter",
                    all.size() == 1 ? all.get(0).sentence() : Sentence.of("Made {} copied alterations", all.size()));
        }
    }

    /** Names the pattern as it stands as a new version. */
    public void name(String why) {
        studio.garments()
                .nameVersion(studio.current().garment().get(), why.isBlank() ? "named on the draft" : why.strip());
    }

    /** Goes on from an earlier version; every version stays. */
    public void takeUp(Version version) {
        keep(
                garment -> garment.takenUpAt(version),
                "version",
                Sentence.of("Went on from version {}", version.number()));
    }

    /** Names what a version's recipe gives now as a version of its own. */
    public void renew(Version version) {
        DraftedGarment now = studio.current().draft(garment(), version).orElseThrow();
        keep(
                garment -> garment.takenUpAt(version)
                        .withVersion(
                                studio.today(),
                                "version " + version.number() + " drawn again",
                                version.inputs(),
                                now.pattern()),
                "version",
                Sentence.of("Drew version {} again", version.number()));
    }

    /** Begins a garment of another costume from a version of this one. */
    public void branch(Version version, Costume into) {
        studio.garments().branch(costume(), garment(), version, into);
    }

    /** Begins a costume from the finished garment as its cloth was cut. */
    public void remake(Version version) {
        studio.garments().remake(costume(), garment(), version);
    }

    /** Says which bodies a version would serve, by measurement. */
    public List<Sentence> serves(Version version) {
        CompiledSheet sheet = studio.current().sheet(garment().takenUpAt(version));
        return pattern(version)
                .map(pattern -> FitRange.of(sheet, version.inputs(), version.alterations(), pattern).spans().stream()
                        .map(span -> span.sentence(studio.library().measures().name(span.measure())))
                        .toList())
                .orElse(List.of());
    }

    /** Copies a version's outlines to a tracing and goes there; the version stays as it is. */
    public void traceCopy(Version version) {
        pattern(version).ifPresent(pattern -> {
            String id = TracingCommands.copy(studio, costume(), garment(), version, pattern);
            studio.navigation().openTracing(id);
        });
    }

    /**
     * Returns a version's pattern: as it was when it was named, or drawn again where an older workspace did not keep
     * it.
     */
    public Optional<Pattern> pattern(Version version) {
        return version.finished()
                .or(() -> studio.current().draft(garment(), version).map(DraftedGarment::pattern));
    }

    /** Says whether the recipe of a version now gives something else than it did. */
    public boolean isStale(Version version) {
        return studio.current()
                .draft(garment(), version)
                .filter(now -> version.differsFrom(now.pattern()))
                .isPresent();
    }

    /** Returns at which fittings a version was worn, and over which layers, in words; empty if never. */
    public String worn(Version version) {
        List<String> rounds = costume().fittings().stream()
                .filter(fitting -> Integer.valueOf(version.number())
                        .equals(fitting.mockup().versions().get(garment().name())))
                .map(fitting -> "fitting " + fitting.number() + " over "
                        + studio.wardrobe().title(fitting.stack()))
                .toList();
        return rounds.isEmpty() ? "" : "worn at " + String.join(", ", rounds);
    }
}
