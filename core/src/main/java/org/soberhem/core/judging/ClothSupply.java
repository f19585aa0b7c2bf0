package org.soberhem.core.judging;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.cloth.Cloth;
import org.soberhem.core.cloth.ClothUse;
import org.soberhem.core.cloth.Fibre;
import org.soberhem.core.cloth.LayRules;
import org.soberhem.core.cloth.PiecesToLay;
import org.soberhem.core.cloth.Shrinkage;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Pattern;

/**
 * How the cloth for one use of a garment stands.
 *
 * @param use what is chosen
 * @param cloth that it is cut from, if one is chosen
 * @param fibre of the cloth, if it is known
 * @param pieces what is cut
 */
public record ClothSupply(ClothUse use, Optional<Cloth> cloth, Optional<Fibre> fibre, PiecesToLay pieces) {

    /** What both selvedges together take from the width, in millimetres (common practice). */
    public static final double SELVEDGES = 20;

    /** Less than this is not missing but measuring, in millimetres. */
    private static final double MISSING = 1;

    /** Returns how the cloth for a use stands. */
    public static ClothSupply of(Pattern pattern, ClothUse use, Supplies supplies) {
        Optional<Cloth> cloth = supplies.cloth(use);
        return new ClothSupply(use, cloth, cloth.flatMap(supplies::fibre), PiecesToLay.of(pattern, use));
    }

    /** Returns how the cloth for every use of a garment stands, chosen or not. */
    public static List<ClothSupply> of(Costume costume, String garment, Pattern pattern, Supplies supplies) {
        List<ClothSupply> all = new ArrayList<>();
        List<String> uses = new ArrayList<>(PiecesToLay.uses(pattern));
        costume.underway().cloth().stream()
                .filter(use -> use.garment().equals(garment) && use.only().isPresent() && uses.contains(use.base()))
                .map(ClothUse::use)
                .sorted()
                .forEach(uses::add);
        for (String use : uses) {
            ClothUse chosen = costume.underway().use(garment, use).orElseGet(() -> ClothUse.of(garment, use));
            all.add(of(pattern, chosen, supplies));
        }
        return all;
    }

    /** Returns what the cloth will still lose. */
    public Shrinkage shrinkage() {
        return cloth.map(each -> each.shrinkage(fibre)).orElse(Shrinkage.NONE);
    }

    /** Returns the cloth as it is laid: shrunk, without its selvedges; empty if none is chosen. */
    public Optional<LayRules> rules() {
        return cloth.map(each -> new LayRules(
                Math.max(1, shrinkage().across(each.width()) - SELVEDGES),
                use.folded(),
                each.face().oneWay(),
                each.face().bothAlike(),
                use.lean(),
                use.gap(),
                each.face().repeatAcross(),
                each.face().repeatAlong()));
    }

    /** Says whether the lay that is kept is of these pieces on this cloth. */
    public boolean isLaid() {
        return use.lay()
                .filter(lay -> lay.print() == pieces.print() && rules().equals(Optional.of(lay.rules())))
                .isPresent();
    }

    /**
     * Returns the length that the kept lay needs of the cloth as it is now, uneven ends and shrinkage counted in, in
     * millimetres.
     */
    public Optional<Double> needed() {
        return isLaid() ? use.lay().map(lay -> needed(lay.length())) : Optional.empty();
    }

    /** Returns what a lay of some length needs of the cloth as it is now, in millimetres. */
    public double needed(double laid) {
        return shrinkage().before(laid + use.ends());
    }

    /** Returns by how much the cloth is too short, in millimetres; 0 if it suffices. */
    public Optional<Double> missing() {
        return needed().flatMap(needed -> cloth.map(each -> Math.max(0, needed - each.length())))
                .map(short_ -> short_ < MISSING ? 0 : short_);
    }

    public boolean isEnough() {
        return missing().filter(missing -> missing == 0).isPresent();
    }

    /** Says whether the cloth may be cut: it was made ready, or its fibre needs nothing. */
    public boolean isReady() {
        return cloth.filter(each -> each.state().ready()).isPresent();
    }

    private String name() {
        return use.garment() + ", " + use.use();
    }

    /** Returns what is wrong with it, in the order in which it is settled; empty if it can be cut. */
    public List<Sentence> wrong() {
        List<Sentence> found = new ArrayList<>();
        if (cloth.isEmpty()) {
            found.add(Sentence.of("{}: no cloth is chosen", name()));
            return found;
        }
        if (!isReady()) {
            found.add(Sentence.of(
                    "{}: {} is not made ready: {}",
                    name(),
                    cloth.get().title(),
                    fibre.map(each -> each.treatment().words()).orElse("try a measured square first")));
        }
        if (!isLaid()) {
            found.add(
                    use.lay().isPresent()
                            ? Sentence.of(
                                    "{}: the pattern or the cloth has changed since it was laid: lay it again", name())
                            : Sentence.of("{}: no lay is planned", name()));
        } else if (!isEnough()) {
            found.add(Sentence.of(
                    "{}: {} is needed, {} is in hand: {} too short",
                    name(),
                    needed().orElseThrow(),
                    cloth.get().length(),
                    missing().orElseThrow()));
        }
        pieces.unmatched().forEach(found::add);
        return found;
    }
}
