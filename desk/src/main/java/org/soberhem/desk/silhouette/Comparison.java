package org.soberhem.desk.silhouette;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.body.Wearer;
import org.soberhem.core.costume.Costume;
import org.soberhem.core.costume.Garment;
import org.soberhem.core.figure.DressedFigure;
import org.soberhem.core.figure.FigureView;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.judging.EvaluatedCostume;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.layers.Layer;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.plate.PlateMaker;
import org.soberhem.core.plate.Solid;
import org.soberhem.core.plate.Viewpoint;
import org.soberhem.core.silhouette.FigureQuantities;
import org.soberhem.core.silhouette.PeriodOutline;
import org.soberhem.core.silhouette.QuantityKind;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.studio.Studio;

/** What the costume at hand can be compared with, without nodes: another period, another wearer, or one layer less. */
final class Comparison {

    /** What differs between the two figures. */
    enum What {
        PERIOD("another period's outline", "There is no other outline."),
        WEARER("another wearer in it", "No other wearer has been measured."),
        LAYER("the same without a layer", "Nothing is worn beneath.");

        private final String words;
        private final String none;

        What(String words, String none) {
            this.words = words;
            this.none = none;
        }

        String words() {
            return words;
        }

        String none() {
            return none;
        }
    }

    /** One thing to compare with. */
    record Choice(What what, String id, String words) {}

    /**
     * Lengths from the waist to the floor that a layer adds, in millimetres.
     *
     * @param layer its name
     */
    record Lengths(String layer, double front, double side, double back) {}

    /**
     * Two figures with their numbers.
     *
     * @param one the figure at hand, the other laid over it where both are of one wearer
     * @param other the other figure, where it is of another wearer
     */
    record Pair(
            FigurePane.Shown one,
            Optional<FigurePane.Shown> other,
            Map<String, Double> numbers,
            Map<String, Double> otherNumbers,
            List<Sentence> said,
            Optional<Lengths> lengths) {}

    /** A skirt's lengths are settings of these names, where its sheet has them. */
    private static final Map<String, String> SETTINGS =
            Map.of("left-long", "side", "right-long", "side", "back-long", "back", "front-long", "front");

    private final Studio studio;

    Comparison(Studio studio) {
        this.studio = studio;
    }

    private Costume costume() {
        return studio.situation().costume();
    }

    List<Choice> choices(What what) {
        List<Choice> choices = new ArrayList<>();
        switch (what) {
            case PERIOD -> {
                String own = studio.judge()
                        .silhouette(studio.situation().judged())
                        .map(silhouette -> silhouette.header().id())
                        .orElse("");
                studio
                        .judge()
                        .silhouettes()
                        .nearest(studio.situation().wearer().build(), costume().year())
                        .stream()
                        .filter(header -> !header.id().equals(own))
                        .forEach(header -> choices.add(new Choice(
                                what, header.id(), header.from() + "–" + header.to() + " " + header.title())));
            }
            case WEARER ->
                studio.histories().wearers().values().stream()
                        .filter(wearer ->
                                !wearer.id().equals(studio.situation().wearer().id()))
                        .filter(wearer -> !wearer.sets().isEmpty())
                        .forEach(wearer -> choices.add(new Choice(what, wearer.id(), wearer.name())));
            case LAYER -> {
                Wardrobe wardrobe = studio.wardrobe();
                wardrobe.stack(costume().stack()).map(wardrobe::layersOf).orElse(List.of()).stream()
                        .filter(layer -> layer.supports().isPresent()
                                || layer.kind().shapes()
                                || !layer.effects().isEmpty())
                        .forEach(layer -> choices.add(new Choice(what, layer.id(), layer.name())));
            }
        }
        return choices;
    }

    /** Returns the figure at hand and the one it is compared with. */
    Pair pair(Optional<Choice> choice, Optional<Silhouette> period) {
        Judge judge = studio.judge();
        EvaluatedCostume at = studio.situation().judged();
        String title = costume().title() + ", " + at.wearer().name();
        Map<String, Double> numbers = numbers(judge, at);
        if (choice.isEmpty()) {
            return new Pair(
                    shown(judge, at, period, Optional.empty(), title),
                    Optional.empty(),
                    numbers,
                    numbers,
                    List.of(),
                    Optional.empty());
        }
        return switch (choice.get().what()) {
            case PERIOD -> {
                Optional<Silhouette> other =
                        judge.silhouettes().find(choice.get().id());
                Optional<PeriodOutline> outline =
                        other.map(each -> judge.dressing().outline(each, at.subject()));
                yield new Pair(
                        shown(
                                judge,
                                at,
                                period,
                                outline.map(each -> side -> each.bands(side).stream()
                                        .map(band -> band.flattened(1.2))
                                        .toList()),
                                title + "; dotted: " + choice.get().words()),
                        Optional.empty(),
                        numbers,
                        numbers,
                        periods(period, other),
                        Optional.empty());
            }
            case WEARER -> {
                Wearer wearer = studio.histories().wearers().values().stream()
                        .filter(each -> each.id().equals(choice.get().id()))
                        .findFirst()
                        .orElseThrow();
                EvaluatedCostume worn = studio.current().wornBy(wearer);
                List<Sentence> said = new ArrayList<>();
                said.add(Sentence.of("The same garments, drafted for {}.", wearer.name()));
                worn.judgement()
                        .failures()
                        .forEach((garment, why) -> said.add(
                                Sentence.of("{} cannot be drawn: {}", garment, String.valueOf(why.getMessage()))));
                yield new Pair(
                        shown(judge, at, period, Optional.empty(), title),
                        Optional.of(shown(judge, worn, period, Optional.empty(), wearer.name())),
                        numbers,
                        numbers(judge, worn),
                        said,
                        Optional.empty());
            }
            case LAYER ->
                without(
                        judge,
                        at,
                        period,
                        studio.wardrobe().layer(choice.get().id()).orElseThrow(),
                        title);
        };
    }

