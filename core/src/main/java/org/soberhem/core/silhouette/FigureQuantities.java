package org.soberhem.core.silhouette;

import java.util.Map;
import java.util.TreeMap;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.CrossSection;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.Form;
import org.soberhem.core.figure.Place;

/** What can be read off a dressed figure: breadths, depths and heights, in millimetres, degrees or as ratios. */
public final class FigureQuantities {

    /** Width of a doorway where none is known: a common clear width of a narrow door, from memory. */
    private static final double DOOR = 760;

    /** An easy step, as a share of the height, where none was read; from memory. */
    private static final double STRIDE = 0.4;

    private static final int STEPS = 60;

    private final DressedFigure dressed;
    private final BodyFigure body;
    private final Map<String, Double> found = new TreeMap<>();

    private FigureQuantities(DressedFigure dressed) {
        this.dressed = dressed;
        this.body = dressed.body();
    }

    /** Reads every quantity off a figure; those that need a garment which is not worn are left out. */
    public static Map<String, Double> of(DressedFigure dressed) {
        FigureQuantities quantities = new FigureQuantities(dressed);
        quantities.trunk();
        quantities.skirt();
        quantities.sleeve();
        return quantities.found;
    }

    /** Breadth of all that is worn, sleeves left out. */
    private double breadth(double height) {
        double widest = body.form().breadth(height);
        if (dressed.trunkForm().isPresent() && height >= dressed.trunkEnd()) {
            widest = Math.max(widest, dressed.trunkForm().get().breadth(height));
        }
        if (dressed.skirtForm().isPresent() && height <= dressed.waistSeam()) {
            widest = Math.max(widest, dressed.skirtForm().get().breadth(height));
        }
        return widest;
    }

    private double fore(double height) {
        double most = body.form().fore().at(height);
        if (dressed.trunkForm().isPresent() && height >= dressed.trunkEnd()) {
            most = Math.max(most, dressed.trunkForm().get().fore().at(height));
        }
        if (dressed.skirtForm().isPresent() && height <= dressed.waistSeam()) {
            most = Math.max(most, dressed.skirtForm().get().fore().at(height));
        }
        return most;
    }

    private void trunk() {
        double height = body.height();
        double waist = dressed.waist();
        double hips = breadth(Form.highest(this::breadth, waist, body.fork()));
        double atWaist = breadth(waist);
        CrossSection chest = body.at(body.hasBust() ? "bust" : "armpit");
        double bust = chest.middle().y();
        CrossSection middle = body.at("waist");
        double waistDepth = body.form().depth(waist);
        found.put("height", height);
        found.put("hip-breadth", hips);
        found.put("waist-breadth", atWaist);
        found.put("bust-breadth", breadth(bust));
        found.put("waist-depth", waistDepth);
        found.put(
                "shoulder-breadth",
                2 * Math.abs(body.mark("shoulder-point").orElseThrow().x()));
        found.put("torso", neckPoint().y() - waist);
        if (dressed.skirtForm().isPresent() || dressed.petticoat().isPresent()) {
            found.put("waist-over-hip-breadth-front-view", atWaist / hips);
        }
        found.put("waist-over-bust-breadth", atWaist / breadth(bust));
        found.put("waist-depth-over-breadth", middle.depth() / middle.breadth());
        found.put("bust-level", bust / height);
        found.put("bust-height-over-torso", (bust - waist) / (neckPoint().y() - waist));
        found.put("bust-projection-over-waist-depth", (fore(bust) - fore(waist)) / waistDepth);
        double belly = Form.highest(body.form().fore()::at, dressed.hip(), waist);
        found.put("bust-lead-over-height", (fore(bust) - body.form().fore().at(belly)) / height);
        double armpit = body.at("armpit").middle().y();
        found.put(
                "trunk-side-angle", Math.toDegrees(StrictMath.atan2((breadth(armpit) - atWaist) / 2, armpit - waist)));
        Place shoulder = body.mark("shoulder-point").orElseThrow();
        double drop = dressed.given("shoulder-seam-drop");
        double slope = StrictMath.atan2(
                neckPoint().y() - shoulder.y(),
                Math.abs(shoulder.x()) - Math.abs(neckPoint().x()));
        // Beyond the shoulder point the line runs on down the arm.
        double over = Double.isNaN(drop) ? 0 : Math.max(0, drop);
        double length = neckPoint().distanceTo(shoulder);
        double below = length * StrictMath.sin(slope) + over * 0.75;
        double out = length * StrictMath.cos(slope) + over * 0.66;
        found.put("shoulder-slope-angle", Math.toDegrees(StrictMath.atan2(below, out)));
        found.put("waist-seam-level", dressed.waistSeam() / height);
    }

