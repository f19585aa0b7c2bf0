package org.soberhem.desk.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Overlay;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Zone;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.likeness.Likeness;
import org.soberhem.studio.Studio;

/**
 * One picture laid over a reference: marks on both, what they give, and the remarks that follow. Every mark is kept.
 */
final class OverlayDesk {

    private final Studio studio;
    private final PictureShelf pictures;
    private final String hash;

    OverlayDesk(Studio studio, PictureShelf pictures, String hash) {
        this.studio = studio;
        this.pictures = pictures;
        this.hash = hash;
    }

    Optional<Picture> picture() {
        return pictures.find(hash);
    }

    Optional<Overlay> overlay() {
        return picture().flatMap(Picture::laid);
    }

    /** Lays the picture over a reference. */
    void over(Picture reference) {
        keep(Overlay.over(reference.hash()), Sentence.of("Laid over {}", reference.name()));
    }

    private void keep(Overlay overlay, Sentence sentence) {
        picture().ifPresent(picture -> pictures.keep(picture.laidOver(overlay), sentence));
    }

    /** Marks a new place on the reference. */
    void markThere(String name, Overlay.Use use, Point place) {
        overlay().ifPresent(overlay -> {
            String called = name.isBlank() ? free(overlay, use) : name.strip();
            keep(
                    overlay.with(new Overlay.Pair(called, use, place, Optional.empty())),
                    Sentence.of("Marked {} on the reference", called));
        });
    }

    private static String free(Overlay overlay, Overlay.Use use) {
        String stem = use == Overlay.Use.HOLDS ? "place " : "detail ";
        int number = 1;
        while (named(overlay, stem + number).isPresent()) {
            number++;
        }
        return stem + number;
    }

    private static Optional<Overlay.Pair> named(Overlay overlay, String name) {
        return overlay.pairs().stream().filter(pair -> pair.name().equals(name)).findFirst();
    }

    /** Returns the pair whose place on the picture is marked next. */
    Optional<Overlay.Pair> next() {
        return overlay()
                .flatMap(overlay -> overlay.pairs().stream()
                        .filter(pair -> pair.here().isEmpty())
                        .findFirst());
    }

    /** Marks on the picture the place that was marked on the reference last. */
    void markHere(Point place) {
        next().ifPresent(pair -> move(pair.name(), false, place));
    }

    /** Moves a mark on the reference or on the picture. */
    void move(String name, boolean onReference, Point place) {
        overlay()
                .ifPresent(overlay -> named(overlay, name)
                        .ifPresent(pair -> keep(
                                overlay.with(
                                        onReference
                                                ? new Overlay.Pair(name, pair.use(), place, pair.here())
                                                : new Overlay.Pair(name, pair.use(), pair.there(), Optional.of(place))),
                                Sentence.of("Marked {}", name))));
    }

    void drop(String name) {
        overlay().ifPresent(overlay -> keep(overlay.without(name), Sentence.of("Removed the mark {}", name)));
    }

    void by(boolean perspective) {
        overlay()
                .filter(overlay -> overlay.perspective() != perspective)
                .ifPresent(overlay -> keep(
                        overlay.by(perspective),
                        Sentence.of(perspective ? "Aligned by perspective" : "Aligned by shift, turn and scale")));
    }

    void opacity(double opacity) {
        overlay()
                .filter(overlay -> Math.abs(overlay.opacity() - opacity) > 0.005)
                .ifPresent(overlay -> keep(
                        overlay.at(opacity), Sentence.of("Opacity {} %", String.valueOf(Math.round(opacity * 100)))));
    }

    void known(String from, String to, Length length) {
        overlay()
                .ifPresent(overlay -> keep(
                        overlay.knowing(new Overlay.Known(from, to, length)),
                        Sentence.of("{} to {} is {} on the wearer", from, to, length)));
    }

