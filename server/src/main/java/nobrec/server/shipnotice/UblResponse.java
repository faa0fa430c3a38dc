package nobrec.server.shipnotice;

import com.helger.diagnostics.error.list.ErrorList;
import com.helger.ubl21.UBL21Marshaller;
import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipnotice.NoticeVerdict;
import nobrec.server.platform.SafeXml;
import oasis.names.specification.ubl.schema.xsd.applicationresponse_21.ApplicationResponseType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.DocumentResponseType;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.ResponseType;
import org.w3c.dom.Document;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/** Reads a UBL 2.1 ApplicationResponse (OASIS): what a partner says of our notices. Codes: UN/EDIFACT 4343, from memory. */
final class UblResponse {

    private static final Map<String, Boolean> CODES = Map.of("AB", true, "AP", true, "CA", true, "RE", false);

    private UblResponse() {}

    /** @throws Refusal where it is no such document, or not valid */
    static List<NoticeVerdict> read(String text) {
        ErrorList errors = new ErrorList();
        ApplicationResponseType response =
                UBL21Marshaller.applicationResponse().setCollectErrors(errors).read(document(text));
        if (response == null || errors.containsAtLeastOneError()) {
            throw unusable("It is no valid UBL 2.1 ApplicationResponse.");
        }
        List<NoticeVerdict> verdicts = response.getDocumentResponse().stream()
                .flatMap(UblResponse::verdicts)
                .toList();
        if (verdicts.isEmpty()) {
            throw unusable("It says nothing of a document.");
        }
        return verdicts;
    }

    private static Stream<NoticeVerdict> verdicts(DocumentResponseType of) {
        ResponseType response = of.getResponse();
        String code = response == null ? "" : String.valueOf(response.getResponseCodeValue());
        Boolean accepted = CODES.get(code);
        if (accepted == null) {
            throw unusable("Response code “" + code + "” is none of AB, AP, CA, RE.");
        }
        String words = response == null || response.getDescription().isEmpty()
                ? ""
                : ": " + response.getDescription().get(0).getValue();
        String said = (accepted ? "Accepted" : "Refused") + " (" + code + ")" + words;
        return of.getDocumentReference().stream()
                .map(reference -> new NoticeVerdict(String.valueOf(reference.getIDValue()), accepted, said));
    }

    private static Document document(String text) {
        try {
            return SafeXml.reader().parse(new InputSource(new StringReader(text)));
        } catch (SAXException | IOException notXml) {
            throw unusable("It is no XML document without a document type.");
        }
    }

    private static Refusal unusable(String reason) {
        return Refusal.unusable("The acknowledgment", reason, "Send an ApplicationResponse as UBL 2.1 has it.");
    }
}
