package org.soberhem.desk.draft;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Work;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.Units;
import org.soberhem.core.draft.Walk;
import org.soberhem.desk.studio.Situation;
import org.soberhem.desk.studio.Studio;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.files.exchange.NumbersCsv;
import org.soberhem.files.exchange.PatternJson;
import org.soberhem.files.exchange.PatternSvg;
import org.soberhem.files.print.DraftingCardPdf;
import org.soberhem.files.print.PaperSize;
import org.soberhem.files.print.PatternPdf;
import org.soberhem.files.print.PrintJob;
import org.soberhem.files.print.RulerPdf;

/** Prints and exports what is shown, at true size. */
public final class PrintPanel extends VBox {

    private final Studio studio;
    private final FileDesk files;
    private final ChoiceBox<PaperSize> paper = new ChoiceBox<>();
    private final VBox pages = new VBox(2);
    private final Button ruler;
    private String wearer = "";
    private final Label said = Parts.text("", "soft");
    private Optional<PrintJob> job = Optional.empty();
    private Optional<Work> work = Optional.empty();

    /**
     * @param studio the studio
     * @param files where files go to
     */
    public PrintPanel(Studio studio, FileDesk files) {
        this.studio = studio;
        this.files = files;
        paper.getItems().setAll(PaperSize.values());
        paper.setValue(PaperSize.A4);
        paper.setConverter(Parts.words(PaperSize::words));
        paper.valueProperty().addListener((was, before, now) -> count());
        said.setId("print-said");
        Button pdf =
                export("PDF, true size", "pdf", () -> PatternPdf.write(job.orElseThrow(), paper.getValue()), "main");
        Button card = Parts.hinted(
                export("Drafting card", "card.pdf", () -> card(work.orElseThrow())),
                "Every step of the draft in the wearer's numbers");
        ruler = Parts.hinted(
                export("Paper ruler", "ruler.pdf", () -> ruler(work.orElseThrow())),
                "The ruler of this scale, true to size, in strips to join");
        FlowPane others = new FlowPane(
                8,
                8,
                export(
                        "SVG drawing",
                        "svg",
                        () -> utf8(PatternSvg.write(job.orElseThrow().pattern()))),
                export(
                        "CSV of the numbers",
                        "csv",
                        () -> utf8(NumbersCsv.write(work.orElseThrow().draft()))),
                export("JSON pattern", "json", () -> utf8(json(work.orElseThrow()))));
        VBox form = new VBox(
                8,
                Parts.label("On paper", "caps"),
                paper,
                pages,
                pdf,
                new FlowPane(8, 8, card, ruler),
                Parts.text(
                        "The first page has test squares of 10 cm and 4 in: measure both before anything is cut.",
                        "small",
                        "soft"),
                Parts.label("As a file for others", "caps"),
                others,
                said);
        form.setPadding(new Insets(12));
        ScrollPane scroll = Parts.scroll(form);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static String json(Work drawn) {
        return PatternJson.write(drawn.sheet(), drawn.draft(), drawn.pattern(), drawn.checks());
    }

    private byte[] card(Work drawn) {
        return DraftingCardPdf.write(
                drawn.sheet().sheet(),
                wearer,
                Walk.of(drawn.sheet(), drawn.inputs()),
                studio.format(),
                paper.getValue());
    }

    private byte[] ruler(Work drawn) {
        Draft.Scaling scale = drawn.draft().scale().orElseThrow();
        double longest = drawn.pattern().pieces().stream()
                .mapToDouble(piece -> piece.seamLine().box().height())
                .max()
                .orElseThrow();
        String title = Units.formula(scale.law()) + ", at a " + scale.by() + " of "
                + studio.format().format(scale.measured());
        return RulerPdf.ofScale(title, scale.unit(), longest, paper.getValue());
    }

    private Button export(String words, String ending, Supplier<byte[]> content, String... styles) {
        Button button = Parts.button(words, () -> ask(ending, content), styles);
        button.setId("export-" + ending.split("\\.")[0]);
        return button;
    }

    void show(Situation situation, Garment garment, Work shown) {
        work = Optional.of(shown);
        wearer = situation.wearer().name();
        Parts.show(ruler, shown.draft().scale().isPresent());
        job = Optional.of(new PrintJob(
                situation.costume().title(),
                garment.name(),
                garment.versionWords(),
                studio.today(),
                studio.format(),
                shown.pattern()));
        count();
    }

    private void count() {
        pages.getChildren().clear();
        if (job.isEmpty()) {
            return;
        }
        int all = 1;
        for (PatternPdf.Pages each : PatternPdf.pages(job.get().pattern(), paper.getValue())) {
            all += each.tiling().pages();
            pages.getChildren()
                    .add(Parts.label(
                            each.spread().name() + ": " + each.tiling().columns() + " × "
                                    + each.tiling().rows() + " pages",
                            "small"));
        }
        pages.getChildren().add(0, Parts.label(all + " pages", "figure"));
    }

    private void ask(String ending, Supplier<byte[]> content) {
        PrintJob now = job.orElseThrow();
        String name = now.costume() + " " + now.garment() + " " + now.version();
        files.write(FileDesk.nameOf(name) + "." + ending, content, said::setText);
    }
}
