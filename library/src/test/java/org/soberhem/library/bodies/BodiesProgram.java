package org.soberhem.library.bodies;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;

/**
 * Completes the 507 measured adults with the measurements that drafts need. The rule is invented for tests: full bust
 * is the chest for men and 1.06 ± 0.02 times it for women; lengths are shares of the height ± 3 %; neck, arm-hole, hand
 * and the breadths across the body follow from chest, shoulders and wrist. Thigh, knee and calf are as published.
 */
public final class BodiesProgram {

    private static final long SEED = 1906;

    private BodiesProgram() {}

    /** Writes bodies.csv into the folder given. */
    public static void main(String[] args) throws IOException {
        Files.writeString(Path.of(args[0], "bodies.csv"), complete(Bodies.resource("body-dimensions.csv")));
    }

    /** Returns the completed table. */
    static String complete(String published) {
        List<String> lines = published.lines().toList();
        List<String> header = List.of(lines.get(0).split(","));
        Random random = new Random(SEED);
        List<String> out = new ArrayList<>();
        for (String line : lines.subList(1, lines.size())) {
            String[] cells = line.split(",");
            Map<String, Double> row = new LinkedHashMap<>();
            for (int i = 2; i < cells.length; i++) {
                row.put(header.get(i), Double.parseDouble(cells[i]) * 10);
            }
            Map<String, Double> body = body("female".equals(cells[1]), row, random);
            further(body, row, new Random(SEED * Long.parseLong(cells[0])));
            if (out.isEmpty()) {
                out.add("id,sex," + String.join(",", body.keySet()));
            }
            StringBuilder text = new StringBuilder(cells[0] + "," + cells[1]);
            body.values().forEach(value -> text.append(String.format(Locale.ROOT, ",%.1f", value)));
            out.add(text.toString());
        }
        return String.join("\n", out) + "\n";
    }

    private static Map<String, Double> body(boolean woman, Map<String, Double> row, Random random) {
        double height = row.get("height_cm");
        double chest = row.get("chest_girth_cm");
        double bust = chest * (woman ? around(1.06, 0.02, random) : 1);
        Map<String, Double> body = new LinkedHashMap<>();
        body.put("height", height);
        body.put("high-bust", chest);
        body.put("waist-crease", row.get("waist_girth_cm"));
        body.put("full-hip", row.get("hip_girth_cm"));
        body.put("wrist", row.get("wrist_girth_cm"));
        body.put("forearm", row.get("forearm_girth_cm"));
        body.put("full-bust*", bust);
        body.put("neck-base*", 0.30 * chest + 0.06 * height);
        body.put("nape-to-waist*", height * around(0.245, 0.245 * 0.03, random));
        body.put("armscye*", bust * around(0.43, 0.43 * 0.03, random));
        body.put("shoulder-to-wrist*", height * around(0.345, 0.345 * 0.03, random));
        body.put("hand*", row.get("wrist_girth_cm") * around(1.3, 1.3 * 0.03, random));
        double floor = height * around(0.615, 0.615 * 0.03, random);
        body.put("waist-to-floor-front*", floor);
        body.put("waist-to-floor-left*", floor + 10);
        body.put("waist-to-floor-right*", floor + 10);
        body.put("waist-to-floor-back*", floor + 25);
        return body;
    }

    /** What came to be needed later, from its own numbers by chance, so that the earlier values stay what they were. */
    private static void further(Map<String, Double> body, Map<String, Double> row, Random random) {
        double height = row.get("height_cm");
        double chest = row.get("chest_girth_cm");
        double waist = row.get("waist_girth_cm");
        double bust = body.get("full-bust*");
        double back = body.get("nape-to-waist*");
        body.put("thigh", row.get("thigh_girth_cm"));
        body.put("knee", row.get("knee_girth_cm"));
        body.put("calf", row.get("calf_girth_cm"));
        body.put("shoulder-girth", row.get("shoulder_girth_cm"));
        body.put("under-bust*", Math.max(waist, chest * about(0.90, random)));
        body.put("upper-arm*", row.get("bicep_flexed_girth_cm") * about(0.94, random));
        body.put("below-knee*", row.get("calf_girth_cm") * about(0.93, random));
        body.put("elbow-bent*", row.get("forearm_girth_cm") * about(1.08, random));
        double across = 0.50 * row.get("biacromial_breadth_cm") + 0.19 * bust;
        body.put("across-back*", across * about(1, random));
        body.put("across-chest*", across * about(0.94, random));
        body.put("shoulder-width*", row.get("biacromial_breadth_cm") * about(1.03, random));
        body.put("shoulder-length*", row.get("biacromial_breadth_cm") * about(0.32, random));
        body.put("shoulder-slope*", height * about(0.028, random));
        body.put("scye-depth*", (bust / 8 + 100) * about(0.98, random));
        body.put("side-waist-length*", back - body.get("scye-depth*") + height * around(0.012, 0.003, random));
        body.put("front-waist-length*", back + 10 + (bust - 800) * 0.10 + height * around(0.005, 0.005, random));
        body.put("neck-point-to-bust-point*", 130 + bust * about(0.145, random));
        body.put("bust-point-to-bust-point*", bust * about(0.205, random));
        body.put("waist-to-full-hip*", height * about(0.120, random));
        body.put("waist-to-knee*", height * about(0.350, random));
        body.put("waist-to-bodice-point*", height * about(0.045, random));
        body.put("crotch-depth*", height * about(0.155, random));
        body.put("inside-leg*", height * about(0.46, random));
        body.put("torso-length-seated*", height * about(0.165, random));
        body.put("shoulder-to-elbow*", body.get("shoulder-to-wrist*") * about(0.575, random));
        body.put("head*", 0.22 * height + 0.02 * chest + 160);
        body.put("arm-hole-loop*", body.get("upper-arm*") * about(2.05, random));
        body.put("neck-muscle-length*", height * about(0.035, random));
        body.put("crown-arc*", body.get("head*") * about(1.33, random));
        body.put("folded-arms-width*", height * about(1.03, random));
        body.put("heel*", row.get("ankle_girth_cm") * about(1.45, random));
    }

    private static double about(double middle, Random random) {
        return around(middle, middle * 0.03, random);
    }

    private static double around(double middle, double reach, Random random) {
        return middle + (random.nextDouble() * 2 - 1) * reach;
    }
}
