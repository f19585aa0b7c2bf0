package org.soberhem.core.formula;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthUnit;
import org.soberhem.core.pattern.EdgeRef;

/**
 * Reads a formula by recursive descent, checking names and dimensions as it goes. The grammar is published in
 * docs/formats/draft-sheet.md.
 */
public final class FormulaReader {

    private static final int MOST_CHARACTERS = 400;
    private static final int MOST_DEPTH = 40;

    private static final Pattern TOKEN = Pattern.compile(
            "\\s*(?:(?<number>\\d+(?:\\.\\d+)?(?:\\s+\\d+/\\d+(?!\\d)|(?<=\\d)/\\d+)?)(?:\\s*(?<unit>in|ft|yd|mm|cm|m|deg)\\b)?"
                    + "|(?<name>[A-Za-z][A-Za-z0-9]*(?:-[A-Za-z0-9]+)*(?:[.@][A-Za-z][A-Za-z0-9]*(?:-[A-Za-z0-9]+)*)?)"
                    + "|(?<sign><=|>=|!=|[-+*/×÷−(),<>=]))");

    private record Value(Dimension dimension, Term term) {}

    private record Token(String kind, String text, String unit) {}

    private final SourceText source;
    private final Scope scope;
    private final List<Token> tokens = new ArrayList<>();
    private final Set<Integer> names = new LinkedHashSet<>();
    private final Set<Integer> points = new LinkedHashSet<>();
    private final List<Integer> edges = new ArrayList<>();
    private int next;
    private int depth;

    public FormulaReader(SourceText source, Scope scope) {
        this.source = source;
        this.scope = scope;
    }

    public Formula read() {
        split();
        Value value = comparison();
        if (next < tokens.size()) {
            throw problem("\"" + tokens.get(next).text() + "\" was not expected");
        }
        return new Formula(source, value.dimension(), value.term(), names, points, edges);
    }

    private void split() {
        String text = source.text();
        if (text.isBlank()) {
            throw problem("a formula is missing");
        }
        if (text.length() > MOST_CHARACTERS) {
            throw problem("a formula has at most " + MOST_CHARACTERS + " characters");
        }
        Matcher matcher = TOKEN.matcher(text);
        int end = 0;
        while (end < text.length() && matcher.find(end) && matcher.start() == end) {
            for (String kind : new String[] {"number", "name", "sign"}) {
                if (matcher.group(kind) != null) {
                    tokens.add(new Token(kind, matcher.group(kind), matcher.group("unit")));
                }
            }
            end = matcher.end();
        }
        if (!text.substring(end).isBlank()) {
            throw problem("\"" + text.substring(end).strip() + "\" cannot be read");
        }
    }

    private Value comparison() {
        Value left = sum();
        if (!at("<", "<=", ">", ">=", "=", "!=")) {
            return left;
        }
        String sign = take().text();
        Value right = sum();
        same(left, right, sign);
        if (!"=".equals(sign) && !"!=".equals(sign)) {
            number(left, sign);
        }
        Term a = left.term();
        Term b = right.term();
        Term answer = switch (sign) {
            case "<" -> f -> truth(a.value(f) < b.value(f));
            case "<=" -> f -> truth(a.value(f) <= b.value(f));
            case ">" -> f -> truth(a.value(f) > b.value(f));
            case ">=" -> f -> truth(a.value(f) >= b.value(f));
            case "=" -> f -> truth(a.value(f) == b.value(f));
            default -> f -> truth(a.value(f) != b.value(f));
        };
        return new Value(Dimension.TRUTH, answer);
    }

    private static double truth(boolean holds) {
        return holds ? 1 : 0;
    }

    private Value sum() {
        Value left = product();
        while (at("+", "-", "−")) {
            String sign = take().text();
            Value right = product();
            same(left, right, sign);
            number(left, sign);
            Term a = left.term();
            Term b = right.term();
            left = new Value(
                    left.dimension(), "+".equals(sign) ? f -> a.value(f) + b.value(f) : f -> a.value(f) - b.value(f));
        }
        return left;
    }

    private Value product() {
        Value left = sign();
        while (at("*", "/", "×", "÷")) {
            String sign = take().text();
            Value right = sign();
            number(left, sign);
            number(right, sign);
            Term a = left.term();
            Term b = right.term();
            boolean times = "*".equals(sign) || "×".equals(sign);
            left = new Value(
                    left.dimension().times(right.dimension(), times ? 1 : -1),
                    times ? f -> a.value(f) * b.value(f) : f -> a.value(f) / b.value(f));
        }
        return left;
    }

    private Value sign() {
        if (at("-", "−")) {
            take();
            Value value = sign();
            number(value, "-");
            Term term = value.term();
            return new Value(value.dimension(), f -> -term.value(f));
        }
        return primary();
    }

