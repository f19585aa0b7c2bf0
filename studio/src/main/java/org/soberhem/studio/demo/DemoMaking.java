package org.soberhem.studio.demo;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.cloth.Cloth;
import org.soberhem.core.cloth.ClothUse;
import org.soberhem.core.cloth.LayPlanner;
import org.soberhem.core.cloth.Notion;
import org.soberhem.core.cloth.Shrinkage;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.costume.Progress;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.judging.ClothSupply;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.MeasureResolver;
import org.soberhem.core.judging.Supplies;
import org.soberhem.core.plan.Bench;
import org.soberhem.core.plan.Spell;
import org.soberhem.core.plan.Task;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.SheetReader;

/** The demo's cloths and notions, and how far its costumes are at the bench. */
final class DemoMaking {

    private final Library library;
    private final LocalDate today;
    private final Stash stash;

    DemoMaking(Library library, LocalDate today) {
        this.library = library;
        this.today = today;
        this.stash = made();
    }

    Stash stash() {
        return stash;
    }

    private static Stash made() {
        Cloth lawn = cloth("lawn", "White cotton lawn", "cotton", 1500, 2650, 9.5, 80, Cloth.Face.PLAIN)
                .withState(new Cloth.State(true, 60), 2560, 1460);
        Cloth serge = cloth("serge", "Navy serge", "worsted", 1500, 4600, 24, 280, new Cloth.Face(true, false, 0, 0))
                .tried(Shrinkage.measured(250, 245, 247));
        Cloth linsey = cloth(
                        "linsey", "Striped linsey", "mixture", 920, 3900, 14, 260, new Cloth.Face(false, true, 46, 0))
                .withState(new Cloth.State(true, 30), 3900, 920);
        Cloth check = cloth(
                "check", "Blue check cotton", "cotton-print", 1140, 3200, 7, 150, new Cloth.Face(false, true, 24, 24));
        Cloth linen = cloth(
                        "linen", "Half-bleached linen", "linen", 1480, 5200, 11, 170, new Cloth.Face(false, true, 0, 0))
                .withState(new Cloth.State(true, 60), 4950, 1430);
        Cloth silk = cloth("silk", "Grey shot silk", "silk", 1120, 2400, 32, 95, Cloth.Face.PLAIN);
        return new Stash(
                List.of(lawn, serge, linsey, check, linen, silk),
                List.of(
                        new Notion("hook", "hooks", 11, 0.08),
                        new Notion("bar", "bars", 12, 0.06),
                        new Notion("button", "buttons", 8, 0.4),
                        new Notion("tape", "tape", 4000, 0.5),
                        new Notion("bone", "bones", 6, 0.9)));
    }

    private static Cloth cloth(
            String id,
            String title,
            String fibre,
            double width,
            double length,
            double price,
            double weight,
            Cloth.Face face) {
        return new Cloth(
                id, title, fibre, width, length, price, weight, 0, Cloth.State.RAW, Optional.empty(), face, "", "");
    }

    /** Returns the costume with a garment's outer cloth chosen and a first lay planned. */
    Costume cutFrom(
            Costume costume, Wearer wearer, String garment, String cloth, boolean folded, List<String> matched) {
        ClothUse use = ClothUse.of(garment, "outer").from(cloth).lying(folded, 0, 0, ClothUse.UNEVEN);
        use = use.with(List.of(), List.of(), matched);
        ClothSupply supply = ClothSupply.of(
                work(costume, wearer, garment).pattern(),
                use,
                new Supplies(stash, library.fibres(), today.atStartOfDay()));
        ClothUse[] laid = {use};
        new LayPlanner(supply.pieces().pieces(), supply.rules().orElseThrow(), new SplittableRandom(1))
                .plan(
                        () -> false,
                        lay -> laid[0] = supply.use()
                                .laid(new ClothUse.KeptLay(
                                        lay.rules(),
                                        lay.placed(),
                                        lay.length(),
                                        supply.pieces().print())));
        return costume.withUnderway(costume.underway().with(laid[0]));
    }

    private DraftedGarment work(Costume costume, Wearer wearer, String name) {
        Garment garment = costume.garment(name).orElseThrow();
        CompiledSheet sheet = SheetReader.read(garment.sheet());
        return DraftedGarment.of(
                sheet,
                new MeasureResolver(library.measures(), library.wardrobe())
                        .inputs(wearer.set(costume.set()).orElseThrow(), costume, garment.settings()),
                garment.alterations());
    }

    /**
     * Returns the costume with the steps of its garments, so many done over the last days, each taking its factor of
     * what was thought.
     */
    Costume atTheBench(Costume costume, List<String> order, int done, double... factors) {
        List<Task> tasks = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (String name : order) {
            Garment garment = costume.garment(name).orElseThrow();
            CompiledSheet sheet = SheetReader.read(garment.sheet());
            List<Task> steps = library.making()
                    .steps(
                            garment.name(),
                            sheet.sheet().about().garment(),
                            sheet.sheet().sewing(),
                            taken);
            steps.forEach(step -> taken.add(step.id()));
            tasks.addAll(steps);
        }
        List<Spell> spells = new ArrayList<>();
        for (int i = 0; i < Math.min(done, tasks.size()); i++) {
            LocalDateTime from = today.minusDays(2L * (done - i)).atTime(19, 30);
            Task task = tasks.get(i);
            long minutes = task.kind() == Task.Kind.WAIT ? 0 : Math.round(task.minutes() * factors[i % factors.length]);
            if (minutes > 0) {
                spells.add(
                        new Spell(task.id(), from, from.plusMinutes(minutes), Optional.of(from.plusMinutes(minutes))));
            }
            tasks.set(i, task.done(Optional.of(from.plusMinutes(minutes))));
        }
        Progress underway = costume.underway().with(new Bench(tasks, spells));
        return costume.withUnderway(underway);
    }
}
