package nobrec.standins.carrier;

import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import nobrec.standins.StandIn;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Pages;
import nobrec.standins.http.WebServer;

/** A carrier that takes consignments and gives each package a tracking number, once for each key. */
public final class CarrierStandIn implements StandIn {

    /** How a carrier differs from another. */
    public record Profile(
            String path,
            String name,
            boolean phoneRequired,
            boolean voidsPackages,
            boolean prepaid,
            TrackingNumbers numbers,
            CarrierApi api) {}

    private static final CarrierApi JSON = new JsonCarrierApi();

    public static final Profile PLOVER = new Profile(
            "plover", "Plover Parcel", false, true, false, number -> TrackingNumbers.modulo10("PV", number), JSON);
    public static final Profile DUNLIN = new Profile(
            "dunlin", "Dunlin Express", true, true, false, number -> TrackingNumbers.modulo10("DX", number), JSON);
    public static final Profile GODWIT = new Profile(
            "godwit",
            "Godwit Post",
            false,
            false,
            true,
            number -> TrackingNumbers.postalItem("GP", number, "US"),
            JSON);

    public static final Profile CURLEW = new Profile(
            "curlew", "Curlew Freight", true, true, false, number -> TrackingNumbers.modulo10("CF", number), JSON);
    public static final Profile WHIMBREL = new Profile(
            "whimbrel",
            "Whimbrel Lines",
            true,
            false,
            false,
            number -> TrackingNumbers.modulo10("WL", number),
            new XmlCarrierApi("shop-417", "lowland-reed"));

    private final Profile profile;
    private final ConsignmentBook consignments;
    private final Conduct conduct;
    private final TrackingCalls calls = new TrackingCalls();
    private volatile String told = "";

    /** @param folder where it keeps what it was told */
    public CarrierStandIn(Profile profile, Path folder) {
        this.profile = profile;
        this.consignments = new ConsignmentBook(profile, folder);
        this.conduct = profile.api().conduct();
    }

    @Override
    public String name() {
        return profile.name();
    }

    @Override
    public String path() {
        return "/" + profile.path();
    }

    @Override
    public Conduct conduct() {
        return conduct;
    }

    @Override
    public void mount(WebServer web) {
        web.get(path(), exchange -> exchange.html(page()));
        conduct.mount(web, path());
        web.post(path() + "/collected", exchange -> {
            consignments.collect(exchange.form().getOrDefault("key", ""));
            exchange.redirect(path());
        });
        web.post(path() + "/account/set", exchange -> {
            consignments.account().setTo(new BigDecimal(exchange.form().getOrDefault("balance", "0.00")));
            exchange.redirect(path());
        });
        web.post(path() + "/fate", exchange -> {
            Map<String, String> form = exchange.form();
            consignments.tracking().decide(form.getOrDefault("number", ""), form.getOrDefault("fate", ""));
            exchange.redirect(path());
        });
        web.post(path() + "/news", exchange -> {
            Map<String, String> form = exchange.form();
            told = calls.call(
                    form.getOrDefault("address", ""),
                    form.getOrDefault("secret", ""),
                    profile.api().written(consignments.tracking().allNews()));
            exchange.redirect(path());
        });
        profile.api().mount(web, path(), conduct, consignments);
    }

    private String page() {
        return Pages.of(
                this,
                "carrier",
                Map.ofEntries(
                        Map.entry("path", path()),
                        Map.entry("consignments", consignments.all()),
                        Map.entry("manifests", consignments.allManifests()),
                        Map.entry("pickups", consignments.pickups().all()),
                        Map.entry("count", consignments.all().size()),
                        Map.entry("phone", profile.phoneRequired()),
                        Map.entry("underway", consignments.tracking().underway()),
                        Map.entry("fates", TrackingDesk.fates()),
                        Map.entry("code", profile.path().toUpperCase(Locale.ROOT)),
                        Map.entry("told", told),
                        Map.entry("prepaid", profile.prepaid()),
                        Map.entry(
                                "balance",
                                profile.prepaid()
                                        ? consignments.account().balance().toPlainString()
                                        : "")));
    }
}
