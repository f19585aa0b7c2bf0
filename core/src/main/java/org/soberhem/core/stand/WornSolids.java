package org.soberhem.core.stand;

import static org.soberhem.core.stand.Angles.BACK;
import static org.soberhem.core.stand.Angles.COLUMNS;
import static org.soberhem.core.stand.Angles.COS;
import static org.soberhem.core.stand.Angles.FRONT;
import static org.soberhem.core.stand.Angles.SIN;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.Form;
import org.soberhem.core.figure.Place;
import org.soberhem.core.plate.LineWeight;
import org.soberhem.core.plate.Mesh;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Solid.Material;
import org.soberhem.core.plate.SurfaceLine;
import org.soberhem.core.stand.TrunkModel.At;

/**
 * What is worn on a stand, as surfaces: petticoats over what carries them, skirt, overskirt, bodice, sleeves, collar
 * and
 * cape, as a dressed figure hangs them.
 */
final class WornSolids {

    /** Height of a petticoat's hem, share of the height. */
    private static final double UNDER_HEM = 0.05;

    private static final int ROWS = 44;

    /** Rows from one hoop to the next. */
    private static final int HOOP = 7;

    private final TrunkSurface trunk;
    private final DressedFigure dressed;
    private final BodyFigure body;
    private final List<Solid> solids = new ArrayList<>();

    private WornSolids(TrunkSurface trunk, DressedFigure dressed) {
        this.trunk = trunk;
        this.dressed = dressed;
        this.body = dressed.body();
    }

    static List<Solid> of(TrunkSurface trunk, List<Limb> arms, DressedFigure dressed) {
        WornSolids worn = new WornSolids(trunk, dressed);
        worn.skirts();
        dressed.trunkForm().ifPresent(worn::bodice);
        dressed.sleeve().ifPresent(sleeve -> arms.forEach(arm -> worn.sleeve(arm, sleeve)));
        double cape = dressed.given("cape-length");
        if (cape > 0) {
            worn.cape(cape);
        }
        return worn.solids;
    }

    private void skirts() {
        double floor = body.height() * UNDER_HEM;
        dressed.petticoat()
                .ifPresent(under -> hanging(Material.UNDER, "petticoat", under, dressed.waist(), floor, floor, floor));
        dressed.skirtForm()
                .ifPresent(skirt -> hanging(
                        Material.SKIRT,
                        "skirt",
                        skirt,
                        dressed.waistSeam(),
                        dressed.hemFront(),
                        dressed.hemSide(),
                        dressed.hemBack()));
        dressed.overskirt()
                .ifPresent(over -> hanging(
                        Material.TRUNK,
                        "overskirt",
                        over,
                        dressed.waistSeam(),
                        dressed.overskirtFront(),
                        (dressed.overskirtFront() + dressed.overskirtBack()) / 2,
                        dressed.overskirtBack()));
    }

    /** What hangs from the waist to a hem of its own height in front, at the sides and behind. */
    private void hanging(
            Material material, String name, Form form, double top, double front, double side, double back) {
        SurfaceGrid grid = new SurfaceGrid(ROWS + 1, COLUMNS);
        for (int row = 0; row <= ROWS; row++) {
            for (int column = 0; column < COLUMNS; column++) {
                double hem = Math.max(0, round(column, side, front, back));
                double height = top + (hem - top) * row / ROWS;
                Place place = on(form, height, column);
                grid.put(row, column, place.x(), height, place.z());
            }
        }
        solid(material, name, grid, false, List.of(LineWeight.SEAM, LineWeight.OUTLINE));
        if (material == Material.UNDER && dressed.isHooped()) {
            hoops(grid);
        }
    }

    /** Hoops go round what they carry, as far apart as their tapes hold them. */
    private void hoops(SurfaceGrid grid) {
        Solid under = solids.remove(solids.size() - 1);
        List<SurfaceLine> lines = new ArrayList<>(under.lines());
        for (int row = HOOP; row < grid.rows() - 1; row += HOOP) {
            lines.add(new SurfaceLine(LineWeight.SEAM, row(grid, row)));
        }
        solids.add(new Solid(under.material(), under.mesh(), lines));
    }

    /** Returns a value that is one at the sides, another in front, a third behind, and even between. */
    private static double round(int column, double side, double front, double back) {
        double along = SIN[column] * SIN[column];
        return side * (1 - along) + along * (SIN[column] > 0 ? front : back);
    }

    private static Place on(Form form, double height, int column) {
        double x = COS[column] * (COS[column] > 0 ? form.left() : form.right()).at(height);
        double fore = form.fore().at(height);
        double aft = form.aft().at(height);
        return new Place(x, height, (fore - aft) / 2 + SIN[column] * (fore + aft) / 2);
    }

    /** Lines along its first and its last row. */
    private void solid(Material material, String name, SurfaceGrid grid, boolean upwards, List<LineWeight> edges) {
        List<SurfaceLine> lines = List.of(
                new SurfaceLine(edges.get(0), row(grid, 0)), new SurfaceLine(edges.get(1), row(grid, grid.rows() - 1)));
        Mesh mesh = new Mesh.Maker().wall(COLUMNS, grid.at(), upwards).made(name);
        solids.add(new Solid(material, mesh, lines));
    }

