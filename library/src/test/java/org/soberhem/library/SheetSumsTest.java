package org.soberhem.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.CompiledSheet.Adjustable;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.Inputs.Measured;
import org.soberhem.core.draft.Sums;
import org.soberhem.core.garment.Cape;
import org.soberhem.core.garment.Finding;
import org.soberhem.core.garment.Hood;
import org.soberhem.core.garment.SkirtBalance;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.garment.Usage;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;
import org.soberhem.library.bodies.Bodies;

/** The sums of the shipped sheets: they fit what the sheets draw, on many bodies, and say so in words. */
class SheetSumsTest {

    private static final double MM = 1e-6;
    private static final double INCH = 25.4;
    private static final Library LIBRARY = Library.shipped();

    static Stream<CompiledSheet> sheets() {
        return LIBRARY.sheets().stream();
    }

    private static CompiledSheet sheet(String id) {
        return LIBRARY.sheet(id).orElseThrow();
    }

    private static List<Sum> sums(CompiledSheet sheet, Inputs inputs) {
        int year = (sheet.sheet().about().from() + sheet.sheet().about().to()) / 2;
        return Sums.of(
                sheet,
                inputs,
                Drafter.draft(sheet, inputs).pattern(),
                new SumInputs.Circumstances(year, LIBRARY.usages()));
    }

