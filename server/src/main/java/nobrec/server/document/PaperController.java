package nobrec.server.document;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.security.Principal;
import java.time.Duration;
import nobrec.server.api.PdfAnswer;
import nobrec.server.api.security.ForEveryone;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Kept papers, to be printed again by anyone. */
@RestController
@Tag(name = "papers")
class PaperController {

    private final Papers papers;

    PaperController(Papers papers) {
        this.papers = papers;
    }

    @GetMapping(path = "/api/v1/papers/{id}", produces = MediaType.APPLICATION_PDF_VALUE)
    @ForEveryone
    ResponseEntity<byte[]> pdf(@PathVariable long id, Principal who) {
        return PdfAnswer.of("paper-" + id, papers.open(id, who.getName()));
    }

    /** Its first page as a picture, for the screen. */
    @GetMapping(path = "/api/v1/papers/{id}/picture", produces = MediaType.IMAGE_PNG_VALUE)
    @ForEveryone
    ResponseEntity<byte[]> picture(@PathVariable long id) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                .body(papers.picture(id));
    }
}
