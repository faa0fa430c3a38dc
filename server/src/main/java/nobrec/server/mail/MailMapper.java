package nobrec.server.mail;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.mapping.ChangesAnyRows;
import nobrec.server.platform.mapping.ChangesOneRow;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface MailMapper {

    Optional<MailSettingRow> setting();

    Optional<Integer> settingVersionLocked();

    @ChangesAnyRows
    void keepSetting(
            @Param("row") MailSettingRow row,
            @Param("changedBy") String changedBy,
            @Param("changedAt") Instant changedAt);

    Optional<MailBytes> logo();

    @ChangesOneRow
    void keepLogo(@Param("bytes") byte[] bytes, @Param("mediaType") String mediaType);

    List<MailFileRow> files();

    Optional<MailBytes> file(long id);

    @ChangesOneRow
    void insertFile(
            @Param("row") MailFileRow row,
            @Param("bytes") byte[] bytes,
            @Param("addedBy") String addedBy,
            @Param("addedAt") Instant addedAt);

    @ChangesAnyRows
    int deleteFile(long id);

    /** Those of some addresses that want no more. */
    List<String> stopped(@Param("addresses") Collection<String> addresses);

    /** The newest first. */
    List<MailStopRow> stops(int limit);

    @ChangesAnyRows
    void stop(@Param("address") String address, @Param("at") Instant at, @Param("by") String by);

    @ChangesAnyRows
    int unstop(String address);
}
