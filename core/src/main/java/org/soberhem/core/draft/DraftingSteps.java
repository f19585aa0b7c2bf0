package org.soberhem.core.draft;

import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.length.WrittenLengths;

/**
 * A draft step by step, as one would draw it by hand: each line with its sentence in the wearer's own numbers.
 *
 * @param steps in the order of drawing
 */
public record DraftingSteps(List<Step> steps) {

    /**
     * One step.
     *
     * @param owner frame or piece that is being drawn
     * @param subject letter of the point, name of the edge, or empty
     * @param kind what the step does
     * @param sentence what to do
     * @param why what the step is for, if the sheet says so
     * @param helping lines that only help, in millimetres
     * @param place where the point lies, if it finds one
     * @param line the line that is drawn, if one is
     */
    public record Step(
            String owner,
            String subject,
            Kind kind,
            Sentence sentence,
            Optional<String> why,
            List<Path> helping,
            Optional<Point> place,
            Optional<Path> line) {

        /** Returns the step in one sentence, with what it is for. */
        public Sentence whole() {
            return why.map(reason -> Sentence.of("{}: {} ({})", owner, sentence, WrittenLengths.sentence(reason)))
                    .orElseGet(() -> Sentence.of("{}: {}", owner, sentence));
        }
    }

    /** What a step does. */
    public enum Kind {
        AMOUNT,
        POINT,
        GUIDE,
        LINE,
        MARK,
        CUT
    }

    public DraftingSteps {
        steps = List.copyOf(steps);
    }

    /**
     * Explains how a sheet is drawn for a wearer; where left and right differ, how the left is.
     *
     * @throws DraftException if it cannot be drawn
     */
    public static DraftingSteps of(CompiledSheet sheet, Inputs inputs) {
        return Drafter.walk(sheet, inputs);
    }

    /**
     * Returns the steps for paper, where lines need not be shown one by one: of a piece that is told as a rectangle its
     * straight edges are left out.
     */
    public List<Step> brief() {
        return steps.stream()
                .filter(step -> step.kind() != Kind.LINE || !isRuled(step.owner()))
                .toList();
    }

    private boolean isRuled(String owner) {
        return steps.stream()
                .anyMatch(step -> step.owner().equals(owner)
                        && step.kind() == Kind.POINT
                        && step.subject().isEmpty());
    }

    /** Returns the steps that draw one frame or piece. */
    public List<Step> of(String owner) {
        return steps.stream().filter(step -> step.owner().equals(owner)).toList();
    }
}
