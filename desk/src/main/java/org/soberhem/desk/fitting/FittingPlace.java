package org.soberhem.desk.fitting;

import java.util.Optional;
import javafx.scene.layout.StackPane;
import org.soberhem.core.costume.Stage;
import org.soberhem.desk.studio.Studio;
import org.soberhem.desk.widget.Parts;

/** The fitting place: standing while a round is logged, at the table when it is decided. */
public final class FittingPlace extends StackPane {

    private final Studio studio;
    private final FittingRound round;
    private final StandingView standing;
    private final DecideView decide;
    private String costume = "";

    public FittingPlace(Studio studio) {
        this.studio = studio;
        round = new FittingRound(studio);
        standing = new StandingView(studio, round);
        decide = new DecideView(studio, round);
        getChildren().addAll(decide, standing);
        studio.situationProperty().addListener((was, before, now) -> refresh());
        studio.formatProperty().addListener((was, before, now) -> refresh());
        studio.placeProperty().addListener((was, before, now) -> refresh());
        studio.standingProperty().addListener((was, before, now) -> {
            refresh();
            if (now) {
                standing.requestFocus();
            }
        });
        round.chosenProperty().addListener((was, before, now) -> refresh());
        studio.targetProperty().addListener((was, before, now) -> {
            if (round.all().stream().anyMatch(logged -> logged.remark().id().equals(now))) {
                round.chosenProperty().set(Optional.of(now));
            }
        });
        refresh();
    }

    private void refresh() {
        if (studio.situation() == null
                || studio.placeProperty().get().filter(Stage.FITTING::equals).isEmpty()) {
            return;
        }
        if (!costume.equals(studio.situation().costume().id())) {
            costume = studio.situation().costume().id();
            round.chosenProperty().set(Optional.empty());
        }
        boolean stand = studio.standingProperty().get() && round.fitting().isPresent();
        Parts.show(standing, stand);
        Parts.show(decide, !stand);
        if (stand) {
            standing.refresh();
        } else {
            decide.refresh();
        }
    }
}
