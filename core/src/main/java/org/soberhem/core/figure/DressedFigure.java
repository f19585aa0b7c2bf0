package org.soberhem.core.figure;

import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * A body with its garments on: what the finished patterns give, hung on what is worn beneath. Cloth that is wider than
 * what it hangs over stands out by a part of the difference only; the rest lies in folds.
 */
public final class DressedFigure {

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

    private final BodyFigure body;
    private final SkirtSupport under;
    private final Hang hang;
    private final GarmentQuantities worn;
    private final SkirtHang skirts;
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
    public DressedFigure(BodyFigure body, SkirtSupport under, Hang hang, ToDoubleFunction<String> worn) {
        this.body = body;
        this.under = under;
        this.hang = hang;
        this.worn = new GarmentQuantities(worn);
        skirts = new SkirtHang(body, under, hang, this.worn);
        trunk = this.worn.has("trunk-girth-bust")
                ? Optional.of(new TrunkHang(body, hang, this.worn)
                        .form(trunkEnd(), skirts.outer().orElse(skirts.beneath())))
                : Optional.empty();
        sleeve = this.worn.has("sleeve-girth-upper-arm")
                ? Optional.of(new SleeveHang(hang).sleeve(body, this.worn))
                : Optional.empty();
    }

    /** Returns the same garments on another shape of the body. */
    public DressedFigure on(BodyFigure shaped) {
        return new DressedFigure(shaped, under, hang, worn.given());
    }

    public BodyFigure body() {
        return body;
    }

    /** Returns what a garment gives, as it was told; NaN if none does. */
    public double given(String quantity) {
        return worn.of(quantity);
    }

    /** Returns the height of the hem in front; less than nothing where it lies on the floor. */
    public double hemFront() {
        return skirts.hemFront();
    }

    public double hemSide() {
        return skirts.hemSide();
    }

    public double hemBack() {
        return skirts.hemBack();
    }

    /** Returns the skirt as it stands, if one is worn: from its hem to the seam that it hangs from. */
    public Optional<Form> skirtForm() {
        return skirts.outer();
    }

    /** Returns the bodice, jacket or shirt as it stands, if one is worn: from its lower edge to the nape. */
    public Optional<Form> trunkForm() {
        return trunk;
    }

    public Optional<Sleeve> sleeve() {
        return sleeve;
    }

    /**
     * Returns what is worn beneath where no skirt hides it: petticoats over what carries them, down to near the floor.
     */
    public Optional<Form> petticoat() {
        return skirts.outer().isEmpty()
                        && (under.petticoats() > 0 || !under.supports().isEmpty())
                ? Optional.of(skirts.beneath())
                : Optional.empty();
    }

    /** Says whether hoops carry the skirt. */
    public boolean isHooped() {
        return under.supports().stream().anyMatch(support -> support.hemGirth().isPresent());
    }

    /** Returns the overskirt as it stands, if one is worn: a little off what is beneath, fuller behind. */
    public Optional<Form> overskirt() {
        return skirts.overskirt();
    }

    /** Returns the height of the overskirt's lower edge in front. */
    public double overskirtFront() {
        return skirts.overskirtFront();
    }

    /** Returns the height of the overskirt's lower edge behind. */
    public double overskirtBack() {
        return skirts.overskirtBack();
    }

    /** Returns the height of the seam or band at the waist. */
    public double waistSeam() {
        return worn.waistSeam(body);
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
        return worn.has("bodice-basque-depth") ? waist() - worn.of("bodice-basque-depth") : waistSeam();
    }

    /** Where a tape runs down from the waist. */
    public enum Over {
        FRONT,
        SIDE,
        BACK
    }

    /** Returns the length of a tape from the waist to the floor over what is worn beneath the skirt, in millimetres. */
    public double toFloor(Over over) {
        return skirts.toFloor(over);
    }
}
