package nobrec.server.platform.mapping;

import java.math.BigDecimal;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.function.Function;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.jspecify.annotations.Nullable;

/** A value kept as one exact decimal. */
public abstract class DecimalHandler<T> extends BaseTypeHandler<T> {

    private final Function<T, BigDecimal> write;
    private final Function<BigDecimal, T> read;

    protected DecimalHandler(Function<T, BigDecimal> write, Function<BigDecimal, T> read) {
        this.write = write;
        this.read = read;
    }

    @Override
    public void setNonNullParameter(PreparedStatement statement, int index, T value, JdbcType type)
            throws SQLException {
        statement.setBigDecimal(index, write.apply(value));
    }

    @Override
    public @Nullable T getNullableResult(ResultSet row, String column) throws SQLException {
        return orNull(row.getBigDecimal(column));
    }

    @Override
    public @Nullable T getNullableResult(ResultSet row, int column) throws SQLException {
        return orNull(row.getBigDecimal(column));
    }

    @Override
    public @Nullable T getNullableResult(CallableStatement statement, int column) throws SQLException {
        return orNull(statement.getBigDecimal(column));
    }

    private @Nullable T orNull(@Nullable BigDecimal decimal) {
        return decimal == null ? null : read.apply(decimal);
    }
}
