package org.soberhem.core.garment;

import java.util.List;
import java.util.Locale;
import java.util.Map;
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
            Map.of("top", List.of("folded", "cut"))),
    GORES(GoresSum::of, lengths("upper", "lower", "length"), List.of(), List.of("gores"), Map.of()),
    GATHERS(
            GathersSum::of,
            lengths("width", "band"),
            lengths("plain", "face", "depth"),
            List.of(),
            Map.of(
                    "style",
                    List.of("gathers", "knife", "box", "inverted", "double-box", "gauging"),
                    "towards",
                    List.of("left", "right"),
                    "rest",
                    List.of("spread", "set-aside"),
                    "left",
                    List.of(),
                    "right",
                    List.of(),
                    "usual",
                    List.of(),
                    "cloth",
                    List.of(),
                    "called",
                    List.of())),
    HOOD(
            HoodSum::of,
            lengths("crown", "shoulder", "drop", "mantle", "strip", "head"),
            lengths("loose", "gap", "over", "down"),
            List.of(),
            Map.of("school", List.of("shoulder-angle", "squares"), "finish", List.of("lined", "single"))),
    CAPE(
            CapeSum::of,
            lengths("span", "neck", "length"),
            lengths(
                    "shoulder",
                    "drop",
                    "dart",
                    "dart-length",
                    "dart-at",
                    "pleat",
                    "box",
                    "front-pleat",
                    "hood",
                    "pinned",
                    "over-arms"),
            List.of("pleats", "front-pleats"),
            Map.of(
                    "shoulders",
                    List.of("sculpted", "gathered"),
                    "wide",
                    List.of("two-thirds", "full"),
                    "dart-line",
                    List.of("bent", "straight"))),
    ARM_HOLE(
            ArmHoleSum::of,
            lengths("loop", "upper-arm", "sleeve"),
            lengths("gusset", "muscle", "neck-gusset", "body", "shoulders", "drop", "arm", "cuff", "puff"),
            List.of(),
            Map.of()),
    CAP(CapSum::of, lengths("cap", "arm-hole"), lengths("upper-arm", "sleeve"), List.of(), Map.of()),
    DRAPE(DrapeSum::of, lengths("length", "half", "level"), lengths("check"), List.of(), Map.of()),
    TRIMMING(
            TrimmingSum::of,
            lengths("edge", "depth", "cloth-width"),
            lengths("seam", "join"),
            List.of("fullness"),
            Map.of("grain", List.of("straight", "bias"), "edges", List.of("one", "both", "none"))),
    BAND(
            BandSum::of,
            lengths("least", "most"),
            lengths("overlap", "spacing", "height"),
            List.of(),
            Map.of("called", List.of()));

    private final Function<SumInputs, Sum> sum;
    private final List<String> needed;
    private final List<String> lengths;
    private final List<String> numbers;
    private final Map<String, List<String>> words;

    SumKind(
            Function<SumInputs, Sum> sum,
            List<String> needed,
            List<String> lengths,
            List<String> numbers,
            Map<String, List<String>> words) {
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

    /** Returns what is chosen by a word, with the ways there are; none where any word may stand. */
    public Map<String, List<String>> words() {
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
