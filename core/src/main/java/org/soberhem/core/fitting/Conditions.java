package org.soberhem.core.fitting;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.body.AsWorn;

/**
 * How a mock-up was tried on.
 *
 * @param stack id of the layer stack that was worn
 * @param confirmed whether the layers were confirmed; until then remarks are provisional
 * @param helper who helped; empty if the wearer was alone
 * @param off ids of layers of the stack that were not worn
 * @param gap how far stays or corset stood open, if it was said
 * @param stance how the wearer stood
 * @param mark colour of the marks of this round; empty if it was not said
 * @param markTried whether the marker was tried on this cloth
 * @param standIn what it was tried on in the wearer's place, such as a form; empty if on the wearer
 * @param insideOut whether the wrong side was out, so that the garment's left lay on the wearer's right
 */
@RecordBuilder
public record Conditions(
        String stack,
        boolean confirmed,
        String helper,
        Set<String> off,
        Optional<AsWorn.Gap> gap,
        Set<Stance> stance,
        String mark,
        boolean markTried,
        boolean insideOut,
        Optional<String> standIn)
        implements ConditionsBuilder.With {

    public Conditions {
        off = Collections.unmodifiableSet(new TreeSet<>(off));
        stance = Mockup.ordered(stance, Stance.class);
    }

    /** Conditions of which nothing else is said. */
    public Conditions(String stack, boolean confirmed, String helper) {
        this(stack, confirmed, helper, Set.of(), Optional.empty(), Set.of(), "", false, false, Optional.empty());
    }

    /** Returns the conditions with the layers confirmed as they are. */
    public Conditions confirmed(boolean whether) {
        return withConfirmed(whether);
    }

    public Conditions over(String otherStack) {
        return with(copy -> copy.stack(otherStack).off(Set.of()));
    }

    /** Returns the conditions with a layer of the stack worn, or not, against what it was. */
    public Conditions toggling(String layer) {
        Set<String> all = new TreeSet<>(off);
        if (!all.remove(layer)) {
            all.add(layer);
        }
        return withOff(all);
    }

    public Conditions laced(Optional<AsWorn.Gap> open) {
        return withGap(open);
    }

    public Conditions toggling(Stance one) {
        return withStance(Mockup.toggled(stance, one, Stance.class));
    }

    public Conditions withMark(String colour, boolean tried) {
        return with(copy -> copy.mark(colour).markTried(tried));
    }

    public Conditions turned(boolean wrongSideOut) {
        return withInsideOut(wrongSideOut);
    }

    /** Returns the conditions on somebody or something else than the wearer, or, said again, on the wearer. */
    public Conditions on(String other) {
        return withStandIn(standIn.filter(other::equals).isPresent() ? Optional.empty() : Optional.of(other));
    }

    /** Returns the garment's side that lies on a side of the wearer, and the other way round. */
    public Sides garmentSide(Sides wearers) {
        if (!insideOut || wearers == Sides.BOTH) {
            return wearers;
        }
        return wearers == Sides.LEFT ? Sides.RIGHT : Sides.LEFT;
    }
}
