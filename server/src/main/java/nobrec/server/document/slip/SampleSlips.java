package nobrec.server.document.slip;

import java.util.List;
import java.util.Map;
import nobrec.server.document.slip.SlipText.DrawingText;
import nobrec.server.document.slip.SlipText.LayerText;
import nobrec.server.document.slip.SlipText.LineText;
import nobrec.server.document.slip.SlipText.PackageText;
import nobrec.server.document.slip.SlipText.PieceText;
import nobrec.server.document.slip.SlipText.ToCome;

/** Invented slips on which a design is tried: one with everything on it, one with as little as there can be. */
public final class SampleSlips {

    public static final SlipText FULL = new SlipText(
            List.of("Sample Shop", "1 Sample Street", "Sampleton, IL 61101"),
            "(815) 555-0100",
            List.of("Sample Customer & Daughters", "Receiving <dock 4>", "22 Sample Avenue", "Tucson, AZ 85701"),
            List.of("Sample Customer & Daughters", "Accounts", "PO Box 1", "Tucson, AZ 85702"),
            "SAMPLE-1",
            "SAMPLE-1 and SAMPLE-2",
            "Sample Customer",
            "PO-1000",
            List.of("Rack B4", "Dock 4 after 3 PM"),
            "Call before you come.\nThe gate is locked.",
            List.of(new SlipText.Field("Gift message", "With many good wishes"), new SlipText.Field("Giver", "Sam")),
            Map.of("Gift message", "With many good wishes", "Giver", "Sam", "job", "SAMPLE-1"),
            "Sample Two Day",
            "Dec 1, 2026",
            true,
            "USD",
            "1234.50",
            List.of(packed(1, "SAMPLE 000 001"), packed(2, "SAMPLE 000 002")),
            List.of(new ToCome("SK-3", "Seal kit, 3 in bore", 2)));

    public static final SlipText BARE = new SlipText(
            List.of(),
            "",
            List.of("A receiver"),
            List.of(),
            "1",
            "",
            "",
            "",
            List.of(),
            "",
            List.of(),
            Map.of(),
            "",
            "",
            false,
            "USD",
            "",
            List.of(new PackageText(1, 1, "", "", List.of(), DrawingText.NONE)),
            List.of());

    private SampleSlips() {}

    static List<SlipText> all() {
        return List.of(FULL, BARE);
    }

    private static PackageText packed(int number, String tracking) {
        return new PackageText(
                number,
                2,
                "3.88 lb",
                tracking,
                List.of(line("SK-2", "Seal kit, 2 in bore", "this side up"), line("RD-16", "Rod, 16 in", "")),
                new DrawingText(
                        1000,
                        700,
                        List.of(new LayerText(
                                "0 in",
                                List.of(
                                        new PieceText("SK-2", 0, 0, 500, 400),
                                        new PieceText("RD-16", 0, 420, 900, 120))))));
    }

    private static LineText line(String item, String description, String handling) {
        return new LineText(
                "SAMPLE-1",
                item,
                description,
                handling,
                "lot A1 (4)",
                4,
                6,
                2,
                "0.5 lb",
                "12.50",
                "50.00",
                Map.of("Shelf", "B4"));
    }
}
