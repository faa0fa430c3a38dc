package nobrec.server.place;

import java.util.List;
import nobrec.core.address.AddressCheck;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

@Mapper
interface PostalReferenceMapper {

    /** All of them. */
    List<AddressCheck.KnownPostalCode> codes();

    List<PostalAreaRow> areas();

    boolean isEmpty();

    void insertCodes(@Param("rows") List<PostalCodeRow> rows);

    void insertAreas(@Param("rows") List<PostalAreaRow> rows);
}
