package nobrec.server.job;

import nobrec.core.intake.OrderCorrection;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.notation.DayText;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.site.Sites;
import nobrec.server.wordbook.ShopWords;
import org.springframework.stereotype.Component;

/** Fields of jobs as the shop writes them. */
@Component
public class JobFields {

    private final ShopWords words;
    private final NobrecSettings settings;
    private final Sites sites;

    JobFields(ShopWords words, NobrecSettings settings, Sites sites) {
        this.words = words;
        this.settings = settings;
        this.sites = sites;
    }

    public OrderCorrection correction() {
        return new OrderCorrection(
                new LayoutNotation(
                        DayText.Order.MONTH_FIRST,
                        settings.units().weightUnit(),
                        settings.units().lengthUnit(),
                        settings.decimals(),
                        sites.home().country()),
                words.known());
    }
}
