package org.soberhem.core.body;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.length.Length;

/**
 * The definition of one body measurement.
 *
 * @param id kebab-case name
 * @param name for people
 * @param aliases other words for it
 * @param kind what the tape does
 * @param sides whether left and right are taken apart
 * @param wearers who has it
 * @param definition what it is
 * @param landmarks from where to where, over what
 * @param how how it is taken
 * @param usual limits by age; readings outside are questioned, an age that is missing is not asked for
 * @param iso the corresponding term of ISO 8559-1
 * @param confusable measures it is taken for, and how to tell
 */
public record Measure(
        String id,
        String name,
        List<String> aliases,
        Kind kind,
        Sides sides,
        Wearers wearers,
        String definition,
        String landmarks,
        How how,
        Map<Age, Usual> usual,
        Optional<Iso> iso,
        List<Confusable> confusable) {

    /** What the tape does. */
    public enum Kind {
        GIRTH,
        LENGTH,
        ARC,
        WIDTH,
        SLOPE
    }

    /** Whether left and right are taken apart. */
    public enum Sides {
        /** Round or along the middle of the body. */
        MIDDLE,
        /** One side will do, both where they differ. */
        EITHER,
        /** Always left and right, each for itself. */
        APART
    }

    /** Who has a measure. */
    public enum Wearers {
        ANY,
        BUST,
        FLAT_CHEST
    }

    /** How firmly the tape lies. */
    public enum Tension {
        SNUG("level and snug, two fingers under it"),
        ONE_FINGER("touching all round, one finger under it"),
        FLAT("flat on the body, following every hollow"),
        BRIDGED("straight from point to point, over hollows"),
        HANGING("hanging free by its own weight"),
        EASY("easy, as far off as the garment will be"),
        GAUGE("not used: a rule, a square or a tracing");

        private final String words;

        Tension(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Where the one who measures stands, in the order of the walk. */
    public enum Station {
        FRONT("in front of the wearer"),
        RIGHT("at the wearer's right"),
        BACK("behind the wearer"),
        LEFT("at the wearer's left"),
        LEGS("in front again, skirts and supports off"),
        SEATED("the wearer sits on a hard chair"),
        SHOES_OFF("shoes off, back to a wall");

        private final String words;

        Station(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Says whether it is one of the four places round a standing wearer. */
        public boolean isRound() {
            return ordinal() <= LEFT.ordinal();
        }
    }

    /**
     * How a measure is taken.
     *
     * @param words posture of the wearer and path of the tape
     * @param tension how firmly the tape lies
     * @param posture standing, seated or both
     * @param helper whether a second person is needed, useful or not needed
     * @param reliableAlone whether a wearer alone can trust the reading
     * @param hint what to mind alone: mirror, feeling for bones, a plumb line
     * @param layers how much foundation layers change it: strongly, slightly or no
     * @param station where the one who measures stands
     * @param fromFloor whether it is read from the floor
     * @param fromRibbon whether it begins or ends at the ribbon round the waist
     * @param fine whether it is small enough for readings to agree within half a centimetre
     * @param caution id of a caution; empty if nothing special
     */
    public record How(
            String words,
            Tension tension,
            String posture,
            String helper,
            boolean reliableAlone,
            String hint,
            String layers,
            Station station,
            boolean fromFloor,
            boolean fromRibbon,
            boolean fine,
            String caution) {

        /** Says whether a reading in a posture makes sense. */
        public boolean takes(Posture wanted) {
            return "both".equals(posture) || posture.equals(wanted.words());
        }
    }

    /** Limits of usual readings. */
    public record Usual(Length least, Length most) {

        public boolean holds(Length value) {
            return value.compareTo(least) >= 0 && value.compareTo(most) <= 0;
        }
    }

    /**
     * A term of ISO 8559-1, Size designation of clothes: anthropometric definitions for body measurement. All from
     * memory.
     *
     * @param term as the standard has it
     * @param same whether the definitions agree; otherwise they are near
     * @param clause number in the edition of 2017, to be checked; empty where it is not remembered
     */
    public record Iso(String term, boolean same, String clause) {

        /** Returns the term with where it is from. */
        public String words() {
            return (same ? "" : "near ") + "\"" + term + "\""
                    + (clause.isEmpty() ? " (from memory)" : " (clause " + clause + ", from memory)");
        }
    }

    /** A measure that is taken for this one. */
    public record Confusable(String id, String tell) {}

    /** Readings of the trunk that differ by more are taken again; common practice. */
    private static final Length TRUNK_SPREAD = Length.ofMillimetres(10);

    /** Readings of limbs, neck and head that differ by more are taken again; common practice. */
    private static final Length FINE_SPREAD = Length.ofMillimetres(5);

    public Measure {
        aliases = List.copyOf(aliases);
        usual = Map.copyOf(usual);
        confusable = List.copyOf(confusable);
    }

    /** Says whether left and right may be read apart. */
    public boolean sided() {
        return sides != Sides.MIDDLE;
    }

    /** Says whether a wearer is asked for it. */
    public boolean isFor(Build build) {
        boolean has = switch (wearers) {
            case ANY -> true;
            case BUST -> build.bust();
            case FLAT_CHEST -> !build.bust();
        };
        return has && usual.containsKey(build.age());
    }

    /** Returns the usual limits at an age. */
    public Optional<Usual> usualAt(Age age) {
        return Optional.ofNullable(usual.get(age));
    }

    /** Returns by how much readings may differ. */
    public Length mostSpread() {
        return how.fine() ? FINE_SPREAD : TRUNK_SPREAD;
    }
}
