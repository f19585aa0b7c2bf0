package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;

/**
 * Makes a sheet of a drawn pattern that scales itself to the wearer, in three ways between which the maker may choose: by
 * landmarks, by one factor across and one along, and by one factor.
 *
 * <p>By landmarks every named level comes to lie where the wearer has it and as broad as the wearer is there, with the
 * stated ease; the neck is scaled as a whole by the neck, the shoulder by the shoulder. The depth of the arm-hole is found
 * by trying until its length has kept its proportion to the bust within the usual band; the front's depth until the side
 * seams agree, and the height of a sleeve's cap until it has kept its ease over the arm-hole. At the size as drawn all
 * three give the drawing. The rule is our own; cutters do the same by eye.
 */
public final class ScaledSheet {

    /** Name of the choice. */
    public static final String SCALING = "scaling";

    /** Its ways, the usual first. */
    public static final List<String> WAYS = List.of("landmarks", "across-and-along", "one-factor");

    /** How far inside the band of the arm-hole the back is drawn, as a share of the band: the front follows by its side seam. */
    private static final double INSIDE = 0.25;

    /** Room between the shoulder or the waist and the arm-hole's lowest place, in millimetres. */
    private static final double ROOM = 20;

    /** A level that crosses an edge this near to a place of it needs no other, in millimetres. */
    private static final double NEAR = 3;

    /** The end of a seam moves by at most so much of what moves with it. */
    private static final double MOVES = 0.4;

    private static final String BY_LANDMARKS = "if(scaling = landmarks, ";
    private static final String LONG = "long";
    private static final String ONE = "one";
    private static final String AT = "waist-at";

    private final PaperPattern pattern;
    private final Landmarks landmarks;
    private final List<MadeFor> made;
    private final Map<String, String> amounts = new LinkedHashMap<>();
    private final List<SheetPlan.SeamPlan> seams = new ArrayList<>();
    private final List<SheetPlan.CheckPlan> checks = new ArrayList<>();
    private final Map<String, PiecePlanner> planners = new LinkedHashMap<>();
    private final Map<String, Map<String, SheetPlan.SolvePlan>> solves = new LinkedHashMap<>();
    private final Map<String, Moved> trued = new LinkedHashMap<>();

    /** Less of a seam than this share cannot take up what the seam lacks. */
    private static final double LEAST_REACH = 0.25;

    /**
     * How a place moves so that a seam comes true.
     *
     * @param by formula of how far
     * @param out whether it moves out; else along, and out by a share of that: it slides on the seam's own line, so that the
     *     width at a level stays
     * @param slope that share
     */
    private record Moved(String by, boolean out, double slope) {}

    private ScaledSheet(PaperPattern pattern, Landmarks landmarks, List<MadeFor> made) {
        this.landmarks = landmarks;
        this.made = made.stream().filter(MadeFor::used).toList();
        this.pattern = new PaperPattern(
                pattern.pieces().stream().map(this::withLevelsOnEdges).toList(), pattern.waist());
    }

    /**
     * Returns the sheet.
     *
     * @param made what the drawing says of the body it was made for
     */
    public static SheetPlan of(PaperPattern pattern, Landmarks landmarks, List<MadeFor> made) {
        return new ScaledSheet(pattern, landmarks, made).plan();
    }

    /** An edge that a level crosses gets a place there, so that the level's width is met exactly. */
    private PaperPiece withLevelsOnEdges(PaperPiece piece) {
        List<Run> runs = new ArrayList<>();
        for (Run run : piece.runs()) {
            Run crossed = run;
            for (double level : piece.levels().values()) {
                crossed = crossed.crossing(level, NEAR);
            }
            runs.add(crossed);
        }
        return piece.with(runs);
    }

    private Optional<MadeFor> used(String id) {
        return made.stream().filter(each -> each.landmark().id().equals(id)).findFirst();
    }

