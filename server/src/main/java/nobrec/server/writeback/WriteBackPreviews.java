package nobrec.server.writeback;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.telling.FactSheet;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.writeback.WriteBack;
import nobrec.core.writeback.WriteBackPlan;
import nobrec.core.writeback.WriteBacks;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.shipment.Shipments;
import nobrec.server.telling.FactSheets;
import nobrec.server.telling.GoneShipment;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;

/** What would be written of a job that has left, beside what stands there now; and having it written on demand. */
@Component
class WriteBackPreviews {

    private final WriteBackTargets targets;
    private final WriteBackWriter writer;
    private final WorkOrders workOrders;
    private final Shipments shipments;
    private final FactSheets sheets;
    private final Connections connections;

    WriteBackPreviews(
            WriteBackTargets targets,
            WriteBackWriter writer,
            WorkOrders workOrders,
            Shipments shipments,
            FactSheets sheets,
            Connections connections) {
        this.targets = targets;
        this.writer = writer;
        this.workOrders = workOrders;
        this.shipments = shipments;
        this.sheets = sheets;
        this.connections = connections;
    }

    /**
     * One field there.
     *
     * @param of the job, a package or a line, in words
     * @param standing what stands there now; empty where that is not known
     */
    record Change(String of, String field, Optional<String> standing, String fresh) {}

    /** @param trouble why it is not known what stands there; empty text where it is */
    record Preview(String job, String number, List<Change> changes, String trouble) {}

    private record Found(GoneShipment gone, WorkOrder job) {}

    private Found found(String number) {
        WorkOrder job = workOrders.byNumber(number);
        Shipment left = shipments.of(job).stream()
                .filter(each -> each.state() == ShipmentState.SHIPPED)
                .findFirst()
                .orElseThrow(() -> Refusal.unusable(
                        "Job " + number, "Nothing of it has left yet.", "Take one that has been shipped."));
        GoneShipment gone = sheets.load(left.id());
        return new Found(
                gone,
                gone.jobs().all().stream()
                        .filter(each -> each.id() == job.id())
                        .findFirst()
                        .orElseThrow());
    }

    Preview preview(String code, WriteBackPlan plan, String jobNumber) {
        Connection to = connections.to(targets.coded(code).code());
        WriteBackPort port = targets.port(to);
        WriteBackTargets.requireUsable(plan, port);
        Found found = found(jobNumber);
        FactSheet sheet = writer.sheetNow(found.gone(), found.job());
        WriteBack writeBack = new WriteBacks(plan).of(sheet);
        if (writeBack.number().isEmpty()) {
            return new Preview(jobNumber, "", List.of(), "The job has no number there, so nothing is written of it.");
        }
        OutsideAnswer<Map<String, String>> standing =
                port.standing(to, UUID.randomUUID().toString(), plan, writeBack);
        Map<String, String> now =
                standing instanceof OutsideAnswer.Accepted<Map<String, String>> told ? told.result() : Map.of();
        List<Change> changes = new ArrayList<>();
        writeBack
                .fields()
                .forEach((field, fresh) ->
                        changes.add(new Change("job", field, Optional.ofNullable(now.get(field)), fresh)));
        addParts("package", WriteBackBody.PACKAGES, writeBack.packages(), now, changes);
        addParts("line", WriteBackBody.LINES, writeBack.lines(), now, changes);
        return new Preview(jobNumber, writeBack.number(), changes, trouble(standing));
    }

    private static String trouble(OutsideAnswer<Map<String, String>> standing) {
        if (standing instanceof OutsideAnswer.Accepted<Map<String, String>>) {
            return "";
        }
        return standing instanceof OutsideAnswer.Refused<Map<String, String>> refused
                ? refused.reason()
                : standing.whyOpen();
    }

    private static void addParts(
            String of, String list, List<Map<String, String>> parts, Map<String, String> now, List<Change> changes) {
        for (int at = 0; at < parts.size(); at++) {
            int number = at + 1;
            parts.get(at)
                    .forEach((field, fresh) -> changes.add(new Change(
                            of + " " + number,
                            field,
                            Optional.ofNullable(now.get(WriteBackBody.nameOfPart(list, number, field))),
                            fresh)));
        }
    }

    /** @param made whether it is written now */
    record Demanded(String job, boolean made, String said) {}

    /** Has one job written as it is now. */
    Demanded demand(String code, String jobNumber) {
        WriteBackTarget target = targets.coded(code);
        try {
            Found found = found(jobNumber);
            boolean made = writer.onDemand(target, found.gone(), found.job());
            return new Demanded(
                    jobNumber, made, made ? "It is being written." : "It has no number there, so nothing is written.");
        } catch (Refusal refusal) {
            return new Demanded(jobNumber, false, refusal.reason() + " " + refusal.remedy());
        }
    }
}
