package nobrec.server.shipnotice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import com.helger.diagnostics.error.list.ErrorList;
import com.helger.ubl21.UBL21Marshaller;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import oasis.names.specification.ubl.schema.xsd.commonaggregatecomponents_21.DespatchLineType;
import oasis.names.specification.ubl.schema.xsd.despatchadvice_21.DespatchAdviceType;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** Partners that come for what is theirs, partners with a folder, and what cannot be set up. */
class PartnerWaysTest extends PartnerTest {

    private static final String SEALS = "SK-2,\"Seal kit, 2 in bore\",6,0.3,5x4x1,26.00,,A2231=4;A2240=1,,,,,,";
    private static final String BUSHINGS = "BU-100,Bushing,4,0.4,2x2x1.5,9.20,,,,US,,,,";

    private static final String RESPONSE = """
            <ApplicationResponse xmlns="urn:oasis:names:specification:ubl:schema:xsd:ApplicationResponse-2"
                xmlns:cac="urn:oasis:names:specification:ubl:schema:xsd:CommonAggregateComponents-2"
                xmlns:cbc="urn:oasis:names:specification:ubl:schema:xsd:CommonBasicComponents-2">
              <cbc:ID>R-1</cbc:ID><cbc:IssueDate>2026-12-01</cbc:IssueDate>
              <cac:SenderParty/><cac:ReceiverParty/>
              <cac:DocumentResponse>
                <cac:Response><cbc:ResponseCode>%s</cbc:ResponseCode></cac:Response>
                <cac:DocumentReference><cbc:ID>%s</cbc:ID></cac:DocumentReference>
              </cac:DocumentResponse>
            </ApplicationResponse>
            """;

    @Autowired
    private FolderAnswers answers;

    @Autowired
    private NoticeChase chase;

    @Test
    void whatIsFetchedIsValidSaysWhatLiesWhereAndIsAcknowledgedBySignedCalls() throws Exception {
        String code = added(partner("Siskin Fetching", "UBL", "FETCHED", "siskin"));
        bring("SN-11", "Siskin Fetching", "S-11", SEALS, BUSHINGS);
        JsonNode bench = shipped("SN-11");
        awaitStates("SN-11", "SENT");
        assertThat(call(code, "ship-notices", "0", "another secret")).hasStatus(422);
        assertThat(call(code, "ship-notices", "-1", SECRET)).hasStatus(422);
        assertThat(call("PARTNER_NONE", "ship-notices", "0", SECRET)).hasStatus(422);
        assertThat(call("GREBE", "ship-notices", "0", "grebe-and-heron")).hasStatus(409);
        JsonNode fetched = json(call(code, "ship-notices", "0", SECRET));
        assertThat(fetched.path("notices")).hasSize(1);
        assertThat(states("SN-11")).containsExactly("FETCHED");
        assertThat(json(call(code, "ship-notices", fetched.path("next").asString(), SECRET))
                        .path("notices"))
                .isEmpty();
        JsonNode notice = fetched.path("notices").get(0);
        lies(notice.path("document").asString(), bench);

        String number = notice.path("number").asString();
        assertThat(call(code, "acknowledgments", RESPONSE.formatted("AP", number), "forged"))
                .hasStatus(422);
        assertThat(call(code, "acknowledgments", RESPONSE.formatted("AP", "SN999999"), SECRET))
                .hasStatus(404);
        assertThat(call(code, "acknowledgments", RESPONSE.formatted("ZZ", number), SECRET))
                .hasStatus(422);
        assertThat(call(code, "acknowledgments", "<!DOCTYPE a [<!ENTITY b 'c'>]><a>&b;</a>", SECRET))
                .hasStatus(422);
        for (int time = 0; time < 2; time++) {
            assertThat(call(code, "acknowledgments", RESPONSE.formatted("AP", number), SECRET))
                    .hasStatusOk();
        }
        assertThat(states("SN-11")).containsExactly("ACKNOWLEDGED");
        assertThat(call(code, "acknowledgments", RESPONSE.formatted("RE", number), SECRET))
                .hasStatusOk();
        assertThat(states("SN-11")).as("what was accepted stays so").containsExactly("ACKNOWLEDGED");
    }

