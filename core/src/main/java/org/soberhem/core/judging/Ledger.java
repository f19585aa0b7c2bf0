package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.kind.Alteration;
import org.soberhem.core.alter.kind.LengthenAtLevel;
import org.soberhem.core.alter.kind.RoomAtLevel;
import org.soberhem.core.alter.kind.ShapeSeam;
import org.soberhem.core.alter.kind.TakeInSeam;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Version;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Seam;

/** What all versions of a garment together took in or let out, seam by seam and level by level. */
public final class Ledger {

    private Ledger() {}

    /**
     * What one alteration did.
     *
     * @param version that has it
     * @param round after which fitting, 0 if it was made on paper
     * @param top at the seam's top, or in front: cloth taken at a seam, length added at a level, in millimetres
     * @param bottom at the seam's bottom, or behind
     * @param sides where
     */
    public record Line(int version, int round, double top, double bottom, Sides sides) {

        /** Returns the mean of both ends. */
        public double mean() {
            return (top + bottom) / 2;
        }
    }

    /**
     * What an alteration does at one place, as it is worked.
     *
     * @param place name of the seam or of the level
     * @param level whether it is a level, where length is added; else cloth is taken at a seam
     * @param top at the seam's top, or in front: cloth taken at a seam, length added at a level, in millimetres
     * @param bottom at the seam's bottom, or behind
     */
    public record Entry(String place, boolean level, double top, double bottom) {

        /** Returns how much, from where to where. */
        public Sentence sentence() {
            boolean less = top + bottom < 0;
            double sign = less ? -1 : 1;
            String from = level ? "in front" : "at the top";
            String to = level ? "behind" : "at the bottom";
            String verb = level ? less ? "shorten" : "lengthen" : less ? "let out" : "take in";
            if (top == bottom) {
                return Sentence.of("{} {} {}, the same {}", verb, sign * top, from, to);
            }
            return Sentence.of("{} {} {}, {} {}", verb, sign * top, from, sign * bottom, to);
        }
    }

    /**
     * A seam or a level.
     *
     * @param place its name
     * @param level whether it is a level, where length is added; else cloth is taken at a seam
     * @param lines oldest first
     */
    public record Account(String place, boolean level, List<Line> lines) {

        /** Returns what was taken or added on one side of the wearer in all, in millimetres. */
        public double total(Sides side) {
            return lines.stream()
                    .filter(line -> line.sides() == Sides.BOTH || line.sides() == side)
                    .mapToDouble(Line::mean)
                    .sum();
        }

        /** Returns by how much the girth grew, counting both sides of the wearer; 0 for a level. */
        public double girth() {
            return level ? 0 : -total(Sides.LEFT) - total(Sides.RIGHT);
        }

        /** Returns rounds that undo each other: what one took another gave back. */
        public Optional<Sentence> undone() {
            for (int i = 1; i < lines.size(); i++) {
                for (int j = 0; j < i; j++) {
                    Line one = lines.get(j);
                    Line other = lines.get(i);
                    boolean meet =
                            one.sides() == Sides.BOTH || other.sides() == Sides.BOTH || one.sides() == other.sides();
                    if (meet && one.mean() * other.mean() < 0) {
                        return Optional.of(Sentence.of(
                                "{}: version {} {} {}, version {} {} {}: look whether the first was right",
                                place,
                                one.version(),
                                words(one),
                                Math.abs(one.mean()),
                                other.version(),
                                words(other),
                                Math.abs(other.mean())));
                    }
                }
            }
            return Optional.empty();
        }

        private String words(Line line) {
            if (level) {
                return line.mean() > 0 ? "added" : "took out";
            }
            return line.mean() > 0 ? "took in" : "let out";
        }

        /** Returns the account in one sentence. */
        public Sentence sentence() {
            if (level) {
                return Sentence.of(
                        "{}: {} {} in all", place, total(Sides.LEFT) < 0 ? "shorter by" : "longer by", larger());
            }
            String did = total(Sides.LEFT) + total(Sides.RIGHT) > 0 ? "taken in" : "let out";
            if (total(Sides.LEFT) != total(Sides.RIGHT)) {
                return Sentence.of(
                        "{}: {} on the wearer's left, {} on the right; the girth {} {}",
                        place,
                        total(Sides.LEFT),
                        total(Sides.RIGHT),
                        girth() < 0 ? "less by" : "more by",
                        Math.abs(girth()));
            }
            return Sentence.of(
                    "{}: {} {} at each side in all; the girth {} {}",
                    place,
                    larger(),
                    did,
                    girth() < 0 ? "less by" : "more by",
                    Math.abs(girth()));
        }

