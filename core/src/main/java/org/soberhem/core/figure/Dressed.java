package org.soberhem.core.figure;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/**
 * A body with its garments on: what the finished patterns give, hung on what is worn beneath. Cloth that is wider than what
 * it hangs over stands out by a part of the difference only; the rest lies in folds.
 */
public final class Dressed {

    /**
     * How cloth hangs; shares, from memory, so that the drawing is near to what is seen.
     *
     * @param alone how much of a skirt's spare girth stands out without a petticoat
     * @param eachPetticoat how much more with each
     * @param mostSkirt how much at most
     * @param overHoops how much over hoops, which carry the cloth smooth
     * @param sleeve how much of a sleeve's spare girth stands out
     * @param trunk how much of a bodice's
     */
    public record Hang(
            double alone, double eachPetticoat, double mostSkirt, double overHoops, double sleeve, double trunk) {}

    /** Where the hem of a cage hangs, as a share of the waist's height. */
    private static final double HOOP_HEM = 0.08;

    /** So far an overskirt stands off the skirt, in millimetres. */
    private static final double OVERSKIRT = 18;

    private static final double MILLIMETRES_OF_HEM = 25;

    private static final int STEPS = 24;

    /** A skirt that is so much wider at the hip than the wearer is gathered. */
    private static final double GATHERED = 1.3;

    private static final double FLARED = 1.8;

    /** Folds lie closer at the hip than at the hem: so much of what stands out below stands out there. */
    private static final double AT_HIP = 0.55;

    /** How far up between waist and bust a blouse pouches most. */
    private static final double POUCHES = 0.25;

    private final BodyFigure body;
    private final Underneath under;
    private final Hang hang;
    private final ToDoubleFunction<String> worn;
    private final Form underSkirt;
    private final Optional<Form> skirt;
    private final Optional<Form> trunk;
    private final Optional<Sleeve> sleeve;

    /**
     * A sleeve on a hanging arm.
     *
     * @param reach half its worn breadth by the share of the arm, from the shoulder point (0) to the wrist (1)
     * @param end where it ends
     * @param rise how far its head stands above the shoulder, in millimetres
     */
    public record Sleeve(Contour reach, double end, double rise) {}

    /**
     * @param body over what is worn beneath
     * @param under what carries the skirt
     * @param hang how cloth hangs
     * @param worn returns what the garments give, by quantity, in millimetres or as a ratio; NaN where nothing gives it
     */
    public Dressed(BodyFigure body, Underneath under, Hang hang, ToDoubleFunction<String> worn) {
        this.body = body;
        this.under = under;
        this.hang = hang;
        this.worn = worn;
        underSkirt = underSkirt();
        skirt = hasSkirt() ? Optional.of(hungSkirt()) : Optional.empty();
        trunk = Double.isNaN(of("trunk-girth-bust")) ? Optional.empty() : Optional.of(coveredTrunk());
        sleeve = Double.isNaN(of("sleeve-girth-upper-arm")) ? Optional.empty() : Optional.of(hangingSleeve());
    }

    private double of(String quantity) {
        return worn.applyAsDouble(quantity);
    }

    private double or(String quantity, double otherwise) {
        double value = of(quantity);
        return Double.isNaN(value) ? otherwise : value;
    }

    private boolean hasSkirt() {
        return !Double.isNaN(of("skirt-hem-girth")) && !Double.isNaN(hemFront());
    }

    /** Height of the hem: off the floor as the draft has it, or the length of the skirt below its seam. */
    private double hem(String at, String length) {
        return or("skirt-hem-clearance-" + at, waistSeam() - of(length));
    }

    public BodyFigure body() {
        return body;
    }

    /** Returns what a garment gives, as it was told; NaN if none does. */
    public double given(String quantity) {
        return of(quantity);
    }

    /** Returns the height of the hem in front; less than nothing where it lies on the floor. */
    public double hemFront() {
        return hem("front", "skirt-length");
    }

    public double hemSide() {
        double own = hem("side", "skirt-length-side");
        return Double.isNaN(own) ? (hemFront() + hemBack()) / 2 : own;
    }

