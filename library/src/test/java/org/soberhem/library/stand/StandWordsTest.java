package org.soberhem.library.stand;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.doubt.BodyDoubt;
import org.soberhem.core.doubt.Doubt;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.stand.OddReading;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.stand.StandMaker;
import org.soberhem.core.stand.StandWords;
import org.soberhem.library.Library;

/** What is said of a stand that cannot follow all that was read. */
class StandWordsTest {

    private static final Library LIBRARY = Library.shipped();
    private static final MeasurementSet SET =
            MeasurementSet.of("s", LocalDate.of(2026, 5, 1), "none", "", "", List.of());

    private static Stand stand(Map<String, Double> read) {
        return StandMaker.of(
                new BodyFigure(LIBRARY.figurePlan(), Build.ADULT, measure -> read.getOrDefault(measure, Double.NaN)));
    }

    private static Map<String, Double> sound() {
        return new HashMap<>(Map.of(
                "height", 1680.0, "full-bust", 960.0, "under-bust", 800.0, "waist-crease", 720.0, "full-hip", 1010.0));
    }

    private static List<String> said(Stand stand, LengthFormat format) {
        return new StandWords(LIBRARY.measures()::name)
                .of(stand).stream().map(sentence -> sentence.in(format)).toList();
    }

    @Test
    void soundReadings_areFollowed_andNothingIsSaid() {
        Stand stand = stand(sound());
        assertThat(said(stand, LengthFormat.CENTIMETRES)).isEmpty();
        assertThat(StandWords.brief(stand)).isEmpty();
    }

    @Test
    void whatTheStandMisses_isToldBesideTheReading_inTheMakersUnit() {
        Map<String, Double> read = sound();
        read.put("nape-to-waist", 400.0);
        read.put("neck-pit-to-waist", 230.0);
        read.put("wrist", 900.0);
        read.put("upper-arm", 300.0);
        read.put("forearm", 250.0);
        Stand stand = stand(read);
        assertThat(said(stand, LengthFormat.INCH_EIGHTHS))
                .anyMatch(words -> words.startsWith("Wrist: no body with the other readings has this"))
                .anyMatch(words -> words.contains("the stand is ") && words.contains(" in "));
        Sentence brief = StandWords.brief(stand).get("neck-pit-to-waist");
        assertThat(brief.in(LengthFormat.CENTIMETRES))
                .startsWith("the stand ")
                .endsWith(" longer")
                .contains("cm");
    }

    @Test
    void doubt_namesTheReadingAndWhatTheOthersMakeIt_untilItIsAnswered() {
        OddReading odd = new OddReading("nape-to-waist", Side.MIDDLE, 470, 396);
        Doubt doubt = BodyDoubt.of(SET, odd, LIBRARY.measures()::name).orElseThrow();
        assertThat(doubt.sentence().in(LengthFormat.CENTIMETRES))
                .isEqualTo(
                        "These readings do not make one body. The likeliest wrong one is Nape to waist: read 47.0 cm, the others"
                                + " make it about 39.6 cm. The stand was fitted to all tapes at once, and to all but this one");
        assertThat(doubt.measures()).containsExactly("nape-to-waist");
        MeasurementSet answered = new MeasurementSet(
                SET.id(),
                SET.date(),
                SET.stack(),
                "",
                "",
                List.of(),
                SET.worn(),
                SET.start(),
                Optional.empty(),
                List.of(doubt.key()));
        assertThat(BodyDoubt.of(answered, odd, LIBRARY.measures()::name)).isEmpty();
    }
}
