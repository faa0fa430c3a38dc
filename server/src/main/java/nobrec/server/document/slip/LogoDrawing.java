package nobrec.server.document.slip;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import nobrec.core.refusal.Refusal;
import nobrec.server.platform.SafeXml;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.SAXException;

/** An SVG drawing that draws by itself: shapes, paths and gradients, with nothing that acts or is fetched. */
final class LogoDrawing {

    private static final String THING = "The logo";
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final int MOST_ELEMENTS = 3_000;

    /** Elements of SVG 1.1 (source: W3C, Scalable Vector Graphics 1.1) that only draw. */
    private static final Set<String> DRAWING = Set.of(
            "svg",
            "g",
            "defs",
            "title",
            "desc",
            "metadata",
            "path",
            "rect",
            "circle",
            "ellipse",
            "line",
            "polyline",
            "polygon",
            "text",
            "tspan",
            "lineargradient",
            "radialgradient",
            "stop",
            "clippath",
            "style");

    /** An address that is not of the drawing itself. */
    private static final Pattern OUTSIDE =
            Pattern.compile("url\\s*\\(\\s*['\"]?\\s*(?!#)|@import", Pattern.CASE_INSENSITIVE);

    private LogoDrawing() {}

    /** The drawing as markup that can stand in a page. */
    static byte[] plain(byte[] file) {
        Document drawing = read(file);
        Element root = drawing.getDocumentElement();
        if (!"svg".equals(root.getLocalName()) || !SVG.equals(root.getNamespaceURI())) {
            throw refusal("It is neither a PNG nor an SVG.");
        }
        int[] elements = {0};
        require(root, elements);
        requireMeasure(root);
        return written(root);
    }

    private static Document read(byte[] file) {
        try {
            return SafeXml.reader().parse(new ByteArrayInputStream(file));
        } catch (SAXException | IOException failed) {
            throw refusal("It is neither a PNG nor a well-formed SVG without a document type.");
        }
    }

    private static void require(Element element, int[] elements) {
        String name = String.valueOf(element.getLocalName());
        if (SVG.equals(element.getNamespaceURI()) && !DRAWING.contains(name.toLowerCase(Locale.ROOT))) {
            throw refusal("It has an element “" + name + "”, which does more than draw.");
        }
        if (++elements[0] > MOST_ELEMENTS) {
            throw refusal("It has more than " + MOST_ELEMENTS + " shapes.");
        }
        for (int index = 0; index < element.getAttributes().getLength(); index++) {
            requireAttribute(element.getAttributes().item(index));
        }
        for (Node child = element.getFirstChild(); child != null; child = child.getNextSibling()) {
            if (child instanceof Element inner) {
                require(inner, elements);
            } else if (child.getNodeValue() != null
                    && OUTSIDE.matcher(child.getNodeValue()).find()) {
                throw refusal("It asks for something outside of it.");
            }
        }
    }

    private static void requireAttribute(Node attribute) {
        String name = attribute.getNodeName().toLowerCase(Locale.ROOT);
        String value = attribute.getNodeValue();
        boolean address = name.equals("href") || name.endsWith(":href") || name.equals("src");
        if (name.startsWith("on")
                || address && !value.startsWith("#")
                || OUTSIDE.matcher(value).find()) {
            throw refusal("Its “" + attribute.getNodeName() + "” acts or asks for something outside of it.");
        }
    }

    /** Without a view box it has no measure of its own. */
    private static void requireMeasure(Element root) {
        if (root.getAttribute("viewBox").isBlank()) {
            String width = figure(root.getAttribute("width"));
            String height = figure(root.getAttribute("height"));
            if (width.isEmpty() || height.isEmpty()) {
                throw refusal("It says neither a view box nor a width and a height.");
            }
            root.setAttribute("viewBox", "0 0 " + width + " " + height);
        }
    }

    private static String figure(String measure) {
        Matcher figure =
                Pattern.compile("^(\\d{1,6}(?:\\.\\d{1,6})?)(px|pt|mm|cm|in)?$").matcher(measure.strip());
        return figure.matches() ? figure.group(1) : "";
    }

    private static byte[] written(Element root) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            Transformer writer = TransformerFactory.newInstance().newTransformer();
            writer.setOutputProperty(OutputKeys.OMIT_XML_DECLARATION, "yes");
            writer.setOutputProperty(OutputKeys.ENCODING, "UTF-8");
            writer.transform(new DOMSource(root), new StreamResult(out));
            return out.toByteArray();
        } catch (IOException | TransformerException failed) {
            throw refusal("It cannot be written out again.");
        }
    }

    private static Refusal refusal(String reason) {
        return Refusal.unusable(THING, reason, "Use a PNG, or an SVG made of plain shapes.");
    }
}
