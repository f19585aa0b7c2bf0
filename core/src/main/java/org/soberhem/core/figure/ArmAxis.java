package org.soberhem.core.figure;

/** The middle line of a hanging arm, from the shoulder point (0) to the wrist (1). */
final class ArmAxis {

    private final BodyFigure figure;
    private final Place shoulder;
    private final Place wrist;

    /**
     * @param side 1 the wearer's right, -1 the left
     */
    ArmAxis(BodyFigure figure, int side) {
        this.figure = figure;
        Place right = figure.mark("shoulder-point").orElseThrow();
        Place wristRight = figure.at("wrist").middle();
        double lower = side > 0 ? 0 : figure.shoulderTilt();
        shoulder = new Place(side * right.x(), right.y() - lower, right.z());
        wrist = new Place(side * wristRight.x(), wristRight.y() - lower, wristRight.z());
    }

    double length() {
        return shoulder.distanceTo(wrist);
    }

    /** Returns the share of the way at which a level of the arm lies. */
    double share(String level) {
        double top = figure.mark("shoulder-point").orElseThrow().y();
        return (top - figure.at(level).middle().y())
                / (top - figure.at("wrist").middle().y());
    }
}
