package nobrec.server.platform.kept;

import java.time.Clock;
import nobrec.server.platform.SetUpVersion;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Where documents are kept: each room has its own, under a code. */
@Component
public class KeptDocuments {

    private final KeptDocumentMapper mapper;
    private final SetUpVersion setUpVersion;
    private final JsonMapper json;
    private final Clock clock;

    KeptDocuments(KeptDocumentMapper mapper, SetUpVersion setUpVersion, JsonMapper json, Clock clock) {
        this.mapper = mapper;
        this.setUpVersion = setUpVersion;
        this.json = json;
        this.clock = clock;
    }

    /**
     * @param code under which it is kept
     * @param thing what it is, as a refusal names it
     * @param none what counts before anything was kept
     */
    public <T> KeptDocument<T> of(String code, String thing, TypeReference<T> type, T none) {
        return new KeptDocument<>(
                thing,
                none,
                () -> mapper.byCode(code),
                () -> mapper.versionLocked(code).orElse(0),
                text -> json.readValue(text, type),
                (document, signIn) -> {
                    mapper.keep(code, json.writeValueAsString(document), signIn, clock.instant());
                    setUpVersion.changed();
                });
    }
}