    /** Valid by the schemas of the standard (OASIS UBL 2.1, in ph-ubl21), and each piece in its package. */
    private static void lies(String document, JsonNode bench) {
        ErrorList errors = new ErrorList();
        DespatchAdviceType advice =
                UBL21Marshaller.despatchAdvice().setCollectErrors(errors).read(document);
        assertThat(errors.containsAtLeastOneError()).as("%s", errors).isFalse();
        Map<String, Integer> pieces = new TreeMap<>();
        for (DespatchLineType line : advice.getDespatchLine()) {
            pieces.merge(
                    line.getItem().getSellersItemIdentification().getIDValue(),
                    line.getDeliveredQuantityValue().intValueExact(),
                    Integer::sum);
            String unit =
                    line.getShipment().get(0).getTransportHandlingUnit().get(0).getIDValue();
            assertThat(advice.getShipment().getTransportHandlingUnit())
                    .anyMatch(each -> unit.equals(each.getIDValue()));
        }
        assertThat(pieces).containsExactly(Map.entry("BU-100", 4), Map.entry("SK-2", 6));
        assertThat(advice.getDespatchLine())
                .as("two lots, pieces of none, and bushings")
                .hasSize(4);
        assertThat(advice.getShipment().getTransportHandlingUnit())
                .hasSameSizeAs(bench.path("packages"))
                .allMatch(each -> each.getIDValue().startsWith("00614141"));
    }

    @Test
    void whatNobodyFetchesIsOverdueAtOnce() {
        added(partner("Siskin Sleeping", "UBL", "FETCHED", "sleeping"));
        bring("SN-12", "Siskin Sleeping", "S-12", BUSHINGS);
        shipped("SN-12");
        awaitStates("SN-12", "SENT");
        clock.pass(Duration.ofHours(5));
        chase.look();
        assertThat(notices("SN-12").get(0).path("overdue").asBoolean()).isTrue();
        assertThat(notices("SN-12").get(0).path("said").asString()).isEqualTo("It was not fetched in time.");
    }

    @Test
    void aFolderGetsTheFileOnceAndItsAnswersAreTaken() throws Exception {
        String code = added(partner("Linnet Files", "X12", "FOLDER", "linnet"));
        bring("SN-13", "Linnet Files", "L-13", SEALS);
        shipped("SN-13");
        awaitStates("SN-13", "SENT");
        Path folder = Path.of("target/partners/linnet");
        String document = document(notices("SN-13").get(0));
        Path out;
        try (var files = Files.list(folder.resolve("out"))) {
            out = files.filter(file -> read(file).equals(document)).findFirst().orElseThrow();
        }
        assertThat(out.getFileName().toString()).matches("856-[0-9]{9}\\.x12");
        String group = document.replaceAll("(?s).*~\\s*GS\\*[^~]*\\*([0-9]+)\\*X\\*004010~.*", "$1");
        Path in = folder.resolve("in");
        Files.createDirectories(in);
        put(in.resolve("nonsense.txt"), "Hello.");
        put(in.resolve("997.x12"), functional(group));
        answers.look();
        assertThat(states("SN-13")).containsExactly("ACKNOWLEDGED");
        assertThat(folder.resolve("done/997.x12")).exists();
        assertThat(folder.resolve("refused/nonsense.txt.report.txt")).exists();
        assertThat(call(code, "acknowledgments", functional("123456"), SECRET)).hasStatus(404);
    }

