package org.soberhem.desk.widget;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;
import org.soberhem.core.costume.DailyNeeds;

/** Ticks what a wearer must be able to do in a costume. */
public final class NeedsBox extends FlowPane {

    private final Map<DailyNeeds.Need, CheckBox> boxes = new EnumMap<>(DailyNeeds.Need.class);

    /** @param changed takes all that are ticked whenever the maker ticks one or takes a tick away */
    public NeedsBox(Consumer<List<DailyNeeds.Need>> changed) {
        super(16, 4);
        for (DailyNeeds.Need need : DailyNeeds.Need.values()) {
            CheckBox box = new CheckBox(need.words());
            box.setId("need-" + need.name().toLowerCase(Locale.ROOT));
            box.setOnAction(event -> changed.accept(chosen()));
            boxes.put(need, box);
            getChildren().add(box);
        }
    }

    /** Ticks what is needed. */
    public void show(List<DailyNeeds.Need> needed) {
        boxes.forEach((need, box) -> box.setSelected(needed.contains(need)));
    }

    /** Returns what is ticked. */
    public List<DailyNeeds.Need> chosen() {
        return boxes.entrySet().stream()
                .filter(each -> each.getValue().isSelected())
                .map(Map.Entry::getKey)
                .toList();
    }
}
