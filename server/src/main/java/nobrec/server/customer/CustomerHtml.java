package nobrec.server.customer;

import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import nobrec.server.mail.MailSettings;
import nobrec.server.mail.ShopLook;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** Writes pages for customers from templates of ours, in the shop's look; every text put into them is escaped. They need no script. */
@Component
class CustomerHtml {

    private final MailSettings mail;
    private final Map<String, Template> templates = new HashMap<>();

    CustomerHtml(MailSettings mail) throws IOException {
        this.mail = mail;
        Mustache.Compiler compiler = Mustache.compiler()
                .emptyStringIsFalse(true)
                .nullValue("")
                .withLoader(name -> new StringReader(text(name)));
        for (String name : new String[] {"page", "form", "said"}) {
            templates.put(name, compiler.compile(text(name)));
        }
    }

    private static String text(String name) throws IOException {
        return new ClassPathResource("nobrec/server/customer/" + name + ".html")
                .getContentAsString(StandardCharsets.UTF_8);
    }

    /** Nobody keeps it, and no search finds it. */
    ResponseEntity<String> answer(HttpStatus status, String template, String title, Map<String, Object> content) {
        ShopLook look = mail.look();
        Map<String, Object> all = new HashMap<>(content);
        all.put("title", title);
        all.put("shop", look.name());
        all.put("color", look.color());
        all.put("logo", look.logo());
        all.put("closing", look.closing());
        return ResponseEntity.status(status)
                .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
                .cacheControl(CacheControl.noStore())
                .header("X-Robots-Tag", "noindex, nofollow")
                .header("Referrer-Policy", "no-referrer")
                .body(Objects.requireNonNull(templates.get(template)).execute(all));
    }

    ResponseEntity<String> said(HttpStatus status, String title, String words, String remedy) {
        return answer(status, "said", title, Map.of("words", words, "remedy", remedy));
    }
}
