package org.soberhem.core.gate;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.CostumeRecord;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.GateStep;
import org.soberhem.core.costume.Stage;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.fitting.ClothDifference;
import org.soberhem.core.fitting.Decision;
import org.soberhem.core.fitting.Fitting;
import org.soberhem.core.fitting.Movement;
import org.soberhem.core.fitting.Remark;
import org.soberhem.core.fitting.Severity;
import org.soberhem.core.fitting.Symptom;
import org.soberhem.core.fitting.Symptoms;
import org.soberhem.core.fitting.Trial;
import org.soberhem.core.judging.ClothSupply;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.SinceVersion;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.judging.Target;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.SewingOrder;
import org.soberhem.core.plan.Task;

/** The gate before each step that cannot be taken back: what must be so, and what is missing. */
public final class Gate {

    private static final Map<GateStep, List<GateCheck>> CHECKS = Map.of(
            GateStep.CUT_CLOTH,
            List.of(
                    GateCheck.TRIED,
                    GateCheck.REMARKS,
                    GateCheck.LAYERS,
                    GateCheck.MOVEMENTS,
                    GateCheck.WEAR,
                    GateCheck.OPENINGS,
                    GateCheck.SEAMS,
                    GateCheck.WASHED,
                    GateCheck.ENOUGH,
                    GateCheck.SET,
                    GateCheck.COUNTED),
            GateStep.TRIM,
            List.of(GateCheck.TRIED, GateCheck.REMARKS, GateCheck.LAYERS, GateCheck.MOVEMENTS, GateCheck.PRESSED),
            GateStep.CUT_HEM,
            List.of(GateCheck.TRIED, GateCheck.REMARKS, GateCheck.LAYERS, GateCheck.MOVEMENTS, GateCheck.HUNG),
            GateStep.CLIP_NOTCH,
            List.of(GateCheck.TRIED, GateCheck.REMARKS, GateCheck.SEAMS));

    private final Symptoms symptoms;
    private final List<Movement> movements;
    private final Wardrobe wardrobe;
    private final SewingOrder making;

    /**
     * @param symptoms how much hangs on what was seen
     * @param movements what garments are tried in
     * @param making which garments hang before they are levelled
     */
    public Gate(Symptoms symptoms, List<Movement> movements, Wardrobe wardrobe, SewingOrder making) {
        this.symptoms = symptoms;
        this.movements = List.copyOf(movements);
        this.wardrobe = wardrobe;
        this.making = making;
    }

    /** Returns how a gate stands for one garment, with what is in hand to cut it from. */
    public GateStanding of(EvaluatedCostume at, String name, GateStep step, Supplies supplies) {
        Garment garment = at.costume().garment(name).orElseThrow();
        List<GateCondition> conditions = CHECKS.get(step).stream()
                .map(check -> condition(at, garment, check, supplies))
                .toList();
        Optional<CostumeRecord.Passage> passed = at.judgement().since(garment) == SinceVersion.UNCHANGED
                ? at.costume().papers().passed(step, name, garment.base())
                : Optional.empty();
        return new GateStanding(step, name, conditions, passed);
    }

    private GateCondition condition(EvaluatedCostume at, Garment garment, GateCheck check, Supplies supplies) {
        return switch (check) {
            case TRIED -> tried(at, garment);
            case REMARKS -> remarks(at.costume(), garment);
            case LAYERS -> layers(at, garment);
            case MOVEMENTS -> moved(at, garment, check, false);
            case WEAR -> moved(at, garment, check, true);
            case OPENINGS -> openings(at, garment);
            case SEAMS -> seams(at, garment);
            case PRESSED -> pressed(at, garment);
            case WASHED, ENOUGH, SET, COUNTED -> cloth(at, garment, check, supplies);
            case HUNG -> hung(at, garment, supplies);
        };
    }

