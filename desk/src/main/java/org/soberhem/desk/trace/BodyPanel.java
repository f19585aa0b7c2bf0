package org.soberhem.desk.trace;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.Age;
import org.soberhem.core.length.Length;
import org.soberhem.core.size.SizeChart;
import org.soberhem.core.size.SizeMatch;
import org.soberhem.core.trace.DrawnBodyMeasure;
import org.soberhem.core.trace.Tracing;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;

/** The body that the drawing was made for: what is drawn, less the ease that the maker states. */
final class BodyPanel extends VBox {

    private final TraceDesk desk;
    private final GridPane table = new GridPane();
    private final RadioButton asItIs = new RadioButton("It stays exactly as it is");
    private final RadioButton brought = new RadioButton("It is brought to the wearer's size");
    private final VBox alike = new VBox(4);
    private final Label heading = Parts.label("The body it was made for", "caps");
    private final Label size = Parts.text("", "small", "soft");
    private final Label unusual = Parts.text("", "small", "needs");
    private final Label missing = Parts.text("", "needs");

    BodyPanel(TraceDesk desk) {
        super(10);
        this.desk = desk;
        table.setHgap(8);
        table.setVgap(4);
        asItIs.setId("trace-as-it-is");
        brought.setId("trace-brought");
        ToggleGroup either = new ToggleGroup();
        asItIs.setToggleGroup(either);
        brought.setToggleGroup(either);
        asItIs.setOnAction(event -> desk.leaveAsItIs(true));
        brought.setOnAction(event -> desk.leaveAsItIs(false));
        getChildren()
                .addAll(
                        Parts.label("As it is, or for another body?", "caps"),
                        new FlowPane(14, 6, asItIs, brought),
                        alike,
                        heading,
                        Parts.text(
                                "A drawing knows its own size, not its ease: state what it has beyond the body, and the body"
                                        + " follows. Take off the tick where it should not be scaled by.",
                                "small",
                                "soft"),
                        missing,
                        table,
                        unusual,
                        size);
    }

    void show() {
        boolean stays = desk.tracing().isAsItIs();
        alike.getChildren()
                .setAll(desk.tracing().alike().stream().map(this::asked).toList());
        Parts.show(alike, !alike.getChildren().isEmpty());
        asItIs.setSelected(stays);
        brought.setSelected(!stays);
        getChildren().stream().skip(3).forEach(each -> Parts.show(each, !stays));
        if (stays) {
            return;
        }
        List<DrawnBodyMeasure> made = desk.made();
        String lacks = desk.paper().missing();
        missing.setText(
                !lacks.isEmpty()
                        ? lacks + "."
                        : made.isEmpty()
                                ? "No landmark is named yet: name edges and heights of the body, such as the bust."
                                : "");
        Parts.show(missing, !missing.getText().isEmpty());
        table.getChildren().clear();
        if (made.isEmpty()) {
            size.setText("");
            Parts.show(unusual, false);
            return;
        }
        table.addRow(
                0,
                Parts.label("", "small"),
                Parts.label("drawn", "small", "soft"),
                Parts.label("ease", "small", "soft"),
                Parts.label("body", "small", "soft"));
        for (int i = 0; i < made.size(); i++) {
            row(i + 1, made.get(i));
        }
        size.setText(nearest(made));
        List<String> odd = made.stream()
                .filter(this::isOdd)
                .map(each -> each.landmark().title().toLowerCase(Locale.ROOT))
                .toList();
        unusual.setText(
                odd.isEmpty()
                        ? ""
                        : "No grown body is known to have such a measure: " + String.join(", ", odd)
                                + ". Count the squares again, and look at what one is worth, at the level and at the ease.");
        Parts.show(unusual, !odd.isEmpty());
    }

    /** Edges that are only named alike are sewn together if the maker says so. */
    private CheckBox asked(Tracing.Alike pair) {
        CheckBox gathered = new CheckBox(pair.sentence().in(desk.studio().format()));
        gathered.setId("gathered-" + pair.key());
        gathered.setWrapText(true);
        gathered.setSelected(pair.gathered());
        gathered.setOnAction(event -> desk.gather(pair.key(), gathered.isSelected()));
        return gathered;
    }

    private boolean isOdd(DrawnBodyMeasure each) {
        return each.landmark().measures().stream()
                .flatMap(id -> desk.studio().library().measures().find(id).stream())
                .flatMap(measure -> measure.usualAt(Age.ADULT).stream())
                .findFirst()
                .filter(usual -> each.body() < usual.least().toMillimetres()
                        || each.body() > usual.most().toMillimetres())
                .isPresent();
    }

    private void row(int at, DrawnBodyMeasure each) {
        CheckBox used = new CheckBox(each.landmark().title());
        used.setSelected(each.used());
        used.setId("use-" + each.landmark().id());
        used.setOnAction(event -> desk.use(each.landmark().id(), used.isSelected()));
        LengthField ease = new LengthField(
                desk.studio()::format, length -> desk.ease(each.landmark().id(), length));
        ease.show(Optional.of(Length.ofMillimetres(each.ease())));
        ease.setId("ease-" + each.landmark().id());
        ease.setPrefColumnCount(4);
        ease.setMaxWidth(72);
        Parts.hinted(ease, each.landmark().why());
        table.addRow(
                at,
                used,
                Parts.label(desk.studio().format().format(each.drawn())),
                ease,
                Parts.label(desk.studio().format().format(each.body()), "figure"));
    }

    private String nearest(List<DrawnBodyMeasure> made) {
        for (SizeChart chart : desk.charts()) {
            Optional<SizeMatch> match = SizeMatch.of(
                    chart,
                    made.get(0).landmark().measures(),
                    measure -> made.stream()
                            .filter(each -> each.landmark().measures().contains(measure))
                            .mapToDouble(DrawnBodyMeasure::body)
                            .findFirst()
                            .orElse(Double.NaN),
                    0);
            if (match.isPresent()) {
                return chart.title() + ": "
                        + match.get()
                                .sentence(made.get(0).landmark().title().toLowerCase(Locale.ROOT))
                                .in(desk.studio().format())
                        + ".";
            }
        }
        return "";
    }
}
