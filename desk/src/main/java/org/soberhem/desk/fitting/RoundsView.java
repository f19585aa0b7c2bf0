package org.soberhem.desk.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Symptoms;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.Ledger;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.report.RoundReport;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.files.print.PaperSize;
import org.soberhem.files.print.RoundSheetPdf;
import org.soberhem.studio.Studio;

/** Between two rounds: the table to work from at the machine, what all rounds took in, and how they compare. */
final class RoundsView extends BorderPane implements FittingPlace.Shown {

    private final Studio studio;
    private final FittingRound round;
    private final FileDesk files;
    private final ChoiceBox<Integer> which = new ChoiceBox<>();
    private final VBox left = new VBox(10);
    private final VBox right = new VBox(10);

    RoundsView(Studio studio, FittingRound round, FileDesk files) {
        this.studio = studio;
        this.round = round;
        this.files = files;
        which.setId("round-chosen");
        which.setConverter(Parts.words(number -> "Fitting " + number));
        which.valueProperty().addListener((was, before, now) -> fill());
        left.setPadding(new Insets(14, 20, 14, 20));
        right.setPadding(new Insets(14, 20, 14, 20));
        ScrollPane side = Parts.scroll(right);
        side.setPrefWidth(480);
        side.getStyleClass().add("panel");
        setCenter(Parts.scroll(left));
        setRight(side);
    }

    @Override
    public void refresh() {
        List<Integer> numbers = studio.situation().costume().fittings().stream()
                .map(Fitting::number)
                .toList();
        boolean newer = !which.getItems().equals(numbers);
        Parts.offer(which.getItems(), numbers);
        if (newer || which.getValue() == null) {
            which.setValue(numbers.isEmpty() ? null : numbers.get(numbers.size() - 1));
        }
        fill();
    }

    private void fill() {
        left.getChildren().clear();
        right.getChildren().clear();
        Costume costume = studio.situation().costume();
        Optional<Fitting> fitting = costume.fittings().stream()
                .filter(each -> Integer.valueOf(each.number()).equals(which.getValue()))
                .findFirst();
        if (fitting.isEmpty()) {
            left.getChildren()
                    .add(Parts.text(
                            "Nothing was tried on yet. What a round asks for stands here as the table to work from.",
                            "soft"));
            return;
        }
        Button print = Parts.button("Print it", () -> print(fitting.get()));
        print.setId("print-round");
        left.getChildren()
                .addAll(
                        new HBox(10, which, print),
                        Parts.label("To do at the machine", "heading"),
                        table(fitting.get()));
        ledger(costume);
        enough();
        compared(costume);
    }

    private GridPane table(Fitting fitting) {
        GridPane grid = grid();
        head(grid, "seam or level", "side", "how much, from – to", "because of");
        int line = 1;
        for (RoundReport.Row row :
                RoundReport.summary(fitting, studio.library().symptoms(), studio.situation()::pattern)) {
            cell(grid, 0, line, row.place().isEmpty() ? "–" : row.place());
            cell(grid, 1, line, row.side().words());
            cell(grid, 2, line, row.task().in(studio.format()));
            cell(grid, 3, line, row.seen() + " (" + row.versions() + ")");
            line++;
        }
        if (line == 1) {
            cell(grid, 1, 1, "Nothing was remarked.");
        }
        return grid;
    }

    private static GridPane grid() {
        GridPane grid = new GridPane();
        grid.setHgap(16);
        grid.setVgap(6);
        return grid;
    }

    private static void head(GridPane grid, String... words) {
        for (int i = 0; i < words.length; i++) {
            grid.add(Parts.label(words[i], "caps"), i, 0);
        }
    }

    private static void cell(GridPane grid, int column, int row, String words) {
        Label label = Parts.text(words);
        label.setMaxWidth(260);
        grid.add(label, column, row);
    }

