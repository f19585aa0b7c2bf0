package org.soberhem.desk.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.body.EntryJudgement;
import org.soberhem.core.body.Measure;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.GarmentJoin;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;
import org.soberhem.desk.widget.Paper;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;

/**
 * What the draft place shows, without nodes: the drawing, the walk through it, the tapes, and what it is compared with.
 */
final class DraftPresenter {

    private static final int MOST_TAPES = 7;
    private static final double SAME_PLACE = 0.01;

    private final Studio studio;
    private String shown = "";
    private List<DraftingSteps.Step> steps = List.of();
    private int step;
    private boolean walking;
    private Optional<Pattern> preview = Optional.empty();

    /** A state that the preview is compared with instead of the pattern as it stands. */
    private Optional<Pattern> beneath = Optional.empty();

    /** The seam that is walked, on its side of the wearer. */
    private Optional<SeamCheck> walkedSeam = Optional.empty();

    /**
     * A tape to pull.
     *
     * @param measure catalogue id
     * @param governing whether it governs the scale of the draft
     * @param millimetres its value; empty if it was not measured
     * @param note what it is, or that it is tried
     * @param tried whether its value is tried and not kept
     */
    record Tape(String measure, boolean governing, Optional<Double> millimetres, String note, boolean tried) {}

    DraftPresenter(Studio studio) {
        this.studio = studio;
    }

    /** Returns the garment at hand as drafted; empty if there is none or it cannot be drawn. */
    Optional<DraftedGarment> drafted() {
        return studio.situation().work(studio.current().garment().get());
    }

    Garment garment() {
        return studio.situation()
                .costume()
                .garment(studio.current().garment().get())
                .orElseThrow();
    }

    /** Returns the lines by which the garment at hand is sewn to others. */
    List<GarmentJoin> joins() {
        return studio.situation().judgement().joins(garment());
    }

    /** Returns what tells a garment of a costume from every other. */
    String key() {
        return studio.situation().costume().id() + "/"
                + studio.current().garment().get();
    }

    /**
     * Takes up the steps of the garment at hand.
     *
     * @return whether it is another garment than the one shown before
     */
    boolean takeUp(DraftedGarment drafted) {
        boolean another = !shown.equals(key());
        if (another) {
            shown = key();
            step = 0;
            walking = false;
        }
        steps = DraftingSteps.of(drafted.sheet(), drafted.inputs()).steps();
        step = Math.min(step, steps.size() - 1);
        return another;
    }

    boolean isWalking() {
        return walking;
    }

    boolean isAtTheLastStep() {
        return step == steps.size() - 1;
    }

    /** Returns the step that is walked to, in words. */
    String stepWords() {
        return steps.get(step).whole().in(studio.format());
    }

    /** Returns which step of how many it is. */
    String stepCount() {
        return (step + 1) + " of " + steps.size();
    }

    /**
     * Goes on or back, from the chosen point or else from the first step.
     *
     * @param by so many steps
     * @param from whether a point is chosen
     * @return the point that the step draws, if it draws one
     */
    Optional<Paper.Pick> walkBy(int by, boolean from) {
        if (steps.isEmpty()) {
            return Optional.empty();
        }
        step = walking || from ? Math.floorMod(step + by, steps.size()) : by > 0 ? 0 : steps.size() - 1;
        walking = true;
        DraftingSteps.Step now = steps.get(step);
        return now.place().map(at -> new Paper.Pick(now.owner(), now.subject()));
    }

    /** Goes to the step that draws a point, without drawing the rest away. */
    void walkTo(Paper.Pick pick) {
        for (int i = 0; i < steps.size(); i++) {
            DraftingSteps.Step each = steps.get(i);
            if (each.place().isPresent()
                    && each.owner().equals(pick.piece())
                    && each.subject().equals(pick.point())) {
                step = i;
            }
        }
    }

    void leaveWalk() {
        walking = false;
    }

    void walkSeam(Optional<SeamCheck> seam) {
        walkedSeam = seam;
    }

    boolean isWalkingASeam() {
        return walkedSeam.isPresent();
    }

    /** Returns the seam that is walked as it now is, on its side or else on any; empty if none is or it is gone. */
    Optional<SeamCheck> walkedSeam(DraftedGarment drafted) {
        return walkedSeam.flatMap(seam -> drafted.seams().stream()
                .filter(each -> each.seam().equals(seam.seam()) && each.side() == seam.side())
                .findFirst()
                .or(() -> drafted.seams().stream()
                        .filter(each -> each.seam().equals(seam.seam()))
                        .findFirst()));
    }

    /**
     * Shows what a change would give.
     *
     * @param after the pattern after it; empty for none
     * @param over what it is compared with; empty for the pattern as it stands
     * @return whether that is anything new
     */
    boolean preview(Optional<Pattern> after, Optional<Pattern> over) {
        if (preview.equals(after) && beneath.equals(over)) {
            return false;
        }
        preview = after;
        beneath = over;
        return true;
    }

