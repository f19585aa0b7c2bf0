package org.soberhem.library.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.trace.DrawnBodyMeasure;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.ScaledSheet;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.Tracing;
import org.soberhem.library.bodies.Bodies;

/**
 * Every shipped sheet, drawn at its middle size, traced, and scaled again: what a maker does with an earlier pattern.
 */
class EverySheetTracedTest {

    /** Seams that differ by less are made equal: a hand traces no better. In millimetres. */
    private static final double EVENED = 4.0;

    private static final List<Inputs> SOME = Stream.iterate(0, i -> i + 13)
            .limit(39)
            .map(i -> Bodies.all().get(i))
            .toList();

    static Stream<String> ids() {
        return Plates.LIBRARY.sheets().stream().map(sheet -> sheet.sheet().id());
    }

    /** Traces a sheet's pattern, with the ease that it has over its own middle body. */
    private static Tracing traced(CompiledSheet sheet, Pattern pattern) {
        Tracing tracing = Tracing.begun(
                        Tracing.About.begun(
                                sheet.sheet().id(),
                                Tracing.Kind.TRACED,
                                SheetSource.guessed("a copy of the shipped sheet")),
                        Optional.empty(),
                        Grid.PAPER)
                .with(TracedCopy.of(pattern, TracedCopy.EXACT));
        for (DrawnBodyMeasure made :
                DrawnBodyMeasure.of(tracing.paper(), Plates.LIBRARY.landmarks(), Map.of(), Set.of())) {
            Optional<Inputs.Measured> own = made.landmark().measures().stream()
                    .flatMap(id -> sheet.middle().find(id).stream())
                    .findFirst();
            tracing = own.isPresent()
                    ? tracing.easing(
                            made.landmark().id(), made.drawn() - own.get().on(Side.MIDDLE))
                    : tracing.using(made.landmark().id(), false);
        }
        return tracing;
    }

    private static Pattern pattern(CompiledSheet sheet) {
        return Drafter.draft(sheet, sheet.middle()).pattern();
    }

    @ParameterizedTest
    @MethodSource("ids")
    void copy_atItsOwnSize_isThePattern_byEveryWay(String id) {
        CompiledSheet sheet = Plates.LIBRARY.sheet(id).orElseThrow();
        Pattern pattern = pattern(sheet);
        CompiledSheet copy = Plates.sheet(traced(sheet, pattern));
        int ways = copy.sheet().choices().isEmpty() ? 1 : ScaledSheet.WAYS.size();
        for (int way = 0; way < ways; way++) {
            Inputs inputs = ways == 1 ? copy.middle() : copy.middle().withSetting(ScaledSheet.SCALING, way);
            Pattern drawn = Drafter.draft(copy, inputs).pattern();
            for (String name : pattern.names()) {
                Piece piece = pattern.piece(name, Side.LEFT).orElseThrow();
                Piece mine = drawn.piece(name, Side.LEFT).orElseThrow();
                assertThat(mine.edges()).hasSameSizeAs(piece.edges());
                for (Edge edge : piece.edges()) {
                    assertThat(mine.edge(edge.name()).orElseThrow().path().length())
                            .as("%s.%s of %s, way %s", name, edge.name(), id, way)
                            .isCloseTo(edge.path().length(), within(EVENED));
                }
            }
        }
    }

    /** What a maker can see on paper: 1/16 in. */
    private static final double SEEN = 25.4 / 16;

