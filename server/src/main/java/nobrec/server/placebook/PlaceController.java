package nobrec.server.placebook;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.address.Countries;
import nobrec.core.address.OutsideVerdict;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.intake.PlaceFile;
import nobrec.core.intake.RowFault;
import nobrec.core.limit.Limits;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.ForTheDesk;
import nobrec.server.place.OutsideAddressChecks;
import nobrec.server.place.Place;
import nobrec.server.place.Places;
import nobrec.server.placebook.PlaceView.PlaceLine;
import nobrec.server.placebook.PlaceView.Proposal;
import nobrec.server.platform.csv.CsvText;
import nobrec.server.platform.csv.HeadedRows;
import nobrec.server.platform.csv.UploadedFile;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Places. */
@RestController
@Tag(name = "places")
class PlaceController {

    private static final int PROPOSED = 8;

    /** @param next id to be sent as {@code after} for the rows after these */
    record PlaceList(List<PlaceLine> rows, Optional<Long> next) {}

    record ProposalList(List<Proposal> rows) {}

    /** @param kind left out where it is to be told from the address */
    record PlaceChange(
            int version,
            @NotNull @Size(max = Limits.TEXT) String phone,
            @NotNull @Size(max = Limits.DRIVER_NOTE) String note,
            Optional<PlaceKind> kind) {}

    /** @param other the place that turned out to be this one */
    record AddressToCheck(
            @NotNull @Size(max = Limits.TEXT) String company,
            @NotNull @Size(max = Limits.TEXT) String person,
            @NotNull @Size(max = Limits.TEXT) String street,
            @NotNull @Size(max = Limits.TEXT) String street2,
            @NotNull @Size(max = Limits.TEXT) String city,
            @NotNull @Size(max = Limits.TEXT) String state,
            @NotNull @Size(max = Limits.TEXT) String postalCode,
            @NotNull @Size(max = Limits.TEXT) String country) {
        /** @param home country where none is written */
        PostalAddress address(String home) {
            return new PostalAddress(
                            company, person, street, street2, city, state, postalCode, Countries.codeOf(country, home))
                    .inStandardSpelling();
        }
    }

    /**
     * @param said in the service's own words
     * @param written as the service writes it
     * @param different names of the parts that it writes otherwise
     */
    record OutsideCheck(
            String service,
            OutsideVerdict.Deliverable deliverable,
            String words,
            Optional<PlaceKind> kind,
            String said,
            PlaceView.PlaceAddress written,
            List<String> different) {}

    record Merging(@Min(1) long other) {}

    /**
     * What came of a file.
     *
     * @param readAs what each column was taken for
     * @param unread headings of columns that were not read
     */
    record PlacesTakenIn(
            int places, Map<String, String> readAs, List<String> unread, int faulty, List<PlaceFault> faults) {}

    record PlaceFault(int row, String column, String value, String reason, String remedy) {}

    private final Places places;
    private final PlaceActs acts;
    private final PlaceViews views;

    PlaceController(Places places, PlaceActs acts, PlaceViews views) {
        this.places = places;
        this.acts = acts;
        this.views = views;
    }

    /** @param text words, each of which is in a name, the street, the city or the postal code */
    @GetMapping("/api/v1/places")
    @ForEveryone
    PlaceList list(
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String text,
            @RequestParam(defaultValue = "0") @Min(0) long after,
            @RequestParam(defaultValue = "100") @Min(1) @Max(Part.MAXIMUM) int limit) {
        List<Place> page = places.page(text, after, limit);
        return new PlaceList(
                views.lines(page),
                page.size() < limit
                        ? Optional.empty()
                        : Optional.of(page.get(page.size() - 1).id()));
    }

    /** Places that may be meant by a part of a name, with what went there the last time. */
    @GetMapping("/api/v1/places/proposals")
    @ForTheDesk
    ProposalList proposals(@RequestParam @Size(max = Limits.TEXT) String text) {
        return new ProposalList(text.isBlank() ? List.of() : views.proposals(places.page(text, 0, PROPOSED)));
    }

    @GetMapping("/api/v1/places/{id}")
    @ForEveryone
    PlaceView place(@PathVariable long id) {
        return views.of(places.byId(id));
    }

    @PutMapping("/api/v1/places/{id}")
    @ForCoordinators
    PlaceView describe(@PathVariable long id, @Valid @RequestBody PlaceChange change, Principal who) {
        acts.describe(id, change.version(), change.phone(), change.note(), change.kind(), who.getName());
        return views.of(places.byId(id));
    }

    /** What the address service outside says of an address; a place of ours keeps it. */
    @PostMapping("/api/v1/places/outside-checks")
    @ForTheDesk
    OutsideCheck askOutside(@Valid @RequestBody AddressToCheck asked) {
        PostalAddress address = asked.address(acts.homeCountry());
        OutsideAddressChecks.Answer answer = acts.askOutside(address);
        OutsideVerdict verdict = answer.verdict();
        return new OutsideCheck(
                answer.service(),
                verdict.deliverable(),
                verdict.deliverable().words(),
                verdict.kind(),
                verdict.said(),
                PlaceViews.address(verdict.written()),
                AddressParts.different(address, verdict.written()));
    }

    /** Another place turned out to be this one. */
    @PostMapping("/api/v1/places/{id}/merges")
    @ForCoordinators
    PlaceView merge(@PathVariable long id, @Valid @RequestBody Merging merging, Principal who) {
        return views.of(acts.merge(id, merging.other(), who.getName()));
    }

    /** A CSV with a place a row. Good rows come in without the bad. */
    @PostMapping("/api/v1/places/file")
    @ForCoordinators
    PlacesTakenIn takeIn(@RequestParam("file") MultipartFile upload, Principal who) throws IOException {
        UploadedFile file = UploadedFile.of(upload);
        PlaceFile.Result read = acts.takeIn(HeadedRows.of(file), who.getName());
        return new PlacesTakenIn(
                read.entries().size(),
                read.readAs(),
                read.unread(),
                read.faults().size(),
                read.faults().stream()
                        .limit(Limits.FAULTS_SHOWN)
                        .map(PlaceController::fault)
                        .toList());
    }

    private static PlaceFault fault(RowFault fault) {
        return new PlaceFault(fault.row(), fault.column(), fault.value(), fault.reason(), fault.remedy());
    }

    /** All places as a file that reads back in. */
    @GetMapping(path = "/api/v1/places/file", produces = "text/csv")
    @ForEveryone
    void write(HttpServletResponse response) throws IOException {
        response.setContentType("text/csv; charset=utf-8");
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"places.csv\"");
        try (CsvText csv = new CsvText(response.getOutputStream())) {
            csv.row(PlaceFile.header());
            List<Place> portion = places.all(0, Part.MAXIMUM);
            while (!portion.isEmpty()) {
                portion.forEach(each -> csv.row(PlaceFile.row(
                        new PlaceFile.Entry(each.address(), each.phone(), each.saidKind(), each.note()))));
                portion = places.all(portion.get(portion.size() - 1).id(), Part.MAXIMUM);
            }
        }
    }
}
