package nobrec.server.orderfile;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** OASIS UBL 2.1 Order, checked by the standard's schema (ph-ubl). The order itself is invented. */
class UblOrderTest extends ServerTest {

    private static final String ORDER = """
            <?xml version="1.0" encoding="UTF-8"?>
            <Order xmlns="urn:oasis:names:specification:ubl:schema:xsd:Order-2"
                   xmlns:cac="urn:oasis:names:specification:ubl:schema:xsd:CommonAggregateComponents-2"
                   xmlns:cbc="urn:oasis:names:specification:ubl:schema:xsd:CommonBasicComponents-2">
              <cbc:ID>PO-7781</cbc:ID>
              <cbc:SalesOrderID>UBL-1</cbc:SalesOrderID>
              <cbc:IssueDate>2026-11-30</cbc:IssueDate>
              <cbc:Note>Leave at dock 4</cbc:Note>
              <cac:BuyerCustomerParty><cac:Party>
                <cac:PartyName><cbc:Name>Fenwick Hydraulics</cbc:Name></cac:PartyName>
                <cac:Contact><cbc:Name>Jo Tern</cbc:Name><cbc:Telephone>(608) 555-0142</cbc:Telephone></cac:Contact>
              </cac:Party></cac:BuyerCustomerParty>
              <cac:SellerSupplierParty><cac:Party>
                <cac:PartyName><cbc:Name>Marrowby Cylinder and Seal</cbc:Name></cac:PartyName>
              </cac:Party></cac:SellerSupplierParty>
              <cac:Delivery>
                <cac:DeliveryAddress>
                  <cbc:StreetName>Weir Street</cbc:StreetName><cbc:BuildingNumber>410</cbc:BuildingNumber>
                  <cbc:CityName>Tucson</cbc:CityName><cbc:PostalZone>85701</cbc:PostalZone>
                  <cbc:CountrySubentityCode>AZ</cbc:CountrySubentityCode>
                  <cac:Country><cbc:IdentificationCode>US</cbc:IdentificationCode></cac:Country>
                </cac:DeliveryAddress>
                <cac:RequestedDeliveryPeriod><cbc:EndDate>2026-12-04</cbc:EndDate></cac:RequestedDeliveryPeriod>
                <cac:DeliveryParty><cac:PartyName><cbc:Name>Fenwick Works</cbc:Name></cac:PartyName></cac:DeliveryParty>
              </cac:Delivery>
              <cac:OrderLine><cac:LineItem>
                <cbc:ID>1</cbc:ID><cbc:Quantity unitCode="C62">6</cbc:Quantity>
                <cac:Price><cbc:PriceAmount currencyID="USD">26.00</cbc:PriceAmount></cac:Price>
                <cac:Item><cbc:Name>Seal kit</cbc:Name>
                  <cac:SellersItemIdentification><cbc:ID>SK-2</cbc:ID></cac:SellersItemIdentification>
                  <cac:Dimension><cbc:AttributeID>AAF</cbc:AttributeID><cbc:Measure unitCode="KGM">0.15</cbc:Measure></cac:Dimension>
                </cac:Item>
              </cac:LineItem></cac:OrderLine>
            </Order>
            """;

    private MvcTestResult drop(String text) {
        return drop("order.xml", text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void anOrderComesInByTheSameDrop() {
        JsonNode run = json(drop(ORDER)).path("run");
        assertThat(run.path("taken").asInt()).as(run.toString()).isEqualTo(1);
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", "UBL-1")));
        assertThat(bench.path("customer").asString()).isEqualTo("Fenwick Hydraulics");
        assertThat(bench.toString()).contains("Fenwick Works", "410 Weir Street", "Tucson", "SK-2");
        JsonNode row = get("/api/v1/work-orders?text=UBL-1").path("rows").get(0);
        assertThat(row.path("promiseDate").asString()).isEqualTo("2026-12-04");
        assertThat(row.path("weight").path("text").asString()).isEqualTo("1.98 lb");
    }

    @Test
    void whatTheSchemaDoesNotAllowIsRefusedWithItsReason() {
        MvcTestResult invalid = drop(ORDER.replace("<cbc:IssueDate>2026-11-30</cbc:IssueDate>", ""));
        assertThat(invalid).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(json(invalid).path("detail").asString()).startsWith("It is no valid UBL 2.1 Order: ");
        assertThat(drop("<!DOCTYPE x [<!ENTITY e SYSTEM \"file:///etc/passwd\">]><Order>&e;</Order>"))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(drop("<html><body>no order</body></html>")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }
}
