package nobrec.standins.partner;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a partner sends back: an X12 997 on a group, a UBL ApplicationResponse on a document. */
final class Acknowledgment {

    private static final Pattern NUMBER = Pattern.compile("<cbc:ID[^>]*>([^<]+)</cbc:ID>");

    private Acknowledgment() {}

    static String of(String document, boolean accepted) {
        return document.startsWith("ISA") ? x12(document, accepted) : ubl(document, accepted);
    }

    /** Of the sender's own signs: those of its first segment. */
    private static String x12(String document, boolean accepted) {
        String[] isa = document.substring(0, 105).split("\\*", -1);
        String group = element(document, "GS", 6);
        String verdict = accepted ? "A" : "R";
        return String.join(
                        "~",
                        String.format(
                                Locale.ROOT,
                                "ISA*00*%10s*00*%10s*%s*%s*%s*%s*%s*%s*U*00401*000000001*0*%s*>",
                                "",
                                "",
                                isa[7],
                                isa[8],
                                isa[5],
                                isa[6],
                                isa[9],
                                isa[10],
                                isa[15]),
                        "GS*FA*" + isa[8].strip() + "*" + isa[6].strip() + "*" + element(document, "GS", 4) + "*"
                                + isa[10] + "*1*X*004010",
                        "ST*997*0001",
                        "AK1*SH*" + group,
                        "AK2*856*0001",
                        "AK5*" + verdict,
                        "AK9*" + verdict + "*1*1*" + (accepted ? "1" : "0"),
                        "SE*6*0001",
                        "GE*1*1",
                        "IEA*1*000000001")
                + "~";
    }

    private static String element(String document, String segment, int place) {
        Matcher found = Pattern.compile("~\\s*" + segment + "\\*([^~]*)~").matcher(document);
        return found.find() ? found.group(1).split("\\*", -1)[place - 1] : "";
    }

    private static String ubl(String document, boolean accepted) {
        Matcher number = NUMBER.matcher(document);
        String of = number.find() ? number.group(1) : "";
        return """
                <ApplicationResponse xmlns="urn:oasis:names:specification:ubl:schema:xsd:ApplicationResponse-2"
                    xmlns:cac="urn:oasis:names:specification:ubl:schema:xsd:CommonAggregateComponents-2"
                    xmlns:cbc="urn:oasis:names:specification:ubl:schema:xsd:CommonBasicComponents-2">
                  <cbc:ID>R-%1$s</cbc:ID>
                  <cbc:IssueDate>2026-12-01</cbc:IssueDate>
                  <cac:SenderParty/>
                  <cac:ReceiverParty/>
                  <cac:DocumentResponse>
                    <cac:Response><cbc:ResponseCode>%2$s</cbc:ResponseCode></cac:Response>
                    <cac:DocumentReference><cbc:ID>%1$s</cbc:ID></cac:DocumentReference>
                  </cac:DocumentResponse>
                </ApplicationResponse>
                """.formatted(of, accepted ? "AP" : "RE");
    }
}
