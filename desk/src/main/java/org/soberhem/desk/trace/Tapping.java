package org.soberhem.desk.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Point;

/** What the next taps on a piece mean when its heights, its middle and its darts are marked. */
final class Tapping {

    private final TraceDesk desk;
    private Optional<String> level = Optional.empty();
    private boolean centre;
    private List<Point> dart = List.of();
    private boolean darting;

    Tapping(TraceDesk desk) {
        this.desk = desk;
    }

    void level(String name) {
        stop();
        level = Optional.of(name);
    }

    void centre() {
        stop();
        centre = true;
    }

    void dart() {
        stop();
        darting = true;
    }

    void stop() {
        level = Optional.empty();
        centre = false;
        darting = false;
        dart = List.of();
    }

    /** Takes a tap, and says whether it meant something. */
    boolean tap(Point at) {
        if (level.isPresent()) {
            String name = level.get();
            stop();
            desk.level(name, at);
            return true;
        }
        if (centre) {
            stop();
            desk.centre(Optional.of(at));
            return true;
        }
        if (darting) {
            List<Point> more = new ArrayList<>(dart);
            more.add(at);
            dart = more;
            if (more.size() == 3) {
                stop();
                desk.dart(more.get(0), more.get(1), more.get(2));
            }
            return true;
        }
        return false;
    }

    /** Says what is to be tapped. */
    String words() {
        if (level.isPresent()) {
            return "Tap the piece at the height of the " + level.get().replace('-', ' ') + ".";
        }
        if (centre) {
            return "Tap a place on the middle of the body.";
        }
        if (darting) {
            return List.of(
                            "Tap the point of the dart.",
                            "Tap the end of its first leg.",
                            "Tap the end of its other leg.")
                    .get(dart.size());
        }
        return "";
    }
}
