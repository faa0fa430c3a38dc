package nobrec.server.returns;

import java.time.LocalDate;
import nobrec.core.books.AccountRules;
import org.joda.money.Money;

/**
 * Something came back. Published in the transaction that stores it.
 *
 * @param shipmentId with which it had left
 * @param recorded whether a source has a record of the job, to be told
 * @param carrierName empty text where it came without a label of ours; service and tracking number likewise
 * @param came what came, in words
 * @param booked what decides on which accounts its freight is booked
 */
public record ReturnReceived(
        long returnId,
        long shipmentId,
        String job,
        boolean recorded,
        String carrierName,
        String serviceName,
        String trackingNumber,
        LocalDate day,
        Money freightCost,
        Money customerCharge,
        String came,
        AccountRules.Booked booked) {}
