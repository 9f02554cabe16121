package ironpin.web.freezer;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;

/** Labels for bags, eight on a sheet of A4: to cut apart, or on paper that sticks. */
final class LabelsPdf {
    private static final float POINTS = 72 / 25.4f;
    private static final int ACROSS = 2;
    private static final int DOWN = 4;
    private static final float WIDE = PDRectangle.A4.getWidth() / ACROSS;
    private static final float HIGH = PDRectangle.A4.getHeight() / DOWN;
    private static final float EDGE = 8 * POINTS;
    private static final float TITLE = 16;
    private static final float TEXT = 10;

    private final PDType1Font bold = new PDType1Font(Standard14Fonts.FontName.HELVETICA_BOLD);
    private final PDType1Font plain = new PDType1Font(Standard14Fonts.FontName.HELVETICA);

    /** @param title what is in the bag @param lines below it, each broken where it is too long */
    record Label(String title, List<String> lines) {}

    static byte[] of(List<Label> labels) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle("Freezer labels");
            LabelsPdf pen = new LabelsPdf();
            int each = ACROSS * DOWN;
            for (int from = 0; from < labels.size(); from += each) {
                PDPage sheet = new PDPage(PDRectangle.A4);
                document.addPage(sheet);
                try (PDPageContentStream out = new PDPageContentStream(document, sheet)) {
                    for (int i = from; i < Math.min(labels.size(), from + each); i++) {
                        int place = i - from;
                        float left = place % ACROSS * WIDE;
                        float top = PDRectangle.A4.getHeight() - place / ACROSS * HIGH;
                        pen.draw(out, labels.get(i), left, top);
                    }
                }
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void draw(PDPageContentStream out, Label label, float left, float top) throws IOException {
        out.setLineWidth(0.4f);
        out.setLineDashPattern(new float[] {3, 3}, 0);
        out.addRect(left, top - HIGH, WIDE, HIGH);
        out.stroke();
        float y = top - EDGE - TITLE;
        for (String line : broken(printable(label.title()), bold, TITLE)) {
            write(out, bold, TITLE, left + EDGE, y, line);
            y -= TITLE * 1.25f;
        }
        for (String said : label.lines()) {
            for (String line : broken(printable(said), plain, TEXT)) {
                if (y > top - HIGH + EDGE / 2) {
                    write(out, plain, TEXT, left + EDGE, y, line);
                    y -= TEXT * 1.35f;
                }
            }
        }
    }

    private static void write(PDPageContentStream out, PDType1Font font, float size, float x, float y, String text)
            throws IOException {
        out.beginText();
        out.setFont(font, size);
        out.newLineAtOffset(x, y);
        out.showText(text);
        out.endText();
    }

    private static List<String> broken(String text, PDType1Font font, float size) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && font.getStringWidth(longer) / 1_000 * size > WIDE - 2 * EDGE) {
                lines.add(line.toString());
                line.setLength(0);
                line.append(word);
            } else {
                line.setLength(0);
                line.append(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** The letters that every PDF reader brings along; any other in a name becomes a question mark. */
    private static String printable(String said) {
        return said.replace('–', '-').replace('−', '-').replaceAll("[^\\x20-\\x7e\\u00a1-\\u00ff]", "?");
    }
}
