package org.soberhem.desk.draft;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.garment.OwnSum;
import org.soberhem.core.garment.Sum;
import org.soberhem.core.garment.SumException;
import org.soberhem.core.garment.SumInputs;
import org.soberhem.core.garment.SumKind;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Studio;

/**
 * A sum apart from any sheet: what kind, and each measured place typed. What was typed stays while the window is
 * open.
 */
final class OwnSumForm extends VBox {

    /** What is said where nothing is chosen. */
    private static final String ANY = "";

    private final Studio studio;
    private final Consumer<Sum> worked;
    private final ChoiceBox<String> kind = new ChoiceBox<>();
    private final VBox fields = new VBox(4);
    private final Map<SumKind, Map<String, String>> typed = new LinkedHashMap<>();

    /**
     * @param studio for the unit and the year
     * @param worked takes the sum as it stands
     */
    OwnSumForm(Studio studio, Consumer<Sum> worked) {
        super(8);
        this.studio = studio;
        this.worked = worked;
        kind.setId("own-sum-kind");
        Arrays.stream(SumKind.values()).map(each -> words(each.word())).forEach(kind.getItems()::add);
        kind.setValue(words(SumKind.TRIMMING.word()));
        kind.valueProperty().addListener(seen -> fields());
        Button work = Parts.button("Work it out", this::work, "main");
        work.setId("own-sum-work");
        getChildren().addAll(kind, fields, work);
        fields();
    }

    private static String words(String name) {
        return name.replace('-', ' ');
    }

    private SumKind chosen() {
        return SumKind.find(kind.getValue().replace(' ', '-')).orElseThrow();
    }

    private void fields() {
        fields.getChildren().clear();
        SumKind asked = chosen();
        Map<String, String> kept = typed.computeIfAbsent(asked, each -> new LinkedHashMap<>());
        for (String argument : OwnSum.arguments(asked)) {
            List<String> ways = asked.words().getOrDefault(argument, List.of());
            Control field = ways.isEmpty() ? text(argument, kept) : way(argument, ways, kept);
            field.setId("own-" + words(argument).replace(' ', '-'));
            Label name = Parts.label(words(argument) + (asked.needed().contains(argument) ? " *" : ""), "small");
            name.setMinWidth(110);
            HBox line = new HBox(8, name, field);
            line.setAlignment(Pos.CENTER_LEFT);
            fields.getChildren().add(line);
        }
        fields.getChildren().add(Parts.text("* is needed", "small", "soft"));
    }

    private TextField text(String argument, Map<String, String> kept) {
        TextField field = new TextField(kept.getOrDefault(argument, ""));
        if (argument.startsWith(OwnSum.ROW)) {
            field.setPromptText("7 in: 12 in/5 in, 26 in/11 in");
        }
        field.textProperty().addListener((seen, before, now) -> kept.put(argument, now));
        field.setOnAction(event -> work());
        return field;
    }

    private ChoiceBox<String> way(String argument, List<String> ways, Map<String, String> kept) {
        ChoiceBox<String> box = new ChoiceBox<>();
        box.getItems().add(ANY);
        box.getItems().addAll(ways);
        box.setValue(kept.getOrDefault(argument, ANY));
        box.valueProperty().addListener((seen, before, now) -> kept.put(argument, now));
        return box;
    }

    /** Works the sum out from what is typed, and hands it on; what is wrong is handed on as a refused sum. */
    void work() {
        SumKind asked = chosen();
        SumInputs.Circumstances circumstances = new SumInputs.Circumstances(
                studio.situation().costume().year(), studio.library().usages());
        Sum sum;
        try {
            sum = OwnSum.of(asked, typed.get(asked), studio.format().unit(), circumstances);
        } catch (SumException wrong) {
            sum = Sum.refused(asked.word(), "A sum of your own", wrong.sentence());
        }
        worked.accept(sum);
    }
}
