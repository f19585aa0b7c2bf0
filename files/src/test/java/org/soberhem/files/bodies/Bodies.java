package org.soberhem.files.bodies;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
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

    static String resource(String name) {
        try (InputStream in = Bodies.class.getResourceAsStream("/bodies/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
