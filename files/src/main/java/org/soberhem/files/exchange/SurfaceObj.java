package org.soberhem.files.exchange;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.core.figure.Place;
import org.soberhem.core.plate.Mesh;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.stand.TapeRun;

/**
 * Writes surfaces in space as OBJ: each part a group of its name, each tape a line of its measure's. Millimetres; x
 * towards the wearer's left, y up, z forward.
 */
public final class SurfaceObj {

    private SurfaceObj() {}

    /**
     * @param solids parts of a body and its clothes
     * @param tapes how they lie, by measure
     */
    public static byte[] write(List<Solid> solids, Map<String, TapeRun> tapes) {
        StringBuilder obj = new StringBuilder("# Sober Hem: a wearer's stand. Millimetres; y up, z forward.\n");
        int before = 1;
        for (Solid solid : solids) {
            Mesh mesh = solid.mesh();
            obj.append("o ").append(name(mesh.name())).append('\n');
            obj.append("usemtl ")
                    .append(solid.material().name().toLowerCase(Locale.ROOT))
                    .append('\n');
            for (int i = 0; i < mesh.placeCount(); i++) {
                place(obj, mesh.place(i));
            }
            int[] corners = mesh.triangles();
            for (int i = 0; i < corners.length; i += 3) {
                obj.append("f ")
                        .append(before + corners[i])
                        .append(' ')
                        .append(before + corners[i + 1])
                        .append(' ');
                obj.append(before + corners[i + 2]).append('\n');
            }
            before += mesh.placeCount();
        }
        for (Map.Entry<String, TapeRun> tape : tapes.entrySet()) {
            List<Place> places = tape.getValue().places();
            obj.append("o tape-").append(name(tape.getKey())).append('\n');
            places.forEach(place -> place(obj, place));
            obj.append('l');
            for (int i = 0; i < places.size(); i++) {
                obj.append(' ').append(before + i);
            }
            obj.append(tape.getValue().closed() ? " " + before : "").append('\n');
            before += places.size();
        }
        return obj.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String name(String words) {
        return words.replace(' ', '-');
    }

    private static void place(StringBuilder obj, Place place) {
        obj.append(String.format(Locale.ROOT, "v %.3f %.3f %.3f%n", place.x(), place.y(), place.z()));
    }
}
