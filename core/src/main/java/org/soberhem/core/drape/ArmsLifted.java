package org.soberhem.core.drape;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.figure.Place;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Side;

/** What lifting the arms does to a garment: tried on as the wearer stands, and once more with arms lifted. */
public final class ArmsLifted {

    private ArmsLifted() {}

    /**
     * Returns how far edges rise and sleeves draw back, and what pulls that did not before.
     *
     * @param limit stretch that is too much, as a share
     */
    public static List<WornFinding> between(Draped standing, Draped moved, double limit) {
        List<WornFinding> findings = new ArrayList<>();
        Map<String, Double> before = new ReadOff(standing).edges();
        new ReadOff(moved).edges().forEach((edge, height) -> {
            double rises = height - before.getOrDefault(edge, height);
            findings.add(new WornFinding(
                    WornFinding.Kind.EDGE,
                    Math.abs(rises) < ReadOff.NOISE_OF_EDGES
                            ? Sentence.of("With the arms lifted the {} stays where it is", edge)
                            : Sentence.of(
                                    "With the arms lifted the {} {} by {}",
                                    edge,
                                    rises > 0 ? "rises" : "sinks",
                                    Math.abs(rises)),
                    Optional.empty(),
                    -1));
        });
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            Optional<Double> back =
                    bare(standing, side).flatMap(was -> bare(moved, side).map(is -> is - was));
            back.ifPresent(by -> findings.add(new WornFinding(
                    WornFinding.Kind.EDGE,
                    Math.abs(by) < ReadOff.NOISE_OF_EDGES
                            ? Sentence.of("The sleeve of the {} stays at its wrist", side.words())
                            : Sentence.of(
                                    "The sleeve of the {} {} by {}",
                                    side.words(),
                                    by > 0 ? "draws back from the wrist" : "slides towards the hand",
                                    Math.abs(by)),
                    Optional.empty(),
                    -1)));
        }
        Map<String, Double> drawn = new HashMap<>();
        new ClothTension(standing).pieces(limit).forEach(each -> drawn.put(each.piece(), each.beyond()));
        for (ClothTension.OfPiece each : new ClothTension(moved).pieces(limit)) {
            double more = each.beyond() - drawn.getOrDefault(each.piece(), 0.0);
            if (more > ClothTension.NOISE_OF_AREA) {
                findings.add(new WornFinding(
                        WornFinding.Kind.PULLS,
                        Sentence.of(
                                "With the arms lifted it pulls at {}: {} % more of it is tight",
                                each.piece(), String.valueOf(Math.round(more * 100))),
                        Optional.of(each.piece()),
                        each.tightest()));
            }
        }
        return findings;
    }

    /** Returns how much of the arm is bare below the sleeve: from its edge to the finger tips. */
    private static Optional<Double> bare(Draped draped, Side side) {
        List<Place> line = draped.stand().armLine(side);
        return new ReadOff(draped).wrist(side).map(end -> end.distanceTo(line.get(line.size() - 1)));
    }
}
