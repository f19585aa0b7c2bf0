package org.soberhem.library.doubt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.body.TapeStart;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.doubt.Doubts;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Side;
import org.soberhem.library.Library;
import org.soberhem.library.bodies.Bodies;

/** Every doubt, provoked and settled, on an ordinary grown wearer. Values in centimetres unless written otherwise. */
class DoubtsTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 14);
    private static final Library LIBRARY = Library.shipped();
    private static final Doubts DOUBTS =
            new Doubts(LIBRARY.measures(), LIBRARY.relations(), LIBRARY.proportions(), LIBRARY.wardrobe());

    private final Map<String, String> typed = new TreeMap<>(Map.ofEntries(
            Map.entry("height", "166"),
            Map.entry("full-bust", "94"),
            Map.entry("high-bust", "88"),
            Map.entry("under-bust", "78"),
            Map.entry("waist-narrowest", "72"),
            Map.entry("full-hip", "99"),
            Map.entry("thigh", "57"),
            Map.entry("upper-arm", "28"),
            Map.entry("forearm", "24"),
            Map.entry("wrist", "15.5"),
            Map.entry("hand", "20"),
            Map.entry("calf", "35.5"),
            Map.entry("knee", "36"),
            Map.entry("ankle", "21.5"),
            Map.entry("nape-to-waist", "40"),
            Map.entry("nape-to-floor", "143"),
            Map.entry("waist-to-floor-front", "103"),
            Map.entry("waist-to-floor-back", "104")));

    private String stack = "none";
    private Build build = Build.ADULT;

    private MeasurementSet set() {
        List<Reading> readings = new ArrayList<>();
        typed.forEach((key, text) -> {
            String[] name = key.split("@");
            String suffix = name.length > 1 ? name[1] : "";
            List<LengthEntry> taken = new ArrayList<>();
            for (String each : text.split(";")) {
                taken.add(LengthEntry.parse(each, LengthUnit.CENTIMETRE));
            }
            Side side = switch (suffix) {
                case "left" -> Side.LEFT;
                case "right" -> Side.RIGHT;
                default -> Side.MIDDLE;
            };
            readings.add(
                    new Reading(name[0], side, suffix.equals("seated") ? Posture.SEATED : Posture.STANDING, taken));
        });
        return MeasurementSet.of("s", DAY, stack, "", "Ruth", readings);
    }

    private List<Doubt> ask() {
        return DOUBTS.of(set(), build, DAY, 6);
    }

    private Doubt only(Doubt.Kind kind) {
        List<Doubt> asked = ask();
        assertThat(asked).extracting(Doubt::kind).containsExactly(kind);
        return asked.get(0);
    }

    private static String words(Doubt doubt) {
        return doubt.sentence().in(LengthFormat.CENTIMETRES);
    }

    private static double corrected(Doubt doubt, int place, String measure) {
        return doubt.corrections()
                .get(place)
                .set()
                .value(measure, Side.MIDDLE)
                .orElseThrow()
                .toMillimetres();
    }

    @Test
    void ordinaryWearer_isNotQuestioned() {
        assertThat(ask()).isEmpty();
    }

    @Test
    void spread_twoAgree_theThirdCanBeLeftOut() {
        typed.put("full-hip", "99;99.4;101.8");
        Doubt doubt = only(Doubt.Kind.SPREAD);
        assertThat(words(doubt)).contains("Full hip readings differ by 2.8 cm");
        assertThat(corrected(doubt, 0, "full-hip")).isCloseTo(992, within(0.01));
        assertThat(doubt.brief().in(LengthFormat.CENTIMETRES))
                .isEqualTo("Full hip readings differ by 2.8 cm: measure again");
    }

    @Test
    void spread_isNarrowerOnLimbs() {
        typed.put("wrist", "15.5;16.2");
        only(Doubt.Kind.SPREAD);
        typed.put("wrist", "15.5;15.9");
        assertThat(ask()).isEmpty();
    }

    @Test
    void spread_smallestBustReading_namesRaisedArms() {
        typed.put("full-bust", "94;94.2;91");
        assertThat(words(only(Doubt.Kind.SPREAD))).contains("Raised arms shrink it");
    }

    @Test
    void spread_oneOfThreeInAnotherUnit_orWithExchangedDigits_isMended() {
        typed.put("full-hip", "99;99.4;39 in");
        assertThat(ask()).isEmpty();
        typed.put("full-hip", "98;89;98.2");
        Doubt doubt = only(Doubt.Kind.SPREAD);
        assertThat(corrected(doubt, 0, "full-hip")).isCloseTo(980.67, within(0.01));
    }

    @ParameterizedTest(name = "{0} typed {1}")
    @CsvSource({"wrist, 15.5 in, 155", "full-hip, 39, 990.6", "waist-narrowest, 72 in, 720"})
    void wrongUnit_isNamed_andTheOtherOffered(String measure, String text, double millimetres) {
        typed.put(measure, text);
        Doubt doubt = ask().get(0);
        assertThat(doubt.kind()).isEqualTo(Doubt.Kind.UNIT);
        assertThat(doubt.measures()).containsExactly(measure);
        assertThat(corrected(doubt, 0, measure)).isCloseTo(millimetres, within(0.01));
        assertThat(DOUBTS.of(doubt.corrections().get(0).set(), build, DAY, 6)).isEmpty();
    }

    @Test
    void waistAndHip_exchanged() {
        typed.put("waist-narrowest", "99");
        typed.put("full-hip", "72");
        Doubt doubt = only(Doubt.Kind.SWAPPED);
        assertThat(doubt.measures()).containsExactlyInAnyOrder("waist-narrowest", "full-hip");
        assertThat(corrected(doubt, 0, "full-hip")).isEqualTo(990);
        assertThat(DOUBTS.of(doubt.corrections().get(0).set(), build, DAY, 6)).isEmpty();
    }

    @Test
    void digits_exchanged() {
        typed.put("forearm", "42");
        Doubt doubt = ask().get(0);
        assertThat(doubt.kind()).isEqualTo(Doubt.Kind.TRANSPOSED);
        assertThat(corrected(doubt, 0, "forearm")).isEqualTo(240);
    }

    @Test
    void everyGirth_fromTheOneInchMark() {
        for (String girth : List.of(
                "full-bust",
                "high-bust",
                "under-bust",
                "waist-narrowest",
                "full-hip",
                "thigh",
                "upper-arm",
                "forearm",
                "wrist",
                "calf",
                "knee",
                "ankle")) {
            typed.compute(girth, (key, text) -> String.valueOf(Double.parseDouble(text) + 2.54));
        }
        Doubt doubt = only(Doubt.Kind.ONE_INCH);
        assertThat(corrected(doubt, 0, "wrist")).isCloseTo(155, within(0.01));
        assertThat(corrected(doubt, 0, "full-hip")).isCloseTo(990, within(0.01));
        assertThat(corrected(doubt, 0, "nape-to-waist")).isEqualTo(400);
        MeasurementSet known = set().withStart(TapeStart.ONE_INCH);
        assertThat(DOUBTS.of(known, build, DAY, 6)).noneMatch(each -> each.kind() == Doubt.Kind.ONE_INCH);
    }

    @Test
    void height_withTheTenInchMarkAtTheFloor() {
        typed.put("waist-to-floor-front", "128.4");
        Doubt doubt = only(Doubt.Kind.FLOOR_MARK);
        assertThat(words(doubt)).contains("10 in mark at the floor");
        assertThat(corrected(doubt, 0, "waist-to-floor-front")).isCloseTo(1030, within(0.01));
    }

    @Test
    void girth_tenInchesTooLong() {
        typed.put("full-hip", "124.4");
        Doubt doubt = ask().get(0);
        assertThat(doubt.measures()).contains("full-hip");
        assertThat(doubt.corrections())
                .anySatisfy(correction -> assertThat(correction
                                .set()
                                .value("full-hip", Side.MIDDLE)
                                .orElseThrow()
                                .toMillimetres())
                        .isCloseTo(990, within(0.01)));
    }

    @Test
    void leastFittingReading_isNamed() {
        typed.put("ankle", "30.5");
        assertThat(ask()).anySatisfy(doubt -> assertThat(doubt.measures()).contains("ankle"));
        typed.remove("calf");
        typed.remove("knee");
        Doubt doubt = only(Doubt.Kind.LEAST_FITTING);
        assertThat(words(doubt)).contains("Ankle is larger than all the other girths let expect");
        assertThat(doubt.corrections()).isEmpty();
    }

    @Test
    void highBust_largerThanFull_exchangedOrArmsRaised() {
        typed.put("full-bust", "88");
        typed.put("high-bust", "94");
        Doubt doubt = only(Doubt.Kind.SWAPPED);
        assertThat(words(doubt)).contains("High bust and full bust do not go together", "arms down");
        assertThat(corrected(doubt, 0, "full-bust")).isEqualTo(940);
    }

    @Test
    void highBust_belowTheUnderBust_armsWereRaised() {
        typed.put("high-bust", "79");
        typed.put("under-bust", "84");
        typed.remove("full-bust");
        assertThat(ask()).anySatisfy(doubt -> assertThat(words(doubt)).containsIgnoringCase("arms"));
    }

    @Test
    void seated_smallerThanStanding() {
        typed.put("full-hip@seated", "95");
        Doubt doubt = only(Doubt.Kind.SWAPPED);
        assertThat(words(doubt)).contains("Seated and standing hip");
        assertThat(doubt.corrections()
                        .get(0)
                        .set()
                        .find("full-hip", Side.MIDDLE, Posture.SEATED)
                        .orElseThrow()
                        .mean()
                        .toMillimetres())
                .isEqualTo(990);
        typed.put("full-hip@seated", "105");
        assertThat(ask()).isEmpty();
    }

    @Test
    void leftAndRight_differ() {
        typed.put("shoulder-to-wrist@left", "58");
        typed.put("shoulder-to-wrist@right", "61.5");
        Doubt doubt = only(Doubt.Kind.SIDES);
        assertThat(words(doubt)).contains("Left and right differ", "each side is drafted for itself");
    }

    @Test
    void lengths_thatCannotBelongTogether() {
        typed.put("scye-depth", "20");
        typed.put("side-waist-length", "28");
        assertThat(words(only(Doubt.Kind.TOGETHER))).contains("do not make up the back length");
        typed.put("side-waist-length", "20.5");
        typed.put("front-waist-length", "58");
        assertThat(words(only(Doubt.Kind.TOGETHER))).contains("Front and back length to the waist");
    }

    @Test
    void oldReadings_afterTheMakersMonths() {
        assertThat(DOUBTS.of(set(), build, DAY.plusMonths(7), 6))
                .extracting(Doubt::kind)
                .containsExactly(Doubt.Kind.OLD);
        assertThat(DOUBTS.of(set(), build, DAY.plusMonths(7), 12)).isEmpty();
    }

    @Test
    void answered_isNotAskedAgain() {
        typed.put("ankle", "30.5");
        List<Doubt> asked = ask();
        MeasurementSet settled = set();
        for (Doubt doubt : asked) {
            settled = settled.settle(doubt.key());
        }
        assertThat(DOUBTS.of(settled, build, DAY, 6)).isEmpty();
    }

    @Test
    void shapingLayers_areNotJudgedByBareProportions() {
        typed.put("waist-narrowest", "60");
        typed.put("full-hip", "108");
        assertThat(ask()).isNotEmpty();
        stack = "woman-1861";
        assertThat(ask()).isEmpty();
    }

    @Test
    void children_areNotJudgedAsAdults() {
        typed.clear();
        typed.putAll(Map.of("height", "110", "chest", "57", "waist-crease", "54", "full-hip", "60", "wrist", "12"));
        build = new Build(Age.CHILD, false);
        assertThat(ask()).isEmpty();
        typed.put("chest", "157");
        assertThat(words(ask().get(0))).contains("on a child");
    }

    @Test
    void measuredBodies_fewAreQuestioned() {
        // Heinz, Peterson, Johnson, Kerk 2003. Here with the shipped numbers, which come from the same bodies;
        // bench/run
        // doubts is the honest, cross-validated figure.
        int questioned = 0;
        List<Bodies.Body> bodies = Bodies.measured();
        for (Bodies.Body body : bodies) {
            typed.clear();
            body.millimetres()
                    .forEach((measure, value) -> typed.put(
                            measure.equals("chest") && body.woman() ? "high-bust" : measure, value / 10 + ""));
            build = new Build(Age.ADULT, body.woman());
            questioned += ask().isEmpty() ? 0 : 1;
        }
        assertThat(questioned).isLessThan(bodies.size() / 20);
    }

    @Test
    void doubts_neverChangeTheSet_andEveryCorrectionAnswersItsDoubt() {
        for (String measure : new ArrayList<>(typed.keySet())) {
            String before = typed.get(measure);
            typed.put(measure, before + " in");
            MeasurementSet set = set();
            for (Doubt doubt : DOUBTS.of(set, build, DAY, 6)) {
                assertThat(doubt.saw().in(LengthFormat.INCH_EIGHTHS)).doesNotContain("{}", "NaN");
                assertThat(doubt.explains().in(LengthFormat.INCH_EIGHTHS)).doesNotContain("{}", "NaN");
                doubt.corrections()
                        .forEach(correction -> assertThat(DOUBTS.of(correction.set(), build, DAY, 6))
                                .as("%s: %s", measure, correction.words())
                                .extracting(Doubt::key)
                                .doesNotContain(doubt.key()));
            }
            typed.put(measure, before);
        }
    }

    @Test
    void anyReadings_areDoubtedInWords_withoutEnd() {
        long seed = 1530;
        Random random = new Random(seed);
        List<Measure> measures = LIBRARY.measures().all();
        for (int round = 0; round < 300; round++) {
            typed.clear();
            for (Measure measure : measures) {
                if (random.nextInt(3) == 0) {
                    String suffix = measure.sided() ? new String[] {"", "@left", "@right"}[random.nextInt(3)] : "";
                    boolean seated = measure.how().takes(Posture.SEATED) && random.nextInt(4) == 0;
                    typed.put(
                            measure.id() + (seated ? "@seated" : suffix),
                            1 + random.nextInt(300) + (random.nextBoolean() ? " in" : ".5 cm"));
                }
            }
            build = new Build(Age.values()[random.nextInt(4)], random.nextBoolean());
            stack = random.nextBoolean() ? "none" : "woman-1885";
            MeasurementSet set = set();
            for (Doubt doubt : DOUBTS.of(set, build, DAY.plusYears(random.nextInt(3)), 6)) {
                assertThat(words(doubt)).as("seed %d, round %d", seed, round).doesNotContain("{}", "NaN", "null");
                assertThat(doubt.brief().in(LengthFormat.INCH_EIGHTHS)).isNotBlank();
                doubt.corrections()
                        .forEach(each -> assertThat(each.set().readings()).hasSameSizeAs(set.readings()));
            }
        }
    }
}
