package nobrec.core.telling;

import static nobrec.core.telling.FactKind.AMOUNT;
import static nobrec.core.telling.FactKind.COUNT;
import static nobrec.core.telling.FactKind.DAY;
import static nobrec.core.telling.FactKind.MOMENT;
import static nobrec.core.telling.FactKind.SEVERAL;
import static nobrec.core.telling.FactKind.TEXT;
import static nobrec.core.telling.FactKind.WEIGHT;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What can be told of a shipment. Templates ask for it by its name, letter case and more than one blank aside. */
public enum TellingFact {
    STATUS("status", TEXT, "what has become of it: shipped, handed over, delivered, exception, void or returned"),
    JOB_STATUS("job status", TEXT, "the job’s own status, as rules on events set it"),
    JOB("job", TEXT, "number of the job"),
    ORIGIN_NUMBER("origin number", TEXT, "its number in the system it belongs to, where it came through another one"),
    GOES_WITH("goes with", SEVERAL, "numbers of the other jobs in the shipment"),
    CUSTOMER("customer", TEXT, "the job’s customer"),
    CUSTOMER_PO("customer PO", TEXT, "the customer’s purchase order"),
    BATCH("batch", TEXT, "the job’s batch"),
    NOTES("notes", TEXT, "the job’s notes"),
    REFERENCE_1("reference 1", TEXT, "first text for the label"),
    REFERENCE_2("reference 2", TEXT, "second text for the label"),
    TERMS("terms", TEXT, "freight terms"),
    PROMISED("promised", DAY, "day that was promised"),
    RECEIVER("receiver", TEXT, "company it goes to"),
    ATTENTION("attention", TEXT, "person it goes to"),
    STREET("street", TEXT, "street it goes to"),
    CITY("city", TEXT, "city it goes to"),
    STATE("state", TEXT, "state it goes to"),
    POSTAL_CODE("postal code", TEXT, "postal code it goes to"),
    COUNTRY("country", TEXT, "country it goes to, two letters"),
    SITE("site", TEXT, "site it left from"),
    CARRIER("carrier", TEXT, "who carries"),
    CARRIER_CODE("carrier code", TEXT, "our code of the carrier"),
    SERVICE("service", TEXT, "service it goes by"),
    SERVICE_CODE("service code", TEXT, "our code of the service"),
    TRACKING("tracking", SEVERAL, "tracking numbers of all packages of this shipment"),
    FIRST_TRACKING("first tracking", TEXT, "tracking number of its first package"),
    JOB_TRACKING("job tracking", SEVERAL, "tracking numbers of all that has left of the job"),
    SHIP_DATE("ship date", DAY, "day it left"),
    ARRIVAL("arrival", DAY, "day it is to arrive"),
    TOLD_AT("told at", MOMENT, "when this became known, in the shop’s time"),
    EXCEPTION("exception", TEXT, "what has happened, in words"),
    PACKAGES("packages", COUNT, "how many packages"),
    WEIGHT_OF_ALL("weight", WEIGHT, "weight of all packages"),
    CONTENTS("contents", SEVERAL, "what is in each package, with lots"),
    COST("cost", AMOUNT, "what the carrier asks; 0.00 for a job whose shipment stands under another one"),
    CUSTOMER_CHARGE("customer charge", AMOUNT, "what the customer pays for freight; 0.00 as above"),
    MARGIN("margin", AMOUNT, "what the shop keeps of it; 0.00 as above"),
    PIECES("pieces", COUNT, "pieces of the job in this shipment"),
    PIECES_TO_COME("pieces to come", COUNT, "pieces of the job that have not left"),
    TO_COME("to come", SEVERAL, "what of the job has not left, line by line"),
    COMPLETE("complete", TEXT, "yes when all of the job has left, else no"),
    SHIPPED_BY("shipped by", TEXT, "who shipped it"),
    CUSTOMER_PAGE(
            "customer page", TEXT, "address of the page on which the customer chooses and looks, without a sign-in"),
    QUOTE("quote", AMOUNT, "what freight was quoted at; known at the moment quoted only, as the next two"),
    QUOTED_SERVICE("quoted service", TEXT, "service that was quoted"),
    QUOTED_UNTIL("quoted until", DAY, "day up to which the quote counts"),
    TO_COME_BACK("to come back", SEVERAL, "what is to come back; known at the return reminder only, as the next two"),
    RETURN_LABEL("return label", TEXT, "tracking number of the label for the way back; empty text without one of ours"),
    RETURN_DUE("return due", DAY, "day up to which that label is valid, or by which it should be here"),

    PACKAGE_NUMBER("package", COUNT, "number of the package", FactScope.PACKAGE),
    PACKAGE_TRACKING("package tracking", TEXT, "its tracking number", FactScope.PACKAGE),
    PACKAGE_WEIGHT("package weight", WEIGHT, "its weight", FactScope.PACKAGE),
    PACKAGE_SIZE("package size", TEXT, "its size", FactScope.PACKAGE),
    CARTON("carton", TEXT, "code of its carton type", FactScope.PACKAGE),
    PACKAGE_CONTENTS("package contents", SEVERAL, "what is in it, with lots", FactScope.PACKAGE),

    LINE_NUMBER("line", COUNT, "number of the line", FactScope.LINE),
    ITEM("item", TEXT, "its item", FactScope.LINE),
    DESCRIPTION("description", TEXT, "its description", FactScope.LINE),
    ORDERED("ordered", COUNT, "pieces ordered", FactScope.LINE),
    SHIPPED_NOW("shipped now", COUNT, "pieces in this shipment", FactScope.LINE),
    SHIPPED_SO_FAR("shipped so far", COUNT, "pieces that have left, with these", FactScope.LINE),
    LINE_TO_COME("line to come", COUNT, "pieces that have not left", FactScope.LINE),
    LOTS("lots", SEVERAL, "lots or serials in this shipment", FactScope.LINE);

    private final String word;
    private final FactKind kind;
    private final String about;
    private final FactScope scope;

    TellingFact(String word, FactKind kind, String about) {
        this(word, kind, about, FactScope.SHIPMENT);
    }

    TellingFact(String word, FactKind kind, String about, FactScope scope) {
        this.word = word;
        this.kind = kind;
        this.about = about;
        this.scope = scope;
    }

    /** As templates ask for it. */
    public String word() {
        return word;
    }

    public FactKind kind() {
        return kind;
    }

    public String about() {
        return about;
    }

    public FactScope scope() {
        return scope;
    }

    static Optional<TellingFact> named(String text) {
        String plain = text.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(each -> each.word.toLowerCase(Locale.ROOT).equals(plain))
                .findFirst();
    }
}
