package org.soberhem.library.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.DraftSheet;
import org.soberhem.core.draft.DraftSheet.AllowanceSheet;
import org.soberhem.core.draft.DraftSheet.CheckSheet;
import org.soberhem.core.draft.DraftSheet.JoinSheet;
import org.soberhem.core.draft.DraftSheet.PairSheet;
import org.soberhem.core.draft.DraftSheet.PieceSheet;
import org.soberhem.core.draft.DraftSheet.Remedy;
import org.soberhem.core.draft.DraftSheet.SeamSheet;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.formula.SourceText;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Spans;
import org.soberhem.library.input.YamlNode;

/** Reads a draft sheet; the format is described in docs/formats/draft-sheet.md. */
public final class SheetReader {

    private final Map<String, DraftSheet.Ease> eases = new LinkedHashMap<>();

    private SheetReader() {}

    /**
     * Reads and checks a sheet.
     *
     * @param text the YAML document
     * @throws SheetException if something in it is wrong; the message says what and in which line
     */
    public static CompiledSheet read(String text) {
        return CompiledSheet.of(new SheetReader().sheet(YamlNode.parse(text)));
    }

    private DraftSheet sheet(YamlNode root) {
        root.only(
                "draft",
                "title",
                "place",
                "years",
                "garment",
                "system",
                "sources",
                "cautions",
                "scale",
                "measures",
                "middle",
                "settings",
                "choices",
                "ease",
                "amounts",
                "frames",
                "pieces",
                "seams",
                "openings",
                "checks",
                "sums",
                "wearing",
                "quantities",
                "notions",
                "sewing");
        List<YamlNode> years = root.get("years").items();
        if (years.size() != 2) {
            throw root.get("years").problem("two years must stand here: [first, last]");
        }
        root.find("ease").ifPresent(node -> eases.putAll(map(node, SheetReader::ease)));
        return new DraftSheet(
                root.get("draft").text(),
                new DraftSheet.About(
                        root.get("title").text(),
                        root.get("place").text(),
                        years.get(0).number(),
                        years.get(1).number(),
                        root.get("garment").text(),
                        root.get("system").text(),
                        root.get("sources").items().stream()
                                .map(SheetReader::source)
                                .toList(),
                        root.find("cautions").map(YamlNode::texts).orElse(List.of())),
                root.find("scale").map(SheetReader::scale),
                map(root.get("measures"), node -> List.of(node.text().strip().split("\\s*\\|\\s*"))),
                root.find("settings")
                        .map(node -> map(node, SheetReader::setting))
                        .orElse(Map.of()),
                map(root, "choices", SheetReader::choice),
                eases,
                map(root, "amounts", YamlNode::written),
                map(root.get("middle"), YamlNode::written),
                map(root, "frames", node -> StepReader.ground(node.only("scale", "points", "solve"))),
                map(root.get("pieces"), SheetReader::piece),
                list(root, "seams", SheetReader::seam),
                list(root, "openings", SumReader::opening),
                list(root, "checks", this::check),
                map(root, "sums", SumReader::sum),
                root.find("wearing").map(SumReader::wearing),
                map(root, "quantities", YamlNode::written),
                map(root, "notions", YamlNode::written),
                root.find("sewing").map(YamlNode::texts).orElse(List.of()));
    }

    /** Words alone are a guess: nothing is said of what stands behind them. */
    static SheetSource source(YamlNode node) {
        if (node.isText()) {
            return SheetSource.guessed(node.text());
        }
        node.only("kind", "where", "at", "sure", "note");
        return new SheetSource(
                node.get("kind").word(SheetSource.Kind.class),
                words(node, "where"),
                words(node, "at"),
                node.find("sure").map(sure -> sure.word(SheetSource.Sure.class)).orElse(SheetSource.Sure.UNSURE),
                words(node, "note"));
    }

    private static String words(YamlNode node, String key) {
        return node.find(key).map(YamlNode::text).orElse("");
    }

    static DraftSheet.Scale scale(YamlNode node) {
        node.only("by", "unit", "laws");
        SourceText by = node.get("by").written();
        Optional<YamlNode> laws = node.find("laws");
        return new DraftSheet.Scale(
                by,
                laws.isPresent()
                        ? map(laws.get(), SheetReader::law)
                        : Map.of(
                                "plain", new DraftSheet.UnitLaw(node.get("unit").written())));
    }

