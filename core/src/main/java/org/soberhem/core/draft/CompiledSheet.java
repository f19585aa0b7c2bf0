package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.soberhem.core.formula.Formula;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.formula.Term;
import org.soberhem.core.garment.SumKind;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;

/** A sheet with every name, dimension and cycle checked; ready to be drawn for any wearer. */
public final class CompiledSheet {

    /** A measure; without a required one the sheet cannot be drawn, without another a check cannot be judged. */
    record Measure(String name, int slot, List<String> ids, boolean required) {}

    /** An amount between limits. */
    record Setting(String name, String title, int slot, Formula value, Formula least, Formula most) {}

    /** A choice; each of its ways is known by the number in its slot. */
    record Choosing(String name, int slot, List<Integer> ways) {}

    record Amount(String name, int slot, Formula formula) {}

    /** A slot that holds a constant. */
    record Constant(int slot, double value) {}

    /**
     * A scale law at work: the slot of its governing measure and that of its unit, and its laws. Where the maker may
     * choose the law, {@code chosen} is the slot of the choice.
     */
    record Ruling(String by, int bySlot, int unitSlot, List<UnitOf> laws, Integer chosen) {

        /** Returns the law that is chosen, the first where none of its own is. */
        UnitOf law(Frame frame) {
            if (chosen != null) {
                for (UnitOf law : laws) {
                    if (law.number == frame.slots[chosen]) {
                        return law;
                    }
                }
            }
            return laws.get(0);
        }
    }

    /** Finds a unit, and says how in the sheet's words; {@code number} is by which the law is chosen. */
    record UnitOf(String name, int number, String words, Term unit, Set<Integer> names) {}

    record PointAt(String name, int slot, Step step, boolean corner) {}

    /**
     * An amount to be found.
     *
     * @param moving the points that move with it, in order
     * @param edges every edge of its own piece, in order
     * @param watched those of them that it is found by
     * @param steady whether the value that it shall reach stays while it is tried
     */
    record Solve(
            String name,
            int slot,
            Formula from,
            Formula to,
            Formula until,
            Formula is,
            List<PointAt> moving,
            List<EdgeRun> edges,
            List<EdgeRun> watched,
            boolean steady) {}

    /** The points of a frame or a piece, in an order in which each comes after those it needs. */
    record Ground(
            String name,
            DraftSheet.Ground written,
            List<PointAt> points,
            Map<String, Integer> slots,
            List<Solve> solves,
            Optional<Ruling> ruling) {}

    /** Instead of the slot of a guide: square to the edge that meets there. */
    static final int SQUARE = -1;

    /**
     * One join of an outline: the letters of its ends, and the slots of every point that it is drawn by; {@code leaves}
     * and {@code comes} may be {@link #SQUARE}.
     */
    record Join(
            String from,
            String to,
            DraftSheet.JoinSheet.Form form,
            Formula amount,
            Formula at,
            int start,
            int end,
            List<Integer> guides,
            Optional<Integer> leaves,
            Optional<Integer> comes) {}

    record EdgeRun(
            String name,
            Role role,
            int path,
            String from,
            String to,
            List<Join> joins,
            Formula included,
            Formula added) {

        /** Says whether the edge leaves its start square to the edge before it. */
        boolean leavesSquare() {
            return joins.get(0).leaves().filter(slot -> slot == SQUARE).isPresent();
        }

        /** Says whether the edge comes into its end square to the edge after it. */
        boolean comesSquare() {
            return joins.get(joins.size() - 1)
                    .comes()
                    .filter(slot -> slot == SQUARE)
                    .isPresent();
        }
    }

    record NotchAt(String name, String edge, Formula share) {}

    record Ease(Formula least, Formula most, String why) {}

    /**
     * A piece.
     *
     * @param slots of its own points and of those of its frame that it uses
     */
    record PieceRuns(
            String name,
            DraftSheet.PieceSheet written,
            Ground ground,
            Optional<Ground> frame,
            Map<String, Integer> slots,
            List<EdgeRun> edges,
            List<NotchAt> notches) {}

    record SeamRun(DraftSheet.SeamSheet written, Formula least, Formula most) {}

    record Opening(
            DraftSheet.OpeningSheet written,
            int passes,
            Formula opens,
            Formula over,
            Formula stretch,
            Optional<Formula> caught) {}

    /**
     * A sum; a word is either one of the sheet's choices, whose way is then taken, or stands for itself.
     *
     * @param reads slots of everything it is worked out from
     */
    record SumRun(
            String name,
            SumKind kind,
            Map<String, Formula> amounts,
            Map<String, String> words,
            List<List<Formula>> rows,
            Set<Integer> reads) {}

    record WearingRun(DraftSheet.WearingSheet written, Formula fastening, Formula below) {}

    record Check(DraftSheet.CheckSheet written, Formula body, Ease ease) {}

    private final DraftSheet sheet;
    private final Map<String, Double> middle;
    final int slots;
    final int edgeCount;
    final List<Measure> measures;
    final List<Setting> settings;
    final List<Choosing> choices;
    final List<Constant> constants;
    final List<Amount> amounts;
    final Optional<Ruling> ruling;
    final Optional<Integer> allowanceSlot;
    final List<Ground> grounds;
    final Map<String, PieceRuns> pieces;
    final List<SeamRun> seams;
    final List<Opening> openings;
    final List<Check> checks;
    final List<SumRun> sums;
    final Optional<WearingRun> wearing;
    final Map<String, Formula> quantities;
    final Map<String, Formula> notions;

