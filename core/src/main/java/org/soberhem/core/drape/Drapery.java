package org.soberhem.core.drape;

import java.util.Arrays;
import org.soberhem.core.worn.ClothMesh;

/**
 * Cloth on its way to rest: every step adds the forces to the velocities and these to the places, in a time of its own.
 *
 * <p>Vertices are as heavy as the stiffness about them allows, so that steps are stable and the rest is exact: only the
 * way to it is another than that of real cloth. Whenever the energy of motion has passed a peak the cloth is stopped.
 *
 * @see "A. S. Day, An introduction to dynamic relaxation, The Engineer 219 (1965); M. R. Barnes, Form finding and
 *     analysis of tension structures by dynamic relaxation, International Journal of Space Structures 14 (1999)"
 */
final class Drapery {

    private static final double GRAVITY = 9810;

    /** Vertices are so much heavier than the bound of stable steps; a quarter of the row sums is the bound. */
    private static final double HEAVIER = 0.3;

    /** As good as infinitely heavy. */
    private static final double HELD = 1e30;

    /** The body pushes cloth out by no more than this a step, millimetres. */
    private static final double PUSH = 2;

    /** No vertex moves farther than this in a step, millimetres. */
    private static final double FASTEST = 4;

    /** What is left of a velocity after a step. */
    private static final double KEPT = 0.998;

    private final ClothKind cloth;
    private final Membrane membrane;
    private final Bending bending;
    private final double[] x;
    private final double[] velocity;
    private final double[] force;
    private final double[] inertia;
    private final double[] weight;
    private final BodyField body;
    private final int[] counting;
    /** After a stop the first step is a half one, or it would overshoot. */
    private boolean stopped = true;

    /**
     * @param x three coordinates for each particle, which are moved
     * @param counting which parts of the body each particle meets, bit by bit
     */
    Drapery(ClothMesh mesh, ClothKind cloth, BodyField body, double[] x, int[] counting) {
        this.cloth = cloth;
        this.body = body;
        this.x = x;
        this.counting = counting;
        int count = mesh.particles();
        boolean[] second = new boolean[count];
        for (int i = 0; i < count; i++) {
            second[i] = x[3 * i] > 0;
        }
        membrane = new Membrane(mesh, cloth, second);
        bending = new Bending(mesh, cloth, second);
        velocity = new double[3 * count];
        force = new double[3 * count];
        inertia = new double[count];
        membrane.addStiffness(inertia);
        bending.addStiffness(inertia);
        weight = new double[count];
        for (int i = 0; i < membrane.count(); i++) {
            for (int k = 0; k < 3; k++) {
                weight[membrane.corner(i, k)] += membrane.area(i) / 3 * cloth.weight() * 1e-9;
            }
        }
        for (int i = 0; i < count; i++) {
            inertia[i] *= HEAVIER;
        }
    }

    double[] places() {
        return x;
    }

    /** Holds a particle where it is. */
    void hold(int particle) {
        inertia[particle] = HELD;
    }

    /** Lets each particle meet other parts of the body. */
    void counts(int particle, int parts) {
        counting[particle] = parts;
    }

    /** Finds the forces of the cloth in itself, millinewtons. */
    private void findForces() {
        Arrays.fill(force, 0);
        Threads.both(half -> {
            membrane.addForces(x, force, half);
            bending.addForces(x, force, half);
        });
        membrane.addForces(x, force, 2);
        bending.addForces(x, force, 2);
    }

    /**
     * Makes a step.
     *
     * @param heavier by how much weight counts
     * @param friction share of the body's push that holds cloth
     */
    void step(double heavier, double friction) {
        findForces();
        int count = inertia.length;
        double[] gained = new double[2];
        Threads.both(half -> {
            int from = half * (count / 2);
            int to = half == 0 ? count / 2 : count;
            gained[half] = move(from, to, heavier, friction);
        });
        // Only what the cloth itself takes from the motion counts, not what the body takes.
        stopped = gained[0] + gained[1] < 0;
        if (stopped) {
            Arrays.fill(velocity, 0);
        }
    }

    /** Moves a range of the particles; returns by how much the cloth made their energy of motion grow. */
    private double move(int from, int to, double heavier, double friction) {
        double[] found = new double[4];
        double[] work = new double[4];
        double gained = 0;
        double kick = stopped ? 0.5 : 1;
        for (int i = from; i < to; i++) {
            int at = 3 * i;
            force[at + 1] -= heavier * weight[i] * GRAVITY;
            for (int k = 0; k < 3; k++) {
                double before = velocity[at + k];
                double next = KEPT * before + kick * force[at + k] / inertia[i];
                velocity[at + k] = Math.max(-FASTEST, Math.min(FASTEST, next));
                x[at + k] += velocity[at + k];
                gained += inertia[i] * (velocity[at + k] * velocity[at + k] - before * before);
            }
            if (body.at(x[at], x[at + 1], x[at + 2], counting[i], found, work) && found[0] < cloth.thickness()) {
                push(at, found, friction);
            }
        }
        return gained;
    }

    /** Pushes a vertex out of the body, takes what goes into it from its velocity, and holds it by friction. */
    private void push(int at, double[] found, double friction) {
        double by = Math.min(PUSH, cloth.thickness() - found[0]);
        double inward = 0;
        for (int k = 0; k < 3; k++) {
            x[at + k] += by * found[k + 1];
            inward += velocity[at + k] * found[k + 1];
        }
        double along = 0;
        for (int k = 0; k < 3; k++) {
            velocity[at + k] -= inward * found[k + 1];
            along += velocity[at + k] * velocity[at + k];
        }
        along = Math.sqrt(along);
        double held = Math.min(1, friction * by / Math.max(1e-12, along));
        for (int k = 0; k < 3; k++) {
            x[at + k] -= held * velocity[at + k];
            velocity[at + k] *= 1 - held;
        }
    }
}
