package org.soberhem.library.figure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.figure.Form;
import org.soberhem.core.figure.Place;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.plate.Plate;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Solid.Material;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.silhouette.Dressing;
import org.soberhem.core.silhouette.FigureQuantities;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.library.Library;

/** Bodies over layers and in garments. */
class DressedTest {

    private static final Library LIBRARY = Library.shipped();
    private static final Dressing DRESSING = new Dressing(LIBRARY.figurePlan(), LIBRARY.wardrobe());

    private static final Map<String, Double> SKIRT =
            Map.of("skirt-hem-girth", 3500.0, "skirt-hip-girth", 3500.0, "skirt-hem-clearance-front", 50.0);

    private static Dressing.Subject over(String stack) {
        return new Dressing.Subject(Build.ADULT, Optional.empty(), stack, Map.of("height", 1650.0));
    }

    private static DressedFigure dressed(String stack, Map<String, Double> worn, double share) {
        return DRESSING.dressed(over(stack), worn, share);
    }

    private static double quantity(DressedFigure dressed, String id) {
        return FigureQuantities.of(dressed).get(id);
    }

    @Test
    void readings_overTheLayersWorn_standAsTheyAre_othersMoveWithinTheRange() {
        MeasurementSet set = MeasurementSet.of("bare", LocalDate.EPOCH, "none", "", "", List.of())
                .with(new Reading(
                        "full-hip",
                        Side.MIDDLE,
                        Posture.STANDING,
                        List.of(LengthEntry.parse("1000 mm", LengthUnit.INCH))));
        Dressing.Subject subject = new Dressing.Subject(Build.ADULT, Optional.of(set), "none", Map.of());
        assertThat(DRESSING.reading(subject, "full-hip")).isEqualTo(1000);
        assertThat(DRESSING.isEstimated(subject)).isFalse();
        Dressing.Subject dressed = subject.over("woman-1861");
        assertThat(DRESSING.isEstimated(dressed)).isTrue();
        double least = DRESSING.body(dressed, 0).at("hip").girth();
        double most = DRESSING.body(dressed, 1).at("hip").girth();
        assertThat(most).isGreaterThanOrEqualTo(least);
        // Tried values stand for what was read.
        assertThat(DRESSING.reading(
                        new Dressing.Subject(Build.ADULT, Optional.of(set), "none", Map.of("full-hip", 1100.0)),
                        "full-hip"))
                .isEqualTo(1100);
    }

    @Test
    void corset_makesTheWaistRounder_andTheStraightFrontTipsTheTrunk() {
        BodyFigure bare = DRESSING.body(over("none"), 0.5);
        BodyFigure laced = DRESSING.body(over("blouse-1906"), 0.5);
        assertThat(laced.at("waist").depth() / laced.at("waist").breadth())
                .isGreaterThan(bare.at("waist").depth() / bare.at("waist").breadth());
        assertThat(laced.at("bust").middle().z())
                .isGreaterThan(bare.at("bust").middle().z());
        assertThat(laced.at("hip").middle().z())
                .isLessThan(bare.at("hip").middle().z());
        assertThat(laced.at("bust").middle().y())
                .isLessThan(bare.at("bust").middle().y());
    }

    @Test
    void cage_carriesTheHemOut_betweenItsLeastAndItsMost() {
        double plain = quantity(dressed("none", SKIRT, 0.5), "hem-breadth");
        double least = quantity(dressed("woman-1861", SKIRT, 0), "hem-breadth");
        double middle = quantity(dressed("woman-1861", SKIRT, 0.5), "hem-breadth");
        double most = quantity(dressed("woman-1861", SKIRT, 1), "hem-breadth");
        assertThat(plain).isLessThan(least);
        assertThat(middle).isBetween(least, most);
        // The lowest hoop of 2.2 to 3.4 m is 70 to 108 cm across; the skirt stands a little outside it.
        assertThat(least).isBetween(700.0, 900.0);
        assertThat(most).isBetween(1082.0, 1300.0);
    }

