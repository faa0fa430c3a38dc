package nobrec.server.printing.ipp;

import com.hp.jipp.encoding.AttributeGroup;
import com.hp.jipp.encoding.AttributeType;
import com.hp.jipp.encoding.IppPacket;
import com.hp.jipp.encoding.KeywordOrName;
import com.hp.jipp.encoding.Resolution;
import com.hp.jipp.encoding.ResolutionUnit;
import com.hp.jipp.encoding.Tag;
import com.hp.jipp.model.JobState;
import com.hp.jipp.model.MediaCol;
import com.hp.jipp.model.Status;
import com.hp.jipp.model.Types;
import java.net.URI;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import nobrec.server.connection.Connection;
import nobrec.server.printing.PrinterPort;
import nobrec.server.printing.PrinterRefuses;
import nobrec.server.printing.PrinterSilent;
import nobrec.server.printing.PrinterState;
import org.springframework.stereotype.Component;

/** Printers that speak IPP 1.1 and later. */
@Component
class IppPrinter implements PrinterPort {

    private static final Set<String> SCHEMES = Set.of("ipp", "ipps", "http", "https");
    private static final String US = "nobrec";
    private static final int FIRST_ERROR = 0x0400;
    private static final byte[] NOTHING = {};
    private static final double CENTIMETERS_IN_INCH = 2.54;

    /** What a printer answers that would take the job later. */
    private static final Set<Status> FOR_NOW = Set.of(
            Status.serverErrorBusy,
            Status.serverErrorNotAcceptingJobs,
            Status.serverErrorTemporaryError,
            Status.serverErrorServiceUnavailable,
            Status.serverErrorTooManyJobs,
            Status.serverErrorPrinterIsDeactivated);

    private final IppCalls calls;

    IppPrinter(IppCalls calls) {
        this.calls = calls;
    }

    @Override
    public String adapterName() {
        return "ipp";
    }

    @Override
    public boolean canCall(URI address) {
        return address.getScheme() != null
                && SCHEMES.contains(address.getScheme().toLowerCase(Locale.ROOT));
    }

    @Override
    public String addressForm() {
        return "ipp:// or ipps://, the host and path, as ipp://10.0.0.12/ipp/print";
    }

    @Override
    public PrinterFacts look(Connection printer) throws PrinterSilent {
        IppPacket answer = calls.call(
                printer,
                named(IppPacket.getPrinterAttributes(IppCalls.printer(printer), new AttributeType<?>[0]))
                        .build(),
                NOTHING);
        require(printer, answer);
        com.hp.jipp.model.PrinterState state = answer.getValue(Tag.printerAttributes, Types.printerState);
        String said = PrinterWords.of(answer.getStrings(Tag.printerAttributes, Types.printerStateReasons));
        Boolean accepts = answer.getValue(Tag.printerAttributes, Types.printerIsAcceptingJobs);
        return new PrinterFacts(
                state(state),
                said,
                accepts == null || accepts,
                answer.getStrings(Tag.printerAttributes, Types.documentFormatSupported),
                resolution(answer),
                answer.getStrings(Tag.printerAttributes, Types.mediaSourceSupported),
                answer.getStrings(Tag.printerAttributes, Types.mediaSupported));
    }

    private static PrinterState state(com.hp.jipp.model.PrinterState state) {
        if (com.hp.jipp.model.PrinterState.idle.equals(state)) {
            return PrinterState.IDLE;
        }
        if (com.hp.jipp.model.PrinterState.processing.equals(state)) {
            return PrinterState.PRINTING;
        }
        return com.hp.jipp.model.PrinterState.stopped.equals(state) ? PrinterState.STOPPED : PrinterState.UNKNOWN;
    }

    /** In which it takes dots, else in which it prints. */
    private static int resolution(IppPacket answer) {
        List<Resolution> raster = answer.getValues(Tag.printerAttributes, Types.pwgRasterDocumentResolutionSupported);
        Resolution usual = answer.getValue(Tag.printerAttributes, Types.printerResolutionDefault);
        Resolution found = raster.isEmpty() ? usual : raster.get(0);
        if (found == null) {
            return 0;
        }
        return ResolutionUnit.dotsPerCentimeter.equals(found.getUnit())
                ? (int) Math.round(found.getX() * CENTIMETERS_IN_INCH)
                : found.getX();
    }

