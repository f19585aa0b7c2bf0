package org.soberhem.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.alter.edit.AmountsAlong;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.files.print.PaperSize;
import org.soberhem.files.print.PatternPdf;
import org.soberhem.files.print.PrintJob;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;

/** Measures altering: previews, long chains, every alteration on every body, and the PDF of many pieces. */
public final class AlterRun {

    private static final int ROUNDS = 60;
    private static final int CHAIN = 200;

    private AlterRun() {}

    public static void main(String[] args) {
        Library library = Library.shipped();
        CompiledSheet jacket = library.sheet("jacket-1911").orElseThrow();
        Pattern pattern = Drafter.draft(jacket, jacket.middle()).pattern();
        System.out.printf("%d worn pieces%n", pattern.pieces().size());
        previews(library, pattern);
        chain(pattern);
        pdf(library);
        bodies(library);
    }

    /**
     * What typing an amount costs: the alteration, its judgement, its effects, and the cutting lines that are drawn.
     */
    private static void previews(Library library, Pattern pattern) {
        Map<String, Double> slowest = new TreeMap<>();
        List<Double> all = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            for (AlterationKind kind : library.alterations()) {
                Optional<Alteration> alteration = kind.usual(pattern).map(answers -> kind.make(answers, Sides.BOTH));
                if (alteration.isEmpty()) {
                    continue;
                }
                long from = System.nanoTime();
                Outcome outcome = alteration.get().apply(pattern);
                Effect.between(pattern, outcome.pattern());
                double took = (System.nanoTime() - from) / 1e6;
                if (round >= ROUNDS / 2) {
                    all.add(took);
                    slowest.merge(kind.id(), took, (a, b) -> (a + b) / 2);
                }
            }
        }
        all.sort(Double::compare);
        System.out.printf(
                "preview: median %.2f ms, 95th percentile %.2f ms, 99th %.2f ms%n",
                all.get(all.size() / 2), all.get(all.size() * 95 / 100), all.get(all.size() * 99 / 100));
        slowest.entrySet().stream()
                .sorted(Map.Entry.<String, Double>comparingByValue().reversed())
                .limit(3)
                .forEach(each -> System.out.printf("  slowest %s %.2f ms%n", each.getKey(), each.getValue()));
    }

    private static void chain(Pattern pattern) {
        List<Alteration> chain = new ArrayList<>();
        for (int i = 0; i < CHAIN; i++) {
            chain.add(LengthenAtLevel.evenly("waist", i % 2 == 0 ? 3 : -3, Sides.BOTH));
        }
        List<Double> all = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            long from = System.nanoTime();
            Pattern made = pattern;
            for (Alteration each : chain) {
                made = each.apply(made).pattern();
            }
            all.add((System.nanoTime() - from) / 1e6);
        }
        List<Double> warm = all.subList(ROUNDS / 2, ROUNDS).stream().sorted().toList();
        System.out.printf("chain of %d: median %.1f ms, judged after each%n", CHAIN, warm.get(warm.size() / 2));
    }

    private static void pdf(Library library) {
        List<Piece> pieces = new ArrayList<>();
        for (CompiledSheet sheet : library.sheets()) {
            for (Piece piece : Drafter.draft(sheet, sheet.middle()).pattern().pieces()) {
                List<String> names = pieces.stream().map(Piece::name).distinct().toList();
                boolean fellow = !pieces.isEmpty()
                        && pieces.get(pieces.size() - 1).name().equals(piece.name())
                        && pieces.get(pieces.size() - 1).edges().equals(piece.edges());
                if (fellow || names.size() < 20 && !names.contains(piece.name())) {
                    pieces.add(piece);
                }
            }
        }
        Pattern twenty = new Pattern("twenty", pieces, List.of());
        PrintJob job = new PrintJob("Bench", "Twenty", "version 1", LocalDate.EPOCH, LengthFormat.INCH_EIGHTHS, twenty);
        List<Double> all = new ArrayList<>();
        int bytes = 0;
        for (int round = 0; round < 9; round++) {
            long from = System.nanoTime();
            bytes = PatternPdf.write(job, PaperSize.A4).length;
            all.add((System.nanoTime() - from) / 1e6);
        }
        double first = all.get(0);
        all.sort(Double::compare);
        System.out.printf(
                "pdf of %d pieces on A4: first %.0f ms, median %.0f ms, %d kB; heap at most %d MB%n",
                twenty.names().size(),
                first,
                all.get(all.size() / 2),
                bytes / 1000,
                Runtime.getRuntime().maxMemory() >> 20);
    }

    /** What came of many alterations. */
    private static final class Tally {
        private int made;
        private int completed;
        private int refused;
        private final Map<String, Integer> refusedBy = new TreeMap<>();

        private void count(String kind, Outcome outcome) {
            if (outcome.refusal().isEmpty()) {
                made++;
            } else if (outcome.completed().isPresent()) {
                completed++;
            } else {
                refused++;
                refusedBy.merge(kind, 1, Integer::sum);
            }
        }

        private void tell(String what) {
            System.out.printf(
                    "%s: %d made, %d offered with truing, %d refused in words (%.1f %%)%n",
                    what, made, completed, refused, 100.0 * refused / Math.max(1, made + completed + refused));
            refusedBy.entrySet().stream()
                    .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                    .limit(8)
                    .forEach(each -> System.out.printf("  %s %d%n", each.getKey(), each.getValue()));
        }
    }

    private static void bodies(Library library) {
        long from = System.nanoTime();
        Map<String, Tally> tallies = new TreeMap<>();
        int wrong = 0;
        for (CompiledSheet sheet : library.sheets()) {
            String cut = sheet.sheet().about().system().equals("rectangles") ? "square-cut" : "fitted";
            for (Inputs body : Bodies.all()) {
                Pattern pattern;
                try {
                    pattern = Drafter.draft(sheet, body).pattern();
                } catch (DraftException refusedBody) {
                    continue;
                }
                for (AlterationKind kind : library.alterations()) {
                    Optional<Map<String, Object>> usual = kind.usual(pattern);
                    if (usual.isEmpty()) {
                        continue;
                    }
                    for (int times : List.of(1, 2)) {
                        Optional<Alteration> alteration = kind.possible(times(kind, usual.get(), times), Sides.BOTH);
                        if (alteration.isEmpty()) {
                            continue;
                        }
                        Outcome outcome = alteration.get().apply(pattern);
                        tallies.computeIfAbsent(cut + ", " + times + " x usual", name -> new Tally())
                                .count(kind.id(), outcome);
                        if (!isSound(outcome.pattern())) {
                            wrong++;
                            System.out.printf(
                                    "unsound: %s, %s, %d%n", sheet.sheet().id(), kind.id(), times);
                        }
                    }
                }
            }
        }
        tallies.forEach((name, tally) -> tally.tell(name));
        System.out.printf(
                "all bodies, all sheets, all alterations: %d unsound; %d s%n",
                wrong, TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - from));
    }

    private static Map<String, Object> times(AlterationKind kind, Map<String, Object> usual, int times) {
        Map<String, Object> answers = new HashMap<>(usual);
        for (AlterationKind.Ask ask : kind.asks()) {
            Object answer = usual.get(ask.name());
            if (ask.as() == AlterationKind.As.LENGTH && answer instanceof Number number) {
                answers.put(ask.name(), times * number.doubleValue());
            } else if (answer instanceof AmountsAlong amounts) {
                answers.put(ask.name(), amounts.times(times));
            }
        }
        return answers;
    }

    private static boolean isSound(Pattern pattern) {
        for (Piece piece : pattern.pieces()) {
            for (int i = 0; i < piece.edges().size(); i++) {
                var next = piece.edges().get((i + 1) % piece.edges().size());
                if (piece.edges().get(i).path().end().distanceTo(next.path().start()) > 1e-4) {
                    return false;
                }
            }
            if (piece.seamLine().crossing().isPresent()) {
                return false;
            }
        }
        return true;
    }
}