    private static GateCondition cloth(EvaluatedCostume at, Garment garment, GateCheck check, Supplies supplies) {
        Optional<DraftedGarment> work =
                Optional.ofNullable(at.judgement().works().get(garment.name()));
        if (work.isEmpty()) {
            return GateCondition.unknown(check, "Cloth: the garment cannot be drawn", Stage.CLOTH);
        }
        List<ClothSupply> all =
                ClothSupply.of(at.costume(), garment.name(), work.get().pattern(), supplies);
        ClothSupply outer = all.get(0);
        return switch (check) {
            case WASHED -> {
                List<String> raw = all.stream()
                        .filter(supply -> supply.cloth().isPresent() && !supply.isReady())
                        .map(supply -> supply.cloth().orElseThrow().title())
                        .distinct()
                        .toList();
                boolean met = raw.isEmpty() && outer.cloth().isPresent();
                yield GateCondition.of(
                        check,
                        met,
                        met
                                ? Sentence.of("Every cloth is made ready to be cut")
                                : raw.isEmpty()
                                        ? Sentence.of("No cloth is chosen")
                                        : Sentence.of("Not made ready yet: {}", String.join(", ", raw)),
                        Stage.CLOTH,
                        Target.PLACE);
            }
            case ENOUGH -> {
                Optional<ClothSupply> lacking =
                        all.stream().filter(supply -> !supply.isEnough()).findFirst();
                yield GateCondition.of(
                        check,
                        lacking.isEmpty(),
                        lacking.map(Gate::whyNotEnough).orElse(Sentence.of("Enough cloth is in hand for every use")),
                        Stage.CLOTH,
                        lacking.<Target>map(
                                        supply -> new Target.Use(supply.use().use()))
                                .orElse(Target.PLACE));
            }
            case SET -> {
                boolean met = outer.isLaid() && outer.pieces().unmatched().isEmpty();
                yield GateCondition.of(
                        check,
                        met,
                        met
                                ? Sentence.of("Grain and stripes are set by the lay")
                                : outer.isLaid()
                                        ? outer.pieces().unmatched().get(0)
                                        : Sentence.of("Grain and stripes are set when the outer cloth is laid"),
                        Stage.CLOTH,
                        new Target.Use("outer"));
            }
            default -> {
                List<String> open = all.stream()
                        .filter(supply -> supply.cloth().isEmpty())
                        .map(supply -> supply.use().use())
                        .toList();
                yield GateCondition.of(
                        check,
                        open.isEmpty(),
                        open.isEmpty()
                                ? Sentence.of("Outer, lining and interlining each have their cloth")
                                : Sentence.of("No cloth is chosen yet for {}", String.join(", ", open)),
                        Stage.CLOTH,
                        open.isEmpty() ? Target.PLACE : new Target.Use(open.get(0)));
            }
        };
    }

    private static Sentence whyNotEnough(ClothSupply supply) {
        List<Sentence> wrong = supply.wrong();
        return wrong.get(wrong.size() - 1);
    }

    /**
     * What is made of straight panels has nothing to wait for; what hangs must have waited, whatever steps it was
     * given.
     */
    private GateCondition hung(EvaluatedCostume at, Garment garment, Supplies supplies) {
        Optional<Task> waiting = at.costume().underway().bench().tasks().stream()
                .filter(task -> task.garment().equals(garment.name()) && task.kind() == Task.Kind.WAIT)
                .reduce((first, last) -> last);
        String kind = kind(at, garment);
        if (waiting.isEmpty()) {
            return !kind.isEmpty() && !making.hangs(kind)
                    ? GateCondition.of(
                            GateCheck.HUNG,
                            true,
                            Sentence.of("It needs no hanging: nothing of it drops"),
                            Stage.BENCH,
                            Target.PLACE)
                    : GateCondition.unknown(
                            GateCheck.HUNG, "Hung for a day before it is levelled: no step says so yet", Stage.BENCH);
        }
        boolean met = Bench.isOver(waiting.get(), supplies.now());
        return GateCondition.of(
                GateCheck.HUNG,
                met,
                met
                        ? Sentence.of("It has hung long enough to be levelled")
                        : waiting.get()
                                .done()
                                .map(since -> Sentence.of(
                                        "It hangs since {} and must until {}",
                                        words(since),
                                        words(since.plusMinutes(waiting.get().minutes()))))
                                .orElse(Sentence.of("It has not been hung yet")),
                Stage.BENCH,
                new Target.BenchStep(waiting.get().id()));
    }

    private static String words(LocalDateTime at) {
        return at.toLocalDate() + ", " + at.toLocalTime().truncatedTo(ChronoUnit.MINUTES);
    }

    /** Returns the latest round at which the version that a garment now is was tried on. */
    private static Optional<Fitting> round(EvaluatedCostume at, Garment garment) {
        return rounds(at, garment).reduce((first, last) -> last);
    }

    /** Returns the rounds at which the version that a garment now is was tried on; none if it was changed since. */
    private static Stream<Fitting> rounds(EvaluatedCostume at, Garment garment) {
        return at.costume().fittings().stream()
                .filter(fitting -> at.judgement().since(garment) == SinceVersion.UNCHANGED
                        && Integer.valueOf(garment.base())
                                .equals(fitting.mockup().versions().get(garment.name())));
    }

