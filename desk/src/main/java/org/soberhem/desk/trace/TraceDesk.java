package org.soberhem.desk.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.size.SizeChart;
import org.soberhem.core.size.SizeMatch;
import org.soberhem.core.trace.DrawnBodyMeasure;
import org.soberhem.core.trace.Graft;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.Knot;
import org.soberhem.core.trace.Offsets;
import org.soberhem.core.trace.PaperPattern;
import org.soberhem.core.trace.PaperPiece;
import org.soberhem.core.trace.SheetName;
import org.soberhem.core.trace.SizedSheet;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.TracedDart;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.core.trace.Tracing;
import org.soberhem.library.sheet.SheetReader;
import org.soberhem.library.sheet.TracedSheet;
import org.soberhem.studio.OfferedSheet;
import org.soberhem.studio.Studio;

/**
 * One tracing of the maker's: what is tapped on it, what it says of the body, and the sheet it becomes. Every tap is
 * kept.
 */
final class TraceDesk {

    private final Studio studio;
    private final String id;
    private int piece;
    private int knot = -1;

    TraceDesk(Studio studio, String id) {
        this.studio = studio;
        this.id = id;
        piece = 0;
    }

    String id() {
        return id;
    }

    Studio studio() {
        return studio;
    }

    /** Returns the tracing; empty after its beginning was taken back. */
    Optional<Tracing> find() {
        return Optional.ofNullable(studio.maker().tracings().get(id));
    }

    Tracing tracing() {
        return find().orElseThrow();
    }

    void keep(Tracing changed, Sentence sentence) {
        if (!changed.equals(tracing())) {
            studio.keep(studio.maker().withTracing(id, changed), "tracing", sentence);
        }
    }

    void describe(Tracing.About about) {
        keep(tracing().with(about), Sentence.of("Described {}", about.title()));
    }

    /** Lies the tracing on a picture; marks that were set on another stay and are moved. */
    void on(String picture) {
        Tracing now = tracing();
        Grid grid = now.grid().way() == Grid.Way.PAPER
                ? new Grid(Grid.Way.FOUR_CORNERS, List.of(), 10, 10, 25.4)
                : now.grid();
        keep(
                new Tracing(
                        now.about(), Optional.of(picture), grid, now.pieces(), now.ease(), now.unused(), now.chart()),
                Sentence.of("Opened a picture"));
    }

    void grid(Grid.Way way, int across, int down, double square) {
        Grid now = tracing().grid();
        List<Point> marks = now.marks().size() > way.marks() ? now.marks().subList(0, way.marks()) : now.marks();
        keep(
                tracing().with(new Grid(way, marks, across, down, square)),
                Sentence.of(
                        "The grid: {} squares across, {} down, {} each",
                        String.valueOf(across),
                        String.valueOf(down),
                        Length.ofMillimetres(square)));
    }

    /** Sets the next mark of the grid, or, where all are set, moves the nearest. */
    void mark(Point at) {
        Grid grid = tracing().grid();
        List<Point> marks = new ArrayList<>(grid.marks());
        if (marks.size() < grid.way().marks()) {
            marks.add(at);
        } else {
            int nearest = 0;
            for (int i = 1; i < marks.size(); i++) {
                if (marks.get(i).distanceTo(at) < marks.get(nearest).distanceTo(at)) {
                    nearest = i;
                }
            }
            marks.set(nearest, at);
        }
        keep(tracing().with(grid.marked(marks)), Sentence.of("Marked the grid"));
    }

    void moveMark(int mark, Point at) {
        List<Point> marks = new ArrayList<>(tracing().grid().marks());
        marks.set(mark, at);
        keep(tracing().with(tracing().grid().marked(marks)), Sentence.of("Moved mark {}", String.valueOf(mark + 1)));
    }

    void clearMarks() {
        keep(tracing().with(tracing().grid().marked(List.of())), Sentence.of("Removed the marks"));
    }

