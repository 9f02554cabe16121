package ironpin.web.recipe;

import ironpin.recipe.RecipeText;
import ironpin.recipe.UnreadableRecipe;
import ironpin.recipe.WrittenRecipe;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.NodeVisitor;

/** Reads a recipe out of whatever was pasted or dropped: schema.org JSON-LD, a page that holds some, or plain text. */
public final class RecipeFile {
    /** Larger than this is no recipe. */
    public static final int MOST_BYTES = 2_000_000;

    private static final Pattern DECLARED = Pattern.compile("(?i)charset\\s*=\\s*[\"']?([A-Za-z0-9_-]{2,20})");
    private static final int HEAD = 2_048;
    private static final Set<String> BLOCKS =
            Set.of("p", "li", "h1", "h2", "h3", "h4", "h5", "div", "tr", "br", "section", "dd", "dt");

    private RecipeFile() {}

    /**
     * A file as it was dropped.
     *
     * @param source its name, kept as a note
     * @throws UnreadableRecipe if there is no recipe in it that can be read
     */
    public static WrittenRecipe read(byte[] bytes, String source) {
        if (bytes.length > MOST_BYTES) {
            throw new UnreadableRecipe("A recipe file has up to 2 MB; this one has " + bytes.length / 1_000 + " kB.");
        }
        return read(decoded(bytes), source);
    }

    /** A text as it was pasted. @throws UnreadableRecipe if there is no recipe in it that can be read */
    public static WrittenRecipe read(String text, String source) {
        String bare = text.strip().replaceFirst("^\\uFEFF", "");
        if (bare.length() > MOST_BYTES) {
            throw new UnreadableRecipe("A recipe has up to 2 MB of text; this has " + bare.length() / 1_000 + " kB.");
        }
        if (bare.startsWith("{") || bare.startsWith("[")) {
            return JsonLdRecipe.read(bare, source)
                    .orElseThrow(() -> new UnreadableRecipe(
                            "This is JSON without a schema.org Recipe in it. Paste the recipe's text instead."));
        }
        if (page(bare)) {
            PageSize.demandReadable(bare);
            return fromPage(Jsoup.parse(bare), source);
        }
        return RecipeText.read(bare, source);
    }

    private static boolean page(String text) {
        String head = text.substring(0, Math.min(HEAD, text.length())).toLowerCase(Locale.ROOT);
        return head.startsWith("<") || head.contains("<html") || head.contains("<script") || head.contains("<body");
    }

    private static WrittenRecipe fromPage(Document page, String source) {
        for (Element script : page.select("script[type*=ld+json]")) {
            Optional<WrittenRecipe> found = JsonLdRecipe.tryRead(script.data(), source);
            if (found.isPresent()) {
                return found.get();
            }
        }
        page.select("script, style, nav, header, footer, form, noscript, template")
                .remove();
        return RecipeText.read(inLines(page.body()), source);
    }

    /** What stands in a block of its own stands on a line of its own; walked through once, however many there are. */
    private static String inLines(Element body) {
        StringBuilder text = new StringBuilder();
        body.traverse(new NodeVisitor() {
            @Override
            public void head(Node node, int depth) {
                if (node instanceof TextNode words) {
                    text.append(words.getWholeText());
                } else if (block(node)) {
                    lineEnds(text);
                }
            }

            @Override
            public void tail(Node node, int depth) {
                if (block(node)) {
                    lineEnds(text);
                }
            }
        });
        return text.toString();
    }

    /** However many blocks end here, one empty line is enough. */
    private static void lineEnds(StringBuilder text) {
        int length = text.length();
        if (length < 2 || text.charAt(length - 1) != '\n' || text.charAt(length - 2) != '\n') {
            text.append('\n');
        }
    }

    private static boolean block(Node node) {
        return BLOCKS.contains(node.nodeName());
    }

    private static String decoded(byte[] bytes) {
        if (bytes.length >= 2 && (bytes[0] & 0xff) == 0xff && (bytes[1] & 0xff) == 0xfe) {
            return strict(bytes, StandardCharsets.UTF_16LE);
        }
        if (bytes.length >= 2 && (bytes[0] & 0xff) == 0xfe && (bytes[1] & 0xff) == 0xff) {
            return strict(bytes, StandardCharsets.UTF_16BE);
        }
        String head = new String(bytes, 0, Math.min(HEAD, bytes.length), StandardCharsets.ISO_8859_1);
        Matcher declared = DECLARED.matcher(head);
        boolean known = declared.find() && Charset.isSupported(declared.group(1));
        return strict(bytes, known ? Charset.forName(declared.group(1)) : StandardCharsets.UTF_8);
    }

    private static String strict(byte[] bytes, Charset charset) {
        try {
            return charset.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException broken) {
            throw new UnreadableRecipe("This file is not text in " + charset.name()
                    + ". Save it as UTF-8 and try again, or paste the recipe's text.");
        }
    }
}
