package org.soberhem.library.bodies;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.draft.Inputs;

/** Reads the completed bodies. */
public final class Bodies {

    private Bodies() {}

    /** Returns every body's measurements, by catalogue id, in millimetres. */
    public static List<Inputs> all() {
        List<String> lines = resource("bodies.csv").lines().toList();
        String[] header = lines.get(0).split(",");
        List<Inputs> bodies = new ArrayList<>();
        for (String line : lines.subList(1, lines.size())) {
            String[] cells = line.split(",");
            Map<String, Double> body = new HashMap<>();
            for (int i = 2; i < cells.length; i++) {
                body.put(header[i].replace("*", ""), Double.parseDouble(cells[i]));
            }
            bodies.add(Inputs.of(body));
        }
        return bodies;
    }

    /**
     * A measured body as published: no derived values.
     *
     * @param millimetres girths and height by the catalogue id that comes nearest; chest is the girth above the breast
     */
    public record Body(boolean woman, double years, double kilograms, Map<String, Double> millimetres) {}

    private static final Map<String, String> PUBLISHED = new LinkedHashMap<>();

    static {
        PUBLISHED.put("shoulder-girth", "shoulder_girth_cm");
        PUBLISHED.put("chest", "chest_girth_cm");
        PUBLISHED.put("waist-narrowest", "waist_girth_cm");
        PUBLISHED.put("belly", "navel_girth_cm");
        PUBLISHED.put("full-hip", "hip_girth_cm");
        PUBLISHED.put("thigh", "thigh_girth_cm");
        PUBLISHED.put("upper-arm-flexed", "bicep_flexed_girth_cm");
        PUBLISHED.put("forearm", "forearm_girth_cm");
        PUBLISHED.put("knee", "knee_girth_cm");
        PUBLISHED.put("calf", "calf_girth_cm");
        PUBLISHED.put("ankle", "ankle_girth_cm");
        PUBLISHED.put("wrist", "wrist_girth_cm");
        PUBLISHED.put("height", "height_cm");
    }

    /**
     * Breadths across the bones of a body, as published, in millimetres.
     *
     * @param shoulders biacromial
     * @param hips bitrochanteric
     */
    public record Breadths(double shoulders, double hips) {}

    /** Returns the breadths of every body, in the order of {@link #measured}. */
    public static List<Breadths> breadths() {
        List<String> lines = resource("body-dimensions.csv").lines().toList();
        List<String> header = List.of(lines.get(0).split(","));
        return lines.subList(1, lines.size()).stream()
                .map(line -> line.split(","))
                .map(cells -> new Breadths(
                        Double.parseDouble(cells[header.indexOf("biacromial_breadth_cm")]) * 10,
                        Double.parseDouble(cells[header.indexOf("bitrochanteric_breadth_cm")]) * 10))
                .toList();
    }

    /** Returns every body as published. */
    public static List<Body> measured() {
        List<String> lines = resource("body-dimensions.csv").lines().toList();
        List<String> header = List.of(lines.get(0).split(","));
        List<Body> bodies = new ArrayList<>();
        for (String line : lines.subList(1, lines.size())) {
            String[] cells = line.split(",");
            Map<String, Double> millimetres = new LinkedHashMap<>();
            PUBLISHED.forEach((measure, column) ->
                    millimetres.put(measure, Double.parseDouble(cells[header.indexOf(column)]) * 10));
            bodies.add(new Body(
                    cells[1].equals("female"),
                    Double.parseDouble(cells[header.indexOf("age_years")]),
                    Double.parseDouble(cells[header.indexOf("weight_kg")]),
                    millimetres));
        }
        return bodies;
    }

    static String resource(String name) {
        try (InputStream in = Bodies.class.getResourceAsStream("/bodies/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
