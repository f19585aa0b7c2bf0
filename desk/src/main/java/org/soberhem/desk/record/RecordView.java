package org.soberhem.desk.record;

import java.nio.file.Path;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.report.Dossier;
import org.soberhem.core.report.Redaction.LeftOut;
import org.soberhem.desk.studio.KeptPictures;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PlaceView;
import org.soberhem.studio.RecordCommands;
import org.soberhem.studio.Studio;

/**
 * The record: the dossier as it will be printed; at the right what leaves the house, what the wearer allows, what was
 * learned.
 */
public final class RecordView extends PlaceView {

    private static final double SIDE = 372;
    private static final int THUMB = 190;

    private final Studio studio;
    private final FileDesk files;
    private final RecordCommands desk;
    private final KeptPictures pictures;
    private final VBox pages = new VBox(4);
    private final VBox side = new VBox(8);
    private final Map<LeftOut, CheckBox> left = new EnumMap<>(LeftOut.class);
    private final Label said = Parts.text("", "figure");
    private boolean erasing;

    /**
     * @param studio the studio
     * @param files where the dossier, cards and bundles go to
     */
    public RecordView(Studio studio, FileDesk files) {
        super(studio, "record-view");
        this.studio = studio;
        this.files = files;
        this.desk = new RecordCommands(studio);
        this.pictures = new KeptPictures(studio.keeper(), files);
        for (LeftOut each : LeftOut.values()) {
            CheckBox box = new CheckBox("without " + each.words());
            box.setId("without-" + each.words());
            box.setOnAction(event -> pages());
            left.put(each, box);
        }
        pages.setPadding(new Insets(16, 40, 40, 40));
        pages.getStyleClass().add("sheet");
        ScrollPane middle = Parts.scroll(pages);
        middle.setFitToHeight(true);
        setCenter(middle);
        side.setPadding(new Insets(12, 16, 16, 16));
        side.getStyleClass().add("raised");
        ScrollPane right = Parts.scroll(side);
        right.setFitToHeight(true);
        right.getStyleClass().add("panel");
        right.setPrefWidth(SIDE);
        right.setMinWidth(SIDE);
        setRight(right);
        said.setId("record-said");
        said.managedProperty().bind(said.textProperty().isNotEmpty());
    }

    private Set<LeftOut> leftOut() {
        Set<LeftOut> chosen = EnumSet.noneOf(LeftOut.class);
        left.forEach((each, box) -> {
            if (box.isSelected()) {
                chosen.add(each);
            }
        });
        return chosen;
    }

    @Override
    protected void costumeChanged() {
        erasing = false;
        said.setText("");
        Set<LeftOut> usual = desk.usuallyLeft();
        left.forEach((each, box) -> box.setSelected(usual.contains(each)));
    }

    @Override
    protected void refresh() {
        Costume costume = studio.situation().costume();
        pages();
        Parts.keepingFocus(side, () -> side(costume));
    }

    private void pages() {
        pages.getChildren().clear();
        pages.getChildren().add(Parts.label(studio.situation().costume().title(), "title"));
        for (Dossier.Chapter chapter : desk.dossier(leftOut()).chapters()) {
            Label head = Parts.label(chapter.title(), "heading");
            head.setPadding(new Insets(12, 0, 2, 0));
            pages.getChildren().add(head);
            for (Sentence line : chapter.lines()) {
                pages.getChildren().add(Parts.text(line.in(studio.format()), "label"));
            }
            if (!chapter.pictures().isEmpty()) {
                pages.getChildren().add(pictures(chapter.pictures()));
            }
        }
    }

    private FlowPane pictures(List<Picture> kept) {
        FlowPane row = new FlowPane(10, 10);
        for (Picture picture : kept) {
            ImageView view = new ImageView();
            view.setFitHeight(THUMB);
            view.setPreserveRatio(true);
            pictures.load(picture.hash(), THUMB * 2, view::setImage, said::setText);
            row.getChildren().add(view);
        }
        return row;
    }

    private Button out(String words, String id, String name, Supplier<byte[]> content) {
        Button button = Parts.button(
                words,
                () -> files.write(
                        FileDesk.nameOf(studio.situation().costume().title()) + name, content, said::setText));
        button.setId(id);
        return button;
    }