    public double hemBack() {
        double own = hem("back", "skirt-length-back");
        return Double.isNaN(own) ? hemFront() : own;
    }

    /** Returns the skirt as it stands, if one is worn: from its hem to the seam that it hangs from. */
    public Optional<Form> skirtForm() {
        return skirt;
    }

    /** Returns the bodice, jacket or shirt as it stands, if one is worn: from its lower edge to the armpit. */
    public Optional<Form> trunkForm() {
        return trunk;
    }

    public Optional<Sleeve> sleeve() {
        return sleeve;
    }

    /** Returns what is worn beneath where no skirt hides it: petticoats over what carries them, down to near the floor. */
    public Optional<Form> petticoat() {
        return skirt.isEmpty() && under.petticoats() > 0 ? Optional.of(underSkirt) : Optional.empty();
    }

    /** Returns the overskirt as it stands, if one is worn: a little off what is beneath, fuller behind. */
    public Optional<Form> overskirt() {
        if (Double.isNaN(of("overskirt-length"))) {
            return Optional.empty();
        }
        Form beneath = skirt.orElse(underSkirt);
        double top = waistSeam();
        Form.Maker maker = new Form.Maker();
        double low = Math.min(overskirtFront(), overskirtBack());
        for (int i = 0; i <= 6; i++) {
            double height = top + (low - top) * i / 6;
            double off = Math.min(1, (top - height) / (top * 0.1)) * OVERSKIRT;
            double puff = StrictMath.sin(Math.PI * Math.min(1, (top - height) / (top * 0.6))) * OVERSKIRT * 2;
            maker.sides(height, beneath.right().at(height) + off, beneath.left().at(height) + off)
                    .depth(
                            height,
                            beneath.fore().at(height) + off,
                            beneath.aft().at(height) + off + puff);
        }
        return Optional.of(maker.made());
    }

    /** Returns the height of the overskirt's lower edge in front. */
    public double overskirtFront() {
        return waistSeam() - of("overskirt-length");
    }

    /** Returns the height of the overskirt's lower edge behind. */
    public double overskirtBack() {
        return waistSeam() - or("overskirt-level", of("overskirt-length"));
    }

    /** Returns the height of the seam or band at the waist. */
    public double waistSeam() {
        return waist() + or("waist-seam-above-natural-waist", 0);
    }

    /** Returns the height of the wearer's own waist. */
    public double waist() {
        return body.at("waist").middle().y();
    }

    public double hip() {
        return body.at("hip").middle().y();
    }

    /** Returns the height of the lower edge of what covers the trunk, at the side. */
    public double trunkEnd() {
        double basque = of("bodice-basque-depth");
        return Double.isNaN(basque) ? waistSeam() : waist() - basque;
    }

    /** Where a tape runs down from the waist. */
    public enum Over {
        FRONT,
        SIDE,
        BACK
    }

    /** Returns the length of a tape from the waist to the floor over what is worn beneath the skirt, in millimetres. */
    public double toFloor(Over over) {
        Contour line = switch (over) {
            case FRONT -> underSkirt.fore();
            case SIDE -> underSkirt.right();
            case BACK -> underSkirt.aft();
        };
        double length = 0;
        int steps = 200;
        for (int i = 0; i < steps; i++) {
            double from = waist() * (steps - i) / steps;
            double to = waist() * (steps - i - 1) / steps;
            length += Math.hypot(from - to, line.at(to) - line.at(from));
        }
        return length;
    }

