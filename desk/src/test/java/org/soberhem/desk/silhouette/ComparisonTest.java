package org.soberhem.desk.silhouette;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.studio.Studio;
import org.soberhem.studio.demo.Studios;

class ComparisonTest {

    @TempDir
    Path folder;

    private Studio studio;
    private Comparison comparison;

    @BeforeEach
    void open() {
        studio = Studios.demo(folder);
        studio.open("quay-1861");
        comparison = new Comparison(studio);
    }

    @AfterEach
    void close() {
        studio.keeper().close();
    }

    private Optional<Silhouette> period() {
        return studio.judge().silhouette(studio.situation().judged());
    }

    private Comparison.Pair with(Comparison.What what, String id) {
        Comparison.Choice choice = comparison.choices(what).stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
        return comparison.pair(Optional.of(choice), period());
    }

    @Test
    void choices_leaveOutWhatIsAtHand() {
        assertThat(comparison.choices(Comparison.What.PERIOD))
                .extracting(Comparison.Choice::id)
                .isNotEmpty()
                .doesNotContain(period().orElseThrow().header().id());
        assertThat(comparison.choices(Comparison.What.WEARER))
                .extracting(Comparison.Choice::id)
                .isNotEmpty()
                .doesNotContain(studio.situation().wearer().id());
    }

    @Test
    void withoutAChoice_theFigureStandsAlone() {
        Comparison.Pair alone = comparison.pair(Optional.empty(), period());
        assertThat(alone.other()).isEmpty();
        assertThat(alone.one().other()).isEmpty();
        assertThat(alone.otherNumbers()).isEqualTo(alone.numbers());
        assertThat(alone.said()).isEmpty();
    }

    @Test
    void anotherPeriod_isLaidOver_andSaysWhatItWantsInstead() {
        String id = comparison.choices(Comparison.What.PERIOD).get(0).id();
        Comparison.Pair pair = with(Comparison.What.PERIOD, id);
        assertThat(pair.other()).isEmpty();
        assertThat(pair.one().other().orElseThrow().seen(FigureView.FRONT)).isNotEmpty();
        Silhouette other = studio.judge().silhouettes().find(id).orElseThrow();
        assertThat(pair.said()).hasSameSizeAs(other.marks().entrySet());
    }

    @Test
    void anotherWearer_standsBeside_withNumbersOfTheirOwn() {
        String id = comparison.choices(Comparison.What.WEARER).get(0).id();
        Comparison.Pair pair = with(Comparison.What.WEARER, id);
        assertThat(pair.other()).isPresent();
        assertThat(pair.otherNumbers()).isNotEqualTo(pair.numbers());
        assertThat(pair.said().get(0).in(LengthFormat.INCH_EIGHTHS)).startsWith("The same garments, drafted for");
    }

    /**
     * A cage makes the way from waist to floor longer, most at the back; taking its lengths moves the settings by them.
     */
    @Test
    void withoutTheCage_saysWhatItAdds_andTheSkirtTakesIt() {
        String cage = comparison.choices(Comparison.What.LAYER).stream()
                .map(Comparison.Choice::id)
                .filter(id -> id.contains("cage"))
                .findFirst()
                .orElseThrow();
        Comparison.Pair pair = with(Comparison.What.LAYER, cage);
        Comparison.Lengths lengths = pair.lengths().orElseThrow();
        assertThat(lengths.side()).isPositive();
        assertThat(lengths.back()).isPositive();
        assertThat(pair.one().other().orElseThrow().seen(FigureView.FRONT)).isNotEmpty();
        assertThat(pair.otherNumbers()).isNotEqualTo(pair.numbers());
        Map<String, Double> before = settings();
        comparison.take(lengths);
        Map<String, Double> after = settings();
        assertThat(after.get("back-long") - before.get("back-long")).isCloseTo(lengths.back(), within(1e-6));
        assertThat(after.get("left-long") - before.get("left-long")).isCloseTo(lengths.side(), within(1e-6));
        assertThat(studio.done().get()).contains("longer for");
    }

    private Map<String, Double> settings() {
        return studio.situation().work("Skirt").orElseThrow().draft().settings();
    }
}
