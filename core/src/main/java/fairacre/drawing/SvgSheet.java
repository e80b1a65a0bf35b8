package fairacre.drawing;

import fairacre.drawing.Mark.Spot;
import fairacre.drawing.Mark.Stroke;
import fairacre.drawing.Mark.Words;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** A sheet as SVG: its width and height are stated in millimetres and one unit of the drawing is one millimetre. */
public final class SvgSheet {

    private static final String INK = "#10233f";

    private SvgSheet() {}

    public static byte[] write(SheetDrawing sheet) {
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newInstance().createXMLStreamWriter(text);
            writeDocument(sheet, xml);
            xml.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("writing to memory failed", impossible);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static void writeDocument(SheetDrawing sheet, XMLStreamWriter xml) throws XMLStreamException {
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeStartElement("svg");
        xml.writeDefaultNamespace("http://www.w3.org/2000/svg");
        xml.writeAttribute("width", number(sheet.width()) + "mm");
        xml.writeAttribute("height", number(sheet.height()) + "mm");
        xml.writeAttribute("viewBox", "0 0 " + number(sheet.width()) + " " + number(sheet.height()));
        xml.writeStartElement("title");
        xml.writeCharacters(sheet.title());
        xml.writeEndElement();
        for (Mark mark : sheet.marks()) {
            if (mark instanceof Stroke stroke) {
                writeStroke(stroke, xml);
            } else if (mark instanceof Words words) {
                writeWords(words, xml);
            }
        }
        xml.writeEndElement();
        xml.writeEndDocument();
    }

    private static void writeStroke(Stroke stroke, XMLStreamWriter xml) throws XMLStreamException {
        xml.writeEmptyElement(stroke.closed() ? "polygon" : "polyline");
        xml.writeAttribute(
                "points", stroke.spots().stream().map(SvgSheet::place).collect(Collectors.joining(" ")));
        xml.writeAttribute("fill", stroke.filled() ? INK : "none");
        xml.writeAttribute("stroke", INK);
        xml.writeAttribute("stroke-width", number(stroke.width()));
    }

    private static void writeWords(Words words, XMLStreamWriter xml) throws XMLStreamException {
        xml.writeStartElement("text");
        xml.writeAttribute("x", number(words.at().x()));
        xml.writeAttribute("y", number(words.at().y()));
        xml.writeAttribute("font-family", "Liberation Sans, Arial, sans-serif");
        xml.writeAttribute("font-size", number(words.height()));
        xml.writeAttribute("fill", INK);
        if (words.centred()) {
            xml.writeAttribute("text-anchor", "middle");
            // Hatches and lines end before words.
            xml.writeAttribute("stroke", "white");
            xml.writeAttribute("stroke-width", number(words.height() * 0.3));
            xml.writeAttribute("paint-order", "stroke");
        }
        if (words.turn() != 0) {
            xml.writeAttribute(
                    "transform",
                    "rotate(" + number(words.turn()) + " " + place(words.at()).replace(',', ' ') + ")");
        }
        xml.writeCharacters(words.text());
        xml.writeEndElement();
    }

    private static String place(Spot spot) {
        return number(spot.x()) + "," + number(spot.y());
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.4f", value);
    }
}
