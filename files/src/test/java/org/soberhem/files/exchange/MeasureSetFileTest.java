package org.soberhem.files.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.body.Measure;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.body.Reading;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthEntry;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.size.SizeChart;
import org.soberhem.library.Library;
import org.soberhem.library.SizeChartCsv;
import org.soberhem.library.input.FormatException;

/** Whole sets of readings as CSV, out and in, and size charts. */
class MeasureSetFileTest {

    private static final Library LIBRARY = Library.shipped();
    private static final long SEED = 1778;

    private static List<Reading> read(String text) {
        return MeasureFile.readings(text, LIBRARY.measures(), LengthUnit.CENTIMETRE);
    }

    @Test
    void threeReadings_sidesAndPostures() {
        List<Reading> readings = read("""
                measure,reading 1,reading 2,reading 3
                full-hip,99,99.4 cm,39 in
                full-hip@seated,104,,
                armscye@left,"40,5",41,
                """);
        assertThat(readings).hasSize(3);
        assertThat(readings.get(0).taken()).hasSize(3);
        assertThat(readings.get(1).posture()).isEqualTo(Posture.SEATED);
        assertThat(readings.get(2).side()).isEqualTo(Side.LEFT);
        assertThat(readings.get(2).taken().get(0).value()).isEqualTo(Length.ofMillimetres(405));
    }

    @Test
    void seatedOnlyMeasure_needsNoSuffix_andTheLastRowCounts() {
        assertThat(read("torso-length-seated,24").get(0).posture()).isEqualTo(Posture.SEATED);
        assertThat(read("wrist,16\nwrist,17"))
                .singleElement()
                .satisfies(reading -> assertThat(reading.mean()).isEqualTo(Length.ofMillimetres(170)));
    }

    @Test
    void written_readsBackToTheSameLengths_correctedOnesToo() {
        Random random = new Random(SEED);
        List<Measure> measures = LIBRARY.measures().all();
        for (int round = 0; round < 200; round++) {
            List<Reading> readings = new ArrayList<>();
            for (Measure measure : measures) {
                if (random.nextInt(4) == 0) {
                    readings.add(random(measure, random));
                }
            }
            MeasurementSet set = MeasurementSet.of("s", LocalDate.of(2026, 5, 14), "none", "", "", readings);
            List<Reading> back = read(MeasureFile.write(set, "no layer, \"nothing\"\nat all"));
            assertThat(back).as("seed %d, round %d", SEED, round).hasSameSizeAs(readings);
            for (int i = 0; i < readings.size(); i++) {
                assertThat(back.get(i).taken())
                        .extracting(LengthEntry::value)
                        .isEqualTo(readings.get(i).taken().stream()
                                .map(LengthEntry::value)
                                .toList());
                assertThat(back.get(i).side()).isEqualTo(readings.get(i).side());
                assertThat(back.get(i).posture()).isEqualTo(readings.get(i).posture());
            }
        }
    }

    private static Reading random(Measure measure, Random random) {
        List<LengthEntry> taken = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(3); i++) {
            LengthEntry entry = random.nextBoolean()
                    ? LengthEntry.parse(11 + random.nextInt(40) + " " + (1 + random.nextInt(7)) + "/8", LengthUnit.INCH)
                    : LengthEntry.parse(30 + random.nextInt(80) + "," + random.nextInt(10), LengthUnit.CENTIMETRE);
            taken.add(
                    switch (random.nextInt(4)) {
                        case 0 -> entry.less(Length.ofInches(10, 0, 8));
                        case 1 -> entry.readAs(LengthUnit.CENTIMETRE);
                        default -> entry;
                    });
        }
        boolean seated = !measure.how().takes(Posture.STANDING);
        Side side = measure.sided() && !seated ? Side.values()[random.nextInt(3)] : Side.MIDDLE;
        return new Reading(measure.id(), side, seated ? Posture.SEATED : Posture.STANDING, taken);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "measure,a,b,c,d\\nwrist,1,2,3,4 | line 2: wrist must have one to three readings: 4",
                "measure,a,b\\nwrist,, | line 2: wrist must have one to three readings: 0",
                "measure,a,b\\nwrist,16,nought | line 2: \"nought\" cannot be read as a length"
            })
    void badReadings_sayWhere(String text, String message) {
        assertThatThrownBy(() -> read(text.replace("\\n", "\n")))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(message);
    }

    @Test
    void tooLong_isRefused() {
        assertThatThrownBy(() -> read("# " + "x".repeat(1_000_001))).hasMessageContaining("at most a million");
    }

    private static SizeChart chart(String text) {
        return SizeChartCsv.read(text, "file.csv", LIBRARY.measures(), LengthUnit.CENTIMETRE);
    }

    @Test
    void sizeChart_titleSourceRowsAndEase() {
        SizeChart chart = chart("""
                # title: Blouses of the season
                # source: invented
                size,bust,waist
                A,84,62 cm
                B,34 in,66
                ease,10,
                """);
        assertThat(chart.title()).isEqualTo("Blouses of the season");
        assertThat(chart.source()).isEqualTo("invented");
        assertThat(chart.measures()).containsExactly("full-bust", "waist-crease");
        assertThat(chart.rows().get(1).body().get("full-bust")).isEqualTo(863.6);
        assertThat(chart.ease()).containsOnlyKeys("full-bust");
        assertThat(chart("size,bust\nA,84").title()).isEqualTo("file.csv");
        SizeChart back = chart(SizeChartCsv.write(chart));
        assertThat(back.title()).isEqualTo(chart.title());
        assertThat(back.ease()).isEqualTo(chart.ease());
        assertThat(back.rows().get(0)).isEqualTo(chart.rows().get(0));
        LIBRARY.charts()
                .forEach(shipped ->
                        assertThat(chart(SizeChartCsv.write(shipped))).isEqualTo(shipped));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "bust,waist | line 1: the heading must be size,measure",
                "size,bost\\nA,84 | line 1: \"bost\" is not a known measurement",
                "size,bust,full-bust\\nA,84,85 | line 1: \"full-bust\" is full-bust, which an earlier column is already",
                "size,bust\\nA,84,62 | line 2: 1 lengths must follow the size: 2 are there",
                "size,bust\\nA,much | line 2: \"much\" cannot be read",
                "size,bust\\nA,0 | line 2: full-bust must be more than nothing",
                "size,bust | the size chart has no rows",
                "size,bust\\nB,88\\nA,84 | size B has 88.0 cm of full-bust, size A 84.0 cm: put the rows in order",
                "size,bust\\nA,84 cm\\nB,34 | size A has 84.0 cm of full-bust, size B 34.0 cm: inches and centimetres seem to be mixed",
            })
    void sizeChart_badInput_saysWhere(String text, String message) {
        assertThatThrownBy(() -> chart(text.replace("\\n", "\n")))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(message);
    }
}