    private Value primary() {
        if (next >= tokens.size()) {
            throw problem("something is missing at its end");
        }
        if (++depth > MOST_DEPTH) {
            throw problem("brackets go deeper than " + MOST_DEPTH);
        }
        Token token = take();
        Value value = switch (token.kind()) {
            case "number" -> literal(token);
            case "name" -> at("(") ? call(token.text()) : named(token.text());
            default -> {
                if (!"(".equals(token.text())) {
                    throw problem("\"" + token.text() + "\" was not expected");
                }
                Value inner = comparison();
                expect(")");
                yield inner;
            }
        };
        depth--;
        return value;
    }

    private Value literal(Token token) {
        double number = 0;
        for (String part : token.text().split("\\s+")) {
            String[] fraction = part.split("/");
            double top = Double.parseDouble(fraction[0]);
            double bottom = fraction.length > 1 ? Double.parseDouble(fraction[1]) : 1;
            if (bottom == 0) {
                throw problem("the fraction " + part + " has nothing under its stroke");
            }
            number += top / bottom;
        }
        double constant;
        Dimension dimension;
        if (token.unit() == null) {
            constant = number;
            dimension = Dimension.NUMBER;
        } else if ("deg".equals(token.unit())) {
            constant = StrictMath.toRadians(number);
            dimension = Dimension.ANGLE;
        } else {
            constant = number * LengthUnit.find(token.unit()).orElseThrow().nanometres() / 1e6;
            dimension = Dimension.LENGTH;
        }
        return new Value(dimension, f -> constant);
    }

    private Value named(String name) {
        Scope.Named named = scope.name(name)
                .orElseThrow(() -> problem("\"" + name + "\" is not known here; known are " + scope.known()
                        + (name.matches(".*-\\d.*") ? " (a minus sign needs a blank on each side)" : "")));
        int slot = named.slot();
        names.add(slot);
        return new Value(named.dimension(), f -> f.slots[slot]);
    }

    private Value call(String function) {
        expect("(");
        Value value = switch (function) {
            case "distance", "angle" -> betweenPoints(function);
            case "length" -> edgeLength();
            case "girth" -> levelGirth();
            case "across" -> acrossPiece();
            case "tall" -> {
                String piece = pieceName();
                yield new Value(Dimension.LENGTH, f -> f.drawn.tall(piece));
            }
            case "out" -> coordinate(Point::x);
            case "along" -> coordinate(Point::y);
            default -> arithmetic(function);
        };
        expect(")");
        return value;
    }

    private Value betweenPoints(String function) {
        int a = pointSlot();
        expect(",");
        int b = pointSlot();
        if ("distance".equals(function)) {
            return new Value(
                    Dimension.LENGTH, f -> StrictMath.hypot(f.slots[b] - f.slots[a], f.slots[b + 1] - f.slots[a + 1]));
        }
        return new Value(
                Dimension.ANGLE, f -> StrictMath.atan2(f.slots[b] - f.slots[a], f.slots[b + 1] - f.slots[a + 1]));
    }

    private int pointSlot() {
        String name = takeName("a point");
        int slot = scope.point(name).orElseThrow(() -> problem("point \"" + name + "\" is not known in this piece"));
        points.add(slot);
        return slot;
    }

    private Value edgeLength() {
        String name = takeName("an edge such as front.side");
        if (!name.contains(".")) {
            throw problem("an edge is written piece.edge: \"" + name + "\"");
        }
        int edge = scope.edge(EdgeRef.parse(name)).orElseThrow(() -> problem("edge \"" + name + "\" is not known"));
        edges.add(edge);
        return new Value(Dimension.LENGTH, f -> f.length(edge));
    }

    private Value levelGirth() {
        String name = takeName("a level such as bust");
        if (!scope.level(name)) {
            throw problem("girth(" + name + ") can be used in checks only, for a level that some piece has");
        }
        return new Value(Dimension.LENGTH, f -> f.drawn.girth(name));
    }

    private Value acrossPiece() {
        String piece = pieceName();
        expect(",");
        Value share = sum();
        if (!share.dimension().equals(Dimension.NUMBER)) {
            throw problem("across needs a piece and a share of its length: across(sleeve, 0.5)");
        }
        Term at = share.term();
        return new Value(Dimension.LENGTH, f -> f.drawn.across(piece, at.value(f)));
    }

    private String pieceName() {
        String name = takeName("a piece such as sleeve");
        if (!scope.piece(name)) {
            throw problem(
                    "piece \"" + name + "\" is not known, or not yet drawn: only checks and quantities measure pieces");
        }
        return name;
    }

    private Value coordinate(ToDoubleFunction<Point> axis) {
        String name = takeName("a point such as front.A");
        if (!name.contains(".") || !scope.place(EdgeRef.parse(name))) {
            throw problem("point \"" + name
                    + "\" is not known, or not yet drawn: only checks and quantities ask where piece.point lies");
        }
        EdgeRef point = EdgeRef.parse(name);
        return new Value(
                Dimension.LENGTH,
                f -> f.drawn.at(point).map(axis::applyAsDouble).orElse(Double.NaN));
    }

