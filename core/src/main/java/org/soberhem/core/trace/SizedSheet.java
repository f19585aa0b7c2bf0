package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.size.SizeChart;

/**
 * Makes a sheet of a pattern that is drawn in one or several sizes of a chart. The size follows the wearer's governing
 * measure unless the maker chooses another; where the wearer then differs from the chart, the checks say by how much
 * and offer the alteration. What the pattern has beyond the chart's body is its own ease: at the chart's own body
 * nothing is to be altered.
 */
public final class SizedSheet {

    /** Name of the choice of a size. */
    public static final String SIZE = "size";

    /** The way by which the size follows the wearer. */
    public static final String BY_MEASURE = "by-measure";

    /** More sizes make formulas too long to read. */
    private static final int MOST_SIZES = 12;

    private static final double SAME = 5e-4;
    private static final String WITHIN = "1/4 in";
    private static final String ROW = "row";

    private final List<SizeChart.Row> rows;
    private final List<PaperPattern> sizes;
    private final Tracing tracing;
    private final SizeChart chart;
    private final LandmarkTable landmarks;
    private final String governing;
    private final Map<String, String> amounts = new LinkedHashMap<>();

    private SizedSheet(
            Tracing tracing,
            SizeChart chart,
            String governing,
            LandmarkTable landmarks,
            List<SizeChart.Row> rows,
            List<PaperPattern> sizes) {
        this.tracing = tracing;
        this.chart = chart;
        this.governing = governing;
        this.landmarks = landmarks;
        this.rows = rows;
        this.sizes = sizes;
    }

