package nobrec.server.document.slip;

import com.openhtmltopdf.extend.FSTextBreaker;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.Diagnostic;
import com.openhtmltopdf.util.LogMessageId;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nobrec.core.paper.PeelOff;
import nobrec.core.paper.SheetSize;
import nobrec.server.document.page.PdfPages;
import nobrec.server.document.page.SheetStyle;
import nobrec.server.platform.SafeXml;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;

/** Sets a slip's markup in a style: so many pages and no more, in so much time and no more, with nothing from outside. */
final class SlipPages {

    private static final int MOST_STYLE_FAULTS = 20;

    /** The page itself is the design's: its paper says how large it is. */
    private static final Pattern RESERVED =
            Pattern.compile("@(page|import|font-face|charset)|url\\s*\\(", Pattern.CASE_INSENSITIVE);

    private static final Pattern LINE = Pattern.compile("line (\\d+)");
    private static final String OPEN = "<body>";
    private static final String CLOSE = "</body>";

    private final SheetSize sheet;
    private final Optional<PeelOff> peelOff;
    private final String ourStyle;
    private final String ownStyle;
    private final SlipBounds bounds;
    private final long deadline;

    SlipPages(SheetSize sheet, Optional<PeelOff> peelOff, String ourStyle, String ownStyle, SlipBounds bounds) {
        this.sheet = sheet;
        this.peelOff = peelOff;
        this.ourStyle = ourStyle;
        this.ownStyle = ownStyle;
        this.bounds = bounds;
        this.deadline = System.nanoTime() + bounds.nanos();
    }

    byte[] set(SlipTemplate.Expanded expanded) throws SlipFault {
        refuseReserved();
        if (bounds.measured()) {
            SlipMeasures.require(ownStyle, expanded);
        }
        Document page = read(expanded);
        List<String> asked = new ArrayList<>();
        List<SlipFault> faults = new ArrayList<>();
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PdfRendererBuilder builder = PdfPages.builder(asked::add);
            builder.useUnicodeLineBreaker(new TimedBreaker());
            builder.usePageSupplier((document, width, height, number, shadow) -> {
                requireTime();
                requirePages(number);
                PDPage made = new PDPage(new PDRectangle(width, height));
                document.addPage(made);
                return made;
            });
            builder.withDiagnosticConsumer(diagnostic -> faultOf(diagnostic, faults));
            builder.withW3cDocument(page, null);
            builder.toStream(out);
            builder.run();
            require(asked, faults, expanded);
            return out.toByteArray();
        } catch (OutOfBounds out) {
            throw new SlipFault(SlipFault.Part.TEMPLATE, 0, String.valueOf(out.getMessage()));
        } catch (IOException | RuntimeException | StackOverflowError failed) {
            throw new SlipFault(SlipFault.Part.TEMPLATE, 0, "It cannot be set: " + failed.getMessage());
        }
    }

    private static void require(List<String> asked, List<SlipFault> faults, SlipTemplate.Expanded expanded)
            throws SlipFault {
        if (!faults.isEmpty()) {
            throw faults.get(0);
        }
        if (!asked.isEmpty()) {
            throw new SlipFault(
                    SlipFault.Part.TEMPLATE,
                    expanded.templateLineOf(asked.get(0)),
                    "It asks for “" + asked.get(0) + "”. A slip reads no file and no address; pictures stand in it.");
        }
    }

    private void refuseReserved() throws SlipFault {
        Matcher reserved = RESERVED.matcher(ownStyle);
        if (reserved.find()) {
            throw new SlipFault(
                    SlipFault.Part.STYLE_SHEET,
                    SlipFault.lineAt(ownStyle, reserved.start()),
                    "“" + reserved.group()
                            + "” is not to be used: the paper is the design's, and nothing outside is read.");
        }
    }

    private void requireTime() {
        if (System.nanoTime() - deadline > 0) {
            throw new OutOfBounds("It takes too long to set.");
        }
    }

    private void requirePages(int number) {
        if (number >= bounds.pages()) {
            throw new OutOfBounds("It becomes more than " + bounds.pages() + " pages.");
        }
    }

    private static void faultOf(Diagnostic diagnostic, List<SlipFault> faults) {
        if (diagnostic.getLogMessageId() == LogMessageId.LogMessageId2Param.CSS_PARSE_GENERIC_MESSAGE
                && faults.size() < MOST_STYLE_FAULTS) {
            String message = diagnostic.getFormattedMessage();
            Matcher line = LINE.matcher(message);
            int at = line.find() ? Integer.parseInt(line.group(1)) : 0;
            faults.add(new SlipFault(SlipFault.Part.STYLE_SHEET, at, message));
        }
    }

    private Document read(SlipTemplate.Expanded expanded) throws SlipFault {
        try {
            Document page = SafeXml.reader().parse(new InputSource(new StringReader(OPEN + expanded.markup() + CLOSE)));
            return framed(page);
        } catch (SAXParseException fault) {
            throw new SlipFault(
                    SlipFault.Part.TEMPLATE,
                    expanded.templateLine(fault.getLineNumber()),
                    String.valueOf(fault.getMessage()));
        } catch (SAXException | IOException failed) {
            throw new SlipFault(SlipFault.Part.TEMPLATE, 0, String.valueOf(failed.getMessage()));
        }
    }

    private Document framed(Document page) {
        Element body = page.getDocumentElement();
        Element html = page.createElement("html");
        Element head = page.createElement("head");
        page.replaceChild(html, body);
        html.appendChild(head);
        html.appendChild(body);
        head.appendChild(
                style(
                        page,
                        "@page { size: " + SheetStyle.size(sheet) + "; margin: " + SheetStyle.margin(sheet)
                                + "; @bottom-right { content: \"Page \" counter(page) \" of \" counter(pages); font: 7.5pt Words; } }"));
        peelOff.ifPresent(label -> head.appendChild(style(page, besideLabel(label))));
        head.appendChild(style(page, ourStyle));
        if (!ownStyle.isBlank()) {
            head.appendChild(style(page, ownStyle));
        }
        return page;
    }

    /** On the first page the slip keeps off the label. */
    private String besideLabel(PeelOff label) {
        return "@page :first { "
                + (label.isBelowSlip(sheet)
                        ? "margin-bottom: " + SheetStyle.rest(sheet, label.top())
                        : "margin-top: " + SheetStyle.millimeters(label.bottom()))
                + "; @bottom-right { content: none } }";
    }

    private static Element style(Document page, String text) {
        Element style = page.createElement("style");
        style.setTextContent(text);
        return style;
    }

    /** It is too long, or takes too long. */
    private static final class OutOfBounds extends RuntimeException {

        private static final long serialVersionUID = 1;

        OutOfBounds(String reason) {
            super(reason);
        }
    }

    /** Says where a line may end, and whether there is still time. */
    private final class TimedBreaker implements FSTextBreaker {

        private final BreakIterator breaks = BreakIterator.getLineInstance(Locale.US);

        @Override
        public int next() {
            return breaks.next();
        }

        @Override
        public void setText(String text) {
            requireTime();
            breaks.setText(text);
        }
    }
}
