package nobrec.server.shipnotice;

import java.util.Locale;
import nobrec.core.partner.NoticeForm;
import nobrec.core.shipnotice.ShipNotice;
import nobrec.core.shipnotice.X12ShipNotice;
import nobrec.server.partner.Partner;
import nobrec.server.partner.PartnerPort.Delivery;
import nobrec.server.partner.Partners;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Notices as they go out: written once, and the same from then on. */
@Component
class NoticeDocuments {

    private final ShipNoticeMapper mapper;
    private final Partners partners;
    private final JsonMapper json;

    NoticeDocuments(ShipNoticeMapper mapper, Partners partners, JsonMapper json) {
        this.mapper = mapper;
        this.partners = partners;
        this.json = json;
    }

    Delivery delivery(ShipNoticeRow row) {
        return new Delivery(row.deliveryKey(), fileName(row), mediaType(row), text(row));
    }

    private String text(ShipNoticeRow row) {
        ShipNoticeMapper.Text text = mapper.text(row.id()).orElseThrow();
        if (!text.document().isEmpty()) {
            return text.document();
        }
        mapper.keepDocument(row.id(), write(row, json.readValue(text.contents(), ShipNotice.class)));
        // Another server may have been first.
        return mapper.text(row.id()).orElseThrow().document();
    }

    private String write(ShipNoticeRow row, ShipNotice notice) {
        if (row.form() == NoticeForm.UBL) {
            return UblShipNotice.write(notice);
        }
        Partner partner = partners.coded(row.partnerCode());
        return X12ShipNotice.write(
                notice,
                new X12ShipNotice.Envelope(
                        partners.numbers().interchange(),
                        partner.profile().interchange(),
                        row.control(),
                        partner.profile().test()));
    }

    static String fileName(ShipNoticeRow row) {
        String control = String.format(Locale.ROOT, "%09d", row.control());
        return row.form() == NoticeForm.UBL ? "despatch-advice-" + control + ".xml" : "856-" + control + ".x12";
    }

    /** RFC 1767 for X12. */
    static String mediaType(ShipNoticeRow row) {
        return row.form() == NoticeForm.UBL ? "application/xml" : "application/EDI-X12";
    }
}