    private static DraftSheet.Law law(YamlNode node) {
        if (node.isText()) {
            return new DraftSheet.UnitLaw(node.written());
        }
        YamlNode rulers = node.only("rulers").get("rulers");
        List<DraftSheet.RulerSheet> measured = new ArrayList<>();
        for (YamlNode ruler : rulers.items()) {
            List<YamlNode> columns = ruler.items();
            if (columns.size() != 3) {
                throw ruler.problem(
                        "a ruler has three columns, [marked, units, measured length]: found " + columns.size());
            }
            measured.add(new DraftSheet.RulerSheet(
                    columns.get(0).written(),
                    columns.get(1).written(),
                    columns.get(2).written()));
        }
        return new DraftSheet.RulerLaw(rulers.line(), measured);
    }

    private static DraftSheet.Choosing choice(YamlNode node) {
        YamlNode of = node.only("title", "of", "why").get("of");
        if (of.items().size() < 2
                || of.texts().stream().distinct().count() < of.texts().size()) {
            throw of.problem("a choice needs at least two ways, each with another name");
        }
        return new DraftSheet.Choosing(
                node.line(),
                node.find("title").map(YamlNode::text),
                of.texts(),
                node.get("why").text());
    }

    static <T> Map<String, T> map(YamlNode node, Function<YamlNode, T> read) {
        Map<String, T> map = new LinkedHashMap<>();
        node.entries().forEach((key, value) -> map.put(key, read.apply(value)));
        return map;
    }

    static <T> Map<String, T> map(YamlNode parent, String key, Function<YamlNode, T> read) {
        return parent.find(key).map(node -> map(node, read)).orElse(Map.of());
    }

    private static <T> List<T> list(YamlNode parent, String key, Function<YamlNode, T> read) {
        return parent.find(key)
                .map(node -> node.items().stream().map(read).toList())
                .orElse(List.of());
    }

    private static DraftSheet.Setting setting(YamlNode node) {
        node.only("title", "default", "least", "most", "why");
        return new DraftSheet.Setting(
                node.find("title").map(YamlNode::text),
                node.get("default").written(),
                node.get("least").written(),
                node.get("most").written(),
                node.get("why").text());
    }

    private static DraftSheet.Ease ease(YamlNode node) {
        node.only("least", "most", "draw", "why");
        return new DraftSheet.Ease(
                node.get("least").written(),
                node.get("most").written(),
                node.find("draw").map(YamlNode::written),
                node.get("why").text());
    }

    private static PieceSheet piece(YamlNode node) {
        node.only(
                "cut",
                "shape",
                "drawn",
                "on",
                "scale",
                "solve",
                "rectangle",
                "quarters",
                "points",
                "outline",
                "edges",
                "centre",
                "darts",
                "lines",
                "notches",
                "allowances",
                "grain",
                "levels",
                "spans",
                "departs");
        Optional<YamlNode> rectangle = node.find("rectangle");
        if (rectangle.isPresent()) {
            return RectangleReader.piece(node, rectangle.get());
        }
        return new PieceSheet(
                StepReader.ground(node),
                node.find("on").map(YamlNode::written),
                false,
                map(node.get("cut"), YamlNode::number),
                node.get("shape").word(CutShape.class),
                node.find("drawn")
                        .map(drawn -> drawn.word(DraftSheet.Drawn.class))
                        .orElse(DraftSheet.Drawn.SEAM_LINE),
                outline(node.get("outline")),
                map(node.get("edges"), SheetReader::edge),
                node.find("centre").map(YamlNode::written),
                map(node, "darts", SheetReader::dart),
                map(node, "lines", SheetReader::line),
                notches(node),
                map(node, "allowances", SheetReader::allowance),
                pair(node.get("grain")),
                map(node, "levels", SheetReader::pair),
                node.find("spans").map(SheetReader::spans),
                map(node, "departs", YamlNode::text));
    }

    /** Returns the notches as written and those at the quarter points of the edges that are gathered to such points. */
    static Map<String, DraftSheet.NotchSheet> notches(YamlNode node) {
        Map<String, DraftSheet.NotchSheet> notches = new LinkedHashMap<>(map(node, "notches", SheetReader::notch));
        node.find("quarters").ifPresent(quarters -> {
            for (YamlNode edge : quarters.items()) {
                for (int quarter = 1; quarter < 4; quarter++) {
                    notches.putIfAbsent(
                            edge.text() + "-quarter-" + quarter,
                            new DraftSheet.NotchSheet(edge.written(), new SourceText(quarter + "/4", edge.line())));
                }
            }
        });
        return notches;
    }

