package org.soberhem.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;

class FigureTest {

    @Test
    void outline_isMirroredAndRunsFromNeckToNeck() {
        Figure figure = new Figure(
                List.of(new Point(16, 92), new Point(80, 150), new Point(0, 424)),
                Map.of("nape", new Figure.TapeLine(Optional.empty(), Optional.of(List.of(new Point(0, 120))))));
        Path outline = figure.outline();
        assertThat(outline.start()).isEqualTo(new Point(-16, 92));
        assertThat(outline.end()).isEqualTo(new Point(16, 92));
        assertThat(outline.segments()).hasSize(4);
        assertThat(figure.tape("nape").orElseThrow().on(true)).isPresent();
        assertThat(figure.tape("nape").orElseThrow().on(false)).isEmpty();
        assertThat(figure.tape("head")).isEmpty();
    }
}
