package org.soberhem.core.layers;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.body.AsWorn;
import org.soberhem.core.length.Sentence;

/**
 * Estimates what a reading becomes over layers that it was not taken over. An estimate is a range, never a measurement.
 */
public final class OverLayers {

    /**
     * What a reading is likely to become.
     *
     * @param least in millimetres
     * @param most in millimetres
     */
    public record Estimate(double least, double most) {

        /** Returns the middle of the range, for drawing until it is measured. */
        public double middle() {
            return (least + most) / 2;
        }
    }

    private final Wardrobe wardrobe;

    public OverLayers(Wardrobe wardrobe) {
        this.wardrobe = wardrobe;
    }

    /**
     * Estimates a reading over more layers.
     *
     * <p>Changes of several layers add, lower to lower and upper to upper; of the layers that shape the trunk or the
     * bust the last one put on rules.
     *
     * @param measure catalogue id
     * @param millimetres as measured
     * @param measuredOver id of the stack it was taken over
     * @param wornOver id of the stack it is wanted over
     * @return empty where no range is known, or a layer would have to be thought away; {@link #why} says which
     */
    public Optional<Estimate> of(String measure, double millimetres, String measuredOver, String wornOver) {
        if (why(measure, measuredOver, wornOver).isPresent()) {
            return Optional.empty();
        }
        double least = millimetres;
        double most = millimetres;
        for (Layer layer : added(measuredOver, wornOver)) {
            Optional<Layer.Effect> effect = layer.effectOn(measure);
            if (effect.isPresent()) {
                least = effect.get().least(least);
                most = effect.get().most(most);
            }
        }
        return Optional.of(new Estimate(least, most));
    }

    /** Returns why a measure cannot be estimated, if it cannot. */
    public Optional<Sentence> why(String measure, String measuredOver, String wornOver) {
        for (Layer layer : added(wornOver, measuredOver)) {
            if (layer.changes().contains(measure)) {
                return Optional.of(Sentence.of("it was measured over {}, which is not worn", layer.name()));
            }
        }
        for (Layer layer : added(measuredOver, wornOver)) {
            if (layer.changes().contains(measure) && layer.effectOn(measure).isEmpty()) {
                return Optional.of(Sentence.of("nobody has said by how much {} changes it", layer.name()));
            }
        }
        return Optional.empty();
    }

    private List<Layer> added(String from, String to) {
        List<String> before = wardrobe.stack(from).map(LayerStack::layers).orElse(List.of());
        List<Layer> added = new ArrayList<>();
        wardrobe.stack(to).map(wardrobe::layersOf).orElse(List.of()).stream()
                .filter(layer -> !before.contains(layer.id()))
                .forEach(layer -> {
                    if (layer.kind().isSingle()) {
                        added.removeIf(other -> other.kind() == layer.kind());
                    }
                    added.add(layer);
                });
        return added;
    }

    /**
     * Computes the length of a tape from the waist to the floor over the rings of a skirt support: taut from ring to
     * ring where they stand out, plumb from the widest one down.
     *
     * @param waist height of the waist above the floor, in millimetres
     * @param rings from the support
     * @param back whether over the back, else over a side
     * @return millimetres; the waist's height if no ring stands out
     */
    public static double overRings(double waist, List<AsWorn.Ring> rings, boolean back) {
        record Place(double out, double height) {}
        List<Place> places = rings.stream()
                .map(ring -> new Place(
                        (back ? ring.back() : ring.side()).toMillimetres(),
                        ring.height().toMillimetres()))
                .filter(place -> place.out() > 0 && place.height() < waist)
                .sorted(Comparator.comparingDouble(Place::height).reversed())
                .toList();
        double length = 0;
        Place at = new Place(0, waist);
        while (true) {
            Place from = at;
            // The taut tape touches next what lies furthest outward as seen from where it is: least height lost for
            // each
            // millimetre out.
            Optional<Place> next = places.stream()
                    .filter(place -> place.height() < from.height() && place.out() > from.out())
                    .min(Comparator.comparingDouble(
                            place -> (from.height() - place.height()) / (place.out() - from.out())));
            if (next.isEmpty()) {
                return length + at.height();
            }
            length += Math.hypot(next.get().out() - at.out(), next.get().height() - at.height());
            at = next.get();
        }
    }
}