    private static List<Place> row(SurfaceGrid grid, int row) {
        List<Place> places = new ArrayList<>();
        for (int column = 0; column <= COLUMNS; column++) {
            places.add(grid.place(row, column % COLUMNS));
        }
        return places;
    }

    /** The bodice follows the stand, let out to what its form reaches, from its lower edge to its neckline. */
    private void bodice(Form form) {
        double end = Math.max(dressed.trunkEnd(), form.right().bottom());
        double point = Math.max(0, or("bodice-point-depth", 0));
        double fork = trunk.marks().height(At.FORK) + 5;
        SurfaceGrid grid = new SurfaceGrid(ROWS + 1, COLUMNS);
        double[] tops = neckline();
        for (int column = 0; column < COLUMNS; column++) {
            double pointed = point > 0 && column > 0 && column < COLUMNS / 2 ? SIN[column] * SIN[column] : 0;
            double lower = end + pointed * pointed * (Math.min(end, dressed.waist() - point) - end);
            double from = trunk.grid()
                    .rowAt(column, Math.max(lower, fork), 0, trunk.marks().row(At.SHOULDER));
            for (int row = 0; row <= ROWS; row++) {
                Place place = trunk.grid().at(from + (tops[column] - from) * row / ROWS, column);
                Place let = over(letOut(form, place, column), column);
                grid.put(row, column, let.x(), let.y(), let.z());
            }
        }
        if (end < fork) {
            tail(form, end, grid);
        }
        LineWeight lower = end < fork ? LineWeight.LEVEL : LineWeight.OUTLINE;
        solid(Material.TRUNK, "bodice", grid, true, List.of(lower, LineWeight.OUTLINE));
        collar();
    }

    /** A point or tails below the waist lie on the skirt. */
    private Place over(Place place, int column) {
        if (dressed.skirtForm().isEmpty() || place.y() >= dressed.waistSeam()) {
            return place;
        }
        Place skirt = on(dressed.skirtForm().get(), place.y(), column);
        double x = Math.max(Math.abs(place.x()), Math.abs(skirt.x()) + 3);
        double z = SIN[column] > 0 ? Math.max(place.z(), skirt.z() + 3) : Math.min(place.z(), skirt.z() - 3);
        return new Place(Math.copySign(x, COS[column]), place.y(), z);
    }

    /** What reaches below the fork hangs on as a tube. */
    private void tail(Form form, double end, SurfaceGrid bodice) {
        SurfaceGrid grid = new SurfaceGrid(ROWS / 2 + 1, COLUMNS);
        for (int row = 0; row < grid.rows(); row++) {
            double down = row / (double) (grid.rows() - 1);
            for (int column = 0; column < COLUMNS; column++) {
                double top = bodice.y(0, column);
                double height = top + (end - top) * down;
                Place tube = on(form, height, column);
                Place above = bodice.place(0, column);
                double shaped = 1 - Smooth.step(down * 2);
                grid.put(
                        row,
                        column,
                        tube.x() + shaped * (above.x() - tube.x()),
                        height,
                        tube.z() + shaped * (above.z() - tube.z()));
            }
        }
        solid(Material.TRUNK, "tails", grid, false, List.of(LineWeight.LEVEL, LineWeight.OUTLINE));
    }

    private Place letOut(Form form, Place place, int column) {
        double height = place.y();
        Form bare = body.form();
        double x = place.x();
        double z = place.z();
        double chest = trunk.marks().height(At.CHEST);
        // Above the arm-hole the cloth lies on the shoulders.
        double share = 1 - Smooth.step((height - chest) / 60);
        double side = COS[column] > 0
                ? form.left().at(height) - bare.left().at(height)
                : form.right().at(height) - bare.right().at(height);
        double along = SIN[column] > 0
                ? form.fore().at(height) - bare.fore().at(height)
                : form.aft().at(height) - bare.aft().at(height);
        return new Place(
                x + COS[column] * (share * Math.max(0, side) + 2),
                height + (1 - share) * 2,
                z + SIN[column] * (share * Math.max(0, along) + 2));
    }

    /** Returns the row of the trunk at which the bodice ends above, column by column. */
    private double[] neckline() {
        TrunkLandmarks marks = trunk.marks();
        int root = marks.row(At.NECK_ROOT);
        boolean stands = dressed.given("collar-stand-height") > 0;
        double front = lowered(FRONT, stands ? 0 : or("neckline-front-depth", 0));
        double back = lowered(BACK, stands ? 0 : or("neckline-back-depth", 0));
        double half = or("neckline-width", 0) / 2;
        double side = root;
        for (int row = marks.row(At.SHOULDER) + 1; row < root; row++) {
            if (trunk.grid().x(row, 0) <= half) {
                side = row;
                break;
            }
        }
        double[] tops = new double[COLUMNS];
        for (int column = 0; column < COLUMNS; column++) {
            tops[column] = round(column, side, front, back);
        }
        return tops;
    }

