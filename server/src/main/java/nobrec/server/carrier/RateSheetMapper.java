package nobrec.server.carrier;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.rating.RateSheet;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface RateSheetMapper {

    Optional<RateSheetRow> inForceOn(@Param("serviceCode") String serviceCode, @Param("day") LocalDate day);

    List<RatePriceRow> prices(long rateSheetId);

    void insert(NewRateSheet sheet);

    void insertPrices(@Param("rateSheetId") long rateSheetId, @Param("rows") List<RatePriceRow> rows);

    /** A sheet on its way into the table; the database gives it its id. */
    final class NewRateSheet {
        private final RateSheet sheet;
        private long id;

        NewRateSheet(RateSheet sheet) {
            this.sheet = sheet;
        }

        public RateSheet getSheet() {
            return sheet;
        }

        public long getId() {
            return id;
        }
    }
}