    /**
     * Returns the sheet.
     *
     * @param tracing pieces that each have a size of the chart; a piece without a size is the same in all
     * @param chart the pattern's sizes
     * @param governing measures that decide the size, the best first
     * @throws IllegalArgumentException if pieces, sizes and chart do not go together; the message says what is missing
     */
    public static SheetPlan of(Tracing tracing, SizeChart chart, List<String> governing, LandmarkTable landmarks) {
        String decides = governing.stream()
                .filter(chart.measures()::contains)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("The chart \"" + chart.title()
                        + "\" has none of the measures that decide the size: " + String.join(", ", governing)));
        Set<String> traced = new LinkedHashSet<>();
        tracing.pieces().stream()
                .map(TracedPiece::size)
                .filter(size -> !size.isEmpty())
                .forEach(traced::add);
        if (traced.isEmpty()) {
            throw new IllegalArgumentException("Say which size of the chart each piece is drawn in");
        }
        List<SizeChart.Row> rows =
                chart.rows().stream().filter(row -> traced.contains(row.size())).toList();
        for (String size : traced) {
            if (rows.stream().noneMatch(row -> row.size().equals(size))) {
                throw new IllegalArgumentException("The chart \"" + chart.title() + "\" has no size \"" + size
                        + "\"; it has "
                        + String.join(
                                ", ",
                                chart.rows().stream().map(SizeChart.Row::size).toList()));
            }
        }
        if (rows.size() > MOST_SIZES) {
            throw new IllegalArgumentException(
                    "A sheet holds at most " + MOST_SIZES + " sizes: " + rows.size() + " are traced");
        }
        List<PaperPattern> sizes = rows.stream()
                .map(row -> PaperPattern.of(
                        tracing.pieces().stream()
                                .filter(piece ->
                                        piece.size().isEmpty() || piece.size().equals(row.size()))
                                .map(piece -> piece.inSize(row.size()))
                                .toList(),
                        tracing.grid().paper()))
                .toList();
        return new SizedSheet(tracing, chart, decides, landmarks, rows, evened(rows, sizes)).plan();
    }

    /** The same pieces with the same edges in every size, each through as many places. */
    private static List<PaperPattern> evened(List<SizeChart.Row> rows, List<PaperPattern> sizes) {
        List<PaperPiece> first = sizes.get(0).pieces();
        for (int i = 1; i < sizes.size(); i++) {
            List<PaperPiece> pieces = sizes.get(i).pieces();
            List<String> names = pieces.stream().map(PaperPiece::name).toList();
            List<String> wanted = first.stream().map(PaperPiece::name).toList();
            if (!names.equals(wanted)) {
                throw new IllegalArgumentException("Every size needs the same pieces in the same order: size "
                        + rows.get(0).size() + " has " + wanted + ", size "
                        + rows.get(i).size() + " has " + names);
            }
            for (int k = 0; k < pieces.size(); k++) {
                List<String> edges =
                        pieces.get(k).runs().stream().map(TracedEdge::edge).toList();
                List<String> others =
                        first.get(k).runs().stream().map(TracedEdge::edge).toList();
                if (!edges.equals(others)) {
                    throw new IllegalArgumentException(
                            "\"" + names.get(k) + "\" needs the same edges in every size: size "
                                    + rows.get(0).size() + " has " + others + ", size "
                                    + rows.get(i).size() + " has " + edges);
                }
            }
        }
        List<PaperPattern> evened = new ArrayList<>();
        for (PaperPattern size : sizes) {
            List<PaperPiece> pieces = new ArrayList<>();
            for (int k = 0; k < first.size(); k++) {
                int piece = k;
                List<TracedEdge> runs = new ArrayList<>();
                for (int r = 0; r < first.get(k).runs().size(); r++) {
                    int run = r;
                    int most = sizes.stream()
                            .mapToInt(each -> each.pieces()
                                    .get(piece)
                                    .runs()
                                    .get(run)
                                    .places()
                                    .size())
                            .max()
                            .orElseThrow();
                    runs.add(size.pieces().get(k).runs().get(r).through(most - 2));
                }
                pieces.add(size.pieces().get(k).with(runs));
            }
            evened.add(new PaperPattern(pieces, size.waist()));
        }
        return evened;
    }

    private SheetPlan plan() {
        Map<String, List<String>> measures = new LinkedHashMap<>();
        Map<String, Double> middle = new LinkedHashMap<>();
        SizeChart.Row middleRow = rows.get(rows.size() / 2);
        List<SheetPlan.CheckPlan> checks = new ArrayList<>();
        String decides = nameOf(governing);
        measures.put(decides, List.of(governing));
        middle.put(decides, middleRow.body().get(governing));
        amounts.put(ROW, row(decides));
        for (Landmark landmark : landmarks.all()) {
            Optional<String> measure = landmark.measures().stream()
                    .filter(chart.measures()::contains)
                    .findFirst();
            List<OptionalDouble> drawn =
                    sizes.stream().map(size -> size.read(landmark)).toList();
            if (measure.isPresent() && drawn.stream().allMatch(OptionalDouble::isPresent)) {
                measures.put(landmark.id(), List.of(measure.get()));
                middle.put(landmark.id(), middleRow.body().get(measure.get()));
                amounts.put(
                        "own-" + landmark.id(),
                        pick(i ->
                                drawn.get(i).getAsDouble() - rows.get(i).body().get(measure.get())));
                check(landmark).ifPresent(checks::add);
            }
        }
        List<PaperPiece> first = sizes.get(0).pieces();
        List<SheetPlan.PiecePlan> pieces =
                IntStream.range(0, first.size()).mapToObj(this::piece).toList();
        Map<String, SheetPlan.Ways> choices = rows.size() == 1
                ? Map.of()
                : Map.of(SIZE, new SheetPlan.Ways(ways(), "the size follows the wearer unless another is chosen"));
        return new SheetPlan(
                measures,
                middle,
                Map.of(),
                choices,
                amounts,
                pieces,
                seams(),
                checks,
                Map.of(),
                first.stream().mapToDouble(PaperPiece::allowance).max().orElse(0));
    }

    private String nameOf(String measure) {
        return landmarks.all().stream()
                .filter(landmark -> landmark.measures().contains(measure))
                .map(Landmark::id)
                .findFirst()
                .orElse(measure);
    }

    private List<String> ways() {
        List<String> ways = new ArrayList<>(List.of(BY_MEASURE));
        rows.forEach(row -> ways.add(way(row)));
        return ways;
    }

    private static String way(SizeChart.Row row) {
        return "size-" + row.size().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    /** The number of the size: the one whose governing measure comes nearest, unless one is chosen. */
    private String row(String decides) {
        if (rows.size() == 1) {
            return "1";
        }
        StringBuilder nearest = new StringBuilder();
        for (int i = 0; i + 1 < rows.size(); i++) {
            double half =
                    (rows.get(i).body().get(governing) + rows.get(i + 1).body().get(governing)) / 2;
            nearest.append("if(")
                    .append(decides)
                    .append(" < ")
                    .append(FormulaText.mm(half))
                    .append(", ")
                    .append(i + 1)
                    .append(", ");
        }
        nearest.append(rows.size()).append(")".repeat(rows.size() - 1));
        StringBuilder chosen = new StringBuilder();
        for (int i = 0; i + 1 < rows.size(); i++) {
            chosen.append("if(size = ")
                    .append(way(rows.get(i)))
                    .append(", ")
                    .append(i + 1)
                    .append(", ");
        }
        chosen.append(rows.size()).append(")".repeat(rows.size() - 1));
        amounts.put("nearest", nearest.toString());
        amounts.put("chosen", chosen.toString());
        return "if(size = " + BY_MEASURE + ", nearest, chosen)";
    }

    /** A length that each size has its own of. */
    private String pick(ToDoubleFunction<Integer> of) {
        double first = of.applyAsDouble(0);
        boolean same = IntStream.range(1, rows.size()).allMatch(i -> Math.abs(of.applyAsDouble(i) - first) < SAME);
        if (same) {
            return FormulaText.mm(first);
        }
        StringBuilder picked = new StringBuilder();
        for (int i = 0; i + 1 < rows.size(); i++) {
            picked.append("if(row = ")
                    .append(i + 1)
                    .append(", ")
                    .append(FormulaText.mm(of.applyAsDouble(i)))
                    .append(", ");
        }
        return picked.append(FormulaText.mm(of.applyAsDouble(rows.size() - 1)))
                .append(")".repeat(rows.size() - 1))
                .toString();
    }

    private SheetPlan.PiecePlan piece(int k) {
        List<PaperPiece> drawn =
                sizes.stream().map(size -> size.pieces().get(k)).toList();
        PaperPiece first = drawn.get(0);
        Map<Point, List<Point>> known = new LinkedHashMap<>();
        for (int r = 0; r < first.runs().size(); r++) {
            for (int p = 0; p < first.runs().get(r).places().size(); p++) {
                int run = r;
                int place = p;
                known.putIfAbsent(
                        first.runs().get(r).places().get(p),
                        drawn.stream()
                                .map(piece -> piece.runs().get(run).places().get(place))
                                .toList());
            }
        }
        for (int d = 0; d < first.darts().size(); d++) {
            int dart = d;
            List<TracedDart> all =
                    drawn.stream().map(piece -> piece.darts().get(dart)).toList();
            known.put(
                    first.darts().get(d).point(),
                    all.stream().map(TracedDart::point).toList());
            known.put(
                    first.darts().get(d).first(),
                    all.stream().map(TracedDart::first).toList());
            known.put(
                    first.darts().get(d).second(),
                    all.stream().map(TracedDart::second).toList());
        }
        PiecePlanner planner = new PiecePlanner(first, (at, before, after) -> {
            List<Point> places = known.getOrDefault(at, carried(at, drawn));
            return new SheetPlan.PointPlan(
                    pick(i -> places.get(i).y()), pick(i -> places.get(i).x()));
        });
        planner.corners();
        return planner.plan(Map.of());
    }

    /**
     * A place that no size names: a level lies where each size has it, anything else in the proportion of the piece.
     */
    private static List<Point> carried(Point at, List<PaperPiece> drawn) {
        PaperPiece first = drawn.get(0);
        Box from = first.outline().box();
        Optional<String> level = first.levels().entrySet().stream()
                .filter(each -> each.getValue() == at.y())
                .map(Map.Entry::getKey)
                .findFirst();
        return drawn.stream()
                .map(piece -> {
                    Box to = piece.outline().box();
                    double y = level.map(name -> piece.levels().get(name))
                            .orElse(to.minY() + (at.y() - from.minY()) / from.height() * to.height());
                    return new Point(at.x() / from.width() * to.width(), y);
                })
                .toList();
    }

    private List<SheetPlan.SeamPlan> seams() {
        List<SheetPlan.SeamPlan> seams = new ArrayList<>();
        List<List<SewnEdges>> all =
                sizes.stream().map(size -> SewnEdges.of(size.pieces())).toList();
        for (int s = 0; s < all.get(0).size(); s++) {
            int seam = s;
            SewnEdges sewn = all.get(0).get(s);
            if (!sewn.isGathered()) {
                seams.add(eased(
                        sewn.firstRun(),
                        sewn.secondRun(),
                        pick(i -> all.get(i).get(seam).longer())));
            } else if (tracing.gathers(sewn)) {
                seams.add(SeamTruing.gathered(sewn));
            }
        }
        return seams;
    }

    private static SheetPlan.SeamPlan eased(List<String> first, List<String> second, String by) {
        return new SheetPlan.SeamPlan(first, second, Seam.Kind.EASED, by + " - 1/2 mm", by + " + 1/2 mm");
    }

    private Optional<SheetPlan.CheckPlan> check(Landmark landmark) {
        PaperPattern first = sizes.get(0);
        String want = landmark.id() + " + own-" + landmark.id();
        return switch (landmark.found()) {
            case GIRTH ->
                Optional.of(new SheetPlan.CheckPlan(
                        landmark.level(),
                        first.roundAt(landmark.level()),
                        List.of(),
                        List.of(),
                        landmark.id(),
                        want,
                        WITHIN,
                        first.pieces().stream()
                                .filter(piece -> piece.run(Role.SIDE).isPresent())
                                .map(piece -> "let-out: "
                                        + SewnEdges.name(
                                                piece, piece.run(Role.SIDE).orElseThrow()))
                                .findFirst()
                                .orElse("")));
            case BACK -> first.trunk("back").flatMap(piece -> waistBelow(piece, Role.CENTRE, landmark, want));
            case FRONT -> first.trunk("front").flatMap(piece -> waistBelow(piece, Role.SHOULDER, landmark, want));
            default -> Optional.empty();
        };
    }

    private static Optional<SheetPlan.CheckPlan> waistBelow(
            PaperPiece piece, Role meets, Landmark landmark, String want) {
        List<String> levels = List.copyOf(piece.levels().keySet());
        int waist = levels.indexOf(PaperPattern.WAIST);
        return piece.corner(Role.NECK, meets).map(at -> {
            int corner = piece.runs().stream().map(TracedEdge::start).toList().indexOf(at) + 1;
            // Levels are marked first, two places each; the nearer of them lies on the middle.
            return new SheetPlan.CheckPlan(
                    landmark.title(),
                    List.of(),
                    List.of(),
                    List.of(piece.name() + ".A" + corner, piece.name() + ".M" + (2 * waist + 1)),
                    landmark.id(),
                    want,
                    WITHIN,
                    "lengthen: " + PaperPattern.WAIST);
        });
    }
}
