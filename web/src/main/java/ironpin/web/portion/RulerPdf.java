package ironpin.web.portion;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;

/** A ruler as a PDF of true size: a point is 25.4/72 mm. */
final class RulerPdf implements RulerPen<IOException> {
    private static final double POINTS = 72 / 25.4;
    private static final float THIN = 0.85f;
    private static final float LETTERS = 11;

    private final PDPageContentStream out;
    private final PDType1Font font = new PDType1Font(Standard14Fonts.FontName.HELVETICA);

    private RulerPdf(PDPageContentStream out) {
        this.out = out;
    }

    static byte[] of(RulerPage page) {
        try (PDDocument document = new PDDocument()) {
            PDPage sheet = new PDPage(new PDRectangle(points(RulerPage.WIDTH), points(RulerPage.HEIGHT)));
            document.addPage(sheet);
            document.getDocumentInformation().setTitle(printable(page.title()));
            try (PDPageContentStream out = new PDPageContentStream(document, sheet)) {
                out.setLineWidth(THIN);
                page.draw(new RulerPdf(out));
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A PDF counts from the lower left. */
    @Override
    public void line(double x1, double y1, double x2, double y2) throws IOException {
        out.moveTo(points(x1), points(RulerPage.HEIGHT - y1));
        out.lineTo(points(x2), points(RulerPage.HEIGHT - y2));
        out.stroke();
    }

    @Override
    public void text(double x, double y, String said) throws IOException {
        out.beginText();
        out.setFont(font, LETTERS);
        out.newLineAtOffset(points(x), points(RulerPage.HEIGHT - y));
        out.showText(printable(said));
        out.endText();
    }

    /** The letters that every PDF reader brings along; any other in a name becomes a question mark. */
    private static String printable(String said) {
        return said.replaceAll("[^\\x20-\\x7e\\u00a1-\\u00ff]", "?");
    }

    private static float points(double millimetres) {
        return (float) (millimetres * POINTS);
    }
}