    private double lowered(int column, double depth) {
        double from = trunk.at(At.NECK_ROOT, column).y();
        return trunk.grid()
                .rowAt(
                        column,
                        from - depth,
                        trunk.marks().row(At.WAIST),
                        trunk.marks().row(At.NECK_ROOT));
    }

    private void collar() {
        double stand = dressed.given("collar-stand-height");
        if (!(stand > 0)) {
            return;
        }
        int root = trunk.marks().row(At.NECK_ROOT);
        int top = trunk.marks().row(At.NECK_TOP);
        SurfaceGrid grid = new SurfaceGrid(9, COLUMNS);
        for (int column = 0; column < COLUMNS; column++) {
            double end = trunk.grid().rowAt(column, trunk.grid().y(root, column) + stand, root, top);
            for (int row = 0; row < grid.rows(); row++) {
                Place place = trunk.grid().at(root + (end - root) * row / (grid.rows() - 1), column);
                grid.put(row, column, place.x() + COS[column] * 5, place.y(), place.z() + SIN[column] * 5);
            }
        }
        solid(Material.TRUNK, "collar", grid, true, List.of(LineWeight.SEAM, LineWeight.OUTLINE));
    }

    /** The sleeve goes round its arm as far out as it stands, and its head rises. */
    private void sleeve(Limb arm, DressedFigure.Sleeve sleeve) {
        SurfaceGrid limb = arm.grid();
        int wrist = arm.levels().get("wrist");
        double[] along = new double[limb.rows()];
        for (int row = 1; row < along.length; row++) {
            along[row] = along[row - 1] + middle(limb, row - 1).distanceTo(middle(limb, row));
        }
        SurfaceGrid grid = new SurfaceGrid(ROWS + 1, COLUMNS);
        for (int row = 0; row <= ROWS; row++) {
            double share = sleeve.end() * row / ROWS;
            int at = 1;
            while (at < limb.rows() - 2 && along[at] < share * along[wrist]) {
                at++;
            }
            double between = (share * along[wrist] - along[at - 1]) / (along[at] - along[at - 1]);
            double exact = at - 1 + Math.max(0, Math.min(1, between));
            Place middle = TrunkSurface.mix(limb.at(exact, 0), limb.at(exact, COLUMNS / 2), 0.5);
            double head = share < 0.16 ? 1 - Smooth.step(share / 0.16) : 0;
            for (int column = 0; column < COLUMNS; column++) {
                Place on = limb.at(exact, column);
                double radius = Math.max(1e-6, middle.distanceTo(on));
                double wanted =
                        Math.max(radius + 2, sleeve.reach().at(share) * (share < 0.12 ? Math.sqrt(share / 0.12) : 1));
                Place out = TrunkSurface.mix(middle, on, wanted / radius);
                grid.put(row, column, out.x(), out.y() + sleeve.rise() * head, out.z());
            }
        }
        solid(
                Material.SLEEVE,
                arm.name().replace("arm", "sleeve"),
                grid,
                false,
                List.of(LineWeight.LEVEL, LineWeight.OUTLINE));
    }

    private static Place middle(SurfaceGrid limb, int row) {
        return TrunkSurface.mix(limb.place(row, 0), limb.place(row, COLUMNS / 2), 0.5);
    }

    /** A cape falls from the neck over shoulders and arms. */
    private void cape(double length) {
        Place neck = body.mark("neck-point-left").orElseThrow();
        Place shoulder = body.mark("shoulder-point-left").orElseThrow();
        double nape = body.mark("nape").orElseThrow().y();
        double end = Math.max(0, nape - length);
        Form beneath = dressed.skirtForm().orElse(body.form());
        double arm = shoulder.x() + 2.2 * body.at("upper-arm").breadth() * 0.5 + (shoulder.y() - end) * body.armOut();
        DoubleUnaryOperator out = height -> height > shoulder.y()
                ? neck.x() + (shoulder.x() + 22 - neck.x()) * (neck.y() - height) / Math.max(1, neck.y() - shoulder.y())
                : Math.max(
                        shoulder.x() + 22 + (arm - shoulder.x()) * (shoulder.y() - height) / (shoulder.y() - end),
                        beneath.left().at(height) + 24);
        SurfaceGrid grid = new SurfaceGrid(ROWS + 1, COLUMNS);
        double fore = 0;
        double aft = 0;
        for (int row = 0; row <= ROWS; row++) {
            double height = neck.y() + (end - neck.y()) * row / ROWS;
            fore = Math.max(
                    fore, Math.max(body.form().fore().at(height), beneath.fore().at(height)) + 20);
            aft = Math.max(
                    aft, Math.max(body.form().aft().at(height), beneath.aft().at(height)) + 20);
            for (int column = 0; column < COLUMNS; column++) {
                double x = COS[column] * out.applyAsDouble(height);
                grid.put(row, column, x, height, (fore - aft) / 2 + SIN[column] * (fore + aft) / 2);
            }
        }
        solid(Material.TRUNK, "cape", grid, false, List.of(LineWeight.SEAM, LineWeight.OUTLINE));
    }

    private double or(String quantity, double otherwise) {
        double value = dressed.given(quantity);
        return Double.isNaN(value) ? otherwise : value;
    }
}
