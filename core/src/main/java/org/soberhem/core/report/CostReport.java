package org.soberhem.core.report;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.cloth.Notion;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.judging.ClothSupply;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.Judgement;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.length.Sentence;

/**
 * What a costume costs, in the maker's own money.
 *
 * @param lines one for each cloth and kind of notion
 * @param hours worked
 * @param rate of an hour; 0 if hours are not reckoned
 */
public record CostReport(List<Line> lines, double hours, double rate) {

    private static final double METRE = 1000;

    /**
     * One thing that is paid for.
     *
     * @param what in words
     * @param amount in metres, or a number of pieces
     * @param byLength whether the amount is in metres
     * @param price of a metre or of one piece; 0 if it is not known
     */
    public record Line(String what, double amount, boolean byLength, double price) {

        public double sum() {
            return amount * price;
        }

        /** Returns the amount as it is bought. */
        public String words(LengthFormat format) {
            return byLength ? format.cloth(amount * METRE) : String.valueOf(Math.round(amount));
        }
    }

    public CostReport {
        lines = List.copyOf(lines);
    }

    /** Returns what a costume costs: cloth as it is laid, notions as they are counted, hours as they were logged. */
    public static CostReport of(Judgement judgement, Supplies supplies, List<Notion.Kind> kinds, double rate) {
        Costume costume = judgement.costume();
        List<Line> lines = new ArrayList<>();
        judgement
                .works()
                .forEach((garment, work) -> ClothSupply.of(costume, garment, work.pattern(), supplies).stream()
                        .filter(supply ->
                                supply.cloth().isPresent() && supply.needed().isPresent())
                        .forEach(supply -> lines.add(new Line(
                                supply.cloth().orElseThrow().title() + " (" + garment + ", "
                                        + supply.use().use() + ")",
                                supply.needed().orElseThrow() / METRE,
                                true,
                                supply.cloth().orElseThrow().price()))));
        notions(judgement).forEach((kind, amount) -> {
            boolean byLength = kinds.stream().anyMatch(each -> each.id().equals(kind) && each.byLength());
            String many = kinds.stream()
                    .filter(each -> each.id().equals(kind))
                    .map(Notion.Kind::many)
                    .findFirst()
                    .orElse(kind);
            lines.add(new Line(many, byLength ? amount / METRE : amount, byLength, price(supplies.stash(), kind)));
        });
        LocalDateTime now = supplies.now();
        return new CostReport(lines, costume.underway().bench().spent(now).toMinutes() / 60.0, rate);
    }

    private static double price(Stash stash, String kind) {
        return stash.notions().stream()
                .filter(notion -> notion.kind().equals(kind) && notion.price() > 0)
                .mapToDouble(Notion::price)
                .findFirst()
                .orElse(0);
    }

    /** Returns what all garments need beside the cloth: numbers, and lengths in millimetres, by the kind of notion. */
    public static Map<String, Double> notions(Judgement judgement) {
        Map<String, Double> all = new LinkedHashMap<>();
        judgement
                .works()
                .values()
                .forEach(work -> notions(work).forEach((kind, amount) -> all.merge(kind, amount, Double::sum)));
        return all;
    }

    /** Returns what is lacking beside the cloth, in words: the number, and that it must be of one set. */
    public static List<Sentence> lacking(Judgement judgement, Stash stash, List<Notion.Kind> kinds) {
        List<Sentence> all = new ArrayList<>();
        for (Notion.Kind kind : kinds) {
            double lacking = lacking(judgement, stash, kind);
            if (lacking > 0) {
                all.add(Sentence.of(
                        kind.inSets() ? "{}: {} short of a set" : "{}: {} short",
                        kind.many(),
                        kind.byLength() ? (Object) lacking : String.valueOf(Math.round(lacking))));
            }
        }
        return all;
    }

    /** Returns how much of a kind of notion is lacking. */
    public static double lacking(Judgement judgement, Stash stash, Notion.Kind kind) {
        return stash.lacking(
                kind,
                judgement.works().values().stream()
                        .map(work -> notions(work).getOrDefault(kind.id(), 0.0))
                        .filter(need -> need > 0)
                        .toList());
    }

    /** Returns what one garment needs beside the cloth. */
    public static Map<String, Double> notions(DraftedGarment work) {
        return Checks.notions(work.sheet(), work.inputs(), work.pattern());
    }

    public double materials() {
        return lines.stream().mapToDouble(Line::sum).sum();
    }

    public double work() {
        return hours * rate;
    }

    public double sum() {
        return materials() + work();
    }
}
