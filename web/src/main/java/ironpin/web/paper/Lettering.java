package ironpin.web.paper;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;

/**
 * The letters of one document: Latin, Greek, Cyrillic and Devanagari from one font, Chinese and Japanese from another that is only
 * opened where it is needed. A letter that neither has is drawn as an empty box, and {@link #missed()} says so.
 */
public final class Lettering {
    private static final String EMPTY_BOX = "\u25a1";
    private static final float BOLD = 0.035f;
    private static final String[] FONTS = {"noto-sans.ttf", "noto-sans-sc.ttf"};

    private final PDDocument document;
    private final PDFont[] fonts = new PDFont[FONTS.length];
    private boolean missed;

    public Lettering(PDDocument document) {
        this.document = document;
    }

    /** Letters of one font that stand together. */
    private record Run(PDFont font, String text) {}

    /** Whether a letter was asked for that cannot be drawn. */
    public boolean missed() {
        return missed;
    }

    /** How wide a text is, in points. @param size of its letters, in points */
    public float width(String text, float size) throws IOException {
        float sum = 0;
        for (Run run : runs(text)) {
            sum += run.font().getStringWidth(run.text()) / 1_000 * size;
        }
        return sum;
    }

    /** Writes a text whose base line begins at a point. */
    public void write(PDPageContentStream out, float x, float y, float size, boolean bold, String text)
            throws IOException {
        out.beginText();
        out.newLineAtOffset(x, y);
        if (bold) {
            out.setLineDashPattern(new float[0], 0);
            out.setLineWidth(size * BOLD);
        }
        out.setRenderingMode(bold ? RenderingMode.FILL_STROKE : RenderingMode.FILL);
        for (Run run : runs(text)) {
            out.setFont(run.font(), size);
            out.showText(run.text());
        }
        out.endText();
    }

    private List<Run> runs(String text) throws IOException {
        List<Run> runs = new ArrayList<>();
        PDFont last = null;
        StringBuilder together = new StringBuilder();
        for (int point : text.codePoints().toArray()) {
            String letter = Character.toString(point);
            PDFont font = fontOf(letter);
            if (font == null) {
                missed = true;
                letter = EMPTY_BOX;
                font = fontOf(letter);
            }
            if (font != last && last != null) {
                runs.add(new Run(last, together.toString()));
                together.setLength(0);
            }
            last = font;
            together.append(letter);
        }
        if (last != null) {
            runs.add(new Run(last, together.toString()));
        }
        return runs;
    }

    private PDFont fontOf(String letter) throws IOException {
        for (int i = 0; i < fonts.length; i++) {
            if (fonts[i] == null) {
                try (InputStream font = Lettering.class.getResourceAsStream("/fonts/" + FONTS[i])) {
                    fonts[i] = PDType0Font.load(document, font, true);
                }
            }
            if (has(fonts[i], letter)) {
                return fonts[i];
            }
        }
        return null;
    }

    private static boolean has(PDFont font, String letter) throws IOException {
        try {
            font.encode(letter);
            return true;
        } catch (IllegalArgumentException none) {
            return false;
        }
    }
}
