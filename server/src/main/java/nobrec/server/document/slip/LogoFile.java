package nobrec.server.document.slip;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;

/** A logo as it comes in: a PNG is made as small as paper needs it, an SVG must draw by itself. */
public final class LogoFile {

    private static final String THING = "The logo";
    private static final String REMEDY = "Use a PNG, or an SVG made of plain shapes.";

    /** What 70 by 22 mm need at 300 dots an inch. */
    private static final int WIDTH = 827;

    private static final int HEIGHT = 260;
    private static final long MOST_DOTS = 40_000_000;

    private LogoFile() {}

    /** @throws Refusal that says what is wrong with it */
    public static Logo read(byte[] file) {
        if (file.length > Limits.LOGO_FILE_BYTES) {
            throw Refusal.unusable(
                    THING,
                    "Its file is larger than " + Limits.LOGO_FILE_BYTES / 1_000_000 + " MB.",
                    "Export it smaller: paper shows no more than " + WIDTH + " by " + HEIGHT + " dots of it.");
        }
        Logo logo = isPng(file)
                ? new Logo(Logo.Kind.PNG, base64(small(file)))
                : new Logo(Logo.Kind.SVG, base64(LogoDrawing.plain(file)));
        require(logo);
        return logo;
    }

    /** @throws Refusal where it is none that {@link #read} made */
    static void require(Logo logo) {
        byte[] content = decoded(logo);
        if (content.length > Limits.LOGO_BYTES) {
            throw Refusal.unusable(
                    THING,
                    "It is " + content.length / 1000 + " KB, and every slip would carry that; at most "
                            + Limits.LOGO_BYTES / 1000 + " KB.",
                    "Use fewer colors, or a simpler drawing.");
        }
        if (logo.kind() == Logo.Kind.SVG) {
            LogoDrawing.plain(content);
        } else if (!isPng(content)) {
            throw Refusal.unusable(THING, "It is no PNG.", REMEDY);
        } else {
            picture(content);
        }
    }

    private static byte[] decoded(Logo logo) {
        try {
            return Base64.getDecoder().decode(logo.content());
        } catch (IllegalArgumentException notBase64) {
            throw Refusal.unusable(THING, "What came of it is not whole.", "Choose its file again.");
        }
    }

    private static String base64(byte[] content) {
        return Base64.getEncoder().encodeToString(content);
    }

    private static boolean isPng(byte[] file) {
        return file.length > 8 && (file[0] & 0xFF) == 0x89 && file[1] == 'P' && file[2] == 'N' && file[3] == 'G';
    }

    private static byte[] small(byte[] file) {
        BufferedImage picture = picture(file);
        double scale =
                Math.min(1, Math.min((double) WIDTH / picture.getWidth(), (double) HEIGHT / picture.getHeight()));
        int width = Math.max(1, (int) Math.round(picture.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(picture.getHeight() * scale));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D drawing = small.createGraphics();
        drawing.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        drawing.setRenderingHint(RenderingHints.KEY_RENDERING, RenderingHints.VALUE_RENDER_QUALITY);
        drawing.drawImage(picture, 0, 0, width, height, null);
        drawing.dispose();
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(small, "png", out);
            return out.toByteArray();
        } catch (IOException failed) {
            throw unreadable();
        }
    }

    /** Its measures are looked at before it is unpacked. */
    private static BufferedImage picture(byte[] file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName("png");
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_DOTS) {
                    throw Refusal.unusable(
                            THING,
                            "It has " + reader.getWidth(0) + " by " + reader.getHeight(0) + " dots.",
                            "Export it smaller: paper shows no more than " + WIDTH + " by " + HEIGHT + ".");
                }
                return reader.read(0);
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException failed) {
            throw unreadable();
        }
    }

    private static Refusal unreadable() {
        return Refusal.unusable(THING, "Its picture cannot be read.", REMEDY);
    }
}
