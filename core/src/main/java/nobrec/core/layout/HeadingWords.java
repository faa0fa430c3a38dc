package nobrec.core.layout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * How shops head their columns: for each field the headings it goes by, written small and without signs. Common practice, no
 * source.
 */
final class HeadingWords {

    /** A heading that is the field's name says more than one that only has it in it. */
    private static final int SAME = 100;

    private static final int ALL_PARTS = 70;

    /** A field and its headings, a line each. */
    private static final String TABLE = """
            ORDER_NUMBER: order no, order number, order, order id, order num, work order, work order no, work order number, \
            wo, wo no, wo number, wo num, job, job no, job number, job num, job id, sales order, sales order no, so, so no, \
            so number, ticket, ticket no, record, record no, document, document no, doc no, number, ref order, traveler, \
            traveler no, number of order, order ref, order reference
            CUSTOMER: customer, customer name, cust, cust name, sold to, sold to name, client, client name, account name, \
            buyer, account, bill to name, bill to customer, ordered by
            CUSTOMER_PO: customer po, cust po, po, po no, po number, po num, purchase order, purchase order no, \
            purchase order number, customer po number, their po, customer order no, your order, client po, buyer po, po ref
            BATCH: batch, batch no, batch id, wave, run, group, release
            STATUS: status, order status, state of order, stage, job status
            SITE: site, warehouse, plant, location, ship from, branch, facility, whse
            COMPANY: ship to, ship to name, ship to company, company, company name, deliver to, consignee, \
            recipient company, delivery name, ship name, shipto, receiver, destination name, delivery company, firm
            PERSON: attn, attention, contact, contact name, ship to contact, ship to attn, person, recipient, care of, c o, \
            ship to person, name, delivery contact, receiver contact
            STREET: street, address, address 1, address line 1, addr, addr 1, ship to address, ship to address 1, street 1, \
            ship to street, street address, ship address, delivery address, ship addr 1, ship to addr, address1, \
            line 1 address
            STREET2: street 2, address 2, address line 2, addr 2, ship to address 2, suite, building, ship to street 2, \
            apt, unit no, ship addr 2, ship to addr 2, address2, dock
            CITY: city, town, ship to city, ship city, delivery city, place
            STATE: state, st, province, ship to state, ship state, state province, region, delivery state, prov
            POSTAL_CODE: zip, zip code, zipcode, postal code, postcode, post code, ship to zip, ship zip, \
            ship to postal code, delivery zip, postal
            COUNTRY: country, ship to country, country code, ship country, ctry, delivery country, nation
            PHONE: phone, telephone, tel, phone no, phone number, ship to phone, contact phone, mobile, delivery phone
            MAIL: e mail, email, mail, email address, e mail address, contact email, ship to email, notify
            BILL_COMPANY: bill to, bill to company, invoice to, bill company, billing company, billing name, invoice name
            BILL_PERSON: bill to contact, bill to attn, billing contact, accounts payable contact, bill to person
            BILL_STREET: bill to address, bill to street, billing address, bill to address 1, bill addr 1, billing street, \
            invoice address
            BILL_STREET2: bill to address 2, bill to street 2, billing address 2, bill addr 2
            BILL_CITY: bill to city, billing city, bill city, invoice city
            BILL_STATE: bill to state, billing state, bill state, invoice state
            BILL_POSTAL_CODE: bill to zip, billing zip, bill zip, bill to postal code, invoice zip
            BILL_COUNTRY: bill to country, billing country, bill country
            PROMISE_DATE: promise, promise date, promised, due, due date, need by, need date, required date, required by, \
            ship by, ship date, delivery date, date due, date required, requested date, wanted by, dock date, deliver by, \
            must arrive, commit date
            SERVICE: ship via, service, shipping method, ship method, carrier, carrier service, via, shipping service, \
            method, delivery method, freight method, shipvia, send by, mode, how to ship
            CARTON: carton, package, package type, box, carton type, packaging, box type, pack in
            TERMS: freight, freight terms, terms, shipping terms, freight paid by, who pays freight, who pays, frt terms, \
            freight term, incoterm, freight payer
            CARRIER_ACCOUNT: carrier account, account no, account number, freight account, shipper account, \
            third party account, collect account, acct, acct no, carrier acct
            QUOTED_FREIGHT: quoted freight, freight quote, freight amount, est freight, freight estimate, shipping charge, \
            freight charge, shipping quoted
            NO_PRICES: no prices, hide prices, blind, no price, drop ship, blind ship
            HOLD: hold, on hold, hold reason, do not ship, stop, blocked
            NOTES: notes, note, comment, comments, remarks, instructions, shipping instructions, memo, \
            special instructions, shipping notes, remark
            REFERENCE_1: reference, reference 1, ref, ref 1, label text, label ref, label reference
            REFERENCE_2: reference 2, ref 2, label text 2, label ref 2
            ORIGIN_SYSTEM: origin system, source system, channel, marketplace, source
            ORIGIN_NUMBER: origin number, source number, channel order, external id, external no, web order, web order no, \
            store order
            ITEM: item, item no, item number, item code, sku, part, part no, part number, product, product code, part num, \
            item id, article, article no, stock code, pn, material, catalog no
            DESCRIPTION: description, desc, item description, part description, product description, item desc, \
            product name, item name, part name, goods description, descr, what
            QUANTITY: qty, quantity, qty ordered, order qty, ordered, quantity ordered, pieces, pcs, units, qty ord, count, \
            qnty, ord qty, number of pieces
            QUANTITY_READY: qty ready, ready, qty to ship, quantity ready, ship qty, qty available, available, qty done, \
            qty complete, finished, good qty, completed qty
            UNIT_WEIGHT: unit wt, unit weight, weight, wt, piece weight, item weight, weight each, wt each, weight ea, \
            each weight, mass, wgt, unit wgt, net weight
            UNIT_SIZE: unit size, size, dimensions, dims, dim, l x w x h, lxwxh, item size, piece size
            UNIT_LENGTH: length, len, l, unit length, item length, lgth
            UNIT_WIDTH: width, wid, w, unit width, item width
            UNIT_HEIGHT: height, hgt, h, unit height, item height, depth
            UNIT_VALUE: unit value, value, price, unit price, declared value, customs value, price each, unit cost, \
            each price, sell price, value each
            HANDLING: handling, handling code, how to handle, orientation
            LOTS: lots, lot, lot no, serial, serial no, serials, lot number, heat no, serial number, heat
            HS_CODE: hs code, hts, hts code, tariff, tariff code, harmonized code, hs, schedule b, commodity code, tariff no
            ORIGIN: origin, country of origin, coo, made in, origin country, mfg country
            CUSTOMS_DESCRIPTION: customs description, description for customs, export description, tariff description
            INCOTERM: incoterm, incoterms, terms of trade, delivery terms, trade terms
            EXPORT_REASON: reason for export, export reason, purpose of export, customs purpose
            DUTY_PAYER: duty paid by, duties paid by, duty payer, bill duty to, duties and taxes
            CURRENCY: declared in, currency of the declaration, declaration currency, customs currency, invoice currency
            LATIN_SHIP_TO: ship to in latin letters, latin ship to, ship to latin, romanized address
            GOODS: goods, goods class, hazard, hazmat, dangerous goods, hazard class
            FREIGHT_CLASS: class, freight class, frt class, nmfc class, ltl class
            """;

