package nobrec.standins.books;

import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.standins.StandIn;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.Pages;
import nobrec.standins.http.WebServer;
import nobrec.standins.store.RecordStore;
import nobrec.standins.store.ShopRecords;
import tools.jackson.databind.JsonNode;

/** The shop's books: an open invoice for each work order it knows, and a journal that refuses what does not balance. */
public final class BooksStandIn implements StandIn {

    private static final String CLOSING = "closed:";

    private final ShopRecords shop;
    private final RecordStore freightLines;
    private final RecordStore journal;
    private final RecordStore states;
    private final Conduct conduct = new Conduct();

    public BooksStandIn(ShopRecords shop, RecordStore freightLines, RecordStore journal, RecordStore states) {
        this.shop = shop;
        this.freightLines = freightLines;
        this.journal = journal;
        this.states = states;
    }

    @Override
    public String name() {
        return "Books";
    }

    @Override
    public String path() {
        return "/books";
    }

    @Override
    public Conduct conduct() {
        return conduct;
    }

    @Override
    public void mount(WebServer web) {
        web.get(path(), exchange -> exchange.html(page()));
        conduct.mount(web, path());
        web.post(path() + "/invoices/{number}/freight", conduct.around(this::addFreight));
        web.post(path() + "/invoices/{number}/freight/{line}/removal", conduct.around(this::removeFreight));
        web.post(path() + "/invoices/{number}/freight/{line}/credit", conduct.around(this::credit));
        web.post(path() + "/orders/{number}/next-invoice", conduct.around(this::addToNextInvoice));
        web.post(path() + "/closings", exchange -> {
            close(exchange.form().getOrDefault("order", ""));
            exchange.redirect(path());
        });
        web.post(path() + "/invoices/states", conduct.around(this::tellStates));
        web.post(path() + "/payments", exchange -> {
            Map<String, String> form = exchange.form();
            keepState(form.getOrDefault("order", ""), form.getOrDefault("state", ""));
            exchange.redirect(path());
        });
        web.post(path() + "/journal", conduct.around(this::book));
        web.get(path() + "/journal", exchange -> exchange.json(200, journal.all()));
        web.get(path() + "/freight", exchange -> exchange.json(200, freightLines.all()));
    }

    private void addFreight(Exchange exchange) throws IOException {
        ShopRecords.Order order = shop.order(exchange.pathPart(0));
        // What was done before its invoice was closed is answered as it was then.
        if (freightLines.find(exchange.key()).isEmpty() && isClosed(order)) {
            refuseClosed(exchange, order);
            return;
        }
        JsonNode line = exchange.body();
        Map<String, Object> kept =
                freightLines.once(exchange.key(), () -> line(order, order.invoice(), line, amount(line)));
        exchange.json(
                201,
                Map.of("key", exchange.key(), "text", "Invoice " + kept.get("invoice") + " has the freight line."));
    }

    private static Map<String, Object> line(ShopRecords.Order order, String invoice, JsonNode line, BigDecimal amount) {
        Map<String, Object> record = new LinkedHashMap<>();
        record.put("invoice", invoice);
        record.put("order", order.number());
        record.put("customer", order.customer());
        record.put("description", line.path("description").asString());
        record.put("amount", amount);
        record.put("tracking", line.path("tracking").asString());
        record.put("shipDate", line.path("shipDate").asString());
        return record;
    }

    private boolean isClosed(ShopRecords.Order order) {
        return states.find(CLOSING + order.number()).isPresent();
    }

    private static void refuseClosed(Exchange exchange, ShopRecords.Order order) throws IOException {
        exchange.json(
                422,
                Map.of(
                        "key",
                        exchange.key(),
                        "code",
                        "CLOSED",
                        "reason",
                        "Invoice " + order.invoice() + " is closed."));
    }

    /** From now on nothing of the invoice of that order changes. */
    public void close(String order) {
        states.put(CLOSING + order, Map.of("order", order, "state", "CLOSED"));
    }

    private void addToNextInvoice(Exchange exchange) throws IOException {
        ShopRecords.Order order = shop.order(exchange.pathPart(0));
        JsonNode line = exchange.body();
        freightLines.once(exchange.key(), () -> line(order, "next of " + order.customer(), line, amount(line)));
        exchange.json(
                201, Map.of("key", exchange.key(), "text", "The next invoice of " + order.customer() + " has it."));
    }

