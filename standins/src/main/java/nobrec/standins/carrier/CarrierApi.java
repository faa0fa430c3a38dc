package nobrec.standins.carrier;

import java.util.List;
import nobrec.standins.http.Conduct;
import nobrec.standins.http.WebServer;

/** How a carrier is spoken to by programs. */
interface CarrierApi {

    /** Its conduct, which knows what keys and numbers are called in its answers. */
    Conduct conduct();

    /** What has become of packages, in the form in which it is answered. */
    String written(List<TrackingDesk.News> news);

    /** Adds its addresses below the carrier's own. */
    void mount(WebServer web, String path, Conduct conduct, ConsignmentBook book);
}
