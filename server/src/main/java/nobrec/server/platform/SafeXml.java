package nobrec.server.platform;

import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.xml.sax.ErrorHandler;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;

/** Reads XML that comes from outside. */
public final class SafeXml {

    private SafeXml() {}

    /**
     * No document type: with it entities from elsewhere would be read, and small documents grow without end. The first fault is
     * thrown, and none is printed to where nobody reads it.
     */
    public static DocumentBuilder reader() {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
            DocumentBuilder reader = factory.newDocumentBuilder();
            reader.setErrorHandler(new Throwing());
            return reader;
        } catch (ParserConfigurationException unusable) {
            throw new IllegalStateException("This Java cannot read XML safely", unusable);
        }
    }

    private static final class Throwing implements ErrorHandler {

        @Override
        public void warning(SAXParseException fault) {
            // no fault
        }

        @Override
        public void error(SAXParseException fault) throws SAXException {
            throw fault;
        }

        @Override
        public void fatalError(SAXParseException fault) throws SAXException {
            throw fault;
        }
    }
}
