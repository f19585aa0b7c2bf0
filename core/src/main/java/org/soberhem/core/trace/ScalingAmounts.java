package org.soberhem.core.trace;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the parts of a scaled sheet share: the drawing, its landmarks, and the amounts by which it grows. */
final class ScalingAmounts {

    static final String BY_LANDMARKS = "if(scaling = landmarks, ";
    static final String LONG = "long";
    static final String ONE = "one";
    static final String AT = "waist-at";

    private final PaperPattern pattern;
    private final LandmarkTable landmarks;
    private final List<DrawnBodyMeasure> made;
    private final Map<String, String> amounts = new LinkedHashMap<>();

    /** @param made the landmarks that are scaled by */
    ScalingAmounts(PaperPattern pattern, LandmarkTable landmarks, List<DrawnBodyMeasure> made) {
        this.pattern = pattern;
        this.landmarks = landmarks;
        this.made = made;
        factors();
    }

    PaperPattern pattern() {
        return pattern;
    }

    LandmarkTable landmarks() {
        return landmarks;
    }

    List<DrawnBodyMeasure> made() {
        return made;
    }

    /** The amounts of the sheet, each from those before it. */
    Map<String, String> amounts() {
        return amounts;
    }

    Optional<DrawnBodyMeasure> used(String id) {
        return made.stream().filter(each -> each.landmark().id().equals(id)).findFirst();
    }

    Optional<DrawnBodyMeasure> used(Landmark.Found... ways) {
        for (Landmark.Found way : ways) {
            Optional<DrawnBodyMeasure> found =
                    made.stream().filter(each -> each.landmark().found() == way).findFirst();
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** What the finished pattern shall have at a landmark. */
    static String wanted(DrawnBodyMeasure each) {
        String id = each.landmark().id();
        return id + " + ease." + id;
    }

    boolean scales() {
        return !made.isEmpty();
    }

    String longer() {
        return scales() ? LONG : "1";
    }

    /** Returns where a height of a piece that no landmark holds lies. */
    String natural(PaperPiece piece, double y) {
        return pattern.waist().isPresent() && piece.levels().containsKey(PaperPattern.WAIST)
                ? FormulaText.plus(AT, y - pattern.waist().getAsDouble(), longer())
                : FormulaText.times(y, longer());
    }

    String wide(String level) {
        return made.stream()
                .filter(each -> each.landmark().level().equals(level)
                        && (each.landmark().found() == Landmark.Found.GIRTH
                                || each.landmark().found() == Landmark.Found.LIMB))
                .map(ScalingAmounts::wideName)
                .findFirst()
                .orElse(scales() ? ONE : "1");
    }

    void factors() {
        if (made.isEmpty()) {
            pattern.waist().ifPresent(waist -> amounts.put(AT, FormulaText.mm(waist)));
            return;
        }
        DrawnBodyMeasure by = used(Landmark.Found.GIRTH, Landmark.Found.LIMB).orElse(made.get(0));
        amounts.put(ONE, by.landmark().id() + " / " + FormulaText.mm(by.body()));
        String along = used(Landmark.Found.BACK, Landmark.Found.FRONT, Landmark.Found.SKIRT, Landmark.Found.SLEEVE)
                .map(each -> each.landmark().id() + " / " + FormulaText.mm(each.body()))
                .orElse("if(scaling = landmarks, 1, one)");
        // Where no length is measured, lengths stay as drawn by landmarks; a factor knows no better than the girth.
        amounts.put(LONG, "if(scaling = one-factor, one, " + along + ")");
        for (DrawnBodyMeasure each : made) {
            switch (each.landmark().found()) {
                case GIRTH, LIMB, ACROSS_BACK, ACROSS_FRONT -> amounts.put(wideName(each), ratio(each));
                default -> {
                    // Lengths are laid off where their pieces are placed.
                }
            }
        }
        follower("neck", Landmark.Found.NECK);
        follower("shoulder", Landmark.Found.SHOULDER);
        pattern.waist().ifPresent(waist -> {
            String natural = FormulaText.times(waist, LONG);
            amounts.put(
                    AT,
                    used(Landmark.Found.BACK)
                            .map(back -> BY_LANDMARKS + wanted(back) + ", " + natural + ")")
                            .orElse(natural));
            used(Landmark.Found.DEPTH)
                    .ifPresent(depth -> amounts.put(
                            "hip-at",
                            AT + " + " + BY_LANDMARKS + wanted(depth) + ", " + FormulaText.times(depth.drawn(), LONG)
                                    + ")"));
        });
    }

    static String wideName(DrawnBodyMeasure each) {
        return each.landmark().id() + "-wide";
    }

    /** What lies beyond the middle, such as a button stand, stays as it is drawn. */
    String ratio(DrawnBodyMeasure each) {
        double stays = each.landmark().found() == Landmark.Found.NECK ? pattern.neckBeyond() : 0;
        String less = stays == 0 ? "" : " - " + FormulaText.mm(stays);
        return BY_LANDMARKS + "(" + wanted(each) + less + ") / " + FormulaText.mm(each.drawn() - stays) + ", one)";
    }

    /** Neck and shoulder follow their own measure or, unmeasured, a part of the change in girth. */
    void follower(String name, Landmark.Found found) {
        amounts.put(
                name + "-wide",
                used(found)
                        .map(this::ratio)
                        .orElse(BY_LANDMARKS + "1 + " + FormulaText.number(landmarks.follows(), 3)
                                + " * (one - 1), one)"));
        amounts.put(name + "-tall", BY_LANDMARKS + name + "-wide, long)");
    }
}
