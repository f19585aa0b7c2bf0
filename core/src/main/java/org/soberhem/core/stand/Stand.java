package org.soberhem.core.stand;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.Form;
import org.soberhem.core.figure.Place;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.plate.LineWeight;
import org.soberhem.core.plate.Mesh;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.SurfaceLine;
import org.soberhem.core.stand.TrunkModel.At;

/**
 * A wearer's dressmaker's stand.
 *
 * <p>The trunk with head and legs is one closed surface; each arm is one of its own, so that it can be lifted.
 */
public final class Stand {

    private final BodyFigure body;
    private final TrunkSurface trunk;
    private final List<Residual> residuals;
    private final Set<String> refused;
    private final Whole whole;
    private final Limb leftArm;
    private final Limb rightArm;
    private final List<Mesh> meshes;
    private final List<Solid> solids;

    private Stand(Stand trunkOnly, List<Residual> ofLimbs) {
        this(
                trunkOnly.trunk,
                Stream.concat(trunkOnly.residuals.stream(), ofLimbs.stream()).toList(),
                trunkOnly.refused,
                trunkOnly.whole,
                Pose.HANGING);
    }

    /** Returns the stand with what its trunk misses of the readings, and its limbs. */
    static Stand of(BodyFigure body, TrunkSurface trunk, List<Residual> residuals, Set<String> refused) {
        Stand stand = new Stand(trunk, residuals, refused, Whole.of(body, trunk), Pose.HANGING);
        return new Stand(stand, stand.limbTapes().residuals(body, refused));
    }

    private Stand(TrunkSurface trunk, List<Residual> residuals, Set<String> refused, Whole whole, Pose pose) {
        this.refused = Collections.unmodifiableSet(new TreeSet<>(refused));
        this.body = whole.body();
        this.trunk = trunk;
        this.residuals = List.copyOf(residuals);
        this.whole = whole;
        this.leftArm = Arm.of(body, trunk.at(At.SHOULDER, Angles.LEFT), TrunkRuns.armpit(trunk, true), pose, true);
        this.rightArm = Arm.of(body, trunk.at(At.SHOULDER, Angles.RIGHT), TrunkRuns.armpit(trunk, false), pose, false);
        this.meshes = List.of(whole.mesh(), mesh(leftArm), mesh(rightArm));
        List<Solid> drawn = new ArrayList<>();
        drawn.add(new Solid(Solid.Material.BODY, whole.mesh(), StandLines.trunk(trunk)));
        drawn.add(new Solid(Solid.Material.BODY, meshes.get(1), List.of()));
        drawn.add(new Solid(Solid.Material.BODY, meshes.get(2), List.of()));
        this.solids = List.copyOf(drawn);
    }

    /** Trunk, head and legs, with the body as it is shaped by them. */
    private record Whole(BodyFigure body, Mesh mesh, List<Limb> legs) {

        static Whole of(BodyFigure body, TrunkSurface trunk) {
            Limb left = Leg.of(body, trunk.grid(), true);
            Limb right = Leg.of(body, trunk.grid(), false);
            Mesh mesh = new Mesh.Maker()
                    .wall(Angles.COLUMNS, trunk.grid().at(), true)
                    .wall(Angles.COLUMNS, left.grid().at(), false)
                    .wall(Angles.COLUMNS, right.grid().at(), false)
                    .made("body");
            return new Whole(StandForm.shaped(body, trunk, left, right), mesh, List.of(left, right));
        }
    }

    private static Mesh mesh(Limb limb) {
        return new Mesh.Maker().wall(Angles.COLUMNS, limb.grid().at(), false).made(limb.name());
    }

    /** Returns the same stand with its arms held otherwise. */
    public Stand posed(Pose pose) {
        return new Stand(trunk, residuals, refused, whole, pose);
    }

    /** Returns trunk, head and legs, then the arms. */
    public List<Mesh> meshes() {
        return meshes;
    }

    /** Returns the line in the middle of an arm, from the shoulder to the finger tips. */
    public List<Place> armLine(Side side) {
        return (side == Side.LEFT ? leftArm : rightArm).axis();
    }

    /** Returns the same as it is drawn, with its middles, sides and levels. */
    public List<Solid> solids() {
        return solids;
    }

    /** Returns the body in the stand's shape, to hang clothes on. */
    public BodyFigure body() {
        return body;
    }

