package org.soberhem.studio;

import java.util.Optional;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.judging.Obstacle;
import org.soberhem.core.judging.Target;

/** Which place is shown, and what it should show first. */
public final class Navigation {

    private final CurrentCostume current;
    private final Observed<Optional<Stage>> place = new Observed<>(Optional.empty());
    private final Observed<Target> target = new Observed<>(Target.PLACE);
    private final Observed<Boolean> standing = new Observed<>(false);
    private final Observed<Boolean> shelf = new Observed<>(false);

    Navigation(CurrentCostume current) {
        this.current = current;
    }

    /** The place that is shown; empty for the rail of all costumes. */
    public Observed<Optional<Stage>> place() {
        return place;
    }

    /** Returns whether a place is shown. */
    public boolean isAt(Stage stage) {
        return place.get().equals(Optional.of(stage));
    }

    /** What the place should show first. */
    public Observed<Target> target() {
        return target;
    }

    /** Whether the maker stands at a fitting: its place then takes the whole window. */
    public Observed<Boolean> standing() {
        return standing;
    }

    /** Whether the shelf of draft sheets is shown instead of the rail. */
    public Observed<Boolean> shelf() {
        return shelf;
    }

    /** Opens the place where an obstacle is settled. */
    public void settle(Obstacle obstacle) {
        if (!obstacle.garment().isEmpty()) {
            current.garment().set(obstacle.garment());
        }
        target.set(Target.PLACE);
        place.set(Optional.of(obstacle.stage()));
        target.set(obstacle.target());
    }

    /** Opens a tracing on the shelf. */
    public void openTracing(String id) {
        place.set(Optional.empty());
        target.set(new Target.Tracing(id));
        shelf.set(true);
    }
}
