package nobrec.core.limit;

import java.time.LocalDate;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;

/**
 * How long, how many, how great, how early and how late: the limits of every field, for every door through which a value comes
 * in. What the database holds is compared with this list by a test.
 */
public final class Limits {

    /** Letters of any text of a work order, its lines and its address, of a carrier account and a search. */
    public static final int TEXT = 120;

    /** Letters of a service's, a carton's and a surcharge's code. */
    public static final int CODE = 20;

    /** Letters of a surcharge's title and of a zone's name. */
    public static final int TITLE = 80;

    public static final int ZONE_NAME = 20;

    /** Letters of the address of a system outside, and of a password or token for it. */
    public static final int ADDRESS_OUTSIDE = 500;

    public static final int SECRET = 500;

    /** Letters of a file's name. */
    public static final int FILE_NAME = 255;

    /** Letters of a text in which somebody types a measure, an amount or a day. */
    public static final int FIGURE_TEXT = 40;

    /** Letters of one cell of a file. Longer ones are no cell but what follows a quote that was not closed. */
    public static final int CELL = 4_000;

    /** A rate sheet's lists of postal beginnings may be long. */
    public static final int SHEET_CELL = 100_000;

    /** Cells of one row of a file. */
    public static final int CELLS_OF_ROW = 1_000;

    /** Letters of a SELECT that a database is read by. */
    public static final int QUERY = 10_000;

    /** Bytes of a file that is read whole. */
    public static final int SMALL_FILE_BYTES = 10_000_000;

    public static final int ORDER_FILE_ROWS = 100_000;

    /** Lines of a work order whose columns repeat in one row. */
    public static final int LINES_OF_ROW = 60;

    /** Letters of a column's heading, of a layout's and of a custom field's name. */
    public static final int HEADING = 200;

    public static final int LAYOUT_NAME = 60;
    public static final int CUSTOM_NAME = 40;

    /** Custom fields of one work order, and of one line. */
    public static final int CUSTOM_FIELDS = 40;

    /** Letters of the notes of a work order. */
    public static final int NOTES = 1_000;

    /** House rules a shop may keep, what one may do, and tests and groups of its condition. */
    public static final int HOUSE_RULES = 500;

    /** What is noted of a place for whoever drives there. */
    public static final int DRIVER_NOTE = 500;

    /** Notes that colleagues may write on one job. */
    public static final int NOTES_OF_JOB = 200;

    /** Shipments of one job, and things that happened to it, that its page shows. */
    public static final int SHIPMENTS_SHOWN = 50;

    public static final int ENTRIES_OF_HISTORY = 200;

    /** Jobs that one act may change at once. */
    public static final int JOBS_AT_ONCE = 500;

    /** Jobs that are printed by one address. */
    public static final int JOBS_ON_PAPER = 200;

    /** Slip designs a shop may keep, letters of one's name, and of a block's heading and text. */
    public static final int SLIP_DESIGNS = 200;

    public static final int DESIGN_NAME = 60;
    public static final int BLOCK_HEADING = 60;
    public static final int BLOCK_TEXT = 2_000;

    /** Columns of a slip's lines, and on label stock. */
    public static final int COLUMNS_OF_SLIP = 10;

    public static final int COLUMNS_OF_NARROW_SLIP = 5;

    /** Letters of a slip's own template and of its style sheet. */
    public static final int TEMPLATE = 40_000;

    public static final int STYLE_SHEET = 20_000;

    /** Bytes of a logo's file, and of what is kept of it: each paper carries it. */
    public static final int LOGO_FILE_BYTES = 5_000_000;

    public static final int LOGO_BYTES = 60_000;

    /** Sticker sheets a shop may keep, rows and columns of one, and stickers that are printed at once. */
    public static final int STICKER_SHEETS = 200;

    public static final int STICKERS_IN_LINE = 40;
    public static final int STICKERS_AT_ONCE = 5_000;

