package org.soberhem.studio;

import java.util.LinkedHashMap;
import java.util.Map;
import org.soberhem.core.doubt.Doubts;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.gate.Gate;
import org.soberhem.core.judging.FactCollector;
import org.soberhem.core.judging.Judge;
import org.soberhem.core.judging.MeasureResolver;
import org.soberhem.core.judging.ObstacleFinder;
import org.soberhem.core.layers.Wardrobe;
import org.soberhem.core.maker.Maker;
import org.soberhem.core.silhouette.Silhouette;
import org.soberhem.library.Library;

/**
 * The shipped library joined with a maker's own stacks and silhouettes, and what answers from both. The parts that need
 * symptoms are made when they are first asked for: a start needs none of them.
 */
public final class MakersLibrary {

    private final Library library;
    private final Maker maker;
    private final Wardrobe wardrobe;
    private final MeasureResolver resolver;
    private final Doubts doubts;
    private final ObstacleFinder obstacles;
    private final Judge judge;
    private FactCollector facts;
    private Gate gate;

    public MakersLibrary(Library library, Maker maker) {
        this.library = library;
        this.maker = maker;
        wardrobe = library.wardrobe().with(maker.stacks());
        resolver = new MeasureResolver(library.measures(), wardrobe);
        doubts = new Doubts(library.measures(), library.relations(), library.proportions(), wardrobe);
        obstacles = new ObstacleFinder(library.measures(), wardrobe, library.usages(), doubts, library::seenWords);
        judge = new Judge(library.silhouettes().with(silhouettes(library, maker)), library.figurePlan(), wardrobe);
    }

    /** The maker's own silhouettes; one that cannot be read stays in the editor until it can. */
    private static Map<String, Silhouette> silhouettes(Library library, Maker maker) {
        Map<String, Silhouette> own = new LinkedHashMap<>();
        maker.silhouettes().forEach((id, text) -> {
            try {
                Silhouette read = library.silhouetteReader().read(text);
                own.put(read.header().id(), read);
            } catch (SheetException unfinished) {
                own.remove(id);
            }
        });
        return own;
    }

    public Maker maker() {
        return maker;
    }

    /** The shipped layers and stacks with the maker's own. */
    public Wardrobe wardrobe() {
        return wardrobe;
    }

    /** Finds which readings the drafts of a costume take. */
    public MeasureResolver resolver() {
        return resolver;
    }

    public Doubts doubts() {
        return doubts;
    }

    public ObstacleFinder obstacles() {
        return obstacles;
    }

    /** Dresses and judges costumes by the shipped silhouettes and the maker's own. */
    public Judge judge() {
        return judge;
    }

    /** Collects the facts that speak for or against the causes of a remark. */
    public synchronized FactCollector facts() {
        if (facts == null) {
            facts = new FactCollector(library.symptoms(), wardrobe, library.alterations(), maker.months());
        }
        return facts;
    }

    /** The gates before steps that cannot be taken back. */
    public synchronized Gate gate() {
        if (gate == null) {
            gate = new Gate(library.symptoms(), library.movements(), wardrobe, library.making());
        }
        return gate;
    }
}