    private static GateCondition tried(EvaluatedCostume at, Garment garment) {
        Optional<Fitting> round = round(at, garment);
        SinceVersion since = at.judgement().since(garment);
        Sentence words = round.isPresent()
                ? Sentence.of(
                        "Version {} was tried on at fitting {}",
                        garment.base(),
                        round.get().number())
                : switch (since) {
                    case UNCHANGED -> Sentence.of("Version {} has not been tried on", garment.base());
                    case NO_VERSION -> Sentence.of("It has not been tried on: {}", since.words());
                    default ->
                        Sentence.of(
                                "The pattern is no longer version {}, {}: it has not been tried on so",
                                garment.base(),
                                since.words());
                };
        return GateCondition.of(GateCheck.TRIED, round.isPresent(), words, Stage.FITTING, Target.PLACE);
    }

    private GateCondition remarks(Costume costume, Garment garment) {
        List<String> open = new ArrayList<>();
        Target first = Target.PLACE;
        for (Fitting fitting : costume.fittings()) {
            for (Remark remark : fitting.remarks()) {
                if (remark.garment().equals(garment.name()) && blocks(remark)) {
                    open.add(symptoms.words(remark.seen()) + " ("
                            + severity(remark).words() + ")");
                    first = first.equals(Target.PLACE) ? new Target.Remark(remark.id()) : first;
                }
            }
        }
        Sentence words = open.isEmpty()
                ? Sentence.of("No open remark stands against it")
                : Sentence.of("Open: {}", String.join(", ", new LinkedHashSet<>(open)));
        return GateCondition.of(GateCheck.REMARKS, open.isEmpty(), words, Stage.FITTING, first);
    }

    /**
     * Says whether a remark keeps the final cloth from being cut: it is open, it matters, and nothing later will cure
     * it.
     */
    public boolean blocks(Remark remark) {
        if (!remark.isOpen() || remark.seen().isEmpty()) {
            return false;
        }
        boolean later = remark.decision()
                .map(Decision::kind)
                .filter(kind -> kind == Decision.Kind.MAKE_UP
                        || kind == Decision.Kind.WAIT_FINAL_CLOTH
                        || kind == Decision.Kind.TRIM_ON_WEARER)
                .isPresent();
        boolean matters = symptoms.find(remark.seen()).map(Symptom::blocks).orElse(true);
        return matters && (!later || severity(remark) == Severity.SAFETY);
    }

    /** Returns how much hangs on a remark; one in own words is taken for a matter of fit. */
    public Severity severity(Remark remark) {
        return symptoms.find(remark.seen()).map(Symptom::severity).orElse(Severity.FIT);
    }

    private GateCondition layers(EvaluatedCostume at, Garment garment) {
        Costume costume = at.costume();
        Optional<Fitting> round = round(at, garment);
        if (round.isEmpty()) {
            return GateCondition.of(
                    GateCheck.LAYERS,
                    false,
                    Sentence.of("Layers: it was not tried on over {}", wardrobe.title(costume.stack())),
                    Stage.FITTING,
                    Target.PLACE);
        }
        Fitting fitting = round.get();
        boolean same = fitting.confirmed()
                && fitting.stack().equals(costume.stack())
                && fitting.conditions().off().isEmpty();
        Sentence words = same
                ? Sentence.of("Tried on over {}, as it will be worn", wardrobe.title(costume.stack()))
                : Sentence.of(
                        "At fitting {} the layers were {}",
                        fitting.number(),
                        fitting.confirmed() ? "others than it will be worn over" : "not confirmed");
        return GateCondition.of(GateCheck.LAYERS, same, words, Stage.FITTING, Target.PLACE);
    }

    /** Returns the movements that a kind of garment is tried in. */
    public List<Movement> movements(String kind) {
        return movements.stream()
                .filter(movement -> movement.garments().contains(kind))
                .toList();
    }