    private Place neckPoint() {
        return body.mark("neck-point").orElseThrow();
    }

    private void skirt() {
        dressed.skirtForm().or(dressed::overskirt).or(dressed::petticoat).ifPresent(this::shape);
        dressed.skirtForm().ifPresent(this::hem);
    }

    /** How what hangs from the waist stands, be it a skirt, an overskirt or a petticoat. */
    private void shape(Form skirt) {
        double height = body.height();
        double waist = dressed.waist();
        double widest = Form.highest(skirt::breadth, waist, body.fork());
        found.put("skirt-hip-breadth-over-height", skirt.breadth(widest) / height);
        double upper = waist / 2;
        double out = Form.highest(skirt.aft()::at, waist, upper);
        double behind = body.form().aft().at(waist);
        double projection = skirt.aft().at(out) - behind;
        found.put(
                "skirt-back-projection-over-waist-depth",
                projection / body.form().depth(waist));
        for (int i = 0; i <= STEPS; i++) {
            double at = waist + (upper - waist) * i / STEPS;
            if (skirt.aft().at(at) - behind >= 0.9 * projection) {
                found.put("skirt-back-projection-place", (waist - at) / waist);
                break;
            }
        }
        double greatest = skirt.breadth(
                Form.highest(skirt::breadth, waist, Math.max(0, skirt.right().bottom())));
        found.put("door-clearance", DOOR - greatest);
    }

    private void hem(Form skirt) {
        double height = body.height();
        double hem = Math.max(0, dressed.hemSide());
        double waist = dressed.waist();
        found.put("hem-breadth", skirt.breadth(hem));
        found.put("skirt-hem-breadth-over-height", skirt.breadth(hem) / height);
        double aftHem = skirt.aft().at(Math.max(hem, waist * 0.06));
        found.put("skirt-depth-over-breadth", (skirt.fore().at(hem) + aftHem) / skirt.breadth(hem));
        double belly = body.at("belly").middle().y();
        double front = Math.max(0, dressed.hemFront());
        found.put(
                "skirt-front-fall-angle",
                Math.toDegrees(
                        StrictMath.atan2(skirt.fore().at(front) - skirt.fore().at(belly), belly - front)));
        given("skirt-hem-clearance-front", dressed.hemFront());
        given("skirt-hem-clearance-side", dressed.hemSide());
        given("skirt-hem-clearance-back", dressed.hemBack());
        found.put("hem-height-over-height", hem / height);
        found.put("skirt-hem-girth-over-height", dressed.given("skirt-hem-girth") / height);
        found.put("stride-ease", dressed.given("skirt-hem-girth") - 2 * STRIDE * height);
    }

    /** What the draft says itself it is not asked again. */
    private void given(String quantity, double value) {
        if (Double.isNaN(dressed.given(quantity))) {
            found.put(quantity, value);
        }
    }

    private void sleeve() {
        dressed.sleeve().ifPresent(sleeve -> {
            double place = 0;
            double span = 0;
            double shoulder =
                    2 * Math.abs(body.mark("shoulder-point").orElseThrow().x());
            for (int i = 0; i <= STEPS; i++) {
                double at = sleeve.end() * i / STEPS;
                if (sleeve.reach().at(at) > sleeve.reach().at(place)) {
                    place = at;
                }
                double level = body.mark("shoulder-point").orElseThrow().y() - at * body.reach();
                if (level > dressed.waist()) {
                    span = Math.max(
                            span,
                            shoulder
                                    + 2
                                            * (at * body.reach() * body.armOut()
                                                    + sleeve.reach().at(at)));
                }
            }
            found.put("sleeve-fullest-place", place);
            found.put("sleeve-length-place", sleeve.end());
            found.put("sleeve-head-rise", sleeve.rise());
            found.put("sleeve-span-over-height", span / body.height());
        });
    }
}
