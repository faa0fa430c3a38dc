package nobrec.server.demo;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nobrec.core.address.PlaceKind;
import nobrec.core.carton.CartonKind;
import nobrec.core.customs.ExportPaper;
import nobrec.core.customs.ExportReason;
import nobrec.core.customs.Incoterm;
import nobrec.core.identifier.TrackingForm;
import nobrec.core.item.GoodsClass;
import nobrec.core.partner.LabelElement;
import nobrec.core.partner.NoticeForm;
import nobrec.core.service.Accessorial;
import nobrec.core.service.CarrierPricing.PricedBy;
import nobrec.core.writeback.WriteBackPlan;
import nobrec.server.api.security.Role;
import nobrec.server.customer.CustomerSettingDocument;
import nobrec.server.mail.MailRuleDocument;
import nobrec.server.mail.MailSettingRow;
import nobrec.server.rule.RuleDocument;
import org.jspecify.annotations.Nullable;

/** The file demo/shop.json. Weights in pounds, lengths in inches, amounts in dollars, shares in percent. */
record DemoShop(
        SiteEntry site,
        Map<LocalDate, String> closingDays,
        List<UserEntry> users,
        List<OtherSiteEntry> otherSites,
        List<CarrierEntry> carriers,
        List<ConnectionEntry> connections,
        List<SourceEntry> sources,
        List<ServiceEntry> services,
        List<ChargeRuleEntry> chargeRules,
        List<WriteBackEntry> writeBacks,
        EmailsEntry emails,
        CustomerSettingDocument customers,
        PartnersEntry partners,
        ExportEntry export,
        List<RuleDocument> houseRules) {

    /** Who writes emails, how they look, and which are prepared; none is sent before somebody says so. */
    record EmailsEntry(MailSettingRow look, List<MailRuleDocument> rules) {}

    /** What a system is told whose connection has the same code. */
    record WriteBackEntry(String code, WriteBackPlan plan) {}

    /** The numbers by which partners know the shop, and those partners. */
    record PartnersEntry(
            String companyPrefix, String locationNumber, String interchangeId, List<PartnerEntry> partners) {}

    /** One whose connection has the same code. */
    record PartnerEntry(
            String code,
            String name,
            List<String> customers,
            Set<LabelElement> elements,
            NoticeForm form,
            String locationNumber,
            String interchangeId,
            int acknowledgedWithinHours) {}

    /** @param rates what one unit of a currency costs, as of the first day */
    record ExportEntry(
            String signer,
            String signerTitle,
            String taxNumber,
            Incoterm incoterm,
            ExportReason reason,
            String forwarder,
            Map<String, BigDecimal> rates) {}

    record SiteEntry(
            String code,
            String company,
            String street,
            String city,
            String state,
            String postalCode,
            String country,
            String phone,
            String timeZone,
            LocalTime opensAt,
            LocalTime closesAt) {}

    record UserEntry(String signIn, String displayName, Role role) {}

    /** What is left out is nothing. */
    record ChargeRuleEntry(
            String name,
            String customer,
            BigDecimal markup,
            BigDecimal handling,
            boolean cartonsAtCost,
            BigDecimal discount,
            BigDecimal roundUpTo,
            BigDecimal floor,
            BigDecimal cap,
            BigDecimal freeFromOrder,
            List<String> freeServices,
            boolean holdsEstimate) {}

    /**
     * @param pickups cut-off by carrier code, of those that come there
     * @param dropOffs until when its counter takes packages, by carrier code, of those to which we bring them
     */
    record OtherSiteEntry(SiteEntry site, Map<String, LocalTime> pickups, Map<String, LocalTime> dropOffs) {}

    /**
     * @param pricedBy null where our sheets say what it costs
     * @param prepaid whether the account with it is paid beforehand; null where it is not
     */
    record CarrierEntry(
            String code,
            String name,
            boolean phoneRequired,
            boolean companyRequired,
            TrackingForm trackingForm,
            LocalTime cutOff,
            @Nullable PricedBy pricedBy,
            @Nullable Boolean prepaid) {}

    /**
     * @param path below the stand-ins' address; null for what has an address of its own
     * @param userName null when nobody signs in
     */
    record ConnectionEntry(String code, String name, String adapter, String path, String userName, String secret) {}

    /** A record system whose connection has the same code. */
    record SourceEntry(String code, String name, String adapter) {}

    record ServiceEntry(
            String code,
            String carrier,
            String name,
            boolean ground,
            String limit,
            String length,
            String girth,
            List<PlaceKind> excludedPlaces,
            List<Integer> transitDays,
            Map<String, Integer> transitPlaces,
            List<String> countries,
            List<CartonKind> takes,
            List<GoodsClass> excludedGoods,
            List<Accessorial> accessorials,
            @Nullable Map<ExportPaper.Kind, Integer> exportPapers,
            String sheet) {}
}
