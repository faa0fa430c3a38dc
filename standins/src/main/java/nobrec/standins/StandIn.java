package nobrec.standins;

import nobrec.standins.http.Conduct;
import nobrec.standins.http.WebServer;

/** One simulated service with a page of its own. */
public interface StandIn {

    String name();

    /** Where its page is, with a leading slash. */
    String path();

    Conduct conduct();

    /** Adds its addresses to the web server. */
    void mount(WebServer web);
}
