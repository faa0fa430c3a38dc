package nobrec.server.printing.raster;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.rendering.PageDrawer;
import org.apache.pdfbox.rendering.PageDrawerParameters;

/**
 * Turns pages into dots as any renderer does, but for barcodes: the bars of one are drawn with a module of whole dots, each on whole
 * dots, within the room they have on the page. A bar that is half a dot too wide is a bar that some scanner does not read.
 */
final class SnappedRenderer extends PDFRenderer {

    private static final float INCH = 72;

    SnappedRenderer(PDDocument document) {
        super(document);
    }

    /** A page in gray. Its size is rounded to whole dots: the library cuts it off, and loses the last row. */
    BufferedImage gray(int index, int dpi) throws IOException {
        PDRectangle box = document.getPage(index).getCropBox();
        float scale = dpi / INCH;
        BufferedImage picture = new BufferedImage(
                Math.round(box.getWidth() * dpi / INCH),
                Math.round(box.getHeight() * dpi / INCH),
                BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D graphics = picture.createGraphics();
        graphics.setBackground(Color.WHITE);
        graphics.clearRect(0, 0, picture.getWidth(), picture.getHeight());
        renderPageToGraphics(index, graphics, scale);
        graphics.dispose();
        return picture;
    }

    @Override
    protected PageDrawer createPageDrawer(PageDrawerParameters parameters) throws IOException {
        return new Drawer(parameters);
    }

    private static final class Drawer extends PageDrawer {

        /** So few upright boxes are no barcode. */
        private static final int FEWEST_BARS = 12;

        private static final int CORNERS = 4;

        Drawer(PageDrawerParameters parameters) throws IOException {
            super(parameters);
        }

        @Override
        public void fillPath(int windingRule) throws IOException {
            Optional<List<Rectangle2D>> bars =
                    bars(getLinePath().createTransformedShape(getGraphics().getTransform()));
            if (bars.isEmpty()) {
                super.fillPath(windingRule);
                return;
            }
            AffineTransform before = getGraphics().getTransform();
            getGraphics().setTransform(new AffineTransform());
            getGraphics().setPaint(Color.BLACK);
            for (Rectangle2D bar : snapped(bars.get())) {
                getGraphics().fill(bar);
            }
            getGraphics().setTransform(before);
            getLinePath().reset();
        }

        /** Upright boxes of one height in one row; empty where the path is something else. */
        private static Optional<List<Rectangle2D>> bars(Shape path) {
            List<Rectangle2D> boxes = new ArrayList<>();
            double[] at = new double[2];
            double left = 0;
            double right = 0;
            double top = 0;
            double bottom = 0;
            int corners = 0;
            for (PathIterator steps = path.getPathIterator(null); !steps.isDone(); steps.next()) {
                int step = steps.currentSegment(at);
                if (step == PathIterator.SEG_CLOSE) {
                    if (corners != CORNERS) {
                        return Optional.empty();
                    }
                    boxes.add(new Rectangle2D.Double(left, top, right - left, bottom - top));
                    corners = 0;
                } else if (step == PathIterator.SEG_MOVETO || step == PathIterator.SEG_LINETO) {
                    if (corners == CORNERS && step == PathIterator.SEG_LINETO) {
                        continue;
                    }
                    boolean first = step == PathIterator.SEG_MOVETO;
                    corners = first ? 1 : corners + 1;
                    left = first ? at[0] : Math.min(left, at[0]);
                    right = first ? at[0] : Math.max(right, at[0]);
                    top = first ? at[1] : Math.min(top, at[1]);
                    bottom = first ? at[1] : Math.max(bottom, at[1]);
                } else {
                    return Optional.empty();
                }
            }
            return boxes.size() >= FEWEST_BARS && isOneRow(boxes) ? Optional.of(boxes) : Optional.empty();
        }

        private static boolean isOneRow(List<Rectangle2D> boxes) {
            Rectangle2D first = boxes.get(0);
            return boxes.stream()
                    .allMatch(box -> Math.abs(box.getY() - first.getY()) < 1
                            && Math.abs(box.getHeight() - first.getHeight()) < 1);
        }

        /** The narrowest bar is one module. */
        private static List<Rectangle2D> snapped(List<Rectangle2D> bars) {
            double module =
                    bars.stream().mapToDouble(Rectangle2D::getWidth).min().orElse(1);
            double start = bars.stream().mapToDouble(Rectangle2D::getX).min().orElse(0);
            double end = bars.stream().mapToDouble(Rectangle2D::getMaxX).max().orElse(0);
            long dots = Math.max(1, (long) Math.floor(module + 0.05));
            long modules = Math.round((end - start) / module);
            long left = Math.round(start + ((end - start) - modules * dots) / 2);
            return bars.stream()
                    .map(bar -> (Rectangle2D) new Rectangle2D.Double(
                            left + Math.round((bar.getX() - start) / module) * dots,
                            Math.round(bar.getY()),
                            Math.round(bar.getWidth() / module) * dots,
                            Math.round(bar.getHeight())))
                    .toList();
        }
    }
}
