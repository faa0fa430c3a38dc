package nobrec.server.workorder.list;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.customs.ExportDetails;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.item.Handling;
import nobrec.core.item.LineGoods;
import nobrec.core.joblist.JobColumn;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.workorder.Clearance;
import nobrec.core.workorder.Particulars;
import nobrec.server.ServerTest;
import nobrec.server.workorder.WorkOrderIntake;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;

/** What the list finds, against a plain look at every one of some random jobs. */
class JobSearchTest extends ServerTest {

    private static final int JOBS = 300;
    private static final List<String> CUSTOMERS =
            List.of("Fenwick Works", "Größe & Co", "100% Seals", "under_score", "Dry Creek");
    private static final List<String> CITIES = List.of("Tucson", "Madison", "Dry Gulch", "St. Paul");
    private static final List<String> ITEMS = List.of("SK-2", "ROD-38", "BUSH%7", "GASKET");
    private static final String BATCH = "JS";

    private record Job(
            int at,
            String number,
            String customer,
            String person,
            String city,
            String day,
            String item,
            int pieces,
            String crew) {

        boolean has(String word) {
            String plain = plain(word);
            return plain(number).startsWith(plain)
                    || plain(number).endsWith(plain)
                    || Stream.of(customer, person, city, item)
                            .anyMatch(each -> plain(each).contains(plain));
        }

        private static String plain(String text) {
            return text.toLowerCase(Locale.ROOT).replace("ß", "ss").replace("ö", "o");
        }
    }

    private final List<Job> jobs = jobs();

    private static List<Job> jobs() {
        Random random = new Random(20261126);
        List<Job> jobs = new ArrayList<>();
        for (int at = 0; at < JOBS; at++) {
            jobs.add(new Job(
                    at,
                    "JS-" + (1000 + random.nextInt(40) * 100 + at % 100) + "-" + at,
                    CUSTOMERS.get(random.nextInt(CUSTOMERS.size())),
                    "Person " + random.nextInt(60),
                    CITIES.get(random.nextInt(CITIES.size())),
                    random.nextInt(5) == 0 ? "" : "2026-12-%02d".formatted(1 + random.nextInt(20)),
                    ITEMS.get(random.nextInt(ITEMS.size())),
                    1 + random.nextInt(9),
                    random.nextInt(3) == 0 ? "" : "Crew " + random.nextInt(4)));
        }
        return jobs;
    }

    @Autowired
    private WorkOrderIntake intake;

    @BeforeEach
    void comeIn() {
        intake.takeIn("JS", null, jobs.stream().map(JobSearchTest::draft).toList());
    }

