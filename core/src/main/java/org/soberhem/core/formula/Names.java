package org.soberhem.core.formula;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.soberhem.core.pattern.EdgeRef;

/** Every name of a sheet with its slot; {@link #within} sees one piece's own names and points as well. */
public final class Names implements Scope {

    /** What the whole sheet shares. */
    private static final class Shared {
        final Map<String, Named> names = new LinkedHashMap<>();
        final Map<String, String> aliases = new LinkedHashMap<>();
        final Map<String, Map<String, Integer>> points = new LinkedHashMap<>();
        final Map<EdgeRef, Integer> edges = new LinkedHashMap<>();
        final Set<String> levels = new HashSet<>();
        int slots;
    }

    private final Shared shared;
    private final Map<String, Named> own;
    private final Map<String, Integer> points;
    private final boolean finished;

    public Names() {
        this(new Shared(), Map.of(), Map.of(), false);
    }

    private Names(Shared shared, Map<String, Named> own, Map<String, Integer> points, boolean finished) {
        this.shared = shared;
        this.own = own;
        this.points = points;
        this.finished = finished;
    }

    /** Returns the names as one piece sees them. */
    public Names within(Map<String, Named> itsOwn, Map<String, Integer> itsPoints) {
        return new Names(shared, itsOwn, itsPoints, false);
    }

    /** Returns the names as they are once everything is drawn, so that girths can be measured. */
    public Names finished() {
        return new Names(shared, Map.of(), Map.of(), true);
    }

    /** Gives a name its slot. */
    public int add(String name, Dimension dimension) {
        Named named = local(dimension);
        addSlot(name, named);
        return named.slot();
    }

    /** Gives a name a slot that is there already. */
    public void addSlot(String name, Named named) {
        shared.names.put(name, named);
    }

    /** Returns a slot that only some formulas see. */
    public Named local(Dimension dimension) {
        return new Named(shared.slots++, dimension);
    }

    /** Lets a measure be called by a catalogue id as well, unless something has the name already. */
    public void alias(String id, String measure) {
        shared.aliases.putIfAbsent(id, measure);
    }

    /** Gives the points of a frame or piece their slots: two each. */
    public Map<String, Integer> addPoints(String owner, Iterable<String> letters) {
        Map<String, Integer> places = new LinkedHashMap<>();
        for (String letter : letters) {
            places.put(letter, shared.slots);
            shared.slots += 2;
        }
        shared.points.put(owner, places);
        return places;
    }

    public void addEdge(EdgeRef edge) {
        shared.edges.put(edge, shared.edges.size());
    }

    public void addLevels(Set<String> levels) {
        shared.levels.addAll(levels);
    }

    public Set<String> levels() {
        return shared.levels;
    }

    public Map<EdgeRef, Integer> edges() {
        return shared.edges;
    }

    public int slots() {
        return shared.slots;
    }

    public boolean has(String name) {
        return shared.names.containsKey(name);
    }

    @Override
    public Optional<Named> name(String name) {
        return Optional.ofNullable(own.get(name))
                .or(() -> Optional.ofNullable(shared.names.get(name)))
                .or(() -> Optional.ofNullable(shared.aliases.get(name)).map(shared.names::get));
    }

    @Override
    public Optional<Integer> point(String name) {
        int dot = name.indexOf('.');
        if (dot < 0) {
            return Optional.ofNullable(points.get(name));
        }
        return Optional.ofNullable(shared.points.get(name.substring(0, dot)))
                .map(places -> places.get(name.substring(dot + 1)));
    }

    @Override
    public Optional<Integer> edge(EdgeRef ref) {
        return Optional.ofNullable(shared.edges.get(ref));
    }

    @Override
    public boolean level(String name) {
        return finished && shared.levels.contains(name);
    }

    @Override
    public boolean piece(String name) {
        return finished
                && shared.edges.keySet().stream().anyMatch(edge -> edge.piece().equals(name));
    }

    @Override
    public boolean place(EdgeRef point) {
        return piece(point.piece())
                && shared.points.entrySet().stream()
                        .filter(owner -> owner.getKey().equals(point.piece()) || !piece(owner.getKey()))
                        .anyMatch(owner -> owner.getValue().containsKey(point.edge()));
    }

    @Override
    public String known() {
        Set<String> all = new LinkedHashSet<>(own.keySet());
        all.addAll(shared.names.keySet());
        return all.toString();
    }
}
