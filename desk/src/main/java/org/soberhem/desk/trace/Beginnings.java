package org.soberhem.desk.trace;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.Tracing;
import org.soberhem.desk.studio.KeptPictures;
import org.soberhem.desk.studio.Studio;

/** The ways in which a tracing begins. */
public final class Beginnings {

    /** Begins a target of the shelf that is a tracing, by its id. */
    public static final String TARGET = "tracing:";

    /** Between two copied pieces on the paper, in millimetres. */
    private static final double GAP = 60;

    private final Studio studio;
    private final KeptPictures pictures;

    public Beginnings(Studio studio, KeptPictures pictures) {
        this.studio = studio;
        this.pictures = pictures;
    }

    /**
     * Asks for a picture and begins a tracing on it.
     *
     * @param then gets the tracing's id
     * @param said gets what is wrong with the picture, in words
     */
    public void picture(Consumer<String> then, Consumer<String> said) {
        pictures.ask((content, name) -> picture(content, name, then), said);
    }

    /** Begins a tracing on a picture. */
    void picture(byte[] content, String name, Consumer<String> then) {
        String title = name.replaceFirst("\\.[^.]*$", "");
        SheetSource source = new SheetSource(SheetSource.Kind.PLATE, "", "", SheetSource.Sure.UNSURE, "");
        pictures.keep(
                content,
                hash -> then.accept(begin(Tracing.begun(
                        Tracing.About.begun(title, Tracing.Kind.GRIDDED, source),
                        Optional.of(hash),
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
                studio.sheet(garment).sheet().about().garment(),
                costume.place(),
                costume.year(),
                costume.year(),
                source);
        return begin(
                studio,
                Tracing.begun(about, Optional.empty(), Grid.PAPER)
                        .with(TracedCopy.apart(TracedCopy.of(pattern, TracedCopy.EXACT), GAP)));
    }

    private String begin(Tracing tracing) {
        return begin(studio, tracing);
    }

    private static String begin(Studio studio, Tracing tracing) {
        Set<String> taken = new HashSet<>(studio.maker().tracings().keySet());
        studio.offeredSheets().forEach(sheet -> taken.add(sheet.id()));
        taken.addAll(studio.maker().sheets().keySet());
        String stem = TraceDesk.word(tracing.about().title());
        String id = Studio.freeId(stem.isEmpty() ? "tracing" : stem, taken);
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