        private double larger() {
            return Math.max(Math.abs(total(Sides.LEFT)), Math.abs(total(Sides.RIGHT)));
        }
    }

    /**
     * Returns the accounts of a garment along the versions that its present state comes from, in the order of their
     * first line.
     */
    public static List<Account> of(Costume costume, Garment garment, Pattern pattern) {
        Map<String, List<Line>> seams = new LinkedHashMap<>();
        Map<String, List<Line>> levels = new LinkedHashMap<>();
        List<Alteration> before = List.of();
        for (Version version : lineage(garment)) {
            int round = round(costume, garment.name(), version.number());
            for (Alteration alteration : added(before, version.alterations())) {
                enter(alteration, version.number(), round, pattern, seams, levels);
            }
            before = version.alterations();
        }
        List<Account> accounts = new ArrayList<>();
        seams.forEach((place, lines) -> accounts.add(new Account(place, false, List.copyOf(lines))));
        levels.forEach((place, lines) -> accounts.add(new Account(place, true, List.copyOf(lines))));
        return accounts;
    }

    /** Returns the versions that a garment's present state comes from, oldest first. */
    public static List<Version> lineage(Garment garment) {
        List<Version> line = new ArrayList<>();
        Optional<Version> version = garment.version(garment.base());
        while (version.isPresent()) {
            line.add(0, version.get());
            version = garment.version(version.get().after());
        }
        return line;
    }

    /** Returns what a chain has beyond another that it continues; all of it, if it does not. */
    public static List<Alteration> added(List<Alteration> before, List<Alteration> after) {
        boolean continues =
                after.size() >= before.size() && after.subList(0, before.size()).equals(before);
        return continues ? after.subList(before.size(), after.size()) : after;
    }

    private static int round(Costume costume, String garment, int version) {
        for (Fitting fitting : costume.fittings()) {
            boolean decided = fitting.remarks().stream()
                    .filter(remark -> remark.garment().equals(garment))
                    .anyMatch(remark -> remark.decision().map(Decision::version).orElse(0) == version);
            if (decided) {
                return fitting.number();
            }
        }
        return 0;
    }

    private static void enter(
            Alteration alteration,
            int version,
            int round,
            Pattern pattern,
            Map<String, List<Line>> seams,
            Map<String, List<Line>> levels) {
        entry(alteration, pattern)
                .ifPresent(entry -> (entry.level() ? levels : seams)
                        .computeIfAbsent(entry.place(), place -> new ArrayList<>())
                        .add(new Line(version, round, entry.top(), entry.bottom(), alteration.sides())));
    }

    /** Returns what an alteration takes at a seam or adds at a level; empty for alterations of another kind. */
    public static Optional<Entry> entry(Alteration alteration, Pattern pattern) {
        if (alteration instanceof TakeInSeam taken) {
            return Optional.of(new Entry(seam(pattern, taken.edge()), false, taken.atTop(), taken.atBottom()));
        }
        if (alteration instanceof ShapeSeam shaped) {
            double middle = shaped.atMiddle();
            return Optional.of(new Entry(
                    seam(pattern, shaped.edge()),
                    false,
                    (shaped.atTop() + middle) / 2,
                    (shaped.atBottom() + middle) / 2));
        }
        if (alteration instanceof RoomAtLevel room) {
            return Optional.of(new Entry(seam(pattern, room.edge()), false, room.amount() / 2, room.amount() / 2));
        }
        if (alteration instanceof LengthenAtLevel longer) {
            return Optional.of(new Entry(longer.level(), true, longer.atFront(), longer.atBack()));
        }
        return Optional.empty();
    }

    /** Both edges of a seam are one account. */
    private static String seam(Pattern pattern, EdgeRef edge) {
        return pattern.seams().stream()
                .filter(seam -> seam.first().contains(edge) || seam.second().contains(edge))
                .findFirst()
                .map(Seam::name)
                .orElse(edge.words());
    }
}
