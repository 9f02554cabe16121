package ironpin.web.paper;

import com.openhtmltopdf.pdfboxout.PDFontSupplier;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import ironpin.web.numbers.SaidView;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.jsoup.Jsoup;
import org.jsoup.helper.W3CDom;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/** Prints a template: written like every page, in its reader's units and numbers, and set on paper, in black. */
@Component
public class PaperPress {
    private final ThymeleafViewResolver views;

    PaperPress(ThymeleafViewResolver views) {
        this.views = views;
        XRLog.setLoggingEnabled(false);
    }

    /** @param template below templates/paper @param name of the file, without its ending */
    public ResponseEntity<byte[]> print(
            String template, String name, Model model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        model.addAttribute("paper", Paper.of(request));
        SaidView view = (SaidView) views.resolveViewName("paper/" + template, Locale.ENGLISH);
        String page = view.said(model.asMap(), request, response);
        response.reset();
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + ".pdf\"")
                .body(set(page));
    }

    private static byte[] set(String html) throws IOException {
        Set<Face> faces = EnumSet.noneOf(Face.class);
        for (Face face : Face.values()) {
            if (face.isAskedForBy(html)) {
                faces.add(face);
            }
        }
        if (faces.contains(Face.DEVANAGARI)) {
            // One font, and one name for it in the styles.
            faces.remove(Face.LATIN);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument document = new PDDocument()) {
            PdfRendererBuilder press = new PdfRendererBuilder();
            press.usePDDocument(document);
            press.withW3cDocument(new W3CDom().fromJsoup(Jsoup.parse(html)), "");
            for (Face face : faces) {
                press.useFont(new PDFontSupplier(face.open(document)), face.family());
            }
            press.toStream(out);
            press.run();
        }
        return out.toByteArray();
    }
}
