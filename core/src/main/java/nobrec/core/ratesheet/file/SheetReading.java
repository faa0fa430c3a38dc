package nobrec.core.ratesheet.file;

import java.util.List;
import java.util.Optional;
import nobrec.core.ratesheet.Tariff;

/**
 * What came of reading a rate sheet.
 *
 * @param tariff empty when a fault refuses it
 */
public record SheetReading(Optional<Tariff> tariff, List<SheetFault> faults) {

    public SheetReading {
        faults = List.copyOf(faults);
    }
}
