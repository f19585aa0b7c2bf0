package org.soberhem.library.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.trace.DrawnBodyMeasure;
import org.soberhem.core.trace.LandmarkTable;
import org.soberhem.core.trace.PaperPattern;
import org.soberhem.core.trace.ScaledSheet;
import org.soberhem.core.trace.SheetPlan;
import org.soberhem.core.trace.Tracing;

/**
 * Writes what was traced as a draft sheet, so that it is drawn, walked, altered, compared and printed like any other.
 */
public final class TracedSheet {

    private static final double ALLOWANCE = 15.875;

    private final StringBuilder text = new StringBuilder();

    private TracedSheet() {}

    /**
     * Returns the sheet of a tracing that scales itself by what the drawing says of the body it was made for.
     *
     * @param id kebab-case name
     * @throws IllegalArgumentException if the tracing is not finished; the message says what is missing
     */
    public static String write(String id, Tracing tracing, LandmarkTable landmarks) {
        PaperPattern paper = tracing.paper();
        List<DrawnBodyMeasure> made = DrawnBodyMeasure.of(paper, landmarks, tracing.ease(), tracing.unused());
        return write(id, tracing, ScaledSheet.of(tracing, landmarks, made));
    }

    /**
     * Returns the sheet.
     *
     * @param id kebab-case name
     * @param tracing what it is and where it comes from
     * @param plan what it says
     */
    public static String write(String id, Tracing tracing, SheetPlan plan) {
        TracedSheet sheet = new TracedSheet();
        sheet.head(id, tracing, plan);
        sheet.line("pieces:");
        plan.pieces().forEach(sheet::piece);
        sheet.seams(plan.seams());
        sheet.checks(plan.checks());
        sheet.map("quantities", plan.quantities());
        return sheet.text.toString();
    }

    private void line(String words) {
        text.append(words).append('\n');
    }

    static String quoted(String words) {
        return '"' + words.replace("\\", "").replace("\"", "'").replaceAll("\\s+", " ") + '"';
    }

    /** Returns evidence as it is written in a sheet. */
    static String evidence(SheetSource source) {
        return "{kind: " + word(source.kind()) + ", where: " + quoted(source.where()) + ", at: " + quoted(source.at())
                + ", sure: " + word(source.sure()) + ", note: " + quoted(source.note()) + "}";
    }

    private static String mm(double millimetres) {
        return String.format(Locale.ROOT, "%.3f mm", millimetres);
    }

    static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private void map(String name, Map<String, String> entries) {
        if (!entries.isEmpty()) {
            line(name + ":");
            entries.forEach((key, value) -> line("  " + key + ": " + value));
        }
    }

    private void head(String id, Tracing tracing, SheetPlan plan) {
        line(
                "# Made of a tracing; places are millimetres on the finished pattern as drawn. What is changed here is not changed");
        line("# in the tracing.");
        line("draft: " + id);
        line("title: " + quoted(tracing.about().title()));
        line("place: " + quoted(tracing.about().place()));
        line("years: [" + tracing.about().from() + ", " + tracing.about().to() + "]");
        line("garment: " + tracing.about().garment());
        line("system: " + word(tracing.about().system()));
        SheetSource source = tracing.about().source();
        line("sources:");
        line("- " + evidence(source));
        line("cautions:");
        line(
                "- "
                        + quoted(
                                plan.measures().isEmpty()
                                        ? "Made for one unknown wearer: measure its girths and lengths before it is cut."
                                        : "Made for one unknown wearer: what it was made for follows from the ease that you state. Make a mock-up."));
        line("measures: {"
                + plan.measures().entrySet().stream()
                        .map(each -> each.getKey() + ": " + String.join(" | ", each.getValue()))
                        .collect(Collectors.joining(", "))
                + "}");
        line("middle: {"
                + plan.middle().entrySet().stream()
                        .map(each -> each.getKey() + ": " + mm(each.getValue()))
                        .collect(Collectors.joining(", "))
                + "}");
        line("settings:");
        double allowance = plan.allowance() > 0 ? plan.allowance() : ALLOWANCE;
        line("  allowance: {default: " + mm(allowance) + ", least: 0 in, most: 2 in, why: even seam allowance}");
        if (!plan.choices().isEmpty()) {
            line("choices:");
            plan.choices()
                    .forEach((name, ways) -> line("  " + name + ": {of: [" + String.join(", ", ways.of()) + "], why: "
                            + quoted(ways.why()) + "}"));
        }
        if (!plan.ease().isEmpty()) {
            line("ease:");
            plan.ease()
                    .forEach((name, ease) -> line("  " + name + ": {least: " + mm(ease.least()) + ", most: "
                            + mm(ease.most()) + ", draw: " + mm(ease.draw()) + ", why: " + quoted(ease.why()) + "}"));
        }
        map("amounts", plan.amounts());
    }

