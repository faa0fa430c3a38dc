package nobrec.server.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * A page as somebody looked at it once and found it right. What moves or changes is seen; what another renderer smooths in another way is
 * not. With {@code -Dnobrec.keep-pages=true} it is drawn again, to be looked at.
 */
public final class KeptPage {

    private static final Path FOLDER = Path.of("src/test/resources/nobrec/server/document/pages");
    static final boolean ARE_DRAWN_AGAIN = Boolean.getBoolean("nobrec.keep-pages");

    private static final int DPI = 72;
    private static final int BLOCK = 16;

    /** Of 255, on average over a block and over the page. */
    private static final double BLOCK_DIFFERS = 48;

    private static final double PAGE_DIFFERS = 1.5;

    private KeptPage() {}

    public static void assertLooksAsKept(String name, byte[] pdf) throws IOException {
        BufferedImage now = firstPage(pdf);
        Path file = FOLDER.resolve(name + ".png");
        if (ARE_DRAWN_AGAIN) {
            Files.createDirectories(FOLDER);
            ImageIO.write(now, "png", file.toFile());
        }
        BufferedImage kept = ImageIO.read(file.toFile());
        assertThat(now.getWidth()).as(name).isEqualTo(kept.getWidth());
        assertThat(now.getHeight()).as(name).isEqualTo(kept.getHeight());
        double all = 0;
        double worst = 0;
        int blocks = 0;
        for (int left = 0; left + BLOCK <= now.getWidth(); left += BLOCK) {
            for (int top = 0; top + BLOCK <= now.getHeight(); top += BLOCK) {
                double difference = difference(now, kept, left, top);
                all += difference;
                worst = Math.max(worst, difference);
                blocks++;
            }
        }
        assertThat(worst).as("a block of %s", name).isLessThan(BLOCK_DIFFERS);
        assertThat(all / blocks).as("all of %s", name).isLessThan(PAGE_DIFFERS);
    }

    private static double difference(BufferedImage one, BufferedImage other, int left, int top) {
        long sum = 0;
        for (int x = left; x < left + BLOCK; x++) {
            for (int y = top; y < top + BLOCK; y++) {
                sum += Math.abs(
                        one.getRaster().getSample(x, y, 0) - other.getRaster().getSample(x, y, 0));
            }
        }
        return (double) sum / (BLOCK * BLOCK);
    }

    private static BufferedImage firstPage(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFRenderer(document).renderImageWithDPI(0, DPI, ImageType.GRAY);
        }
    }
}
