package org.soberhem.library.alter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.soberhem.core.alter.AlterationKind;
import org.soberhem.core.alter.AlterationValues;
import org.soberhem.core.alter.Places;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.EvenAllowances;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;

/** Every alteration of the library on every shipped sheet. */
class AlterationsOnSheetsTest {

    private static final Library LIBRARY = Library.shipped();
    private static final List<Inputs> BODIES = Bodies.all();

    /** Every how manieth of the measured bodies is tried here; the bench tries all. */
    private static final int EVERY = 46;

    static Stream<AlterationKind> kinds() {
        return LIBRARY.alterations().stream();
    }

    private static Pattern middle(CompiledSheet sheet) {
        return Drafter.draft(sheet, sheet.middle()).pattern();
    }

    private static Optional<Alteration> usual(AlterationKind kind, Pattern pattern) {
        return kind.usual(pattern).map(answers -> kind.make(answers, Sides.BOTH));
    }

    private static Pattern joined(Pattern pattern) {
        return LIBRARY.alterations().stream()
                .filter(kind -> kind.does().equals("join-pieces"))
                .flatMap(kind -> usual(kind, pattern).stream())
                .map(join -> join.apply(pattern).pattern())
                .findFirst()
                .orElse(pattern);
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void kind_isMadeOnSomeSheet_atItsUsualAmount(AlterationKind kind) {
        int made = 0;
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Pattern drawn = middle(sheet);
            // Only where two pieces were joined is there a dart within a piece.
            Pattern pattern = kind.does().equals("divide-dart") ? joined(drawn) : drawn;
            Optional<Alteration> alteration = usual(kind, pattern);
            if (alteration.isPresent()) {
                Outcome outcome = alteration.get().apply(pattern);
                made += outcome.refusal().isEmpty() || outcome.completed().isPresent() ? 1 : 0;
                Map<String, Object> answers = kind.answers(alteration.get()).orElseThrow();
                assertThat(kind.make(answers, Sides.BOTH))
                        .as("its answers make it again")
                        .isEqualTo(alteration.get());
            }
        }
        assertThat(made).as(kind.name()).isPositive();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void kind_onMeasuredBodies_isSound_orRefusedInWords(AlterationKind kind) {
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            for (int body = 0; body < BODIES.size(); body += EVERY) {
                Pattern pattern;
                try {
                    pattern = Drafter.draft(sheet, BODIES.get(body)).pattern();
                } catch (DraftException refusedBody) {
                    continue;
                }
                usual(kind, pattern).ifPresent(alteration -> assertSound(alteration, pattern));
            }
        }
    }

    private static void assertSound(Alteration alteration, Pattern pattern) {
        Outcome outcome = alteration.apply(pattern);
        if (outcome.refusal().isPresent()) {
            assertThat(outcome.refusal().get().in(LengthFormat.INCH_EIGHTHS)).hasSizeGreaterThan(20);
            assertThat(outcome.pattern()).isSameAs(pattern);
            return;
        }
        for (Piece piece : outcome.pattern().pieces()) {
            assertThat(piece.seamLine().crossing())
                    .as("%s: %s", alteration, piece.name())
                    .isEmpty();
            List<Edge> edges = piece.edges();
            for (int i = 0; i < edges.size(); i++) {
                Edge next = edges.get((i + 1) % edges.size());
                assertThat(edges.get(i).path().end().distanceTo(next.path().start()))
                        .as("%s: %s %s", alteration, piece.name(), edges.get(i).name())
                        .isLessThan(1e-4);
            }
        }
    }

