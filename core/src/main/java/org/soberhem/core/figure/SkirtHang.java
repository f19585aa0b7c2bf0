package org.soberhem.core.figure;

import java.util.Optional;

/** Hangs skirts on a body: what carries them, the outer one, and one over it. */
final class SkirtHang {

    /** Where the hem of a cage hangs, as a share of the waist's height. */
    private static final double HOOP_HEM = 0.08;

    /** So far an overskirt stands off the skirt, in millimetres. */
    private static final double OVERSKIRT = 18;

    /** The hip of a skirt lies at least so far below its seam, in millimetres. */
    private static final double BELOW_SEAM = 25;

    private static final int STEPS = 24;

    /** A skirt that is so much wider at the hip than the wearer is gathered. */
    private static final double GATHERED = 1.3;

    private static final double FLARED = 1.8;

    /** Folds lie closer at the hip than at the hem: so much of what stands out below stands out there. */
    private static final double AT_HIP = 0.55;

    private final BodyFigure body;
    private final SkirtSupport under;
    private final DressedFigure.Hang hang;
    private final GarmentQuantities worn;
    private final Form underSkirt;
    private final Optional<Form> outer;

    SkirtHang(BodyFigure body, SkirtSupport under, DressedFigure.Hang hang, GarmentQuantities worn) {
        this.body = body;
        this.under = under;
        this.hang = hang;
        this.worn = worn;
        underSkirt = underSkirt();
        boolean isWorn = worn.has("skirt-hem-girth") && !Double.isNaN(hemFront());
        outer = isWorn ? Optional.of(hungSkirt()) : Optional.empty();
    }

    private double waist() {
        return body.at("waist").middle().y();
    }

    private double hip() {
        return body.at("hip").middle().y();
    }

    private double waistSeam() {
        return worn.waistSeam(body);
    }

    /** What carries the outer skirt, from the waist to the floor. */
    Form beneath() {
        return underSkirt;
    }

    Optional<Form> outer() {
        return outer;
    }

    /** Height of the hem: off the floor as the draft has it, or the length of the skirt below its seam. */
    private double hem(String at, String length) {
        return worn.or("skirt-hem-clearance-" + at, waistSeam() - worn.of(length));
    }

    /** Returns the height of the hem in front; less than nothing where it lies on the floor. */
    double hemFront() {
        return hem("front", "skirt-length");
    }

    double hemSide() {
        double own = hem("side", "skirt-length-side");
        return Double.isNaN(own) ? (hemFront() + hemBack()) / 2 : own;
    }

    double hemBack() {
        double own = hem("back", "skirt-length-back");
        return Double.isNaN(own) ? hemFront() : own;
    }

    /** Returns the overskirt as it stands, if one is worn: a little off what is beneath, fuller behind. */
    Optional<Form> overskirt() {
        if (!worn.has("overskirt-length")) {
            return Optional.empty();
        }
        Form beneath = outer.orElse(underSkirt);
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
    double overskirtFront() {
        return waistSeam() - worn.of("overskirt-length");
    }

    /** Returns the height of the overskirt's lower edge behind. */
    double overskirtBack() {
        return waistSeam() - worn.or("overskirt-level", worn.of("overskirt-length"));
    }

    /** Returns the length of a tape from the waist to the floor over what is worn beneath the skirt, in millimetres. */
    double toFloor(DressedFigure.Over over) {
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
            for (SkirtSupport.Support support : under.supports()) {
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
        double hip = Math.min(hip(), top - BELOW_SEAM);
        double stands = isHooped()
                ? hang.overHoops()
                : Math.min(hang.mostSkirt(), hang.alone() + hang.eachPetticoat() * under.petticoats());
        double atHem = stands * Math.max(0, worn.of("skirt-hem-girth") - underSkirt.girth(hem)) / (2 * Math.PI);
        double atHip =
                AT_HIP * stands * Math.max(0, worn.or("skirt-hip-girth", 0) - underSkirt.girth(hip)) / (2 * Math.PI);
        double behind = worn.or("skirt-back-share", 0.5);
        // A skirt cut smooth over the hip flares from the knee; a gathered one stands out at once.
        boolean smooth = worn.or("skirt-hip-girth", 0) < body.at("hip").girth() * GATHERED;
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
}
