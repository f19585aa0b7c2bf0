package org.soberhem.core.maker;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.size.SizeChart;

class MakerTest {

    private static LayerStack stack(String id, String... layers) {
        return new LayerStack(id, id, 1900, 1910, "", "", List.of(layers), "");
    }

    private static SizeChart chart(String title, String source) {
        return new SizeChart(title, source, List.of(), Map.of());
    }

    @Test
    void ownStacksAndCharts_replaceTheirNamesakes() {
        Maker maker = Maker.NEW
                .with(stack("own-a", "chemise"))
                .with(stack("own-b"))
                .with(stack("own-a", "corset"))
                .with(chart("mine", "first"))
                .with(chart("mine", "second"))
                .withMonths(3);
        assertThat(maker.stacks()).extracting(LayerStack::id).containsExactly("own-b", "own-a");
        assertThat(maker.stacks().get(1).layers()).containsExactly("corset");
        assertThat(maker.charts()).extracting(SizeChart::source).containsExactly("second");
        assertThat(maker.months()).isEqualTo(3);
        assertThat(Maker.NEW.stacks()).isEmpty();
    }
}
