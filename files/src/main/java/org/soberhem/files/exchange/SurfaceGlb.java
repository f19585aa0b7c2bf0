package org.soberhem.files.exchange;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.soberhem.core.figure.Place;
import org.soberhem.core.plate.Mesh;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.stand.TapeRun;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes surfaces in space as binary glTF 2.0: a node for each part of the body and its clothes and for each tape, by
 * name. Metres, as the format has it; x towards the wearer's left, y up, z forward.
 *
 * @see "Khronos Group, glTF 2.0 Specification (ISO/IEC 12113), section 4: GLB file format; from memory"
 */
public final class SurfaceGlb {

    private static final int MAGIC = 0x46546C67;
    private static final int JSON = 0x4E4F534A;
    private static final int BIN = 0x004E4942;
    private static final int FLOAT = 5126;
    private static final int UNSIGNED_INT = 5125;
    private static final int PLACES = 34962;
    private static final int CORNERS = 34963;
    private static final int TRIANGLES = 4;
    private static final int LINE_STRIP = 3;
    private static final JsonMapper MAPPER = JsonMapper.shared();

    private final List<Map<String, Object>> nodes = new ArrayList<>();
    private final List<Map<String, Object>> meshes = new ArrayList<>();
    private final List<Map<String, Object>> accessors = new ArrayList<>();
    private final List<Map<String, Object>> views = new ArrayList<>();
    private final List<byte[]> parts = new ArrayList<>();
    private int length;

    private SurfaceGlb() {}

    /**
     * @param solids parts of a body and its clothes
     * @param tapes how they lie, by measure
     */
    public static byte[] write(List<Solid> solids, Map<String, TapeRun> tapes) {
        SurfaceGlb glb = new SurfaceGlb();
        solids.forEach(solid -> glb.solid(solid));
        tapes.forEach(glb::tape);
        return glb.file();
    }

    private void solid(Solid solid) {
        Mesh mesh = solid.mesh();
        double[] normals = mesh.normals();
        Map<String, Object> attributes = new LinkedHashMap<>();
        attributes.put("POSITION", floats(mesh.places(), 0.001, true));
        attributes.put("NORMAL", floats(normals, 1, false));
        int[] corners = mesh.triangles();
        ByteBuffer indices = little(4 * corners.length);
        for (int corner : corners) {
            indices.putInt(corner);
        }
        int view = view(indices.array(), CORNERS);
        accessors.add(accessor(view, UNSIGNED_INT, corners.length, "SCALAR"));
        Map<String, Object> primitive = new LinkedHashMap<>();
        primitive.put("attributes", attributes);
        primitive.put("indices", accessors.size() - 1);
        primitive.put("mode", TRIANGLES);
        primitive.put("material", solid.material().ordinal());
        node(mesh.name(), primitive, Map.of("material", solid.material().name().toLowerCase(Locale.ROOT)));
    }

    private void tape(String measure, TapeRun run) {
        List<Place> places = new ArrayList<>(run.places());
        if (run.closed()) {
            places.add(places.get(0));
        }
        double[] flat = new double[3 * places.size()];
        for (int i = 0; i < places.size(); i++) {
            flat[3 * i] = places.get(i).x();
            flat[3 * i + 1] = places.get(i).y();
            flat[3 * i + 2] = places.get(i).z();
        }
        Map<String, Object> primitive = new LinkedHashMap<>();
        primitive.put("attributes", Map.of("POSITION", floats(flat, 0.001, true)));
        primitive.put("mode", LINE_STRIP);
        node("tape " + measure, primitive, Map.of("millimetres", Math.round(run.length() * 10) / 10.0));
    }

    private void node(String name, Map<String, Object> primitive, Map<String, Object> extras) {
        meshes.add(Map.of("name", name, "primitives", List.of(primitive)));
        nodes.add(Map.of("name", name, "mesh", meshes.size() - 1, "extras", extras));
    }

    private int floats(double[] values, double factor, boolean bounded) {
        ByteBuffer bytes = little(4 * values.length);
        float[] least = {Float.MAX_VALUE, Float.MAX_VALUE, Float.MAX_VALUE};
        float[] most = {-Float.MAX_VALUE, -Float.MAX_VALUE, -Float.MAX_VALUE};
        for (int i = 0; i < values.length; i++) {
            float value = (float) (values[i] * factor);
            bytes.putFloat(value);
            least[i % 3] = Math.min(least[i % 3], value);
            most[i % 3] = Math.max(most[i % 3], value);
        }
        Map<String, Object> accessor = accessor(view(bytes.array(), PLACES), FLOAT, values.length / 3, "VEC3");
        if (bounded) {
            accessor.put("min", least);
            accessor.put("max", most);
        }
        accessors.add(accessor);
        return accessors.size() - 1;
    }

    private static Map<String, Object> accessor(int view, int component, int count, String type) {
        Map<String, Object> accessor = new LinkedHashMap<>();
        accessor.put("bufferView", view);
        accessor.put("componentType", component);
        accessor.put("count", count);
        accessor.put("type", type);
        return accessor;
    }

    private int view(byte[] bytes, int target) {
        views.add(Map.of("buffer", 0, "byteOffset", length, "byteLength", bytes.length, "target", target));
        parts.add(bytes);
        length += bytes.length;
        return views.size() - 1;
    }

    private byte[] file() {
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("asset", Map.of("version", "2.0", "generator", "Sober Hem"));
        root.put("scene", 0);
        List<Integer> all = new ArrayList<>();
        for (int i = 0; i < nodes.size(); i++) {
            all.add(i);
        }
        root.put("scenes", List.of(Map.of("name", "stand", "nodes", all)));
        root.put("nodes", nodes);
        root.put("meshes", meshes);
        List<Map<String, Object>> materials = new ArrayList<>();
        for (Solid.Material material : Solid.Material.values()) {
            materials.add(Map.of("name", material.name().toLowerCase(Locale.ROOT), "doubleSided", true));
        }
        root.put("materials", materials);
        root.put("accessors", accessors);
        root.put("bufferViews", views);
        root.put("buffers", List.of(Map.of("byteLength", length)));
        byte[] json = padded(MAPPER.writeValueAsString(root).getBytes(StandardCharsets.UTF_8));
        ByteBuffer file = little(12 + 8 + json.length + 8 + length);
        file.putInt(MAGIC).putInt(2).putInt(file.capacity());
        file.putInt(json.length).putInt(JSON).put(json);
        file.putInt(length).putInt(BIN);
        parts.forEach(file::put);
        return file.array();
    }

    /** Chunks are as long as a multiple of four; JSON is filled with blanks. */
    private static byte[] padded(byte[] json) {
        byte[] padded = java.util.Arrays.copyOf(json, (json.length + 3) / 4 * 4);
        java.util.Arrays.fill(padded, json.length, padded.length, (byte) ' ');
        return padded;
    }

    private static ByteBuffer little(int size) {
        return ByteBuffer.allocate(size).order(ByteOrder.LITTLE_ENDIAN);
    }
}