    @ParameterizedTest
    @MethodSource("ids")
    void r1_tracedAsItIs_everyEdgeStays_whoeverWearsIt_andNoSeamIsInvented(String id) {
        CompiledSheet sheet = Plates.LIBRARY.sheet(id).orElseThrow();
        Pattern pattern = pattern(sheet);
        CompiledSheet copy = Plates.sheet(traced(sheet, pattern).asItIs(true));
        assertThat(copy.sheet().choices()).as("nothing scales it").isEmpty();
        for (Inputs body : List.of(SOME.get(0), SOME.get(20))) {
            Pattern drawn = Drafter.draft(copy, body).pattern();
            for (String name : pattern.names()) {
                Piece piece = pattern.piece(name, Side.LEFT).orElseThrow();
                Piece mine = drawn.piece(name, Side.LEFT).orElseThrow();
                for (Edge edge : piece.edges()) {
                    assertThat(mine.edge(edge.name()).orElseThrow().path().length())
                            .as("%s.%s of %s", name, edge.name(), id)
                            .isCloseTo(edge.path().length(), within(SEEN));
                }
            }
            assertThat(drawn.seams()).as(id).noneMatch(seam -> seam.kind().byFullness());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"bodice-1580", "shirt-1780", "blouse-1906"})
    void r2_edgesNamedAlike_areNeverGatheredUnasked_andAreWhereTheMakerSaysSo(String id) {
        CompiledSheet sheet = Plates.LIBRARY.sheet(id).orElseThrow();
        Tracing tracing = traced(sheet, pattern(sheet));
        assertThat(pattern(Plates.sheet(tracing)).seams())
                .as(id)
                .noneMatch(seam -> seam.kind().byFullness());
        assertThat(tracing.alike()).isNotEmpty();
        for (Tracing.Alike pair : tracing.alike()) {
            assertThat(Math.max(pair.length(), pair.otherLength()))
                    .isGreaterThan(1.25 * Math.min(pair.length(), pair.otherLength()));
            Tracing said = tracing.gathering(pair.key(), true);
            assertThat(said.alike()).filteredOn(Tracing.Alike::gathered).hasSize(1);
            assertThat(pattern(Plates.sheet(said)).seams())
                    .filteredOn(seam -> seam.kind().byFullness())
                    .hasSize(1);
            assertThat(said.gathering(pair.key(), false)).isEqualTo(tracing);
        }
    }

    @ParameterizedTest
    @MethodSource("ids")
    void copy_onManyBodies_isDrawnWithoutCrossing_orRefusedInWords(String id) {
        CompiledSheet sheet = Plates.LIBRARY.sheet(id).orElseThrow();
        CompiledSheet copy = Plates.sheet(traced(sheet, pattern(sheet)));
        int refused = 0;
        for (Inputs body : SOME) {
            try {
                Drafter.draft(copy, body)
                        .pattern()
                        .pieces()
                        .forEach(piece -> assertThat(piece.seamLine().crossing())
                                .as(piece.name())
                                .isEmpty());
            } catch (DraftException words) {
                assertThat(words.getMessage()).hasSizeGreaterThan(30);
                refused++;
            }
        }
        // A strap on a square neck leaves the arm-hole little to be found by: there the maker takes off ticks.
        assertThat(refused).isLessThanOrEqualTo(id.equals("bodice-1530") ? SOME.size() / 2 : SOME.size() / 15);
    }

    /** Fitted garments of front and back, of panels, of rectangles, and a sleeve: seams true, landmarks met. */
    @ParameterizedTest
    @ValueSource(strings = {"blouse-1906", "jacket-1778", "shift-1750", "chemise-1910", "sleeve-1837"})
    void copy_onManyBodies_hasTrueSeams_andMeetsItsLandmarks(String id) {
        CompiledSheet sheet = Plates.LIBRARY.sheet(id).orElseThrow();
        CompiledSheet copy = Plates.sheet(traced(sheet, pattern(sheet)));
        for (Inputs body : SOME) {
            Pattern drawn = Drafter.draft(copy, body).pattern();
            assertThat(drawn.seamChecks()).allMatch(SeamCheck::isTrue);
            for (CheckResult check : Checks.of(copy, body, drawn)) {
                assertThat(check.is()).as(check.name()).isCloseTo((check.least() + check.most()) / 2, within(0.5));
            }
        }
    }
}
