package nobrec.server.carrier;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface RateSheetMapper {

    /** Which sheets there are, the newest first. */
    List<RateSheetRow> sheets();

    Optional<String> csv(long id);

    void insert(
            @Param("serviceCode") String serviceCode,
            @Param("firstDay") LocalDate firstDay,
            @Param("csv") String csv,
            @Param("readAt") Instant readAt);

    List<FuelRow> fuel();

    void insertFuel(FuelRow row);
}
