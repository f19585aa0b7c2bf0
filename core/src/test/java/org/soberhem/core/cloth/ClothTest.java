package org.soberhem.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.CutShape;

/** Shrinkage, the stash, strips, moves by hand, ways out. */
class ClothTest {

    private static Outline box(double wide, double high) {
        return new Outline(List.of(new Point(0, 0), new Point(wide, 0), new Point(wide, high), new Point(0, high)));
    }

    /** Closed forms: what loses a share s is 1 − s of what it was. */
    @Test
    void shrinkageIsReckonedThereAndBack() {
        Shrinkage lost = Shrinkage.measured(200, 190, 196);
        assertThat(lost.mostAlong()).isCloseTo(0.05, within(1e-12));
        assertThat(lost.mostAcross()).isCloseTo(0.02, within(1e-12));
        assertThat(lost.before(1900)).isCloseTo(2000, within(1e-9));
        assertThat(lost.along(lost.before(3456))).isCloseTo(3456, within(1e-9));
        assertThat(lost.across(1500)).isCloseTo(1470, within(1e-9));
        assertThat(new Shrinkage(0.03, 0.08, 0, 0.05, false).before(920)).isCloseTo(1000, within(1e-9));
        assertThatThrownBy(() -> Shrinkage.measured(200, 20, 200)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Shrinkage(0.2, 0.1, 0, 0, false)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aSquareBeatsTheFibre_andWhatIsMadeReadyLosesNoMore() {
        Fibre linen = new Fibre(
                "linen", "Linen", Fibre.Treatment.WASH, 60, 30, new Shrinkage(0.03, 0.08, 0.02, 0.06, false), "", "");
        Cloth raw = Cloth.of("c", "Linen", "linen", 1500, 4000);
        assertThat(raw.shrinkage(Optional.of(linen)).mostAlong()).isEqualTo(0.08);
        Cloth tried = raw.tried(Shrinkage.measured(100, 96, 98));
        assertThat(tried.shrinkage(Optional.of(linen)).mostAlong()).isCloseTo(0.04, within(1e-12));
        Cloth ready = tried.withState(new Cloth.State(true, 60), 3840, 1470);
        assertThat(ready.shrinkage(Optional.of(linen))).isEqualTo(Shrinkage.NONE);
        assertThat(ready.state().words()).isEqualTo("washed at 60 °C");
    }

    @Test
    void theStashCountsWhatIsInHand() {
        Stash stash = Stash.EMPTY
                .with(Cloth.of("a", "A", "linen", 1, 1))
                .with(new Notion("hook", "hooks", 11, 0.1))
                .with(new Notion("hook", "big hooks", 4, 0.2));
        assertThat(stash.amount("hook")).isEqualTo(15);
        assertThat(stash.with(new Notion("hook", "hooks", 0, 0)).amount("hook")).isEqualTo(4);
        assertThat(stash.with(Cloth.of("a", "B", "linen", 1, 1)).cloths())
                .extracting(Cloth::title)
                .containsExactly("B");
        assertThat(stash.without("a").cloths()).isEmpty();
    }

    /** A shirt of squares: eight rectangles that fill 900 mm by 2400 mm without waste. */
    @Test
    void rectanglesAreCutAsStripsWithoutWaste() {
        List<Strips.Rectangle> shirt = new ArrayList<>(List.of(
                new Strips.Rectangle("body", 900, 1800),
                new Strips.Rectangle("sleeve", 450, 500),
                new Strips.Rectangle("sleeve", 450, 500),
                new Strips.Rectangle("collar", 300, 100),
                new Strips.Rectangle("cuff", 300, 100),
                new Strips.Rectangle("cuff", 300, 100)));
        Strips strips = Strips.of(shirt, 900, new SplittableRandom(3));
        assertThat(strips.length()).isCloseTo(2400, within(1e-9));
        assertThat(strips.waste()).isCloseTo(0, within(1e-9));
        assertThat(strips.threads().get(0).in(LengthFormat.CENTIMETRES)).contains("Strip 1", "180.0 cm");
    }

    @Test
    void everyRectangleComesOutOfTheStrips_whateverTheyAre() {
        SplittableRandom random = new SplittableRandom(5);
        for (int run = 0; run < 20; run++) {
            List<Strips.Rectangle> all = new ArrayList<>();
            double area = 0;
            for (int i = 0; i < 12; i++) {
                Strips.Rectangle each =
                        new Strips.Rectangle("r" + i, 50 + random.nextInt(600), 50 + random.nextInt(900));
                all.add(each);
                area += each.area();
            }
            Strips strips = Strips.of(all, 1000, random);
            List<Strips.Rectangle> out = new ArrayList<>();
            for (Strips.Strip strip : strips.strips()) {
                double across = strip.columns().stream()
                        .mapToDouble(Strips.Column::across)
                        .sum();
                assertThat(across).isLessThanOrEqualTo(1000 + 1);
                for (Strips.Column column : strip.columns()) {
                    double along = column.rectangles().stream()
                            .mapToDouble(Strips.Rectangle::along)
                            .sum();
                    assertThat(along).isLessThanOrEqualTo(strip.along() + 1);
                    assertThat(column.rectangles()).allMatch(each -> each.across() <= column.across() + 1);
                    out.addAll(column.rectangles());
                }
            }
            assertThat(out).containsExactlyInAnyOrderElementsOf(all);
            assertThat(strips.length()).isGreaterThanOrEqualTo(area / 1000);
        }
    }

    private static Lay lay() {
        List<LayPiece> pieces = List.of(
                new LayPiece("a", 1, CutShape.PLAIN, box(300, 400)),
                new LayPiece("b", 1, CutShape.PLAIN, box(200, 300)));
        return new Lay(
                pieces,
                LayRules.plain(800, false, false),
                List.of(
                        new PlacedPiece("a", 1, 0, 0, false, false, 0, false),
                        new PlacedPiece("b", 1, 400, 200, false, false, 0, false)));
    }

    @Test
    void aCutMovedByHand_snapsToWhatItNearlyTouches() {
        Lay moved = HandMove.of(lay(), 1, -93, -196).lay().orElseThrow();
        assertThat(moved.placed().get(1).x()).isCloseTo(300, within(1e-6));
        assertThat(moved.placed().get(1).y()).isCloseTo(0, within(1e-6));
    }

    @Test
    void aSmallStepAway_isNotSnappedBack() {
        Lay touching = HandMove.of(lay(), 1, -93, -196).lay().orElseThrow();
        Lay away = HandMove.of(touching, 1, 5, 5).lay().orElseThrow();
        assertThat(away.placed().get(1).x()).isCloseTo(305, within(1e-6));
        assertThat(away.placed().get(1).y()).isCloseTo(5, within(1e-6));
    }

    @Test
    void aCutThatOverlapsALittle_givesWay_andIsRefusedWhereItCannot() {
        Lay aside = HandMove.of(lay(), 1, -108, 0).lay().orElseThrow();
        assertThat(aside.clashes()).isEmpty();
        HandMove refused = HandMove.of(lay(), 1, -250, 0);
        assertThat(refused.lay()).isEmpty();
        assertThat(refused.inTheWay()).containsExactly("a");
        assertThat(HandMove.of(lay(), 1, 600, 0).inTheWay()).containsExactly("b");
    }

    @Test
    void aCutIsTurnedWhereItLies_butNotOnClothWithAWayUp() {
        Lay turned = HandMove.turned(lay(), 1).lay().orElseThrow();
        assertThat(turned.placed().get(1).turned()).isTrue();
        assertThat(turned.outlines().get(1).box().minX()).isCloseTo(400, within(1e-9));
        Lay nap = new Lay(lay().pieces(), LayRules.plain(800, false, true), lay().placed());
        assertThat(HandMove.turned(nap, 1).lay()).isEmpty();
    }

    @Test
    void aMatchedCutMovesByWholeRepeats() {
        LayPiece matched = new LayPiece("m", 1, CutShape.PLAIN, box(100, 100), false, Optional.of(new Point(50, 50)));
        Lay lay = new Lay(
                List.of(matched),
                new LayRules(800, false, false, false, 0, 0, 60, 40),
                List.of(new PlacedPiece("m", 1, 10, 30, false, false, 0, false)));
        PlacedPiece moved =
                HandMove.of(lay, 0, 100, 95).lay().orElseThrow().placed().get(0);
        assertThat(moved.x()).isCloseTo(130, within(1e-9));
        assertThat(moved.y()).isCloseTo(110, within(1e-9));
    }

    @Test
    void whereClothIsShort_whatHelpsIsTold_shortestFirst() {
        LayPiece front = new LayPiece("front", 2, CutShape.PAIR, box(420, 900));
        LayPiece collar = new LayPiece("collar", 2, CutShape.PLAIN, box(700, 120));
        LayRules rules = LayRules.plain(800, false, true);
        double laid = 2040;
        List<ShortClothAdvice.Way> ways = new ShortClothAdvice(
                        List.of(front, collar),
                        rules,
                        Optional.of(List.of(new LayPiece("front", 2, CutShape.PAIR, box(420, 870)), collar)),
                        () -> () -> false,
                        new SplittableRandom(1))
                .ways(laid);
        assertThat(ways).isNotEmpty().allMatch(way -> way.length() < laid);
        assertThat(ways).extracting(ShortClothAdvice.Way::length).isSorted();
        List<String> words = ways.stream()
                .map(way -> way.words().in(LengthFormat.CENTIMETRES))
                .toList();
        assertThat(words).anyMatch(each -> each.startsWith("Cut collar from another cloth"));
        assertThat(words).anyMatch(each -> each.startsWith("Turn the hem up by only"));
    }

    @Test
    void piecesWiderThanTheCloth_arePieced() {
        LayPiece wide = new LayPiece("skirt", 2, CutShape.PAIR, box(950, 900));
        LayPiece half = new LayPiece("front", 1, CutShape.FOLD, box(900, 400));
        LayRules rules = LayRules.plain(800, false, false);
        assertThatThrownBy(() -> new LayPlanner(List.of(wide), rules, new SplittableRandom(1)))
                .isInstanceOf(LayException.class);
        List<ShortClothAdvice.Way> ways = new ShortClothAdvice(
                        List.of(wide), rules, Optional.empty(), () -> () -> false, new SplittableRandom(1))
                .ways(Double.MAX_VALUE);
        assertThat(ways).singleElement().satisfies(way -> {
            assertThat(way.words().in(LengthFormat.CENTIMETRES)).startsWith("Piece skirt along the grain");
            assertThat(way.length()).isBetween(1800.0, 2800.0);
        });
        assertThat(new ShortClothAdvice(
                                List.of(half), rules, Optional.empty(), () -> () -> false, new SplittableRandom(1))
                        .ways(Double.MAX_VALUE))
                .as("opened out it is wider than the cloth twice over")
                .singleElement()
                .satisfies(way -> assertThat(way.length()).isBetween(800.0, 1300.0));
    }
}
