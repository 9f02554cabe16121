package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.w3c.dom.Document;

/** Whatever is printed holds what its page says, fits the paper of the house, and can be read in black and white. */
public class PapersTest extends OpenKitchen {
    private static final double MM = 72 / 25.4;

    @DataProvider
    public Object[][] papers() {
        return new Object[][] {
            {"sheet", "Cold-water dough", "In the whole supper"},
            {"card", "at the stove", "At least 71 °C in the middle, by a probe"},
            {"day", "Lantern-night supper: Juniper", "Lantern-night supper: Moss"},
            {"shopping/list", "Shopping for Lantern-night supper", "1,000 g"},
        };
    }

    private static byte[] pdf(String path, String language) throws IOException, InterruptedException {
        HttpRequest ask = HttpRequest.newBuilder(URI.create(address() + path))
                .header("Accept-Language", language)
                .build();
        HttpResponse<byte[]> answer = HttpClient.newHttpClient().send(ask, HttpResponse.BodyHandlers.ofByteArray());
        assertEquals(answer.headers().firstValue("Content-Type").orElse(""), "application/pdf");
        return answer.body();
    }

    @Test(dataProvider = "papers")
    public void aPaperHoldsWhatItsPageSays(String paper, String first, String last)
            throws IOException, InterruptedException {
        try (PDDocument a4 = Loader.loadPDF(pdf("/batches/4/" + paper + ".pdf", "en-GB"));
                PDDocument letter = Loader.loadPDF(pdf("/batches/4/" + paper + ".pdf", "en-US"));
                PDDocument comma = Loader.loadPDF(pdf("/batches/4/" + paper + ".pdf", "de-DE"))) {
            String text = new PDFTextStripper().getText(a4).replaceAll("\\s+", " ");
            assertTrue(text.contains(first) && text.contains(last), text);
            assertEquals(a4.getPage(0).getMediaBox().getHeight() / MM, 297, 0.1);
            assertEquals(letter.getPage(0).getMediaBox().getHeight() / MM, 279.4, 0.1);
            String other = new PDFTextStripper().getText(comma);
            assertTrue(!other.matches("(?s).*\\d\\.\\d g.*"), other);
            black(new PDFRenderer(a4).renderImageWithDPI(0, 50));
        }
    }

    /** A picture is a file that any program draws: whole in itself, as large as it was looked at, in the colours it had. */
    @Test
    public void thePicturesOfAPageAreFilesOfTheirOwn() throws Exception {
        try (BrowserContext device = device(1280, 800)) {
            Page page = page(device);
            List<Download> saved = new CopyOnWriteArrayList<>();
            page.onDownload(saved::add);
            page.navigate("/batches/4/dough");
            String ink = (String) page.evaluate("() => getComputedStyle(document.querySelector('main svg text')).fill");
            page.locator("details.more summary").click();
            page.getByText("Save this page's pictures (SVG)").click();
            page.waitForCondition(() -> saved.size() >= 3);
            for (Download one : saved) {
                Document svg = DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(one.path().toFile());
                assertEquals(svg.getDocumentElement().getTagName(), "svg");
                assertTrue(Integer.parseInt(svg.getDocumentElement().getAttribute("width")) > 60);
                String text = Files.readString(one.path());
                assertTrue(!text.contains("class=") && text.contains("fill:"), one.suggestedFilename());
            }
            assertTrue(Files.readString(saved.get(1).path()).contains("fill: " + ink), "the letters' colour");
        }
    }

    /** Nothing on it is of a colour that a copier would lose. */
    private static void black(BufferedImage page) {
        int ink = 0;
        for (int y = 0; y < page.getHeight(); y++) {
            for (int x = 0; x < page.getWidth(); x++) {
                int rgb = page.getRGB(x, y);
                int red = rgb >> 16 & 255;
                int green = rgb >> 8 & 255;
                int blue = rgb & 255;
                assertTrue(Math.abs(red - green) < 4 && Math.abs(green - blue) < 4, "a colour at " + x + ", " + y);
                ink += red < 128 ? 1 : 0;
            }
        }
        assertTrue(ink > 200, "nothing is on it");
    }
}
