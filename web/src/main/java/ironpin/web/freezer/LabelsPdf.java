package ironpin.web.freezer;

import ironpin.web.paper.Lettering;
import ironpin.web.paper.Paper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Labels for bags, eight on a sheet: to cut apart, or on paper that sticks. */
final class LabelsPdf {
    private static final float POINTS = 72 / 25.4f;
    private static final int ACROSS = 2;
    private static final int DOWN = 4;
    private static final float EDGE = 8 * POINTS;
    private static final float TITLE = 15;
    private static final float TEXT = 10;

    private static final float SMALLEST = 5.5f;
    private static final float LEADING = 1.3f;
    private static final int MOST_TITLE_LINES = 2;
    private static final String BY_HAND = "Some letters of the name cannot be printed: write it by hand.";

    private final Lettering letters;
    private final float wide;
    private final float high;
    private final float room;

    private LabelsPdf(Lettering letters, PDRectangle sheet) {
        this.letters = letters;
        this.wide = sheet.getWidth() / ACROSS;
        this.high = sheet.getHeight() / DOWN;
        this.room = wide - 2 * EDGE;
    }

    /**
     * What stands on one.
     *
     * @param title what is in the bag; cut where it is too long
     * @param protects printed whole, always, whatever else has to give way
     * @param lines below it, if there is room
     */
    record Label(String title, List<String> protects, List<String> lines) {}

    static byte[] of(List<Label> labels, Paper paper) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle("Freezer labels");
            LabelsPdf pen = new LabelsPdf(new Lettering(document), paper.sheet());
            int each = ACROSS * DOWN;
            for (int from = 0; from < labels.size(); from += each) {
                PDPage sheet = new PDPage(paper.sheet());
                document.addPage(sheet);
                try (PDPageContentStream out = new PDPageContentStream(document, sheet)) {
                    for (int i = from; i < Math.min(labels.size(), from + each); i++) {
                        int place = i - from;
                        float left = place % ACROSS * pen.wide;
                        float top = paper.sheet().getHeight() - place / ACROSS * pen.high;
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
        out.addRect(left, top - high, wide, high);
        out.stroke();
        float size = fitting(label);
        float y = top - EDGE;
        for (String line : title(label.title())) {
            y -= TITLE;
            letters.write(out, left + EDGE, y, TITLE, true, line);
            y -= TITLE * (LEADING - 1);
        }
        for (String said : label.protects()) {
            for (String line : broken(said, size)) {
                y -= size;
                letters.write(out, left + EDGE, y, size, true, line);
                y -= size * (LEADING - 1);
            }
        }
        List<String> others = new ArrayList<>(label.lines());
        letters.width(label.title(), TITLE);
        if (letters.missed()) {
            others.add(0, BY_HAND);
        }
        for (String said : others) {
            List<String> lines = broken(said, size);
            if (y - lines.size() * size * LEADING < top - high + EDGE / 2) {
                break;
            }
            for (String line : lines) {
                y -= size;
                letters.write(out, left + EDGE, y, size, false, line);
                y -= size * (LEADING - 1);
            }
        }
    }

    /** The largest letters in which all that protects has room. */
    private float fitting(Label label) throws IOException {
        float rest = high - 1.5f * EDGE - title(label.title()).size() * TITLE * LEADING;
        for (float size = TEXT; size > SMALLEST; size -= 0.5f) {
            int lines = 0;
            for (String said : label.protects()) {
                lines += broken(said, size).size();
            }
            if (lines * size * LEADING <= rest) {
                return size;
            }
        }
        return SMALLEST;
    }

    private List<String> title(String text) throws IOException {
        List<String> lines = broken(text, TITLE);
        if (lines.size() <= MOST_TITLE_LINES) {
            return lines;
        }
        List<String> kept = new ArrayList<>(lines.subList(0, MOST_TITLE_LINES));
        kept.set(MOST_TITLE_LINES - 1, kept.get(MOST_TITLE_LINES - 1) + "…");
        return kept;
    }

    /** Broken at its spaces, and within a word that is longer than a line. */
    private List<String> broken(String text, float size) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (letters.width(longer, size) <= room) {
                line.setLength(0);
                line.append(longer);
                continue;
            }
            if (!line.isEmpty()) {
                lines.add(line.toString());
                line.setLength(0);
            }
            for (int letter : word.codePoints().toArray()) {
                line.appendCodePoint(letter);
                if (letters.width(line.toString(), size) > room) {
                    line.setLength(line.length() - Character.charCount(letter));
                    lines.add(line.toString());
                    line.setLength(0);
                    line.appendCodePoint(letter);
                }
            }
        }
        lines.add(line.toString());
        return lines;
    }
}
