package ironpin.web.paper;

import java.io.IOException;
import java.io.InputStream;
import java.util.regex.Pattern;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The fonts that letters are printed in, each opened only where it is asked for: the large ones take long. */
enum Face {
    LATIN("noto-sans", "\\P{IsDevanagari}"),
    /** The same font with its rules for letters that join. To try them on letters that do not takes four fifths of a paper's time. */
    DEVANAGARI("noto-sans", "\\p{IsDevanagari}"),
    GEORGIAN("noto-sans-georgian", "\\p{IsGeorgian}"),
    HEBREW("noto-sans-hebrew", "\\p{IsHebrew}"),
    CHINESE("noto-sans-sc", "\\p{IsHan}|\\p{IsHiragana}|\\p{IsKatakana}"),
    KOREAN("noto-sans-kr", "\\p{IsHangul}");

    private final String file;
    private final Pattern letters;

    Face(String file, String letters) {
        this.file = file;
        this.letters = Pattern.compile(letters);
    }

    /** Its name in the styles of a paper. */
    String family() {
        return file;
    }

    /** Whether a letter that is its own stands somewhere in a text. */
    boolean isAskedForBy(String text) {
        return letters.matcher(text).find();
    }

    /** Whether it may hold a letter: of the two that are one font its letters say which, of the others only what they hold does. */
    boolean mayHold(String letter) {
        return !file.equals(LATIN.file) || isAskedForBy(letter);
    }

    PDFont open(PDDocument document) throws IOException {
        try (InputStream in = Face.class.getResourceAsStream("/fonts/" + file + ".ttf")) {
            TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(in));
            font.setEnableGsub(this == DEVANAGARI);
            return PDType0Font.load(document, font, true);
        }
    }
}
