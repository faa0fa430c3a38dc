package nobrec.server.document.sticker;

import java.util.ArrayList;
import java.util.List;
import nobrec.core.paper.StandardStickers;
import nobrec.core.paper.StickerSheet;
import nobrec.core.refusal.Refusal;
import nobrec.server.document.kept.PaperDesignKind;
import nobrec.server.document.kept.PaperDesignRow;
import nobrec.server.document.kept.PaperDesigns;
import nobrec.server.platform.NobrecSettings;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** The sheets of stickers that are known: common ones, and the shop's own. */
@Service
public class StickerSheets {

    private static final Logger LOG = LoggerFactory.getLogger(StickerSheets.class);
    private static final PaperDesignKind KIND = PaperDesignKind.STICKERS;

    /** @param id 0 for one that is always there */
    public record KeptSheet(long id, int version, StickerSheetDocument document, boolean withdrawn, String changedBy) {}

    private final PaperDesigns kept;
    private final JsonMapper json;
    private final NobrecSettings settings;

    StickerSheets(PaperDesigns kept, JsonMapper json, NobrecSettings settings) {
        this.kept = kept;
        this.json = json;
        this.settings = settings;
    }

    /** One that cannot be read is left out; the log says which. */
    public List<KeptSheet> all() {
        List<KeptSheet> all = new ArrayList<>();
        StandardStickers.all()
                .forEach(sheet -> all.add(new KeptSheet(0, 0, StickerSheetDocument.of(sheet), false, "")));
        for (PaperDesignRow row : kept.all(KIND)) {
            try {
                StickerSheetDocument document = json.readValue(row.definition(), StickerSheetDocument.class);
                all.add(new KeptSheet(row.id(), row.version(), document, row.withdrawn(), row.changedBy()));
            } catch (JacksonException unreadable) {
                LOG.error("Sticker sheet {} cannot be read", row.name(), unreadable);
            }
        }
        return all;
    }

    public StickerSheet named(String name) {
        return read(all().stream()
                .map(KeptSheet::document)
                .filter(document -> document.name().equals(name))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Sticker sheet “" + name + "”", "Choose another one.")));
    }

    /** @throws Refusal with the first thing that is not as it must be */
    public StickerSheet read(StickerSheetDocument document) {
        StickerSheet sheet = document.read(settings.units(), settings.decimals());
        sheet.requireUsable();
        return sheet;
    }

    @Transactional
    public void add(StickerSheetDocument document, String signIn) {
        read(document);
        List<String> always =
                StandardStickers.all().stream().map(StickerSheet::name).toList();
        kept.add(KIND, document.name(), json.writeValueAsString(document), always, signIn);
    }

    @Transactional
    public void change(long id, int version, StickerSheetDocument document, String signIn) {
        read(document);
        kept.change(KIND, id, version, document.name(), json.writeValueAsString(document), signIn);
    }

    @Transactional
    public void withdraw(long id, int version, boolean withdrawn, String signIn) {
        kept.withdraw(KIND, id, version, withdrawn, signIn);
    }
}
