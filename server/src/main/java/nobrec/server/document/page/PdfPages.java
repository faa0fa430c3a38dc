package nobrec.server.document.page;

import com.openhtmltopdf.extend.impl.FSDefaultCacheStore;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FSFontUseCase;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder.CacheStore;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.function.Consumer;
import java.util.logging.Level;
import org.jspecify.annotations.Nullable;

/** What turns markup into pages, in the typefaces that papers have. Nothing outside of the markup is read, whatever it asks for. */
public final class PdfPages {

    /** A picture inside the markup is no address. */
    private static final String INSIDE = "data:";

    static {
        XRLog.listRegisteredLoggers().forEach(logger -> XRLog.setLevel(logger, Level.SEVERE));
    }

    /** How wide the letters of our typefaces are, found once. */
    private static final FSDefaultCacheStore METRICS = new FSDefaultCacheStore();

    /** What colors mean, for pages that are kept: sRGB (IEC 61966-2-1). */
    private static final byte[] COLORS =
            ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();

    private PdfPages() {}

    /**
     * For papers that others keep: PDF/A-2b (ISO 19005-2), the same in thirty years. It takes more than twice the time, so that slips, which
     * are for a day, do without it.
     */
    static PdfRendererBuilder lasting() {
        PdfRendererBuilder builder = builder(address -> {});
        builder.usePdfAConformance(PdfRendererBuilder.PdfAConformance.PDFA_2_B);
        builder.useColorProfile(COLORS);
        return builder;
    }

    /** @param refused hears of each address that the markup asks for */
    public static PdfRendererBuilder builder(Consumer<String> refused) {
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.useUriResolver((base, address) -> isInside(address, refused) ? address : null);
        Arrays.stream(ExternalResourceControlPriority.values())
                .forEach(when ->
                        builder.useExternalResourceAccessControl((address, type) -> isInside(address, refused), when));
        builder.useCacheStore(CacheStore.PDF_FONT_METRICS, METRICS);
        font(builder, PaperLetters.WORDS, "Words", 400);
        font(builder, PaperLetters.WORDS_BOLD, "Words", 700);
        font(builder, PaperLetters.WORDS_MORE, "Words more", 400);
        font(builder, PaperLetters.WORDS_MORE_BOLD, "Words more", 700);
        font(builder, PaperLetters.FIGURES, "Figures", 400);
        font(builder, PaperLetters.FIGURES_BOLD, "Figures", 700);
        last(builder, PaperLetters.SCRIPTS, 400);
        last(builder, PaperLetters.SCRIPTS_BOLD, 700);
        return builder;
    }

    private static boolean isInside(@Nullable String address, Consumer<String> refused) {
        boolean inside = address != null && address.startsWith(INSIDE);
        if (!inside && address != null && !address.isEmpty() && !address.startsWith("#")) {
            refused.accept(address);
        }
        return inside;
    }

    /** For letters that no typeface named in the style sheet has. */
    private static void last(PdfRendererBuilder builder, String file, int weight) {
        builder.useFont(
                () -> PaperLetters.file(file),
                "Scripts",
                weight,
                FontStyle.NORMAL,
                true,
                EnumSet.of(FSFontUseCase.FALLBACK_FINAL));
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> PaperLetters.file(file), family, weight, FontStyle.NORMAL, true);
    }
}
