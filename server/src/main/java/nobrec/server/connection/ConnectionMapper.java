package nobrec.server.connection;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface ConnectionMapper {

    List<ConnectionRow> all();

    Optional<ConnectionRow> locked(String code);

    void keep(ConnectionRow row);
}