    private static final Map<OrderField, List<String>> WORDS = read();

    private HeadingWords() {}

    private static Map<OrderField, List<String>> read() {
        Map<OrderField, List<String>> words = new LinkedHashMap<>();
        TABLE.lines()
                .map(line -> line.split(": ", 2))
                .forEach(parts -> words.put(OrderField.valueOf(parts[0]), List.of(parts[1].split(", "))));
        return words;
    }

    /** A heading as it is compared: small letters, words apart, no signs. */
    static String plain(String heading) {
        return heading.replaceAll("([a-z])([A-Z])", "$1 $2")
                .replaceAll("\\([^)]*\\)|\\[[^]]*]", " ")
                .replaceAll("([A-Za-z])#", "$1 no ")
                .replaceAll("#", " no ")
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\bnum(ber)?\\b|\\bnbr\\b", "number")
                .replaceAll("[^\\p{L}\\p{N}]+", " ")
                .strip();
    }

    /** How surely a heading means each field, from 1 to 100; those it does not speak of are left out. */
    static Map<OrderField, Integer> scores(String heading) {
        String whole = plain(heading);
        String plain = withoutUnits(whole);
        Map<OrderField, Integer> scores = new LinkedHashMap<>();
        WORDS.forEach((field, words) -> {
            int best = 0;
            for (String word : words) {
                // “made in” ends as a unit would
                best = Math.max(best, Math.max(score(plain, word), score(whole, word)));
            }
            if (best > 0) {
                scores.put(field, best);
            }
        });
        return scores;
    }

    private static int score(String plain, String word) {
        String same = word.replaceAll("\\bno\\b", "number");
        String other = plain.replaceAll("\\bno\\b", "number");
        if (other.equals(same) || other.replace(" ", "").equals(same.replace(" ", ""))) {
            return SAME;
        }
        List<String> parts = List.of(other.split(" "));
        List<String> asked = new ArrayList<>(List.of(same.split(" ")));
        if (parts.containsAll(asked)) {
            int left = parts.size() - asked.size();
            return Math.max(1, ALL_PARTS * asked.size() / parts.size() - left);
        }
        return 0;
    }

    /** Units say how a column is written, not what it is. */
    private static String withoutUnits(String plain) {
        String without = plain.replaceAll("\\b(lb|lbs|oz|kg|kgs|grams|inches|inch|in|cm|mm|usd|pounds)\\b", " ")
                .replaceAll(" +", " ")
                .strip();
        return without.isEmpty() ? plain : without;
    }
}