    private static FigurePane.Shown shown(
            Judge judge,
            EvaluatedCostume at,
            Optional<Silhouette> period,
            Optional<FigurePane.Other> other,
            String title) {
        Optional<PeriodOutline> outline = period.map(each -> judge.dressing().outline(each, at.subject()));
        return new FigurePane.Shown(judge, at, outline, List.of(), other, title);
    }

    private static Map<String, Double> numbers(Judge judge, EvaluatedCostume at) {
        return FigureQuantities.of(judge.figure(at, 0.5));
    }

    /** What the two periods want of the same quantities. */
    private List<Sentence> periods(Optional<Silhouette> one, Optional<Silhouette> other) {
        List<Sentence> said = new ArrayList<>();
        if (one.isEmpty() || other.isEmpty()) {
            return said;
        }
        other.get()
                .marks()
                .forEach((part, words) -> said.add(Sentence.of(
                        "{}: {}; here: {}",
                        Character.toUpperCase(part.charAt(0)) + part.substring(1),
                        words,
                        one.get().marks().getOrDefault(part, "nothing said"))));
        return said;
    }

    /** Returns the outlines of what a figure has on. */
    private List<List<Point>> clothes(DressedFigure dressed, FigureView view) {
        List<Solid> solids = studio.figures().stand(dressed.body()).wearing(dressed);
        return PlateMaker.plate(solids, Viewpoint.of(view)).washes().stream()
                .filter(wash -> wash.tone() == 0 && wash.material() != Solid.Material.BODY)
                .flatMap(wash -> wash.borders().stream())
                .toList();
    }

    private Pair without(Judge judge, EvaluatedCostume at, Optional<Silhouette> period, Layer layer, String title) {
        Judge less = judge.without(costume().stack(), layer.id());
        DressedFigure with = judge.figure(at, 0.5);
        DressedFigure lacking = less.figure(at, 0.5);
        FigurePane.Other shapes = view -> clothes(lacking, view);
        Lengths lengths = new Lengths(
                layer.name(),
                with.toFloor(DressedFigure.Over.FRONT) - lacking.toFloor(DressedFigure.Over.FRONT),
                with.toFloor(DressedFigure.Over.SIDE) - lacking.toFloor(DressedFigure.Over.SIDE),
                with.toFloor(DressedFigure.Over.BACK) - lacking.toFloor(DressedFigure.Over.BACK));
        boolean lengthens = Math.abs(lengths.side()) > 1 || Math.abs(lengths.back()) > 1;
        List<Sentence> said = new ArrayList<>();
        said.add(
                lengthens
                        ? Sentence.of(
                                "{} adds to the way from the waist to the floor: {} in front, {} at each side, {} behind (estimated).",
                                layer.name(),
                                lengths.front(),
                                lengths.side(),
                                lengths.back())
                        : Sentence.of("{} does not change the way from the waist to the floor.", layer.name()));
        return new Pair(
                shown(
                        judge,
                        at,
                        period,
                        Optional.of(shapes),
                        title + "; dotted: without " + layer.name().toLowerCase(Locale.ROOT)),
                Optional.empty(),
                numbers(judge, at),
                numbers(less, at),
                said,
                lengthens && skirt().isPresent() ? Optional.of(lengths) : Optional.empty());
    }

    /** The garment whose lengths are settings. */
    private Optional<Garment> skirt() {
        return costume().garments().stream()
                .filter(garment -> settings(garment).keySet().stream().anyMatch(SETTINGS::containsKey))
                .findFirst();
    }

    private Map<String, Double> settings(Garment garment) {
        Map<String, Double> lengths = new LinkedHashMap<>();
        studio.situation()
                .work(garment.name())
                .ifPresent(work -> SETTINGS.forEach((setting, where) -> {
                    Double value = work.draft().settings().get(setting);
                    if (value != null) {
                        lengths.put(setting, value);
                    }
                }));
        return lengths;
    }

    /** Adds what a layer takes to the lengths that the skirt balance works with. */
    void take(Lengths lengths) {
        Garment garment = skirt().orElseThrow();
        Garment changed = garment;
        for (Map.Entry<String, Double> each : settings(garment).entrySet()) {
            double by = switch (SETTINGS.get(each.getKey())) {
                case "side" -> lengths.side();
                case "back" -> lengths.back();
                default -> lengths.front();
            };
            changed = changed.withSetting(each.getKey(), each.getValue() + by);
        }
        studio.keep(
                costume().with(changed),
                "setting",
                Sentence.of(
                        "{}: longer for {} by {} at each side, {} behind",
                        garment.name(),
                        lengths.layer().toLowerCase(Locale.ROOT),
                        lengths.side(),
                        lengths.back()));
    }

    /** Returns the least difference that is told. */
    static double least(QuantityKind kind) {
        return kind.unit() == QuantityKind.Unit.MM ? 1.5 : kind.unit() == QuantityKind.Unit.DEGREES ? 0.5 : 0.004;
    }

    String shown(QuantityKind kind, double value) {
        return switch (kind.unit()) {
            case MM -> studio.format().format(value);
            case DEGREES -> String.format(Locale.ROOT, "%.0f°", value);
            case RATIO, EYE -> String.format(Locale.ROOT, "%.2f", value);
        };
    }
}
