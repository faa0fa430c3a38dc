package nobrec.standins.printer;

import com.hp.jipp.encoding.Attribute;
import com.hp.jipp.encoding.IppInputStream;
import com.hp.jipp.encoding.IppPacket;
import com.hp.jipp.encoding.Resolution;
import com.hp.jipp.encoding.ResolutionUnit;
import com.hp.jipp.encoding.Tag;
import com.hp.jipp.model.JobState;
import com.hp.jipp.model.Operation;
import com.hp.jipp.model.PrinterState;
import com.hp.jipp.model.Status;
import com.hp.jipp.model.Types;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.standins.StandIn;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.Exchange;
import nobrec.standins.http.Pages;
import nobrec.standins.http.WebServer;

/** A printer that speaks IPP 1.1 (RFC 8011), keeps what it prints, and has the troubles that printers have. */
public final class PrinterStandIn implements StandIn {

    private static final String TYPE = "application/ipp";
    private static final String PDF = "application/pdf";
    private static final String RASTER = "image/pwg-raster";
    private static final int SHOWN = 20;

    /** Papers that it knows, as PWG 5101.1 names them. */
    private static final List<String> MEDIA =
            List.of("na_index-4x6_4x6in", "iso_a6_105x148mm", "na_letter_8.5x11in", "iso_a4_210x297mm");

    private final String name;
    private final String path;
    private final List<String> formats;
    private final int resolution;
    private final List<String> trays;
    private final Conduct conduct = new Conduct();
    private final List<PrintedJob> jobs = new ArrayList<>();
    private PrinterTrouble trouble = PrinterTrouble.NONE;
    private int numbers;

    private PrinterStandIn(String name, String path, List<String> formats, int resolution, List<String> trays) {
        this.name = name;
        this.path = path;
        this.formats = formats;
        this.resolution = resolution;
        this.trays = trays;
    }

    /** 203 dots per inch, on label stock. */
    public static PrinterStandIn forLabels() {
        return new PrinterStandIn("Label printer", "/label-printer", List.of(RASTER), 203, List.of("main"));
    }

    /** Pages as PDF, from two trays. */
    public static PrinterStandIn forPages() {
        return new PrinterStandIn(
                "Office printer", "/office-printer", List.of(PDF, RASTER), 300, List.of("tray-1", "tray-2"));
    }

    @Override
    public String name() {
        return name;
    }

    @Override
    public String path() {
        return path;
    }

    @Override
    public Conduct conduct() {
        return conduct;
    }

    /** What it has taken, the oldest first. */
    public synchronized List<PrintedJob> jobs() {
        return List.copyOf(jobs);
    }

    /** What came out of it. */
    public synchronized List<PrintedJob> printed() {
        return jobs.stream().filter(PrintedJob::isPrinted).toList();
    }

    public synchronized void have(PrinterTrouble other) {
        trouble = other;
        if (other == PrinterTrouble.FORGETS) {
            jobs.removeIf(job -> !job.isPrinted());
        }
        printWhatWaits();
    }

    @Override
    public void mount(WebServer web) {
        web.get(path, exchange -> exchange.html(page()));
        conduct.mount(web, path);
        web.post(path, conduct.around(this::ipp));
        web.post(path + "/trouble", exchange -> {
            have(PrinterTrouble.valueOf(exchange.form().get("trouble")));
            exchange.redirect(path);
        });
        web.get(path + "/jobs/{number}", this::document);
    }

