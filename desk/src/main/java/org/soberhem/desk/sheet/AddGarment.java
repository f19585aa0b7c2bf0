package org.soberhem.desk.sheet;

import java.util.List;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.judging.EarlierVersion;
import org.soberhem.core.pattern.Side;
import org.soberhem.desk.widget.Parts;
import org.soberhem.studio.Situation;
import org.soberhem.studio.Studio;

/**
 * Gives a costume another garment, drafted from a sheet of the shelf or begun from an earlier version of the maker's.
 */
public final class AddGarment extends VBox {

    private static final int MOST_EARLIER = 4;

    private final Studio studio;
    private final SheetChooser chooser;
    private final VBox earlier = new VBox(4);
    private Runnable closed = () -> {};

    public AddGarment(Studio studio) {
        super(10);
        this.studio = studio;
        getStyleClass().add("panel");
        setPadding(new Insets(18));
        chooser = new SheetChooser(studio, false, chosen -> {
            Parts.show(this, false);
            studio.garments().add(chosen.id());
            closed.run();
        });
        VBox.setVgrow(chooser, Priority.ALWAYS);
        HBox head = new HBox(
                12,
                Parts.label("Another garment for this costume", "title"),
                Parts.gap(),
                Parts.button("Not now", () -> {
                    Parts.show(this, false);
                    closed.run();
                }));
        getChildren().addAll(head, earlier, chooser);
        Parts.show(this, false);
    }

    /** Shows the sheets of the costume's year; {@code whenClosed} is run after one is chosen or none. */
    public void open(Runnable whenClosed) {
        closed = whenClosed;
        Parts.show(this, true);
        showEarlier();
        chooser.show(String.valueOf(studio.situation().costume().year()));
    }

    private void showEarlier() {
        List<EarlierVersion> nearest = studio.garments().earlierVersions();
        earlier.getChildren().clear();
        Parts.show(earlier, !nearest.isEmpty());
        earlier.getChildren()
                .add(Parts.label(
                        "Your earlier versions, the nearest to "
                                + studio.situation().wearer().name(),
                        "caps"));
        nearest.stream()
                .limit(MOST_EARLIER)
                .forEach(each -> earlier.getChildren().add(row(each)));
    }

    private HBox row(EarlierVersion each) {
        Button begin = Parts.button("Begin from it", () -> {
            studio.garments()
                    .branch(
                            each.costume(),
                            each.garment(),
                            each.version(),
                            studio.situation().costume());
            Parts.show(this, false);
            closed.run();
        });
        begin.setId("earlier-" + each.costume().id() + "-" + each.version().number());
        HBox row = new HBox(
                10,
                begin,
                Parts.text(each.garment().name() + " of " + each.costume().title() + ", version "
                        + each.version().number() + ": " + words(each)));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** What the wearer has that it does not serve, with everything let out. */
    private String words(EarlierVersion each) {
        Situation now = studio.situation();
        Inputs inputs = studio.makersLibrary().resolver().inputs(now.set().orElseThrow(), now.costume(), Map.of());
        List<String> lacking = each.serves().lacking(inputs).stream()
                .map(span -> {
                    double value = inputs.find(span.measure()).orElseThrow().on(Side.MIDDLE);
                    return studio.library().measures().name(span.measure()) + " "
                            + studio.format().format(span.outside(value))
                            + (value > span.largest() ? " too small" : " too large");
                })
                .toList();
        return lacking.isEmpty() ? "serves, let out where it must be" : String.join(", ", lacking);
    }
}
