package nobrec.server.prepaid;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

@Mapper
interface PrepaidMapper {

    void insertAccount(String carrierCode);

    List<PrepaidRow> accounts();

    Optional<PrepaidRow> account(String carrierCode);

    /** The same, and nobody else pays into it until the transaction ends. */
    Optional<PrepaidRow> accountLocked(String carrierCode);

    /** What the carrier has said, or why it has said nothing. */
    @ChangesAnyRows
    void keep(
            @Param("carrierCode") String carrierCode,
            @Param("balance") @Nullable Money balance,
            @Param("said") String said,
            @Param("at") Instant at);

    void insertPayment(@Param("payment") NewPayment payment);

    Optional<PaymentRow> paymentLocked(long id);

    /** The newest first. */
    List<PaymentRow> payments(@Param("carrierCode") String carrierCode, @Param("limit") int limit);

    /** One that waited. */
    @ChangesAnyRows
    int settle(@Param("id") long id, @Param("state") PaymentState state, @Param("said") String said);
}
