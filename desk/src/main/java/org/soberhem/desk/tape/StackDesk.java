package org.soberhem.desk.tape;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerStack;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Sentence;
import org.soberhem.studio.Studio;

/** The layer stack that is looked at or being changed, and the commands on it. */
public final class StackDesk {

    private static final String OWN = "own-";

    private final Studio studio;
    private final SimpleObjectProperty<Optional<LayerStack>> stack =
            new SimpleObjectProperty<>(this, "stack", Optional.empty());

    public StackDesk(Studio studio) {
        this.studio = studio;
    }

    /** The stack as it stands here, saved or not. */
    public ReadOnlyObjectProperty<Optional<LayerStack>> stackProperty() {
        return stack;
    }

    private Wardrobe wardrobe() {
        return studio.wardrobe();
    }

    /** Looks at a stack. */
    public void lookAt(String id) {
        stack.set(wardrobe().stack(id));
    }

    /** Says whether what is looked at differs from what is saved under its id. */
    public boolean isChanged() {
        return stack.get()
                .filter(now -> wardrobe().stack(now.id()).filter(now::equals).isEmpty())
                .isPresent();
    }

    public void add(Layer layer) {
        stack.get().ifPresent(now -> stack.set(Optional.of(wardrobe().with(now, layer))));
    }

    public void remove(String layer) {
        stack.get().ifPresent(now -> stack.set(Optional.of(now.without(layer))));
    }

    /** Calls a layer one's own: other readings hold over another one of the same kind. */
    public void call(String layer, String own) {
        stack.get().ifPresent(now -> {
            List<String> layers = new ArrayList<>(now.layers());
            layers.replaceAll(each -> each.equals(layer) ? Layer.named(layer, own) : each);
            stack.set(Optional.of(now.copied(now.id(), now.title(), layers)));
        });
    }

    /** Moves a layer earlier (−1) or later (1) in the dressing order. */
    public void move(String layer, int by) {
        stack.get().ifPresent(now -> stack.set(Optional.of(now.moved(layer, by))));
    }

    /** Returns the layers that could be added: those of the costume's year first. */
    public List<Layer> others() {
        List<String> worn = stack.get().map(LayerStack::layers).orElse(List.of());
        int year = studio.situation().costume().year();
        return wardrobe().layers().stream()
                .filter(layer -> !worn.contains(layer.id()))
                .sorted((a, b) -> Boolean.compare(b.isOf(year), a.isOf(year)))
                .toList();
    }

    /** Returns what is wrong with the stack. */
    public List<Sentence> problems() {
        return stack.get().map(wardrobe()::problems).orElse(List.of());
    }

    /**
     * Saves the stack as the maker's own.
     *
     * @param title a name for it; an own stack of the same name is replaced
     * @return why it cannot be saved, if it cannot
     */
    public Optional<String> save(String title) {
        if (title.isBlank()) {
            return Optional.of("A stack of your own needs a name: type one");
        }
        Optional<LayerStack> shipped = studio.library().wardrobe().stacks().stream()
                .filter(each -> each.title().equalsIgnoreCase(title.strip()))
                .findFirst();
        if (shipped.isPresent()) {
            return Optional.of("\"" + title.strip() + "\" is a shipped stack, which stays as it is: take another name");
        }
        LayerStack own = stack.get()
                .orElseThrow()
                .copied(
                        OWN + title.strip().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-"),
                        title.strip(),
                        stack.get().orElseThrow().layers());
        studio.keep(studio.maker().with(own), "stack", Sentence.of("Saved the layers \"{}\"", own.title()));
        lookAt(own.id());
        return Optional.empty();
    }

    /** Returns the names of the set's measures that would no longer count over the stack as it is saved. */
    public Set<String> noLongerCount(MeasurementSet set) {
        Set<String> stale = new TreeSet<>();
        stack.get()
                .ifPresent(now -> wardrobe().noLongerCount(set.stack(), now.id()).stream()
                        .filter(set::has)
                        .forEach(id -> stale.add(studio.library().measures().name(id))));
        return stale;
    }

    /** Returns the names of the set's measures that still count. */
    public Set<String> stillCount(MeasurementSet set) {
        Set<String> counting = new TreeSet<>();
        set.readings()
                .forEach(reading -> counting.add(studio.library().measures().name(reading.measure())));
        counting.removeAll(noLongerCount(set));
        return counting;
    }
}
