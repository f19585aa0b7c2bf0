package org.soberhem.desk.fitting;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.judging.Target;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.Tabs;
import org.soberhem.studio.Studio;

/**
 * The fitting place: standing while a round is logged, at the table when it is decided, compared, and the cloth is cut.
 */
public final class FittingPlace extends StackPane {

    /** Pages at the table. */
    enum Page {
        REMARKS("Remarks and causes"),
        ROUNDS("Rounds"),
        PICTURES("Pictures"),
        GATE("Ready to cut?"),
        AFTER("After");

        private final String words;

        Page(String words) {
            this.words = words;
        }
    }

    /** A page that shows the costume at hand. */
    interface Shown {
        void refresh();
    }

    private final Studio studio;
    private final FittingRound round;
    private final StandingView standing;
    private final BorderPane table = new BorderPane();
    private final Tabs<Page> tabs;
    private final Map<Page, Supplier<Node>> makers = new EnumMap<>(Page.class);
    private final Map<Page, Node> pages = new EnumMap<>(Page.class);
    private Page page = Page.REMARKS;
    private String costume = "";

    public FittingPlace(Studio studio, FileDesk files) {
        this.studio = studio;
        round = new FittingRound(studio);
        Trying trying = new Trying(studio, round);
        PictureShelf pictures = new PictureShelf(studio, files);
        standing = new StandingView(studio, round, trying, pictures);
        makers.put(Page.REMARKS, () -> new DecideView(studio, round, trying, pictures));
        makers.put(Page.ROUNDS, () -> new RoundsView(studio, round, files));
        makers.put(Page.PICTURES, () -> new PicturesView(studio, round, pictures));
        makers.put(Page.GATE, () -> new GateView(studio));
        makers.put(Page.AFTER, () -> new AfterView(studio));
        tabs = new Tabs<>("fitting", Page.values(), each -> each.words, this::open);
        tabs.setPadding(new Insets(8, 16, 8, 16));
        tabs.setSpacing(8);
        tabs.getStyleClass().add("band");
        table.setTop(tabs);
        getChildren().addAll(table, standing);
        studio.current().situation().listen(now -> refresh());
        studio.preferences().format().listen(now -> refresh());
        studio.current().garment().listen(now -> refresh());
        studio.navigation().place().listen(now -> refresh());
        studio.navigation().standing().listen(now -> {
            refresh();
            if (now) {
                standing.requestFocus();
            }
        });
        round.chosenProperty().addListener((was, before, now) -> refresh());
        studio.navigation().target().listen(now -> {
            if (now instanceof Target.Remark remark
                    && round.all().stream()
                            .anyMatch(logged -> logged.remark().id().equals(remark.id()))) {
                page = Page.REMARKS;
                round.chosenProperty().set(Optional.of(remark.id()));
            }
        });
        refresh();
    }

    private void open(Page wanted) {
        page = wanted;
        refresh();
    }

    private void refresh() {
        if (studio.situation() == null
                || studio.navigation()
                        .place()
                        .get()
                        .filter(Stage.FITTING::equals)
                        .isEmpty()) {
            return;
        }
        if (!costume.equals(studio.situation().costume().id())) {
            costume = studio.situation().costume().id();
            page = Page.REMARKS;
            round.chosenProperty().set(Optional.empty());
        }
        boolean stand = studio.navigation().standing().get() && round.fitting().isPresent();
        Parts.show(standing, stand);
        Parts.show(table, !stand);
        if (stand) {
            standing.refresh();
        } else {
            tabs.mark(page);
            Node shown = pages.computeIfAbsent(page, each -> makers.get(each).get());
            table.setCenter(shown);
            ((Shown) shown).refresh();
        }
    }
}
