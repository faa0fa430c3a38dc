package nobrec.server.workorder.list;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.joblist.JobFilter;
import nobrec.core.joblist.JobFilterReader;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Component;

/** What a list is asked for, from the words of its address. */
@Component
public class JobFilters {

    /** Of the address, but not of what is asked: which part, and how it is shown. */
    private static final Set<String> OTHERS = Set.of("cursor", "limit", "columns", "report");

    private final NobrecSettings settings;
    private final Sites sites;

    JobFilters(NobrecSettings settings, Sites sites) {
        this.sites = sites;
        this.settings = settings;
    }

    /** @param words of the address, by name */
    public JobFilter read(Map<String, String[]> words) {
        return JobFilterReader.read(
                words.entrySet().stream()
                        .filter(each -> !OTHERS.contains(each.getKey()))
                        .collect(Collectors.toMap(Map.Entry::getKey, each -> List.of(each.getValue()))),
                settings.units(),
                settings.decimals(),
                sites.today());
    }
}
