package ironpin.web.portion;

import ironpin.web.paper.Lettering;
import ironpin.web.paper.Paper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** A ruler as a PDF of true size: a point is 25.4/72 mm. */
final class RulerPdf implements RulerPen<IOException> {
    private static final double POINTS = 72 / 25.4;
    private static final float THIN = 0.85f;
    private static final float LETTERS = 11;

    private final PDPageContentStream out;
    private final Lettering letters;

    private RulerPdf(PDPageContentStream out, Lettering letters) {
        this.out = out;
        this.letters = letters;
    }

    static byte[] of(RulerPage page, Paper paper) {
        try (PDDocument document = new PDDocument()) {
            PDPage sheet = new PDPage(across(paper.sheet()));
            document.addPage(sheet);
            document.getDocumentInformation().setTitle(page.title());
            try (PDPageContentStream out = new PDPageContentStream(document, sheet)) {
                out.setLineWidth(THIN);
                page.draw(new RulerPdf(out, new Lettering(document)));
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
        letters.write(out, points(x), points(RulerPage.HEIGHT - y), LETTERS, false, said);
    }

    private static PDRectangle across(PDRectangle sheet) {
        return new PDRectangle(sheet.getHeight(), sheet.getWidth());
    }

    private static float points(double millimetres) {
        return (float) (millimetres * POINTS);
    }
}