    /** Returns the number of the piece at hand, from 0. */
    int pieceAt() {
        return Math.min(piece, tracing().pieces().size() - 1);
    }

    Optional<TracedPiece> piece() {
        List<TracedPiece> pieces = tracing().pieces();
        return pieces.isEmpty() ? Optional.empty() : Optional.of(pieces.get(pieceAt()));
    }

    /** Returns the knot at hand, or -1. */
    int knotAt() {
        return piece().filter(each -> knot < each.outline().size()).isPresent() ? knot : -1;
    }

    void take(int pieceAt) {
        piece = pieceAt;
        knot = -1;
    }

    void takeKnot(int at) {
        knot = at;
    }

    /** Begins a piece; one of the same name and size that is there already is taken up instead. */
    void begin(String name, String size) {
        List<TracedPiece> pieces = tracing().pieces();
        for (int i = 0; i < pieces.size(); i++) {
            if (pieces.get(i).name().equals(name) && pieces.get(i).size().equals(size)) {
                take(i);
                return;
            }
        }
        take(pieces.size());
        keep(tracing().adding(TracedPiece.begun(name).inSize(size)), Sentence.of("Began the {}", name));
    }

    void dropPiece() {
        piece().ifPresent(each -> {
            keep(tracing().without(pieceAt()), Sentence.of("Removed the {}", each.words()));
            take(0);
        });
    }

    /** Changes the piece at hand. */
    void change(UnaryOperator<TracedPiece> how, Sentence sentence) {
        piece().ifPresent(each -> keep(tracing().with(pieceAt(), how.apply(each)), sentence));
    }

    /** Adds a place to the outline, after the knot at hand or at the end. */
    void trace(Point at, boolean corner) {
        piece().ifPresent(each -> {
            int place = knotAt() < 0 ? each.outline().size() : knotAt() + 1;
            knot = knotAt() < 0 ? -1 : place;
            change(
                    shown -> shown.with(place, corner ? Knot.corner(at, "") : Knot.curve(at)),
                    Sentence.of("Traced the {}", each.words()));
        });
    }

    void moveKnot(int place, Point at) {
        knot = place;
        change(
                each -> each.replacing(place, each.outline().get(place).at(at)),
                Sentence.of("Moved a place of the {}", piece().orElseThrow().words()));
    }

    /** Makes the knot at hand a corner or a place on a curve. */
    void turnKnot() {
        if (knotAt() >= 0) {
            int place = knotAt();
            change(
                    each -> each.replacing(place, each.outline().get(place).turned()),
                    Sentence.of(
                            "Changed a corner of the {}", piece().orElseThrow().words()));
        }
    }

    /** Removes the knot at hand, or the last. */
    void dropKnot() {
        piece().filter(each -> !each.outline().isEmpty()).ifPresent(each -> {
            int place = knotAt() < 0 ? each.outline().size() - 1 : knotAt();
            knot = -1;
            change(shown -> shown.without(place), Sentence.of("Removed a place of the {}", each.words()));
        });
    }

    /** Names the edge that begins at a corner. */
    void nameEdge(int corner, String name) {
        String edge = SheetName.of(name);
        change(
                each -> each.replacing(corner, each.outline().get(corner).named(edge)),
                Sentence.of("Called an edge {}", edge));
    }

    void level(String level, Point at) {
        change(each -> each.level(level, Optional.of(at)), Sentence.of("Marked the {}", level));
    }

    void dropLevel(String level) {
        change(each -> each.level(level, Optional.empty()), Sentence.of("Removed the {}", level));
    }

    void centre(Optional<Point> at) {
        change(each -> each.centred(at), Sentence.of("Marked the middle"));
    }

    void dart(Point point, Point first, Point second) {
        change(
                each -> {
                    List<TracedDart> all = new ArrayList<>(each.darts());
                    all.add(new TracedDart(point, first, second));
                    return each.folding(all);
                },
                Sentence.of("Marked a dart"));
    }