    private void ipp(Exchange exchange) throws IOException {
        IppInputStream in = new IppInputStream(new ByteArrayInputStream(exchange.bytes()));
        IppPacket request = in.readPacket();
        Optional<IppPacket> answer = answer(request, in.readAllBytes());
        if (answer.isEmpty()) {
            exchange.drop();
            return;
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        answer.get().write(out);
        exchange.bytes(200, TYPE, out.toByteArray());
    }

    /** Empty where nothing comes back. */
    private synchronized Optional<IppPacket> answer(IppPacket request, byte[] document) {
        if (trouble == PrinterTrouble.OFF || trouble == PrinterTrouble.FORGETS) {
            return Optional.empty();
        }
        printWhatWaits();
        Operation operation = request.getOperation();
        IppPacket.Builder answer = null;
        if (operation.equals(Operation.getPrinterAttributes)) {
            answer = ok().putPrinterAttributes(facts());
        } else if (operation.equals(Operation.printJob)) {
            answer = take(request, document);
        } else if (operation.equals(Operation.getJobs)) {
            answer = list(request);
        } else if (operation.equals(Operation.getJobAttributes)) {
            answer = job(request).map(this::described).orElseGet(() -> status(Status.clientErrorNotFound));
        } else if (operation.equals(Operation.cancelJob)) {
            answer = job(request).map(this::giveUp).orElseGet(() -> status(Status.clientErrorNotFound));
        }
        if (trouble == PrinterTrouble.OFF) {
            return Optional.empty();
        }
        return Optional.of((answer == null ? status(Status.serverErrorOperationNotSupported) : answer)
                .setRequestId(request.getRequestId())
                .build());
    }

    private List<Attribute<?>> facts() {
        boolean empty = trouble == PrinterTrouble.OUT_OF_PAPER;
        boolean waits = jobs.stream().anyMatch(job -> !isOver(job));
        List<Attribute<?>> facts = new ArrayList<>(List.of(
                Types.printerName.of(name),
                Types.printerState.of(
                        empty ? PrinterState.stopped : waits ? PrinterState.processing : PrinterState.idle),
                Types.printerStateReasons.of(empty ? "media-empty-error" : "none"),
                Types.printerIsAcceptingJobs.of(true),
                Types.documentFormatSupported.of(formats),
                Types.mediaSourceSupported.of(
                        trays.get(0), trays.subList(1, trays.size()).toArray(String[]::new)),
                Types.mediaSupported.of(
                        MEDIA.get(0), MEDIA.subList(1, MEDIA.size()).toArray(String[]::new)),
                Types.printerResolutionDefault.of(new Resolution(resolution, resolution, ResolutionUnit.dotsPerInch))));
        if (formats.contains(RASTER)) {
            facts.add(Types.pwgRasterDocumentResolutionSupported.of(
                    new Resolution(resolution, resolution, ResolutionUnit.dotsPerInch)));
        }
        return facts;
    }

    private IppPacket.Builder take(IppPacket request, byte[] document) {
        if (trouble == PrinterTrouble.BUSY) {
            return status(Status.serverErrorBusy);
        }
        String format = text(request.getString(Tag.operationAttributes, Types.documentFormat));
        if (!formats.contains(format)) {
            return status(Status.clientErrorDocumentFormatNotSupported);
        }
        String media = text(request.getString(Tag.jobAttributes, Types.media));
        if (!media.isEmpty() && !MEDIA.contains(media)) {
            return status(Status.clientErrorAttributesOrValuesNotSupported);
        }
        if (document.length == 0) {
            return status(Status.clientErrorBadRequest);
        }
        Integer copies = request.getValue(Tag.jobAttributes, Types.copies);
        PrintedJob job = new PrintedJob(
                ++numbers,
                text(request.getString(Tag.operationAttributes, Types.jobName)),
                format,
                document,
                copies == null ? 1 : copies,
                media);
        jobs.add(job);
        if (trouble == PrinterTrouble.TAKES_AND_DIES) {
            trouble = PrinterTrouble.OFF;
        }
        return described(job);
    }

    private static String text(String value) {
        return value == null ? "" : value;
    }

    /** What has paper comes out at the next look. */
    private void printWhatWaits() {
        if (trouble == PrinterTrouble.NONE || trouble == PrinterTrouble.BUSY) {
            jobs.stream().filter(job -> !isOver(job)).forEach(job -> job.become(JobState.completed));
        }
    }

    private static boolean isOver(PrintedJob job) {
        return job.state().equals(JobState.completed) || job.state().equals(JobState.canceled);
    }

    private IppPacket.Builder list(IppPacket request) {
        boolean over = "completed".equals(request.getString(Tag.operationAttributes, Types.whichJobs));
        IppPacket.Builder answer = ok();
        jobs.stream().filter(job -> isOver(job) == over).forEach(job -> describe(answer, job));
        return answer;
    }

    private Optional<PrintedJob> job(IppPacket request) {
        Integer number = request.getValue(Tag.operationAttributes, Types.jobId);
        return jobs.stream()
                .filter(job -> number != null && job.number() == number)
                .findFirst();
    }

    private IppPacket.Builder giveUp(PrintedJob job) {
        if (isOver(job)) {
            return status(Status.clientErrorNotPossible);
        }
        job.become(JobState.canceled);
        return ok();
    }

    private IppPacket.Builder described(PrintedJob job) {
        IppPacket.Builder answer = ok();
        describe(answer, job);
        return answer;
    }

    private void describe(IppPacket.Builder answer, PrintedJob job) {
        boolean waitsForPaper = trouble == PrinterTrouble.OUT_OF_PAPER && !isOver(job);
        answer.addJobAttributesGroup(
                job.number(),
                URI.create("ipp://localhost" + path + "/" + job.number()),
                job.state(),
                List.of(waitsForPaper ? "printer-stopped" : "none"),
                Types.jobName.of(job.name()));
    }

    private static IppPacket.Builder ok() {
        return status(Status.successfulOk);
    }

    private static IppPacket.Builder status(Status status) {
        return IppPacket.response(status);
    }

    private synchronized void document(Exchange exchange) throws IOException {
        int number = Integer.parseInt(exchange.pathPart(0));
        PrintedJob job = jobs.stream()
                .filter(each -> each.number() == number)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no job " + number + "."));
        exchange.bytes(200, job.format(), job.document());
    }

    private synchronized String page() throws IOException {
        printWhatWaits();
        List<Map<String, Object>> shown = new ArrayList<>();
        for (int at = jobs.size() - 1; at >= 0 && shown.size() < SHOWN; at--) {
            PrintedJob job = jobs.get(at);
            shown.add(Map.of(
                    "number", job.number(),
                    "name", job.name(),
                    "state", job.state().getName(),
                    "format", job.format(),
                    "copies", job.copies(),
                    "address", path + "/jobs/" + job.number(),
                    "pictures", pictures(job)));
        }
        return Pages.of(
                this,
                "printer",
                Map.of(
                        "path",
                        path,
                        "troubles",
                        Arrays.stream(PrinterTrouble.values())
                                .map(each ->
                                        Map.of("value", each.name(), "words", each.words(), "chosen", each == trouble))
                                .toList(),
                        "jobs",
                        shown));
    }

    private static List<String> pictures(PrintedJob job) throws IOException {
        if (!job.format().equals(RASTER)) {
            return List.of();
        }
        List<String> pictures = new ArrayList<>();
        for (RasterPages.Page page : RasterPages.read(job.document())) {
            pictures.add("data:image/png;base64," + Base64.getEncoder().encodeToString(page.png()));
        }
        return pictures;
    }
}
