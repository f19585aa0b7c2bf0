package org.soberhem.core.layers;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A foundation layer.
 *
 * @param id kebab-case name
 * @param name for people
 * @param from first year of its usual span
 * @param to last year of its usual span
 * @param who who wears it: women, men, children
 * @param kind what it is for
 * @param about what it is
 * @param mind what is often got wrong; empty if nothing special
 * @param effects by how much it changes readings
 * @param changes measures, by catalogue id, that no longer count when it is put on, left off or exchanged
 * @param needs what must be worn with it
 * @param notWith ids of layers that are not worn with it
 * @param supports how far it carries a skirt out, if it does
 * @param shape what it does to the body beside its girths
 * @param cautions ids of what to mind when wearing it
 */
@RecordBuilder
public record Layer(
        String id,
        String name,
        int from,
        int to,
        List<String> who,
        LayerClass kind,
        String about,
        String mind,
        List<Effect> effects,
        Set<String> changes,
        List<Need> needs,
        Set<String> notWith,
        Optional<Supports> supports,
        Shape shape,
        List<String> cautions)
        implements LayerBuilder.With {

    /** Parts the id of a layer from what its maker calls their own one. */
    private static final char OWN = '~';

    /** Returns the id of one's own layer of a kind, such as "my old stays": another one of it is another layer. */
    public static String named(String id, String own) {
        String words = own.strip().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\d]+", "-");
        return words.isEmpty() ? base(id) : base(id) + OWN + words;
    }

    /** Returns the id of the kind of a layer, one's own or not. */
    public static String base(String id) {
        int at = id.indexOf(OWN);
        return at < 0 ? id : id.substring(0, at);
    }

    /** Returns the layer as one's own. */
    Layer owned(String ownId) {
        return with(copy -> copy.id(ownId)
                .name(name + ", " + ownId.substring(ownId.indexOf(OWN) + 1).replace('-', ' ')));
    }

    /**
     * By how much a reading over the layer differs from the one beneath it.
     *
     * @param measure catalogue id
     * @param least smallest change, in millimetres, or as a share of the reading
     * @param most largest change
     * @param share whether the change is a share
     * @param when under which circumstances
     */
    public record Effect(String measure, double least, double most, boolean share, String when) {

        double least(double reading) {
            return share ? reading * (1 + least) : reading + least;
        }

        double most(double reading) {
            return share ? reading * (1 + most) : reading + most;
        }
    }

    /**
     * Layers of which one must be worn too.
     *
     * @param kind a whole class, if any of it will do
     * @param layers ids, if no class is named
     * @param why the reason, in a few words
     */
    public record Need(Optional<LayerClass> kind, List<String> layers, String why) {

        boolean isMetBy(Layer other) {
            return kind.isPresent() ? other.kind() == kind.get() : layers.contains(other.id());
        }
    }

    /**
     * How far a skirt support stands out.
     *
     * @param hemGirth round its lowest hoop, in millimetres; empty if it has none
     * @param side beyond the hip at each side
     * @param back behind the seat
     * @param at where it stands out most, from the waist (0) to the floor (1)
     * @param dome how far out it stands half way down, as a share of its lowest hoop
     */
    public record Supports(Optional<Span> hemGirth, Optional<Span> side, Optional<Span> back, double at, double dome) {}

    /**
     * What a layer does to the body beside its girths.
     *
     * @param round depth to breadth of the cross-section that it gives, by level
     * @param forward how far it carries a level forward (-: back), share of the height
     * @param bustUp how much higher it carries the bust, share of the height
     */
    public record Shape(Map<String, Double> round, Map<String, Double> forward, double bustUp) {

        public static final Shape NONE = new Shape(Map.of(), Map.of(), 0);

        public Shape {
            round = Map.copyOf(round);
            forward = Map.copyOf(forward);
        }
    }

    /** A support that stands out so far has rings or hoops; a pad has none. */
    private static final double HOOPED = 200;

    /** From least to most, in millimetres. */
    public record Span(double least, double most) {

        /** Returns the value at a share of the way from least (0) to most (1). */
        public double at(double share) {
            return least + (most - least) * share;
        }
    }

    /** The caution that every laced layer carries. */
    private static final String LACING = "lacing";

    public Layer {
        who = List.copyOf(who);
        effects = List.copyOf(effects);
        changes = Set.copyOf(changes);
        needs = List.copyOf(needs);
        notWith = Set.copyOf(notWith);
        cautions = List.copyOf(cautions);
    }

    Optional<Effect> effectOn(String measure) {
        return effects.stream()
                .filter(effect -> effect.measure().equals(measure))
                .findFirst();
    }

    /**
     * Says whether it is laced: it stops one bending, and stands open by a gap that belongs to every reading over it.
     */
    public boolean isLaced() {
        return kind == LayerClass.BODY_SHAPER && cautions.contains(LACING);
    }

    /** Says whether it has rings or hoops, whose height and projection belong to every reading over it. */
    public boolean isHooped() {
        return supports.filter(stands -> stands.hemGirth().isPresent()
                        || stands.side().filter(side -> side.most() >= HOOPED).isPresent())
                .isPresent();
    }

    /** Says whether it was worn in a year. */
    public boolean isOf(int year) {
        return year >= from && year <= to;
    }
}
