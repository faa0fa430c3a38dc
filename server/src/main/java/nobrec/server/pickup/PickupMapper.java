package nobrec.server.pickup;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PickupMapper {

    void insert(@Param("pickup") NewPickup pickup);

    Optional<PickupRequestRow> byId(long id);

    Optional<PickupRequestRow> byIdLocked(long id);

    /** From a day on, the earliest first. */
    List<PickupRequestRow> from(LocalDate day);

    /** From one state to another, if it is in that. */
    @ChangesOneRow
    void move(@Param("id") long id, @Param("from") PickupState from, @Param("to") PickupState to);

    /** The carrier has said something for certain of one that waited for it. */
    @ChangesAnyRows
    int settle(
            @Param("id") long id,
            @Param("from") PickupState from,
            @Param("to") PickupState to,
            @Param("confirmation") String confirmation,
            @Param("said") String said);
}
