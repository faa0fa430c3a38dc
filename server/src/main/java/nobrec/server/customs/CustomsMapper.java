package nobrec.server.customs;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.customs.ExchangeRate;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface CustomsMapper {

    Optional<ExportSetUp> setUp();

    /** Nobody else changes it until the transaction ends. */
    Optional<ExportSetUp> setUpLocked();

    @ChangesAnyRows
    void keepSetUp(
            @Param("setUp") ExportSetUp setUp,
            @Param("changedBy") String changedBy,
            @Param("changedAt") Instant changedAt);

    /** The newest up to a day. */
    Optional<ExchangeRate> rate(@Param("currency") String currency, @Param("day") LocalDate day);

    /** The newest of each currency up to a day. */
    List<ExchangeRate> rates(LocalDate day);

    /** What was said of that day before is replaced. */
    @ChangesAnyRows
    void keepRate(@Param("rate") ExchangeRate rate, @Param("saidBy") String saidBy, @Param("saidAt") Instant saidAt);
}
