package org.soberhem.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;

class PatternTest {

    private static final double MM = 1e-9;

    @Test
    void girth_sumsAllWornPieces() {
        assertThat(Rectangles.pattern().girth("waist", List.of("front", "back")))
                .isCloseTo(1000, within(MM));
        assertThat(Rectangles.pattern().girth("waist", List.of("front"))).isCloseTo(500, within(MM));
        assertThat(Rectangles.pattern().girth("knee", List.of("front"))).isZero();
    }

    @Test
    void widthAt_overlapBeyondTheCentre_isNotCounted() {
        Piece piece = Rectangles.piece("front", Side.LEFT, new Spans(0, 0.5));
        Piece stand = piece.withCentreX(Optional.of(30.0));
        assertThat(stand.widthAt("waist").orElseThrow()).isCloseTo(220, within(MM));
    }

    @Test
    void widthAt_dartAcrossTheLevel_takesUpItsWidthThere() {
        Piece piece = Rectangles.piece("front", Side.LEFT, new Spans(0, 0.5));
        Dart dart = new Dart("waist", new Point(100, 100), new Point(80, 300), new Point(120, 300));
        Piece darted = piece.withDarts(List.of(dart));
        // Half way down a dart 40 mm wide.
        assertThat(darted.widthAt("waist").orElseThrow()).isCloseTo(250 - 20, within(MM));
    }

    @Test
    void length_unknownEdge_namesIt() {
        assertThatThrownBy(() -> Rectangles.pattern().length(EdgeRef.parse("front.cuff"), Side.LEFT))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("front.cuff");
    }

    @Test
    void seamChecks_bothSidesAlike_areToldOnce() {
        assertThat(Rectangles.pattern().seamChecks()).singleElement().satisfies(check -> {
            assertThat(check.side()).isEqualTo(Side.MIDDLE);
            assertThat(check.isTrue()).isTrue();
            assertThat(check.sentence().in(LengthFormat.CENTIMETRES))
                    .isEqualTo("front side to back side: the lengths agree");
        });
    }

    @Test
    void seamCheck_differenceBeyondEase_saysHowMuch() {
        Seam seam = Rectangles.pattern().seams().get(0);
        SeamCheck check = new SeamCheck(seam, Side.LEFT, 255, 250);
        assertThat(check.isTrue()).isFalse();
        assertThat(check.sentence().in(LengthFormat.CENTIMETRES))
                .isEqualTo("front side to back side (wearer's left): 0.5 cm longer, wanted 0.0 cm to 0.0 cm of ease");
    }

    @Test
    void seamCheck_gathered_isJudgedByFullness() {
        Seam seam = new Seam(
                List.of(EdgeRef.parse("sleeve.wrist")), List.of(EdgeRef.parse("cuff.top")), Seam.Kind.GATHERED, 1.4, 2);
        assertThat(new SeamCheck(seam, Side.MIDDLE, 300, 200).isTrue()).isTrue();
        assertThat(new SeamCheck(seam, Side.MIDDLE, 260, 200).isTrue()).isFalse();
        assertThat(new SeamCheck(seam, Side.MIDDLE, 260, 200).sentence().in(LengthFormat.CENTIMETRES))
                .contains("fullness 1.3, wanted 1.4 to 2.0");
    }

    @Test
    void spread_leftAndRightAlike_areCutAsAPair() {
        assertThat(SpreadPiece.of(Rectangles.pattern()))
                .extracting(SpreadPiece::name)
                .containsExactly("front", "back");
    }

    @Test
    void spread_leftAndRightDiffer_areCutApart() {
        Pattern altered = new TakeInSeam(EdgeRef.parse("front.side"), 10, 10, Sides.LEFT)
                .apply(Rectangles.pattern())
                .pattern();
        assertThat(SpreadPiece.of(altered))
                .extracting(SpreadPiece::name)
                .containsExactly("front left", "front right", "back left", "back right");
        assertThat(SpreadPiece.of(altered)).extracting(SpreadPiece::count).containsOnly(1);
    }

    @Test
    void outward_pointsAwayFromThePiece() {
        Piece piece = Rectangles.piece("front", Side.LEFT, new Spans(0, 0.5));
        Point outward = piece.outward(piece.notches().get(0));
        assertThat(outward.x()).isCloseTo(1, within(MM));
        assertThat(outward.y()).isCloseTo(0, within(MM));
    }

    @Test
    void layout_bodyPiecesHangOnOneLine_frontToBackFromLeftToRight() {
        PieceLayout layout = PieceLayout.of(Rectangles.pattern());
        PieceLayout.Place front = layout.places().get("front");
        PieceLayout.Place back = layout.places().get("back");
        assertThat(layout.line()).contains("waist");
        assertThat(front.of(new Point(0, 200)).y()).isCloseTo(0, within(MM));
        assertThat(back.of(new Point(0, 200)).y()).isCloseTo(0, within(MM));
        assertThat(back.mirrored()).isTrue();
        assertThat(back.of(new Point(0, 200)).x())
                .isGreaterThan(front.of(new Point(250, 200)).x() + Rectangles.WIDTH);
    }
}