    CompiledSheet(SheetCompiler from) {
        this.sheet = from.sheet;
        this.middle = Map.copyOf(from.middle);
        this.slots = from.names.slots();
        this.edgeCount = from.names.edges().size();
        this.measures = List.copyOf(from.measures);
        this.settings = List.copyOf(from.settings);
        this.choices = List.copyOf(from.choices);
        this.constants = List.copyOf(from.constants);
        this.amounts = List.copyOf(from.amounts);
        this.ruling = from.ruling;
        this.allowanceSlot = settings.stream()
                .filter(setting -> "allowance".equals(setting.name()))
                .map(Setting::slot)
                .findFirst();
        this.grounds = List.copyOf(from.grounds);
        this.pieces = Collections.unmodifiableMap(new LinkedHashMap<>(from.pieces));
        this.seams = List.copyOf(from.seams);
        this.openings = List.copyOf(from.openings);
        this.checks = List.copyOf(from.checks);
        this.sums = List.copyOf(from.sums);
        this.wearing = from.wearing;
        this.quantities = Map.copyOf(from.quantities);
        this.notions = Collections.unmodifiableMap(new LinkedHashMap<>(from.notions));
    }

    /**
     * Checks a sheet.
     *
     * @throws SheetException if something in it is wrong; the message says what and in which line
     */
    public static CompiledSheet of(DraftSheet sheet) {
        return new SheetCompiler(sheet).compile();
    }

    /** Returns the sheet as written. */
    public DraftSheet sheet() {
        return sheet;
    }

    /** Returns the formula of a quantity, as written. */
    public String quantityText(String quantity) {
        return quantities.get(quantity).source().text();
    }

    /** Returns the size the sheet was made for: the wearer at which its proportions are right. */
    public Inputs middle() {
        return Inputs.of(middle);
    }

    /**
     * Returns the catalogue ids without which the sheet cannot be drawn; for each, those that may serve instead follow.
     */
    public List<List<String>> requiredMeasures() {
        return measures.stream().filter(Measure::required).map(Measure::ids).toList();
    }

    /** Returns the catalogue ids of everything that it draws or judges by, each with what may serve in its place. */
    public List<List<String>> measuresOfTheDraft() {
        return measures.stream().map(Measure::ids).toList();
    }

    /** Returns the catalogue ids that the sheet can use, best first for each of its names. */
    public List<String> usableMeasures() {
        return measures.stream()
                .flatMap(measure -> measure.ids().stream())
                .distinct()
                .toList();
    }

    /**
     * Something that the maker may choose.
     *
     * @param name as the sheet calls it
     * @param least smallest amount, as written; empty where ways are chosen from
     * @param most largest amount, as written
     * @param title for people
     * @param ways names of the ways; empty where it is an amount
     * @param why what it is for
     */
    public record Adjustable(String name, String title, String least, String most, List<String> ways, String why) {}

    /** Returns those that a sum is worked out from. */
    public List<Adjustable> adjustables(String sum) {
        Set<Integer> read = sums.stream()
                .filter(run -> run.name().equals(sum))
                .findFirst()
                .map(SumRun::reads)
                .orElse(Set.of());
        Set<String> names = Stream.concat(
                        choices.stream()
                                .filter(each -> read.contains(each.slot()))
                                .map(Choosing::name),
                        settings.stream()
                                .filter(each -> read.contains(each.slot()))
                                .map(Setting::name))
                .collect(Collectors.toSet());
        return adjustables().stream()
                .filter(each -> names.contains(each.name()))
                .toList();
    }

    /**
     * Returns what the maker may choose: amounts, ease that is drawn, ways, and the scale law where there are several.
     */
    public List<Adjustable> adjustables() {
        List<Adjustable> all = new ArrayList<>();
        for (Choosing choosing : choices) {
            DraftSheet.Choosing written = sheet.choices().get(choosing.name());
            all.add(
                    written == null
                            ? new Adjustable(
                                    choosing.name(),
                                    "Unit",
                                    "",
                                    "",
                                    ruling.orElseThrow().laws().stream()
                                            .map(UnitOf::name)
                                            .toList(),
                                    "how the unit is found")
                            : new Adjustable(
                                    choosing.name(),
                                    title(choosing.name(), written.title()),
                                    "",
                                    "",
                                    written.of(),
                                    written.why()));
        }
        for (Setting setting : settings) {
            all.add(new Adjustable(
                    setting.name(),
                    setting.title(),
                    setting.least().source().text(),
                    setting.most().source().text(),
                    List.of(),
                    why(setting)));
        }
        return all;
    }

    /** Returns the title written, or the name in words. */
    static String title(String name, Optional<String> written) {
        String words = written.orElse(name.replace('-', ' '));
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /** Returns what a setting, or an ease that is drawn, is for. */
    String why(Setting setting) {
        DraftSheet.Setting written = sheet.settings().get(setting.name());
        return written != null
                ? written.why()
                : sheet.ease().get(SheetCompiler.easeName(setting.name())).why();
    }

    /** Returns the frames and pieces in the order in which they are drawn. */
    public List<String> drawingOrder() {
        return grounds.stream().map(Ground::name).toList();
    }

    /** Returns the edge that the same seam joins to an edge, if the sheet joins it to a single one. */
    public Optional<EdgeRef> partner(EdgeRef edge) {
        for (SeamRun run : seams) {
            List<EdgeRef> first = run.written().first();
            List<EdgeRef> second = run.written().second();
            if (run.written().kind() == Seam.Kind.PLAIN && first.size() == 1 && second.size() == 1) {
                if (first.get(0).equals(edge)) {
                    return Optional.of(second.get(0));
                }
                if (second.get(0).equals(edge)) {
                    return Optional.of(first.get(0));
                }
            }
        }
        return Optional.empty();
    }
}