    /**
     * Adds a place to the outline that is being traced over both; a new outline begins after {@link #endOutline}. A
     * place on the picture is known on the reference only once the two are aligned: until then it says what is missing.
     */
    void trace(boolean onReference, Point place) {
        if (onReference) {
            trace(place);
            return;
        }
        Answer answer = answer(studio.format());
        answer.likeness()
                .ifPresentOrElse(
                        likeness -> trace(likeness.alignment().of(place)),
                        () -> studio.done().set(answer.words()));
    }

    private void trace(Point place) {
        overlay().ifPresent(overlay -> {
            List<List<Point>> all = new ArrayList<>(overlay.outlines());
            List<Point> last = all.isEmpty() ? List.of() : all.remove(all.size() - 1);
            List<Point> longer = new ArrayList<>(last);
            longer.add(place);
            all.add(longer);
            keep(overlay.tracing(all), Sentence.of("Traced"));
        });
    }

    /** Returns the outlines as they lie on the picture; none until it is aligned. */
    List<List<Point>> outlinesHere() {
        Optional<Alignment> back =
                answer(studio.format()).likeness().map(Likeness::alignment).map(Alignment::inverse);
        return back.isEmpty()
                ? List.of()
                : overlay().orElseThrow().outlines().stream()
                        .map(outline -> outline.stream().map(back.get()::of).toList())
                        .toList();
    }

    void endOutline() {
        overlay()
                .filter(overlay -> !overlay.outlines().isEmpty()
                        && !overlay.outlines()
                                .get(overlay.outlines().size() - 1)
                                .isEmpty())
                .ifPresent(overlay -> {
                    List<List<Point>> all = new ArrayList<>(overlay.outlines());
                    all.add(List.of());
                    keep(overlay.tracing(all), Sentence.of("Ended an outline"));
                });
    }

    void clearOutlines() {
        overlay().ifPresent(overlay -> keep(overlay.tracing(List.of()), Sentence.of("Removed the outlines")));
    }

    /** What the marks give, or what is to be marked. */
    record Answer(Optional<Likeness> likeness, String words) {}

    Answer answer(LengthFormat format) {
        Optional<Overlay> overlay = overlay();
        if (overlay.isEmpty()) {
            return new Answer(Optional.empty(), "Choose the reference that it is laid over.");
        }
        try {
            Likeness likeness = Likeness.of(overlay.get());
            String words = Double.isNaN(likeness.perPoint())
                    ? "Aligned. Say one length that is known on the wearer, and the differences are measured."
                    : Sentence.of(
                                    "Aligned; the marks that hold it lie {} apart on the mean.",
                                    likeness.miss() * likeness.perPoint())
                            .in(format);
            return new Answer(Optional.of(likeness), words);
        } catch (IllegalArgumentException missing) {
            return new Answer(Optional.empty(), missing.getMessage() + ".");
        }
    }

    /**
     * Keeps a difference as a remark of the picture's round.
     *
     * @param place where it is; without one, where its name says, else at the front edge
     */
    void remark(FittingRound round, Likeness.Difference difference, Optional<Zone> place) {
        Optional<Fitting> fitting = pictures.fittingOf(hash);
        if (fitting.isEmpty()) {
            return;
        }
        Costume costume = studio.situation().costume();
        Zone zone = place.or(() -> round.place(difference.name())).orElseThrow();
        String garment = round.garmentOf(zone, fitting.get());
        int number = 1;
        while (fitting.get().remark(fitting.get().number() + "-" + number).isPresent()) {
            number++;
        }
        Remark remark = Remark.at(fitting.get().number() + "-" + number, garment, zone.id(), Sides.BOTH)
                .withSeen(difference.sentence().in(studio.format()))
                .withAmount(difference.amount());
        Picture shown = picture().orElseThrow();
        Fitting changed =
                fitting.get().with(remark).with(new Picture(shown.hash(), shown.name(), remark.id(), shown.laid()));
        studio.keep(costume.with(changed), "remark", Sentence.of("Remarked: {}", difference.sentence()));
    }
}
