package org.soberhem.core.stand;

/**
 * Where a setting puts what the tape begins at, ends at and passes.
 *
 * @param heights of the control rings, millimetres
 * @param tilt how far the waist lies lower at the left than in the middle
 * @param apart how far a bust point lies from the middle
 * @param creaseFront the arm's crease in front, as a share of the way out to the shoulder point
 * @param creaseBack the same behind
 * @param spans rows between two rings
 */
record TrunkLandmarks(double[] heights, double tilt, double apart, double creaseFront, double creaseBack, int spans) {

    double height(TrunkModel.At at) {
        return heights[at.ordinal()];
    }

    /** Returns the row that lies at a control ring. */
    int row(TrunkModel.At at) {
        int neck = TrunkModel.At.NECK_TOP.ordinal();
        int above = Math.max(0, at.ordinal() - neck);
        return (at.ordinal() - above - 1) * spans + above * TrunkModel.HEAD_SPANS;
    }
}