    private Value arithmetic(String function) {
        List<Value> of = new ArrayList<>();
        of.add(comparison());
        while (at(",")) {
            take();
            of.add(comparison());
        }
        Term a = of.get(0).term();
        Term b = of.size() > 1 ? of.get(1).term() : null;
        Dimension first = of.get(0).dimension();
        return switch (function) {
            case "if" -> choice(of);
            case "min" -> fold(of, function, Math::min);
            case "max" -> fold(of, function, Math::max);
            case "abs" -> unary(of, function, first, f -> Math.abs(a.value(f)));
            case "sqrt" -> {
                if (first.kind() != Dimension.Kind.MAGNITUDE || first.power() % 2 != 0) {
                    throw problem("sqrt needs a pure number or an area, not " + first.words());
                }
                yield unary(
                        of,
                        function,
                        new Dimension(Dimension.Kind.MAGNITUDE, first.power() / 2),
                        f -> Math.sqrt(a.value(f)));
            }
            case "sin" -> angular(of, function, f -> StrictMath.sin(a.value(f)));
            case "cos" -> angular(of, function, f -> StrictMath.cos(a.value(f)));
            case "tan" -> angular(of, function, f -> StrictMath.tan(a.value(f)));
            case "atan2" -> {
                binary(of, function);
                yield new Value(Dimension.ANGLE, f -> StrictMath.atan2(a.value(f), b.value(f)));
            }
            case "up" -> step(of, function, (x, s) -> Math.ceil(x / s - 1e-9) * s);
            case "down" -> step(of, function, (x, s) -> Math.floor(x / s + 1e-9) * s);
            case "round" -> step(of, function, (x, s) -> Math.rint(x / s) * s);
            default ->
                throw problem(
                        "\"" + function + "\" is not a function; known are if, min, max, abs, sqrt, sin, cos, tan, "
                                + "atan2, up, down, round, distance, angle, length, girth, across, tall, out, along");
        };
    }

    private Value choice(List<Value> of) {
        if (of.size() != 3 || !of.get(0).dimension().equals(Dimension.TRUTH)) {
            throw problem("if needs a comparison and two values: if(bust > 40 in, 2, 1)");
        }
        same(of.get(1), of.get(2), "if");
        Term test = of.get(0).term();
        Term yes = of.get(1).term();
        Term no = of.get(2).term();
        return new Value(of.get(1).dimension(), f -> test.value(f) != 0 ? yes.value(f) : no.value(f));
    }

    private interface Binary {
        double apply(double a, double b);
    }

    private Value fold(List<Value> of, String function, Binary step) {
        Value all = of.get(0);
        number(all, function);
        for (Value each : of.subList(1, of.size())) {
            same(all, each, function);
            Term a = all.term();
            Term b = each.term();
            all = new Value(all.dimension(), f -> step.apply(a.value(f), b.value(f)));
        }
        return all;
    }

    private Value unary(List<Value> of, String function, Dimension result, Term term) {
        if (of.size() != 1) {
            throw problem(function + " needs one value");
        }
        number(of.get(0), function);
        return new Value(result, term);
    }

    private Value angular(List<Value> of, String function, Term term) {
        if (of.size() != 1 || !of.get(0).dimension().equals(Dimension.ANGLE)) {
            throw problem(function + " needs one angle, such as 30 deg");
        }
        return new Value(Dimension.NUMBER, term);
    }

    private void binary(List<Value> of, String function) {
        if (of.size() != 2) {
            throw problem(function + " needs two values");
        }
        same(of.get(0), of.get(1), function);
        number(of.get(0), function);
    }

    private Value step(List<Value> of, String function, Binary rounding) {
        binary(of, function);
        Term a = of.get(0).term();
        Term b = of.get(1).term();
        return new Value(of.get(0).dimension(), f -> rounding.apply(a.value(f), b.value(f)));
    }

    private void same(Value left, Value right, String sign) {
        if (!left.dimension().equals(right.dimension())) {
            throw problem("\"" + sign + "\" joins " + left.dimension().words() + " and "
                    + right.dimension().words());
        }
    }

    private void number(Value value, String sign) {
        if (value.dimension().kind() == Dimension.Kind.TRUTH
                || value.dimension().kind() == Dimension.Kind.CHOICE) {
            throw problem("\"" + sign + "\" cannot take " + value.dimension().words());
        }
    }

    private boolean at(String... signs) {
        if (next < tokens.size() && "sign".equals(tokens.get(next).kind())) {
            for (String sign : signs) {
                if (sign.equals(tokens.get(next).text())) {
                    return true;
                }
            }
        }
        return false;
    }

    private Token take() {
        return tokens.get(next++);
    }

    private String takeName(String what) {
        if (next >= tokens.size() || !"name".equals(tokens.get(next).kind())) {
            throw problem(what + " must stand here");
        }
        return take().text();
    }

    private void expect(String sign) {
        if (!at(sign)) {
            throw problem("\"" + sign + "\" is missing");
        }
        take();
    }

    private SheetException problem(String what) {
        return new SheetException(source, "in \"" + source.text() + "\", " + what);
    }
}
