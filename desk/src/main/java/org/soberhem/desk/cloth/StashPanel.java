package org.soberhem.desk.cloth;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.DoubleFunction;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.cloth.Cloth;
import org.soberhem.core.cloth.Fibre;
import org.soberhem.core.cloth.Shrinkage;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.length.Length;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.length.Sentence;
import org.soberhem.desk.studio.KeptPictures;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.LengthField;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.Histories;
import org.soberhem.studio.Studio;

/** The cloths in hand: a list, and what is known of the one that is chosen. */
final class StashPanel extends VBox {

    private static final int PICTURE = 340;

    /** A field beside two others. */
    private static final double NARROW = 62;

    private static final double WIDE = 1400;
    private static final double LONG = 3000;

    private final Studio studio;
    private final KeptPictures pictures;
    private final Consumer<String> said;
    private String chosen = "";

    StashPanel(Studio studio, FileDesk files, Consumer<String> said) {
        super(8);
        this.studio = studio;
        this.pictures = new KeptPictures(studio.keeper(), files);
        this.said = said;
        setPadding(new Insets(4, 16, 16, 16));
    }

    void refresh() {
        Parts.keepingFocus(this, this::fill);
    }

    private void fill() {
        getChildren().clear();
        Button add = Parts.button("Add a cloth", this::add);
        add.setId("add-cloth");
        getChildren().add(add);
        Stash stash = studio.stash();
        if (stash.cloths().isEmpty()) {
            getChildren()
                    .add(Parts.text(
                            "Write down what lies on the shelf: width and length as they are now. What a cloth still loses when it is washed is reckoned from its fibre, or from a square that you tried.",
                            "soft"));
        }
        for (Cloth cloth : stash.cloths()) {
            getChildren().add(row(cloth));
            if (cloth.id().equals(chosen)) {
                getChildren().add(form(cloth));
            }
        }
    }

    private void add() {
        Set<String> taken = new LinkedHashSet<>();
        studio.stash().cloths().forEach(cloth -> taken.add(cloth.id()));
        chosen = Histories.freeId("cloth", taken);
        studio.keep(
                studio.stash().with(Cloth.of(chosen, "New cloth", "linen", WIDE, LONG)),
                "add cloth",
                Sentence.of("Added a cloth"));
    }

    private Tappable row(Cloth cloth) {
        String about = studio.format().format(cloth.width()) + " wide, "
                + studio.format().format(cloth.length()) + " left; "
                + cloth.state().words();
        VBox words = new VBox(2, Parts.label(cloth.title(), "figure"), Parts.label(about, "soft", "small"));
        Tappable row = new Tappable(
                words,
                cloth.title(),
                () -> {
                    chosen = chosen.equals(cloth.id()) ? "" : cloth.id();
                    refresh();
                },
                "obstacle");
        row.setId("stash-" + cloth.id());
        return row;
    }

    private void keep(Cloth changed) {
        studio.keep(studio.stash().with(changed), "cloth", Sentence.of("Changed {}", changed.title()));
    }

    private VBox form(Cloth c) {
        VBox form = new VBox(7);
        form.setPadding(new Insets(2, 0, 10, 12));
        TextField title = field(c.title(), typed -> keep(c.withTitle(typed)));
        title.setId("cloth-title");
        ChoiceBox<Fibre> fibre = new ChoiceBox<>();
        fibre.getItems().setAll(studio.library().fibres());
        fibre.setConverter(Parts.words(Fibre::name));
        fibre.setValue(studio.library().fibre(c.fibre()).orElse(null));
        fibre.valueProperty().addListener((was, before, now) -> keep(c.withFibre(now.id())));
        form.getChildren().addAll(line("called", title), line("made of", fibre));
        studio.library()
                .fibre(c.fibre())
                .ifPresent(made -> form.getChildren()
                        .add(Parts.text(made.treatment().words() + ". " + made.why(), "soft", "small")));
        form.getChildren()
                .addAll(
                        line(
                                "wide",
                                length(c.width(), mm -> keep(c.withSize(mm, c.length()))),
                                Parts.label("long", "soft"),
                                length(c.length(), mm -> keep(c.withSize(c.width(), mm)))),
                        line(
                                studio.format().clothUnit() == LengthUnit.YARD ? "price a yard" : "price a metre",
                                number(
                                        studio.format().clothPrice(c.price()),
                                        value -> keep(c.withWorth(
                                                studio.format().metrePrice(value), c.weight(), c.stretch()))),
                                Parts.label("g/m²", "soft"),
                                number(c.weight(), value -> keep(c.withWorth(c.price(), value, c.stretch())))),
                        line(
                                "gives across, %",
                                number(
                                        c.stretch() * 100,
                                        value -> keep(c.withWorth(c.price(), c.weight(), value / 100)))));
        ready(c, form);
        face(c, form);
        picture(c, form);
        Button drop = Parts.button(
                "Remove it",
                () -> studio.keep(studio.stash().without(c.id()), "drop cloth", Sentence.of("Removed {}", c.title())));
        form.getChildren().add(drop);
        return form;
    }