    private void credit(Exchange exchange) throws IOException {
        ShopRecords.Order order = shop.order(exchange.pathPart(0));
        Map<String, Object> there = freightLines
                .find(exchange.pathPart(1))
                .orElseThrow(() -> new IllegalArgumentException("No freight line has this key."));
        freightLines.once(exchange.key(), () -> {
            Map<String, Object> credit = new LinkedHashMap<>(there);
            credit.put("invoice", "credit to " + order.invoice());
            credit.put("amount", new BigDecimal(there.get("amount").toString()).negate());
            return credit;
        });
        exchange.json(201, Map.of("key", exchange.key(), "text", "Invoice " + order.invoice() + " is credited."));
    }

    private void removeFreight(Exchange exchange) throws IOException {
        String line = exchange.pathPart(1);
        Map<String, Object> there = freightLines
                .find(line)
                .orElseThrow(() -> new IllegalArgumentException("No freight line has this key."));
        ShopRecords.Order order = shop.order(exchange.pathPart(0));
        boolean gone = there.containsKey("removed");
        boolean onItsInvoice = there.get("invoice").equals(order.invoice());
        if (!gone && onItsInvoice && isClosed(order)) {
            refuseClosed(exchange, order);
            return;
        }
        Map<String, Object> removed = new LinkedHashMap<>(there);
        removed.put("removed", true);
        freightLines.put(line, removed);
        exchange.json(
                200,
                Map.of("key", exchange.key(), "text", "The freight line is off invoice " + there.get("invoice") + "."));
    }

    /** Says what it knows of the invoices of orders: an invoice is open until somebody says on the page that it is paid. */
    private void tellStates(Exchange exchange) throws IOException {
        List<Map<String, String>> known = new ArrayList<>();
        for (JsonNode order : exchange.body().path("orders")) {
            String number = order.asString("");
            Optional<String> said = states.find(number).map(state -> (String) state.get("state"));
            boolean ours = shop.orders().stream().anyMatch(each -> each.number().equals(number));
            said.or(() -> ours ? Optional.of("OPEN") : Optional.empty())
                    .ifPresent(state -> known.add(Map.of("order", number, "state", state)));
        }
        exchange.json(200, Map.of("key", exchange.key(), "invoices", known));
    }

    /** What somebody has said on the page, or a test: OPEN, PAID or RELEASED. */
    public void keepState(String order, String state) {
        states.put(order, Map.of("order", order, "state", state));
    }

    private void book(Exchange exchange) throws IOException {
        JsonNode entry = exchange.body();
        BigDecimal debit = sum(entry, "DEBIT");
        BigDecimal credit = sum(entry, "CREDIT");
        if (debit.signum() == 0 || debit.compareTo(credit) != 0) {
            throw new IllegalArgumentException("Debits " + debit + " do not equal credits " + credit + ".");
        }
        Map<String, Object> kept = journal.once(exchange.key(), () -> {
            Map<String, Object> record = new LinkedHashMap<>();
            record.put("number", "J" + (journal.size() + 1));
            record.put("date", entry.path("date").asString());
            record.put("description", entry.path("description").asString());
            record.put("lines", lines(entry));
            record.put("debit", debit);
            record.put("credit", credit);
            return record;
        });
        exchange.json(
                201, Map.of("key", exchange.key(), "text", "Journal entry " + kept.get("number") + " is booked."));
    }

    private static List<Map<String, Object>> lines(JsonNode entry) {
        List<Map<String, Object>> lines = new ArrayList<>();
        for (JsonNode line : entry.path("lines")) {
            lines.add(Map.of(
                    "account",
                    line.path("account").asString(),
                    "side",
                    line.path("side").asString(),
                    "amount",
                    amount(line)));
        }
        return lines;
    }

    private static BigDecimal sum(JsonNode entry, String side) {
        BigDecimal sum = BigDecimal.ZERO.setScale(2);
        for (JsonNode line : entry.path("lines")) {
            if (line.path("side").asString().equals(side)) {
                sum = sum.add(amount(line));
            }
        }
        return sum;
    }

    private static BigDecimal amount(JsonNode line) {
        String text = line.path("amount").asString("");
        if (!text.matches("-?[0-9]{1,9}\\.[0-9]{2}")) {
            throw new IllegalArgumentException("“" + text + "” is no amount with two places.");
        }
        return new BigDecimal(text);
    }

    private String page() {
        return Pages.of(
                this, "books", Map.of("freight", freightLines.all(), "journal", journal.all(), "states", states.all()));
    }
}
