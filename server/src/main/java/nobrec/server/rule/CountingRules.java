package nobrec.server.rule;

import nobrec.core.rule.RuleBook;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.site.Sites;
import nobrec.server.workorder.RulesInForce;
import org.springframework.stereotype.Component;

/** Tells work orders the rules that count. */
@Component
class CountingRules implements RulesInForce {

    private final KeptRules kept;
    private final Sites sites;
    private final NobrecSettings settings;

    CountingRules(KeptRules kept, Sites sites, NobrecSettings settings) {
        this.kept = kept;
        this.sites = sites;
        this.settings = settings;
    }

    @Override
    public Rules now() {
        KeptRules.RuleSet set = kept.counting();
        return new Rules(new RuleBook(set.counting(), settings.units()), set.version(), sites.today());
    }
}
