package org.soberhem.core.body;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.body.Measure.Station;
import org.soberhem.core.pattern.Side;

/**
 * The way round a wearer, one reading after the other: the ribbon first, each station once, as few quarter turns as can
 * be.
 *
 * @param ribbon whether a ribbon is tied round the waist before anything is read
 * @param steps in order
 */
public record MeasuringRoute(boolean ribbon, List<Step> steps) {

    /**
     * One reading.
     *
     * @param measure what is read
     * @param side on which side
     * @param posture how the wearer holds still
     * @param station where the one who measures stands
     */
    public record Step(Measure measure, Side side, Posture posture, Station station) {

        /** Returns the reading of this step, if it was taken. */
        public Optional<Reading> in(MeasurementSet set) {
            return set.find(measure.id(), side, posture);
        }

        /** Returns the measure's name with side and posture where they matter. */
        public String name() {
            return measure.name()
                    + (side == Side.MIDDLE ? "" : ", " + side.words())
                    + (posture == Posture.SEATED
                                    && !"seated".equals(measure.how().posture())
                            ? ", seated"
                            : "");
        }
    }

    private static final List<Station> CLOCKWISE = List.of(Station.FRONT, Station.RIGHT, Station.BACK, Station.LEFT);

    public MeasuringRoute {
        steps = List.copyOf(steps);
    }

    /**
     * Plans the readings.
     *
     * @param catalogue all measures, in the order in which they follow each other at one station
     * @param build of the wearer; measures that are not asked of them are left out
     * @param wanted catalogue ids
     * @param seated ids that are read seated too, if they are wanted
     */
    public static MeasuringRoute of(
            MeasureCatalogue catalogue, Build build, Collection<String> wanted, Collection<String> seated) {
        List<Step> steps = new ArrayList<>();
        Set<String> ids = new LinkedHashSet<>(wanted);
        for (Measure measure : catalogue.all(build)) {
            if (ids.contains(measure.id())) {
                steps.addAll(steps(measure, seated.contains(measure.id())));
            }
        }
        List<Station> route = route(steps);
        List<Step> ordered = new ArrayList<>();
        for (Station station : route) {
            steps.stream().filter(step -> step.station() == station).forEach(ordered::add);
        }
        return new MeasuringRoute(
                ordered.stream().anyMatch(step -> step.measure().how().fromRibbon()), ordered);
    }

    private static List<Step> steps(Measure measure, boolean seatedToo) {
        List<Step> steps = new ArrayList<>();
        Station station = measure.how().station();
        boolean standing = measure.how().takes(Posture.STANDING);
        if (!standing) {
            steps.add(new Step(measure, Side.MIDDLE, Posture.SEATED, Station.SEATED));
            return steps;
        }
        if (measure.sides() == Measure.Sides.APART) {
            // One who stands in front or behind reaches both sides; from the side only one.
            Station left = station == Station.RIGHT ? Station.LEFT : station;
            steps.add(new Step(measure, Side.RIGHT, Posture.STANDING, station));
            steps.add(new Step(measure, Side.LEFT, Posture.STANDING, left));
        } else {
            steps.add(new Step(measure, Side.MIDDLE, Posture.STANDING, station));
        }
        if (seatedToo && measure.how().takes(Posture.SEATED)) {
            steps.add(new Step(measure, Side.MIDDLE, Posture.SEATED, Station.SEATED));
        }
        return steps;
    }

    /** Goes round the body whichever way takes fewer quarter turns, then to the legs, the chair and the wall. */
    private static List<Station> route(List<Step> steps) {
        List<Station> needed = CLOCKWISE.stream()
                .filter(station -> steps.stream().anyMatch(step -> step.station() == station))
                .toList();
        List<Station> back = new ArrayList<>(needed);
        back.remove(Station.FRONT);
        Collections.reverse(back);
        if (needed.contains(Station.FRONT)) {
            back.add(0, Station.FRONT);
        }
        List<Station> route = new ArrayList<>(turns(back) < turns(needed) ? back : needed);
        route.addAll(List.of(Station.LEGS, Station.SEATED, Station.SHOES_OFF));
        return route;
    }

    /** Returns how many quarter turns round the wearer the walk takes. */
    public int turns() {
        return turns(steps.stream()
                .map(Step::station)
                .distinct()
                .filter(Station::isRound)
                .toList());
    }

    private static int turns(List<Station> route) {
        int turns = 0;
        Station at = Station.FRONT;
        for (Station next : route) {
            int apart = Math.abs(next.ordinal() - at.ordinal());
            turns += Math.min(apart, CLOCKWISE.size() - apart);
            at = next;
        }
        return turns;
    }
}