    private static WorkOrderDraft draft(Job job) {
        return new WorkOrderDraft(
                job.number(),
                job.customer(),
                "",
                new PostalAddress("", job.person(), "1 Road", "", job.city(), "WI", "53703", "US"),
                "",
                "",
                job.day().isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(job.day())),
                "",
                FreightTerms.PREPAID,
                "",
                Optional.empty(),
                new Particulars(
                        BATCH,
                        "",
                        "",
                        "",
                        false,
                        "",
                        List.of("", ""),
                        Particulars.NONE.billTo(),
                        "",
                        "",
                        job.crew().isEmpty() ? Map.of() : Map.of("Crew", job.crew()),
                        Clearance.NONE,
                        ExportDetails.NONE),
                List.of(new WorkOrderDraft.Line(
                        job.item(),
                        "Thing",
                        job.pieces(),
                        Optional.empty(),
                        Optional.of(Weight.of("2", WeightUnit.POUND)),
                        Optional.empty(),
                        Handling.ANY,
                        List.of(),
                        LineGoods.UNKNOWN,
                        Map.of())),
                List.of());
    }

    private JsonNode page(Map<String, String> words) {
        var request = mvc.get().uri("/api/v1/work-orders").with(user(INES).roles("COORDINATOR"));
        request.param("batch", BATCH);
        words.forEach(request::param);
        return json(request.exchange());
    }

    /** Part by part, to the end. */
    private List<String> numbers(Map<String, String> words) {
        List<String> numbers = new ArrayList<>();
        Map<String, String> asked = new HashMap<>(words);
        asked.put("limit", "37");
        do {
            JsonNode page = page(asked);
            assertThat(page.path("leftOut")).isEmpty();
            page.path("rows").forEach(row -> numbers.add(row.path("number").asString()));
            asked.put("cursor", page.path("next").asString(""));
        } while (!asked.get("cursor").isEmpty());
        return numbers;
    }

    private List<String> plainly(Predicate<Job> like) {
        return jobs.stream().filter(like).map(Job::number).toList();
    }

    private void finds(Map<String, String> words, Predicate<Job> like) {
        List<String> found = numbers(words);
        assertThat(found).as(words.toString()).containsExactlyInAnyOrderElementsOf(plainly(like));
        assertThat(page(words).path("count").asInt()).isEqualTo(found.size());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "fenwick",
                "wick",
                "FEN works",
                "große",
                "100%",
                "%",
                "under_",
                "_",
                "dry",
                "dry creek",
                "son 4",
                "Person 44",
                "JS-1",
                "JS-10",
                "sk-2",
                "BUSH%7",
                "gasket tucson",
                "nobody at all",
                "-7",
                "\\",
                "'; DROP TABLE work_order; --",
                "😀",
            })
    void wordsAreFoundWhereverTheyStand(String text) {
        finds(Map.of("text", text), job -> Stream.of(text.split("\\s+")).allMatch(job::has));
    }

    @Test
    void everyConditionNarrowsAsItSays() {
        finds(Map.of("customer", "fenwick works"), job -> job.customer().equals("Fenwick Works"));
        finds(
                Map.of("promised", "2026-12-05..12/9/2026"),
                job -> job.day().compareTo("2026-12-05") >= 0 && job.day().compareTo("2026-12-09") <= 0);
        finds(
                Map.of("promised", "..2026-12-05"),
                job -> !job.day().isEmpty() && job.day().compareTo("2026-12-05") <= 0);
        finds(Map.of("promised", "2026-12-15.."), job -> job.day().compareTo("2026-12-15") >= 0);
        finds(Map.of("weight", "4 lb..8 lb"), job -> job.pieces() >= 2 && job.pieces() <= 4);
        finds(Map.of("number", "JS-1"), job -> job.number().startsWith("JS-1"));
        finds(
                Map.of("number", "JS-1500-10..JS-2500-99"),
                job -> job.number().length() == 10
                        && job.number().compareTo("JS-1500-10") >= 0
                        && job.number().compareTo("JS-2500-99") <= 0);
        finds(Map.of("field.Crew", "Crew 2"), job -> job.crew().equals("Crew 2"));
        finds(
                Map.of("same-contents", jobs.get(0).number()),
                job -> job.item().equals(jobs.get(0).item())
                        && job.pieces() == jobs.get(0).pieces());
        finds(Map.of("status", "SHIPPED"), job -> false);
        finds(
                Map.of("abroad", "no", "customer", "100% Seals", "text", "tucson"),
                job -> job.customer().equals("100% Seals") && job.city().equals("Tucson"));
    }

    @ParameterizedTest
    @EnumSource(JobColumn.class)
    void partByPartEveryJobComesOnceFromEitherEnd(JobColumn column) {
        List<String> up = numbers(Map.of("sort", column.key()));
        List<String> down = numbers(Map.of("sort", "-" + column.key()));
        assertThat(up).hasSize(JOBS).doesNotHaveDuplicates();
        Collections.reverse(down);
        assertThat(up).isEqualTo(down);
    }

    @Test
    void theOrderIsThatOfTheColumn() {
        Map<String, Job> byNumber = jobs.stream().collect(Collectors.toMap(Job::number, job -> job));
        assertThat(numbers(Map.of("sort", "weight")).stream()
                        .map(each -> byNumber.get(each).pieces()))
                .isSorted();
        assertThat(numbers(Map.of("sort", "promised")).stream()
                        .map(each -> byNumber.get(each).day())
                        .map(day -> day.isEmpty() ? "9999" : day))
                .isSorted();
    }

    @Test
    void whatCannotBeAskedIsSaidAndTheListStaysWhole() {
        JsonNode page = page(Map.of("colour", "red", "promised", "some day"));
        assertThat(page.path("leftOut")).hasSize(2);
        assertThat(page.path("count").asInt()).isEqualTo(JOBS);
    }

    @Test
    void nonsenseIsRefused() {
        assertThat(mvc.get()
                        .uri("/api/v1/work-orders")
                        .param("text", "x".repeat(10_000))
                        .with(user(INES).roles("COORDINATOR"))
                        .exchange())
                .hasStatus4xxClientError();
        assertThat(mvc.get()
                        .uri("/api/v1/work-orders")
                        .param("cursor", "no cursor")
                        .with(user(INES).roles("COORDINATOR"))
                        .exchange())
                .hasStatus4xxClientError();
    }

    /** Two bring in the same orders at the same moment: each is here once, with its lines, and neither is sent away. */
    @Test
    void theSameOrdersFromTwoAtOnceAreHereOnce() {
        List<WorkOrderDraft> drafts = jobs.stream().map(JobSearchTest::draft).toList();
        List<CompletableFuture<Integer>> both = Stream.of(1, 2)
                .map(each -> CompletableFuture.supplyAsync(() -> intake.takeIn("JS-TWO", null, drafts)))
                .toList();
        assertThat(both.stream().mapToInt(CompletableFuture::join).sum()).isEqualTo(JOBS);
        assertThat(database.queryForObject(
                        "SELECT COUNT(*) FROM work_order_line l JOIN work_order w ON w.id = l.work_order_id WHERE w.source = 'JS-TWO'",
                        Integer.class))
                .isEqualTo(JOBS);
        database.update(
                "DELETE l FROM work_order_line l JOIN work_order w ON w.id = l.work_order_id WHERE w.source = 'JS-TWO'");
        database.update(
                "DELETE a FROM job_attention a JOIN work_order w ON w.id = a.work_order_id WHERE w.source = 'JS-TWO'");
        database.update(
                "DELETE f FROM work_order_field f JOIN work_order w ON w.id = f.work_order_id WHERE w.source = 'JS-TWO'");
        database.update("DELETE FROM work_order WHERE source = 'JS-TWO'");
    }

    @Test
    void aKeptListIsOnesOwnOrTheShopsAndOnlyItsOwnerForgetsIt() {
        Map<String, Object> list = Map.of("name", "Dry", "query", "text=dry&sort=city", "start", true);
        assertThat(send("POST", "/api/v1/job-views", list)).hasStatusOk();
        assertThat(send("POST", "/api/v1/job-views/of-shop", list)).hasStatusOk();
        assertThat(send("POST", "/api/v1/job-views/of-shop", list, "rufus", "PACKER"))
                .hasStatus(HttpStatus.FORBIDDEN);
        JsonNode rows = get("/api/v1/job-views").path("rows");
        assertThat(rows).hasSize(2);
        for (JsonNode row : rows) {
            String address = "/api/v1/job-views/" + (row.path("ofShop").asBoolean() ? "of-shop/" : "") + row.path("id");
            assertThat(send("DELETE", address, null, "rufus", "PACKER")).hasStatus4xxClientError();
            assertThat(send("DELETE", address, null)).hasStatusOk();
            assertThat(send("DELETE", address, null)).hasStatus(HttpStatus.NOT_FOUND);
        }
    }
}
