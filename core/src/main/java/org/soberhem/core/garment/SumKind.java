package org.soberhem.core.garment;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/** The kinds of sums that a sheet may ask for, with what each starts from. */
public enum SumKind {
    SKIRT(
            SkirtSum::of,
            lengths("front", "left", "back"),
            lengths(
                    "right",
                    "panel",
                    "hem",
                    "point",
                    "around",
                    "overlap",
                    "opening",
                    "slit",
                    "clearance",
                    "width",
                    "allowance"),
            List.of("panels"),
            List.of("top")),
    GORES(GoresSum::of, lengths("upper", "lower", "length"), List.of(), List.of("gores"), List.of()),
    GATHERS(
            GathersSum::of,
            lengths("width", "band"),
            lengths("plain", "face", "depth"),
            List.of(),
            List.of("style", "towards", "left", "right", "rest", "usual", "cloth", "called")),
    HOOD(
            HoodSum::of,
            lengths("crown", "shoulder", "drop", "mantle", "strip", "head"),
            lengths("loose", "gap", "over"),
            List.of(),
            List.of("school", "finish")),
    CAPE(
            CapeSum::of,
            lengths("span", "neck", "length"),
            lengths("shoulder", "drop", "dart", "dart-length", "pleat", "box", "hood"),
            List.of("pleats"),
            List.of("shoulders")),
    ARM_HOLE(
            ArmHoleSum::of,
            lengths("loop", "upper-arm", "sleeve"),
            lengths("gusset", "muscle", "neck-gusset", "body", "shoulders", "drop", "arm", "cuff", "puff"),
            List.of(),
            List.of()),
    CAP(CapSum::of, lengths("cap", "arm-hole"), lengths("upper-arm", "sleeve"), List.of(), List.of()),
    DRAPE(DrapeSum::of, lengths("length", "half", "level"), lengths("check"), List.of(), List.of());

    private final Function<SumInputs, Sum> sum;
    private final List<String> needed;
    private final List<String> lengths;
    private final List<String> numbers;
    private final List<String> words;

    SumKind(
            Function<SumInputs, Sum> sum,
            List<String> needed,
            List<String> lengths,
            List<String> numbers,
            List<String> words) {
        this.sum = sum;
        this.needed = needed;
        this.lengths = lengths;
        this.numbers = numbers;
        this.words = words;
    }

    private static List<String> lengths(String... names) {
        return List.of(names);
    }

    /** Finds a kind by its name in a sheet. */
    public static Optional<SumKind> find(String word) {
        for (SumKind kind : values()) {
            if (kind.word().equals(word)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }

    /** Returns its name in a sheet. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Returns the lengths without which there is no sum. */
    public List<String> needed() {
        return needed;
    }

    /** Returns the lengths that may be left out. */
    public List<String> lengths() {
        return lengths;
    }

    /** Returns the pure numbers. */
    public List<String> numbers() {
        return numbers;
    }

    /** Returns what is chosen by a word. */
    public List<String> words() {
        return words;
    }

    /** Says whether the sum has rows of amounts. */
    public boolean hasRows() {
        return this == DRAPE;
    }

    /**
     * Works a sum out.
     *
     * @throws SumException if what is given makes no garment; it says what
     */
    public Sum of(SumInputs given) {
        return sum.apply(given);
    }
}