    private void ready(Cloth c, VBox form) {
        if (c.state().ready()) {
            form.getChildren().add(line("made ready", Parts.label(c.state().words(), "settled")));
            return;
        }
        Shrinkage lost = c.shrinkage(studio.library().fibre(c.fibre()));
        form.getChildren()
                .add(Parts.text((lost.measured() ? "By its square it loses " : "By its fibre it may lose ")
                        + ClothDesk.percent(lost.leastAlong(), lost.mostAlong()) + " of its length, "
                        + ClothDesk.percent(lost.leastAcross(), lost.mostAcross()) + " of its width."));
        LengthField along = new LengthField(studio::format, mm -> {});
        LengthField across = new LengthField(studio::format, mm -> {});
        LengthField side = new LengthField(studio::format, mm -> {});
        along.setPrefColumnCount(4);
        across.setPrefColumnCount(4);
        side.setPrefColumnCount(4);
        side.setId("square-side");
        along.setId("square-along");
        across.setId("square-across");
        Button tried = Parts.button("Square tried", () -> square(c, side, along, across));
        tried.setId("square-tried");
        form.getChildren()
                .addAll(
                        line(
                                "a square of",
                                side,
                                Parts.label("became", "soft"),
                                along,
                                Parts.label("×", "soft"),
                                across),
                        tried);
        TextField heat = new TextField(studio.library()
                .fibre(c.fibre())
                .map(made -> "" + made.before())
                .orElse("0"));
        heat.setPrefColumnCount(3);
        LengthField longNow = new LengthField(studio::format, mm -> {});
        LengthField wideNow = new LengthField(studio::format, mm -> {});
        longNow.setId("ready-long");
        wideNow.setId("ready-wide");
        Button done = Parts.button("It is made ready", () -> ready(c, heat, longNow, wideNow));
        done.setId("ready-done");
        form.getChildren()
                .addAll(
                        line("washed at °C (0: steamed)", heat),
                        line("now long", longNow, Parts.label("wide", "soft"), wideNow),
                        done);
    }

    private void square(Cloth c, LengthField side, LengthField along, LengthField across) {
        if (side.value().isEmpty() || along.value().isEmpty() || across.value().isEmpty()) {
            said.accept("Say how large the square was, and its two sides afterwards.");
            return;
        }
        try {
            Shrinkage lost = Shrinkage.measured(mm(side), mm(along), mm(across));
            studio.keep(
                    studio.stash().with(c.tried(lost)),
                    "square",
                    Sentence.of("A square of {} lost {} along", c.title(), ClothDesk.percent(lost.mostAlong())));
        } catch (IllegalArgumentException wrong) {
            said.accept("That square cannot be: " + wrong.getMessage() + ".");
        }
    }

    private static double mm(LengthField field) {
        return field.value().map(Length::toMillimetres).orElse(0.0);
    }

    private void ready(Cloth c, TextField heat, LengthField longNow, LengthField wideNow) {
        int degrees;
        try {
            degrees = Integer.parseInt(heat.getText().strip());
        } catch (NumberFormatException wrong) {
            said.accept("Say at how many degrees it was washed, 0 if it was steamed.");
            return;
        }
        Shrinkage lost = c.shrinkage(studio.library().fibre(c.fibre()));
        double length = longNow.value().map(Length::toMillimetres).orElse(lost.along(c.length()));
        double width = wideNow.value().map(Length::toMillimetres).orElse(lost.across(c.width()));
        studio.keep(
                studio.stash().with(c.withState(new Cloth.State(true, degrees), length, width)),
                "made ready",
                Sentence.of("Made {} ready: {} long, {} wide", c.title(), length, width));
    }

