package nobrec.server.rule;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.core.rule.HouseRule;
import nobrec.core.rule.RuleReader;
import nobrec.server.document.slip.SlipDesigns;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.wordbook.ShopWords;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The house rules as they are kept, read as they count. */
@Component
class KeptRules {

    /**
     * @param read empty where what it says is not known here any more: then it does not count
     * @param problem why; empty text where it counts
     */
    record KeptRule(
            long id,
            RuleDocument document,
            Optional<HouseRule> read,
            String problem,
            String changedBy,
            Instant changedAt) {}

    /** @param version that was there before the rules were read */
    record RuleSet(int version, List<KeptRule> rules) {

        /** Those that can count, in their order. */
        List<HouseRule> counting() {
            return rules.stream().flatMap(each -> each.read().stream()).toList();
        }
    }

    private final HouseRuleMapper mapper;
    private final ShopWords shopWords;
    private final SlipDesigns slipDesigns;
    private final NobrecSettings settings;
    private final JsonMapper json;
    private final Remembered<RuleSet> remembered;

    KeptRules(
            HouseRuleMapper mapper,
            ShopWords shopWords,
            SlipDesigns slipDesigns,
            NobrecSettings settings,
            JsonMapper json,
            SetUpVersion version) {
        this.mapper = mapper;
        this.shopWords = shopWords;
        this.slipDesigns = slipDesigns;
        this.settings = settings;
        this.json = json;
        this.remembered = new Remembered<>(version, this::readAll);
    }

    /** As every job is looked at; another server's change is seen a second later. */
    RuleSet counting() {
        return remembered.get();
    }

    /** As they stand at this moment. The version is read first: rules never count under a later one than theirs. */
    RuleSet readAll() {
        int version = mapper.set().version();
        return new RuleSet(version, mapper.all().stream().map(this::kept).toList());
    }

    /** @throws Refusal that names what of it cannot be read */
    HouseRule read(long id, RuleDocument document) {
        return reader().read(id, document.written());
    }

    /** With the words that are known here now. */
    RuleReader reader() {
        return new RuleReader(shopWords.known(), slipDesigns.names(), settings.units());
    }

    private KeptRule kept(HouseRuleRow row) {
        RuleDocument document = json.readValue(row.definition(), RuleDocument.class);
        try {
            return new KeptRule(
                    row.id(), document, Optional.of(read(row.id(), document)), "", row.changedBy(), row.changedAt());
        } catch (Refusal refusal) {
            String problem = refusal.thing() + ": " + refusal.reason() + " " + refusal.remedy();
            return new KeptRule(row.id(), document, Optional.empty(), problem, row.changedBy(), row.changedAt());
        }
    }
}