    private void piece(SheetPlan.PiecePlan piece) {
        line("  " + piece.name() + ":");
        if (!piece.solve().isEmpty()) {
            line("    solve:");
            piece.solve()
                    .forEach((name, solve) -> line("      " + name + ": {from: " + solve.from() + ", to: " + solve.to()
                            + ", until: \"" + solve.until() + "\", is: \"" + solve.is() + "\"}"));
        }
        line("    cut: {outer: " + piece.cut() + "}");
        line("    shape: " + word(piece.shape()));
        line("    points:");
        piece.points()
                .forEach((name, point) ->
                        line("      " + name + ": {along: \"" + point.along() + "\", out: \"" + point.out() + "\"}"));
        line("    outline:");
        List<SheetPlan.JoinPlan> outline = piece.outline();
        String first = outline.get(outline.size() - 1).to();
        line("    - " + first);
        outline.subList(0, outline.size() - 1).forEach(join -> line("    - " + join(join)));
        SheetPlan.JoinPlan last = outline.get(outline.size() - 1);
        if (!last.through().isEmpty()) {
            line("    - " + join(last));
        }
        line("    edges:");
        piece.edges().forEach((name, ends) -> line("      " + name + ": " + ends.get(0) + ".." + ends.get(1)));
        piece.centre().ifPresent(centre -> line("    centre: " + centre));
        if (!piece.middleLine().isEmpty()) {
            line("    lines: {middle: {kind: place, from: " + piece.middleLine().get(0) + ", to: "
                    + piece.middleLine().get(1) + "}}");
        }
        if (!piece.darts().isEmpty()) {
            line("    darts: {"
                    + piece.darts().entrySet().stream()
                            .map(dart -> dart.getKey() + ": {point: "
                                    + dart.getValue().get(0) + ", legs: ["
                                    + dart.getValue().get(1) + ", "
                                    + dart.getValue().get(2) + "]}")
                            .collect(Collectors.joining(", "))
                    + "}");
        }
        line("    grain: [" + String.join(", ", piece.grain()) + "]");
        if (!piece.levels().isEmpty()) {
            line("    levels: {"
                    + piece.levels().entrySet().stream()
                            .map(level -> level.getKey() + ": [" + String.join(", ", level.getValue()) + "]")
                            .collect(Collectors.joining(", "))
                    + "}");
        }
        if (piece.shape() != CutShape.PLAIN && piece.centre().isPresent()) {
            String name = piece.name();
            if (name.contains("front")) {
                line("    spans: 0 .. 0.5");
            } else if (name.contains("back")) {
                line("    spans: 1 .. 0.5");
            }
        }
    }

    private static String join(SheetPlan.JoinPlan join) {
        if (join.through().isEmpty()) {
            return join.to();
        }
        return "{to: " + join.to() + ", through: [" + String.join(", ", join.through()) + "]"
                + (join.leavesSquare() ? ", leaves: square" : "")
                + (join.comesSquare() ? ", comes: square" : "") + "}";
    }

    private void seams(List<SheetPlan.SeamPlan> seams) {
        if (seams.isEmpty()) {
            return;
        }
        line("seams:");
        for (SheetPlan.SeamPlan seam : seams) {
            String amount = seam.kind().byFullness() ? "fullness" : "ease";
            line("- {join: [" + run(seam.first()) + ", " + run(seam.second()) + "], kind: " + word(seam.kind()) + ", "
                    + amount + ": \"" + seam.least() + " .. " + seam.most() + "\"}");
        }
    }

    private static String run(List<String> edges) {
        return edges.size() == 1 ? edges.get(0) : "[" + String.join(", ", edges) + "]";
    }

    private void checks(List<SheetPlan.CheckPlan> checks) {
        if (checks.isEmpty()) {
            return;
        }
        line("checks:");
        for (SheetPlan.CheckPlan check : checks) {
            List<String> parts = new ArrayList<>();
            if (check.girth().isEmpty()) {
                parts.add("length: " + quoted(check.name()));
                parts.add(
                        check.between().isEmpty()
                                ? "run: [" + String.join(", ", check.run()) + "]"
                                : "between: [" + String.join(", ", check.between()) + "]");
            } else {
                parts.add("girth: " + check.name());
                parts.add("across: [" + String.join(", ", check.girth()) + "]");
            }
            parts.add("body: \"" + check.body() + "\"");
            parts.add("want: \"" + check.want() + "\"");
            parts.add("within: \"" + check.within() + "\"");
            if (!check.remedy().isEmpty()) {
                parts.add("remedy: {" + check.remedy() + "}");
            }
            line("- {" + String.join(", ", parts) + "}");
        }
    }
}
