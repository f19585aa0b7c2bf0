package org.soberhem.desk.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.size.SizeChart;
import org.soberhem.core.trace.Tracing;
import org.soberhem.desk.widget.Parts;

/** What is traced and what stands behind it: title, kind, years, evidence, and the size chart of a pattern in sizes. */
final class WhatPanel extends VBox {

    private static final String ONE_SIZE = "no: one drawing, one size";

    private final TraceDesk desk;
    private final TextField title = new TextField();
    private final ChoiceBox<String> garment = new ChoiceBox<>();
    private final TextField place = new TextField();
    private final TextField years = new TextField();
    private final ChoiceBox<SheetSource.Kind> kind = new ChoiceBox<>();
    private final TextField where = new TextField();
    private final TextField at = new TextField();
    private final ChoiceBox<SheetSource.Sure> sure = new ChoiceBox<>();
    private final TextField note = new TextField();
    private final ChoiceBox<String> chart = new ChoiceBox<>();
    private boolean filling;

    /**
     * @param picture asks for another picture
     * @param write writes the tracing to a file
     * @param remove removes the tracing
     */
    WhatPanel(TraceDesk desk, Runnable picture, Runnable write, Runnable remove) {
        super(8);
        this.desk = desk;
        GridPane form = new GridPane();
        form.setHgap(10);
        form.setVgap(6);
        title.setId("trace-title");
        garment.setId("trace-garment");
        years.setId("trace-years");
        where.setId("source-where");
        kind.setId("source-kind");
        sure.setId("source-sure");
        chart.setId("trace-chart");
        garment.getItems()
                .setAll(desk.studio().sheets().offered().stream()
                        .map(each -> each.sheet().sheet().about().garment())
                        .distinct()
                        .sorted()
                        .toList());
        kind.getItems().setAll(SheetSource.Kind.values());
        kind.setConverter(Parts.words(SheetSource.Kind::words));
        sure.getItems().setAll(SheetSource.Sure.values());
        sure.setConverter(Parts.words(SheetSource.Sure::words));
        years.setPromptText("1890–1897");
        at.setPromptText("page, plate or number");
        form.addRow(0, Parts.label("Title"), title);
        form.addRow(1, Parts.label("Garment"), garment);
        form.addRow(2, Parts.label("Worn in"), place);
        form.addRow(3, Parts.label("Years"), years);
        GridPane evidence = new GridPane();
        evidence.setHgap(10);
        evidence.setVgap(6);
        evidence.addRow(0, Parts.label("Read off a"), kind);
        evidence.addRow(1, Parts.label("Which, where"), where);
        evidence.addRow(2, Parts.label("At"), at);
        evidence.addRow(3, Parts.label("How sure"), sure);
        evidence.addRow(4, Parts.label("Note"), note);
        for (TextField field : List.of(title, place, years, where, at, note)) {
            GridPane.setHgrow(field, Priority.ALWAYS);
            field.setOnAction(event -> take());
            field.focusedProperty().addListener((was, before, now) -> {
                if (!now) {
                    take();
                }
            });
        }
        Stream.of(garment, kind, sure).forEach(each -> {
            each.setMaxWidth(Double.MAX_VALUE);
            each.valueProperty().addListener((was, before, now) -> take());
        });
        chart.setMaxWidth(Double.MAX_VALUE);
        chart.valueProperty().addListener((was, before, now) -> {
            if (!filling && now != null) {
                desk.size(now.equals(ONE_SIZE) ? "" : now);
            }
        });
        var open = Parts.button("Open another picture", picture, "quiet");
        open.setId("trace-picture");
        getChildren()
                .addAll(
                        Parts.label("What it is", "caps"),
                        form,
                        Parts.label("Evidence", "caps"),
                        evidence,
                        Parts.label("In the sizes of a chart", "caps"),
                        chart,
                        new FlowPane(
                                6,
                                6,
                                open,
                                Parts.button("Write it to a file", write, "quiet"),
                                Parts.button("Remove the tracing", remove, "quiet")));
    }

    private void take() {
        if (filling) {
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
        filling = true;
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
        chart.setValue(charts.contains(desk.tracing().chart()) ? desk.tracing().chart() : ONE_SIZE);
        filling = false;
    }

    /** What is being typed is not overwritten. */
    private static void fill(TextField field, String text) {
        if (!field.isFocused()) {
            field.setText(text);
        }
    }
}
