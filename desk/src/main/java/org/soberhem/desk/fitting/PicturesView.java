package org.soberhem.desk.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Overlay;
import org.soberhem.core.fitting.Picture;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.likeness.Likeness;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tappable;
import org.soberhem.studio.Studio;

/** The pictures of a costume, and one of them laid over its reference. */
final class PicturesView extends BorderPane implements FittingPlace.Shown {

    private static final double THUMB = 84;

    private final Studio studio;
    private final FittingRound round;
    private final PictureShelf pictures;
    private final VBox shelf = new VBox(8);
    private final OverlayPane reference = new OverlayPane();
    private final OverlayPane picture = new OverlayPane();
    private final HBox stage = new HBox(4);
    private final OverlayTools tools;
    private Optional<String> chosen = Optional.empty();
    private Optional<Image> pictureImage = Optional.empty();
    private Optional<Image> referenceImage = Optional.empty();
    private List<Object> onShelf = List.of();
    private String loadedPicture = "";
    private String loadedReference = "";

    PicturesView(Studio studio, FittingRound round, PictureShelf pictures) {
        this.studio = studio;
        this.round = round;
        this.pictures = pictures;
        tools = new OverlayTools(studio, round, this::refresh);
        shelf.setPadding(new Insets(12));
        ScrollPane side = Parts.scroll(shelf);
        side.getStyleClass().add("panel");
        side.setPrefWidth(222);
        side.setMinWidth(222);
        reference.onTapped(place -> tapped(true, place));
        reference.onMoved((name, place) -> moved(name, true, place));
        picture.onTapped(place -> tapped(false, place));
        picture.onMoved((name, place) -> moved(name, false, place));
        HBox.setHgrow(reference, Priority.ALWAYS);
        HBox.setHgrow(picture, Priority.ALWAYS);
        stage.getChildren().addAll(reference, picture);
        stage.setPadding(new Insets(8));
        setLeft(side);
        setCenter(stage);
        setRight(tools);
    }

    private Optional<OverlayDesk> desk() {
        return chosen.filter(hash -> pictures.find(hash).isPresent())
                .map(hash -> new OverlayDesk(studio, pictures, hash));
    }

    private void tapped(boolean onReference, Point place) {
        desk().ifPresent(desk -> {
            if (tools.isTracing()) {
                desk.trace(onReference, place);
            } else if (onReference) {
                desk.markThere(tools.takeName(), tools.use(), place);
            } else {
                desk.markHere(place);
            }
        });
    }

    /** Whoever traces past a mark does not mean to move it. */
    private void moved(String name, boolean onReference, Point place) {
        desk().ifPresent(desk -> {
            if (tools.isTracing()) {
                desk.trace(onReference, place);
            } else {
                desk.move(name, onReference, place);
            }
        });
    }

    @Override
    public void refresh() {
        if (desk().isEmpty()) {
            chosen = first();
        }
        Optional<OverlayDesk> desk = desk();
        Parts.show(stage, desk.isPresent());
        tools.show(desk);
        if (desk.isEmpty()) {
            loadedReference = "";
            shelf();
            return;
        }
        String hash = chosen.get();
        if (!hash.equals(loadedPicture)) {
            loadedPicture = hash;
            pictureImage = Optional.empty();
            pictures.large(hash, image -> {
                if (hash.equals(loadedPicture)) {
                    pictureImage = Optional.of(image);
                    draw();
                }
            });
        }
        String under = desk.get().overlay().map(Overlay::reference).orElse("");
        if (!under.equals(loadedReference)) {
            loadedReference = under;
            referenceImage = Optional.empty();
            if (!under.isEmpty()) {
                pictures.large(under, image -> {
                    if (under.equals(loadedReference)) {
                        referenceImage = Optional.of(image);
                        draw();
                    }
                });
            }
        }
        shelf();
        draw();
    }

    private Optional<String> first() {
        List<Fitting> fittings = studio.situation().costume().fittings();
        List<Picture> all = new ArrayList<>();
        fittings.forEach(fitting -> all.addAll(fitting.pictures()));
        return all.stream()
                .filter(each -> each.laid().isPresent())
                .findFirst()
                .or(() -> all.stream().findFirst())
                .map(Picture::hash);
    }