    void dropDarts() {
        change(each -> each.folding(List.of()), Sentence.of("Removed the darts"));
    }

    void ease(String landmark, Length ease) {
        keep(tracing().easing(landmark, ease.toMillimetres()), Sentence.of("Stated an ease of {}", ease));
    }

    void use(String landmark, boolean used) {
        keep(
                tracing().using(landmark, used),
                Sentence.of(used ? "Scaled by the {}" : "Not scaled by the {}", landmark.replace('-', ' ')));
    }

    void leaveAsItIs(boolean left) {
        keep(
                tracing().asItIs(left),
                Sentence.of(left ? "The pattern stays as it is" : "The pattern is brought to the wearer's size"));
    }

    void gather(String key, boolean gathered) {
        keep(
                tracing().gathering(key, gathered),
                Sentence.of(gathered ? "Gathered the {}" : "Did not sew the {}", key.replace('.', ' ')));
    }

    void size(String chart) {
        keep(tracing().sized(chart), Sentence.of(chart.isEmpty() ? "In one size" : "In the sizes of {}", chart));
    }

    /** Enters a piece that was measured along and out from a base line. */
    void enter(Offsets offsets, Offsets.Take take, double near) {
        TracedPiece entered = offsets.trued(take, near);
        List<TracedPiece> pieces = new ArrayList<>(tracing().pieces());
        pieces.removeIf(each -> each.name().equals(entered.name()));
        pieces.add(entered);
        take(pieces.size() - 1);
        keep(tracing().with(pieces), Sentence.of("Entered the {}", entered.name()));
    }

    /** Returns what edges can be taken from: the maker's other tracings, then every sheet. */
    List<String> donors() {
        List<String> all = new ArrayList<>(studio.maker().tracings().keySet());
        all.remove(id);
        studio.sheets().offered().stream()
                .map(OfferedSheet::id)
                .filter(sheet -> !all.contains(sheet) && !sheet.equals(id))
                .forEach(all::add);
        return all;
    }

    String donorTitle(String donor) {
        return Optional.ofNullable(studio.maker().tracings().get(donor))
                .map(each -> each.about().title())
                .or(() ->
                        offered(donor).map(each -> each.sheet().sheet().about().title()))
                .orElse(donor);
    }

    private Optional<OfferedSheet> offered(String donor) {
        return studio.sheets().offered().stream()
                .filter(each -> each.id().equals(donor))
                .findFirst();
    }

    /** Returns a tracing of the maker's, or a sheet's pieces as it draws them at its middle size. */
    Optional<Tracing> donor(String donor) {
        return Optional.ofNullable(studio.maker().tracings().get(donor))
                .or(() -> studio.sheets().offered().stream()
                        .filter(each -> each.id().equals(donor))
                        .findFirst()
                        .map(each ->
                                TracedCopy.ofSheet(each.sheet(), each.sheet().middle())));
    }

    /** Puts edges of another piece in the place of edges of the piece at hand. */
    Graft.Grafted graft(String from, String to, PaperPiece donor, String donorFrom, String donorTo, Graft.By by) {
        if (tracing().grid().way() != Grid.Way.PAPER) {
            throw new IllegalArgumentException(
                    "Edges are put onto copies, not onto a picture: make a copy on paper first");
        }
        PaperPiece body = PaperPiece.of(piece().orElseThrow(), tracing().grid().paper());
        Graft.Grafted grafted = Graft.of(body, from, to, donor, donorFrom, donorTo, by);
        keep(
                tracing().with(pieceAt(), grafted.piece()),
                Sentence.of("Put the {} of another pattern on the {}", donorFrom, body.name()));
        return grafted;
    }

    /** What the tracing gives so far: the pieces on paper or what is missing, in words. */
    record Paper(Optional<PaperPattern> pattern, String missing) {}

