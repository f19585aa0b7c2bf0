package org.soberhem.core.stand;

import static org.soberhem.core.stand.Angles.BACK;
import static org.soberhem.core.stand.Angles.FRONT;
import static org.soberhem.core.stand.Angles.LEFT;
import static org.soberhem.core.stand.Angles.RIGHT;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.Place;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.stand.TrunkModel.At;

/** How the tapes lie that go over arms, legs or the head, or that end at the floor or at a hem. */
final class LimbTapes {

    /** Girths of arms and legs by the level at which they are read. */
    private static final Map<String, String> GIRTHS = Map.ofEntries(
            Map.entry("upper-arm", "upper-arm"),
            Map.entry("upper-arm-flexed", "upper-arm"),
            Map.entry("elbow-bent", "elbow"),
            Map.entry("forearm", "forearm"),
            Map.entry("wrist", "wrist"),
            Map.entry("hand", "hand"),
            Map.entry("thigh", "thigh"),
            Map.entry("knee", "knee"),
            Map.entry("below-knee", "below-knee"),
            Map.entry("calf", "calf"),
            Map.entry("ankle", "ankle"),
            Map.entry("heel", "ankle"));

    private static final List<String> LENGTHS = List.of(
            "shoulder-to-elbow",
            "shoulder-to-wrist",
            "nape-to-wrist",
            "underarm-to-wrist",
            "folded-arms-width",
            "shoulder-girth",
            "arm-hole-loop",
            "head",
            "crown-arc",
            "height",
            "waist-to-knee",
            "waist-to-bodice-point",
            "torso-length-seated",
            "hem-height");

    /** All measures that are read there. */
    static final Set<String> MEASURES =
            Stream.concat(GIRTHS.keySet().stream(), LENGTHS.stream()).collect(Collectors.toUnmodifiableSet());

    /**
     * Spreads of lengths along limbs and round the head, which a stand with hanging arms follows loosely;
     * millimetres.
     */
    private static final Map<String, Double> SPREADS = Map.of(
            "head",
            3.0,
            "heel",
            Double.NaN,
            "shoulder-to-elbow",
            12.0,
            "shoulder-to-wrist",
            12.0,
            "nape-to-wrist",
            15.0);

    /** A square-cut arm-hole ends so far below the armpit, share of the height. */
    private static final double LOOP = 0.065;

    private final BodyFigure body;
    private final TrunkSurface trunk;
    private final List<Limb> arms;
    private final List<Limb> legs;

    /**
     * @param arms the left one, then the right one
     * @param legs the same
     */
    LimbTapes(BodyFigure body, TrunkSurface trunk, List<Limb> arms, List<Limb> legs) {
        this.body = body;
        this.trunk = trunk;
        this.arms = arms;
        this.legs = legs;
    }

    /** Returns how a tape lies; empty for one that lies on the trunk alone, or not on a body at all. */
    Optional<TapeRun> tape(String measure, boolean left) {
        String level = GIRTHS.get(measure);
        if (level != null) {
            Limb limb = limb(level, left);
            return Optional.of(limb.girth(level));
        }
        Limb arm = arms.get(left ? 0 : 1);
        int outer = left ? LEFT : RIGHT;
        int inner = left ? RIGHT : LEFT;
        Place shoulder = trunk.at(At.SHOULDER, outer);
        Place elbow = arm.at("elbow", outer);
        Place wrist = arm.at("wrist", outer);
        return Optional.ofNullable(
                switch (measure) {
                    case "shoulder-to-elbow" -> run(shoulder, elbow);
                    case "shoulder-to-wrist" -> run(shoulder, elbow, wrist);
                    case "nape-to-wrist" -> run(trunk.at(At.NECK_ROOT, BACK), shoulder, elbow, wrist);
                    case "underarm-to-wrist" ->
                        run(TrunkRuns.armpit(trunk, left), arm.at("elbow", inner), arm.at("wrist", inner));
                    case "folded-arms-width" ->
                        run(
                                tip(0),
                                arms.get(0).at("elbow", LEFT),
                                trunk.at(At.SHOULDER, LEFT),
                                trunk.at(At.SHOULDER_HALF, BACK),
                                trunk.at(At.SHOULDER, RIGHT),
                                arms.get(1).at("elbow", RIGHT),
                                tip(1));
                    case "shoulder-girth" -> overArms();
                    case "arm-hole-loop" -> loop(left);
                    case "head" -> ring(trunk.marks().row(At.BROW));
                    case "crown-arc" -> crown();
                    case "height" -> height();
                    case "waist-to-knee" ->
                        run(
                                front(trunk.marks().height(At.WAIST)),
                                front(TrunkRuns.bellyHeight(trunk)),
                                legs.get(left ? 0 : 1).at("thigh", FRONT),
                                legs.get(left ? 0 : 1).at("knee", FRONT));
                    case "waist-to-bodice-point" ->
                        run(
                                front(trunk.marks().height(At.WAIST)),
                                front(trunk.marks().height(At.WAIST) - share(measure, 0.05)));
                    case "torso-length-seated" ->
                        run(
                                front(trunk.marks().height(At.UNDER_BUST)),
                                front(trunk.marks().height(At.WAIST)),
                                front(trunk.marks().height(At.HIGH_HIP)));
                    case "hem-height" -> {
                        Place toes = legs.get(left ? 0 : 1).at("ankle", FRONT);
                        yield run(new Place(0, 0, toes.z() + 40), new Place(0, share(measure, 0.08), toes.z() + 40));
                    }
                    default -> null;
                });
    }

