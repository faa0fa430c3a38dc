package nobrec.server.document;

import java.util.List;
import nobrec.core.paper.SheetSize;
import nobrec.core.refusal.Refusal;
import nobrec.server.document.kept.PaperDefaults;
import nobrec.server.document.kept.PaperPurpose;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The stock that labels are drawn for. */
@Service
public class LabelSheets {

    public static final List<SheetSize> OFFERED = List.of(SheetSize.LABEL, SheetSize.A6);

    private final PaperDefaults defaults;
    private final Remembered<SheetSize> remembered;

    LabelSheets(PaperDefaults defaults, SetUpVersion setUpVersion) {
        this.defaults = defaults;
        this.remembered = new Remembered<>(setUpVersion, this::read);
    }

    public SheetSize current() {
        return remembered.get();
    }

    private SheetSize read() {
        String chosen = defaults.all().getOrDefault(PaperPurpose.LABEL_SHEET, SheetSize.LABEL.name());
        return OFFERED.stream()
                .filter(sheet -> sheet.name().equals(chosen))
                .findFirst()
                .orElse(SheetSize.LABEL);
    }

    /** Labels that are drawn from now on; those that are there stay as they are. */
    @Transactional
    public void choose(SheetSize sheet, String signIn) {
        if (!OFFERED.contains(sheet)) {
            throw Refusal.unusable(
                    "The paper of labels", "A label is not drawn for " + sheet.words() + ".", "Choose 4 × 6 in or A6.");
        }
        defaults.set(PaperPurpose.LABEL_SHEET, sheet.name(), signIn);
    }
}
