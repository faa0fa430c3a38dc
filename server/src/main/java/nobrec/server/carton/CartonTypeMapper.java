package nobrec.server.carton;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;

@Mapper
interface CartonTypeMapper {

    List<CartonTypeRow> all();

    void insert(CartonTypeRow row);
}