    @Test
    void tapeToTheFloor_isLongerOverWhatStandsOut_andNeverShorterThanTheHeight() {
        for (DressedFigure.Over where : DressedFigure.Over.values()) {
            double bare = dressed("none", Map.of(), 0.5).toFloor(where);
            double caged = dressed("woman-1861", Map.of(), 0.5).toFloor(where);
            assertThat(bare)
                    .isGreaterThanOrEqualTo(dressed("none", Map.of(), 0.5).waist() - 1e-9);
            assertThat(caged).isGreaterThan(bare);
        }
    }

    @Test
    void bustle_projectsBehind_andNotAtTheSides() {
        DressedFigure bustled = dressed("woman-1885", SKIRT, 0.5);
        assertThat(quantity(bustled, "skirt-back-projection-over-waist-depth")).isGreaterThan(1);
        assertThat(quantity(bustled, "skirt-back-projection-over-waist-depth"))
                .isGreaterThan(quantity(dressed("none", SKIRT, 0.5), "skirt-back-projection-over-waist-depth"));
        assertThat(quantity(bustled, "skirt-depth-over-breadth"))
                .isGreaterThan(quantity(dressed("none", SKIRT, 0.5), "skirt-depth-over-breadth"));
        assertThat(quantity(bustled, "skirt-back-projection-place")).isBetween(0.05, 0.5);
    }

    @Test
    void moreCloth_standsFurtherOut_butByAPartOfItOnly() {
        Map<String, Double> wide = new HashMap<>(SKIRT);
        wide.put("skirt-hem-girth", 5500.0);
        double narrow = quantity(dressed("none", SKIRT, 0.5), "hem-breadth");
        double broad = quantity(dressed("none", wide, 0.5), "hem-breadth");
        assertThat(broad - narrow).isPositive().isLessThan(2000 / Math.PI * 0.5);
    }

    @Test
    void train_liesOnTheFloorBehind() {
        Map<String, Double> train = new HashMap<>(SKIRT);
        train.put("skirt-hem-clearance-back", -300.0);
        DressedFigure plain = dressed("none", SKIRT, 0.5);
        DressedFigure trained = dressed("none", train, 0.5);
        assertThat(trained.skirtForm().orElseThrow().aft().at(0))
                .isGreaterThan(plain.skirtForm().orElseThrow().aft().at(0) + 250);
    }

    @Test
    void skirtLength_standsForAClearanceThatNobodyGave() {
        DressedFigure dressed = dressed("none", Map.of("skirt-hem-girth", 3000.0, "skirt-length", 700.0), 0.5);
        assertThat(dressed.hemFront()).isCloseTo(dressed.waist() - 700, within(1e-9));
        assertThat(quantity(dressed, "skirt-hem-clearance-front")).isCloseTo(dressed.hemFront(), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"1.0, 0", "1.12, 0", "1.5, 57"})
    void gatheredCap_risesAboveTheShoulder(double fullness, double rise) {
        DressedFigure dressed =
                dressed("none", Map.of("sleeve-girth-upper-arm", 500.0, "cap-fullness-ratio", fullness), 0.5);
        assertThat(quantity(dressed, "sleeve-head-rise")).isCloseTo(rise, within(0.5));
    }

    @Test
    void sleeve_isFullestWhereItsClothIsWidest() {
        DressedFigure above =
                dressed("none", Map.of("sleeve-girth-upper-arm", 900.0, "sleeve-girth-elbow", 350.0), 0.5);
        DressedFigure below =
                dressed("none", Map.of("sleeve-girth-upper-arm", 350.0, "sleeve-girth-elbow", 600.0), 0.5);
        assertThat(quantity(above, "sleeve-fullest-place")).isLessThan(0.4);
        assertThat(quantity(below, "sleeve-fullest-place")).isGreaterThan(0.5);
        assertThat(quantity(above, "sleeve-span-over-height"))
                .isGreaterThan(quantity(below, "sleeve-span-over-height"));
    }

