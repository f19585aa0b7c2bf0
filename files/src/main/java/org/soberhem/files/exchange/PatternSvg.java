package org.soberhem.files.exchange;

import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.PieceLayout;
import org.soberhem.core.pattern.Spread;

/**
 * A pattern as SVG at true size: one user unit is a millimetre, one group a layer (cut, sew, fold, grain, notch, text).
 */
public final class PatternSvg {

    private static final double MARGIN = 20;
    private static final double NOTCH = 5;

    private final XMLStreamWriter xml;
    private final PieceLayout layout;
    private final List<Spread> spreads;

    private PatternSvg(XMLStreamWriter xml, PieceLayout layout, List<Spread> spreads) {
        this.xml = xml;
        this.layout = layout;
        this.spreads = spreads;
    }

    /** Returns the drawing, the pieces laid out beside each other as they are on the paper of the draft. */
    public static String write(Pattern pattern) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            new PatternSvg(xml, PieceLayout.of(pattern), Spread.of(pattern)).document(pattern.draft());
            xml.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("A drawing in memory could not be written", impossible);
        }
        return text.toString();
    }

    private void document(String title) throws XMLStreamException {
        Box box = layout.box();
        double width = box.width() + 2 * MARGIN;
        double height = box.height() + 2 * MARGIN;
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
        xml.writeAttribute("width", number(width) + "mm");
        xml.writeAttribute("height", number(height) + "mm");
        xml.writeAttribute(
                "viewBox",
                number(box.minX() - MARGIN) + " " + number(box.minY() - MARGIN) + " " + number(width) + " "
                        + number(height));
        xml.writeStartElement("title");
        xml.writeCharacters(title);
        xml.writeEndElement();
        layer("cut", "0.6", "", this::cut);
        layer("sew", "0.3", "4 2", spread -> {
            edges(spread, false);
            inside(spread);
        });
        layer("fold", "0.3", "8 2 1 2", spread -> edges(spread, true));
        layer("grain", "0.3", "", this::grain);
        layer("notch", "0.4", "", this::notches);
        layer("text", "0", "", this::name);
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    private void layer(String id, String width, String dashes, Consumer<Spread> draw) throws XMLStreamException {
        xml.writeStartElement("g");
        xml.writeAttribute("id", id);
        xml.writeAttribute("fill", "text".equals(id) ? "black" : "none");
        if (!"text".equals(id)) {
            xml.writeAttribute("stroke", "black");
            xml.writeAttribute("stroke-width", width);
        }
        if (!dashes.isEmpty()) {
            xml.writeAttribute("stroke-dasharray", dashes);
        }
        spreads.forEach(draw);
        xml.writeEndElement();
    }

    private void path(Spread spread, String data) {
        try {
            xml.writeEmptyElement("path");
            xml.writeAttribute("class", spread.name());
            xml.writeAttribute("d", data);
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("A drawing in memory could not be written", impossible);
        }
    }

    /** Darts and the lines that are stitched or marked within the piece. */
    private void inside(Spread spread) {
        for (Dart dart : spread.piece().darts()) {
            path(
                    spread,
                    "M" + at(spread, dart.first()) + "L" + at(spread, dart.point()) + "L" + at(spread, dart.second()));
        }
        for (MarkLine line : spread.piece().lines()) {
            path(spread, "M" + at(spread, line.from()) + "L" + at(spread, line.to()));
        }
    }

    private void cut(Spread spread) {
        StringBuilder data = new StringBuilder();
        spread.piece()
                .cuttingLine()
                .corners()
                .forEach(corner -> data.append(data.length() == 0 ? "M" : "L").append(at(spread, corner)));
        path(spread, data.append("Z").toString());
    }

    private void edges(Spread spread, boolean folds) {
        Piece piece = spread.piece();
        for (Edge edge : piece.edges()) {
            if (piece.isFold(edge) == folds) {
                path(spread, data(spread, edge.path()));
            }
        }
    }

    private String data(Spread spread, Path path) {
        StringBuilder data = new StringBuilder("M").append(at(spread, path.start()));
        for (Segment segment : path.segments()) {
            if (segment instanceof Cubic cubic) {
                data.append("C")
                        .append(at(spread, cubic.first()))
                        .append(" ")
                        .append(at(spread, cubic.second()))
                        .append(" ")
                        .append(at(spread, cubic.end()));
            } else {
                data.append("L").append(at(spread, segment.end()));
            }
        }
        return data.toString();
    }

    private void grain(Spread spread) {
        path(
                spread,
                "M" + at(spread, spread.piece().grainFrom()) + "L"
                        + at(spread, spread.piece().grainTo()));
    }

    private void notches(Spread spread) {
        Piece piece = spread.piece();
        for (Notch notch : piece.notches()) {
            Point at = piece.at(notch);
            path(
                    spread,
                    "M" + at(spread, at) + "L"
                            + at(spread, at.plus(piece.outward(notch).times(NOTCH))));
        }
    }

    private void name(Spread spread) {
        Box box = spread.piece().seamLine().box();
        Point middle = layout.places()
                .get(spread.name())
                .of(new Point((box.minX() + box.maxX()) / 2, (box.minY() + box.maxY()) / 2));
        try {
            xml.writeStartElement("text");
            xml.writeAttribute("x", number(middle.x()));
            xml.writeAttribute("y", number(middle.y()));
            xml.writeAttribute("font-size", "8");
            xml.writeAttribute("text-anchor", "middle");
            xml.writeCharacters(spread.name() + ", cut " + spread.count());
            xml.writeEndElement();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("A drawing in memory could not be written", impossible);
        }
    }

    private String at(Spread spread, Point point) {
        Point placed = layout.places().get(spread.name()).of(point);
        return number(placed.x()) + "," + number(placed.y());
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }
}