    private static String functional(String group) {
        return ("ISA*00*          *00*          *ZZ*X12ID          *ZZ*HERONWORKS     *261201*1700*U*00401*000000009*0*P*>~"
                        + "GS*FA*X12ID*HERONWORKS*20261201*1700*9*X*004010~ST*997*0001~AK1*SH*%s~AK2*856*0001~AK5*A~"
                        + "AK9*A*1*1*1~SE*6*0001~GE*1*9~IEA*1*000000009~")
                .formatted(group);
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static void put(Path file, String text) throws Exception {
        Files.writeString(file, text);
        Files.setLastModifiedTime(file, FileTime.from(Instant.now().minusSeconds(60)));
    }

    @ParameterizedTest
    @CsvSource({
        "name, ''",
        "customers, NONE",
        "address, ../../etc",
        "address, Big/Folder",
        "address, ''",
        "locationNumber, 0614141000013",
        "interchangeId, SIXTEEN-LETTERS1",
        "interchangeId, ''",
        "interchangeQualifier, z",
        "acknowledgedWithinHours, -1",
        "acknowledgedWithinHours, 721",
        "customers, Grebe Outfitters",
        "customers, grebe outfitters",
        "name, Grebe Outfitters",
    })
    void whatCannotBeIsRefused(String field, String value) {
        Map<String, Object> entry = partner("Refused " + field + value, "X12", "FOLDER", "refused");
        entry.put(
                field,
                switch (field) {
                    case "customers" -> value.equals("NONE") ? List.of() : List.of(value);
                    case "acknowledgedWithinHours" -> Integer.valueOf(value);
                    default -> value;
                });
        assertThat(admin("POST", "/api/v1/partners", entry).getResponse().getStatus())
                .isIn(409, 422);
    }

    @Test
    void whoComesForNoticesNeedsASecretAndWhoIsToldNothingNeedsNoWay() {
        Map<String, Object> entry = partner("Dotterel", "UBL", "FETCHED", "dotterel");
        entry.remove("secret");
        assertThat(admin("POST", "/api/v1/partners", entry)).hasStatus(422);
        entry.put("form", "NONE");
        entry.put("way", "HTTP");
        entry.put("address", "");
        added(entry);
    }

    @Test
    void threeNumbersBesidesThePackagesOwnHaveNoRoom() {
        Map<String, Object> entry = partner("Crowded", "NONE", "FETCHED", "crowded");
        entry.put("elements", List.of("CONSIGNMENT", "SHIPMENT", "POSTAL_CODE"));
        assertThat(admin("POST", "/api/v1/partners", entry)).hasStatus(422);
    }

    @ParameterizedTest
    @CsvSource({"123", "1234567890123", "06x4141", "''"})
    void aPrefixThatIsNoneOrThatPartnersNeedIsRefused(String prefix) {
        JsonNode now = get("/api/v1/partners").path("numbers");
        MvcTestResult result = admin(
                "PUT",
                "/api/v1/partners/numbers",
                Map.of(
                        "version",
                        now.path("version").asInt(),
                        "companyPrefix",
                        prefix,
                        "extensionDigit",
                        0,
                        "locationNumber",
                        "",
                        "interchangeQualifier",
                        "ZZ",
                        "interchangeId",
                        "HERONWORKS"));
        assertThat(result).hasStatus(422);
    }

    @Test
    void onlyAdministratorsChangeThemAndTheSecondOfTwoIsTold() {
        Map<String, Object> entry = partner("Twite Twice", "NONE", "FETCHED", "twite");
        assertThat(send("POST", "/api/v1/partners", entry)).hasStatus(403);
        assertThat(mvc.get()
                        .uri("/api/v1/partners")
                        .with(user("rufus").roles("PACKER"))
                        .exchange())
                .hasStatus(403);
        String code = added(entry);
        entry.put("version", 1);
        entry.remove("secret");
        entry.put("acknowledgedWithinHours", 8);
        assertThat(admin("PUT", "/api/v1/partners/" + code, entry)).hasStatusOk();
        assertThat(admin("PUT", "/api/v1/partners/" + code, entry)).hasStatus(409);
        assertThat(admin("PUT", "/api/v1/partners/PARTNER_NONE", entry)).hasStatus(404);
    }
}
