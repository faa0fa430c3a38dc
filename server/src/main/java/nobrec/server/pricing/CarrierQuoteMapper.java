package nobrec.server.pricing;

import java.util.List;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface CarrierQuoteMapper {

    List<CarrierQuoteRow> of(long shipmentId);

    /** In place of what the carrier said before. */
    @ChangesAnyRows
    void ask(CarrierQuoteRow row);

    /** Changes nothing where the carrier has been asked again meanwhile. */
    @ChangesAnyRows
    void answer(CarrierQuoteRow row);
}
