package org.soberhem.desk.silhouette;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Target;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Filling;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PlaceView;
import org.soberhem.desk.widget.Tabs;
import org.soberhem.files.picture.Pictures;
import org.soberhem.studio.Studio;

/** The figure in the costume beside its period's outline, and how it stands by the period's rules. */
public final class SilhouetteView extends PlaceView {

    /** What the place shows. */
    private enum Tab {
        FIGURE("Figure"),
        ROUNDS("Rules through the rounds"),
        COMPARE("Compare"),
        OUTLINES("Outlines");

        private final String words;

        Tab(String words) {
            this.words = words;
        }
    }

    private static final double SIDE = 400;

    private final Studio studio;
    private final SilhouetteDesk desk;
    private final StringProperty chosen = new SimpleStringProperty(this, "chosen", "");
    private final FigurePane figure;
    private final VerdictPanel verdicts;
    private final RulesPanel rules;
    private final ComparePanel compare;
    private final SilhouettesPanel outlines;
    private final Tabs<Tab> tabs = new Tabs<>("silhouette", Tab.values(), each -> each.words, this::show);
    private final ChoiceBox<Silhouette.Header> outline = new ChoiceBox<>();
    private final ChoiceBox<String> school = new ChoiceBox<>();
    private final BorderPane content = new BorderPane();
    private final Map<Tab, Node> pages = new EnumMap<>(Tab.class);
    private final PictureDesk pictures;
    private final HBox told = new HBox(10);
    private Optional<PictureDesk.Measured> measured = Optional.empty();
    private Tab tab = Tab.FIGURE;
    private final Filling filling = new Filling();

    /**
     * @param studio the studio
     * @param files where files go to and come from
     */
    public SilhouetteView(Studio studio, FileDesk files) {
        super(studio, "silhouette-view");
        this.studio = studio;
        desk = new SilhouetteDesk(studio);
        pictures = new PictureDesk(studio);
        figure = desk.figure(FigureView.FRONT, FigureView.SIDE);
        verdicts = new VerdictPanel(studio, desk, chosen);
        verdicts.getStyleClass().add("panel");
        verdicts.setPrefWidth(SIDE);
        verdicts.setMinWidth(SIDE);
        rules = new RulesPanel(studio, desk, chosen);
        compare = new ComparePanel(studio, desk);
        outlines = new SilhouettesPanel(studio, desk, files);
        BorderPane plate = new BorderPane(figure);
        told.setPadding(new Insets(0, 16, 8, 16));
        told.setAlignment(Pos.CENTER_LEFT);
        Parts.show(told, false);
        plate.setTop(new VBox(dressBar(files), told));
        pages.put(Tab.FIGURE, plate);
        pages.put(Tab.ROUNDS, rules);
        pages.put(Tab.COMPARE, compare);
        pages.put(Tab.OUTLINES, outlines);
        Button sheet = Parts.button("Costume sheet", () -> CostumeSheet.write(studio, files));
        sheet.setId("costume-sheet");
        setTop(tabBar(sheet));
        setCenter(content);
        show(Tab.FIGURE);
        listen(studio.navigation().target(), now -> {
            if (now instanceof Target.Rule rule
                    && studio.situation() != null
                    && studio.situation().verdicts().stream()
                            .anyMatch(verdict -> verdict.rule().id().equals(rule.id()))) {
                chosen.set(rule.id());
            }
        });
        chosen.addListener((was, before, now) -> changed());
    }