    /** What a skirt hangs over: the body down to its widest, then plumb, and whatever stands out. */
    private Form underSkirt() {
        Form bare = body.form();
        double waist = waist();
        double low = Math.max(waist * HOOP_HEM, Double.isNaN(hemFront()) ? 0 : hemFront());
        Form.Maker maker = new Form.Maker();
        double right = 0;
        double left = 0;
        double fore = -waist;
        double aft = -waist;
        for (int i = 0; i <= STEPS; i++) {
            double height = waist * (STEPS - i) / STEPS;
            double own = Math.max(height, body.fork());
            right = Math.max(right, bare.right().at(own));
            left = Math.max(left, bare.left().at(own));
            fore = Math.max(fore, bare.fore().at(own));
            aft = Math.max(aft, bare.aft().at(own));
            double side = 0;
            double back = 0;
            double ring = 0;
            double shift = 0;
            for (Underneath.Support support : under.supports()) {
                double share = support.at() < 0.5 ? swell(height, waist, waist * (1 - support.at())) : 0;
                side = Math.max(side, support.side() * share);
                back = Math.max(back, support.back() * share);
                double down = Math.min(1, (waist - height) / (waist - low));
                double reach = support.ring(right, down);
                if (reach > ring) {
                    ring = reach;
                    shift = support.shift(down);
                }
            }
            maker.right(height, Math.max(right + side, ring))
                    .left(height, Math.max(left + side, ring))
                    .fore(height, Math.max(fore, ring - shift))
                    .aft(height, Math.max(aft + back, ring + shift));
        }
        return maker.made();
    }

    /** A pad swells from the waist to where it is widest; below, what hangs over it falls a little in. */
    private static double swell(double height, double waist, double widest) {
        return height >= widest
                ? StrictMath.sin(Math.PI / 2 * (waist - height) / Math.max(1, waist - widest))
                : 1 - 0.25 * (widest - height) / widest;
    }

    private boolean isHooped() {
        return under.supports().stream().anyMatch(support -> support.hemGirth().isPresent());
    }

    private Form hungSkirt() {
        double top = waistSeam();
        double hem = Math.max(0, hemFront());
        double hip = Math.min(hip(), top - MILLIMETRES_OF_HEM);
        double stands = isHooped()
                ? hang.overHoops()
                : Math.min(hang.mostSkirt(), hang.alone() + hang.eachPetticoat() * under.petticoats());
        double atHem = stands * Math.max(0, of("skirt-hem-girth") - underSkirt.girth(hem)) / (2 * Math.PI);
        double atHip = AT_HIP * stands * Math.max(0, or("skirt-hip-girth", 0) - underSkirt.girth(hip)) / (2 * Math.PI);
        double behind = or("skirt-back-share", 0.5);
        // A skirt cut smooth over the hip flares from the knee; a gathered one stands out at once.
        boolean smooth = or("skirt-hip-girth", 0) < body.at("hip").girth() * GATHERED;
        double flare = smooth ? FLARED : 1;
        Form.Maker maker = new Form.Maker();
        for (int i = 0; i <= STEPS; i++) {
            double height = top + (hem - top) * i / STEPS;
            double out = height >= hip
                    ? atHip * (top - height) / (top - hip)
                    : atHip + (atHem - atHip) * StrictMath.pow((hip - height) / (hip - hem), flare);
            maker.right(height, reach(underSkirt.right(), body.form().right(), height) + out)
                    .left(height, reach(underSkirt.left(), body.form().left(), height) + out)
                    .fore(height, reach(underSkirt.fore(), body.form().fore(), height) + out * 2 * (1 - behind))
                    .aft(height, reach(underSkirt.aft(), body.form().aft(), height) + out * 2 * behind);
        }
        if (hemBack() < 0) {
            maker.aft(0, reach(underSkirt.aft(), body.form().aft(), 0) + atHem * 2 * behind - hemBack());
        }
        return maker.made();
    }

    /** Above the waist a skirt lies on the body. */
    private double reach(Contour below, Contour body, double height) {
        return height >= waist() ? body.at(height) : Math.max(below.at(height), body.at(Math.max(height, hip())));
    }