    /**
     * Returns how far limbs and head miss what was read of them; of an arm or leg its two sides where they were read.
     */
    List<Residual> residuals(BodyFigure read, Set<String> refused) {
        List<Residual> all = new ArrayList<>();
        for (String measure : new TreeSet<>(MEASURES)) {
            double spread = SPREADS.getOrDefault(measure, GIRTHS.containsKey(measure) ? 2.0 : Double.NaN);
            OptionalDouble right = read.read(measure, Side.RIGHT);
            if (Double.isNaN(spread) || right.isEmpty() || refused.contains(measure)) {
                continue;
            }
            double left = read.read(measure, Side.LEFT).orElse(right.getAsDouble());
            boolean alike = left == right.getAsDouble();
            all.add(new Residual(
                    measure, alike ? Side.MIDDLE : Side.RIGHT, right.getAsDouble(), length(measure, false), spread));
            if (!alike) {
                all.add(new Residual(measure, Side.LEFT, left, length(measure, true), spread));
            }
        }
        return all;
    }

    private double length(String measure, boolean left) {
        return tape(measure, left).orElseThrow().length();
    }

    private double share(String measure, double usual) {
        return body.read(measure, Side.RIGHT).orElse(usual * body.height());
    }

    private Limb limb(String level, boolean left) {
        List<Limb> both = arms.get(0).levels().containsKey(level) ? arms : legs;
        return both.get(left ? 0 : 1);
    }

    private static TapeRun run(Place... places) {
        return new TapeRun(List.of(places), false);
    }

    private Place front(double height) {
        return trunk.onColumn(FRONT, Math.max(trunk.grid().y(0, FRONT), height), At.FORK, At.CHEST);
    }

    /** The tip of the middle finger. */
    private Place tip(int arm) {
        return arms.get(arm).grid().place(arms.get(arm).grid().rows() - 1, LEFT);
    }

    private TapeRun ring(int row) {
        List<Place> round = new ArrayList<>();
        for (int i = 0; i < Angles.COLUMNS; i++) {
            round.add(trunk.grid().place(row, i));
        }
        return new TapeRun(round, true);
    }

    /** Level round trunk and arms where the arms stand out most below the shoulder points. */
    private TapeRun overArms() {
        double height = trunk.marks().height(At.CHEST);
        List<Taut.Spot> spots = new ArrayList<>();
        trunk.level(height).forEach(place -> spots.add(new Taut.Spot(place.x(), place.z(), place)));
        for (Limb arm : arms) {
            for (int row = 0; row < arm.levels().get("elbow"); row++) {
                for (int column = 0; column < Angles.COLUMNS; column++) {
                    Place place = arm.grid().place(row, column);
                    if (Math.abs(place.y() - height) < 12) {
                        spots.add(new Taut.Spot(place.x(), place.z(), new Place(place.x(), height, place.z())));
                    }
                }
            }
        }
        return Taut.round(spots);
    }

    /** Over the shoulder and a hand's breadth below the armpit. */
    private TapeRun loop(boolean left) {
        Place top = trunk.at(At.SHOULDER, left ? LEFT : RIGHT);
        Place armpit = TrunkRuns.armpit(trunk, left);
        Place bottom = trunk.onColumn(left ? LEFT : RIGHT, armpit.y() - LOOP * body.height(), At.FORK, At.SHOULDER);
        Place front = TrunkRuns.creasePoint(trunk, true, left);
        Place back = TrunkRuns.creasePoint(trunk, false, left);
        return TrunkRuns.oval(top, front, bottom, back);
    }

    /** From one shoulder point over the crown to the other. */
    private TapeRun crown() {
        List<Place> up = new ArrayList<>();
        up.add(trunk.at(At.SHOULDER, LEFT));
        int top = trunk.grid().rows() - 1;
        for (int row = trunk.marks().row(At.CHEEKS); row <= top; row++) {
            up.add(trunk.grid().place(row, LEFT));
        }
        for (int row = top - 1; row >= trunk.marks().row(At.CHEEKS); row--) {
            up.add(trunk.grid().place(row, RIGHT));
        }
        up.add(trunk.at(At.SHOULDER, RIGHT));
        return new TapeRun(up, false);
    }

    /** Plumb beside the wearer. */
    private TapeRun height() {
        double beside = arms.get(1).at("hand", RIGHT).x() - 30;
        return run(new Place(beside, body.height(), 0), new Place(beside, 0, 0));
    }
}