    private HBox tabBar(Button sheet) {
        outline.setId("outline-chosen");
        outline.setConverter(Parts.words(
                header -> header == null ? "no outline" : header.from() + "–" + header.to() + " " + header.title()));
        outline.setMaxWidth(290);
        outline.valueProperty().addListener((was, before, now) -> {
            if (!filling.isOn() && now != null) {
                desk.choose(now);
            }
        });
        school.setId("school-chosen");
        school.valueProperty().addListener((was, before, now) -> {
            if (!filling.isOn() && now != null) {
                desk.chooseSchool(now);
            }
        });
        HBox head = new HBox(8, tabs, Parts.gap(), outline, school, sheet);
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(8, 16, 8, 16));
        head.getStyleClass().add("band");
        return head;
    }

    /** From where the figure is looked at. */
    private enum Standing {
        FRONT_AND_SIDE("front, side", Viewpoint.of(FigureView.FRONT), Viewpoint.of(FigureView.SIDE)),
        BACK_AND_SIDE("back, side", Viewpoint.of(FigureView.BACK), Viewpoint.of(FigureView.SIDE)),
        QUARTERS("quarters", Viewpoint.THREE_QUARTERS, Viewpoint.THREE_QUARTERS.turnedBy(180)),
        ALL("all round", Viewpoint.of(FigureView.FRONT), Viewpoint.of(FigureView.SIDE), Viewpoint.of(FigureView.BACK));

        private final String words;
        private final Viewpoint[] viewpoints;

        Standing(String words, Viewpoint... viewpoints) {
            this.words = words;
            this.viewpoints = viewpoints;
        }
    }

    /** How much of what layers may do is shown. */
    private enum Range {
        LEAST("least", 0),
        MIDDLE("middle", 0.5),
        MOST("most", 1);

        private final String words;
        private final double share;

        Range(String words, double share) {
            this.words = words;
            this.share = share;
        }
    }

    private HBox dressBar(FileDesk files) {
        ChoiceBox<FigurePane.Dress> dress = new ChoiceBox<>();
        dress.setId("dress");
        dress.getItems().setAll(FigurePane.Dress.values());
        dress.setConverter(Parts.words(FigurePane.Dress::words));
        dress.setValue(FigurePane.Dress.DRESSED);
        dress.valueProperty().addListener((was, before, now) -> figure.dress(now));
        ChoiceBox<FigurePane.Outline> where = new ChoiceBox<>();
        where.setId("outline-where");
        where.getItems().setAll(FigurePane.Outline.values());
        where.setConverter(Parts.words(FigurePane.Outline::words));
        where.setValue(FigurePane.Outline.OVER);
        where.valueProperty().addListener((was, before, now) -> figure.outline(now));
        ChoiceBox<Standing> standing = new ChoiceBox<>();
        standing.setId("seen-from");
        standing.getItems().setAll(Standing.values());
        standing.setConverter(Parts.words(each -> each.words));
        standing.setValue(Standing.FRONT_AND_SIDE);
        standing.valueProperty().addListener((was, before, now) -> figure.views(now.viewpoints));
        ChoiceBox<Range> range = new ChoiceBox<>();
        range.setId("layers-range");
        range.getItems().setAll(Range.values());
        range.setConverter(Parts.words(each -> each.words));
        range.setValue(Range.MIDDLE);
        range.valueProperty().addListener((was, before, now) -> figure.share(now.share));
        Parts.hinted(range, "How much of what the layers may do is shown");
        HBox bar = new HBox(8, standing, dress, range, where);
        Button photograph = Parts.hinted(
                Parts.button("Photograph", () -> photograph(files), "quiet"),
                "The camera stand-in takes a picture of the figure");
        photograph.setId("photograph");
        Button measure = Parts.hinted(
                Parts.button("Measure a picture", () -> measure(files), "quiet"),
                "From the front, before a plain wall: its outline is laid over the period’s");
        measure.setId("measure-picture");
        bar.getChildren().addAll(Parts.gap(), photograph, measure);
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.setPadding(new Insets(8, 16, 8, 16));
        return bar;
    }

    private void say(String words) {
        studio.done().set(words);
    }

    private void photograph(FileDesk files) {
        byte[] picture = pictures.photograph();
        files.write(FileDesk.nameOf(studio.situation().costume().title()) + ".png", () -> picture, this::say);
    }

    private void measure(FileDesk files) {
        EvaluatedCostume at = studio.situation().judged();
        Optional<Silhouette> silhouette = desk.silhouette();
        files.read(
                Pictures.MOST_BYTES,
                content -> pictures.measure(content, at, silhouette),
                (picture, name) -> {
                    // The maker may have gone to another costume meanwhile.
                    if (studio.current().is(at.costume().id())) {
                        measured = Optional.of(picture);
                        tell();
                        figure();
                    }
                },
                this::say);
    }

    /** Says what a measured picture showed. */
    private void tell() {
        told.getChildren().clear();
        Parts.show(told, measured.isPresent());
        measured.flatMap(PictureDesk.Measured::departure).ifPresent(departure -> {
            told.getChildren()
                    .add(Parts.text(Sentence.of(
                                    "The picture lies at most {} outside the outline, {} above the floor.",
                                    departure.millimetres(),
                                    departure.height())
                            .in(studio.format())));
            if (desk.answeredAt().isPresent()) {
                Button keep = Parts.button("Keep it with the fitting", () -> pictures.keep(departure));
                keep.setId("keep-picture");
                told.getChildren().add(keep);
            }
        });
        if (measured.isPresent() && measured.get().departure().isEmpty()) {
            told.getChildren().add(Parts.text("There is no outline of these years to lay it over.", "soft"));
        }
        Button away = Parts.button(
                "Put it away",
                () -> {
                    measured = Optional.empty();
                    tell();
                    figure();
                },
                "quiet");
        told.getChildren().add(away);
    }

    private void show(Tab wanted) {
        tab = wanted;
        tabs.mark(wanted);
        content.setCenter(pages.get(wanted));
        content.setRight(wanted == Tab.FIGURE || wanted == Tab.ROUNDS ? verdicts : null);
        changed();
    }

    @Override
    protected void costumeChanged() {
        measured = Optional.empty();
        tell();
    }

    @Override
    protected void refresh() {
        Optional<Silhouette> silhouette = desk.silhouette();
        filling.during(() -> {
            Parts.offer(outline.getItems(), desk.offered());
            outline.setValue(silhouette.map(Silhouette::header).orElse(null));
            List<String> schools = silhouette.map(Silhouette::schools).orElse(List.of());
            Parts.offer(school.getItems(), schools);
            school.setValue(schools.isEmpty() ? null : desk.school());
            Parts.show(school, schools.size() > 1);
        });
        switch (tab) {
            case FIGURE -> {
                figure();
                verdicts.refresh();
            }
            case ROUNDS -> {
                rules.refresh();
                verdicts.refresh();
            }
            case COMPARE -> compare.refresh();
            case OUTLINES -> outlines.refresh();
        }
    }

    private void figure() {
        String title = studio.situation().costume().title() + ", "
                + studio.situation().costume().year() + "; over "
                + studio.wardrobe().title(studio.situation().costume().stack());
        figure.show(
                new FigurePane.Shown(
                        studio.judge(),
                        studio.situation().judged(),
                        desk.silhouette()
                                .map(each -> studio.judge()
                                        .dressing()
                                        .outline(
                                                each,
                                                studio.situation().judged().subject())),
                        measured.map(picture -> List.of(picture.left(), picture.right()))
                                .orElse(List.of()),
                        Optional.empty(),
                        title),
                studio.format());
    }
}
