package nobrec.standins.printer;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;

/**
 * Reads PWG raster: a word, then for each page a header of 1,796 bytes and its lines, packed. Source: PWG 5102.4, from memory. Gray of
 * eight bits only, which is what labels are sent in.
 */
public final class RasterPages {

    private static final String WORD = "RaS2";
    private static final int HEADER = 1_796;
    private static final int RESOLUTION_AT = 276;
    private static final int WIDTH_AT = 372;
    private static final int HEIGHT_AT = 376;
    private static final int BITS_AT = 388;
    private static final int LITERAL_FROM = 128;
    private static final int LITERAL_BASE = 257;
    private static final int MOST = 20_000;

    /** @param resolution dots per inch */
    public record Page(int resolution, BufferedImage picture) {

        byte[] png() throws IOException {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(picture, "png", out);
            return out.toByteArray();
        }
    }

    private RasterPages() {}

    public static List<Page> read(byte[] raster) throws IOException {
        DataInputStream in = new DataInputStream(new ByteArrayInputStream(raster));
        String word = new String(in.readNBytes(WORD.length()), StandardCharsets.US_ASCII);
        if (!word.equals(WORD)) {
            throw new IOException("It begins with " + word + " and not with " + WORD + ".");
        }
        List<Page> pages = new ArrayList<>();
        while (in.available() > 0) {
            byte[] bytes = in.readNBytes(HEADER);
            if (bytes.length < HEADER) {
                throw new IOException("A page's header is cut off.");
            }
            pages.add(page(in, ByteBuffer.wrap(bytes)));
        }
        return pages;
    }

    private static Page page(DataInputStream in, ByteBuffer header) throws IOException {
        int width = header.getInt(WIDTH_AT);
        int height = header.getInt(HEIGHT_AT);
        if (header.getInt(BITS_AT) != Byte.SIZE || width < 1 || height < 1 || width > MOST || height > MOST) {
            throw new IOException("It is not gray of eight bits, or of no size: " + width + " x " + height + ".");
        }
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        byte[] line = new byte[width];
        for (int y = 0; y < height; ) {
            int repeats = in.readUnsignedByte() + 1;
            readLine(in, line);
            for (int again = 0; again < repeats && y < height; again++, y++) {
                picture.getRaster().setDataElements(0, y, width, 1, line);
            }
        }
        return new Page(header.getInt(RESOLUTION_AT), picture);
    }

    private static void readLine(DataInputStream in, byte[] line) throws IOException {
        int at = 0;
        while (at < line.length) {
            int count = in.readUnsignedByte();
            if (count < LITERAL_FROM) {
                byte dot = in.readByte();
                for (int more = 0; more <= count && at < line.length; more++) {
                    line[at++] = dot;
                }
            } else {
                for (int more = LITERAL_BASE - count; more > 0 && at < line.length; more--) {
                    line[at++] = in.readByte();
                }
            }
        }
    }
}
