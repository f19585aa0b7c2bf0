package org.soberhem.desk.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.size.SizeChart;
import org.soberhem.core.trace.Tracing;
import org.soberhem.desk.widget.FieldForm;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.Parts;

/** What is traced and what stands behind it: title, kind, years, evidence, and the size chart of a pattern in sizes. */
final class WhatPanel extends VBox {

    private static final String ONE_SIZE = "no: one drawing, one size";

    private final TraceDesk desk;
    private final TextField title = new TextField();
    private final ChoiceBox<String> garment;
    private final TextField place = new TextField();
    private final TextField years = new TextField();
    private final ChoiceBox<SheetSource.Kind> kind =
            FieldForm.choice("source-kind", List.of(SheetSource.Kind.values()), SheetSource.Kind::words);
    private final TextField where = new TextField();
    private final TextField at = new TextField();
    private final ChoiceBox<SheetSource.Sure> sure =
            FieldForm.choice("source-sure", List.of(SheetSource.Sure.values()), SheetSource.Sure::words);
    private final TextField note = new TextField();
    private final ChoiceBox<String> chart = new ChoiceBox<>();
    private final Filling filling = new Filling();

    /**
     * @param picture asks for another picture
     * @param write writes the tracing to a file
     * @param remove removes the tracing
     */
    WhatPanel(TraceDesk desk, Runnable picture, Runnable write, Runnable remove) {
        super(8);
        this.desk = desk;
        garment = FieldForm.choice("trace-garment", garments(), each -> each);
        title.setId("trace-title");
        years.setId("trace-years");
        where.setId("source-where");
        years.setPromptText("1890–1897");
        at.setPromptText("page, plate or number");
        chart.setId("trace-chart");
        chart.setMaxWidth(Double.MAX_VALUE);
        List.of(title, place, years, where, at, note).forEach(field -> FieldForm.onTyped(field, this::take));
        List.of(garment, kind, sure).forEach(box -> box.valueProperty().addListener(filling.heard(now -> take())));
        chart.valueProperty().addListener(filling.heard(now -> {
            if (now != null) {
                desk.size(now.equals(ONE_SIZE) ? "" : now);
            }
        }));
        Button open = Parts.button("Open another picture", picture, "quiet");
        open.setId("trace-picture");
        getChildren()
                .addAll(
                        Parts.label("What it is", "caps"),
                        new FieldForm()
                                .row("Title", title)
                                .row("Garment", garment)
                                .row("Worn in", place)
                                .row("Years", years),
                        Parts.label("Evidence", "caps"),
                        evidence(),
                        Parts.label("In the sizes of a chart", "caps"),
                        chart,
                        new FlowPane(
                                6,
                                6,
                                open,
                                Parts.button("Write it to a file", write, "quiet"),
                                Parts.button("Remove the tracing", remove, "quiet")));
    }

    private List<String> garments() {
        return desk.studio().sheets().offered().stream()
                .map(each -> each.sheet().sheet().about().garment())
                .distinct()
                .sorted()
                .toList();
    }

    private FieldForm evidence() {
        return new FieldForm()
                .row("Read off a", kind)
                .row("Which, where", where)
                .row("At", at)
                .row("How sure", sure)
                .row("Note", note);
    }

    private void take() {
        if (filling.isOn()) {
            return;
        }
        Tracing.About was = desk.tracing().about();
        String[] span = years.getText().strip().split("\\s*[–-]\\s*");
        boolean two = span.length == 2 && Stream.of(span).allMatch(each -> each.matches("\\d{3,4}"));
        boolean one = span.length == 1 && span[0].matches("\\d{3,4}");
        int from = two || one ? Integer.parseInt(span[0]) : was.from();
        int to = two ? Integer.parseInt(span[1]) : one ? from : was.to();
        desk.describe(new Tracing.About(
                title.getText().isBlank() ? was.title() : title.getText().strip(),
                was.system(),
                garment.getValue() == null ? was.garment() : garment.getValue(),
                place.getText().isBlank() ? was.place() : place.getText().strip(),
                Math.min(from, to),
                Math.max(from, to),
                new SheetSource(
                        kind.getValue() == null ? was.source().kind() : kind.getValue(),
                        where.getText().strip(),
                        at.getText().strip(),
                        sure.getValue() == null ? was.source().sure() : sure.getValue(),
                        note.getText().strip())));
    }

    void show() {
        filling.during(() -> {
            Tracing.About about = desk.tracing().about();
            if (!garment.getItems().contains(about.garment())) {
                garment.getItems().add(about.garment());
            }
            fill(title, about.title());
            garment.setValue(about.garment());
            fill(place, about.place());
            fill(years, about.from() + "–" + about.to());
            kind.setValue(about.source().kind());
            fill(where, about.source().where());
            fill(at, about.source().at());
            sure.setValue(about.source().sure());
            fill(note, about.source().note());
            List<String> charts = new ArrayList<>(List.of(ONE_SIZE));
            desk.charts().stream().map(SizeChart::title).forEach(charts::add);
            Parts.offer(chart.getItems(), charts);
            chart.setValue(
                    charts.contains(desk.tracing().chart()) ? desk.tracing().chart() : ONE_SIZE);
        });
    }

    /** What is being typed is not overwritten. */
    private static void fill(TextField field, String text) {
        if (!field.isFocused()) {
            field.setText(text);
        }
    }
}