    /**
     * Returns what is drawn on the paper.
     *
     * @param comparing whether a preview is to be seen
     */
    Paper.Scene scene(DraftedGarment drafted, boolean comparing) {
        boolean previewing = preview.isPresent() && comparing;
        // Where pieces come or go, or two versions are compared, what is looked at is drawn firmly and what it is
        // compared with is the ghost.
        boolean firmly = previewing
                && (beneath.isPresent()
                        || !preview.get().names().equals(drafted.pattern().names()));
        Pattern drawn = firmly ? preview.get() : drafted.pattern();
        Optional<Pattern> ghost = firmly
                ? beneath.or(() -> Optional.of(drafted.pattern()))
                : previewing ? preview : comparedWith(drafted);
        return new Paper.Scene(
                shown,
                drawn,
                walking ? Optional.empty() : ghost,
                drafted.draft().plates(),
                steps,
                walking ? Optional.of(step + 1) : Optional.empty(),
                walking ? List.of() : troubled(drafted),
                studio.format());
    }

    /** Returns the edges and levels at which a check fails or a seam is untrue. */
    private static List<String> troubled(DraftedGarment drafted) {
        List<String> troubled = new ArrayList<>();
        for (CheckResult check : drafted.checks()) {
            if (check.isJudged() && !check.passes()) {
                troubled.add(check.where().piece() + "." + check.where().part());
            }
        }
        for (SeamCheck seam : drafted.seams()) {
            if (!seam.isTrue()) {
                seam.seam().first().forEach(ref -> troubled.add(ref.toString()));
                seam.seam().second().forEach(ref -> troubled.add(ref.toString()));
            }
        }
        return troubled;
    }

    /** The state to compare with: the pattern on the kept readings while one is tried, else the latest version. */
    private Optional<Pattern> comparedWith(DraftedGarment drafted) {
        Garment garment = garment();
        if (!studio.situation().tried().isEmpty()) {
            return studio.current().draft(garment).map(DraftedGarment::pattern);
        }
        return garment.latest()
                .flatMap(version -> studio.current().draft(garment, version))
                .map(DraftedGarment::pattern)
                .filter(pattern -> !pattern.equals(drafted.pattern()));
    }

    /** Returns the tapes of the measures that the sheet asks for, a few at most. */
    List<Tape> tapes(DraftedGarment drafted) {
        Set<String> names = drafted.sheet().sheet().measures().keySet();
        String governing = drafted.draft()
                .scale()
                .map(Draft.Scaling::by)
                .orElse(names.iterator().next());
        List<Tape> tapes = new ArrayList<>();
        drafted.sheet().sheet().measures().forEach((name, ids) -> {
            if (tapes.size() < MOST_TAPES) {
                String id = ids.stream()
                        .filter(each -> drafted.inputs().find(each).isPresent())
                        .findFirst()
                        .orElse(ids.get(0));
                boolean tried = studio.situation().tried().containsKey(id);
                tapes.add(new Tape(
                        id,
                        name.equals(governing),
                        drafted.inputs().find(id).map(measured -> measured.on(Side.MIDDLE)),
                        note(id, tried),
                        tried));
            }
        });
        return tapes;
    }

    private String note(String id, boolean tried) {
        Situation now = studio.situation();
        if (tried) {
            return now.set()
                    .flatMap(set -> set.value(id, Side.LEFT))
                    .map(kept -> "tried; the tape says " + studio.format().format(kept))
                    .orElse("tried");
        }
        return studio.library().measures().find(id).map(Measure::name).orElse(id);
    }

    /** Tries a typed value of a measure, unless no body has it. */
    void tryTyped(String id, Length value) {
        Optional<EntryJudgement> judgement = studio.library()
                .measures()
                .find(id)
                .map(measure -> EntryJudgement.of(
                        measure, value, studio.situation().wearer().build().age()));
        judgement
                .flatMap(EntryJudgement::sentence)
                .ifPresent(sentence -> studio.done().set(sentence.in(studio.format())));
        if (judgement.filter(EntryJudgement::refused).isEmpty()) {
            studio.current().tryMeasure(id, value.toMillimetres());
        }
    }

    /** Returns the point at which an edge or level begins, or the point of that name. */
    Optional<Paper.Pick> pick(Target.Part target) {
        Optional<Piece> piece = drafted().flatMap(drafted -> drafted.pattern().piece(target.piece(), Side.LEFT));
        String part = target.part();
        return piece.flatMap(found -> found.edge(part)
                        .map(Edge::from)
                        .or(() -> Optional.ofNullable(found.levels().get(part))
                                .flatMap(level -> letterAt(found, level.from())))
                        .or(() -> found.points().containsKey(part) ? Optional.of(part) : Optional.empty()))
                .map(letter -> new Paper.Pick(target.piece(), letter));
    }

    /**
     * Returns the named point that lies nearest to a place on a piece.
     *
     * @param piece its name
     */
    Optional<Paper.Pick> nearest(String piece, Point place) {
        return drafted()
                .flatMap(drafted -> drafted.pattern().piece(piece, Side.LEFT))
                .flatMap(found -> found.points().entrySet().stream()
                        .min(Comparator.comparingDouble(
                                point -> point.getValue().distanceTo(place)))
                        .map(point -> new Paper.Pick(piece, point.getKey())));
    }

    private static Optional<String> letterAt(Piece piece, Point place) {
        return piece.points().entrySet().stream()
                .filter(point -> point.getValue().distanceTo(place) < SAME_PLACE)
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
