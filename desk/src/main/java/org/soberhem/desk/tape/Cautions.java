package org.soberhem.desk.tape;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.soberhem.core.body.Age;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerClass;
import org.soberhem.studio.Studio;

/** The usual cautions that belong to a measuring session. They defer to clinicians, standards and local rules. */
final class Cautions {

    private Cautions() {}

    /** Returns what is to be minded before a set is read. */
    static List<String> before(Studio studio, MeasurementSet set, Build build) {
        List<Layer> worn = studio.wardrobe()
                .stack(set.stack())
                .map(studio.wardrobe()::layersOf)
                .orElse(List.of());
        Set<String> ids = new LinkedHashSet<>();
        worn.stream()
                .filter(layer -> layer.kind() == LayerClass.BODY_SHAPER)
                .forEach(layer -> ids.addAll(layer.cautions()));
        if (build.age() != Age.ADULT) {
            ids.add("not-children");
            ids.add("cords");
        }
        Map<String, String> texts = studio.wardrobe().cautions();
        return ids.stream().filter(texts::containsKey).map(texts::get).toList();
    }
}
