package nobrec.standins.carrier;

import nobrec.standins.http.Conduct;
import nobrec.standins.http.WebServer;

/** How a carrier is spoken to by programs. */
public interface CarrierApi {

    /** Its conduct, which knows what keys and numbers are called in its answers. */
    Conduct conduct();

    /** Adds its addresses below the carrier's own. */
    void mount(WebServer web, String path, Conduct conduct, ConsignmentBook book);
}
