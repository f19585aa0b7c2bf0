package org.soberhem.desk.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.BooleanSupplier;
import org.soberhem.core.cloth.Cloth;
import org.soberhem.core.cloth.ClothUse;
import org.soberhem.core.cloth.HandMove;
import org.soberhem.core.cloth.Lay;
import org.soberhem.core.cloth.PiecesToLay;
import org.soberhem.core.cloth.ShortClothAdvice;
import org.soberhem.core.cloth.Stash;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.judging.ClothSupply;
import org.soberhem.core.judging.DraftedGarment;
import org.soberhem.core.judging.Piecing;
import org.soberhem.core.judging.SinceVersion;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Seam;
import org.soberhem.studio.AlterationCommands;
import org.soberhem.studio.Studio;

/** What is done at the cloth, without its looks: cloth chosen, laid, moved by hand, cut. */
public final class ClothDesk {

    /** So long each way out is searched when a cloth is too short, in nanoseconds. */
    private static final long LOOKED = 300_000_000;

    private final Studio studio;
    private String use = "outer";

    public ClothDesk(Studio studio) {
        this.studio = studio;
    }

    public Studio studio() {
        return studio;
    }

    private Optional<DraftedGarment> work() {
        return Optional.ofNullable(studio.situation())
                .flatMap(now -> now.work(studio.current().garment().get()));
    }

    /** Returns the uses of cloth that the garment at hand has. */
    public List<String> uses() {
        return supplies().stream().map(supply -> supply.use().use()).toList();
    }

    /** Shows another use of cloth. */
    public void show(String other) {
        use = other;
    }

    /** Returns the use that is shown; the first of the garment if it does not have the one shown last. */
    public String use() {
        List<String> all = uses();
        return all.contains(use) || all.isEmpty() ? use : all.get(0);
    }

    /** Returns how the cloth of the use that is shown stands; empty if the garment is not drawn. */
    public Optional<ClothSupply> supply() {
        return work().filter(each -> !uses().isEmpty())
                .map(each -> ClothSupply.of(each.pattern(), chosen(), studio.supplies()));
    }

    /** Returns how every cloth of the garment at hand stands. */
    public List<ClothSupply> supplies() {
        return work().map(each ->
                        ClothSupply.of(costume(), studio.current().garment().get(), each.pattern(), studio.supplies()))
                .orElse(List.of());
    }

    private Costume costume() {
        return studio.situation().costume();
    }

    /** Returns what is chosen for the use that is shown. */
    public ClothUse chosen() {
        String garment = studio.current().garment().get();
        return costume().underway().use(garment, use()).orElseGet(() -> ClothUse.of(garment, use()));
    }

    /** Returns the seams at which stripe or check can be made to meet. */
    public List<String> seams() {
        return work().map(each -> each.pattern().seams().stream()
                        .filter(seam -> !seam.kind().byFullness())
                        .map(Seam::name)
                        .distinct()
                        .toList())
                .orElse(List.of());
    }

    /** Keeps a changed use. */
    public void keep(ClothUse changed, String action, Sentence sentence) {
        Costume costume = costume();
        studio.keep(costume.withUnderway(costume.underway().with(changed)), action, sentence);
    }

    /** Cuts the use that is shown from another cloth of the stash. */
    public void choose(Cloth cloth) {
        keep(chosen().from(cloth.id()), "cloth", Sentence.of("{}, {}: {}", chosen().garment(), use(), cloth.title()));
    }

    /** Returns the lay that is kept for the pieces as they are, if there is one. */
    public Optional<Lay> lay() {
        return supply().filter(ClothSupply::isLaid).flatMap(this::lay);
    }

    private Optional<Lay> lay(ClothSupply supply) {
        return supply.use().lay().map(kept -> new Lay(supply.pieces().pieces(), kept.rules(), kept.placed()));
    }

    /** Keeps a lay of what is shown. */
    public void keep(ClothSupply of, Lay lay, String done) {
        ClothUse.KeptLay kept = new ClothUse.KeptLay(
                lay.rules(), lay.placed(), lay.length(), of.pieces().print());
        keep(
                of.use().laid(kept),
                "lay",
                Sentence.of(
                        "{}: {} of {} are needed",
                        done,
                        of.needed(lay.length()),
                        of.use().use()));
    }

    /**
     * Moves a cut of the kept lay by hand.
     *
     * @return why it was refused, if it was
     */
    public Optional<String> move(int which, double across, double along) {
        return lay().flatMap(lay -> done(lay, which, HandMove.of(lay, which, across, along)));
    }

    /** Turns a cut of the kept lay by half; returns why it was refused, if it was. */
    public Optional<String> turn(int which) {
        return lay().flatMap(lay -> lay.rules().oneWay()
                ? Optional.of("This cloth has a way up: nothing is turned on it.")
                : done(lay, which, HandMove.turned(lay, which)));
    }