    private void side(Costume costume) {
        side.getChildren().clear();
        side.getChildren().add(Parts.label("Out of the house", "caps"));
        side.getChildren().addAll(left.values());
        Button print = out("Print the dossier", "print-dossier", "-dossier.pdf", () -> desk.dossierPdf(leftOut()));
        print.getStyleClass().add("main");
        side.getChildren()
                .addAll(
                        print,
                        new FlowPane(
                                8,
                                8,
                                out("For another maker", "bundle-out", ".zip", () -> desk.bundle(leftOut())),
                                out("As CSV", "csv-out", "-dossier.csv", () -> desk.csv(leftOut())),
                                out("Care labels", "care-labels", "-labels.pdf", desk::labels),
                                out("Card for the day", "day-card", "-card.pdf", desk::card)),
                        said);
        learned(costume);
        again();
        wearer();
    }

    private void learned(Costume costume) {
        TextField worn = new TextField();
        worn.setPromptText("worn today: what was noticed");
        worn.setId("worn");
        worn.setOnAction(event -> {
            if (!worn.getText().isBlank()) {
                desk.worn(worn.getText().strip());
            }
        });
        TextArea otherwise = new TextArea(costume.papers().otherwise());
        otherwise.setPromptText("what would be done otherwise next time");
        otherwise.setPrefRowCount(2);
        otherwise.setWrapText(true);
        otherwise.setId("otherwise");
        otherwise.focusedProperty().addListener((was, before, now) -> {
            if (!now && !otherwise.getText().strip().equals(costume.papers().otherwise())) {
                desk.otherwise(otherwise.getText().strip());
            }
        });
        side.getChildren().addAll(Parts.label("Learned", "caps"), worn, otherwise);
    }

    private void again() {
        Wearer at = studio.situation().wearer();
        ChoiceBox<Wearer> others = new ChoiceBox<>();
        others.setId("another-wearer");
        others.getItems()
                .setAll(studio.histories().wearers().values().stream()
                        .filter(wearer -> !wearer.id().equals(at.id()))
                        .toList());
        others.setConverter(Parts.words(Wearer::name));
        Button begin = Parts.button("Begin it", () -> {
            if (others.getValue() != null) {
                studio.open(desk.duplicate(others.getValue()));
                studio.navigation().place().set(Optional.of(Stage.TAPE));
            }
        });
        begin.setId("duplicate");
        boolean away = studio.situation().costume().underway().archived();
        Button archive = Parts.button(away ? "Take it out again" : "Put it away", () -> desk.archive(!away));
        archive.setId("archive");
        FlowPane row = new FlowPane(8, 8, others, begin, archive);
        row.setAlignment(Pos.CENTER_LEFT);
        side.getChildren()
                .addAll(
                        Parts.label("Again, for another wearer", "caps"),
                        row,
                        Parts.text(
                                "Sheets, silhouette, sources and steps go along; measurements, what was decided for this body, fittings and time do not.",
                                "small",
                                "soft"));
    }

    private void wearer() {
        Wearer wearer = studio.situation().wearer();
        CheckBox allowed = new CheckBox("pictures may be kept and shown");
        allowed.setId("consent");
        allowed.setSelected(wearer.consent().pictures());
        TextField words = new TextField(wearer.consent().words());
        words.setPromptText("what was agreed, and when");
        words.setId("consent-words");
        Runnable keep = () -> desk.consent(allowed.isSelected(), words.getText().strip());
        allowed.setOnAction(event -> keep.run());
        words.setOnAction(event -> keep.run());
        side.getChildren().addAll(Parts.label(wearer.name(), "caps"), allowed, words);
        if (!wearer.consent().isAsked()) {
            side.getChildren()
                    .add(Parts.text("Not asked yet: pictures are left out unless you say otherwise.", "small", "soft"));
        }
        if (!erasing) {
            Button erase = Parts.button("Erase this wearer …", () -> {
                erasing = true;
                changed();
            });
            erase.setId("erase");
            side.getChildren().add(erase);
            return;
        }
        Button sure = Parts.button("Erase for good", this::erase);
        sure.setId("erase-sure");
        Button not = Parts.button("Keep", () -> {
            erasing = false;
            changed();
        });
        side.getChildren()
                .addAll(
                        Parts.text(
                                "Name, measurements and pictures of " + wearer.name()
                                        + " go from this workspace with their whole history, and from all their costumes. It cannot be taken back. What you wrote in notes, titles and remarks stays: look through it.",
                                "needs"),
                        new FlowPane(8, 8, sure, not));
    }

    private void erase() {
        erasing = false;
        said.setText("Erasing …");
        desk.erase(this::erased, said::setText);
    }

    private void erased(List<Path> backups) {
        said.setText(
                backups.isEmpty()
                        ? "Erased. No backup holds it."
                        : "Erased. These backups still hold it; delete them when you no longer need them: "
                                + String.join(
                                        ", ",
                                        backups.stream()
                                                .map(file -> file.getFileName().toString())
                                                .toList()));
    }
}
