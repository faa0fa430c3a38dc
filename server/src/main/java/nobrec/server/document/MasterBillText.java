package nobrec.server.document;

import java.util.List;

/**
 * What stands on a master bill of lading, as it is printed: the shipments that one truck takes.
 *
 * @param number ours, of the handover
 * @param driver empty text where nobody wrote it
 * @param lines of all bills together
 * @param bills in the order in which the shipments were scanned
 */
public record MasterBillText(
        String number,
        String carrier,
        String day,
        List<String> shipper,
        String shipperPhone,
        String driver,
        List<BillText.Line> lines,
        int packages,
        String weight,
        boolean hazardous,
        List<Bill> bills) {

    /**
     * One of the bills that it stands for.
     *
     * @param stop which stop of the truck it goes to, from 1
     */
    public record Bill(
            int stop,
            String number,
            String carrierNumber,
            List<String> consignee,
            String terms,
            int packages,
            String weight,
            String jobs) {}
}
