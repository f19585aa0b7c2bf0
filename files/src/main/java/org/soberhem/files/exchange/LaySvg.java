package org.soberhem.files.exchange;

import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.soberhem.core.cloth.Lay;
import org.soberhem.core.cloth.PlacedPiece;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;

/** A lay as SVG at true size: one user unit is a millimetre, the cloth's length runs down. */
public final class LaySvg {

    private static final double MARGIN = 20;

    private LaySvg() {}

    /** Returns the drawing: the cloth (group "cloth"), every cut on it (group "cut") and their names (group "text"). */
    public static String write(Lay lay) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            write(lay, xml);
            xml.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("A drawing in memory could not be written", impossible);
        }
        return text.toString();
    }

    private static void write(Lay lay, XMLStreamWriter xml) throws XMLStreamException {
        double wide =
                lay.singleFrom().isPresent() ? lay.rules().width() : lay.rules().lying();
        double width = wide + 2 * MARGIN;
        double height = lay.length() + 2 * MARGIN;
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
        xml.writeAttribute("width", number(width) + "mm");
        xml.writeAttribute("height", number(height) + "mm");
        xml.writeAttribute(
                "viewBox", number(-MARGIN) + " " + number(-MARGIN) + " " + number(width) + " " + number(height));
        group(xml, "cloth", "none");
        double folded = lay.singleFrom().orElse(lay.length());
        rectangle(xml, lay.rules().lying(), 0, folded);
        if (folded < lay.length()) {
            rectangle(xml, lay.rules().width(), folded, lay.length());
        }
        xml.writeEndElement();
        group(xml, "cut", "none");
        List<Outline> outlines = lay.outlines();
        for (int i = 0; i < outlines.size(); i++) {
            xml.writeEmptyElement("path");
            xml.writeAttribute("class", lay.placed().get(i).name());
            xml.writeAttribute("d", data(outlines.get(i)));
        }
        xml.writeEndElement();
        group(xml, "text", "black");
        for (int i = 0; i < outlines.size(); i++) {
            Box box = outlines.get(i).box();
            xml.writeStartElement("text");
            xml.writeAttribute("x", number((box.minX() + box.maxX()) / 2));
            xml.writeAttribute("y", number((box.minY() + box.maxY()) / 2));
            xml.writeAttribute("font-size", "16");
            xml.writeAttribute("stroke", "none");
            xml.writeAttribute("text-anchor", "middle");
            xml.writeCharacters(words(lay.placed().get(i)));
            xml.writeEndElement();
        }
        xml.writeEndElement();
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    private static String words(PlacedPiece cut) {
        return cut.name() + " " + cut.copy() + (cut.turned() ? " (turned)" : "");
    }

    private static void group(XMLStreamWriter xml, String id, String fill) throws XMLStreamException {
        xml.writeStartElement("g");
        xml.writeAttribute("id", id);
        xml.writeAttribute("fill", fill);
        xml.writeAttribute("stroke", "black");
        xml.writeAttribute("stroke-width", "1");
    }

    private static void rectangle(XMLStreamWriter xml, double width, double from, double to) throws XMLStreamException {
        xml.writeEmptyElement("rect");
        xml.writeAttribute("x", "0");
        xml.writeAttribute("y", number(from));
        xml.writeAttribute("width", number(width));
        xml.writeAttribute("height", number(to - from));
        xml.writeAttribute("stroke-dasharray", "12 6");
    }

    private static String data(Outline outline) {
        return outline.corners().stream().map(LaySvg::at).collect(Collectors.joining("L", "M", "Z"));
    }

    private static String at(Point point) {
        return number(point.x()) + "," + number(point.y());
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }
}
