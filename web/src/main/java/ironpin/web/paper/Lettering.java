package ironpin.web.paper;

import java.io.IOException;
import java.text.Bidi;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;

/**
 * The letters of one document: Latin, Greek, Cyrillic and Devanagari from one font, those of other scripts from fonts that are only
 * opened where they are needed. A letter that none has is drawn as an empty box, and {@link #missed()} says so: Arabic is among them,
 * whose letters change with their neighbours, which no font does by itself.
 */
public final class Lettering {
    private static final String EMPTY_BOX = "\u25a1";
    private static final float BOLD = 0.035f;

    private final PDDocument document;
    private final Map<Face, PDFont> open = new EnumMap<>(Face.class);
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
        for (int point : asSeen(text).codePoints().toArray()) {
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

    /** From left to right, as the eye meets it: what is read from the right is turned round. */
    private static String asSeen(String text) {
        Bidi bidi = new Bidi(text, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
        if (bidi.isLeftToRight()) {
            return text;
        }
        byte[] levels = new byte[bidi.getRunCount()];
        String[] parts = new String[levels.length];
        for (int i = 0; i < levels.length; i++) {
            levels[i] = (byte) bidi.getRunLevel(i);
            String part = text.substring(bidi.getRunStart(i), bidi.getRunLimit(i));
            parts[i] = levels[i] % 2 == 0
                    ? part
                    : new StringBuilder(part).reverse().toString();
        }
        Bidi.reorderVisually(levels, 0, parts, 0, parts.length);
        return String.join("", parts);
    }

    private PDFont fontOf(String letter) throws IOException {
        for (Face face : Face.values()) {
            if (face.mayHold(letter)) {
                PDFont font = open.get(face);
                if (font == null) {
                    font = face.open(document);
                    open.put(face, font);
                }
                if (has(font, letter)) {
                    return font;
                }
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
