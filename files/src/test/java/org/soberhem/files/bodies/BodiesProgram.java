package org.soberhem.files.bodies;

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
 * Completes the 507 measured adults with the measurements that drafts need. The rule is invented for tests: full bust is
 * the chest for men and 1.06 ± 0.02 times it for women; lengths are shares of the height ± 3 %; neck, arm-hole and hand
 * follow from chest and wrist.
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

    private static double around(double middle, double reach, Random random) {
        return middle + (random.nextDouble() * 2 - 1) * reach;
    }
}
