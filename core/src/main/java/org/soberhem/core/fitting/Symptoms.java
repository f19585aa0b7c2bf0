package org.soberhem.core.fitting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is seen at fittings, and the words that its facts use.
 *
 * @param all every symptom
 * @param facts kinds of facts, by name
 * @param places places that facts name, by name
 * @param layers words for layers that facts name, by name
 */
public record Symptoms(
        List<Symptom> all, Map<String, FactKind> facts, Map<String, Place> places, Map<String, LayerWords> layers) {

    /**
     * A kind of fact.
     *
     * @param factor by how much it multiplies the odds of a cause, greater than 1
     * @param says in words, with {@code {at}} for its place
     */
    public record FactKind(double factor, String says) {}

    /**
     * A place of the body or the garment.
     *
     * @param name for people
     * @param girth whether it goes round, else it is a length
     * @param checks words in the names of the checks that measure it
     * @param openings words in the reasons of the openings that it must pass
     * @param measures catalogue ids of its readings
     */
    public record Place(
            String name, boolean girth, List<String> checks, List<String> openings, List<String> measures) {}

    /**
     * A word for layers.
     *
     * @param name for people
     * @param classes ids of their classes
     * @param layers ids of layers, where only some of the classes are meant; empty for all
     */
    public record LayerWords(String name, List<String> classes, List<String> layers) {

        /** Says whether a layer is meant. */
        public boolean means(String layer, String layerClass) {
            return layers.isEmpty() ? classes.contains(layerClass) : layers.contains(layer);
        }
    }

    public Symptoms {
        all = List.copyOf(all);
        facts = Map.copyOf(facts);
        places = Map.copyOf(places);
        layers = Map.copyOf(layers);
    }

    /** Finds a symptom by its id, or by its words as older workspaces have them. */
    public Optional<Symptom> find(String seen) {
        return all.stream()
                .filter(each -> each.id().equals(seen) || each.seen().equals(seen))
                .findFirst();
    }

    /** Returns the words of what was seen: a symptom's, or the maker's own. */
    public String words(String seen) {
        return find(seen).map(Symptom::seen).orElse(seen);
    }

    /** Returns the words of a cause: a known one's, or the maker's own. */
    public String causeWords(Remark remark) {
        return find(remark.seen())
                .flatMap(symptom -> symptom.cause(remark.cause()))
                .map(Cause::why)
                .orElse(remark.cause());
    }

    /**
     * Returns what is seen in a zone on one of some kinds of garment: what belongs there first, then what also shows
     * there.
     */
    public List<Symptom> at(String zone, String garment) {
        List<Symptom> there = new ArrayList<>();
        for (Symptom symptom : all) {
            if (symptom.zones().contains(zone) && symptom.garments().contains(garment)) {
                there.add(symptom);
            }
        }
        there.sort(Comparator.comparingInt(symptom -> symptom.zones().indexOf(zone)));
        return there;
    }

    /** Returns a fact in words. */
    public String says(Fact fact) {
        String at = Optional.ofNullable(places.get(fact.at()))
                .map(Place::name)
                .or(() -> Optional.ofNullable(layers.get(fact.at())).map(LayerWords::name))
                .or(() -> find(fact.at()).map(Symptom::seen))
                .orElse(fact.at().replace('-', ' '));
        return facts.get(fact.kind()).says().replace("{at}", at);
    }
}
