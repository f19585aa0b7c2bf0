package org.soberhem.core.alter.kind;

import java.util.Collections;
import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;

/**
 * A change to a pattern in the maker's words.
 *
 * <p>It names pieces, edges, points, darts and levels, and a place on an edge by its share of the length, so that it
 * can be made again after the draft has changed.
 */
public sealed interface Alteration
        permits AddAbove,
                AddDart,
                AddDarts,
                AddFacing,
                AddFastenings,
                AddOverlap,
                AddPocket,
                AddYoke,
                ChangeDart,
                ChangeGrain,
                CutInner,
                CutOff,
                DartToGathers,
                DartToSeam,
                DivideDart,
                EvenAllowances,
                GrowthTuck,
                HollowEdge,
                InsertGore,
                InsertGusset,
                JoinPieces,
                LeaveOff,
                LeaveSo,
                LengthenAtLevel,
                LengthenShoulder,
                LengthenStrap,
                MovePoint,
                MoveSeam,
                MoveStrap,
                NewSeam,
                OpenCentre,
                PitchSleeve,
                PuffCap,
                PuffSleeve,
                ReshapeLine,
                RoomAtLevel,
                RotateDart,
                SetAllowance,
                SewTo,
                ShapeLapel,
                ShapeLine,
                ShapeSeam,
                SlashAndFan,
                SlopeShoulder,
                TakeInSeam,
                Alteration.Together,
                TrueSeam,
                TurnStrap,
                TwoPieceSleeve,
                WidenHere,
                WidenLap,
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

    /**
     * Returns what is usually altered with it.
     *
     * @param made the pattern as this alteration made it
     */
    default List<Alteration> goesWith(Pattern made) {
        return List.of();
    }

    /** Returns the altered pattern, or the unaltered one and why it cannot be done. */
    default Outcome apply(Pattern pattern) {
        return Outcome.of(pattern, this);
    }

    /**
     * Alterations that are made as one, judged only when all are made: one that spoils a seam and those that make it
     * true again.
     *
     * @param parts in order, at least one
     */
    record Together(List<Alteration> parts) implements Alteration {

        public Together {
            parts = List.copyOf(parts);
            if (parts.isEmpty()) {
                throw new IllegalArgumentException("Alterations made as one must be at least one");
            }
        }

        @Override
        public Sentence sentence() {
            return Sentence.of(
                    String.join("; ", Collections.nCopies(parts.size(), "{}")),
                    parts.stream().map(Alteration::sentence).toArray());
        }

        @Override
        public Sides sides() {
            return parts.get(0).sides();
        }

        @Override
        public Together on(Sides others) {
            return new Together(parts.stream().map(part -> part.on(others)).toList());
        }

        @Override
        public Pattern made(Pattern pattern) {
            Pattern made = pattern;
            for (Alteration part : parts) {
                made = part.made(made);
            }
            return made;
        }
    }
}
