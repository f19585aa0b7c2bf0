package org.soberhem.core.figure;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Where the tape begins, ends and passes on a body: every landmark by name, those of the wearer's left ending in -left.
 */
final class BodyLandmarks {

    /** The neck point lies so far above the base of the neck, as a share of half its breadth. */
    static final double NECK_POINT = 0.14;

    private final Map<String, Place> marks = new LinkedHashMap<>();

    /**
     * @param figure with its cross-sections
     * @param fork height of the fork, in millimetres
     * @param shoulder the right shoulder point
     */
    BodyLandmarks(BodyFigure figure, double fork, Place shoulder) {
        double height = figure.height();
        CrossSection neck = figure.at("neck-base");
        CrossSection armpit = figure.at("armpit");
        CrossSection bust = figure.at("bust");
        CrossSection waist = figure.at("waist");
        CrossSection hip = figure.at("hip");
        CrossSection elbow = figure.at("elbow");
        CrossSection wrist = figure.at("wrist");
        double rise = neck.breadth() * 0.35;
        double out = Math.max(-figure.at("hand").right().x() * 1.03, height * 0.16);
        double point = figure.reading("bust-point-to-bust-point", 0) > 0
                ? figure.reading("bust-point-to-bust-point", 0) / 2
                : bust.breadth() * 0.55;
        put("crown", 0, height, 0);
        put("crown-beside", out, height, height * 0.14);
        put("floor-beside", out, 0, height * 0.14);
        put("head-side", -figure.headBreadth(), figure.headMiddle(), 0);
        put("nape", 0, neck.middle().y() + rise, neck.back().z());
        put("neck-pit", 0, neck.middle().y() - rise, neck.front().z());
        put(
                "neck-point",
                -neck.breadth(),
                neck.middle().y() + neck.breadth() * NECK_POINT,
                neck.middle().z());
        mark("shoulder-point", shoulder);
        marks.put("shoulder-point-left", new Place(-shoulder.x(), shoulder.y() - figure.shoulderTilt(), shoulder.z()));
        mark("shoulder-half", between(marks.get("neck-point"), shoulder, 0.5));
        put("shoulder-above", shoulder.x(), marks.get("neck-point").y(), shoulder.z());
        double chestLine = (shoulder.y() + armpit.middle().y()) / 2;
        put("chest-side", -armpit.breadth() * 0.92, chestLine, armpit.front().z() * 0.7);
        put("back-side", -armpit.breadth() * 0.95, chestLine, armpit.back().z() * 0.8);
        mark(
                "armpit",
                new Place(
                        -armpit.breadth(), armpit.middle().y(), armpit.middle().z()));
        put(
                "below-armpit",
                -armpit.breadth(),
                armpit.middle().y() - height * 0.06,
                armpit.middle().z());
        put("armscye-front", shoulder.x() * 0.94, chestLine, armpit.front().z() * 0.5);
        put("armscye-back", shoulder.x() * 0.94, chestLine, armpit.back().z() * 0.5);
        put("armpit-level-back", 0, armpit.middle().y(), armpit.back().z());
        put("bust-point", -point, bust.middle().y(), bust.front().z());
        put(
                "under-bust-front",
                0,
                figure.at("under-bust").middle().y(),
                figure.at("under-bust").front().z());
        mark("waist-front", waist.front());
        mark("waist-back", waist.back());
        mark("waist-side", waist.right());
        put(
                "waist-below-bust-point",
                -point * 0.85,
                waist.middle().y(),
                waist.front().z() * 0.9);
        put(
                "waist-over-leg",
                -hip.breadth() * 0.5,
                waist.middle().y(),
                waist.front().z() * 0.85);
        put(
                "bodice-point",
                0,
                waist.middle().y() - figure.reading("waist-to-bodice-point", 0.05),
                figure.at("belly").front().z());
        mark("belly-front", figure.at("belly").front());
        put(
                "lap",
                0,
                hip.middle().y() + (waist.middle().y() - hip.middle().y()) * 0.45,
                figure.at("belly").front().z());
        mark("hip-side", hip.right());
        mark("hip-back", hip.back());
        put("seat-side", hip.right().x(), fork, hip.middle().z());
        put("fork", 0, fork, 0);
        put("floor-front", 0, 0, figure.at("belly").front().z());
        put(
                "hem-front",
                0,
                figure.reading("hem-height", 0.08),
                figure.at("belly").front().z());
        put("floor-side", hip.right().x(), 0, hip.middle().z());
        put("floor-back", 0, 0, hip.back().z());
        put("floor-inside", 0, 0, 0);
        mark("knee-front", figure.at("knee").front());
        mark(
                "elbow",
                new Place(elbow.right().x(), elbow.middle().y(), elbow.middle().z()));
        mark("wrist", wrist.right());
        mark("elbow-inside", elbow.left());
        mark("wrist-inside", wrist.left());
    }

    Map<String, Place> all() {
        return marks;
    }

    private static Place between(Place from, Place to, double share) {
        return new Place(
                from.x() + (to.x() - from.x()) * share,
                from.y() + (to.y() - from.y()) * share,
                from.z() + (to.z() - from.z()) * share);
    }

    private void put(String name, double x, double y, double z) {
        mark(name, new Place(x, y, z));
    }

    private void mark(String name, Place place) {
        marks.put(name, place);
        marks.put(name + "-left", place.mirrored());
    }
}
