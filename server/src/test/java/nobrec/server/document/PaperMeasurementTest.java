package nobrec.server.document;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import nobrec.core.paper.SheetSize;
import nobrec.core.paper.StandardSlips;
import nobrec.server.MeasurementTest;
import nobrec.server.document.slip.SampleSlips;
import nobrec.server.document.slip.SlipDesignDocument;
import nobrec.server.document.slip.SlipDesigns;
import nobrec.server.document.slip.SlipText;
import nobrec.server.printing.raster.PwgRaster;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.beans.factory.annotation.Autowired;

/** How long papers take that are drawn and set, for {@code ./nobrec bench}. */
@EnabledIfSystemProperty(named = "nobrec.measurements", matches = ".+")
class PaperMeasurementTest extends MeasurementTest {

    private static final int LABELS = 2_000;
    private static final int SLIPS = 100;
    private static final int LONG = 5;
    private static final SlipDesignDocument STANDARD = SlipDesignDocument.of(StandardSlips.STANDARD);

    @Autowired
    private LabelPrinter labels;

    @Autowired
    private SlipDesigns slips;

    private static LabelText label(int number) {
        return new LabelText(
                "Dunlin Express",
                "Dunlin Two Day",
                "DX9004170" + (10_000 + number),
                List.of("Marrowby Cylinder & Seal", "1180 Piston Works Road", "Rockford, IL 61101"),
                "(815) 555-0110",
                new LabelText.Receiver(
                        List.of("Pellworth Robotics", "Line 4 stores"),
                        List.of("2200 Foundry Park", "Building B", "Tucson, AZ"),
                        "85701",
                        "(520) 555-0177"),
                "2417",
                "PR-20518",
                List.of("Rack B4"),
                "3.88 lb",
                "9.5 × 7.5 × 5.5 in",
                "Dec 1, 2026",
                1,
                1,
                List.of("adult signature"),
                "");
    }

    private double labels(int count) {
        return seconds(() -> {
            for (int number = 0; number < count; number++) {
                labels.print(label(number), SheetSize.LABEL);
            }
        });
    }

    private List<Double> slips(SlipText text, int count) {
        List<Double> times = new ArrayList<>();
        for (int each = 0; each < count; each++) {
            times.add(seconds(() -> {
                slips.preview(text, STANDARD);
            }));
        }
        return times;
    }

    private static SlipText ofLines(int count) {
        SlipText.PackageText first = SampleSlips.FULL.packages().get(0);
        return SampleSlips.FULL.ofPackage(new SlipText.PackageText(
                1,
                1,
                first.weight(),
                first.trackingNumber(),
                Collections.nCopies(count, first.lines().get(0)),
                SlipText.DrawingText.NONE));
    }

    private List<Double> rasters(int count) {
        byte[] label = labels.print(label(1), SheetSize.LABEL);
        List<Double> times = new ArrayList<>();
        for (int each = 0; each < count; each++) {
            times.add(seconds(() -> PwgRaster.of(label, 203)));
        }
        return times;
    }

    @Test
    void papers() throws IOException {
        labels(LABELS);
        double perSecond = LABELS / labels(LABELS);
        slips(SampleSlips.FULL, SLIPS);
        double slip = 1_000 * median(slips(SampleSlips.FULL, SLIPS));
        slips(ofLines(2_000), LONG);
        double large = median(slips(ofLines(2_000), LONG));
        rasters(SLIPS);
        double raster = 1_000 * median(rasters(SLIPS));
        report("""

                ## Papers

                Drawn and set alone, one after the other, nothing kept.

                - labels a second (300 requested): %.0f
                - a slip of two packages with their drawings, median: %.1f ms (at most 25 requested)
                - a slip of 2,000 lines, all of it, not the first page alone: %.2f s (the first page below 1 s requested)
                - a label of 4 x 6 in as PWG raster at 203 dots an inch, median: %.1f ms (below 40 requested)
                """.formatted(perSecond, slip, large, raster));
    }
}
