package nobrec.server.platform.mapping;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.MappedTypes;
import org.jspecify.annotations.Nullable;

/** A moment as UTC date and time, whatever the time zone of the machine or the connection. */
@MappedTypes(Instant.class)
public class InstantHandler extends BaseTypeHandler<Instant> {

    @Override
    public void setNonNullParameter(PreparedStatement statement, int index, Instant moment, JdbcType type)
            throws SQLException {
        statement.setObject(index, LocalDateTime.ofInstant(moment, ZoneOffset.UTC));
    }

    @Override
    public @Nullable Instant getNullableResult(ResultSet row, String column) throws SQLException {
        return orNull(row.getObject(column, LocalDateTime.class));
    }

    @Override
    public @Nullable Instant getNullableResult(ResultSet row, int column) throws SQLException {
        return orNull(row.getObject(column, LocalDateTime.class));
    }

    @Override
    public @Nullable Instant getNullableResult(CallableStatement statement, int column) throws SQLException {
        return orNull(statement.getObject(column, LocalDateTime.class));
    }

    private static @Nullable Instant orNull(@Nullable LocalDateTime utc) {
        return utc == null ? null : utc.toInstant(ZoneOffset.UTC);
    }
}