    /** Letters of a desk's, a printer's and a tray's name; copies of a paper that is printed; lines of a forwarder's address. */
    public static final int DESK_NAME = 60;

    public static final int PRINTED_COPIES = 9;
    public static final int FORWARDER_LINES = 7;

    /** Partners a shop may keep, letters of one's name, customers of one, and the greatest number of an X12 interchange. */
    public static final int PARTNERS = 500;

    public static final int PARTNER_NAME = 60;
    public static final int CUSTOMERS_OF_PARTNER = 50;
    public static final int INTERCHANGE_CONTROL = 999_999_999;

    /** Days until which a partner may acknowledge, in hours; letters of what it sends us. */
    public static final int ACKNOWLEDGED_WITHIN_HOURS = 24 * 30;

    public static final int PARTNER_DOCUMENT = 1_000_000;

    public static final int ACTS_OF_RULE = 20;
    public static final int PARTS_OF_CONDITION = 60;

    /** Conditions of one job list, and words of its text. */
    public static final int CONDITIONS_OF_LIST = 20;

    public static final int WORDS_OF_SEARCH = 5;

    /** Job lists that one person, and the shop, may keep. */
    public static final int KEPT_LISTS = 100;

    /** Texts that one test compares with. */
    public static final int TEXTS_OF_TEST = 200;

    /** Letters of a house rule's name. */
    public static final int RULE_NAME = 80;

    public static final int SHEET_ROWS = 20_000;
    public static final int LINES_OF_ORDER = 5_000;

    /** Faults of a file that are kept to be shown. */
    public static final int FAULTS_SHOWN = 200;

    public static final int PIECES_OF_LINE = 100_000;

    /** Of a whole work order; so many of them in one shipment still add up without losing a gram. */
    public static final Weight WEIGHT_OF_ORDER = Weight.of("20000", WeightUnit.KILOGRAM);

    /** Cents of a whole work order's value. */
    public static final long CENTS_OF_ORDER = 999_999_999_999L;

    public static final int JOBS_OF_SHIPMENT = 40;

    /** Packages of one shipment, proposed or made by hand. */
    public static final int PACKAGES_OF_SHIPMENT = 500;

    /** What one driver takes at once. */
    public static final int PACKAGES_OF_HANDOVER = 10_000;

    /** Cents of one amount of money: 9,999,999.99. */
    public static final long CENTS = 999_999_999;

    public static final int DIVISOR = 100_000;

    public static final Weight WEIGHT = Weight.of("20000", WeightUnit.KILOGRAM);
    public static final Length LENGTH = Length.of("20000", LengthUnit.MILLIMETER);

    /** Decimal places of a measure that somebody writes. */
    public static final int MEASURE_PLACES = 4;

    /** First and last day that a record may name. */
    public static final LocalDate FIRST_DAY = LocalDate.of(2000, 1, 1);

    public static final LocalDate LAST_DAY = LocalDate.of(2099, 12, 31);

    /** So many days ahead a shipment may be put off. */
    public static final int DAYS_PUT_OFF = 366;

    /** Fields of a job, of a package or of a line that another system is told; letters of a template, and of a statement. */
    public static final int FIELDS_OF_TARGET = 60;

    public static final int TELLING_TEMPLATE = 2_000;

    public static final int STATEMENT = 4_000;

    /** Words that another system has for ours, and systems that are told. */
    public static final int WORDS_OF_TARGET = 200;

    public static final int TARGETS = 20;

    /** Rules on events, and letters of the note that one writes. */
    public static final int STATUS_RULES = 100;

    public static final int NOTE_TEMPLATE = 500;

    /** Rules by which freight is booked on accounts. */
    public static final int ACCOUNT_RULES = 200;

    /** Calls a minute that a system outside may be limited to. */
    public static final int CALLS_A_MINUTE = 6_000;

    private Limits() {}

    public static boolean holdsDay(LocalDate day) {
        return !day.isBefore(FIRST_DAY) && !day.isAfter(LAST_DAY);
    }
}
