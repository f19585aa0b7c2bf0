package org.soberhem.files.print;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.layers.Wardrobe;

/** The dressing order card: what is put on after what, and what to mind. */
public final class DressingCardPdf {

    private DressingCardPdf() {}

    /** Returns the PDF of a stack. */
    public static byte[] write(LayerStack stack, Wardrobe wardrobe, PaperSize paper) {
        try (Flow flow = new Flow(paper)) {
            flow.text("Dressing order", 4);
            flow.text(stack.title(), 7);
            flow.text(stack.who() + ", " + stack.place() + ", " + stack.from() + " to " + stack.to(), 4);
            flow.space(3);
            flow.rule();
            List<Layer> layers = wardrobe.layersOf(stack);
            Set<String> cautions = new LinkedHashSet<>();
            for (int i = 0; i < layers.size(); i++) {
                Layer layer = layers.get(i);
                cautions.addAll(layer.cautions());
                flow.need(20);
                flow.text("□ " + (i + 1) + "   " + layer.name(), 5.4);
                flow.text(layer.about(), 12, flow.width() - 12, 3.8);
                flow.space(2);
            }
            if (!stack.note().isEmpty()) {
                flow.text(stack.note(), 4);
                flow.space(2);
            }
            flow.rule();
            flow.text("To mind", 4.6);
            for (String caution : cautions) {
                flow.text("• " + wardrobe.cautions().getOrDefault(caution, caution), 3.8);
                flow.space(1);
            }
            flow.text("These are the usual cautions; local rules and licensed practice decide.", 3.4);
            return flow.finished();
        }
    }
}