    @Test
    void everyPlaceThatIsOffered_canBeAnswered() {
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Pattern pattern = middle(sheet);
            for (AlterationKind.As as : AlterationKind.As.values()) {
                if (as.isPlace()) {
                    List<Object> places =
                            Places.of(pattern, as, Optional.of(pattern.names().get(0)));
                    assertThat(places).doesNotHaveDuplicates();
                }
            }
        }
    }

    @Test
    void takingOneOutOfTheChain_restoresThePatternExactly() {
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Pattern start = middle(sheet);
            List<Alteration> chain = new ArrayList<>();
            Pattern pattern = start;
            for (AlterationKind kind : LIBRARY.alterations()) {
                Optional<Alteration> next = usual(kind, pattern);
                if (next.isPresent()) {
                    chain.add(next.get());
                    pattern = next.get().apply(pattern).pattern();
                }
            }
            DraftedGarment without = DraftedGarment.of(sheet, sheet.middle(), List.of());
            assertThat(without.pattern()).isEqualTo(start);
            List<Alteration> shorter = chain.subList(0, chain.size() - 1);
            Pattern before = start;
            for (Alteration each : shorter) {
                before = each.apply(before).pattern();
            }
            assertThat(DraftedGarment.of(sheet, sheet.middle(), shorter).pattern())
                    .isEqualTo(before);
            DraftedGarment whole = DraftedGarment.of(sheet, sheet.middle(), chain);
            assertThat(whole.pattern()).isEqualTo(pattern);
            assertThat(Sums.of(sheet, sheet.middle(), pattern, new SumInputs.Circumstances(1900, LIBRARY.usages())))
                    .hasSameSizeAs(
                            Sums.of(sheet, sheet.middle(), start, new SumInputs.Circumstances(1900, LIBRARY.usages())));
        }
    }

    @Test
    void cuttingEdges_lieAtTheirAllowance_awayFromCorners_alsoAfterTheSeamsKindWasChosen() {
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Pattern pattern = new EvenAllowances(12.7, Sides.BOTH).made(middle(sheet));
            for (Piece piece : pattern.pieces()) {
                Outline cut = piece.cuttingLine();
                for (Edge edge : piece.edges()) {
                    Path path = edge.path();
                    if (edge.allowance() == 0 || path.length() < 8 * edge.allowance()) {
                        continue;
                    }
                    Point at = path.atShare(0.5);
                    Point along = path.atShare(0.501).minus(path.atShare(0.499)).unit();
                    double nearest = cut.cuts(at, along.outward()).stream()
                            .filter(distance -> distance > 0)
                            .findFirst()
                            .orElse(Double.NaN);
                    assertThat(nearest)
                            .as("%s %s %s", sheet.sheet().id(), piece.name(), edge.name())
                            .isCloseTo(edge.allowance(), within(0.05));
                }
            }
        }
    }

    @Test
    void completedAlteration_leavesNoPlainSeamTorn() {
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Pattern pattern = middle(sheet);
            for (AlterationKind kind : LIBRARY.alterations()) {
                usual(kind, pattern)
                        .flatMap(alteration -> alteration.apply(pattern).completed())
                        .ifPresent(
                                both -> assertThat(both.apply(pattern).pattern().seamChecks())
                                        .as("%s: %s", sheet.sheet().id(), both)
                                        .filteredOn(check -> check.seam().kind() == Seam.Kind.PLAIN)
                                        .allMatch(SeamCheck::isTrue));
            }
        }
    }

    @Test
    void catalogue_namesEveryChange_andAsksOrFixesAllThatItTakes() {
        Set<String> done = new HashSet<>();
        Set<String> ids = new HashSet<>();
        for (AlterationKind kind : LIBRARY.alterations()) {
            assertThat(ids.add(kind.id())).as(kind.id()).isTrue();
            done.add(kind.does());
            Set<String> given = new HashSet<>(kind.fixed().keySet());
            kind.asks()
                    .forEach(ask ->
                            assertThat(given.add(ask.name())).as(kind.id()).isTrue());
            given.add("sides");
            Set<String> taken = new HashSet<>();
            Stream.of(AlterationValues.type(kind.does()).getRecordComponents())
                    .forEach(part -> taken.add(part.getName()));
            assertThat(given).as(kind.id()).isEqualTo(taken);
        }
        Set<String> all = new HashSet<>();
        for (Class<?> type : Alteration.class.getPermittedSubclasses()) {
            all.add(AlterationValues.kind(type));
        }
        // What is made as one is put together by the application, never chosen.
        all.remove("together");
        assertThat(done).isEqualTo(all);
    }

    @Test
    void tradeWords_findTheAlteration() {
        for (Map.Entry<String, String> each : Map.ofEntries(
                        Map.entry("hollow-back", "hollow-back-wedge"),
                        Map.entry("pitch", "sleeve-pitch"),
                        Map.entry("gusset", "underarm-gusset"),
                        Map.entry("princess", "princess-room"),
                        Map.entry("double-breasted", "add-overlap"),
                        Map.entry("felled", "sew-seam"),
                        Map.entry("yoke", "add-yoke"),
                        Map.entry("two-piece", "two-piece-sleeve"),
                        Map.entry("bias", "change-grain"),
                        Map.entry("one high shoulder", "shoulder-slope"),
                        Map.entry("gapes", "neck-wedge"))
                .entrySet()) {
            assertThat(LIBRARY.alterations())
                    .filteredOn(kind -> kind.isCalled(each.getKey()))
                    .extracting(AlterationKind::id)
                    .contains(each.getValue());
        }
    }
}
