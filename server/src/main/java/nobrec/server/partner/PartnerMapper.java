package nobrec.server.partner;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PartnerMapper {

    Optional<SetUpRow> setUp();

    /** Nobody else changes it until the transaction ends. */
    Optional<SetUpRow> setUpLocked();

    @ChangesAnyRows
    void keepSetUp(
            @Param("row") SetUpRow row, @Param("changedBy") String changedBy, @Param("changedAt") Instant changedAt);

    List<PartnerRow> all();

    Optional<PartnerRow> locked(String code);

    @ChangesAnyRows
    void keep(
            @Param("row") PartnerRow row, @Param("changedBy") String changedBy, @Param("changedAt") Instant changedAt);

    @ChangesAnyRows
    void forgetCustomers(String code);

    @ChangesOneRow
    void keepCustomer(@Param("customer") String customer, @Param("code") String code);

    /** Who has that customer, whatever its spelling of large and small letters. */
    Optional<String> partnerOf(String customer);

    /** The number of the next interchange; the row stays locked until the transaction ends. */
    int nextControlLocked(String code);

    @ChangesOneRow
    void keepNextControl(@Param("code") String code, @Param("next") int next);
}
