package nobrec.server.customer;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** The page and the form are on, and are visited as a browser without script would do it. */
abstract class CustomerVisit extends ServerTest {

    static final String SETTING = "/api/v1/customers/setting";
    static final String REACHED_AT = "http://localhost";
    static final Pattern WAY = Pattern.compile("name=\"way\" value=\"(\\S+) ([0-9.]+)\"( checked)?");

    record Way(String code, String price, boolean chosen) {
        String value() {
            return code + " " + price;
        }
    }

    @Autowired
    private VisitPace pace;

    @BeforeEach
    void thePageAndTheFormAreOn() {
        reachedAt(REACHED_AT);
        set(Map.of("page", true, "form", true));
        pace.forget();
    }

    @AfterEach
    void theyAreOff() {
        set(Map.of("page", false, "form", false));
        reachedAt("");
        keepEmails(List.of());
    }

    void reachedAt(String address) {
        Map<String, Object> look = new HashMap<>();
        JsonNode entry = get("/api/v1/emails/look").path("entry");
        entry.propertyNames().forEach(name -> look.put(name, entry.path(name).asString()));
        look.put("version", entry.path("version").asInt());
        look.put("publicAddress", address);
        assertThat(send("PUT", "/api/v1/emails/look", look, "admin", "ADMIN")).hasStatusOk();
        otherThreadsKnow();
    }

    void set(Map<String, Object> changed) {
        JsonNode now = get(SETTING);
        Map<String, Object> setting = new HashMap<>(Map.of(
                "page",
                false,
                "services",
                List.of(),
                "papers",
                List.of("PACKING_SLIP"),
                "looksAtAddresses",
                false,
                "form",
                false,
                "answersByItself",
                true,
                "quoteDays",
                14,
                "formWords",
                ""));
        setting.putAll(changed);
        assertThat(send(
                        "PUT",
                        SETTING,
                        Map.of("version", now.path("version").asInt(), "setting", setting),
                        "admin",
                        "ADMIN"))
                .hasStatusOk();
        otherThreadsKnow();
    }

    String link(String job) {
        String address =
                get("/api/v1/customers/page?job=" + job).path("address").asString();
        assertThat(address).startsWith(REACHED_AT + "/customer/");
        return address.substring(REACHED_AT.length());
    }

    MvcTestResult look(String path) {
        return mvc.get().uri(path).exchange();
    }

    String page(String path) {
        MvcTestResult result = look(path);
        assertThat(result).hasStatusOk();
        return text(result);
    }

    static String text(MvcTestResult result) {
        return new String(result.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8).replace("&quot;", "\"");
    }

    MvcTestResult post(String path, Map<String, String> fields) {
        String body = fields.entrySet().stream()
                .map(each -> each.getKey() + "=" + URLEncoder.encode(each.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        return mvc.post()
                .uri(path)
                .contentType(MediaType.APPLICATION_FORM_URLENCODED)
                .content(body)
                .exchange();
    }

    static List<Way> ways(String page) {
        Matcher found = WAY.matcher(page);
        return found.results()
                .map(each -> new Way(each.group(1), each.group(2), each.group(3) != null))
                .toList();
    }

    static Way other(String page) {
        return ways(page).stream().filter(each -> !each.chosen()).findFirst().orElseThrow();
    }

    static Map<String, String> address(String street, String city, String state, String code) {
        return Map.of(
                "company",
                "Quillfeather Packaging",
                "person",
                "Dock",
                "street",
                street,
                "street2",
                "",
                "city",
                city,
                "state",
                state,
                "postalCode",
                code,
                "country",
                "US");
    }

    String answerId(String job) {
        return database.queryForObject(
                "SELECT MAX(a.id) FROM asked_address a JOIN work_order w ON w.id = a.work_order_id WHERE w.number = ?",
                String.class,
                job);
    }

    /** Weighed, and going so far that a dearer way is a sooner one. */
    JsonNode farJob(String number) {
        JsonNode bench = weighedJob(number, "Plover Ground");
        assertThat(send(
                        "PUT",
                        "/api/v1/work-orders/one/entries?job=" + number,
                        Map.of(
                                "entries",
                                Map.of(
                                                "STREET",
                                                "700 Pike St",
                                                "CITY",
                                                "Seattle",
                                                "STATE",
                                                "WA",
                                                "POSTAL_CODE",
                                                "98101")
                                        .entrySet()
                                        .stream()
                                        .map(each -> Map.of("field", each.getKey(), "line", 0, "text", each.getValue()))
                                        .toList())))
                .hasStatusOk();
        return get("/api/v1/shipments?job=" + number);
    }

    Map<String, Object> jobRow(String number) {
        return database.queryForMap("SELECT * FROM work_order WHERE number = ?", number);
    }

    Way chosenWay(String link) {
        return ways(page(link)).stream().filter(Way::chosen).findFirst().orElseThrow();
    }
}
