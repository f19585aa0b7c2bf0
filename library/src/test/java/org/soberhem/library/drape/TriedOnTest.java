package org.soberhem.library.drape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ForkJoinPool;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Build;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.drape.BodyField;
import org.soberhem.core.drape.ClothKind;
import org.soberhem.core.drape.ClothTension;
import org.soberhem.core.drape.Draped;
import org.soberhem.core.drape.ReadOff;
import org.soberhem.core.drape.TryOn;
import org.soberhem.core.drape.WornFinding;
import org.soberhem.core.drape.WornFindings;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.stand.CutFromStand;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.core.worn.CannotTryOn;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;

/** What is known beforehand of a garment that is tried on. */
class TriedOnTest {

    private static final int BODY = 350;
    private static final double LIMIT = ClothTension.DRAWN;
    private static final TryOn.Plan ARMLESS = new TryOn.Plan(ClothKind.MUSLIN, 15, false);
    private static final TryOn.Plan COARSE = new TryOn.Plan(ClothKind.MUSLIN, 30, true);

    private static Stand stand;
    private static BodyField body;
    private static CutFromStand.Cut cut;

    @BeforeAll
    static void makeStand() {
        stand = stand(BODY);
        body = BodyField.of(stand);
        cut = CutFromStand.of(stand, ClothKind.MUSLIN.thickness());
    }

    private static Stand stand(int number) {
        Map<String, Double> read = new HashMap<>();
        Bodies.all().get(number).measures().forEach((measure, value) -> read.put(measure, value.right()));
        return StandMaker.of(new BodyFigure(
                Library.shipped().figurePlan(), Build.ADULT, measure -> read.getOrDefault(measure, Double.NaN)));
    }

    private static Draped tried(Pattern pattern, TryOn.Plan plan) {
        return TryOn.on(stand, body, pattern, plan, TryOn.Onlooker.NONE);
    }

    /** Returns the share of the pieces of a name that is drawn by more than a hundredth. */
    private static double drawn(Draped draped, String name) {
        return new ClothTension(draped)
                .pieces(LIMIT).stream()
                        .filter(piece -> piece.piece().startsWith(name))
                        .mapToDouble(ClothTension.OfPiece::drawn)
                        .average()
                        .orElseThrow();
    }

    private static Pattern wider(String name, double factor) {
        return cut.pattern()
                .withPieces(cut.pattern().pieces().stream()
                        .map(piece -> piece.name().startsWith(name) ? wider(piece, factor) : piece)
                        .toList());
    }

    private static Piece wider(Piece piece, double factor) {
        return piece.with(changed -> changed.edges(piece.edges().stream()
                .map(edge -> edge.withPath(edge.path().mapped(place -> new Point(place.x() * factor, place.y()))))
                .toList()));
    }

    /** What the core tries on in if nothing is said is what the library calls muslin. */
    @Test
    void muslin_isTheLibrarys() {
        assertThat(Library.shipped().clothFor("bodice")).isEqualTo(ClothKind.MUSLIN);
        assertThat(Library.shipped().clothKinds()).hasSize(12).first().isEqualTo(ClothKind.MUSLIN);
    }

    /** The most important one: what was cut from the stand lies on it again as it was cut. */
    @Test
    void patternCutFromTheStand_liesAsItWasCut() {
        Draped draped = tried(cut.pattern(), ARMLESS);
        assertThat(cut.distortion()).isLessThan(0.025);
        assertThat(drawn(draped, "")).isLessThan(ClothTension.NOISE_OF_AREA);
        assertThat(Math.abs(new ReadOff(draped).edges().get("waist"))).isLessThan(ReadOff.NOISE_OF_EDGES);
        double around = 2 * Math.PI * ClothKind.MUSLIN.thickness();
        assertThat(new ReadOff(draped).levels()).isNotEmpty().allSatisfy(level -> {
            double surface = CutFromStand.around(stand, stand.levels().get(level.level()));
            assertThat(level.cloth() - surface).isCloseTo(around, within(ReadOff.NOISE_OF_EASE));
        });
        assertThat(WornFindings.of(draped, ClothKind.MUSLIN.drawn().gives()))
                .noneMatch(finding -> finding.kind() == WornFinding.Kind.TIGHT);
    }

