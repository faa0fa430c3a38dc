package nobrec.server.wordbook;

import java.util.List;
import nobrec.core.wordbook.KnownWords;
import nobrec.core.wordbook.KnownWords.Word;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.carton.CartonTypes;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.site.Sites;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** The words that are known here because the shop has such services, cartons, sites and record systems. */
@Component
public class ShopWords {

    private final Remembered<KnownWords> words;

    ShopWords(
            ServiceCatalog services,
            CartonTypes cartons,
            Sites sites,
            ObjectProvider<RecordSystems> systems,
            SetUpVersion version) {
        this.words = new Remembered<>(
                version,
                () -> new KnownWords(
                        services.services().stream()
                                .map(each -> new Word(each.name(), List.of(each.name(), each.code())))
                                .toList(),
                        cartons.all().stream()
                                .map(each -> new Word(each.code(), List.of(each.name(), each.code())))
                                .toList(),
                        sites.all().stream()
                                .map(each -> new Word(each.code(), List.of(each.code(), each.city(), each.company())))
                                .toList(),
                        systems.stream()
                                .flatMap(each -> each.recordSystems().stream())
                                .map(each -> new Word(each.code(), List.of(each.name(), each.code())))
                                .toList()));
    }

    public KnownWords known() {
        return words.get();
    }
}