    private void draw() {
        Optional<OverlayDesk> desk = desk();
        Optional<Overlay> overlay = desk.flatMap(OverlayDesk::overlay);
        boolean laid = tools.isLaid();
        Parts.show(picture, !laid || overlay.isEmpty());
        Parts.show(reference, overlay.isPresent());
        reference.base(referenceImage);
        picture.base(pictureImage);
        List<OverlayPane.Mark> there = new ArrayList<>();
        List<OverlayPane.Mark> here = new ArrayList<>();
        Optional<Likeness> likeness =
                desk.flatMap(each -> each.answer(studio.format()).likeness());
        overlay.ifPresent(each -> each.pairs().forEach(pair -> {
            there.add(new OverlayPane.Mark(pair.name(), pair.use(), pair.there()));
            pair.here().ifPresent(at -> here.add(new OverlayPane.Mark(pair.name(), pair.use(), at)));
        }));
        picture.marks(here, desk.map(OverlayDesk::outlinesHere).orElse(List.of()));
        reference.marks(there, overlay.map(Overlay::outlines).orElse(List.of()));
        reference.over(
                laid ? pictureImage : Optional.empty(),
                likeness.map(Likeness::alignment),
                overlay.map(Overlay::opacity).orElse(0.5));
    }

    /** The tiles are made anew only when there are others or another is chosen: there may be hundreds. */
    private void shelf() {
        List<Object> now = new ArrayList<>();
        now.add(chosen);
        now.add(loadedReference);
        now.add(pictures.references());
        studio.situation().costume().fittings().forEach(fitting -> {
            now.add(fitting.number());
            fitting.pictures().forEach(each -> now.add(each.hash()));
        });
        if (now.equals(onShelf)) {
            return;
        }
        onShelf = now;
        shelf.getChildren().clear();
        Button add = Parts.button("Add a reference", pictures::addReference, "quiet");
        add.setId("add-reference");
        shelf.getChildren().addAll(Parts.label("To be like", "caps"), thumbs(pictures.references(), this::lay), add);
        List<Fitting> fittings = studio.situation().costume().fittings();
        for (int i = fittings.size() - 1; i >= 0; i--) {
            Fitting fitting = fittings.get(i);
            shelf.getChildren()
                    .addAll(
                            Parts.label("Fitting " + fitting.number(), "caps"),
                            thumbs(fitting.pictures(), this::choose));
        }
        if (fittings.isEmpty()) {
            shelf.getChildren().add(Parts.text("Pictures are kept with a fitting: begin one first.", "small", "soft"));
            return;
        }
        Button file = Parts.button("Add a picture", () -> pictures.addToRound(round), "quiet");
        file.setId("add-picture");
        Button photograph = Parts.hinted(
                Parts.button("Photograph", () -> pictures.photograph(round), "quiet"),
                "The camera stand-in takes a picture of the figure");
        photograph.setId("take-picture");
        shelf.getChildren().addAll(file, photograph);
    }

    private FlowPane thumbs(List<Picture> all, Consumer<Picture> action) {
        FlowPane pane = new FlowPane(8, 8);
        for (Picture each : all) {
            ImageView view = new ImageView();
            view.setPreserveRatio(true);
            view.setFitWidth(THUMB);
            view.setFitHeight(THUMB);
            pictures.small(each.hash(), view::setImage);
            Label name = Parts.label(each.name(), "small", "soft");
            name.setMaxWidth(THUMB);
            VBox box = new VBox(2, view, name);
            box.setAlignment(Pos.BOTTOM_CENTER);
            box.setMinSize(THUMB, THUMB + 20);
            Tappable thumb = new Tappable(box, each.name(), () -> action.accept(each), "remark");
            thumb.pseudoClassStateChanged(
                    Parts.SELECTED,
                    chosen.filter(each.hash()::equals).isPresent()
                            || each.hash().equals(loadedReference));
            pane.getChildren().add(thumb);
        }
        if (all.isEmpty()) {
            pane.getChildren().add(Parts.label("none yet", "small", "soft"));
        }
        return pane;
    }

    private void choose(Picture each) {
        chosen = Optional.of(each.hash());
        refresh();
    }

    private void lay(Picture under) {
        desk().ifPresent(desk -> desk.over(under));
    }
}
