package org.soberhem.files.exchange;

import java.io.StringWriter;
import java.util.Locale;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Segment;
import org.soberhem.core.pattern.Pattern;

/**
 * A pattern as SVG at true size: one user unit is a millimetre, one group a layer (cut, sew, fold, grain, notch, text).
 */
public final class PatternSvg {

    private static final double MARGIN = 20;

    private final XMLStreamWriter xml;
    private final Drawing drawing;

    private PatternSvg(XMLStreamWriter xml, Drawing drawing) {
        this.xml = xml;
        this.drawing = drawing;
    }

    /** Returns the drawing, the pieces laid out beside each other as they are on the paper of the draft. */
    public static String write(Pattern pattern) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            new PatternSvg(xml, Drawing.of(pattern)).document(pattern.draft());
            xml.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("A drawing in memory could not be written", impossible);
        }
        return text.toString();
    }

    private void document(String title) throws XMLStreamException {
        Box box = drawing.box();
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
        layer("cut", "0.6", "");
        layer("sew", "0.3", "4 2");
        layer("fold", "0.3", "8 2 1 2");
        layer("grain", "0.3", "");
        layer("notch", "0.4", "");
        words();
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    private void layer(String id, String width, String dashes) throws XMLStreamException {
        xml.writeStartElement("g");
        xml.writeAttribute("id", id);
        xml.writeAttribute("fill", "none");
        xml.writeAttribute("stroke", "black");
        xml.writeAttribute("stroke-width", width);
        if (!dashes.isEmpty()) {
            xml.writeAttribute("stroke-dasharray", dashes);
        }
        for (Drawing.Stroke stroke : drawing.on(id)) {
            xml.writeEmptyElement("path");
            xml.writeAttribute("class", stroke.piece());
            xml.writeAttribute("d", data(stroke.path()) + (stroke.closed() ? "Z" : ""));
        }
        xml.writeEndElement();
    }

    private void words() throws XMLStreamException {
        xml.writeStartElement("g");
        xml.writeAttribute("id", "text");
        xml.writeAttribute("fill", "black");
        for (Drawing.Words each : drawing.words()) {
            xml.writeStartElement("text");
            xml.writeAttribute("x", number(each.at().x()));
            xml.writeAttribute("y", number(each.at().y()));
            xml.writeAttribute("font-size", "8");
            xml.writeAttribute("text-anchor", "middle");
            xml.writeCharacters(each.words());
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }

    private static String data(Path path) {
        StringBuilder data = new StringBuilder("M").append(at(path.start()));
        for (Segment segment : path.segments()) {
            if (segment instanceof Cubic cubic) {
                data.append("C")
                        .append(at(cubic.first()))
                        .append(" ")
                        .append(at(cubic.second()))
                        .append(" ")
                        .append(at(cubic.end()));
            } else {
                data.append("L").append(at(segment.end()));
            }
        }
        return data.toString();
    }

    private static String at(Point point) {
        return number(point.x()) + "," + number(point.y());
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }
}