    @Override
    public int print(Connection printer, Document document) throws PrinterSilent, PrinterRefuses {
        IppPacket.Builder request = named(IppPacket.printJob(IppCalls.printer(printer)))
                .putOperationAttributes(Types.jobName.of(document.name()), Types.documentFormat.of(document.format()))
                .putJobAttributes(Types.copies.of(document.copies()));
        if (!document.tray().isEmpty()) {
            MediaCol media = new MediaCol();
            media.setMediaSource(new KeywordOrName(document.tray()));
            if (!document.media().isEmpty()) {
                media.setMediaSizeName(new KeywordOrName(document.media()));
            }
            request.putJobAttributes(Types.mediaCol.of(media));
        } else if (!document.media().isEmpty()) {
            request.putJobAttributes(Types.media.of(document.media()));
        }
        IppPacket answer = calls.call(printer, request.build(), document.bytes());
        if (answer.getCode() >= FIRST_ERROR) {
            boolean forNow = FOR_NOW.contains(answer.getStatus());
            throw new PrinterRefuses(
                    printer.name() + (forNow ? " takes no jobs just now: " : " refuses it: ") + reason(answer), forNow);
        }
        return number(answer.get(Tag.jobAttributes))
                .orElseThrow(() -> new PrinterSilent(printer.name() + " took it and gave it no number."));
    }

    private static String reason(IppPacket answer) {
        String message = answer.getString(Tag.operationAttributes, Types.statusMessage);
        String said = message == null || message.isBlank() ? answer.getStatus().getName() : message.strip();
        return said.endsWith(".") ? said : said + ".";
    }

    private static Optional<Integer> number(AttributeGroup group) {
        return group == null ? Optional.empty() : Optional.ofNullable(group.getValue(Types.jobId));
    }

    @Override
    public JobFacts follow(Connection printer, int job) throws PrinterSilent {
        IppPacket answer = calls.call(
                printer,
                named(IppPacket.getJobAttributes(IppCalls.printer(printer), job, new AttributeType<?>[0]))
                        .build(),
                NOTHING);
        if (answer.getStatus().equals(Status.clientErrorNotFound)
                || answer.getStatus().equals(Status.clientErrorGone)) {
            return new JobFacts(Fate.FORGOTTEN, "");
        }
        require(printer, answer);
        JobState state = answer.getValue(Tag.jobAttributes, Types.jobState);
        String said = PrinterWords.of(answer.getStrings(Tag.jobAttributes, Types.jobStateReasons));
        if (JobState.completed.equals(state)) {
            return new JobFacts(Fate.PRINTED, "");
        }
        return JobState.aborted.equals(state) || JobState.canceled.equals(state)
                ? new JobFacts(Fate.FAILED, said.isEmpty() ? "The printer gave it up." : said)
                : new JobFacts(Fate.WAITS, said);
    }

    @Override
    public Optional<Integer> find(Connection printer, String name) throws PrinterSilent {
        for (String which : List.of("not-completed", "completed")) {
            IppPacket answer = calls.call(
                    printer,
                    named(IppPacket.getJobs(IppCalls.printer(printer), Types.jobId, Types.jobName))
                            .putOperationAttributes(Types.whichJobs.of(which))
                            .build(),
                    NOTHING);
            require(printer, answer);
            for (AttributeGroup group : answer.getAttributeGroups()) {
                if (group.getTag().equals(Tag.jobAttributes) && name.equals(group.getString(Types.jobName))) {
                    return number(group);
                }
            }
        }
        return Optional.empty();
    }

    @Override
    public boolean callOff(Connection printer, int job) throws PrinterSilent {
        IppPacket answer = calls.call(
                printer,
                named(IppPacket.cancelJob(IppCalls.printer(printer), job)).build(),
                NOTHING);
        return answer.getCode() < FIRST_ERROR;
    }

    private static IppPacket.Builder named(IppPacket.Builder request) {
        return request.putOperationAttributes(Types.requestingUserName.of(US));
    }

    private static void require(Connection printer, IppPacket answer) throws PrinterSilent {
        if (answer.getCode() >= FIRST_ERROR) {
            throw new PrinterSilent(printer.name() + " does not say: " + reason(answer));
        }
    }
}
