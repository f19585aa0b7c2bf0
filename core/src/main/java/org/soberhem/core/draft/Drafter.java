package org.soberhem.core.draft;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.draft.Inputs.Measured;
import org.soberhem.core.formula.Frame;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;

/** Draws a sheet at a wearer's size. */
public final class Drafter {

    private final CompiledSheet sheet;
    private final Inputs inputs;
    private final Frame frame;
    private final Map<String, PieceDrawer> drawn = new LinkedHashMap<>();

    private Drafter(CompiledSheet sheet, Inputs inputs, Side side) {
        this.sheet = sheet;
        this.inputs = inputs;
        this.frame = frame(sheet, inputs, side);
        for (CompiledSheet.Ground ground : sheet.grounds) {
            place(ground, frame);
            CompiledSheet.PieceRuns piece = sheet.pieces.get(ground.name());
            if (piece != null) {
                drawn.put(ground.name(), new PieceDrawer(piece, frame, side, evenAllowance()));
            }
        }
    }

    private double evenAllowance() {
        return sheet.allowanceSlot.map(slot -> frame.slots[slot]).orElse(0.0);
    }

    /**
     * Draws a sheet. Left and right are drawn apart where the wearer's readings differ.
     *
     * @throws DraftException if a measurement is missing, a setting is impossible, or a piece cannot be drawn
     */
    public static Draft draft(CompiledSheet sheet, Inputs inputs) {
        try {
            return drawn(sheet, inputs);
        } catch (DraftException impossible) {
            throw BeyondUsual.named(sheet, inputs, impossible);
        }
    }

    private static Draft drawn(CompiledSheet sheet, Inputs inputs) {
        Drafter left = new Drafter(sheet, inputs, Side.LEFT);
        boolean sided = sheet.measures.stream()
                .flatMap(measure -> measured(sheet, measure, inputs).stream())
                .anyMatch(value -> value.left() != value.right());
        Drafter right = sided ? new Drafter(sheet, inputs, Side.RIGHT) : left;
        Drafter middle = sided ? new Drafter(sheet, inputs, Side.MIDDLE) : left;
        List<Piece> worn = new ArrayList<>();
        for (String name : sheet.sheet().pieces().keySet()) {
            Piece onLeft = left.drawn.get(name).piece();
            if (onLeft.shape() == CutShape.PLAIN) {
                worn.add(middle.drawn.get(name).piece().onSide(Side.MIDDLE));
            } else {
                worn.add(onLeft.onSide(Side.LEFT));
                worn.add(right.drawn.get(name).piece().onSide(Side.RIGHT));
            }
        }
        List<Seam> seams = new ArrayList<>();
        for (CompiledSheet.SeamRun run : sheet.seams) {
            seams.add(new Seam(
                    run.written().first(),
                    run.written().second(),
                    run.written().kind(),
                    run.least().value(left.frame),
                    run.most().value(left.frame)));
        }
        return new Draft(
                new Pattern(sheet.sheet().id(), worn, seams),
                left.plates(),
                sheet.ruling.map(left::scaling),
                left.measuresUsed(),
                left.settingsUsed(),
                BeyondUsual.of(sheet, left.frame));
    }

    /** Explains the sheet at the wearer's left side, step by step. */
    static DraftingSteps walk(CompiledSheet sheet, Inputs inputs) {
        Drafter left = new Drafter(sheet, inputs, Side.LEFT);
        return new DraftingStepsWriter(sheet, left.frame, left.drawn).walk();
    }

    /** Returns a frame with everything filled in that is known before anything is drawn. */
    static Frame frame(CompiledSheet sheet, Inputs inputs, Side side) {
        Frame frame = new Frame(sheet.slots, sheet.edgeCount);
        for (CompiledSheet.Measure measure : sheet.measures) {
            Optional<Measured> measured = measured(sheet, measure, inputs);
            double value = measured.map(m -> m.on(side)).orElse(Double.NaN);
            if (measured.isPresent() && !(value > 0)) {
                throw new DraftException(
                        measure.name(),
                        "Measurement \"{}\" must be greater than 0: {}",
                        measure.name(),
                        Double.isFinite(value) ? (Object) value : String.valueOf(value));
            }
            frame.slots[measure.slot()] = value;
        }
        for (CompiledSheet.Constant constant : sheet.constants) {
            frame.slots[constant.slot()] = constant.value();
        }
        choose(sheet, inputs, frame);
        sheet.ruling.ifPresent(ruling -> rule(ruling, frame));
        for (CompiledSheet.Amount amount : sheet.amounts) {
            frame.slots[amount.slot()] = amount.formula().value(frame);
        }
        return frame;
    }

