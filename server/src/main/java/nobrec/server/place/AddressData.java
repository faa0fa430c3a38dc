package nobrec.server.place;

import java.io.IOException;
import java.util.List;

/** Where postal codes and their cities come from. */
public interface AddressData {

    /** All postal codes; a code with several cities once for each. */
    List<PostalCodeRow> codes() throws IOException;
}
