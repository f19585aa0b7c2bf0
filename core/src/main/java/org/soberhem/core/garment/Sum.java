package org.soberhem.core.garment;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.length.Sentence;

/**
 * A sum worked out: what is shown, printed and answered for it.
 *
 * @param name what the sheet calls it
 * @param title for people
 * @param answer the one sentence that matters
 * @param figures the numbers, each with its own sum
 * @param findings what was found out, the gravest first
 * @param tables to mark the cloth from
 * @param sketch the drawing; empty where nothing can be drawn
 * @param steps what to do, in order
 */
public record Sum(
        String name,
        String title,
        Sentence answer,
        List<SumValue> figures,
        List<Finding> findings,
        List<MarkTable> tables,
        Optional<Sketch> sketch,
        List<Sentence> steps) {

    public Sum {
        figures = List.copyOf(figures);
        findings =
                findings.stream().sorted(Comparator.comparing(Finding::grade)).toList();
        tables = List.copyOf(tables);
        steps = List.copyOf(steps);
    }

    /** Returns a sum that waits for something, such as a measurement. */
    public static Sum waiting(String name, String title, Sentence why) {
        return without(name, title, why, Finding.Grade.ASKS);
    }

    /** Returns a sum that could not be done. */
    public static Sum refused(String name, String title, Sentence why) {
        return without(name, title, why, Finding.Grade.FAILS);
    }

    private static Sum without(String name, String title, Sentence why, Finding.Grade grade) {
        return new Sum(
                name, title, why, List.of(), List.of(new Finding(grade, why)), List.of(), Optional.empty(), List.of());
    }

    /** Says whether it can be made and put on like this. */
    public boolean works() {
        return findings.stream().noneMatch(finding -> finding.grade() == Finding.Grade.FAILS);
    }

    /** Returns the figure of a name. */
    public Optional<SumValue> figure(String named) {
        return figures.stream().filter(each -> each.name().equals(named)).findFirst();
    }
}
