package nobrec.standins;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import nobrec.standins.addressdesk.AddressDeskStandIn;
import nobrec.standins.books.BooksStandIn;
import nobrec.standins.carrier.CarrierStandIn;
import nobrec.standins.device.DeviceStandIn;
import nobrec.standins.http.Behavior;
import nobrec.standins.http.Pages;
import nobrec.standins.http.WebServer;
import nobrec.standins.mail.MailStandIn;
import nobrec.standins.orderdesk.OrderDeskStandIn;
import nobrec.standins.partner.PartnerStandIn;
import nobrec.standins.printer.PrinterStandIn;
import nobrec.standins.scale.Scale;
import nobrec.standins.scale.ScalePage;
import nobrec.standins.scale.ScaleSocket;
import nobrec.standins.store.RecordStore;
import nobrec.standins.store.ShopRecords;
import nobrec.standins.store.SourceRecords;
import nobrec.standins.webshop.WebShopStandIn;

/** The world outside, simulated: carriers, books, order desk and scale, on loopback only. For demonstration and tests. */
public final class StandIns implements AutoCloseable {

    /**
     * @param httpPort zero for any free port
     * @param scalePort zero for any free port; the mail server listens two ports above
     * @param dataFolder where the stand-ins keep what they were told
     * @param recordsFile JSON with the order numbers the books and the order desk know
     */
    public record Settings(int httpPort, int scalePort, Path dataFolder, Path recordsFile) {}

    private static final int MAIL_ABOVE_SCALE = 2;

    private final WebServer web;
    private final ScaleSocket scaleSocket;
    private final Scale scale;
    private final List<StandIn> services;
    private final Sources sources;
    private final Printing printers;
    private final MailStandIn mail;

    /** A printer for labels, which takes dots, and one for pages. */
    public record Printing(PrinterStandIn labels, PrinterStandIn pages) {}

    /** What the systems hold that records come from, the books, and a customer that is told what is on its way. */
    public record Sources(
            SourceRecords orderDesk,
            SourceRecords webShop,
            BooksStandIn books,
            PartnerStandIn partner,
            OrderDeskStandIn orders) {}

    private StandIns(
            WebServer web,
            ScaleSocket scaleSocket,
            Scale scale,
            List<StandIn> services,
            Sources sources,
            Printing printers,
            MailStandIn mail) {
        this.mail = mail;
        this.sources = sources;
        this.printers = printers;
        this.web = web;
        this.scaleSocket = scaleSocket;
        this.scale = scale;
        this.services = services;
    }

    public static StandIns start(Settings settings) {
        ShopRecords shop = ShopRecords.read(settings.recordsFile());
        Path folder = settings.dataFolder();
        SourceRecords orderDesk = SourceRecords.read(settings.recordsFile().resolveSibling("order-desk.json"));
        SourceRecords webShop = SourceRecords.read(settings.recordsFile().resolveSibling("web-shop.json"));
        Scale scale = new Scale(System::nanoTime);
        BooksStandIn books = new BooksStandIn(
                shop,
                new RecordStore(folder.resolve("invoices.json")),
                new RecordStore(folder.resolve("journal.json")),
                new RecordStore(folder.resolve("invoice-states.json")));
        PartnerStandIn partner = new PartnerStandIn(new RecordStore(folder.resolve("ship-notices.json")));
        Printing printers = new Printing(PrinterStandIn.forLabels(), PrinterStandIn.forPages());
        OrderDeskStandIn orders = new OrderDeskStandIn(shop, new RecordStore(folder.resolve("orders.json")), orderDesk);
        MailStandIn mail = mail(settings.scalePort());
        List<StandIn> services = List.of(
                mail,
                new CarrierStandIn(CarrierStandIn.PLOVER, folder),
                new CarrierStandIn(CarrierStandIn.DUNLIN, folder),
                new CarrierStandIn(CarrierStandIn.GODWIT, folder),
                new CarrierStandIn(CarrierStandIn.CURLEW, folder),
                new CarrierStandIn(CarrierStandIn.WHIMBREL, folder),
                books,
                orders,
                new WebShopStandIn(webShop, new RecordStore(folder.resolve("web-shop-orders.json"))),
                new AddressDeskStandIn(),
                partner,
                DeviceStandIn.floorScale(),
                DeviceStandIn.measuringFrame(),
                printers.labels(),
                printers.pages());
        try {
            WebServer web = new WebServer(settings.httpPort());
            services.forEach(service -> service.mount(web));
            new ScalePage(scale).mount(web);
            web.get("/", exchange -> exchange.html(Pages.index(services)));
            web.start();
            return new StandIns(
                    web,
                    new ScaleSocket(settings.scalePort(), scale),
                    scale,
                    services,
                    new Sources(orderDesk, webShop, books, partner, orders),
                    printers,
                    mail);
        } catch (IOException failed) {
            throw new UncheckedIOException("The stand-ins cannot listen: " + failed.getMessage(), failed);
        }
    }

    private static MailStandIn mail(int scalePort) {
        try {
            return new MailStandIn(scalePort == 0 ? 0 : scalePort + MAIL_ABOVE_SCALE);
        } catch (IOException failed) {
            throw new UncheckedIOException("The mail server cannot listen: " + failed.getMessage(), failed);
        }
    }

    public MailStandIn mail() {
        return mail;
    }

    public int httpPort() {
        return web.port();
    }

    public int scalePort() {
        return scaleSocket.port();
    }

    public Sources sources() {
        return sources;
    }

    public Printing printers() {
        return printers;
    }

    public Scale scale() {
        return scale;
    }

    /** Tells one stand-in, by its path without the slash, how to behave from now on. */
    public void behave(String path, Behavior behavior) {
        services.stream()
                .filter(service -> service.path().equals("/" + path))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("No stand-in " + path))
                .conduct()
                .set(behavior);
    }

    @Override
    public void close() {
        web.close();
        scaleSocket.close();
        mail.close();
    }
}
