package org.soberhem.core.silhouette;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.soberhem.core.body.Build;
import org.soberhem.core.body.MeasurementSet;
import org.soberhem.core.body.Posture;
import org.soberhem.core.figure.BodyFigure;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigurePlan;
import org.soberhem.core.figure.FoundationShape;
import org.soberhem.core.figure.SkirtSupport;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.LayerClass;
import org.soberhem.core.layers.OverLayers;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Length;
import org.soberhem.core.pattern.Side;

/**
 * Dresses a wearer: the body from the readings, over layers whose effects are ranges, in what the finished patterns
 * give.
 */
public final class Dressing {

    private final FigurePlan plan;
    private final Wardrobe wardrobe;
    private final OverLayers over;

    /**
     * Who is dressed, and over what.
     *
     * @param build of the wearer
     * @param set the readings; empty for a usual body of the build
     * @param stack id of the layers worn beneath
     * @param tried values by catalogue id, in millimetres, in the place of what was read
     */
    public record Subject(Build build, Optional<MeasurementSet> set, String stack, Map<String, Double> tried) {

        public Subject {
            tried = Map.copyOf(tried);
        }

        public Subject over(String other) {
            return new Subject(build, set, other, tried);
        }
    }

    public Dressing(FigurePlan plan, Wardrobe wardrobe) {
        this.plan = plan;
        this.wardrobe = wardrobe;
        this.over = new OverLayers(wardrobe);
    }

    /** Returns the body as it was measured, over what it was measured over. */
    public BodyFigure asMeasured(Subject subject) {
        String stack = subject.set().map(MeasurementSet::stack).orElse(subject.stack());
        return body(subject.over(stack), 0.5);
    }

    /**
     * Returns the body over the layers.
     *
     * @param share where within the ranges of the layers' effects, from least (0) to most (1)
     */
    public BodyFigure body(Subject subject, double share) {
        return new BodyFigure(
                plan,
                subject.build(),
                stance(subject.stack()),
                reader(subject, Side.RIGHT, share),
                reader(subject, Side.LEFT, share));
    }

    /**
     * Returns the wearer dressed.
     *
     * @param worn what the garments give, by quantity
     * @param share where within the ranges of the layers' effects, from least (0) to most (1)
     */
    public DressedFigure dressed(Subject subject, Map<String, Double> worn, double share) {
        return new DressedFigure(
                body(subject, share),
                underneath(subject.stack(), share),
                plan.hang(),
                quantity -> worn.getOrDefault(quantity, Double.NaN));
    }

    private BodyFigure usual(Build build, double height) {
        return new BodyFigure(plan, build, measure -> measure.equals("height") ? height : Double.NaN);
    }

    /** Returns a period's outline on a wearer. */
    public PeriodOutline outline(Silhouette silhouette, Subject subject) {
        BodyFigure own = asMeasured(subject);
        String who = silhouette.header().who().name().toLowerCase(Locale.ROOT);
        return new PeriodOutline(
                silhouette,
                own,
                usual(subject.build(), own.height()),
                plan.references().get(who));
    }

    private List<Layer> layers(String stack) {
        return wardrobe.stack(stack).map(wardrobe::layersOf).orElse(List.of());
    }

    /** Of two layers that shape a level, the one put on last rules. */
    private FoundationShape stance(String stack) {
        Map<String, Double> round = new HashMap<>();
        Map<String, Double> forward = new HashMap<>();
        double bustUp = 0;
        for (Layer layer : layers(stack)) {
            round.putAll(layer.shape().round());
            forward.putAll(layer.shape().forward());
            bustUp = layer.shape().bustUp() == 0 ? bustUp : layer.shape().bustUp();
        }
        return new FoundationShape(round, forward, bustUp);
    }

    private SkirtSupport underneath(String stack, double share) {
        List<SkirtSupport.Support> supports = new ArrayList<>();
        int petticoats = 0;
        for (Layer layer : layers(stack)) {
            layer.supports().ifPresent(stands -> supports.add(support(stands, share)));
            if (layer.kind() == LayerClass.UNDER_SKIRT || layer.kind() == LayerClass.OVER_PETTICOAT) {
                petticoats++;
            }
        }
        return new SkirtSupport(supports, petticoats);
    }

    private static SkirtSupport.Support support(Layer.Supports stands, double share) {
        return new SkirtSupport.Support(
                stands.hemGirth().map(span -> OptionalDouble.of(span.at(share))).orElse(OptionalDouble.empty()),
                stands.side().map(span -> span.at(share)).orElse(0.0),
                stands.back().map(span -> span.at(share)).orElse(0.0),
                stands.at(),
                stands.dome());
    }

    /**
     * Returns what a measure reads over the layers, in the middle of the range where it was not read over them; or NaN.
     */
    public double reading(Subject subject, String measure) {
        return reader(subject, Side.RIGHT, 0.5).applyAsDouble(measure);
    }

    private ToDoubleFunction<String> reader(Subject subject, Side side, double share) {
        return measure -> {
            Double tried = subject.tried().get(measure);
            if (tried != null) {
                return tried;
            }
            return subject.set()
                    .flatMap(set -> set.value(measure, side, Posture.STANDING)
                            // What is read seated only, such as the torso, has no other reading.
                            .or(() -> set.value(measure, side, Posture.SEATED))
                            .map(Length::toMillimetres)
                            .map(read -> over(measure, read, set.stack(), subject.stack(), share)))
                    .orElse(Double.NaN);
        };
    }

    /**
     * A reading over other layers: within the range of what they change, or, where nobody has said by how much, as it
     * was read.
     */
    private double over(String measure, double read, String measuredOver, String wornOver, double share) {
        if (measuredOver.equals(wornOver)) {
            return read;
        }
        return over.of(measure, read, measuredOver, wornOver)
                .map(range -> range.least() + (range.most() - range.least()) * share)
                .orElse(read);
    }

    /**
     * Says whether a layer's effect had to be estimated to draw the figure, since the readings were taken over others.
     */
    public boolean isEstimated(Subject subject) {
        String measuredOver = subject.set().map(MeasurementSet::stack).orElse(Wardrobe.NONE);
        return !measuredOver.equals(subject.stack())
                || layers(subject.stack()).stream()
                        .anyMatch(layer -> layer.supports().isPresent());
    }
}
