package org.soberhem.studio;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.SheetName;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.Tracing;

/** The ways in which a tracing begins. */
public final class TracingCommands {

    private final Studio studio;

    public TracingCommands(Studio studio) {
        this.studio = studio;
    }

    /**
     * Begins a tracing on a picture.
     *
     * @param content of the picture's file
     * @param name of the picture's file
     * @param then gets the tracing's id when the picture is durable
     */
    public void picture(byte[] content, String name, Consumer<String> then) {
        String title = name.replaceFirst("\\.[^.]*$", "");
        SheetSource source = new SheetSource(SheetSource.Kind.PLATE, "", "", SheetSource.Sure.UNSURE, "");
        studio.keeper()
                .attach(
                        List.of(content),
                        hashes -> then.accept(begin(Tracing.begun(
                                Tracing.About.begun(title, Tracing.Kind.GRIDDED, source),
                                Optional.of(hashes.get(0)),
                                new Grid(Grid.Way.FOUR_CORNERS, List.of(), 10, 10, 25.4)))));
    }

    /** Begins a tracing that is entered by numbers. */
    public String numbers() {
        SheetSource source = new SheetSource(
                SheetSource.Kind.OWN, "", "", SheetSource.Sure.SURE, "measured along and out from a base line");
        return begin(Tracing.begun(
                Tracing.About.begun("A draped pattern", Tracing.Kind.DRAPED, source), Optional.empty(), Grid.PAPER));
    }

    /** Begins a tracing of outlines that were read off a drawing. */
    public String drawing(Tracing read) {
        return begin(read);
    }

    /** Copies the seam lines of a sheet as it is drawn at its middle size, for edges of others to be put on. */
    public String sheet(CompiledSheet sheet) {
        return begin(TracedCopy.ofSheet(sheet, sheet.middle()));
    }

    /** Copies the seam lines of a version, which stays as it is. */
    public static String copy(Studio studio, Costume costume, Garment garment, Version version, Pattern pattern) {
        SheetSource source = new SheetSource(
                SheetSource.Kind.OWN,
                costume.title() + ", " + garment.name(),
                "version " + version.number() + ", " + version.date(),
                SheetSource.Sure.SURE,
                "its seam lines; no allowance is included");
        Tracing.About about = new Tracing.About(
                garment.name() + " of " + costume.title(),
                Tracing.Kind.TRACED,
                studio.current().sheet(garment).sheet().about().garment(),
                costume.place(),
                costume.year(),
                costume.year(),
                source);
        return begin(
                studio,
                Tracing.begun(about, Optional.empty(), Grid.PAPER)
                        .with(TracedCopy.apart(TracedCopy.of(pattern, TracedCopy.EXACT), TracedCopy.GAP)));
    }

    private String begin(Tracing tracing) {
        return begin(studio, tracing);
    }

    private static String begin(Studio studio, Tracing tracing) {
        Set<String> taken = new HashSet<>(studio.maker().tracings().keySet());
        studio.sheets().offered().forEach(sheet -> taken.add(sheet.id()));
        taken.addAll(studio.maker().sheets().keySet());
        String stem = SheetName.of(tracing.about().title());
        String id = Histories.freeId(stem.isEmpty() ? "tracing" : stem, taken);
        studio.keep(
                studio.maker().withTracing(id, tracing),
                "tracing",
                Sentence.of("Began {}", tracing.about().title()));
        return id;
    }

    /** Removes a tracing; the sheet that was made of it stays. */
    public void drop(String id) {
        studio.keep(studio.maker().withoutTracing(id), "drop tracing", Sentence.of("Removed the tracing {}", id));
    }
}
