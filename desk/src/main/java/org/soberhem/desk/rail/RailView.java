package org.soberhem.desk.rail;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.util.Duration;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.report.Overview;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PlateThumbnail;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.desk.widget.Thumbnail;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;

/** All costumes, the next event first. */
public final class RailView extends BorderPane {

    /** So many cards are seen without scrolling. */
    private static final int FILL_THE_WINDOW = 4;

    /** So many are worked out before the window answers again. */
    private static final int MOST_AT_ONCE = 12;

    /** So long the window is free between two cards. */
    private static final Duration BREATH = Duration.millis(30);

    /** Which costumes are shown. */
    private enum Shown {
        HERE("all that are not put away"),
        UNFINISHED("unfinished"),
        BEGUN("begun, not finished"),
        WORN("worn"),
        AWAY("put away");

        private final String words;

        Shown(String words) {
            this.words = words;
        }

        boolean shows(Overview costume) {
            boolean away = costume.archived();
            return switch (this) {
                case HERE -> !away;
                case UNFINISHED -> !away && !costume.worn();
                case BEGUN -> costume.isOnTheGo();
                case WORN -> !away && costume.worn();
                case AWAY -> away;
            };
        }
    }

    /** So many cards are shown until more are asked for. */
    private static final int MOST = 40;

    private static final double THUMB_WIDTH = 250;
    private static final double THUMB_HEIGHT = 128;
    private static final double FIGURE_WIDTH = 84;

    /** Squares in which a small figure is drawn, millimetres. */
    private static final double SKETCHED = 8;

    private final Studio studio;
    private final Consumer<Situation> open;
    private final VBox cards = new VBox(12);
    private final TextField search = new TextField();
    private final ChoiceBox<Shown> filter = new ChoiceBox<>();
    private final WorkspaceCare care;
    private final Button more = Parts.button("", this::more);
    private int most = MOST;
    private final NewCostume begin;
    private final Label count = Parts.label("", "soft");

    /** Counts the readings of all costumes: what a former one has left to do is dropped. */
    private int pass;

