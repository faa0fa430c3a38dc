package nobrec.server.partner;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface SsccMapper {

    /** A number that was given to a package. */
    record Given(String sscc, String trackingNumber) {}

    List<Given> given(@Param("trackingNumbers") Collection<String> trackingNumbers);

    /** There is a counter for that from now on. */
    @ChangesAnyRows
    void begin(@Param("prefix") String prefix, @Param("extensionDigit") int extensionDigit);

    /** The row stays locked until the transaction ends. */
    long nextSerialLocked(@Param("prefix") String prefix, @Param("extensionDigit") int extensionDigit);

    Optional<Long> nextSerial(@Param("prefix") String prefix, @Param("extensionDigit") int extensionDigit);

    @ChangesOneRow
    void keepNextSerial(
            @Param("prefix") String prefix, @Param("extensionDigit") int extensionDigit, @Param("next") long next);

    @ChangesOneRow
    void give(@Param("given") Given given, @Param("givenAt") Instant givenAt);
}