    private void face(Cloth c, VBox form) {
        Cloth.Face face = c.face();
        CheckBox nap = new CheckBox("nap, pile or print with a way up");
        CheckBox alike = new CheckBox("both sides alike");
        nap.setSelected(face.oneWay());
        alike.setSelected(face.bothAlike());
        Runnable keep = () -> keep(c.withFace(
                new Cloth.Face(nap.isSelected(), alike.isSelected(), face.repeatAcross(), face.repeatAlong())));
        nap.setOnAction(event -> keep.run());
        alike.setOnAction(event -> keep.run());
        LengthField stripe = length(
                face.repeatAcross(),
                mm -> keep(c.withFace(new Cloth.Face(face.oneWay(), face.bothAlike(), mm, face.repeatAlong()))));
        LengthField check = length(
                face.repeatAlong(),
                mm -> keep(c.withFace(new Cloth.Face(face.oneWay(), face.bothAlike(), face.repeatAcross(), mm))));
        TextField note = field(c.note(), typed -> keep(c.withNote(typed)));
        note.setPromptText("kind, shop, what it is for");
        form.getChildren()
                .addAll(nap, alike, line("stripe every", stripe, Parts.label("check every", "soft"), check), note);
    }

    private void picture(Cloth c, VBox form) {
        if (!c.picture().isEmpty()) {
            ImageView view = new ImageView();
            view.setFitWidth(PICTURE);
            view.setPreserveRatio(true);
            pictures.load(c.picture(), PICTURE * 2, view::setImage, said);
            form.getChildren().add(view);
        }
        form.getChildren()
                .add(Parts.button(
                        c.picture().isEmpty() ? "Add a picture" : "Another picture",
                        () -> pictures.ask(
                                (content, name) -> pictures.keep(content, hash -> keep(c.withPicture(hash))), said)));
    }

    private static HBox line(String words, Node... parts) {
        Label label = Parts.label(words, "soft");
        label.setMinWidth(USE_PREF_SIZE);
        HBox line = new HBox(8, label);
        line.getChildren().addAll(List.of(parts));
        for (int i = 0; i < parts.length; i++) {
            Node part = parts[i];
            if (part.getId() == null) {
                part.setId("cloth-" + words.replaceAll("[^a-z]+", "-") + i);
            }
            if (part instanceof Label inner) {
                inner.setMinWidth(USE_PREF_SIZE);
            } else if (part instanceof LengthField field && parts.length > 3) {
                field.setMaxWidth(NARROW);
            }
        }
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private LengthField length(double now, Consumer<Double> keep) {
        LengthField field = new LengthField(studio::format, value -> keep.accept(value.toMillimetres()));
        field.show(now == 0 ? Optional.empty() : Optional.of(Length.ofMillimetres(now)));
        field.onCleared(() -> keep.accept(0.0));
        return field;
    }

    private static TextField field(String now, Consumer<String> keep) {
        TextField field = new TextField(now);
        field.setOnAction(event -> keep.accept(field.getText().strip()));
        field.focusedProperty().addListener((was, before, focused) -> {
            if (!focused
                    && !field.getText().strip().equals(now)
                    && !field.getText().isBlank()) {
                keep.accept(field.getText().strip());
            }
        });
        return field;
    }

    private TextField number(double now, Consumer<Double> keep) {
        DoubleFunction<String> shown =
                value -> value == 0 ? "" : String.format(Locale.ROOT, value % 1 == 0 ? "%.0f" : "%.2f", value);
        TextField field = field(shown.apply(now), typed -> {
            try {
                double value = Double.parseDouble(typed.replace(',', '.'));
                if (!(value >= 0 && value < 1e6)) {
                    throw new NumberFormatException();
                }
                keep.accept(value);
            } catch (NumberFormatException wrong) {
                said.accept("\"" + typed + "\" is not a number here: write it like 12.50.");
            }
        });
        field.setPrefColumnCount(5);
        return field;
    }
}
