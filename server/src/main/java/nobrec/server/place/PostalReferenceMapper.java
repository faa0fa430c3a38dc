package nobrec.server.place;

import java.util.List;
import java.util.Optional;
import nobrec.core.address.AddressCheck;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PostalReferenceMapper {

    Optional<AddressCheck.KnownPostalCode> findCode(String code);

    List<PostalAreaRow> areas();

    boolean isEmpty();

    void insertCodes(@Param("rows") List<PostalCodeRow> rows);

    void insertAreas(@Param("rows") List<PostalAreaRow> rows);
}
