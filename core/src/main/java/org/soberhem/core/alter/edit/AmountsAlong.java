package org.soberhem.core.alter.edit;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Profile;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.Piece;

/**
 * Amounts at places along a line that runs down the body, with a fair curve between them: it never goes beyond two
 * neighbours, so that what lies between two places with nothing stays as it was. Beyond the last place it goes on
 * level.
 *
 * @param places at least one
 */
public record AmountsAlong(List<Place> places) {

    /** From where a place is found. */
    public enum From {
        TOP,
        BOTTOM,
        /** Half way. */
        MIDDLE,
        /** Where a level of the body crosses the line. */
        LEVEL
    }

    /**
     * An amount at a place.
     *
     * @param from from where the place is found
     * @param level name of the level; empty if none
     * @param distance along the line from its top or bottom, in millimetres, not negative; else 0
     * @param amount in millimetres
     */
    public record Place(From from, String level, double distance, double amount) {

        public static Place top(double amount) {
            return new Place(From.TOP, "", 0, amount);
        }

        public static Place bottom(double amount) {
            return new Place(From.BOTTOM, "", 0, amount);
        }

        public static Place atLevel(String level, double amount) {
            return new Place(From.LEVEL, level, 0, amount);
        }

        private Sentence sentence() {
            String end = from == From.TOP ? "top" : "bottom";
            return switch (from) {
                case LEVEL -> Sentence.of("{} at the {}", amount, level);
                case MIDDLE -> Sentence.of("{} half way", amount);
                default ->
                    distance == 0
                            ? Sentence.of("{} at its {}", amount, end)
                            : Sentence.of("{} at {} from its {}", amount, distance, end);
            };
        }
    }

    /** Two places nearer than this are one, as a share of the line. */
    private static final double SAME = 1e-6;

    public AmountsAlong {
        places = List.copyOf(places);
        if (places.isEmpty()) {
            throw new IllegalArgumentException("An amount must be given at one place at least");
        }
    }

    /** Returns every amount with its place, in words. */
    public Sentence sentence() {
        return Sentence.of(
                places.stream().map(place -> "{}").collect(Collectors.joining(", ")),
                places.stream().map(Place::sentence).toArray());
    }

    public AmountsAlong times(double factor) {
        return new AmountsAlong(places.stream()
                .map(place -> new Place(place.from, place.level, place.distance, factor * place.amount))
                .toList());
    }

    /**
     * Returns the amounts along a line, from its top to its bottom. They depend on the height alone where the line runs
     * down, so that moving it across by the opposite amounts brings it back.
     *
     * @param piece whose levels are meant
     * @param line from top to bottom
     * @throws AlterationRefusal if a place is not on the line, or two are one
     */
    public Profile on(Piece piece, Path line) {
        Point along = line.end().minus(line.start());
        boolean down = Math.abs(along.y()) > Math.abs(along.x());
        Profile byHeight = byHeight(piece, line, down);
        double[] breaks = places.stream()
                .mapToDouble(place -> share(place, piece, line))
                .sorted()
                .toArray();
        return down ? Profile.along(line, breaks, at -> byHeight.at(height(line, at))) : byHeight;
    }

    /** Returns the amounts by the share of the height, of a line that does not run down by that of its length. */
    public Profile byHeight(Piece piece, Path line, boolean down) {
        record At(double share, double amount) {}
        List<At> along = places.stream()
                .map(place -> {
                    double share = share(place, piece, line);
                    return new At(down ? height(line, line.atShare(share)) : share, place.amount);
                })
                .sorted(Comparator.comparingDouble(At::share))
                .toList();
        for (int i = 1; i < along.size(); i++) {
            if (along.get(i).share() - along.get(i - 1).share() < SAME) {
                throw new AlterationRefusal(
                        "Two amounts are given at one place of the {}: leave one out", piece.name());
            }
        }
        return Profile.through(
                along.stream().mapToDouble(At::share).toArray(),
                along.stream().mapToDouble(At::amount).toArray());
    }

    private static double height(Path line, Point at) {
        return (at.y() - line.start().y()) / (line.end().y() - line.start().y());
    }

    private static double share(Place place, Piece piece, Path line) {
        double length = line.length();
        if (place.distance > length) {
            throw new AlterationRefusal("The line of the {} is only {} long: give a place on it", piece.name(), length);
        }
        return switch (place.from) {
            case TOP -> place.distance / length;
            case BOTTOM -> 1 - place.distance / length;
            case MIDDLE -> 0.5;
            case LEVEL -> level(place.level, piece, line);
        };
    }

    private static double level(String name, Piece piece, Path line) {
        Level level = piece.levels().get(name);
        if (level == null) {
            throw new AlterationRefusal(
                    "The {} has no level \"{}\": it has {}",
                    piece.name(),
                    name,
                    piece.levels().isEmpty()
                            ? "none"
                            : String.join(", ", piece.levels().keySet()));
        }
        Point square = level.to().minus(level.from()).unit().outward();
        return line.shareWhere(at -> at.minus(level.from()).dot(square))
                .orElseThrow(() -> new AlterationRefusal(
                        "The line of the {} does not reach the {}: give a place on it", piece.name(), name));
    }
}
