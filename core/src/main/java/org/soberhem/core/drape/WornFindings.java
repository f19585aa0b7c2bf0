package org.soberhem.core.drape;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.stand.Residual;

/** Puts into words what a garment tried on shows, each with its noise: what lies within it cannot be told. */
public final class WornFindings {

    /** Readings by which a level of the stand is known. */
    private static final Map<String, List<String>> READ = Map.of(
            "bust", List.of("full-bust"),
            "chest", List.of("chest"),
            "waist", List.of("waist-crease", "waist-narrowest"),
            "hip", List.of("full-hip"));

    /** So much of a piece must be pushed together to be called slack. */
    private static final double SLACK = 0.25;

    /** So much of the cloth may lie in the crease of the arms, as a share. */
    private static final double CREASED = 0.01;

    /** Where the stand misses a tape by more, nothing is said of the ease there, millimetres. */
    private static final double MISFIT = 6;

    /** Bending stiffness from which cloth is boned, micronewton metres. */
    private static final double BONED = 10000;

    /** Sides whose shares differ by less are told together. */
    private static final double ALIKE = 0.06;

    private final Draped draped;
    private final double limit;
    private final List<WornFinding> findings = new ArrayList<>();

    private WornFindings(Draped draped, double limit) {
        this.draped = draped;
        this.limit = limit;
        pieces();
        levels();
        edges();
        untold();
    }

    /**
     * Returns what is to be said, the tight places first.
     *
     * @param limit stretch that is too much, as a share
     */
    public static List<WornFinding> of(Draped draped, double limit) {
        return List.copyOf(new WornFindings(draped, limit).findings);
    }

    private void pieces() {
        List<ClothTension.OfPiece> pieces = pairs(new ClothTension(draped).pieces(limit));
        for (ClothTension.OfPiece each : pieces) {
            if (each.isTight()) {
                add(
                        WornFinding.Kind.TIGHT,
                        each,
                        Sentence.of(
                                "{}: tight over {} % of it, drawn {} % {}",
                                each.piece(),
                                percent(each.beyond()),
                                tenths(Math.max(each.weft(), each.warp())),
                                each.direction()));
            }
        }
        for (ClothTension.OfPiece each : pieces) {
            if (each.pressure() > ClothTension.COMFORT) {
                add(
                        WornFinding.Kind.COMFORT,
                        each,
                        Sentence.of(
                                "{}: presses with {} kPa; ask the wearer whether that is comfortable",
                                each.piece(),
                                String.valueOf(Math.round(each.pressure() * 10) / 10.0)));
            }
            if (each.slack() > SLACK) {
                add(
                        WornFinding.Kind.SLACK,
                        each,
                        Sentence.of("{}: slack over {} % of it", each.piece(), percent(each.slack())));
            }
        }
    }

    /** Returns one of two pieces that are drawn alike on both sides, as both. */
    private static List<ClothTension.OfPiece> pairs(List<ClothTension.OfPiece> pieces) {
        List<ClothTension.OfPiece> paired = new ArrayList<>();
        for (ClothTension.OfPiece each : pieces) {
            int comma = each.piece().indexOf(',');
            Optional<ClothTension.OfPiece> fellow = paired.stream()
                    .filter(other ->
                            comma > 0 && other.piece().startsWith(each.piece().substring(0, comma + 1)))
                    .filter(other -> Math.abs(other.beyond() - each.beyond()) < ALIKE
                            && Math.abs(other.slack() - each.slack()) < ALIKE)
                    .findFirst();
            fellow.ifPresentOrElse(
                    other -> paired.set(
                            paired.indexOf(other), other.with(each.piece().substring(0, comma) + ", both sides")),
                    () -> paired.add(each));
        }
        return paired;
    }

    private static String percent(double share) {
        return String.valueOf(Math.round(share * 100));
    }

    private static String tenths(double share) {
        return String.valueOf(Math.round(share * 1000) / 10.0);
    }

    private void add(WornFinding.Kind kind, ClothTension.OfPiece piece, Sentence sentence) {
        findings.add(new WornFinding(kind, sentence, Optional.of(piece.piece()), piece.tightest()));
    }

    private void add(WornFinding.Kind kind, Sentence sentence) {
        findings.add(new WornFinding(kind, sentence, Optional.empty(), -1));
    }

    private void levels() {
        for (ReadOff.AtLevel level : new ReadOff(draped).levels()) {
            double noise = Math.max(ReadOff.NOISE_OF_EASE, missed(level.level()));
            if (missed(level.level()) > MISFIT) {
                add(
                        WornFinding.Kind.UNTOLD,
                        Sentence.of(
                                "Ease at the {} cannot be told: the stand misses its tape by {}",
                                level.level(),
                                noise));
            } else if (Math.abs(level.ease()) < noise) {
                add(
                        WornFinding.Kind.UNTOLD,
                        Sentence.of("Ease at the {} cannot be told: it lies within {}", level.level(), noise));
            } else {
                add(
                        WornFinding.Kind.EASE,
                        Sentence.of("Ease at the {}: {}, give or take {}", level.level(), level.ease(), noise));
            }
        }
    }

    /** Returns by how much the stand misses what was read at a level. */
    private double missed(String level) {
        return draped.stand().residuals().stream()
                .filter(residual -> READ.getOrDefault(level, List.of()).contains(residual.measure()))
                .mapToDouble(Residual::off)
                .map(Math::abs)
                .max()
                .orElse(0);
    }

    private void edges() {
        new ReadOff(draped).edges().forEach((edge, above) -> {
            String what = edge.equals("nape") ? "The neck behind" : "The waist seam";
            String where = edge.equals("nape") ? "nape" : "wearer's waist";
            boolean there = Math.abs(above) < ReadOff.NOISE_OF_EDGES;
            String which = above > 0 ? "above" : "below";
            add(
                    WornFinding.Kind.EDGE,
                    there
                            ? Sentence.of("{} lies at the {}, give or take {}", what, where, ReadOff.NOISE_OF_EDGES)
                            : Sentence.of(
                                    "{} lies {} {} the {}, give or take {}",
                                    what,
                                    Math.abs(above),
                                    which,
                                    where,
                                    ReadOff.NOISE_OF_EDGES));
        });
    }

    private void untold() {
        if (!draped.atRest()) {
            add(WornFinding.Kind.UNTOLD, Sentence.of("It did not come to rest: what hangs free may still move"));
        }
        double within = new ReadOff(draped).within();
        if (within > CREASED) {
            add(
                    WornFinding.Kind.UNTOLD,
                    Sentence.of(
                            "{} % of the cloth found no room between arm and trunk: what is said of it there means little",
                            tenths(within)));
        }
        if (draped.cloth().bent().warp() > BONED) {
            add(
                    WornFinding.Kind.UNTOLD,
                    Sentence.of("A stand does not give way as a body does: what stays draw in is told as tight"));
        }
        draped.mesh()
                .worn()
                .leftOut()
                .forEach(each -> add(WornFinding.Kind.UNTOLD, Sentence.of("Not tried on: {}", each)));
    }
}