    private GateCondition moved(EvaluatedCostume at, Garment garment, GateCheck check, boolean wear) {
        List<Movement> wanted = movements(kind(at, garment)).stream()
                .filter(movement -> movement.isWear() == wear)
                .toList();
        List<Fitting> rounds = rounds(at, garment).toList();
        List<String> left = new ArrayList<>();
        for (Movement movement : wanted) {
            boolean done = rounds.stream()
                    .flatMap(fitting -> fitting.trials().stream())
                    .filter(trial -> trial.movement().equals(movement.id()) && trial.minutes() >= movement.minutes())
                    .reduce((first, last) -> last)
                    .filter(trial ->
                            trial.result() == Trial.Result.PASSED || trial.result() == Trial.Result.WITH_REMARK)
                    .isPresent();
            if (!done) {
                left.add(movement.name().toLowerCase(Locale.ROOT));
            }
        }
        String what = wear ? "Wear" : "Movement";
        Sentence words = left.isEmpty()
                ? Sentence.of("{}: every test passed", what)
                : Sentence.of("{}: still to be tried or failed: {}", what, String.join(", ", left));
        return GateCondition.of(check, left.isEmpty(), words, Stage.FITTING, Target.PLACE);
    }

    private static String kind(EvaluatedCostume at, Garment garment) {
        return Optional.ofNullable(at.judgement().works().get(garment.name()))
                .map(work -> work.sheet().sheet().about().garment())
                .orElse("");
    }

    private static GateCondition openings(EvaluatedCostume at, Garment garment) {
        Optional<DraftedGarment> work =
                Optional.ofNullable(at.judgement().works().get(garment.name()));
        List<CheckResult> failing = work.stream()
                .flatMap(each -> each.checks().stream())
                .filter(check -> check.isOpening() && !(check.isJudged() && check.passes()))
                .toList();
        boolean met = work.isPresent() && failing.isEmpty();
        Sentence words = work.isEmpty()
                ? Sentence.of("Openings: the garment cannot be drawn")
                : met
                        ? Sentence.of("It can be got into: every opening passes")
                        : failing.get(0).sentence();
        return GateCondition.of(GateCheck.OPENINGS, met, words, Stage.DRAFT, Target.PLACE);
    }

    private static GateCondition seams(EvaluatedCostume at, Garment garment) {
        Optional<DraftedGarment> work =
                Optional.ofNullable(at.judgement().works().get(garment.name()));
        Optional<SeamCheck> untrue = work.stream()
                .flatMap(each -> each.seams().stream())
                .filter(seam -> !seam.isTrue())
                .findFirst();
        boolean met = work.isPresent() && untrue.isEmpty();
        Sentence words = work.isEmpty()
                ? Sentence.of("Seams: the garment cannot be drawn")
                : met ? Sentence.of("Every seam is true") : untrue.get().sentence();
        Target target = untrue.map(seam -> seam.seam().first().get(0))
                .<Target>map(edge -> new Target.Part(edge.piece(), edge.edge()))
                .orElse(Target.PLACE);
        return GateCondition.of(GateCheck.SEAMS, met, words, Stage.DRAFT, target);
    }

    private static GateCondition pressed(EvaluatedCostume at, Garment garment) {
        boolean met = round(at, garment)
                .filter(fitting -> !fitting.mockup().differs().contains(ClothDifference.UNPRESSED))
                .isPresent();
        return GateCondition.of(
                GateCheck.PRESSED,
                met,
                met
                        ? Sentence.of("It was pressed before it was tried on")
                        : Sentence.of("Press it and try it on again"),
                Stage.FITTING,
                Target.PLACE);
    }

    /**
     * Returns the edges of a garment that are left long and trimmed last on the wearer: neckline high, waist and hem
     * long.
     */
    public static List<Sentence> heldBack(DraftedGarment work) {
        Set<String> neck = new LinkedHashSet<>();
        Set<String> waist = new LinkedHashSet<>();
        Set<String> hem = new LinkedHashSet<>();
        for (Piece piece : work.pattern().pieces()) {
            for (Edge edge : piece.edges()) {
                if (work.sheet().partner(new EdgeRef(piece.name(), edge.name())).isPresent()) {
                    continue;
                }
                if (edge.role() == Role.NECK) {
                    neck.add(piece.name());
                } else if (edge.role() == Role.WAIST) {
                    waist.add(piece.name());
                } else if (edge.role() == Role.HEM) {
                    hem.add(piece.name());
                }
            }
        }
        List<Sentence> held = new ArrayList<>();
        if (!neck.isEmpty()) {
            held.add(Sentence.of("Neckline of {}: cut it high, trim it on the wearer", String.join(", ", neck)));
        }
        if (!waist.isEmpty()) {
            held.add(Sentence.of("Waist of {}: cut it long, trim it on the wearer", String.join(", ", waist)));
        }
        if (!hem.isEmpty()) {
            held.add(Sentence.of("Hem of {}: cut it long, level it after it has hung", String.join(", ", hem)));
        }
        return held;
    }
}