    /**
     * @param files where copies of the workspace go to, and bundles come from
     * @param open opens a costume where it stands
     */
    public RailView(Studio studio, FileDesk files, Consumer<Situation> open) {
        this.studio = studio;
        this.open = open;
        search.setPromptText("Find anything that was written");
        search.setPrefColumnCount(18);
        search.textProperty().addListener((was, before, now) -> refresh());
        begin = new NewCostume(studio, this::refresh);
        care = new WorkspaceCare(studio, files, this::refresh);
        Parts.show(begin, false);
        Parts.show(care, false);
        filter.setId("rail-filter");
        filter.getItems().setAll(Shown.values());
        filter.setConverter(Parts.words(shown -> shown.words));
        filter.setValue(Shown.HERE);
        filter.valueProperty().addListener((was, before, now) -> refresh());
        Button keep = Parts.button("Workspace", care::toggle);
        keep.setId("open-care");
        Button another = Parts.hinted(Parts.button("New costume", this::beginCostume), "Ctrl+N");
        another.setId("new-costume");
        Button sheets = Parts.hinted(
                Parts.button("Draft sheets", () -> studio.navigation().shelf().set(true)), "Ctrl+L");
        sheets.setId("open-shelf");
        HBox head = new HBox(
                10, Parts.label("Costumes", "title"), count, Parts.gap(), filter, search, sheets, keep, another);
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(20, 28, 12, 28));
        cards.setPadding(new Insets(4, 28, 28, 28));
        VBox.setMargin(more, new Insets(0, 28, 28, 28));
        ScrollPane scroll = Parts.scroll(new VBox(cards, more));
        VBox.setMargin(begin, new Insets(0, 28, 12, 28));
        VBox.setMargin(care, new Insets(0, 28, 12, 28));
        setTop(new VBox(head, begin, care));
        setCenter(scroll);
    }

    /** Shows the form that begins a costume. */
    public void beginCostume() {
        begin.open();
    }

    /**
     * Reads all costumes again. The first time only as many as fill the window are worked out at once, the others one
     * after another, so that the window answers in between; later they are known.
     */
    public void refresh() {
        int atOnce = cards.getChildren().isEmpty() ? FILL_THE_WINDOW : MOST_AT_ONCE;
        cards.getChildren().clear();
        List<String> all = studio.histories().search(search.getText()).stream()
                .filter(id ->
                        filter.getValue().shows(studio.histories().costumes().overview(id)))
                .toList();
        List<String> shown = all.subList(0, Math.min(most, all.size()));
        pass++;
        add(shown, atOnce);
        count();
        Parts.show(more, all.size() > shown.size());
        more.setText("Show " + Math.min(MOST, all.size() - shown.size()) + " more of " + all.size());
        if (cards.getChildren().isEmpty()) {
            cards.getChildren()
                    .add(Parts.text(
                            studio.histories().costumeIds().isEmpty()
                                    ? "There is no costume yet. Begin one with Ctrl+N: name it and its wearer, choose a draft, then measure. To see three at work, start Sober Hem with --demo."
                                    : "Nothing that was written has these words, or it is not among the costumes that are shown.",
                            "soft"));
        }
    }

    private void more() {
        most += MOST;
        refresh();
    }

    private void count() {
        List<Overview> here = studio.histories().costumeIds().stream()
                .map(studio.histories().costumes()::overview)
                .filter(costume -> !costume.archived())
                .toList();
        long unfinished = here.stream().filter(costume -> !costume.worn()).count();
        long begun = here.stream().filter(Overview::isOnTheGo).count();
        int limit = studio.maker().habits().limit();
        count.setText(unfinished + " unfinished, " + begun + " begun of at most " + limit);
        count.getStyleClass().setAll("label", begun > limit ? "needs" : "soft");
    }

    private void add(List<String> waiting, int now) {
        int to = Math.min(now, waiting.size());
        waiting.subList(0, to)
                .forEach(id -> cards.getChildren()
                        .add(card(studio.current()
                                .evaluate(studio.histories().costumes().value(id)))));
        int mine = pass;
        if (to < waiting.size()) {
            PauseTransition breath = new PauseTransition(BREATH);
            breath.setOnFinished(event -> {
                if (mine == pass) {
                    add(waiting.subList(to, waiting.size()), 1);
                }
            });
            breath.play();
        }
    }

    private Tappable card(Situation situation) {
        Label first = Parts.text(first(situation), situation.inTheWay().isEmpty() ? "settled" : "label");
        VBox words = new VBox(
                6,
                Parts.label(situation.costume().title(), "title"),
                Parts.label(about(situation), "soft"),
                thread(situation),
                first);
        words.setAlignment(Pos.TOP_LEFT);
        HBox.setHgrow(words, Priority.ALWAYS);
        Optional<DraftedGarment> drawn =
                situation.judgement().works().values().stream().findFirst();
        HBox row = new HBox(20, figure(situation), picture(drawn), words, days(situation));
        row.setAlignment(Pos.CENTER_LEFT);
        return new Tappable(row, situation.costume().title(), () -> open.accept(situation), "costume-card");
    }

    /** The wearer in the costume, as far as it is drawn; nobody where nobody was measured. */
    private Node figure(Situation situation) {
        PlateThumbnail figure = new PlateThumbnail(FIGURE_WIDTH, THUMB_HEIGHT);
        if (situation.set().isPresent()) {
            DressedFigure dressed = studio.judge().figure(situation.judged(), 0.5);
            studio.figures()
                    .easel()
                    .sketch(
                            dressed.body(),
                            stand -> PlateMaker.plate(stand.wearing(dressed), Viewpoint.of(FigureView.FRONT), SKETCHED),
                            figure::show);
        }
        return figure;
    }

    private static Node picture(Optional<DraftedGarment> drawn) {
        if (drawn.isPresent()) {
            return new Thumbnail(drawn.get().pattern(), THUMB_WIDTH, THUMB_HEIGHT);
        }
        VBox none = new VBox(Parts.text("Not drawn yet", "faint"));
        none.setAlignment(Pos.CENTER);
        none.setMinSize(THUMB_WIDTH, THUMB_HEIGHT);
        return none;
    }

    private static String about(Situation situation) {
        String garments = String.join(
                ", ",
                situation.costume().garments().stream()
                        .map(g -> g.name().toLowerCase(Locale.ROOT))
                        .toList());
        return situation.wearer().name() + " · " + situation.costume().place() + ", "
                + situation.costume().year() + " · " + garments;
    }

    private String first(Situation situation) {
        int count = situation.inTheWay().size();
        if (count == 0) {
            return "Nothing stands in the way.";
        }
        String sentence = situation.inTheWay().get(0).sentence().in(studio.format());
        return sentence + (count > 1 ? "  (and " + (count - 1) + " more)" : "");
    }

    private static HBox thread(Situation situation) {
        HBox thread = new HBox(7);
        thread.setAlignment(Pos.CENTER_LEFT);
        for (Stage stage : Stage.values()) {
            long open = situation.count(stage);
            Circle knot = new Circle(6);
            knot.getStyleClass().add("card-knot");
            if (open > 0 || situation.isSettled(stage)) {
                knot.getStyleClass().add(open > 0 ? "open" : "settled");
            }
            Line stitch = new Line(0, 0, 12, 0);
            stitch.getStyleClass().add("card-stitch");
            Label words =
                    Parts.label(stage.words() + (open > 0 ? " " + open : ""), "small", open > 0 ? "needs" : "soft");
            thread.getChildren().addAll(new Group(knot), words, stitch);
        }
        thread.getChildren().remove(thread.getChildren().size() - 1);
        return thread;
    }

    private VBox days(Situation situation) {
        VBox box = new VBox();
        box.setAlignment(Pos.CENTER_RIGHT);
        box.setMinWidth(110);
        Optional<LocalDate> event = situation.costume().event();
        event.ifPresent(date -> {
            long days = ChronoUnit.DAYS.between(studio.today(), date);
            box.getChildren()
                    .addAll(
                            Parts.label(String.valueOf(Math.abs(days)), "large"),
                            Parts.label(days >= 0 ? "days to wear it" : "days ago", "small", "soft"));
        });
        return box;
    }
}