    private Optional<MadeFor> used(Landmark.Found... ways) {
        for (Landmark.Found way : ways) {
            Optional<MadeFor> found =
                    made.stream().filter(each -> each.landmark().found() == way).findFirst();
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /** What the finished pattern shall have at a landmark. */
    private static String wanted(MadeFor each) {
        String id = each.landmark().id();
        return id + " + ease." + id;
    }

    private SheetPlan plan() {
        factors();
        List<PaperPiece> pieces = pattern.pieces();
        pieces.forEach(piece -> solves.put(piece.name(), new LinkedHashMap<>()));
        armHole();
        SewnEdges.of(pieces).forEach(this::seam);
        for (PaperPiece piece : pieces) {
            PiecePlanner planner = new PiecePlanner(piece, placing(piece));
            planner.corners();
            planners.put(piece.name(), planner);
        }
        made.forEach(this::check);
        List<SheetPlan.PiecePlan> written = pieces.stream()
                .map(piece -> planners.get(piece.name()).plan(solves.get(piece.name())))
                .toList();
        Map<String, List<String>> measures = new LinkedHashMap<>();
        Map<String, Double> middle = new LinkedHashMap<>();
        Map<String, SheetPlan.Eased> ease = new LinkedHashMap<>();
        for (MadeFor each : made) {
            Landmark landmark = each.landmark();
            measures.put(landmark.id(), landmark.measures());
            middle.put(landmark.id(), each.body());
            ease.put(
                    landmark.id(),
                    new SheetPlan.Eased(
                            Math.min(landmark.ease().least(), each.ease()),
                            each.ease(),
                            Math.max(landmark.ease().most(), each.ease()),
                            landmark.why()));
        }
        return new SheetPlan(
                measures,
                middle,
                ease,
                made.isEmpty()
                        ? Map.of()
                        : Map.of(SCALING, new SheetPlan.Ways(WAYS, "how the drawing is brought to the wearer's size")),
                amounts,
                written,
                seams,
                checks,
                quantities(),
                pieces.stream().mapToDouble(PaperPiece::allowance).max().orElse(0));
    }

    private void factors() {
        if (made.isEmpty()) {
            pattern.waist().ifPresent(waist -> amounts.put(AT, Terms.mm(waist)));
            return;
        }
        MadeFor by = used(Landmark.Found.GIRTH, Landmark.Found.LIMB).orElse(made.get(0));
        amounts.put(ONE, by.landmark().id() + " / " + Terms.mm(by.body()));
        String along = used(Landmark.Found.BACK, Landmark.Found.FRONT, Landmark.Found.SKIRT, Landmark.Found.SLEEVE)
                .map(each -> each.landmark().id() + " / " + Terms.mm(each.body()))
                .orElse("if(scaling = landmarks, 1, one)");
        // Where no length is measured, lengths stay as drawn by landmarks; a factor knows no better than the girth.
        amounts.put(LONG, "if(scaling = one-factor, one, " + along + ")");
        for (MadeFor each : made) {
            switch (each.landmark().found()) {
                case GIRTH, LIMB, ACROSS_BACK, ACROSS_FRONT -> amounts.put(wideName(each), ratio(each));
                default -> {
                    // Lengths are laid off where their pieces are placed.
                }
            }
        }
        follower("neck", Landmark.Found.NECK);
        follower("shoulder", Landmark.Found.SHOULDER);
        pattern.waist().ifPresent(waist -> {
            String natural = Terms.times(waist, LONG);
            amounts.put(
                    AT,
                    used(Landmark.Found.BACK)
                            .map(back -> BY_LANDMARKS + wanted(back) + ", " + natural + ")")
                            .orElse(natural));
            used(Landmark.Found.DEPTH)
                    .ifPresent(depth -> amounts.put(
                            "hip-at",
                            AT + " + " + BY_LANDMARKS + wanted(depth) + ", " + Terms.times(depth.drawn(), LONG) + ")"));
        });
    }

    private static String wideName(MadeFor each) {
        return each.landmark().id() + "-wide";
    }

    /** What lies beyond the middle, such as a button stand, stays as it is drawn. */
    private String ratio(MadeFor each) {
        double stays = each.landmark().found() == Landmark.Found.NECK ? pattern.neckBeyond() : 0;
        String less = stays == 0 ? "" : " - " + Terms.mm(stays);
        return BY_LANDMARKS + "(" + wanted(each) + less + ") / " + Terms.mm(each.drawn() - stays) + ", one)";
    }

    /** Neck and shoulder follow their own measure or, unmeasured, a part of the change in girth. */
    private void follower(String name, Landmark.Found found) {
        amounts.put(
                name + "-wide",
                used(found)
                        .map(this::ratio)
                        .orElse(BY_LANDMARKS + "1 + " + Terms.number(landmarks.follows(), 3) + " * (one - 1), one)"));
        amounts.put(name + "-tall", BY_LANDMARKS + name + "-wide, long)");
    }

    private boolean scales() {
        return !made.isEmpty();
    }

    private String longer() {
        return scales() ? LONG : "1";
    }

    /** Returns where a height of a piece that no landmark holds lies. */
    private String natural(PaperPiece piece, double y) {
        return pattern.waist().isPresent() && piece.levels().containsKey(PaperPattern.WAIST)
                ? Terms.plus(AT, y - pattern.waist().getAsDouble(), longer())
                : Terms.times(y, longer());
    }

    private String wide(String level) {
        return made.stream()
                .filter(each -> each.landmark().level().equals(level)
                        && (each.landmark().found() == Landmark.Found.GIRTH
                                || each.landmark().found() == Landmark.Found.LIMB))
                .map(ScaledSheet::wideName)
                .findFirst()
                .orElse(scales() ? ONE : "1");
    }

    /** Solves the depth of the arm-hole on the back, of the front until its side agrees, and the height of the cap. */
    private void armHole() {
        if (!scales()) {
            return;
        }
        Optional<PaperPiece> back = pattern.trunk("back").filter(ScaledSheet::hasArmHole);
        Optional<PaperPiece> front = pattern.trunk("front").filter(ScaledSheet::hasArmHole);
        if (back.isPresent() && front.isPresent()) {
            wantedArmHole(pattern.armHole());
            double share = lengths(back.get().all(Role.ARMSCYE)) / pattern.armHole();
            depth(back.get(), BY_LANDMARKS, lengthOf(back.get(), Role.ARMSCYE), "arm-hole * " + Terms.number(share, 7));
            Run frontSide = PaperPattern.side(front.get()).orElseThrow();
            Run backSide = PaperPattern.side(back.get()).orElseThrow();
            if (frontSide.edge().equals(backSide.edge())) {
                double longer = frontSide.path().length() - backSide.path().length();
                String meets = "length(" + SewnEdges.name(back.get(), backSide) + ")"
                        + (Math.abs(longer) < PaperPattern.TRACED ? "" : " + " + Terms.times(longer, LONG));
                depth(
                        front.get(),
                        "if(scaling != one-factor, ",
                        "length(" + SewnEdges.name(front.get(), frontSide) + ")",
                        meets);
            }
        }
        pattern.sleeve()
                .filter(piece -> piece.levels().containsKey("upper-arm"))
                .ifPresent(this::cap);
    }

    private static boolean hasArmHole(PaperPiece piece) {
        return PaperPattern.tip(piece).isPresent()
                && PaperPattern.underarm(piece).isPresent();
    }

    private static double lengths(List<Run> runs) {
        return runs.stream().mapToDouble(run -> run.path().length()).sum();
    }

    private static String lengthOf(PaperPiece piece, Role role) {
        return String.join(
                " + ",
                piece.all(role).stream()
                        .map(run -> "length(" + piece.name() + "." + run.edge() + ")")
                        .toList());
    }

    private void wantedArmHole(double drawn) {
        String grown = Terms.times(drawn, "(one + long) / 2");
        Optional<MadeFor> bust = used("bust");
        String kept = bust.map(each -> {
                    double own = drawn / each.body();
                    Landmarks.Band band = landmarks.armHole();
                    double inside = INSIDE * (band.most() - band.least());
                    return "min(max(" + grown + ", bust * "
                            + Terms.number(Math.min(own, band.least() + inside), 4) + "), bust * "
                            + Terms.number(Math.max(own, band.most() - inside), 4) + ")";
                })
                .orElse(grown);
        amounts.put("arm-hole", kept);
    }

    private void depth(PaperPiece piece, String when, String until, String is) {
        String name = piece.name() + "-depth";
        double drawn = PaperPattern.underarm(piece).orElseThrow().y();
        solves.get(piece.name())
                .put(
                        name,
                        new SheetPlan.SolvePlan(
                                tipAt(piece) + " + " + Terms.mm(ROOM),
                                pattern.waist().isPresent()
                                        ? AT + " - " + Terms.mm(ROOM)
                                        : Terms.times(piece.bottom(), LONG) + " - " + Terms.mm(ROOM),
                                when + until + ", " + name + ")",
                                when + is + ", " + natural(piece, drawn) + ")"));
    }

    /** The cap rises until it has kept its ease, or its fullness, over the arm-hole. */
    private void cap(PaperPiece sleeve) {
        double cap = lengths(sleeve.all(Role.CAP));
        double hole = pattern.armHole();
        List<String> edges = pattern.pieces().stream()
                .filter(piece -> !piece.all(Role.ARMSCYE).isEmpty())
                .map(piece -> lengthOf(piece, Role.ARMSCYE))
                .toList();
        if (edges.isEmpty()) {
            return;
        }
        double level = sleeve.levels().get("upper-arm");
        boolean full = cap > hole * (1 + SewnEdges.GATHERED);
        String hold = full
                ? "(" + String.join(" + ", edges) + ") * " + Terms.number(cap / hole, 5)
                : String.join(" + ", edges) + " + " + Terms.times(cap - hole, ONE);
        solves.get(sleeve.name())
                .put(
                        "cap-height",
                        new SheetPlan.SolvePlan(
                                Terms.times(level / 4, ONE),
                                Terms.times(level * 3, ONE),
                                BY_LANDMARKS + lengthOf(sleeve, Role.CAP) + ", cap-height)",
                                BY_LANDMARKS + hold + ", " + Terms.times(level, LONG) + ")"));
        List<String> first = sleeve.all(Role.CAP).stream()
                .map(run -> sleeve.name() + "." + run.edge())
                .toList();
        List<String> second = pattern.pieces().stream()
                .flatMap(piece -> piece.all(Role.ARMSCYE).stream().map(run -> piece.name() + "." + run.edge()))
                .toList();
        seams.add(
                full
                        ? new SheetPlan.SeamPlan(
                                first,
                                second,
                                Seam.Kind.GATHERED,
                                Terms.number(cap / hole - 0.1, 3),
                                Terms.number(cap / hole + 0.1, 3))
                        : eased(first, second, cap - hole, ONE));
    }

    private static SheetPlan.SeamPlan eased(List<String> first, List<String> second, double by, String ratio) {
        return new SheetPlan.SeamPlan(
                first, second, Seam.Kind.EASED, Terms.plus("-1 mm", by, ratio), Terms.plus("1 mm", by, ratio));
    }

    private void seam(SewnEdges sewn) {
        if (sewn.isGathered()) {
            seams.add(gathered(sewn));
            return;
        }
        boolean traced = Math.abs(sewn.longer()) < PaperPattern.TRACED;
        boolean shoulder = sewn.first().role() == Role.SHOULDER
                && PaperPattern.hasShoulder(sewn.one())
                && PaperPattern.hasShoulder(sewn.other());
        boolean solved =
                PaperPattern.side(sewn.other()).filter(sewn.second()::equals).isPresent()
                        && solves.get(sewn.other().name())
                                .containsKey(sewn.other().name() + "-depth");
        if (scales() && traced && !shoulder && !solved) {
            makeTrue(sewn);
        }
        seams.add(
                traced && scales()
                        ? new SheetPlan.SeamPlan(sewn.firstRun(), sewn.secondRun(), Seam.Kind.PLAIN, "0 mm", "0 mm")
                        : eased(
                                sewn.firstRun(),
                                sewn.secondRun(),
                                sewn.longer(),
                                shoulder && scales() ? "shoulder-wide" : longer()));
    }

    static SheetPlan.SeamPlan gathered(SewnEdges sewn) {
        boolean longerFirst = sewn.longer() > 0;
        double a = sewn.first().path().length();
        double b = sewn.second().path().length();
        double full = Math.max(a, b) / Math.min(a, b);
        return new SheetPlan.SeamPlan(
                longerFirst ? sewn.firstRun() : sewn.secondRun(),
                longerFirst ? sewn.secondRun() : sewn.firstRun(),
                Seam.Kind.GATHERED,
                Terms.number(full - 0.15, 3),
                Terms.number(full + 0.15, 3));
    }

    /**
     * The end of the second side that no landmark holds moves along, and what lies between it and the nearest landmark with it,
     * until the two sides agree.
     */
    private void makeTrue(SewnEdges sewn) {
        PaperPiece piece = sewn.other();
        List<Point> down = sewn.second().places();
        List<Point> up = sewn.second().reversed().places();
        int fromEnd = held(piece, up);
        int fromStart = held(piece, down);
        boolean atEnd = movesAtEnd(sewn, reach(up, fromEnd), reach(down, fromStart));
        List<Point> moving = atEnd ? up : down;
        int held = atEnd ? fromEnd : fromStart;
        if (reach(moving, held) < LEAST_REACH * reach(moving, moving.size() - 1)) {
            held = moving.size() - 1;
        }
        double reach = reach(moving, held);
        String name = piece.name() + "-" + sewn.second().edge() + "-trued";
        SheetPlan.SolvePlan solve = new SheetPlan.SolvePlan(
                Terms.times(-MOVES * reach, LONG),
                Terms.times(MOVES * reach, LONG),
                "length(" + SewnEdges.name(piece, sewn.second()) + ")",
                "length(" + SewnEdges.name(sewn.one(), sewn.first()) + ")");
        Point moved = moving.get(0);
        if (piece.all(Role.ARMSCYE).stream()
                .anyMatch(hole -> hole.start().equals(moved) || hole.end().equals(moved))) {
            first(piece, name, solve);
        } else {
            solves.get(piece.name()).put(name, solve);
        }
        for (int i = 0; i < held; i++) {
            String by = Terms.number(1 - reach(moving, i) / reach, 6) + " * " + name;
            double slope = sewn.liesAcross() ? 0 : slope(moving, i);
            trued.put(piece.name() + at(moving.get(i)), new Moved(by, sewn.liesAcross(), slope));
        }
    }

    /** A corner of the arm-hole that must move is found before the arm-hole's depth. */
    private void first(PaperPiece piece, String name, SheetPlan.SolvePlan solve) {
        Map<String, SheetPlan.SolvePlan> later = solves.get(piece.name());
        Map<String, SheetPlan.SolvePlan> ordered = new LinkedHashMap<>();
        ordered.put(name, solve);
        ordered.putAll(later);
        solves.put(piece.name(), ordered);
    }

    /** Corners of neck, shoulder, arm-hole and cap stay; then the end moves with which more can move, and the lower of two. */
    private static boolean movesAtEnd(SewnEdges sewn, double end, double start) {
        boolean endStays = stays(sewn.other(), sewn.second().end());
        boolean startStays = stays(sewn.other(), sewn.second().start());
        if (endStays != startStays) {
            return startStays;
        }
        if (sewn.liesAcross()) {
            return sewn.second().end().x() > sewn.second().start().x();
        }
        return Math.abs(end - start) < NEAR
                ? sewn.second().end().y() > sewn.second().start().y()
                : end > start;
    }

    private static boolean stays(PaperPiece piece, Point corner) {
        return piece.runs().stream()
                .filter(run -> run.start().equals(corner) || run.end().equals(corner))
                .anyMatch(run -> switch (run.role()) {
                    case NECK, SHOULDER, ARMSCYE, CAP, CENTRE -> true;
                    default -> false;
                });
    }

    /** Returns the number of the first place from an end that lies on a landmark's height, or of the last. */
    private static int held(PaperPiece piece, List<Point> places) {
        for (int i = 1; i < places.size(); i++) {
            if (isOnLevel(piece, places.get(i))) {
                return i;
            }
        }
        return places.size() - 1;
    }

    /** Returns how far out a line goes with its way along, at a place on it; a line that lies nearly across goes nowhere. */
    private static double slope(List<Point> places, int at) {
        Point before = places.get(Math.max(0, at - 1));
        Point after = places.get(Math.min(places.size() - 1, at + 1));
        Point way = after.minus(before);
        return Math.abs(way.y()) < Math.abs(way.x()) ? 0 : way.x() / way.y();
    }

    private static double reach(List<Point> places, int to) {
        double reach = 0;
        for (int i = 0; i < to; i++) {
            reach += places.get(i).distanceTo(places.get(i + 1));
        }
        return reach;
    }

    private static boolean isOnLevel(PaperPiece piece, Point at) {
        return piece.levels().values().stream().anyMatch(level -> Math.abs(level - at.y()) < NEAR);
    }

    private static String at(Point end) {
        return "@" + end.x() + "," + end.y();
    }

    private String topAt(PaperPiece piece) {
        Point neck = PaperPattern.neckPoint(piece).orElseThrow();
        if (!scales()) {
            return natural(piece, neck.y());
        }
        if (piece.is("front") && pattern.waist().isPresent()) {
            Optional<MadeFor> front = used(Landmark.Found.FRONT);
            if (front.isPresent()) {
                return AT + " - " + BY_LANDMARKS + wanted(front.get()) + ", "
                        + Terms.times(pattern.waist().getAsDouble() - neck.y(), LONG) + ")";
            }
        }
        Optional<Point> nape = piece.corner(Role.NECK, Role.CENTRE);
        if (piece.is("back") && nape.isPresent() && used(Landmark.Found.BACK).isPresent()) {
            return Terms.times(neck.y() - nape.get().y(), "neck-tall");
        }
        return natural(piece, neck.y());
    }

    private static String topName(PaperPiece piece) {
        return piece.name() + "-top";
    }

    private static String tipAt(PaperPiece piece) {
        return piece.name() + "-tip";
    }

    /** Where the places of a piece lie: the neck with the neck point, the shoulder from there, the rest between heights. */
    private PiecePlanner.Placing placing(PaperPiece piece) {
        if (PaperPattern.isLimb(piece)) {
            return limb(piece);
        }
        Stations stations = new Stations(longer(), piece.centred());
        Optional<Point> neck = PaperPattern.neckPoint(piece);
        neck.ifPresent(at -> amounts.put(topName(piece), topAt(piece)));
        PaperPattern.tip(piece).ifPresent(tip -> shoulder(piece, neck, tip, stations));
        PaperPattern.underarm(piece).ifPresent(at -> {
            String depth = piece.name() + "-depth";
            stations.add(
                    at.y(), solves.get(piece.name()).containsKey(depth) ? depth : natural(piece, at.y()), wide("bust"));
        });
        nape(piece, stations);
        piece.levels().forEach((level, y) -> level(piece, level, y, stations));
        hem(piece, stations);
        lowest(piece, stations);
        if (stations.isEmpty()) {
            stations.add(0, natural(piece, 0), scales() ? ONE : "1");
        }
        return (at, before, after) -> {
            if (neck.isPresent() && (before == Role.NECK || after == Role.NECK)) {
                return new SheetPlan.PointPlan(
                        Terms.plus(topName(piece), at.y() - neck.get().y(), scales() ? "neck-tall" : "1"),
                        across(piece, at.x(), scales() ? "neck-wide" : "1"));
            }
            if (neck.isPresent() && (before == Role.SHOULDER || after == Role.SHOULDER)) {
                String near = across(piece, neck.get().x(), scales() ? "neck-wide" : "1");
                return new SheetPlan.PointPlan(
                        Terms.plus(topName(piece), at.y() - neck.get().y(), scales() ? "shoulder-tall" : "1"),
                        Terms.plus(near, at.x() - neck.get().x(), scales() ? "shoulder-wide" : "1"));
            }
            return placed(piece, stations, at);
        };
    }

    /** The neck of a back whose shoulder is a strap lies where the back's length has it. */
    private void nape(PaperPiece piece, Stations stations) {
        if (piece.is("back")
                && PaperPattern.neckPoint(piece).isEmpty()
                && used(Landmark.Found.BACK).isPresent()) {
            piece.corner(Role.NECK, Role.CENTRE)
                    .ifPresent(at -> stations.add(at.y(), "0 mm", stations.isEmpty() ? ONE : stations.wide(at.y())));
        }
    }

    /** Where no height is named below the arm-hole, the lower edge stays while its depth is tried. */
    private void lowest(PaperPiece piece, Stations stations) {
        PaperPattern.underarm(piece)
                .filter(under -> stations.lowest() < under.y() + ROOM)
                .ifPresent(under ->
                        stations.add(piece.bottom(), natural(piece, piece.bottom()), stations.wide(piece.bottom())));
    }

    /** Every hem of a skirt is let down as much as the one in front. */
    private void hem(PaperPiece piece, Stations stations) {
        Optional<MadeFor> length = used(Landmark.Found.SKIRT);
        if (length.isPresent()
                && piece.run(Role.HEM).isPresent()
                && piece.run(Role.NECK).isEmpty()
                && piece.levels().containsKey(PaperPattern.WAIST)) {
            double y = PaperPattern.hem(piece);
            double drawn = y - piece.levels().get(PaperPattern.WAIST);
            String wanted =
                    Terms.plus(wanted(length.get()), drawn - length.get().drawn(), LONG);
            stations.add(
                    y, AT + " + " + BY_LANDMARKS + wanted + ", " + Terms.times(drawn, LONG) + ")", stations.wide(y));
        }
    }

    private SheetPlan.PointPlan placed(PaperPiece piece, Stations stations, Point at) {
        String along = stations.along(at.y());
        String out = stations.out(at.x(), at.y());
        Moved moved = trued.get(piece.name() + at(at));
        if (moved == null) {
            return new SheetPlan.PointPlan(along, out);
        }
        if (moved.out()) {
            return new SheetPlan.PointPlan(along, out + " + " + moved.by());
        }
        return new SheetPlan.PointPlan(
                along + " + " + moved.by(),
                moved.slope() == 0 ? out : out + " + " + Terms.number(moved.slope(), 5) + " * " + moved.by());
    }

    private static String across(PaperPiece piece, double x, String ratio) {
        return piece.centred() && x <= 0 ? Terms.mm(x) : Terms.times(x, ratio);
    }

    /** The tip lies from the neck point as far as the shoulder is long; a strap's, which has no neck point, where it is drawn. */
    private void shoulder(PaperPiece piece, Optional<Point> neck, Point tip, Stations stations) {
        if (!scales()) {
            stations.add(tip.y(), natural(piece, tip.y()), "1");
            return;
        }
        if (neck.isEmpty()) {
            amounts.put(tipAt(piece), natural(piece, tip.y()));
            stations.add(tip.y(), tipAt(piece), "shoulder-wide");
            return;
        }
        amounts.put(
                tipAt(piece), Terms.plus(topName(piece), tip.y() - neck.get().y(), "shoulder-tall"));
        amounts.put(
                tipAt(piece) + "-wide",
                "("
                        + Terms.plus(
                                Terms.times(neck.get().x(), "neck-wide"),
                                tip.x() - neck.get().x(),
                                "shoulder-wide")
                        + ") / " + Terms.mm(tip.x()));
        stations.add(tip.y(), tipAt(piece), tipAt(piece) + "-wide");
    }

    private void level(PaperPiece piece, String level, double y, Stations stations) {
        Optional<MadeFor> across = made.stream()
                .filter(each -> each.landmark().level().equals(level)
                        && (each.landmark().found() == Landmark.Found.ACROSS_BACK && piece.is("back")
                                || each.landmark().found() == Landmark.Found.ACROSS_FRONT && piece.is("front")))
                .findFirst();
        if (across.isPresent()) {
            stations.add(y, stations.along(y), wideName(across.get()));
            return;
        }
        boolean girth = made.stream()
                .anyMatch(each ->
                        each.landmark().level().equals(level) && each.landmark().found() == Landmark.Found.GIRTH);
        if (level.equals(PaperPattern.WAIST)) {
            stations.add(y, AT, wide(level));
        } else if (used(Landmark.Found.DEPTH)
                .filter(depth -> depth.landmark().level().equals(level))
                .isPresent()) {
            stations.add(y, amounts.containsKey("hip-at") ? "hip-at" : natural(piece, y), wide(level));
        } else if (girth) {
            stations.add(y, between(piece, y), wide(level));
        }
    }

    /** A level between arm-hole and waist keeps its share of the way. */
    private String between(PaperPiece piece, double y) {
        Optional<Point> under = PaperPattern.underarm(piece);
        if (under.isPresent()
                && solves.get(piece.name()).containsKey(piece.name() + "-depth")
                && piece.levels().containsKey(PaperPattern.WAIST)
                && y > under.get().y()
                && y < piece.levels().get(PaperPattern.WAIST)) {
            double waist = piece.levels().get(PaperPattern.WAIST);
            return Terms.between(
                    piece.name() + "-depth",
                    AT,
                    (y - under.get().y()) / (waist - under.get().y()));
        }
        return natural(piece, y);
    }

    private PiecePlanner.Placing limb(PaperPiece piece) {
        Stations stations = new Stations(longer(), piece.centred());
        Optional<MadeFor> length =
                used(Landmark.Found.SLEEVE).filter(each -> piece.run(Role.CAP).isPresent());
        boolean cap = solves.get(piece.name()).containsKey("cap-height");
        double deep = piece.levels().getOrDefault("upper-arm", 0.0);
        String top = wide("upper-arm");
        stations.add(piece.top(), natural(piece, piece.top()), top);
        if (piece.levels().containsKey("upper-arm")) {
            stations.add(deep, cap ? "cap-height" : natural(piece, deep), top);
        }
        double own = piece.bottom() - piece.top();
        String end = length.map(each -> BY_LANDMARKS + Terms.plus(wanted(each), own - each.drawn(), LONG) + ", "
                        + Terms.times(own, LONG) + ")")
                .orElse(natural(piece, piece.bottom()));
        piece.levels().forEach((level, y) -> {
            if (y > deep && y < piece.bottom() - NEAR) {
                String at = cap && length.isPresent()
                        ? Terms.between("cap-height", Terms.bracketed(end), (y - deep) / (piece.bottom() - deep))
                        : natural(piece, y);
                stations.add(y, at, wide(level));
            }
        });
        String wrist = piece.levels().entrySet().stream()
                .filter(level -> level.getValue() >= piece.bottom() - NEAR)
                .map(level -> wide(level.getKey()))
                .findFirst()
                .orElse(stations.wide(piece.bottom()));
        stations.add(piece.bottom(), end, wrist);
        return (at, before, after) -> {
            return placed(piece, stations, at);
        };
    }

    private void check(MadeFor each) {
        Landmark landmark = each.landmark();
        String within = "1/2 in";
        switch (landmark.found()) {
            case GIRTH ->
                checks.add(new SheetPlan.CheckPlan(
                        landmark.level(),
                        pattern.pieces().stream()
                                .filter(piece ->
                                        piece.levels().containsKey(landmark.level()) && !PaperPattern.isLimb(piece))
                                .map(PaperPiece::name)
                                .toList(),
                        List.of(),
                        List.of(),
                        wanted(each),
                        within,
                        letOut()));
            case NECK ->
                checks.add(length(
                        each,
                        pattern.pieces().stream()
                                .filter(piece -> PaperPattern.neckPoint(piece).isPresent())
                                .flatMap(piece ->
                                        piece.all(Role.NECK).stream().map(run -> piece.name() + "." + run.edge()))
                                .toList(),
                        List.of(),
                        "(" + wanted(each) + ") / 2"));
            case SHOULDER ->
                pattern.pieces().stream()
                        .filter(PaperPattern::hasShoulder)
                        .min((a, b) -> Boolean.compare(!a.is("back"), !b.is("back")))
                        .ifPresent(piece -> checks.add(length(
                                each,
                                List.of(),
                                List.of(
                                        corner(
                                                piece,
                                                PaperPattern.neckPoint(piece).orElseThrow()),
                                        corner(piece, PaperPattern.tip(piece).orElseThrow())),
                                wanted(each))));
            case BACK ->
                pattern.trunk("back")
                        .ifPresent(piece -> checks.add(down(
                                each,
                                piece,
                                corner(
                                        piece,
                                        piece.corner(Role.NECK, Role.CENTRE).orElseThrow()),
                                new SheetPlan.PointPlan(AT, "0 mm"))));
            case FRONT ->
                pattern.trunk("front").ifPresent(piece -> {
                    Point neck = PaperPattern.neckPoint(piece).orElseThrow();
                    checks.add(down(
                            each,
                            piece,
                            corner(piece, neck),
                            new SheetPlan.PointPlan(AT, across(piece, neck.x(), "neck-wide"))));
                });
            case DEPTH ->
                pattern.pieces().stream()
                        .filter(piece -> piece.levels().containsKey(landmark.level())
                                && piece.levels().containsKey(PaperPattern.WAIST))
                        .findFirst()
                        .ifPresent(piece -> checks.add(down(
                                each,
                                piece,
                                piece.name() + "."
                                        + planners.get(piece.name()).mark(new SheetPlan.PointPlan(AT, "0 mm")),
                                new SheetPlan.PointPlan("hip-at", "0 mm"))));
            case LIMB -> limbCheck(each);
            case ACROSS_BACK -> acrossCheck(each, "back");
            case ACROSS_FRONT -> acrossCheck(each, "front");
            case SLEEVE ->
                pattern.sleeve().ifPresent(piece -> {
                    PiecePlanner.Placing placing = placing(piece);
                    ends(each, piece, placing, new Point(0, piece.top()), new Point(0, piece.bottom()), "");
                });
            case SKIRT ->
                pattern.skirt()
                        .ifPresent(piece -> ends(
                                each,
                                piece,
                                placing(piece),
                                new Point(0, piece.levels().get(PaperPattern.WAIST)),
                                new Point(0, PaperPattern.hem(piece)),
                                ""));
        }
    }

    private void ends(MadeFor each, PaperPiece piece, PiecePlanner.Placing placing, Point from, Point to, String half) {
        PiecePlanner planner = planners.get(piece.name());
        SheetPlan.PointPlan first = placing.of(from, Role.NONE, Role.NONE);
        SheetPlan.PointPlan second = placing.of(to, Role.NONE, Role.NONE);
        checks.add(length(
                each,
                List.of(),
                List.of(piece.name() + "." + planner.mark(first), piece.name() + "." + planner.mark(second)),
                half.isEmpty() ? wanted(each) : "(" + wanted(each) + ") / " + half));
    }

    /** Where the level crosses the piece on either side, or its middle and the one side of a half. */
    private void limbCheck(MadeFor each) {
        pattern.pieces().stream()
                .filter(piece -> PaperPattern.isLimb(piece)
                        && piece.levels().containsKey(each.landmark().level()))
                .findFirst()
                .ifPresent(piece -> {
                    double y = piece.levels().get(each.landmark().level());
                    List<Double> cuts = piece.outline().cuts(new Point(0, y), new Point(1, 0));
                    ends(
                            each,
                            piece,
                            placing(piece),
                            new Point(cuts.get(0), y),
                            new Point(cuts.get(cuts.size() - 1), y),
                            PaperPattern.halves(piece) == 2 ? "2" : "");
                });
    }

    private void acrossCheck(MadeFor each, String part) {
        pattern.trunk(part).ifPresent(piece -> {
            double y = piece.levels().get(each.landmark().level());
            List<Double> cuts = piece.outline().cuts(new Point(0, y), new Point(1, 0));
            ends(each, piece, placing(piece), new Point(0, y), new Point(cuts.get(cuts.size() - 1), y), "2");
        });
    }

    private String corner(PaperPiece piece, Point at) {
        return piece.name() + "." + planners.get(piece.name()).corner(at);
    }

    private SheetPlan.CheckPlan down(MadeFor each, PaperPiece piece, String from, SheetPlan.PointPlan to) {
        String mark = piece.name() + "." + planners.get(piece.name()).mark(to);
        return new SheetPlan.CheckPlan(
                each.landmark().title(),
                List.of(),
                List.of(),
                List.of(from, mark),
                wanted(each),
                "1/2 in",
                piece.levels().containsKey(PaperPattern.WAIST) ? "lengthen: " + PaperPattern.WAIST : "");
    }

    private static SheetPlan.CheckPlan length(MadeFor each, List<String> run, List<String> between, String want) {
        return new SheetPlan.CheckPlan(each.landmark().title(), List.of(), run, between, want, "1/2 in", "");
    }

    /** The side seam, where there is one, takes up what a girth lacks. */
    private String letOut() {
        return pattern.pieces().stream()
                .filter(piece -> PaperPattern.side(piece).isPresent() && !PaperPattern.isLimb(piece))
                .filter(piece -> seams.stream()
                        .anyMatch(seam -> seam.first()
                                .contains(piece.name() + "."
                                        + PaperPattern.side(piece).orElseThrow().edge())))
                .map(piece -> "let-out: " + piece.name() + "."
                        + PaperPattern.side(piece).orElseThrow().edge())
                .findFirst()
                .orElse("");
    }

    private Map<String, String> quantities() {
        Map<String, String> told = new LinkedHashMap<>();
        for (String level : List.of("bust", "waist", "hip")) {
            if (pattern.pieces().stream().anyMatch(piece -> piece.levels().containsKey(level))) {
                told.put("trunk-girth-" + level, "girth(" + level + ")");
            }
        }
        return told;
    }
}