    private static Sum sum(String sheet, String name, Inputs inputs) {
        return sums(sheet(sheet), inputs).stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static Inputs middle(String sheet) {
        return sheet(sheet).middle();
    }

    /** For every draft: what must pass over a part of the body, who fastens it, the lavatory, nursing. */
    @ParameterizedTest
    @MethodSource("sheets")
    void everySheet_answersHowOneGetsInAndOut(CompiledSheet sheet) {
        Sum openings = sums(sheet, sheet.middle()).stream()
                .filter(each -> each.name().equals(Sums.OPENINGS))
                .findFirst()
                .orElseThrow();
        List<String> said = openings.findings().stream()
                .map(finding -> finding.words().in(LengthFormat.INCH_EIGHTHS))
                .toList();
        assertThat(said)
                .anyMatch(words -> words.startsWith("At the lavatory"))
                .anyMatch(words -> words.startsWith("For nursing"));
        assertThat(sheet.sheet().wearing()).isPresent();
    }

    @ParameterizedTest
    @MethodSource("sheets")
    void everySum_atItsMiddleSize_works_inWordsWithoutGaps(CompiledSheet sheet) {
        for (Sum sum : sums(sheet, sheet.middle())) {
            assertThat(sum.works())
                    .as("%s of %s: %s", sum.name(), sheet.sheet().id(), sum.findings())
                    .isTrue();
            for (LengthFormat format : LengthFormat.values()) {
                List<String> words = Stream.of(
                                Stream.of(sum.answer()),
                                sum.figures().stream().map(figure -> figure.working()),
                                sum.findings().stream().map(Finding::words),
                                sum.steps().stream())
                        .flatMap(each -> each)
                        .map(sentence -> sentence.in(format))
                        .toList();
                assertThat(words)
                        .allSatisfy(
                                each -> assertThat(each).isNotBlank().doesNotContain("{}", "NaN", "null", "Infinity"));
            }
            assertThat(sum.figures()).extracting(figure -> figure.name()).doesNotHaveDuplicates();
            sum.sketch().ifPresent(sketch -> {
                assertThat(sketch.box().width()).isBetween(1.0, 1e5);
                assertThat(sketch.box().height()).isBetween(0.0, 1e5);
            });
        }
    }

    /** A seam that gathers is true exactly where its sum says so: both divide the same two lengths. */
    @ParameterizedTest
    @CsvSource({
        "shirt-1780, head, sleeve head to body arm-hole",
        "shirt-1780, cuff, sleeve end to cuff gathers",
        "blouse-1906, cuff, sleeve wrist to cuff top",
        "drawers-1862, knee, leg foot to knee-band upper",
        "petticoat-1778, front-pleats, front top to front-band pleats"
    })
    void gathers_haveTheFullnessOfTheirSeam(String sheet, String name, String seam) {
        for (Inputs body : Bodies.all().subList(0, 40)) {
            SeamCheck drawn = Drafter.draft(sheet(sheet), body).pattern().seamChecks().stream()
                    .filter(check -> check.seam().name().equals(seam))
                    .findFirst()
                    .orElseThrow();
            Sum sum = sum(sheet, name, body);
            assertThat(sum.figure("fullness").orElseThrow().value()).isCloseTo(drawn.fullness(), within(MM));
        }
    }

    /** The fold that the sheet marks on its panels is the one that the balance works out. */
    @Test
    void skirt_foldLine_isTheBalance_onEveryBody() {
        CompiledSheet sheet = sheet("skirt-1845");
        for (Inputs body : Bodies.all()) {
            Inputs pointed = body.withSetting("point", 1.75 * INCH);
            Draft draft = Drafter.draft(sheet, pointed);
            double panel = draft.settings().get("panel");
            Piece front = draft.pattern().piece("front", Side.MIDDLE).orElseThrow();
            Piece back = draft.pattern().piece("back", Side.MIDDLE).orElseThrow();
            double clear = draft.settings().get("clearance");
            SkirtBalance balance = new SkirtBalance(
                    panel,
                    INCH / 2,
                    new SkirtBalance.Wanted(
                            length(body, "waist-to-floor-front") - clear,
                            length(body, "waist-to-floor-left") - clear,
                            length(body, "waist-to-floor-right") - clear,
                            length(body, "waist-to-floor-back") - clear),
                    1.75 * INCH,
                    SkirtBalance.Top.FOLDED,
                    0);
            assertThat(front.points().get("FF").y()).isCloseTo(balance.turn(SkirtBalance.Place.FRONT), within(MM));
            assertThat(front.points().get("FL").y()).isCloseTo(balance.turn(SkirtBalance.Place.LEFT), within(MM));
            assertThat(back.points().get("BR").y()).isCloseTo(balance.turn(SkirtBalance.Place.RIGHT), within(MM));
            assertThat(back.points().get("BB").y()).isCloseTo(balance.turn(SkirtBalance.Place.BACK), within(MM));
            assertThat(balance.missing()).isEmpty();
            assertThat(sum("skirt-1845", "balance", pointed).works()).isTrue();
        }
    }

    private static double length(Inputs body, String measure) {
        return body.find(measure).orElseThrow().left();
    }

    @Test
    void skirt_ofShortCloth_failsInItsSum_butIsDrawn() {
        Sum balance = sum("skirt-1845", "balance", middle("skirt-1845").withSetting("panel", 40 * INCH));
        assertThat(balance.works()).isFalse();
        assertThat(balance.findings().get(0).words().in(LengthFormat.INCH_EIGHTHS))
                .startsWith("The panel is 1½ in too short at the centre back");
    }

    @Test
    void skirt_measuredDirectly_takesTheTypedLengths_andSaysHowManyWidthsTheYearTakes() {
        Inputs direct =
                middle("skirt-1845").withSetting("front-long", 38 * INCH).withSetting("back-long", 44 * INCH);
        Sum balance = sum("skirt-1845", "balance", direct);
        assertThat(balance.answer().in(LengthFormat.INCH_EIGHTHS)).startsWith("Turn under 11½ in at the front");
        assertThat(balance.figure("panel to cut").orElseThrow().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("50 in");
        // 110 in at least about 1845; each width of 36 in gives 35.
        assertThat(balance.figure("widths for the year, at least").orElseThrow().value())
                .isEqualTo(4);
    }

    /**
     * Common practice, no source: 39 in from mantle edge to mantle edge is a strip of 39 in, not the mantle once more
     * on each side.
     */
    @Test
    void hood_tapedFromMantleEdgeToMantleEdge_hasNoMantleTwice() {
        CompiledSheet sheet = sheet("hood-1780");
        Inputs taped = Inputs.of(Map.of(
                        "crown-arc",
                        39 * INCH,
                        "shoulder-length",
                        5 * INCH,
                        "shoulder-slope",
                        1.75 * INCH,
                        "head",
                        22.5 * INCH))
                .withSetting("loose", 0)
                .withSetting("mantle", 9 * INCH);
        double way = sheet.adjustables().stream()
                .filter(each -> each.name().equals("taped"))
                .findFirst()
                .orElseThrow()
                .ways()
                .indexOf("mantle-edges");
        assertThat(strip(sheet, taped)).isCloseTo(47 * INCH, within(MM));
        assertThat(strip(sheet, taped.withSetting("taped", way))).isCloseTo(39 * INCH, within(MM));
    }

    private static double strip(CompiledSheet sheet, Inputs inputs) {
        Piece strip = Drafter.draft(sheet, inputs)
                .pattern()
                .piece("strip", Side.MIDDLE)
                .orElseThrow();
        // Half of it is drawn, on the fold.
        return 2 * strip.seamLine().box().width();
    }

    /** The hood's pieces have the angles and edges of its sum, by both schools. */
    @Test
    void hood_pieces_areTheKitesOfItsSum_onEveryBody() {
        CompiledSheet sheet = sheet("hood-1780");
        for (int school = 0; school < 2; school++) {
            for (Inputs body : Bodies.all()) {
                Draft draft = Drafter.draft(sheet, body.withSetting("school", school));
                Map<String, Double> set = draft.settings();
                Hood hood = new Hood(
                        school == 0 ? Hood.School.SHOULDER_ANGLE : Hood.School.SQUARES,
                        length(body, "crown-arc"),
                        length(body, "shoulder-length"),
                        length(body, "shoulder-slope"),
                        set.get("mantle"),
                        set.get("loose"),
                        set.get("strip"),
                        set.get("gap"),
                        set.get("down"));
                Map<String, Point> back =
                        draft.pattern().piece("back", Side.LEFT).orElseThrow().points();
                assertThat(back.get("S").x()).isCloseTo(hood.halfBreadth(), within(MM));
                assertThat(back.get("S").y()).isCloseTo(hood.sideDrop(), within(MM));
                assertThat(back.get("DOWN").y()).isCloseTo(hood.height(), within(MM));
                Piece strip = draft.pattern().piece("strip", Side.LEFT).orElseThrow();
                assertThat(strip.edge("face").orElseThrow().path().length() * 2 + set.get("gap"))
                        .isCloseTo(hood.face(), within(MM));
                assertThat(strip.edge("crown-seam").orElseThrow().path().length())
                        .isCloseTo(hood.crownSeam(), within(MM));
            }
        }
    }

    @Test
    void cape_withoutTheFoldedArms_goesByTheHeight_andSaysSo() {
        Map<String, Measured> measures = new HashMap<>(middle("cape-1860").measures());
        measures.remove("folded-arms-width");
        measures.put("height", Measured.both(64 * INCH));
        Sum sum = sum("cape-1860", "neck-edge", new Inputs(measures, Map.of()));
        assertThat(sum.findings())
                .extracting(finding -> finding.words().in(LengthFormat.INCH_EIGHTHS))
                .anyMatch(words -> words.startsWith("The width goes by the height, 64 in"));
        assertThat(sum("cape-1860", "neck-edge", middle("cape-1860")).findings())
                .extracting(finding -> finding.words().in(LengthFormat.INCH_EIGHTHS))
                .noneMatch(words -> words.contains("height"));
    }

    /** Half the cape's neck edge without its dart is what the sum leaves to pleat and gather, on every body. */
    @ParameterizedTest
    @CsvSource({"cape-1860, true", "cape-1780, false"})
    void cape_neckEdge_isTheWidthOfItsSumLessTheDarts(String id, boolean sculpted) {
        for (Inputs body : Bodies.all()) {
            Draft draft = Drafter.draft(sheet(id), body);
            Map<String, Double> set = draft.settings();
            double neck = length(body, "neck-base") + set.get("ease.neck");
            Cape cape = new Cape(
                    length(body, "folded-arms-width"),
                    sculpted,
                    sculpted ? 2.0 / 3 : 1,
                    neck,
                    sculpted ? set.get("dart") : 0,
                    2,
                    set.get("pleat"),
                    0,
                    0,
                    set.get("box"));
            Piece half = draft.pattern().piece("cape", Side.LEFT).orElseThrow();
            double edge = Stream.of("neck", "neck-back", "neck-front")
                    .flatMap(name -> half.edge(name).stream())
                    .mapToDouble(each -> each.path().length())
                    .sum();
            assertThat(2 * edge).isCloseTo(cape.width() - cape.darts(), within(MM));
            assertThat(sum(id, "neck-edge", body)
                            .figure("in gathers")
                            .orElseThrow()
                            .value())
                    .isCloseTo(cape.gathers(), within(MM));
        }
    }

    /** The overskirt's back is drawn long enough to be levelled everywhere, with 2 in to spare at its highest rise. */
    @Test
    void overskirt_back_hasTheLengthThatItsDrapeTakes_onEveryBody() {
        for (Inputs body : Bodies.all()) {
            Draft draft = Drafter.draft(sheet("overskirt-1883"), body);
            double rise =
                    draft.settings().get("second-cloth") - draft.settings().get("second-tape");
            double level =
                    length(body, "waist-to-floor-back") - draft.settings().get("above");
            Piece back = draft.pattern().piece("back", Side.LEFT).orElseThrow();
            assertThat(back.points().get("D").y()).isCloseTo(level + rise + 2 * INCH, within(MM));
            Sum tapes = sum("overskirt-1883", "tapes", body);
            assertThat(tapes.works()).isTrue();
            assertThat(tapes.figure("tape 1, edge rises").orElseThrow().value()).isCloseTo(rise, within(MM));
        }
    }

    /**
     * Common practice: 12 to 14 in more than the shoulders, collar 1 to 2 in over the neck, sleeve about 9 in over the
     * arm.
     */
    @Test
    void shirt_hasTheWidthsOfCommonPractice() {
        Inputs middle = middle("shirt-1780");
        Draft draft = Drafter.draft(sheet("shirt-1780"), middle);
        Piece body = draft.pattern().piece("body", Side.LEFT).orElseThrow();
        double width = 2 * body.edge("front-hem").orElseThrow().path().length();
        assertThat(width - length(middle, "shoulder-width")).isBetween(12 * INCH - MM, 14 * INCH + MM);
        Piece collar = draft.pattern().piece("collar", Side.LEFT).orElseThrow();
        assertThat(2 * collar.edge("gathers").orElseThrow().path().length() - length(middle, "neck-base"))
                .isBetween(INCH - MM, 2 * INCH + MM);
        Piece sleeve = draft.pattern().piece("sleeve", Side.LEFT).orElseThrow();
        assertThat(sleeve.edge("head").orElseThrow().path().length() - length(middle, "upper-arm"))
                .isCloseTo(9 * INCH, within(MM));
        assertThat(draft.settings().get("gusset")).isCloseTo(6 * INCH, within(MM));
    }

    @Test
    void sum_knowsWhatItMayBeChangedBy() {
        assertThat(sheet("skirt-1845").adjustables("balance"))
                .extracting(Adjustable::name)
                .contains(
                        "upper-edge", "hem", "panel", "point", "clearance", "front-long", "widths", "width", "overlap")
                .doesNotContain("gathering", "shows", "band");
        assertThat(sheet("skirt-1845").adjustables("nothing")).isEmpty();
    }

    @Test
    void sum_lackingAMeasurement_waitsAndSaysForWhat() {
        Map<String, Measured> measures = new HashMap<>(middle("shirt-1780").measures());
        measures.remove("hand");
        Sum openings = sum("shirt-1780", "openings", new Inputs(measures, Map.of()));
        assertThat(openings.works()).isTrue();
        assertThat(openings.findings())
                .extracting(finding -> finding.words().in(LengthFormat.INCH_EIGHTHS))
                .anyMatch(words -> words.contains("whether the hand gets through is not known"));
    }

    @Test
    void usages_areSaid_forEveryYearTheyCover_withoutOverlap() {
        List<Usage> usages = LIBRARY.usages();
        assertThat(usages)
                .hasSizeGreaterThan(40)
                .allSatisfy(usage -> assertThat(usage.why()).isNotBlank());
        for (Usage one : usages) {
            for (Usage other : usages) {
                if (one != other
                        && one.what().equals(other.what())
                        && one.cloth().equals(other.cloth())) {
                    assertThat(one.to() < other.from() || other.to() < one.from())
                            .as("%s %d..%d and %d..%d", one.what(), one.from(), one.to(), other.from(), other.to())
                            .isTrue();
                }
            }
        }
        List<String> known = usages.stream().map(Usage::what).distinct().toList();
        LIBRARY.sheets()
                .forEach(sheet -> sheet.sheet().sums().values().forEach(sum -> {
                    if (sum.given().containsKey("usual")) {
                        assertThat(known).contains(sum.given().get("usual").text());
                    }
                }));
    }
}
