package org.soberhem.core.likeness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.fitting.Overlay;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthFormat;

class LikenessTest {

    private static Overlay.Pair holds(String name, double x, double y) {
        // The picture shows the same half as large and shifted.
        return new Overlay.Pair(
                name, Overlay.Use.HOLDS, new Point(x, y), Optional.of(new Point(x / 2 + 0.1, y / 2 + 0.2)));
    }

    private static Overlay.Pair button(double x, double y, double right, double down) {
        return new Overlay.Pair(
                "button 1",
                Overlay.Use.COMPARED,
                new Point(x, y),
                Optional.of(new Point((x + right) / 2 + 0.1, (y + down) / 2 + 0.2)));
    }

    private static final Overlay HELD =
            Overlay.over("ref").with(holds("eye", 0.5, 0.1)).with(holds("foot", 0.5, 1.7));

    private static String words(Overlay overlay) {
        return Likeness.of(overlay).differences().get(0).sentence().in(LengthFormat.INCH_EIGHTHS);
    }

    @Test
    void button_isMeasuredInRealLengths_fromOneKnownLength() {
        // From eye to foot is 64 in and 1.6 of the reference: one inch is 0.025.
        Overlay overlay = HELD.knowing(new Overlay.Known("eye", "foot", Length.ofInches(64)));
        assertThat(words(overlay.with(button(0.5, 0.8, 0, 0.025)))).isEqualTo("button 1: 1 in too low");
        assertThat(words(overlay.with(button(0.5, 0.8, 0, -0.05)))).isEqualTo("button 1: 2 in too high");
        assertThat(words(overlay.with(button(0.5, 0.8, -0.0125, 0))))
                .isEqualTo("button 1: ½ in too far to the picture's left");
        assertThat(words(overlay.with(button(0.5, 0.8, 0.0125, 0.025))))
                .isEqualTo("button 1: 1 in too low, ½ in too far to the picture's right");
        assertThat(words(overlay.with(button(0.5, 0.8, 0, 0.001)))).isEqualTo("button 1: as the reference has it");
        Likeness likeness = Likeness.of(overlay.with(button(0.5, 0.8, 0, 0.025)));
        assertThat(likeness.miss()).isCloseTo(0, within(1e-9));
        assertThat(likeness.differences().get(0).amount().toMillimetres()).isCloseTo(25.4, within(1e-6));
    }

    @Test
    void withoutAKnownLength_itIsAligned_andAsksForOne() {
        assertThat(words(HELD.with(button(0.5, 0.8, 0, 0.025))))
                .isEqualTo("button 1: say one known length on the wearer to measure it");
    }

    @Test
    void perspective_needsFourMarks_andSaysSo() {
        assertThatThrownBy(() -> Likeness.of(HELD.by(true)))
                .hasMessage("To align by perspective, 4 places must be marked on both pictures: 2 are");
        Overlay four = HELD.with(holds("left hand", 0.2, 0.9)).with(holds("right hand", 0.8, 0.95));
        Overlay overlay = four.by(true).knowing(new Overlay.Known("eye", "foot", Length.ofInches(64)));
        assertThat(words(overlay.with(button(0.5, 0.8, 0, 0.025)))).isEqualTo("button 1: 1 in too low");
    }

    @Test
    void knownLength_ofAMarkThatIsTakenAway_isForgotten_andOnOneSpotIsRefused() {
        Overlay overlay = HELD.knowing(new Overlay.Known("eye", "foot", Length.ofInches(64)));
        assertThat(overlay.without("foot").known()).isEmpty();
        Overlay spot = overlay.knowing(new Overlay.Known("eye", "eye", Length.ofInches(1)));
        assertThatThrownBy(() -> Likeness.of(spot)).hasMessageContaining("lie on one spot");
    }
}