    private Optional<String> done(Lay lay, int which, HandMove move) {
        String name = lay.placed().get(which).name();
        if (move.lay().isEmpty()) {
            boolean over = move.inTheWay().contains(name);
            return Optional.of(name + " cannot lie there: it would lie "
                    + (over ? "over the edge of the cloth." : "on " + String.join(", ", move.inTheWay()) + "."));
        }
        keep(supply().orElseThrow(), move.lay().get(), "Moved " + name);
        return Optional.empty();
    }

    /** Returns how what is wider than the cloth of the use that is shown is pieced; empty if all of it lies on it. */
    public Optional<Piecing> piecing() {
        return work().flatMap(drawn -> supply().flatMap(ClothSupply::rules)
                .filter(rules ->
                        !Piecing.tooWide(drawn.pattern(), chosen(), rules).isEmpty())
                .map(rules -> Piecing.of(drawn.pattern(), chosen(), rules)));
    }

    /** Makes the seams at which pieces are pieced; the parts are cut from the cloth that is shown. */
    public void piece(Piecing how) {
        String garment = chosen().garment();
        List<String> whole = work().orElseThrow().pattern().names();
        how.seams().forEach(new AlterationCommands(studio)::make);
        List<String> parts = how.pattern().names().stream()
                .filter(name -> !whole.contains(name))
                .toList();
        costume().underway().cloth().stream()
                .filter(use -> use.garment().equals(garment) && use.next().equals(use()))
                .filter(use -> chosen().only().isPresent())
                .findFirst()
                .ifPresent(former -> {
                    List<String> elsewhere = new ArrayList<>(former.other());
                    elsewhere.addAll(parts);
                    keep(
                            former.with(former.held(), elsewhere, former.matched()),
                            "piece",
                            Sentence.of("{} are cut from the same cloth", String.join(", ", parts)));
                });
    }

    /** Returns ways out where the cloth is too short; slow. */
    public static List<ShortClothAdvice.Way> waysOut(ClothSupply supply, DraftedGarment work, double laid) {
        return new ShortClothAdvice(
                        supply.pieces().pieces(),
                        supply.rules().orElseThrow(),
                        PiecesToLay.hemmed(work.pattern(), supply.use()).map(PiecesToLay::pieces),
                        ClothDesk::aWhile,
                        new SplittableRandom(1))
                .ways(laid);
    }

    private static BooleanSupplier aWhile() {
        long until = System.nanoTime() + LOOKED;
        return () -> System.nanoTime() < until;
    }

    /** Returns the garment at hand worked out. */
    public Optional<DraftedGarment> drawn() {
        return work();
    }

    /**
     * Returns other cloths of the stash on which what is laid would be long enough, as wide as the one chosen or wider.
     */
    public List<Cloth> others(ClothSupply supply) {
        double needed = supply.needed().orElse(Double.MAX_VALUE);
        List<Cloth> found = new ArrayList<>();
        for (Cloth cloth : studio.stash().cloths()) {
            boolean other = !supply.cloth().map(Cloth::id).equals(Optional.of(cloth.id()));
            boolean wide =
                    supply.cloth().filter(now -> cloth.width() >= now.width()).isPresent();
            if (other && wide && cloth.length() >= needed) {
                found.add(cloth);
            }
        }
        return found;
    }

    /** Writes down that the use that is shown was cut: the cloth in hand becomes shorter by what the lay needed. */
    public void cut() {
        ClothSupply supply = supply().orElseThrow();
        Cloth cloth = supply.cloth().orElseThrow();
        double left = Math.max(0, cloth.length() - supply.needed().orElseThrow());
        Stash stash = studio.stash().with(cloth.left(left));
        String garment = supply.use().garment();
        Garment now = studio.situation().costume().garment(garment).orElseThrow();
        if (studio.situation().judgement().since(now) != SinceVersion.UNCHANGED) {
            studio.garments().nameVersion(garment, "as the cloth was cut");
        }
        int version =
                studio.situation().costume().garment(garment).orElseThrow().base();
        keep(
                supply.use().cut(studio.today(), version),
                "cut",
                Sentence.of("Cut the {} of the {}", use(), supply.use().garment()));
        studio.keep(stash, "cut", Sentence.of("{}: {} are left", cloth.title(), left));
    }

    /** Returns words for a share that lies between two. */
    public static String percent(double least, double most) {
        String from = percent(least);
        String to = percent(most);
        return from.equals(to) ? to : from + " to " + to;
    }

    /** Returns words for a share. */
    public static String percent(double share) {
        return String.format(Locale.ROOT, "%.0f %%", share * 100);
    }
}
