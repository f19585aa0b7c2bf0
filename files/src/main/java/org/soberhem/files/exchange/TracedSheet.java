package org.soberhem.files.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;

/** Writes traced outlines as a draft sheet, so that they can be altered, compared and printed like any other. */
public final class TracedSheet {

    /** A line that turns by more has a corner there, in degrees. */
    private static final double CORNER = 12;

    /** A curve through its knots stays this near to what was traced, in millimetres. */
    private static final double NEAR = 0.1;

    private static final int MOST_KNOTS = 40;

    private final StringBuilder text = new StringBuilder();

    private TracedSheet() {}

    /**
     * Returns the sheet.
     *
     * @param id kebab-case name
     * @param title for people
     * @param outlines at least one
     */
    public static String write(String id, String title, List<SvgOutlines.Traced> outlines) {
        TracedSheet sheet = new TracedSheet();
        sheet.line(
                "# Traced from a drawing at its true size; the pieces know no measurement. Name the edges, and add seams, levels");
        sheet.line("# and checks where they are wanted.");
        sheet.line("draft: " + id);
        sheet.line("title: \"" + title.replace("\"", "'").replace("\\", "") + "\"");
        sheet.line("place: not stated");
        sheet.line("years: [1500, 1960]");
        sheet.line("garment: traced");
        sheet.line("system: traced");
        sheet.line("sources: [\"traced from a drawing\"]");
        sheet.line("cautions: [\"Made for one unknown wearer: measure its girths and lengths before it is cut.\"]");
        sheet.line("measures: {}");
        sheet.line("middle: {}");
        sheet.line("settings:");
        sheet.line("  allowance: {default: 0 in, least: 0 in, most: 2 in, why: \"added to the traced line\"}");
        sheet.line("pieces:");
        outlines.forEach(sheet::piece);
        return sheet.text.toString();
    }

    private void line(String words) {
        text.append(words).append('\n');
    }

    private void piece(SvgOutlines.Traced traced) {
        List<Path> runs = runs(traced.path());
        Box box = Box.round(traced.path().flattened(1));
        Point shift = new Point(-box.minX(), -box.minY());
        List<String> points = new ArrayList<>();
        List<String> outline = new ArrayList<>();
        List<String> edges = new ArrayList<>();
        int knot = 1;
        for (int i = 0; i < runs.size(); i++) {
            Path run = runs.get(i);
            String corner = "A" + (i + 1);
            String next = "A" + ((i + 1) % runs.size() + 1);
            points.add(point(corner, run.start().plus(shift)));
            edges.add("edge-" + (i + 1) + ": {run: " + corner + ".." + next + ", role: none}");
            List<Point> through = knots(run);
            List<String> names = new ArrayList<>();
            for (Point at : through) {
                String name = "K" + knot++;
                names.add(name);
                points.add(point(name, at.plus(shift)));
            }
            outline.add(names.isEmpty() ? next : "{to: " + next + ", through: [" + String.join(", ", names) + "]}");
        }
        grain(traced, shift, points);
        line("  " + traced.name() + ":");
        line("    cut: {outer: 1}");
        line("    shape: plain");
        line("    points:");
        points.forEach(each -> line("      " + each));
        line("    outline:");
        line("    - A1");
        outline.subList(0, outline.size() - 1).forEach(each -> line("    - " + each));
        String last = outline.get(outline.size() - 1);
        if (!last.equals("A1")) {
            line("    - " + last);
        }
        line("    edges: {" + String.join(", ", edges) + "}");
        line("    grain: [M, N]");
    }

    private static void grain(SvgOutlines.Traced traced, Point shift, List<String> points) {
        Outline whole = new Outline(traced.path()
                .flattened(0.5)
                .subList(1, traced.path().flattened(0.5).size()));
        Point middle = whole.box().middle();
        List<Double> cuts = whole.cuts(middle, new Point(0, 1));
        double from = cuts.isEmpty() ? -1 : cuts.get(0);
        double to = cuts.isEmpty() ? 1 : cuts.get(1);
        points.add(point("M", middle.plus(new Point(0, from + (to - from) / 6)).plus(shift)));
        points.add(point("N", middle.plus(new Point(0, to - (to - from) / 6)).plus(shift)));
    }

    private static String point(String name, Point at) {
        return String.format(Locale.ROOT, "%s: {along: %.3f mm, out: %.3f mm}", name, at.y(), at.x());
    }

    /** Cuts the outline at its corners; a closed curve without any is cut in two. */
    private static List<Path> runs(Path whole) {
        List<Segment> segments = whole.segments();
        List<Integer> corners = new ArrayList<>();
        for (int i = 0; i < segments.size(); i++) {
            Segment before = segments.get(Math.floorMod(i - 1, segments.size()));
            Point in = before.direction(1);
            Point out = segments.get(i).direction(0);
            if (Math.toDegrees(StrictMath.atan2(Math.abs(in.cross(out)), in.dot(out))) > CORNER) {
                corners.add(i);
            }
        }
        while (corners.size() < 3 && corners.size() < segments.size()) {
            for (int i = 0; i < segments.size() && corners.size() < 3; i += Math.max(1, segments.size() / 3)) {
                if (!corners.contains(i)) {
                    corners.add(i);
                }
            }
            corners.sort(Integer::compare);
            if (corners.size() < 3) {
                break;
            }
        }
        List<Path> runs = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            int from = corners.get(i);
            int to = corners.get((i + 1) % corners.size());
            List<Segment> run = new ArrayList<>();
            for (int k = from; k != to || run.isEmpty(); k = (k + 1) % segments.size()) {
                run.add(segments.get(k));
            }
            runs.add(new Path(run));
        }
        return runs;
    }

    /** Returns as few places on the way as let a bent lath follow the run; none for a straight one. */
    private static List<Point> knots(Path run) {
        for (int count = 0; count <= MOST_KNOTS; count = count == 0 ? 1 : count * 2) {
            List<Point> places = new ArrayList<>();
            for (int i = 1; i <= count; i++) {
                places.add(run.atShare((double) i / (count + 1)));
            }
            List<Point> all = new ArrayList<>(places);
            all.add(0, run.start());
            all.add(run.end());
            Path drawn = Path.bent(all, Optional.empty(), Optional.empty());
            if (apart(run, drawn) < NEAR) {
                return places;
            }
        }
        List<Point> places = new ArrayList<>();
        for (int i = 1; i <= MOST_KNOTS; i++) {
            places.add(run.atShare(i / (MOST_KNOTS + 1.0)));
        }
        return places;
    }

    private static double apart(Path run, Path drawn) {
        double apart = 0;
        for (int i = 1; i < 20; i++) {
            apart = Math.max(apart, run.atShare(i / 20.0).distanceTo(drawn.atShare(i / 20.0)));
        }
        return apart;
    }
}
