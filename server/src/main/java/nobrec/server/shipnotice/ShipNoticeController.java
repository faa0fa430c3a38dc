package nobrec.server.shipnotice;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.partner.NoticeForm;
import nobrec.core.shipnotice.ShipNotice;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForTheBooks;
import nobrec.server.partner.Partners;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What partners were told of shipments. */
@RestController
@RequestMapping("/api/v1/ship-notices")
@Tag(name = "partners")
class ShipNoticeController {

    /**
     * @param next the cursor of the rows after these
     * @param total how many there are in all, where that is known without counting
     */
    record ShipNoticeList(List<ShipNoticeView> rows, Optional<Long> next, Optional<Integer> total) {}

    /**
     * @param overdue whether it was to be acknowledged by now and was not, however often it was sent
     * @param said what became of it last, in words
     */
    record ShipNoticeView(
            long id,
            String partner,
            String job,
            String number,
            ShipNotice.Purpose purpose,
            NoticeForm form,
            ShipNoticeState state,
            boolean overdue,
            String said,
            Instant madeAt,
            Optional<Instant> sentAt,
            Optional<Instant> dueAt,
            int chased,
            Optional<Instant> acknowledgedAt,
            Optional<String> acknowledgedBy) {}

    /** @param note how it is known */
    record ByHand(@NotBlank @Size(max = Limits.TEXT) String note) {}

    private final ShipNoticeLedger ledger;
    private final Acknowledgments acknowledgments;
    private final Partners partners;

    ShipNoticeController(ShipNoticeLedger ledger, Acknowledgments acknowledgments, Partners partners) {
        this.ledger = ledger;
        this.acknowledgments = acknowledgments;
        this.partners = partners;
    }

    @GetMapping
    @ForAllButPackers
    ShipNoticeList notices(
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String partner,
            @RequestParam(required = false) ShipNoticeState state,
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String job,
            @ParameterObject @Valid Part part) {
        List<ShipNoticeRow> rows = ledger.newest(partner, state, job.strip(), part);
        return new ShipNoticeList(
                rows.stream().map(this::view).toList(), part.next(rows, ShipNoticeRow::id), part.total(rows));
    }

    private ShipNoticeView view(ShipNoticeRow row) {
        return new ShipNoticeView(
                row.id(),
                partners.name(row.partnerCode()),
                row.job(),
                row.number(),
                row.purpose(),
                row.form(),
                row.state(),
                ledger.isOverdue(row),
                row.said(),
                row.madeAt(),
                Optional.ofNullable(row.sentAt()),
                Optional.ofNullable(row.dueAt()),
                row.chased(),
                Optional.ofNullable(row.acknowledgedAt()),
                Optional.ofNullable(row.acknowledgedBy()));
    }

    /** As it goes out, as a file. */
    @GetMapping("/{id}/document")
    @ForAllButPackers
    ResponseEntity<byte[]> document(@PathVariable long id) {
        ShipNoticeRow row = ledger.row(id);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_OCTET_STREAM)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(NoticeDocuments.fileName(row))
                                .build()
                                .toString())
                .body(ledger.document(row).getBytes(StandardCharsets.UTF_8));
    }

    @PostMapping("/{id}/another-sending")
    @ForTheBooks
    void sendAgain(@PathVariable long id, Principal who) {
        ledger.sendAgain(id, who.getName());
    }

    /** A person knows that the partner has it and can use it. */
    @PostMapping("/{id}/acknowledgment")
    @ForTheBooks
    void acknowledge(@PathVariable long id, @RequestBody @Valid ByHand entry, Principal who) {
        acknowledgments.byHand(id, entry.note().strip(), who.getName());
    }
}
