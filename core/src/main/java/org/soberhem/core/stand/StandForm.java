package org.soberhem.core.stand;

import java.util.LinkedHashMap;
import java.util.Map;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.Form;
import org.soberhem.core.figure.Place;
import org.soberhem.core.stand.TrunkModel.At;

/** Reads a stand's outline and landmarks, for what is hung on it. */
final class StandForm {

    private StandForm() {}

    /** Returns the body with the shape of its stand. */
    static BodyFigure shaped(BodyFigure body, TrunkSurface trunk, Limb left, Limb right) {
        Form.Maker form = new Form.Maker();
        for (int row = left.grid().rows() - 1; row > 0; row--) {
            double[] reach = reach(left.grid(), row);
            double[] other = reach(right.grid(), row);
            form.sides(left.grid().y(row, Angles.LEFT), other[1], reach[0])
                    .depth(left.grid().y(row, Angles.LEFT), Math.max(reach[2], other[2]), Math.max(reach[3], other[3]));
        }
        int top = trunk.marks().row(At.NECK_TOP);
        int chest = trunk.marks().row(At.CHEST);
        double last = 0;
        for (int row = 0; row <= top; row++) {
            double[] reach = reach(trunk.grid(), row);
            // Above the arm-hole a row lies higher at the sides than in front: the sides tell its height.
            double height =
                    trunk.grid().y(row, Angles.LEFT) * 0.5 + trunk.grid().y(row, Angles.RIGHT) * 0.5;
            if (height > last + 0.5) {
                form.sides(height, reach[1], reach[0]);
                last = height;
                if (row <= chest) {
                    form.depth(height, reach[2], reach[3]);
                }
            }
        }
        fore(trunk, form, chest, top);
        return body.shaped(form.made(), heights(trunk), places(trunk));
    }

    /** Above the arm-hole front and back are followed along their own middles. */
    private static void fore(TrunkSurface trunk, Form.Maker form, int chest, int top) {
        SurfaceGrid grid = trunk.grid();
        for (double height = grid.y(chest, Angles.FRONT) + 12; height < grid.y(top, Angles.FRONT); height += 12) {
            form.depth(
                    height,
                    grid.at(grid.rowAt(Angles.FRONT, height, chest, top), Angles.FRONT)
                            .z(),
                    -grid.at(grid.rowAt(Angles.BACK, height, chest, top), Angles.BACK)
                            .z());
        }
    }

    /** Returns how far a row reaches to the left, right, before and behind. */
    private static double[] reach(SurfaceGrid grid, int row) {
        double[] reach = {-1e9, -1e9, -1e9, -1e9};
        for (int column = 0; column < grid.columns(); column++) {
            reach[0] = Math.max(reach[0], grid.x(row, column));
            reach[1] = Math.max(reach[1], -grid.x(row, column));
            reach[2] = Math.max(reach[2], grid.z(row, column));
            reach[3] = Math.max(reach[3], -grid.z(row, column));
        }
        return reach;
    }

    private static Map<String, Double> heights(TrunkSurface trunk) {
        Map<String, Double> heights = new LinkedHashMap<>();
        heights.put("fork", trunk.marks().height(At.FORK) - 12);
        heights.put("hip", trunk.marks().height(At.HIP));
        heights.put("high-hip", trunk.marks().height(At.HIGH_HIP));
        heights.put("belly", TrunkRuns.bellyHeight(trunk));
        heights.put("waist", trunk.marks().height(At.WAIST));
        heights.put("under-bust", trunk.marks().height(At.UNDER_BUST));
        heights.put("bust", trunk.marks().height(At.BUST));
        heights.put("armpit", trunk.marks().height(At.ARMPIT));
        return heights;
    }

    private static Map<String, Place> places(TrunkSurface trunk) {
        Map<String, Place> places = new LinkedHashMap<>();
        places.put("nape", trunk.at(At.NECK_ROOT, Angles.BACK));
        places.put("neck-pit", trunk.at(At.NECK_ROOT, Angles.FRONT));
        for (boolean left : new boolean[] {true, false}) {
            String side = left ? "-left" : "";
            int column = left ? Angles.LEFT : Angles.RIGHT;
            places.put("neck-point" + side, trunk.at(At.NECK_ROOT, column));
            places.put("shoulder-point" + side, trunk.at(At.SHOULDER, column));
            places.put("armpit" + side, TrunkRuns.armpit(trunk, left));
            places.put("bust-point" + side, trunk.bustPoint(left));
        }
        return places;
    }
}
