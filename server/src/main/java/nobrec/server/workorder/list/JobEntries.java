package nobrec.server.workorder.list;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import nobrec.core.joblist.JobSums;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.platform.Fingerprint;
import nobrec.server.platform.mapping.RowBatch;
import nobrec.server.platform.money.ShopMoney;
import org.springframework.stereotype.Component;

/** What the list keeps beside the jobs themselves, so that each of it can be found by an index. */
@Component
public class JobEntries {

    /** One of the shop's own fields of a job. */
    record FieldRow(long workOrderId, String name, String value) {}

    private static final int NAMES_AT_ONCE = 500;

    private final JobEntryMapper mapper;
    private final RowBatch batch;
    private final ShopMoney money;

    JobEntries(JobEntryMapper mapper, RowBatch batch, ShopMoney money) {
        this.mapper = mapper;
        this.batch = batch;
        this.money = money;
    }

    /** The contents of a job as they are compared with those of others. */
    public static String fingerprint(JobSums sums) {
        return Fingerprint.of(sums.contents());
    }

    /** Jobs that have come in; their sums are kept with them. */
    public void cameIn(Map<Long, WorkOrder> orders) {
        batch.forEach(
                JobEntryMapper.class,
                orders.entrySet().stream()
                        .flatMap(each -> fields(each.getKey(), each.getValue()))
                        .toList(),
                JobEntryMapper::insertField);
        note(orders.values());
    }

    /** A job says something else than before. */
    public void changed(WorkOrder order) {
        JobSums sums = JobSums.of(order);
        mapper.sumUp(
                order.id(),
                sums,
                sums.weight().orElse(null),
                sums.valueCents().map(money::ofCents).orElse(null),
                fingerprint(sums));
        mapper.deleteFields(order.id());
        batch.forEach(JobEntryMapper.class, fields(order.id(), order).toList(), JobEntryMapper::insertField);
        note(List.of(order));
    }

    private static Stream<FieldRow> fields(long id, WorkOrder order) {
        return order.particulars().custom().entrySet().stream()
                .map(each -> new FieldRow(id, each.getKey(), each.getValue()));
    }

    private void note(Collection<WorkOrder> orders) {
        note(NameKind.CUSTOMER, orders.stream().map(WorkOrder::customer));
        note(
                NameKind.RECEIVER,
                orders.stream().map(WorkOrder::shipTo).flatMap(shipTo -> Stream.of(shipTo.company(), shipTo.person())));
        note(NameKind.CITY, orders.stream().map(order -> order.shipTo().city()));
        note(
                NameKind.ITEM,
                orders.stream().flatMap(order -> order.lines().stream()).map(WorkOrder.Line::item));
    }

    /** Names that no job had so far are put among those that parts of names are looked for in. */
    private void note(NameKind kind, Stream<String> names) {
        List<String> all =
                names.filter(each -> !each.isEmpty()).distinct().sorted().toList();
        for (int from = 0; from < all.size(); from += NAMES_AT_ONCE) {
            List<String> some = new ArrayList<>(all.subList(from, Math.min(all.size(), from + NAMES_AT_ONCE)));
            some.removeAll(mapper.names(kind, some));
            batch.forEach(
                    JobEntryMapper.class,
                    some.stream().map(name -> new PlainName(kind, name)).toList(),
                    JobEntryMapper::insertName);
        }
    }
}
