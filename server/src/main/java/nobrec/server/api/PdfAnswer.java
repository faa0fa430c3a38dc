package nobrec.server.api;

import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;

/** A PDF that opens in the browser and is kept by nobody on the way. */
public final class PdfAnswer {

    private PdfAnswer() {}

    /** @param name of the file, should it be saved, without its ending */
    public static ResponseEntity<byte[]> of(String name, byte[] pdf) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition(name))
                .cacheControl(CacheControl.noStore())
                .body(pdf);
    }

    /** The same as a header, where the PDF is written as it comes. */
    public static String disposition(String name) {
        return "inline; filename=\"" + name + ".pdf\"";
    }
}