    /** A bust that overhangs the cloth beneath it must not lift it. */
    @Test
    void patternCutFromAnotherStand_liesAsItWasCutToo() {
        Stand other = stand(480);
        Draped draped = TryOn.on(
                other,
                BodyField.of(other),
                CutFromStand.of(other, ClothKind.MUSLIN.thickness()).pattern(),
                ARMLESS,
                TryOn.Onlooker.NONE);
        assertThat(drawn(draped, "")).isLessThan(ClothTension.NOISE_OF_AREA);
        assertThat(Math.abs(new ReadOff(draped).edges().get("waist"))).isLessThan(ReadOff.NOISE_OF_EDGES);
    }

    @Test
    void narrowerFront_isTightThere_andWiderIsNowhere() {
        Draped narrow = tried(wider("front", 0.95), ARMLESS);
        assertThat(drawn(narrow, "front")).isGreaterThan(5 * ClothTension.NOISE_OF_AREA);
        assertThat(WornFindings.of(narrow, LIMIT))
                .filteredOn(finding -> finding.kind() == WornFinding.Kind.TIGHT)
                .isNotEmpty();
        assertThat(drawn(tried(wider("", 1.06), ARMLESS), "")).isLessThan(0.02);
    }

    @Test
    void sameGarment_isTheSame_forOneThreadAndForTwo() throws Exception {
        double[] one = inThreads(1);
        assertThat(inThreads(2)).isEqualTo(one);
    }

    private static double[] inThreads(int threads) throws Exception {
        ForkJoinPool pool = new ForkJoinPool(threads);
        try {
            return pool.submit(() -> tried(cut.pattern(), COARSE).places()).get();
        } finally {
            pool.shutdown();
        }
    }

    @Test
    void bodiceWithSleevesAndCollar_comesToLieOutsideTheBody() {
        CompiledSheet sheet = Library.shipped().sheet("bodice-1883").orElseThrow();
        Draped draped = tried(Drafter.draft(sheet, Bodies.all().get(BODY)).pattern(), TryOn.Plan.USUAL);
        // Only in the crease where arm meets trunk is there no room for cloth.
        assertThat(new ReadOff(draped).within()).isLessThan(0.01);
        assertThat(new ReadOff(draped).wrist(Side.LEFT)).isPresent();
        assertThat(draped.mesh().worn().leftOut()).isEmpty();
    }

    @Test
    void onlookerWhoWantsNoMore_stopsItAtOnce() {
        assertThatThrownBy(() -> TryOn.on(stand, body, cut.pattern(), COARSE, (share, now) -> false))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void onlooker_hearsGrowingShares_andSeesItOnTheWay() {
        List<Double> shares = new ArrayList<>();
        TryOn.on(stand, body, cut.pattern(), COARSE, (share, now) -> {
            shares.add(share);
            return now.get().places().length > 0;
        });
        assertThat(shares).isSorted().hasSizeGreaterThan(10).allMatch(share -> share > 0 && share <= 1);
    }

    @Test
    void skirtAndCape_areRefusedByWhatIsMissing() {
        for (String id : List.of("walking-skirt-1906", "cape-1780", "petticoat-1778")) {
            CompiledSheet sheet = Library.shipped().sheet(id).orElseThrow();
            assertThatThrownBy(() -> tried(Drafter.draft(sheet, sheet.middle()).pattern(), COARSE))
                    .isInstanceOf(CannotTryOn.class)
                    .hasMessageContaining("round the trunk");
        }
    }

    @Test
    void pieceThatHangsOnNothing_isNamed() {
        Pattern torn = cut.pattern()
                .with(
                        cut.pattern().pieces(),
                        cut.pattern().seams().stream()
                                .filter(seam -> !seam.name().contains("back 1"))
                                .toList());
        assertThatThrownBy(() -> tried(torn, COARSE))
                .isInstanceOf(CannotTryOn.class)
                .hasMessageContaining("no seam joins it to the front");
    }
}
