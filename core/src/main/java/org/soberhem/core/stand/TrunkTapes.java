package org.soberhem.core.stand;

import static org.soberhem.core.stand.Angles.BACK;
import static org.soberhem.core.stand.Angles.FRONT;
import static org.soberhem.core.stand.Angles.LEFT;
import static org.soberhem.core.stand.Angles.RIGHT;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.figure.Place;
import org.soberhem.core.stand.TrunkModel.At;

/**
 * How each tape of the catalogue lies on the trunk. Spreads are how far two careful readings of one body differ and how
 * far a padded stand can follow, in millimetres; from memory.
 */
final class TrunkTapes {

    /** Lays a tape on a surface, on the wearer's left or right where they differ. */
    interface Lay {
        TapeRun on(TrunkSurface trunk, boolean left);
    }

    /**
     * A tape.
     *
     * @param spread of its readings, millimetres
     * @param sided whether left and right are told apart
     * @param lay how it lies
     */
    record Tape(double spread, boolean sided, Lay lay) {}

    /** Read over skirts and in shoes, so that the body itself is not found from it. */
    static final double NOT_FITTED = Double.POSITIVE_INFINITY;

    /** All of them, by the catalogue's id. */
    static final Map<String, Tape> ALL = all();

    private TrunkTapes() {}

    private static Map<String, Tape> all() {
        Map<String, Tape> all = new LinkedHashMap<>();
        for (String waist : List.of("waist-crease", "waist-narrowest", "waist-midway")) {
            all.put(waist, girth(1.5, At.WAIST));
        }
        all.put("belly", new Tape(2, false, (trunk, left) -> TrunkRuns.level(trunk, TrunkRuns.bellyHeight(trunk))));
        all.put("high-hip", girth(2, At.HIGH_HIP));
        all.put("full-hip", girth(1.5, At.HIP));
        all.put("under-bust", girth(1.5, At.UNDER_BUST));
        all.put("full-bust", girth(1.5, At.BUST));
        all.put("high-bust", new Tape(2, false, (trunk, left) -> TrunkRuns.highBust(trunk)));
        all.put("chest", new Tape(2, false, (trunk, left) -> TrunkRuns.level(trunk, TrunkRuns.chestHeight(trunk))));
        all.put("neck-base", new Tape(1.5, false, (trunk, left) -> TrunkRuns.row(trunk, At.NECK_ROOT)));
        all.put("neck-mid", new Tape(2, false, (trunk, left) -> TrunkRuns.row(trunk, At.NECK)));
        all.put(
                "nape-to-waist",
                new Tape(1.5, false, (trunk, left) -> TrunkRuns.down(trunk, BACK, At.NECK_ROOT, At.WAIST)));
        all.put("scye-depth", new Tape(8, false, (trunk, left) -> TrunkRuns.scyeDepth(trunk)));
        all.put(
                "neck-pit-to-waist",
                new Tape(4, false, (trunk, left) -> TrunkRuns.down(trunk, FRONT, At.NECK_ROOT, At.WAIST)));
        all.put("neck-point-to-bust-point", new Tape(4, true, TrunkRuns::overTheBust));
        all.put("bust-point-to-waist", new Tape(4, true, TrunkRuns::underTheBust));
        all.put(
                "front-waist-length",
                new Tape(
                        5,
                        true,
                        (trunk, left) -> TrunkRuns.overTheBust(trunk, left).then(TrunkRuns.underTheBust(trunk, left))));
        all.put(
                "bust-point-to-bust-point",
                new Tape(
                        2,
                        false,
                        (trunk, left) -> new TapeRun(List.of(trunk.bustPoint(false), trunk.bustPoint(true)), false)));
        all.put(
                "shoulder-length",
                new Tape(
                        2,
                        true,
                        (trunk, left) -> new TapeRun(
                                List.of(
                                        trunk.at(At.NECK_ROOT, TrunkRuns.side(left)),
                                        trunk.at(At.SHOULDER, TrunkRuns.side(left))),
                                false)));
        all.put(
                "neck-muscle-length",
                new Tape(
                        8,
                        true,
                        (trunk, left) -> new TapeRun(
                                List.of(
                                        trunk.at(At.NECK_ROOT, TrunkRuns.side(left)),
                                        trunk.at(At.SHOULDER_HALF, TrunkRuns.side(left))),
                                false)));
        all.put("shoulder-slope", new Tape(4, true, TrunkRuns::slope));
        all.put("shoulder-width", new Tape(4, false, (trunk, left) -> TrunkRuns.shoulderWidth(trunk)));
        all.put("across-chest", new Tape(4.5, false, (trunk, left) -> TrunkRuns.across(trunk, true)));
        all.put("across-back", new Tape(4.5, false, (trunk, left) -> TrunkRuns.across(trunk, false)));
        all.put("armscye", new Tape(5, true, TrunkRuns::armscye));
        all.put("side-waist-length", new Tape(5, true, TrunkRuns::sideLength));
        all.put(
                "waist-to-full-hip",
                new Tape(
                        5,
                        true,
                        (trunk, left) -> TrunkRuns.sideways(
                                trunk,
                                left,
                                At.HIP,
                                TrunkRuns.waistHeight(trunk, left),
                                trunk.marks().height(At.HIP))));
        all.put(
                "crotch-depth",
                new Tape(
                        10,
                        false,
                        (trunk, left) -> TrunkRuns.plumb(
                                trunk.onColumn(RIGHT, TrunkRuns.waistHeight(trunk, false), At.FORK, At.ARMPIT),
                                trunk.marks().height(At.FORK)
                                        - TrunkRuns.SEATED * trunk.marks().height(At.WAIST))));
        all.put("rise-through-legs", new Tape(10, false, (trunk, left) -> TrunkRuns.rise(trunk)));
        all.put(
                "inside-leg",
                new Tape(
                        3,
                        false,
                        (trunk, left) ->
                                TrunkRuns.plumb(new Place(0, trunk.marks().height(At.FORK), 0), 0)));
        all.put(
                "nape-to-floor",
                new Tape(
                        4,
                        false,
                        (trunk, left) -> TrunkRuns.down(trunk, BACK, At.NECK_ROOT, At.FORK)
                                .then(TrunkRuns.plumb(trunk.at(At.FORK, BACK), 0))));
        all.put("outside-leg", new Tape(5, true, (trunk, left) -> TrunkRuns.toFloor(trunk, TrunkRuns.side(left))));
        all.put("waist-to-floor-front", new Tape(NOT_FITTED, false, (trunk, left) -> TrunkRuns.toFloor(trunk, FRONT)));
        all.put("waist-to-floor-back", new Tape(NOT_FITTED, false, (trunk, left) -> TrunkRuns.toFloor(trunk, BACK)));
        all.put("waist-to-floor-right", new Tape(NOT_FITTED, false, (trunk, left) -> TrunkRuns.toFloor(trunk, RIGHT)));
        all.put("waist-to-floor-left", new Tape(NOT_FITTED, false, (trunk, left) -> TrunkRuns.toFloor(trunk, LEFT)));
        return all;
    }

    private static Tape girth(double spread, At at) {
        return new Tape(
                spread,
                false,
                (trunk, left) -> TrunkRuns.level(trunk, trunk.marks().height(at)));
    }
}
