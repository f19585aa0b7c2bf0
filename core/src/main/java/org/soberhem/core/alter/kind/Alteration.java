package org.soberhem.core.alter.kind;

import org.soberhem.core.alter.Outcome;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;

/**
 * A change to a pattern in the maker's words.
 *
 * <p>It names pieces, edges, points, darts and levels, and a place on an edge by its share of the length, so that it can be
 * made again after the draft has changed.
 */
public sealed interface Alteration
        permits AddDart,
                AddFacing,
                AddOverlap,
                AddYoke,
                ChangeDart,
                ChangeGrain,
                DartToGathers,
                DartToSeam,
                EvenAllowances,
                GrowthTuck,
                HollowEdge,
                InsertGore,
                InsertGusset,
                JoinPieces,
                LengthenAtLevel,
                LengthenShoulder,
                MovePoint,
                MoveSeam,
                NewSeam,
                OpenCentre,
                PitchSleeve,
                PuffSleeve,
                ReshapeLine,
                RotateDart,
                SetAllowance,
                ShapeSeam,
                SlashAndFan,
                SlopeShoulder,
                TakeInSeam,
                Together,
                TrueSeam,
                TurnStrap,
                TwoPieceSleeve,
                WidenPiece {

    /** Returns what is done, in words. */
    Sentence sentence();

    /** Returns on which worn pieces it is made. */
    Sides sides();

    /** Returns the same alteration on other sides. */
    Alteration on(Sides others);

    /**
     * Returns the altered pattern, without judging it.
     *
     * @throws AlterationRefusal if it cannot be made
     */
    Pattern made(Pattern pattern);

    /** Returns the altered pattern, or the unaltered one and why it cannot be done. */
    default Outcome apply(Pattern pattern) {
        return Outcome.of(pattern, this);
    }
}