    private static List<JoinSheet> outline(YamlNode node) {
        List<JoinSheet> joins = node.items().stream().map(SheetReader::join).toList();
        if (joins.size() < 3) {
            throw node.problem("an outline needs at least three points");
        }
        return joins;
    }

    private static JoinSheet join(YamlNode node) {
        if (node.isText()) {
            return JoinSheet.straight(node.written());
        }
        node.only("to", "hollow", "round", "at", "towards", "fullness", "through", "leaves", "comes");
        SourceText to = node.get("to").written();
        Optional<SourceText> leaves = node.find("leaves").map(YamlNode::written);
        Optional<SourceText> comes = node.find("comes").map(YamlNode::written);
        Optional<YamlNode> through = node.find("through");
        if (through.isPresent() || leaves.isPresent() || comes.isPresent()) {
            List<SourceText> places = through.map(YamlNode::items).orElse(List.of()).stream()
                    .map(YamlNode::written)
                    .toList();
            return new JoinSheet(to, JoinSheet.Form.THROUGH, Optional.empty(), Optional.empty(), places, leaves, comes);
        }
        Optional<SourceText> corner = node.find("towards").map(YamlNode::written);
        if (corner.isPresent()) {
            return new JoinSheet(
                    to,
                    JoinSheet.Form.TOWARDS,
                    node.find("fullness").map(YamlNode::written),
                    Optional.empty(),
                    List.of(corner.get()),
                    Optional.empty(),
                    Optional.empty());
        }
        boolean hollow = node.find("hollow").isPresent();
        if (!hollow && node.find("round").isEmpty()) {
            throw node.problem("a curve needs hollow, round, towards, through, leaves or comes");
        }
        return new JoinSheet(
                to,
                hollow ? JoinSheet.Form.HOLLOW : JoinSheet.Form.ROUND,
                Optional.of(node.get(hollow ? "hollow" : "round").written()),
                node.find("at").map(YamlNode::written),
                List.of(),
                Optional.empty(),
                Optional.empty());
    }

    static DraftSheet.EdgeSheet edge(YamlNode node) {
        YamlNode run = node.isMap() ? node.only("run", "role").get("run") : node;
        List<SourceText> ends = twoParts(run, "\\.\\.", "A..B");
        return new DraftSheet.EdgeSheet(
                ends.get(0),
                ends.get(1),
                node.isMap() ? node.find("role").map(role -> role.word(Role.class)) : Optional.empty());
    }

    private static List<SourceText> twoParts(YamlNode node, String separator, String example) {
        String[] parts = node.text().split("\\s*" + separator + "\\s*");
        if (parts.length != 2 || parts[0].isBlank()) {
            throw node.problem("\"" + node.text() + "\" must be written " + example);
        }
        return List.of(new SourceText(parts[0].strip(), node.line()), new SourceText(parts[1].strip(), node.line()));
    }

    static DraftSheet.DartSheet dart(YamlNode node) {
        PairSheet legs = pair(node.only("point", "legs").get("legs"));
        return new DraftSheet.DartSheet(node.get("point").written(), legs.from(), legs.to());
    }

    static DraftSheet.LineSheet line(YamlNode node) {
        node.only("kind", "from", "to");
        return new DraftSheet.LineSheet(
                node.get("kind").word(MarkLine.Kind.class),
                node.get("from").written(),
                node.get("to").written());
    }

    private static DraftSheet.NotchSheet notch(YamlNode node) {
        node.only("on", "at");
        return new DraftSheet.NotchSheet(
                node.get("on").written(), node.get("at").written());
    }

    static AllowanceSheet allowance(YamlNode node) {
        Optional<SourceText> included = Optional.empty();
        Optional<SourceText> added = Optional.empty();
        for (String part : node.text().split("\\s*,\\s*")) {
            if (part.endsWith(" included")) {
                included = Optional.of(new SourceText(part.replace(" included", ""), node.line()));
            } else if (part.endsWith(" added")) {
                added = Optional.of(new SourceText(part.replace(" added", ""), node.line()));
            } else if (!"none".equals(part)) {
                throw node.problem("\"" + part
                        + "\" must be none, an amount with included (3/4 included) or with added (1 in added)");
            }
        }
        return new AllowanceSheet(included, added);
    }