    private static void choose(CompiledSheet sheet, Inputs inputs, Frame frame) {
        int known = 0;
        for (CompiledSheet.Choosing choice : sheet.choices) {
            Double chosen = inputs.settings().get(choice.name());
            known += chosen == null ? 0 : 1;
            double way = chosen == null ? 0 : chosen;
            if (!(way >= 0 && way < choice.ways().size() && way == Math.rint(way))) {
                throw new DraftException(
                        choice.name(),
                        "Choice \"{}\" has the ways 0 to {}: {}",
                        choice.name(),
                        String.valueOf(choice.ways().size() - 1),
                        String.valueOf(way));
            }
            frame.slots[choice.slot()] = choice.ways().get((int) way);
        }
        for (CompiledSheet.Setting setting : sheet.settings) {
            Double chosen = inputs.settings().get(setting.name());
            known += chosen == null ? 0 : 1;
            double value = chosen == null ? setting.value().value(frame) : chosen;
            if (!BeyondUsual.isPossible(value, setting.least().value(frame))) {
                throw new DraftException(
                        setting.name(),
                        "{} can be {} to {}: {}",
                        setting.title(),
                        BeyondUsual.lowest(setting.least().value(frame)),
                        BeyondUsual.MOST,
                        Double.isFinite(value) && Math.abs(value) < 1e9 ? (Object) value : String.valueOf(value));
            }
            frame.slots[setting.slot()] = value;
        }
        if (known < inputs.settings().size()) {
            refuseUnknown(sheet, inputs);
        }
    }

    private static void refuseUnknown(CompiledSheet sheet, Inputs inputs) {
        List<String> known = new ArrayList<>();
        sheet.choices.forEach(choice -> known.add(choice.name()));
        sheet.settings.forEach(setting -> known.add(setting.name()));
        for (String name : inputs.settings().keySet()) {
            if (!known.contains(name)) {
                throw new DraftException(name, "Setting \"{}\" is not among the settings {}", name, known);
            }
        }
    }

    private static void rule(CompiledSheet.Ruling ruling, Frame frame) {
        frame.slots[ruling.unitSlot()] = ruling.law(frame).unit().value(frame);
    }

    private Draft.Scaling scaling(CompiledSheet.Ruling ruling) {
        return new Draft.Scaling(
                ruling.by(), frame.slots[ruling.bySlot()], ruling.law(frame).words(), frame.slots[ruling.unitSlot()]);
    }

    /** Without streams: this is asked for every measure of every redrawing while a tape is pulled. */
    private static Optional<Measured> measured(CompiledSheet sheet, CompiledSheet.Measure measure, Inputs inputs) {
        for (String id : measure.ids()) {
            Measured found = inputs.measures().get(id);
            if (found != null) {
                return Optional.of(found);
            }
        }
        if (measure.required()) {
            throw new DraftException(
                    measure.ids().get(0),
                    "Measurement \"{}\" is missing: draft \"{}\" needs it",
                    String.join("\" or \"", measure.ids()),
                    sheet.sheet().id());
        }
        return Optional.empty();
    }

    /** Puts the points of a frame or piece in their slots, after what must be solved for them. */
    static void place(CompiledSheet.Ground ground, Frame frame) {
        ground.ruling().ifPresent(ruling -> rule(ruling, frame));
        for (CompiledSheet.Solve solve : ground.solves()) {
            frame.slots[solve.slot()] = Double.NaN;
        }
        for (CompiledSheet.Solve solve : ground.solves()) {
            frame.slots[solve.slot()] = Solver.solve(ground, solve, frame);
        }
        points(ground, frame);
        for (CompiledSheet.PointAt point : ground.points()) {
            double sum = frame.slots[point.slot()] + frame.slots[point.slot() + 1];
            if (Double.isNaN(sum) || Double.isInfinite(sum)) {
                throw new DraftException(
                        ground.name(),
                        "Point {} of \"{}\" comes out nowhere: a formula gives no number",
                        point.name(),
                        ground.name());
            }
        }
    }

    static void points(CompiledSheet.Ground ground, Frame frame) {
        for (CompiledSheet.PointAt point : ground.points()) {
            point.step().place(frame, point.slot(), ground.name(), point.name());
        }
    }

    private Map<String, Double> measuresUsed() {
        Map<String, Double> used = new LinkedHashMap<>();
        for (CompiledSheet.Measure measure : sheet.measures) {
            measure.ids().stream()
                    .filter(each -> inputs.find(each).isPresent())
                    .findFirst()
                    .ifPresent(id -> used.put(id, frame.slots[measure.slot()]));
        }
        return used;
    }

    private Map<String, Double> settingsUsed() {
        Map<String, Double> used = new LinkedHashMap<>();
        for (CompiledSheet.Choosing choice : sheet.choices) {
            used.put(choice.name(), (double) choice.ways().indexOf((int) frame.slots[choice.slot()]));
        }
        sheet.settings.forEach(setting -> used.put(setting.name(), frame.slots[setting.slot()]));
        return used;
    }

    private List<DraftedPiece> plates() {
        List<DraftedPiece> plates = new ArrayList<>();
        for (String name : sheet.sheet().pieces().keySet()) {
            CompiledSheet.PieceRuns piece = sheet.pieces.get(name);
            Optional<Draft.Scaling> scale = piece.ground()
                    .ruling()
                    .or(() -> piece.frame().flatMap(CompiledSheet.Ground::ruling))
                    .or(() -> sheet.ruling)
                    .map(this::scaling);
            plates.add(drawn.get(name).plate(scale));
        }
        return plates;
    }
}