    /** Returns it with its clothes on, as it is drawn; what they hide is left to the drawing. */
    public List<Solid> wearing(DressedFigure dressed) {
        DressedFigure hung = dressed.on(body);
        Stand clear = clearOf(hung);
        List<Solid> all = new ArrayList<>(clear.solids);
        all.addAll(WornSolids.of(trunk, List.of(clear.leftArm, clear.rightArm), hung));
        return all;
    }

    /** Arms hang beside a wide skirt, not in it. */
    private Stand clearOf(DressedFigure dressed) {
        Optional<Form> skirt = dressed.skirtForm().or(dressed::petticoat);
        Stand clear = this;
        for (int raised = 4; skirt.isPresent() && raised <= 48 && clear.isWithin(skirt.get()); raised += 4) {
            clear = posed(new Pose(raised, Pose.HANGING.bent()));
        }
        return clear;
    }

    private boolean isWithin(Form skirt) {
        for (String level : List.of("forearm", "wrist", "hand")) {
            Place inner = leftArm.at(level, Angles.RIGHT);
            if (inner.y() < skirt.left().top() && inner.x() < skirt.left().at(inner.y()) + 4) {
                return true;
            }
        }
        return false;
    }

    /** Returns how far it misses each reading of the trunk. */
    public List<Residual> residuals() {
        return residuals;
    }

    /**
     * Returns the place of the surface that a zone points at.
     *
     * @param at on a figure eight heads high: x out from the middle, y down from the crown
     * @param back whether it lies on the back
     * @param left whether on the wearer's left
     */
    public Place pointed(Point at, boolean back, boolean left) {
        return new Pointing(body, meshes).place(at, back, left);
    }

    /** Returns it as it is drawn with a tape laid on it. */
    public List<Solid> with(TapeRun tape) {
        List<Place> places = new ArrayList<>(tape.places());
        if (tape.closed()) {
            places.add(places.get(0));
        }
        List<Solid> all = new ArrayList<>(solids);
        Solid trunkSolid = all.get(0);
        List<SurfaceLine> lines = new ArrayList<>(trunkSolid.lines());
        lines.add(new SurfaceLine(LineWeight.TAPE, places));
        all.set(0, new Solid(trunkSolid.material(), trunkSolid.mesh(), lines));
        return all;
    }

    /** Returns the heights that a plate is written with, from above, by name; millimetres. */
    public Map<String, Double> levels() {
        Map<String, Double> levels = new LinkedHashMap<>();
        levels.put("crown", body.height());
        levels.put("shoulder", body.mark("shoulder-point").orElseThrow().y());
        String chest = body.hasBust() ? "bust" : "armpit";
        levels.put(body.hasBust() ? "bust" : "chest", body.at(chest).middle().y());
        levels.put("waist", body.at("waist").middle().y());
        levels.put("hip", body.at("hip").middle().y());
        levels.put("fork", body.fork());
        levels.put("knee", body.at("knee").middle().y());
        return levels;
    }

    /** Returns how all tapes of the wearer's right side lie, by measure. */
    public Map<String, TapeRun> tapes() {
        Map<String, TapeRun> tapes = new TreeMap<>();
        for (String measure : measures()) {
            tape(measure, Side.RIGHT).ifPresent(run -> tapes.put(measure, run));
        }
        return tapes;
    }

    /** Returns the measures that lie on a body, by catalogue id. */
    public static Set<String> measures() {
        Set<String> all = new TreeSet<>(TrunkTapes.ALL.keySet());
        all.addAll(LimbTapes.MEASURES);
        return all;
    }

    /** Returns the measures whose readings no body like this has, and that it does not follow. */
    public Set<String> refused() {
        return refused;
    }

    /** Returns how a tape of the catalogue lies on it; empty for a measure that no body has. */
    public Optional<TapeRun> tape(String measure, Side side) {
        boolean left = side == Side.LEFT;
        TrunkTapes.Tape tape = TrunkTapes.ALL.get(measure);
        return tape != null
                ? Optional.of(tape.lay().on(trunk, left))
                : limbTapes().tape(measure, left);
    }

    TrunkSurface trunk() {
        return trunk;
    }

    private LimbTapes limbTapes() {
        return new LimbTapes(body, trunk(), List.of(leftArm, rightArm), whole.legs());
    }
}
