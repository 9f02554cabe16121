package ironpin.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import ironpin.plan.BatchPlan;
import ironpin.portion.RopePlan;
import ironpin.store.BatchStore;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.testng.annotations.Test;

/** A ruler is true or it is nothing: what is printed is measured by its own numbers. */
public class RulerTest extends OpenKitchen {
    private static final double MM = 72 / 25.4;

    private record Stroke(double x1, double y1, double x2, double y2) {
        double length() {
            return Math.hypot(x2 - x1, y2 - y1);
        }
    }

    private static HttpResponse<byte[]> get(String path) throws IOException, InterruptedException {
        HttpRequest ask = HttpRequest.newBuilder(URI.create(address() + path)).build();
        return HttpClient.newHttpClient().send(ask, HttpResponse.BodyHandlers.ofByteArray());
    }

    private static RopePlan rope() {
        return BatchPlan.of(bean(BatchStore.class).load(4).batch()).lot(1).rope();
    }

    private static List<Stroke> pdf() throws IOException, InterruptedException {
        try (PDDocument document =
                Loader.loadPDF(get("/batches/4/ruler.pdf?lot=1").body())) {
            assertEquals(document.getNumberOfPages(), 1);
            PDPage page = document.getPage(0);
            assertEquals(page.getMediaBox().getWidth() / MM, 297, 0.01);
            assertEquals(page.getMediaBox().getHeight() / MM, 210, 0.01);
            assertEquals(page.getRotation(), 0);
            List<Stroke> strokes = new ArrayList<>();
            List<Double> numbers = new ArrayList<>();
            double x = 0;
            double y = 0;
            for (Object token : new PDFStreamParser(page).parse()) {
                if (token instanceof COSNumber number) {
                    numbers.add((double) number.floatValue());
                } else if (token instanceof Operator operator) {
                    if (operator.getName().equals("cm")) {
                        throw new AssertionError("the page is scaled");
                    }
                    if (operator.getName().equals("l")) {
                        strokes.add(new Stroke(x / MM, y / MM, numbers.get(0) / MM, numbers.get(1) / MM));
                    }
                    if (operator.getName().equals("m")) {
                        x = numbers.get(0);
                        y = numbers.get(1);
                    }
                    numbers.clear();
                }
            }
            return strokes;
        }
    }

    private static List<Stroke> svg() throws IOException, InterruptedException {
        String text = new String(get("/batches/4/ruler.svg?lot=1").body());
        assertTrue(text.contains("width=\"279.0000mm\" height=\"210.0000mm\" viewBox=\"0 0 279.0000 210.0000\""), text);
        List<Stroke> strokes = new ArrayList<>();
        Matcher drawn = Pattern.compile("d=\"M([\\d.]+) ([\\d.]+) L([\\d.]+) ([\\d.]+)\"")
                .matcher(text);
        while (drawn.find()) {
            strokes.add(new Stroke(
                    Double.parseDouble(drawn.group(1)),
                    Double.parseDouble(drawn.group(2)),
                    Double.parseDouble(drawn.group(3)),
                    Double.parseDouble(drawn.group(4))));
        }
        return strokes;
    }

    @Test
    public void theRulerMeasuresTrue() throws IOException, InterruptedException {
        for (List<Stroke> strokes : List.of(pdf(), svg())) {
            assertEquals(strokes.get(0).length(), 100, 0.01, "the check bar");
            List<Stroke> marks = strokes.stream()
                    .filter(one -> one.x1() == one.x2() && Math.abs(one.length() - 14) < 0.01)
                    .toList();
            double cut = rope().cut().millimetres();
            int pieces = 0;
            for (int i = 1; i < marks.size(); i++) {
                if (marks.get(i).y1() == marks.get(i - 1).y1()) {
                    assertEquals(marks.get(i).x1() - marks.get(i - 1).x1(), cut, 0.01);
                    pieces++;
                }
                assertTrue(marks.get(i).x1() <= 287.01);
            }
            assertEquals(pieces, rope().longest());
        }
    }

    @Test
    public void aLotThatIsNotThereHasNoRuler() throws IOException, InterruptedException {
        assertEquals(get("/batches/4/ruler.pdf?lot=9").statusCode(), 404);
    }
}
