package nobrec.server.tracking;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.notation.MoneyText;
import nobrec.core.notation.Reading;
import nobrec.core.refusal.Refusal;
import nobrec.server.api.list.Choice;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.money.ShopMoney;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Packages that have left and are not there yet. */
@RestController
@RequestMapping("/api/v1/en-route")
@Tag(name = "en route")
class EnRouteController {

    private static final String USUAL_DAYS = "3";

    /** @param more whether there are more than the figure says */
    record CountView(TrackList list, String words, int count, boolean more) {}

    /** @param next the cursor of the rows after these */
    record EnRouteList(
            List<TrackView> rows,
            Optional<Long> next,
            Optional<Integer> total,
            List<CountView> lists,
            List<Choice> carriers) {}

    /** @param amount that is claimed, as it is typed; left out, or empty text, for none */
    record NoteEntry(
            @NotNull NoteKind kind,
            @NotBlank @Size(max = Limits.NOTES) String text,
            Optional<@Size(max = Limits.FIGURE_TEXT) String> amount) {}

    private final EnRoute enRoute;
    private final TrackViews views;
    private final ServiceCatalog catalog;
    private final ShopMoney money;
    private final NobrecSettings settings;

    EnRouteController(
            EnRoute enRoute, TrackViews views, ServiceCatalog catalog, ShopMoney money, NobrecSettings settings) {
        this.enRoute = enRoute;
        this.views = views;
        this.catalog = catalog;
        this.money = money;
        this.settings = settings;
    }

    /**
     * @param days without movement, of that list
     * @param carrier code; left out for all
     */
    @GetMapping
    @ForAllButPackers
    EnRouteList list(
            @RequestParam(defaultValue = "EXCEPTION") TrackList list,
            @RequestParam(defaultValue = USUAL_DAYS) @Min(1) @Max(60) int days,
            @RequestParam(required = false) @Nullable @Size(max = Limits.CODE) String carrier,
            @ParameterObject @Valid Part part) {
        TrackList.Asked asked = enRoute.asked(days, carrier);
        List<TrackRow> rows = enRoute.list(list, asked, part);
        return new EnRouteList(
                views.of(rows),
                part.next(rows, TrackRow::id),
                part.total(rows),
                Arrays.stream(TrackList.values())
                        .map(each -> count(each, asked))
                        .toList(),
                catalog.carriers().stream()
                        .map(each -> new Choice(each.code(), each.name()))
                        .toList());
    }

    private CountView count(TrackList list, TrackList.Asked asked) {
        int count = enRoute.count(list, asked);
        return new CountView(list, list.words(), Math.min(count, EnRoute.MOST_COUNTED), count > EnRoute.MOST_COUNTED);
    }

    @GetMapping("/packages/{id}")
    @ForAllButPackers
    TrackView one(@PathVariable long id) {
        return views.of(List.of(enRoute.byId(id))).get(0);
    }

    @PostMapping("/packages/{id}/notes")
    @ForCoordinators
    TrackView note(@PathVariable long id, @RequestBody @Valid NoteEntry entry, Principal who) {
        enRoute.note(id, entry.kind(), entry.text().strip(), amount(entry), who.getName());
        return one(id);
    }

    /** Has the carrier asked at the next turn, whenever its time would come. */
    @PostMapping("/packages/{id}/question")
    @ForCoordinators
    TrackView ask(@PathVariable long id) {
        enRoute.askSoon(id);
        return one(id);
    }

    private @Nullable Money amount(NoteEntry entry) {
        String text = entry.amount().orElse("").strip();
        if (text.isEmpty()) {
            return null;
        }
        Reading<Long> reading = MoneyText.readCents(text, settings.decimals());
        if (reading instanceof Reading.Refused<Long> refused) {
            throw Refusal.unusable("The amount", refused.reason(), refused.remedy());
        }
        return money.ofCents(reading.found().orElse(0L));
    }
}
