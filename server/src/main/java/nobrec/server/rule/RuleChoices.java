package nobrec.server.rule;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import nobrec.core.address.PlaceKind;
import nobrec.core.charging.FreightTerms;
import nobrec.core.item.GoodsClass;
import nobrec.core.item.Handling;
import nobrec.core.rule.Fact;
import nobrec.core.service.Accessorial;
import nobrec.core.wordbook.KnownWords;
import nobrec.core.wordbook.WordKind;
import nobrec.core.workorder.RuleAct;
import nobrec.server.document.slip.SlipDesigns;
import nobrec.server.wordbook.ShopWords;
import org.springframework.stereotype.Component;

/** What facts can be and acts can be done with, where there is a list of it. */
@Component
class RuleChoices {

    private static final Handling EVERY_HANDLING = new Handling(true, true, true);

    private final ShopWords shopWords;
    private final SlipDesigns slipDesigns;

    RuleChoices(ShopWords shopWords, SlipDesigns slipDesigns) {
        this.shopWords = shopWords;
        this.slipDesigns = slipDesigns;
    }

    List<String> of(Fact fact) {
        return switch (fact) {
            case SERVICE -> known(WordKind.SERVICE);
            case CARTON -> known(WordKind.PACKAGE);
            case SITE -> known(WordKind.SITE);
            case SOURCE, ORIGIN_SYSTEM ->
                Stream.concat(Stream.of("file"), known(WordKind.SYSTEM).stream())
                        .toList();
            case TERMS -> terms();
            case PLACE_KIND ->
                Arrays.stream(PlaceKind.values()).map(PlaceKind::words).toList();
            case GOODS ->
                Arrays.stream(GoodsClass.values()).map(GoodsClass::words).toList();
            case HANDLING -> EVERY_HANDLING.words();
            default -> List.of();
        };
    }

    List<String> of(RuleAct.Kind kind) {
        return switch (kind) {
            case SERVICE -> known(WordKind.SERVICE);
            case CARTON -> known(WordKind.PACKAGE);
            case SITE -> known(WordKind.SITE);
            case TERMS -> terms();
            case ACCESSORIAL ->
                Arrays.stream(Accessorial.values()).map(Accessorial::words).toList();
            case SLIP_DESIGN -> slipDesigns.offered();
            default -> List.of();
        };
    }

    private List<String> known(WordKind kind) {
        return shopWords.known().all(kind).stream()
                .map(KnownWords.Word::meaning)
                .toList();
    }

    private static List<String> terms() {
        return Arrays.stream(FreightTerms.values()).map(FreightTerms::words).toList();
    }
}
