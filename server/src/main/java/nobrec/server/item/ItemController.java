package nobrec.server.item;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.intake.ItemFile;
import nobrec.core.limit.Limits;
import nobrec.server.account.Accounts;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.platform.Literal;
import nobrec.server.platform.csv.CsvText;
import nobrec.server.platform.csv.HeadedRows;
import nobrec.server.platform.csv.UploadedFile;
import nobrec.server.platform.task.NewTask;
import nobrec.server.platform.task.Tasks;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The item list. */
@RestController
@Tag(name = "items")
class ItemController {

    private static final int MOST = 500;

    /**
     * @param columns what the texts of a row are, in their order
     * @param next number to be sent as {@code after} for the rows after these; left out where there are none
     * @param task that brings items to the jobs, or takes them from records; left out where none did lately
     */
    record ItemList(List<String> columns, List<ItemView> rows, Optional<String> next, Optional<Long> task) {}

    /** @param cells texts as a file has them, in the order of the columns */
    record ItemView(String number, List<String> cells, int version, String changedBy, Instant changedAt) {}

    /**
     * @param version that was looked at; zero for a new one
     * @param cells in the order of the columns
     */
    record ItemChange(int version, @NotNull @Size(max = 40) List<@NotNull @Size(max = Limits.TEXT) String> cells) {}

    /**
     * What came of a file.
     *
     * @param readAs what each column was taken for
     * @param unread headings of columns that were not read
     */
    record ItemsTakenIn(
            int items,
            int fresh,
            Map<String, String> readAs,
            List<String> unread,
            int faulty,
            List<ItemFault> faults) {}

    record ItemFault(int row, String column, String value, String reason, String remedy) {}

    record ItemsBegun(long task) {}

    private final Items items;
    private final Tasks tasks;
    private final Accounts accounts;

    ItemController(Items items, Tasks tasks, Accounts accounts) {
        this.items = items;
        this.tasks = tasks;
        this.accounts = accounts;
    }

    /**
     * @param text the beginning of a number, a part of a description, or a barcode
     * @param after the rows after the one of that number
     */
    @GetMapping("/api/v1/items")
    @ForEveryone
    ItemList items(
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String text,
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String after,
            @RequestParam(defaultValue = "100") @Min(1) @Max(MOST) int limit) {
        List<Items.Listed> rows = items.page(Literal.of(text.strip()), after, limit);
        return new ItemList(
                ItemFile.header(),
                rows.stream().map(this::view).toList(),
                rows.size() < limit
                        ? Optional.empty()
                        : Optional.of(rows.get(rows.size() - 1).item().number()),
                tasks.newest(Items.LANE, 1).stream().map(Tasks.Standing::id).findFirst());
    }

    private ItemView view(Items.Listed listed) {
        return new ItemView(
                listed.item().number(),
                ItemFile.row(listed.item()),
                listed.version(),
                accounts.displayName(listed.changedBy()),
                listed.changedAt());
    }

    @PutMapping("/api/v1/items")
    @ForCoordinators
    void save(@Valid @RequestBody ItemChange change, Principal who) {
        items.save(change.version(), change.cells(), who.getName());
    }

    @DeleteMapping("/api/v1/items")
    @ForCoordinators
    void remove(@RequestParam @Size(max = Limits.TEXT) String number, Principal who) {
        items.remove(number, who.getName());
    }

    /** A CSV with an item a row. Good rows come in without the bad. */
    @PostMapping("/api/v1/items/file")
    @ForCoordinators
    ItemsTakenIn takeIn(@RequestParam("file") MultipartFile upload, Principal who) throws IOException {
        UploadedFile file = UploadedFile.of(upload);
        HeadedRows rows = HeadedRows.of(file);
        Items.TakenIn taken = items.takeIn(file.name(), rows.header(), rows.rows(), who.getName());
        return new ItemsTakenIn(
                taken.read().items().size(),
                taken.fresh(),
                taken.read().readAs(),
                taken.read().unread(),
                taken.read().faults().size(),
                taken.read().faults().stream()
                        .limit(Limits.FAULTS_SHOWN)
                        .map(fault -> new ItemFault(
                                fault.row(), fault.column(), fault.value(), fault.reason(), fault.remedy()))
                        .toList());
    }

    /** The whole list as a file that reads back in. */
    @GetMapping(path = "/api/v1/items/file", produces = "text/csv")
    @ForEveryone
    void write(HttpServletResponse response) throws IOException {
        response.setContentType("text/csv; charset=utf-8");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"items.csv\"");
        try (CsvText csv = new CsvText(response.getOutputStream())) {
            csv.row(ItemFile.header());
            List<Items.Listed> portion = items.page("", "", MOST);
            while (!portion.isEmpty()) {
                portion.forEach(each -> csv.row(ItemFile.row(each.item())));
                portion = items.page("", portion.get(portion.size() - 1).item().number(), MOST);
            }
        }
    }

    /** Makes items of what the records of the last two years name and the list does not have. */
    @PostMapping("/api/v1/items/from-records")
    @ForCoordinators
    ItemsBegun fromRecords(Principal who) {
        return new ItemsBegun(tasks.start(
                new NewTask(FromRecordsTask.KIND, Items.LANE, "Items from records", new FromRecordsTask.Request()),
                who.getName()));
    }
}
