package org.soberhem.desk.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.trace.Graft;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.Offsets;
import org.soberhem.core.trace.PaperPiece;
import org.soberhem.core.trace.Tracing;
import org.soberhem.studio.Studio;
import org.soberhem.studio.TracingCommands;
import org.soberhem.studio.demo.Studios;

class TraceDeskTest {

    @TempDir
    private Path folder;

    private Studio studio;
    private TraceDesk demo;

    @BeforeEach
    void open() {
        studio = Studios.demo(folder);
        demo = new TraceDesk(studio, "dressing-jacket");
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    @Test
    void demosTracing_becomesASheet_thatIsKeptInItsPlace() {
        TraceDesk.Made made = demo.sheet();
        assertThat(made.wrong()).isEmpty();
        demo.keepSheet(made.text());
        demo.keepSheet(demo.sheet().text());
        assertThat(studio.sheets().offered())
                .filteredOn(each -> each.id().equals("dressing-jacket"))
                .hasSize(1)
                .first()
                .satisfies(each -> assertThat(each.sheet().sheet().about().sources())
                        .extracting(SheetSource::kind)
                        .containsExactly(SheetSource.Kind.PLATE));
    }

    @Test
    void everyTap_isKept_andTakenBackOneByOne() {
        studio.navigation().shelf().set(true);
        Tracing before = demo.tracing();
        demo.take(0);
        demo.trace(new Point(0.2, 0.3), true);
        demo.trace(new Point(0.21, 0.31), false);
        assertThat(demo.piece().orElseThrow().outline())
                .hasSize(before.pieces().get(0).outline().size() + 2);
        studio.undo();
        studio.undo();
        assertThat(demo.tracing()).isEqualTo(before);
        studio.redo();
        studio.keeper().close();
        studio = Studios.open(folder);
        assertThat(new TraceDesk(studio, "dressing-jacket")
                        .piece()
                        .orElseThrow()
                        .outline())
                .hasSize(before.pieces().get(0).outline().size() + 1);
    }

    @Test
    void tap_afterAKnotAtHand_comesAfterIt_andItCanBeTurnedAndRemoved() {
        demo.take(0);
        demo.takeKnot(1);
        demo.trace(new Point(0.5, 0.5), false);
        assertThat(demo.knotAt()).isEqualTo(2);
        assertThat(demo.piece().orElseThrow().outline().get(2).at()).isEqualTo(new Point(0.5, 0.5));
        demo.turnKnot();
        assertThat(demo.piece().orElseThrow().outline().get(2).corner()).isTrue();
        demo.dropKnot();
        assertThat(demo.piece().orElseThrow().outline())
                .noneMatch(knot -> knot.at().equals(new Point(0.5, 0.5)));
    }

    @Test
    void grid_isMarkedInTurn_thenTheNearestMarkMoves() {
        demo.clearMarks();
        assertThat(demo.paper().missing()).isEqualTo("The grid needs 4 marks: 0 are set. Tap its four corners");
        for (Point at : List.of(new Point(0.1, 0.1), new Point(0.9, 0.1), new Point(0.9, 0.7), new Point(0.1, 0.7))) {
            demo.mark(at);
        }
        demo.mark(new Point(0.88, 0.69));
        assertThat(demo.tracing().grid().marks().get(2)).isEqualTo(new Point(0.88, 0.69));
        demo.grid(Grid.Way.TWO_POINTS, 20, 0, 27.07);
        assertThat(demo.tracing().grid().marks()).hasSize(2);
        assertThat(demo.paper().missing()).isEmpty();
    }

    @Test
    void statedEase_changesTheBodyThatItWasMadeFor() {
        double before = demo.made().get(0).body();
        demo.ease("bust", Length.ofMillimetres(76.2));
        assertThat(demo.made().get(0).body()).isCloseTo(before - 25.4, within(1e-6));
        demo.use("neck", false);
        assertThat(demo.sheet().sheet().orElseThrow().requiredMeasures()).noneMatch(ids -> ids.contains("neck-base"));
    }

    private String copy() {
        Costume costume = studio.histories().allCostumes().stream()
                .filter(each -> each.id().equals("secretary-1906"))
                .findFirst()
                .orElseThrow();
        Garment blouse = costume.garment("Blouse").orElseThrow();
        studio.open(costume.id());
        return TracingCommands.copy(
                studio,
                costume,
                blouse,
                blouse.versions().get(0),
                blouse.versions().get(0).finished().orElseThrow());
    }

    @Test
    void copyOfAnEarlierVersion_saysWhatItIs_andLeavesTheOriginal() {
        Costume before = studio.histories().allCostumes().get(0);
        TraceDesk copy = new TraceDesk(studio, copy());
        Tracing.About about = copy.tracing().about();
        assertThat(about.source().kind()).isEqualTo(SheetSource.Kind.OWN);
        assertThat(about.source().words())
                .contains("Blouse")
                .contains("version 1, 2026-04-14")
                .contains("no allowance is included");
        assertThat(copy.sheet().wrong()).isEmpty();
        assertThat(copy.made()).extracting(each -> each.landmark().id()).contains("bust", "neck");
        assertThat(studio.histories().allCostumes().get(0)).isEqualTo(before);
    }

    @Test
    void neckOfOnePattern_isPutOnTheBodyOfAnother() {
        TraceDesk copy = new TraceDesk(studio, copy());
        int front = copy.tracing().pieces().stream()
                .map(each -> each.name())
                .toList()
                .indexOf("front");
        copy.take(front);
        PaperPiece jacket = PaperPiece.of(
                demo.tracing().pieces().get(1), demo.tracing().grid().paper());
        Graft.Grafted grafted = copy.graft("neck", "neck", jacket, "neck", "neck", Graft.By.BOTH_ENDS);
        assertThat(copy.piece().orElseThrow()).isEqualTo(grafted.piece());
        demo.take(1);
        assertThatThrownBy(() -> demo.graft("neck", "neck", jacket, "neck", "neck", Graft.By.BOTH_ENDS))
                .hasMessageContaining("not onto a picture");
    }

    @Test
    void drapedPiece_isEnteredByNumbers_andBecomesASheet() {
        TracingCommands beginnings = new TracingCommands(studio);
        TraceDesk draped = new TraceDesk(studio, beginnings.numbers());
        draped.enter(
                new Offsets(
                        "back",
                        List.of(
                                new Offsets.Row(0, 3, 0, true, "neck"),
                                new Offsets.Row(-18, 72, 74, true, "shoulder"),
                                new Offsets.Row(25, 190, 192, true, "armscye"),
                                new Offsets.Row(205, 240, 244, true, "side"),
                                new Offsets.Row(400, 195, 199, true, "waist"),
                                new Offsets.Row(400, 0, 0, true, "centre")),
                        true),
                Offsets.Take.MEAN,
                6);
        draped.level("bust", new Point(0, 205));
        draped.level("waist", new Point(0, 400));
        assertThat(draped.sheet().wrong()).isEmpty();
        assertThat(draped.made())
                .extracting(each -> each.landmark().id())
                .containsExactly("bust", "waist", "neck", "shoulder", "back-length");
        assertThat(draped.tracing().about().system()).isEqualTo(Tracing.Kind.DRAPED);
        assertThat(draped.tracing().pieces().get(0).outline().get(2).at().x()).isEqualTo(191);
    }

    @Test
    void patternInSizes_saysWhichOfItsSizesAWearerTakes() {
        TraceDesk sized = new TraceDesk(studio, "dressing-jacket-in-sizes");
        assertThat(sized.sheet().wrong()).isEmpty();
        assertThat(sized.sizeFor(Inputs.of(Map.of("full-bust", 975.0)))
                        .orElseThrow()
                        .in(LengthFormat.CENTIMETRES))
                .isEqualTo("Size 96 by Full bust, 1.5 cm away");
        assertThat(sized.sizeFor(Inputs.of(Map.of("full-bust", 800.0)))
                        .orElseThrow()
                        .in(LengthFormat.CENTIMETRES))
                .isEqualTo("Beyond the chart: size 92 comes nearest by Full bust, 12.0 cm away");
        assertThat(demo.sizeFor(Inputs.of(Map.of("full-bust", 975.0)))).isEmpty();
    }

    @Test
    void tapping_asksForThePlacesOfADart_oneByOne() {
        Tapping tapping = new Tapping(demo);
        demo.take(1);
        assertThat(tapping.tap(new Point(0.4, 0.4))).isFalse();
        tapping.dart();
        assertThat(tapping.words()).isEqualTo("Tap the point of the dart.");
        tapping.tap(new Point(0.4, 0.4));
        tapping.tap(new Point(0.39, 0.5));
        assertThat(tapping.words()).isEqualTo("Tap the end of its other leg.");
        tapping.tap(new Point(0.41, 0.5));
        assertThat(demo.piece().orElseThrow().darts()).hasSize(1);
        assertThat(tapping.words()).isEmpty();
        tapping.level("under-bust");
        tapping.tap(new Point(0.4, 0.35));
        assertThat(demo.piece().orElseThrow().levels()).containsKey("under-bust");
        assertThat(demo.sheet().wrong()).isEmpty();
    }
}
