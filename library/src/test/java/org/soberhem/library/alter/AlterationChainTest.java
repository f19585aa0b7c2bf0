package org.soberhem.library.alter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.alter.Effect;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.alter.kind.Outcome;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;
import org.soberhem.library.Library;

class AlterationChainTest {

    private static final double MM = 1e-6;
    private static final int CHAIN = 8;
    private static final Library LIBRARY = Library.shipped();

    private static Pattern middle(String id) {
        CompiledSheet sheet = LIBRARY.sheet(id).orElseThrow();
        return Drafter.draft(sheet, sheet.middle()).pattern();
    }

    private static Alteration any(Pattern pattern, Random random) {
        Sides sides = Sides.values()[random.nextInt(3)];
        double amount = (random.nextDouble() - 0.5) * 50;
        List<String> levels = pattern.pieces().stream()
                .flatMap(piece -> piece.levels().keySet().stream())
                .distinct()
                .toList();
        List<Seam> seams = pattern.seams().stream()
                .filter(seam -> seam.first().size() == 1 && seam.second().size() == 1)
                .toList();
        if (seams.isEmpty() || !levels.isEmpty() && random.nextBoolean()) {
            String level = levels.get(random.nextInt(levels.size()));
            return random.nextBoolean()
                    ? LengthenAtLevel.evenly(level, amount, sides)
                    : new LengthenAtLevel(level, 0, amount / 2, amount, sides);
        }
        EdgeRef edge = seams.get(random.nextInt(seams.size())).first().get(0);
        return new TakeInSeam(edge, amount, random.nextBoolean() ? amount : 0, sides);
    }

    @ParameterizedTest
    @ValueSource(longs = {101, 102, 103, 104, 105, 106, 107, 108, 109, 110})
    void chain_ofAnyAlterations_staysClosedAndTrue_andEveryPlaceKeepsItsName(long seed) {
        Random random = new Random(seed);
        for (CompiledSheet sheet : LIBRARY.sheets()) {
            Pattern start = middle(sheet.sheet().id());
            Pattern pattern = start;
            int done = 0;
            for (int i = 0; i < CHAIN; i++) {
                Outcome outcome = any(pattern, random).apply(pattern);
                done += outcome.refusal().isPresent() ? 0 : 1;
                pattern = outcome.pattern();
            }
            if (!"rectangles".equals(sheet.sheet().about().system())) {
                assertThat(done).as("seed %d", seed).isPositive();
            }
            assertThat(pattern.seamChecks())
                    .filteredOn(check -> check.seam().kind() == Seam.Kind.PLAIN)
                    .as("seed %d", seed)
                    .allMatch(SeamCheck::isTrue);
            for (int i = 0; i < start.pieces().size(); i++) {
                Piece before = start.pieces().get(i);
                Piece after = pattern.pieces().get(i);
                assertThat(after.points().keySet()).isEqualTo(before.points().keySet());
                assertThat(after.levels().keySet()).isEqualTo(before.levels().keySet());
                assertThat(after.edges())
                        .extracting(Edge::name)
                        .isEqualTo(before.edges().stream().map(Edge::name).toList());
                assertThat(after.seamLine().crossing())
                        .as("seed %d, %s", seed, after.name())
                        .isEmpty();
                assertThat(after.cuttingLine().signedArea())
                        .isGreaterThan(after.seamLine().signedArea() - MM);
            }
        }
    }

    @Test
    void twoLevels_lengthenedInEitherOrder_giveTheSame() {
        Pattern start = middle("blouse-1906");
        Alteration midriff = LengthenAtLevel.evenly("midriff", 20, Sides.BOTH);
        Alteration waist = LengthenAtLevel.evenly("waist", -10, Sides.BOTH);
        Pattern one = waist.apply(midriff.apply(start).pattern()).pattern();
        Pattern other = midriff.apply(waist.apply(start).pattern()).pattern();
        for (int i = 0; i < one.pieces().size(); i++) {
            assertThat(one.pieces().get(i).sameShapeAs(other.pieces().get(i), MM))
                    .isTrue();
        }
    }

    @Test
    void oneSide_thenTheOther_isBoth() {
        Pattern start = middle("blouse-1906");
        EdgeRef side = EdgeRef.parse("back.side");
        Pattern apart = new TakeInSeam(side, 12, 4, Sides.RIGHT)
                .apply(new TakeInSeam(side, 12, 4, Sides.LEFT).apply(start).pattern())
                .pattern();
        Pattern together = new TakeInSeam(side, 12, 4, Sides.BOTH).apply(start).pattern();
        assertThat(Effect.between(apart, together)).isEmpty();
        assertThat(apart.girth("bust", List.of("front", "back")))
                .isCloseTo(together.girth("bust", List.of("front", "back")), within(MM));
    }

    @Test
    void work_altersOverADraftOfAnotherSize_atTheSamePlaces() {
        CompiledSheet sheet = LIBRARY.sheet("blouse-1906").orElseThrow();
        List<Alteration> alterations = new ArrayList<>();
        alterations.add(LengthenAtLevel.evenly("midriff", 25.4, Sides.BOTH));
        alterations.add(new TakeInSeam(EdgeRef.parse("back.side"), 10, 10, Sides.BOTH));
        for (double bust : new double[] {800, 914.4, 1100, 1250}) {
            var inputs = sheet.middle().with("full-bust", Inputs.Measured.both(bust));
            DraftedGarment plain = DraftedGarment.of(sheet, inputs, List.of());
            DraftedGarment altered = DraftedGarment.of(sheet, inputs, alterations);
            assertThat(altered.refused()).isEmpty();
            double before = plain.pattern().length(EdgeRef.parse("back.centre"), Side.LEFT);
            assertThat(altered.pattern().length(EdgeRef.parse("back.centre"), Side.LEFT))
                    .isCloseTo(before + 25.4, within(MM));
        }
    }
}