    @Test
    void plate_hasAPartForEachGarment_andHidesTheBodyBeneath() {
        Map<String, Double> worn = new HashMap<>(SKIRT);
        worn.put("trunk-girth-bust", 950.0);
        worn.put("trunk-girth-waist", 700.0);
        worn.put("sleeve-girth-upper-arm", 380.0);
        worn.put("neckline-front-depth", 60.0);
        worn.put("bodice-point-depth", 80.0);
        DressedFigure dressed = dressed("woman-1861", worn, 0.5);
        Stand stand = StandMaker.rough(dressed.body());
        for (FigureView view : FigureView.values()) {
            assertThat(materials(stand.wearing(dressed), view))
                    .contains(Material.BODY, Material.SKIRT, Material.TRUNK, Material.SLEEVE);
        }
        // Without a skirt the petticoat shows.
        assertThat(materials(stand.wearing(dressed("woman-1861", Map.of(), 0.5)), FigureView.FRONT))
                .contains(Material.UNDER)
                .doesNotContain(Material.SKIRT);
    }

    private static Set<Material> materials(List<Solid> solids, FigureView view) {
        return PlateMaker.plate(solids, Viewpoint.of(view), 6).washes().stream()
                .map(Plate.Wash::material)
                .collect(Collectors.toSet());
    }

    @Test
    void arms_hangBesideAWideSkirt_notInIt() {
        DressedFigure dressed = dressed("woman-1861", SKIRT, 0.5);
        Stand stand = StandMaker.rough(dressed.body());
        Form skirt = dressed.on(stand.body()).skirtForm().orElseThrow();
        for (Solid solid : stand.wearing(dressed)) {
            if (solid.mesh().name().equals("left arm")) {
                for (int i = 0; i < solid.mesh().placeCount(); i++) {
                    Place place = solid.mesh().place(i);
                    if (place.y() < skirt.left().top() - 60 && place.y() > 0) {
                        assertThat(place.x()).isGreaterThan(skirt.left().at(place.y()) - 25);
                    }
                }
            }
        }
    }

    @Test
    void dress_isNeverSlimmerThanTheBodyInIt() {
        Map<String, Double> worn = Map.of("trunk-girth-bust", 500.0, "trunk-girth-waist", 400.0);
        DressedFigure tight = dressed("none", worn, 0.5);
        double waist = tight.waist();
        assertThat(tight.trunkForm().orElseThrow().girth(waist))
                .isGreaterThanOrEqualTo(tight.body().form().girth(waist) - 1e-6);
    }

    /**
     * Common-practice figures, no published source: a cage of the widest years is 90 to 140 in round its lowest hoop.
     */
    @Test
    void supports_areAsWideAsIsCommonlySaid() {
        Layer.Supports cage =
                LIBRARY.wardrobe().layer("cage-1858").orElseThrow().supports().orElseThrow();
        assertThat(cage.hemGirth().orElseThrow().least()).isBetween(85 * 25.4, 100 * 25.4);
        assertThat(cage.hemGirth().orElseThrow().most()).isBetween(120 * 25.4, 145 * 25.4);
        // A bustle of the eighties stands out 5 to 14 in behind, hardly at the sides.
        Layer.Supports bustle =
                LIBRARY.wardrobe().layer("bustle-1885").orElseThrow().supports().orElseThrow();
        assertThat(bustle.back().orElseThrow().least()).isGreaterThan(4 * 25.4);
        assertThat(bustle.back().orElseThrow().most()).isLessThan(15 * 25.4);
        assertThat(bustle.side().orElseThrow().most()).isLessThan(3 * 25.4);
        // Laced layers take the waist in, by at most a handbreadth.
        LIBRARY.wardrobe().layers().stream()
                .filter(Layer::isLaced)
                .flatMap(layer -> layer.effects().stream())
                .filter(effect -> effect.measure().startsWith("waist") && !effect.share())
                .forEach(effect -> {
                    assertThat(effect.least()).as(effect.when()).isGreaterThanOrEqualTo(-100);
                    assertThat(effect.most()).as(effect.when()).isLessThanOrEqualTo(30);
                });
    }
}