    static PairSheet pair(YamlNode node) {
        List<YamlNode> ends = node.items();
        if (ends.size() != 2) {
            throw node.problem("two points must stand here: found " + ends.size());
        }
        return new PairSheet(ends.get(0).written(), ends.get(1).written());
    }

    static Spans spans(YamlNode node) {
        List<SourceText> ends = twoParts(node, "\\.\\.", "0 .. 0.5");
        try {
            return new Spans(
                    Double.parseDouble(ends.get(0).text()),
                    Double.parseDouble(ends.get(1).text()));
        } catch (NumberFormatException none) {
            throw node.problem("two numbers from 0 (centre front) to 1 (centre back) must stand here");
        }
    }

    static List<EdgeRef> run(YamlNode node) {
        List<YamlNode> items = node.isText() ? List.of(node) : node.items();
        List<EdgeRef> refs = new ArrayList<>();
        for (YamlNode item : items) {
            try {
                refs.add(EdgeRef.parse(item.text()));
            } catch (IllegalArgumentException wrong) {
                throw item.problem(wrong.getMessage());
            }
        }
        return refs;
    }

    private static SeamSheet seam(YamlNode node) {
        node.only("join", "kind", "ease", "fullness");
        List<YamlNode> sides = node.get("join").items();
        if (sides.size() != 2) {
            throw node.problem("a seam joins two sides: found " + sides.size());
        }
        Seam.Kind kind = node.get("kind").word(Seam.Kind.class);
        YamlNode range = node.get(kind.byFullness() ? "fullness" : "ease");
        List<SourceText> limits = twoParts(range, "\\.\\.", kind.byFullness() ? "1.4 .. 2.5" : "0 .. 1/8 in");
        return new SeamSheet(node.line(), run(sides.get(0)), run(sides.get(1)), kind, limits.get(0), limits.get(1));
    }

    private CheckSheet check(YamlNode node) {
        node.only("girth", "across", "length", "run", "between", "body", "ease", "want", "within", "why", "remedy");
        boolean girth = node.find("girth").isPresent();
        Optional<YamlNode> between = node.find("between");
        if (between.isPresent() && between.get().items().size() != 2) {
            throw between.get().problem("two points must stand here: [back.B, back.X]");
        }
        boolean wanted = node.find("want").isPresent();
        return new CheckSheet(
                node.line(),
                girth ? CheckSheet.Kind.GIRTH : CheckSheet.Kind.LENGTH,
                node.get(girth ? "girth" : "length").text(),
                girth ? node.get("across").texts() : List.of(),
                girth || between.isPresent() ? List.of() : run(node.get("run")),
                between.map(SheetReader::run).orElse(List.of()),
                node.find("body")
                        .orElseGet(() -> node.get(wanted ? "want" : "body"))
                        .written(),
                wanted ? within(node) : named(node.get("ease")),
                node.find("remedy").map(SheetReader::remedy));
    }

    private static DraftSheet.Ease within(YamlNode node) {
        SourceText within = node.get("within").written();
        // What is wanted beyond the body, where the body is named; else what is wanted counts as the body.
        String beyond = node.find("body")
                .map(body -> "(" + node.get("want").text() + ") - (" + body.text() + ")")
                .orElse("0 mm");
        return new DraftSheet.Ease(
                new SourceText(beyond + " - (" + within.text() + ")", within.line()),
                new SourceText(beyond + " + (" + within.text() + ")", within.line()),
                Optional.empty(),
                node.find("why").map(YamlNode::text).orElse("the sheet asks for it"));
    }

    private DraftSheet.Ease named(YamlNode name) {
        DraftSheet.Ease ease = eases.get(name.text());
        if (ease == null) {
            throw name.problem("\"" + name.text() + "\" is not in the ease table; it has " + eases.keySet());
        }
        return ease;
    }

    private static Remedy remedy(YamlNode node) {
        node.only("lengthen", "let-out");
        Optional<YamlNode> level = node.find("lengthen");
        return level.isPresent()
                ? new Remedy(Remedy.Kind.LENGTHEN_AT_LEVEL, level.get().text(), node.line())
                : new Remedy(
                        Remedy.Kind.LET_OUT_SEAM,
                        run(node.get("let-out")).get(0).toString(),
                        node.line());
    }
}
