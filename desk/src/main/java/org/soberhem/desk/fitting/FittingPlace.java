package org.soberhem.desk.fitting;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import org.soberhem.core.judging.Target;
import org.soberhem.desk.widget.FileDesk;
import org.soberhem.desk.widget.Parts;
import org.soberhem.desk.widget.PlaceView;
import org.soberhem.desk.widget.Tabs;
import org.soberhem.studio.Studio;

/**
 * The fitting place: standing while a round is logged, at the table when it is decided, compared, and the cloth is cut.
 */
public final class FittingPlace extends PlaceView {

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

    public FittingPlace(Studio studio, FileDesk files) {
        super(studio, "fitting-place");
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
        setCenter(new StackPane(table, standing));
        listen(studio.navigation().standing(), now -> {
            changed();
            if (now) {
                standing.requestFocus();
            }
        });
        round.chosenProperty().addListener((was, before, now) -> changed());
        listen(studio.navigation().target(), now -> {
            if (now instanceof Target.Remark remark
                    && round.all().stream()
                            .anyMatch(logged -> logged.remark().id().equals(remark.id()))) {
                page = Page.REMARKS;
                round.chosenProperty().set(Optional.of(remark.id()));
            }
        });
        changed();
    }

    private void open(Page wanted) {
        page = wanted;
        changed();
    }

    @Override
    protected void costumeChanged() {
        page = Page.REMARKS;
        round.chosenProperty().set(Optional.empty());
    }

    @Override
    protected void refresh() {
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