    private void ledger(Costume costume) {
        right.getChildren().add(Parts.label("Taken in and let out in all", "heading"));
        int before = right.getChildren().size();
        for (Garment garment : costume.garments()) {
            Optional<DraftedGarment> work = studio.situation().work(garment.name());
            if (work.isEmpty()) {
                continue;
            }
            for (Ledger.Account account : Ledger.of(costume, garment, work.get().pattern())) {
                right.getChildren()
                        .add(Parts.text(
                                garment.name() + ", " + account.sentence().in(studio.format()) + ".", "figure"));
                right.getChildren().add(Parts.text(lines(account), "small", "soft"));
                account.undone()
                        .ifPresent(undone -> right.getChildren()
                                .add(Parts.text("✗ " + undone.in(studio.format()) + ".", "small", "needs")));
            }
        }
        if (right.getChildren().size() == before) {
            right.getChildren().add(Parts.text("No version takes anything in or lets anything out yet.", "soft"));
        }
    }

    private String lines(Ledger.Account account) {
        List<String> words = new ArrayList<>();
        for (Ledger.Line line : account.lines()) {
            String amount = line.top() == line.bottom()
                    ? studio.format().signed(line.top())
                    : studio.format().signed(line.top()) + " to "
                            + studio.format().signed(line.bottom());
            words.add("version " + line.version() + ": " + amount
                    + (line.sides() == Sides.BOTH ? "" : " (" + line.sides().words() + ")")
                    + (line.round() > 0 ? ", fitting " + line.round() : ", on paper"));
        }
        return String.join(" · ", words);
    }

    private void enough() {
        String name = studio.current().garment().get();
        String kind = round.kind(name);
        List<Costume> others = studio.histories().allCostumes().stream()
                .filter(costume ->
                        !costume.id().equals(studio.situation().costume().id()))
                .toList();
        RoundReport.enough(
                        others,
                        garment -> studio.current()
                                .sheet(garment)
                                .sheet()
                                .about()
                                .garment()
                                .equals(kind))
                .ifPresent(words ->
                        right.getChildren().add(Parts.text(words.in(studio.format()) + ".", "small", "soft")));
    }

    private void compared(Costume costume) {
        String garment = costume.garment(studio.current().garment().get())
                .map(Garment::name)
                .orElse("");
        Symptoms symptoms = studio.library().symptoms();
        List<RoundReport.Through> rows = RoundReport.compared(costume, garment, symptoms, studio.library()::title);
        if (rows.isEmpty()) {
            return;
        }
        GridPane grid = grid();
        List<Integer> numbers = costume.fittings().stream().map(Fitting::number).toList();
        grid.add(Parts.label(garment, "caps"), 0, 0);
        for (int i = 0; i < numbers.size(); i++) {
            grid.add(Parts.label("fitting " + numbers.get(i), "caps"), i + 1, 0);
        }
        int line = 1;
        for (RoundReport.Through row : rows) {
            cell(grid, 0, line, row.name());
            for (Map.Entry<Integer, Sentence> entry : row.cells().entrySet()) {
                cell(
                        grid,
                        numbers.indexOf(entry.getKey()) + 1,
                        line,
                        entry.getValue().in(studio.format()));
            }
            line++;
        }
        left.getChildren().addAll(Parts.label("Round by round", "heading"), grid);
    }

    private void print(Fitting fitting) {
        Costume costume = studio.situation().costume();
        List<Ledger.Account> accounts = new ArrayList<>();
        costume.garments()
                .forEach(garment -> studio.situation()
                        .work(garment.name())
                        .ifPresent(work -> accounts.addAll(Ledger.of(costume, garment, work.pattern()))));
        RoundSheetPdf.Page page = new RoundSheetPdf.Page(
                costume.title(),
                studio.situation().wearer().name(),
                fitting,
                studio.wardrobe().title(fitting.stack()),
                RoundReport.summary(fitting, studio.library().symptoms(), studio.situation()::pattern),
                accounts);
        var format = studio.format();
        files.write(
                FileDesk.nameOf(costume.title()) + "-fitting-" + fitting.number() + ".pdf",
                () -> RoundSheetPdf.write(page, format, PaperSize.A4),
                words -> studio.done().set(words));
    }
}
