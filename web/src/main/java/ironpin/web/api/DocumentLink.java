package ironpin.web.api;

import ironpin.refusal.Refused;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;

/**
 * A document that fits into a link: behind the #, so that no server on the way is told it. The page that opens it is the one to which files
 * are brought, in whichever Ironpin the link is opened.
 *
 * @param kind what it is brought in as
 * @param text the document
 */
record DocumentLink(Kind kind, String text) {
    /** Where it is opened. */
    static final String PAGE = "/batches/import";

    private static final Pattern LINK = Pattern.compile("(?:.*#)?([bs])\\.([A-Za-z0-9_-]+)", Pattern.DOTALL);
    private static final int MOST_TEXT = 400_000;
    private static final int STEP = 8_192;

    /** As what it is brought in. */
    enum Kind {
        BATCH('b'),
        START('s');

        private final char letter;

        Kind(char letter) {
            this.letter = letter;
        }
    }

    /** What stands behind the address of that page. */
    String written() {
        Deflater small = new Deflater(Deflater.BEST_COMPRESSION);
        try {
            small.setInput(text.getBytes(StandardCharsets.UTF_8));
            small.finish();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            byte[] step = new byte[STEP];
            while (!small.finished()) {
                out.write(step, 0, small.deflate(step));
            }
            return "#" + kind.letter + "."
                    + Base64.getUrlEncoder().withoutPadding().encodeToString(out.toByteArray());
        } finally {
            small.end();
        }
    }

    /** @throws Refused if it is no such link, was cut off, or holds more than a document */
    static DocumentLink read(String link) {
        Matcher parts = LINK.matcher(link.replaceAll("\\s+", ""));
        if (!parts.matches()) {
            throw new Refused("it has no “#b.” or “#s.” with letters and digits behind it");
        }
        Kind kind = parts.group(1).equals("s") ? Kind.START : Kind.BATCH;
        return new DocumentLink(kind, inflated(parts.group(2)));
    }

    private static String inflated(String letters) {
        Inflater large = new Inflater();
        try {
            large.setInput(Base64.getUrlDecoder().decode(letters));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            byte[] step = new byte[STEP];
            while (!large.finished()) {
                int some = large.inflate(step);
                out.write(step, 0, some);
                if (out.size() > MOST_TEXT || some == 0 && !large.finished()) {
                    throw new Refused(out.size() > MOST_TEXT ? "it holds more than a document" : "its end is missing");
                }
            }
            return out.toString(StandardCharsets.UTF_8);
        } catch (DataFormatException odd) {
            throw new Refused("some of its letters are missing or others");
        } catch (IllegalArgumentException odd) {
            throw odd instanceof Refused said ? said : new Refused("some of its letters are missing");
        } finally {
            large.end();
        }
    }
}