    /** Up to the neck the body with what the cloth stands off; below the waist what hangs there. */
    private Form coveredTrunk() {
        Form bare = body.form();
        CrossSection chest = body.at(body.hasBust() ? "bust" : "armpit");
        double bust = chest.middle().y();
        double waist = Math.max(waist(), waistSeam());
        double neck = body.mark("neck-pit").orElseThrow().y();
        double pouch = or("pouch", 0);
        double atWaist = out(of("trunk-girth-waist"), body.at("waist").girth());
        Map<Double, Double> off = new TreeMap<>();
        off.put(neck, 0.0);
        off.put(bust, out(of("trunk-girth-bust"), chest.girth()));
        off.put(waist, atWaist);
        if (pouch > 0) {
            off.put(
                    waist + (bust - waist) * POUCHES,
                    out(of("trunk-girth-midriff"), body.at("under-bust").girth()));
        }
        Contour offs = Contour.through(off);
        double end = trunkEnd();
        Form beneath = skirt.orElse(underSkirt);
        double spring = out(of("trunk-girth-hip"), beneath.girth(end));
        Form.Maker maker = new Form.Maker();
        double top = body.mark("nape").orElseThrow().y();
        for (int i = 0; i <= 2 * STEPS; i++) {
            double height = end + (top - end) * i / (2 * STEPS);
            if (height >= waist - 1 || end > waist - MILLIMETRES_OF_HEM) {
                double out = height > neck ? 0 : offs.at(height);
                double front = pouch > 0 && height > waist && height < bust
                        ? pouched(height, bust, waist, pouch)
                        : bare.fore().at(height);
                maker.sides(height, bare.right().at(height) + out, bare.left().at(height) + out)
                        .depth(height, front + out, bare.aft().at(height) + out);
            } else {
                double down = (waist - height) / (waist - end);
                double out = atWaist * (1 - down) + spring * down;
                maker.sides(
                                height,
                                beneath.right().at(height) + out,
                                beneath.left().at(height) + out)
                        .depth(
                                height,
                                beneath.fore().at(height) + out,
                                beneath.aft().at(height) + out);
            }
        }
        return maker.made();
    }

    /** Cloth that pouches does not follow the hollow beneath the bust: it falls straight and swells over the waist. */
    private double pouched(double height, double bust, double waist, double pouch) {
        Contour fore = body.form().fore();
        double up = (height - waist) / (bust - waist);
        double straight = fore.at(waist) + (fore.at(bust) - fore.at(waist)) * StrictMath.sqrt(up);
        return Math.max(fore.at(height), straight) + pouch * 0.5 * StrictMath.sin(Math.PI * StrictMath.sqrt(up));
    }

    /** Returns how far cloth stands off what it goes round; it cannot lie within. */
    private double out(double cloth, double beneath) {
        return Double.isNaN(cloth) ? 0 : hang.trunk() * Math.max(0, cloth - beneath) / (2 * Math.PI);
    }

    private Sleeve hangingSleeve() {
        CrossSection upper = body.at("upper-arm");
        CrossSection elbow = body.at("elbow");
        CrossSection wrist = body.at("wrist");
        ArmAxis axis = new ArmAxis(body, 1);
        double end = Math.min(1.08, or("sleeve-length", axis.length()) / axis.length());
        double cap = Math.max(0, or("cap-fullness-ratio", 1) - 1.12);
        double atUpper = upper.breadth() + spread(of("sleeve-girth-upper-arm"), upper);
        double atElbow = elbow.breadth() + spread(or("sleeve-girth-elbow", of("sleeve-girth-upper-arm")), elbow);
        CrossSection last = end > 0.8 ? wrist : end > 0.45 ? elbow : upper;
        double atEnd = last.breadth() + spread(or("sleeve-girth-end", of("sleeve-girth-elbow")), last);
        TreeMap<Double, Double> knots = new TreeMap<>();
        knots.put(0.0, upper.breadth() * 0.75 + (atUpper - upper.breadth()) * Math.min(1, cap * 1.6));
        knots.put(0.2, atUpper);
        if (end > 0.7) {
            knots.put(axis.share("elbow"), atElbow);
            // Fullness drops and lies on the cuff.
            knots.put(end * 0.9, atEnd + Math.max(0, atElbow - elbow.breadth() * 1.25) * 0.75);
        }
        knots.put(end, atEnd);
        return new Sleeve(Contour.through(knots), end, Math.min(110, cap * 150));
    }

    private double spread(double cloth, CrossSection arm) {
        return Double.isNaN(cloth) ? 0 : hang.sleeve() * Math.max(0, cloth - arm.girth()) / (2 * Math.PI);
    }
}