    Paper paper() {
        try {
            return new Paper(Optional.of(inOneSize().paper()), "");
        } catch (IllegalArgumentException unfinished) {
            return new Paper(Optional.empty(), unfinished.getMessage());
        }
    }

    /** Of a pattern in sizes the first that is traced. */
    private Tracing inOneSize() {
        Optional<String> first = tracing().pieces().stream()
                .map(TracedPiece::size)
                .filter(size -> !size.isEmpty())
                .findFirst();
        return tracing()
                .with(tracing().pieces().stream()
                        .filter(each -> each.size().isEmpty() || each.size().equals(first.orElse("")))
                        .toList());
    }

    /** Returns what the drawing says of the body that it was made for. */
    List<DrawnBodyMeasure> made() {
        return paper().pattern()
                .map(pattern -> DrawnBodyMeasure.of(
                        pattern,
                        studio.library().landmarks(),
                        tracing().ease(),
                        tracing().unused()))
                .orElse(List.of());
    }

    /** The sheet that the tracing becomes, or what is wrong, in words. */
    record Made(String text, Optional<CompiledSheet> sheet, String wrong) {}

    Made sheet() {
        return sheet(List.of());
    }

    /** Returns the sheet that is not scaled by some landmarks, by their ids. */
    Made sheet(List<String> without) {
        try {
            Tracing scaled = tracing();
            for (String landmark : without) {
                scaled = scaled.using(landmark, false);
            }
            Optional<SizeChart> chart = charts().stream()
                    .filter(each -> each.title().equals(tracing().chart()))
                    .findFirst();
            String text = chart.isPresent()
                    ? TracedSheet.write(
                            id,
                            tracing(),
                            SizedSheet.of(
                                    tracing(),
                                    chart.get(),
                                    governing(),
                                    studio.library().landmarks()))
                    : TracedSheet.write(id, scaled, studio.library().landmarks());
            return new Made(text, Optional.of(SheetReader.read(text)), "");
        } catch (IllegalArgumentException unfinished) {
            return new Made("", Optional.empty(), unfinished.getMessage());
        } catch (SheetException wrong) {
            return new Made("", Optional.empty(), wrong.problem());
        }
    }

    /** Says which size of the chart a wearer takes; nothing for a pattern in one size. */
    Optional<Sentence> sizeFor(Inputs wearer) {
        return charts().stream()
                .filter(each -> each.title().equals(tracing().chart()))
                .findFirst()
                .map(this::traced)
                .flatMap(chart -> SizeMatch.of(
                        chart,
                        governing(),
                        measure -> wearer.find(measure)
                                .map(value -> value.on(Side.MIDDLE))
                                .orElse(Double.NaN),
                        0))
                .map(match -> match.sentence(studio.library().measures().name(match.governing())));
    }

    /** Of a chart the sizes that are traced. */
    private SizeChart traced(SizeChart chart) {
        return new SizeChart(
                chart.title(),
                chart.source(),
                chart.rows().stream()
                        .filter(row -> tracing().pieces().stream()
                                .anyMatch(piece -> piece.size().equals(row.size())))
                        .toList(),
                chart.ease());
    }

    /** Returns the shipped charts and the maker's own. */
    List<SizeChart> charts() {
        List<SizeChart> all = new ArrayList<>(studio.library().charts());
        all.addAll(studio.maker().charts());
        return all;
    }

    /** Returns the measures that decide the size of the garment, those of tops where its kind has no own. */
    private List<String> governing() {
        var governing = studio.library().governing();
        String kind = tracing().about().garment();
        return governing.entrySet().stream()
                .filter(each -> each.getKey().contains(kind))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse(governing.get("top or jacket"));
    }

    /** Keeps the sheet on the shelf, in the place of the one that was made of the tracing before. */
    void keepSheet(String text) {
        studio.sheets().change(id, text);
    }
}
