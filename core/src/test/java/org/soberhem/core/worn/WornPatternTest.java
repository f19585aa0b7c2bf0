package org.soberhem.core.worn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Rectangles;

class WornPatternTest {

    private static Pattern with(java.util.function.UnaryOperator<Piece> change) {
        Pattern pattern = Rectangles.pattern();
        return pattern.withPieces(pattern.pieces().stream()
                .map(piece -> piece.name().equals("front") ? change.apply(piece) : piece)
                .toList());
    }

    private static Pattern darted(Point first, Point second) {
        Dart dart = new Dart("waist", new Point(100, 250), first, second);
        return with(piece -> piece.with(changed -> changed.darts(List.of(dart))));
    }

    @Test
    void leftAndRight_areJoinedAtTheirMiddles_frontAndBackAtTheSides() {
        WornPattern worn = WornPattern.of(Rectangles.pattern());
        assertThat(worn.leftOut()).isEmpty();
        assertThat(worn.seams())
                .extracting(SewnSeam::kind)
                .containsExactly(SewnSeam.Kind.SEAM, SewnSeam.Kind.SEAM, SewnSeam.Kind.MIDDLE, SewnSeam.Kind.MIDDLE);
        assertThat(worn.seams()).allMatch(SewnSeam::turnsOver);
    }

    @Test
    void whatLiesBeyondTheMiddle_isNotWorn() {
        WornPattern worn = WornPattern.of(with(piece -> piece.with(changed -> changed.centreX(Optional.of(30.0)))));
        WornPiece front = worn.pieces().get(0);
        assertThat(front.edges())
                .allSatisfy(edge -> assertThat(Math.min(
                                edge.path().start().x(), edge.path().end().x()))
                        .isGreaterThan(29.9));
        assertThat(front.edges()).extracting(WornEdge::name).contains("middle");
        assertThat(worn.seams())
                .filteredOn(seam -> seam.kind() == SewnSeam.Kind.MIDDLE)
                .hasSize(2);
    }

    @Test
    void dartFromAnEdge_isCutOpenAndSewn() {
        WornPattern worn = WornPattern.of(darted(new Point(120, 400), new Point(80, 400)));
        assertThat(worn.seams())
                .filteredOn(seam -> seam.kind() == SewnSeam.Kind.DART)
                .hasSize(2);
        assertThat(worn.pieces().get(0).edges())
                .extracting(WornEdge::name)
                .containsExactly("dart waist in", "dart waist out", "hem", "centre", "top", "side", "hem");
        ClothMesh mesh = ClothMesher.mesh(worn, 20);
        double area = 0;
        for (int i = 0; i < mesh.triangleCount(); i++) {
            area += mesh.area(i);
        }
        double dart = 40 * 150 / 2.0;
        assertThat(area).isCloseTo(4 * Rectangles.WIDTH * Rectangles.LENGTH - 2 * dart, within(1e-3));
    }

    @Test
    void dartWithinAPiece_isLeftUnsewn_andSaidSo() {
        WornPattern worn = WornPattern.of(darted(new Point(120, 330), new Point(80, 330)));
        assertThat(worn.leftOut()).containsExactly("front, dart waist: does not reach an edge, left unsewn");
    }

    @Test
    void bothSidesOfASeam_haveEquallyManyVertices_whichAreOne() {
        ClothMesh mesh = ClothMesher.mesh(WornPattern.of(Rectangles.pattern()), 15);
        int front = 0;
        int side = 1;
        int[] here = mesh.chains().get(front).get(side);
        int[] there = mesh.chains().get(2).get(side);
        assertThat(here).hasSameSizeAs(there).hasSize(27);
        for (int i = 0; i < here.length; i++) {
            assertThat(mesh.particleOf()[here[i]]).isEqualTo(mesh.particleOf()[there[i]]);
        }
    }

    @Test
    void sameSpacing_givesTheSameMesh() {
        ClothMesh one = ClothMesher.mesh(WornPattern.of(Rectangles.pattern()), 15);
        ClothMesh other = ClothMesher.mesh(WornPattern.of(Rectangles.pattern()), 15);
        assertThat(one.triangles()).isEqualTo(other.triangles());
        assertThat(one.flat()).isEqualTo(other.flat());
    }
}
