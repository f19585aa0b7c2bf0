package org.soberhem.core.drape;

import java.util.Arrays;
import java.util.concurrent.CancellationException;
import java.util.function.Supplier;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.stand.Stand;
import org.soberhem.core.worn.CannotTryOn;
import org.soberhem.core.worn.ClothMesh;
import org.soberhem.core.worn.ClothMesher;
import org.soberhem.core.worn.WornPattern;
import org.soberhem.core.worn.WornPiece.Part;

/**
 * Tries a pattern on: sews its pieces together, puts them round the stand and lets them come to rest.
 *
 * <p>Seams draw together first, without weight; then the cloth falls, heavier than it is and sliding; then it settles
 * with its own weight and friction. The same pattern on the same stand gives the same places, bit for bit.
 */
public final class TryOn {

    /** What is said of a pattern that does not go round the trunk. */
    static final String NOTHING = "Nothing of the pattern goes round the trunk from the middle in front."
            + " Only bodices, jackets, blouses and stays can be tried on so far.";

    /** Cloth keeps so far from the trunk when it is put round it, millimetres. */
    private static final double CLEAR = 12;

    private static final int SEWING = 200;
    private static final int DRESSING = 300;
    private static final int SETTLING = 2400;

    /** The last stage looks at rest so often, in steps. */
    private static final int LOOK = 100;

    /** Cloth of which all but a tenth moves less than this between two looks, twice, is at rest, millimetres. */
    private static final double REST = 0.25;

    private static final double STILL = 0.9;

    private final ClothMesh mesh;
    private final Stand stand;
    private final BodyField body;
    private final Plan plan;
    private final ClothKind cloth;
    private final Onlooker onlooker;
    private final Placing.Start start;
    private final Drapery drapery;
    private int steps;

    /** Watches a garment being tried on. */
    @FunctionalInterface
    public interface Onlooker {

        /** Nobody: it goes on to the end. */
        Onlooker NONE = (share, now) -> true;

        /**
         * Hears how far it is.
         *
         * @param share 0 to 1
         * @param now makes a picture of how it lies
         * @return whether to go on
         */
        boolean goesOn(double share, Supplier<Draped> now);
    }

    /**
     * How it is tried on.
     *
     * @param cloth that it is made of
     * @param spacing of the cloth's vertices, millimetres
     * @param arms whether the arms are there, or taken off as from a dressmaker's stand
     */
    public record Plan(ClothKind cloth, double spacing, boolean arms) {

        /** Muslin, fine enough for a bodice, with arms. */
        public static final Plan USUAL = new Plan(ClothKind.MUSLIN, 15, true);

        /** Returns the same in another cloth. */
        public Plan of(ClothKind other) {
            return new Plan(other, spacing, arms);
        }
    }

    private TryOn(ClothMesh mesh, Stand stand, BodyField body, Plan plan, Onlooker onlooker) {
        this.mesh = mesh;
        this.stand = stand;
        this.plan = plan;
        this.cloth = plan.cloth();
        this.onlooker = onlooker;
        this.body = plan.arms() ? body : body.withoutArms();
        this.start = Placing.start(mesh, stand, this.body, CLEAR);
        int[] counting = new int[mesh.particles()];
        for (int vertex = 0; vertex < mesh.vertexCount(); vertex++) {
            counting[mesh.particleOf()[vertex]] |=
                    mesh.worn().pieces().get(mesh.pieceOf()[vertex]).part() == Part.SLEEVE ? 6 : 1;
        }
        this.drapery = new Drapery(mesh, cloth, this.body, start.places().clone(), counting);
    }

    /**
     * Tries a pattern on.
     *
     * @param body where the stand is
     * @throws CannotTryOn if its pieces do not join to a garment for the trunk
     * @throws CancellationException if the onlooker wants no more
     */
    public static Draped on(Stand stand, BodyField body, Pattern pattern, Plan plan, Onlooker onlooker) {
        ClothMesh mesh = ClothMesher.mesh(sewn(pattern), plan.spacing());
        return new TryOn(mesh, stand, body, plan, onlooker).draped();
    }

    /**
     * Returns a pattern as it is worn, if something of it goes round the trunk.
     *
     * @throws CannotTryOn if nothing does
     */
    public static WornPattern sewn(Pattern pattern) {
        WornPattern worn = WornPattern.of(pattern);
        if (worn.pieces().stream().noneMatch(piece -> piece.part() == Part.TRUNK)) {
            throw new CannotTryOn(NOTHING);
        }
        return worn;
    }

    private Draped draped() {
        steps(SEWING, 0, 0, 0, 0.2);
        steps(DRESSING, 2, 0.02, 0.2, 0.4);
        for (int particle = 0; particle < mesh.particles(); particle++) {
            drapery.counts(particle, 7);
        }
        double[] before = drapery.places().clone();
        int quiet = 0;
        for (int done = 0; done < SETTLING && quiet < 2; done += LOOK) {
            double from = 0.4 + 0.6 * done / SETTLING;
            steps(LOOK, 1, cloth.friction(), from, from + 0.6 * LOOK / SETTLING);
            quiet = moved(before) < REST ? quiet + 1 : 0;
            System.arraycopy(drapery.places(), 0, before, 0, before.length);
        }
        return now(quiet >= 2);
    }

    private void steps(int count, double heavier, double friction, double from, double to) {
        for (int i = 0; i < count; i++) {
            drapery.step(heavier, friction);
            steps++;
            boolean look = i % 25 == 24;
            if (look && !onlooker.goesOn(from + (to - from) * (i + 1) / count, () -> now(false))) {
                throw new CancellationException("stopped");
            }
        }
    }

    /** Returns how far all but a tenth of the cloth moved at most. */
    private double moved(double[] before) {
        double[] x = drapery.places();
        double[] moved = new double[mesh.particles()];
        for (int i = 0; i < moved.length; i++) {
            moved[i] = Math.hypot(
                    Math.hypot(x[3 * i] - before[3 * i], x[3 * i + 1] - before[3 * i + 1]),
                    x[3 * i + 2] - before[3 * i + 2]);
        }
        Arrays.sort(moved);
        return moved[(int) (moved.length * STILL)];
    }

    private Draped now(boolean atRest) {
        return new Draped(mesh, drapery.places().clone(), start.asDrawn(), cloth, stand, body, steps, atRest);
    }
}
