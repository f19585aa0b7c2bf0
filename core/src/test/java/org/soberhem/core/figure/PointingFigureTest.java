package org.soberhem.core.figure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;

class PointingFigureTest {

    @Test
    void outline_isMirroredAndRunsFromNeckToNeck() {
        PointingFigure figure = new PointingFigure(List.of(new Point(16, 92), new Point(80, 150), new Point(0, 424)));
        Path outline = figure.outline();
        assertThat(outline.start()).isEqualTo(new Point(-16, 92));
        assertThat(outline.end()).isEqualTo(new Point(16, 92));
        assertThat(outline.segments()).hasSize(4);
    }
}
