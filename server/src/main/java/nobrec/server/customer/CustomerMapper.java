package nobrec.server.customer;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

@Mapper
interface CustomerMapper {

    Optional<LinkRow> link(long workOrderId);

    Optional<LinkRow> linkLocked(long workOrderId);

    /** Looked at; there is a row of it from then on. */
    void seen(@Param("workOrderId") long workOrderId, @Param("at") Instant at);

    void nextIssue(long workOrderId);

    @ChangesOneRow
    void choose(
            @Param("workOrderId") long workOrderId,
            @Param("code") String code,
            @Param("name") String name,
            @Param("price") Money price,
            @Param("at") Instant at);

    /** Of which customers chose something, the newest first. */
    List<LinkRow> chosen(int limit);

    void insertAddress(AskedAddressRow row);

    Optional<AskedAddressRow> addressLocked(long id);

    Optional<AskedAddressRow> newestAddress(long workOrderId);

    List<AskedAddressRow> awaitedAddresses(int limit);

    /** Those of a job that wait wait no longer. */
    @ChangesAnyRows
    int overtake(@Param("workOrderId") long workOrderId, @Param("at") Instant at);

    @ChangesOneRow
    void answer(
            @Param("id") long id,
            @Param("answer") AskedAddressRow.Answer answer,
            @Param("text") String text,
            @Param("by") String by,
            @Param("at") Instant at);

    /** What the customer would pay there has changed since it was asked for. */
    @ChangesOneRow
    void reprice(@Param("id") long id, @Param("price") @Nullable Money price);

    void insertRequest(FormRequestRow row);

    @ChangesOneRow
    void quoted(
            @Param("workOrderId") long workOrderId,
            @Param("serviceName") String serviceName,
            @Param("price") @Nullable Money price);

    int requestsOfSender(@Param("sender") String sender, @Param("since") Instant since);

    int requestsOfMail(@Param("mail") String mail, @Param("since") Instant since);

    int requests(Instant since);

    List<FormRequestRow> newestRequests(int limit);
}
