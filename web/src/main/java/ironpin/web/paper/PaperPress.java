package ironpin.web.paper;

import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import ironpin.web.numbers.SaidView;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
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
    /** Fonts by the letters that want them: the large ones are opened only where one of theirs is printed. */
    private static final Map<String, Pattern> FONTS = Map.of(
            "noto-sans", Pattern.compile(""),
            "noto-sans-georgian", Pattern.compile("\\p{IsGeorgian}"),
            "noto-sans-hebrew", Pattern.compile("\\p{IsHebrew}"),
            "noto-sans-sc", Pattern.compile("\\p{IsHan}|\\p{IsHiragana}|\\p{IsKatakana}"),
            "noto-sans-kr", Pattern.compile("\\p{IsHangul}"));

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
        PdfRendererBuilder press = new PdfRendererBuilder();
        press.withW3cDocument(new W3CDom().fromJsoup(Jsoup.parse(html)), "");
        FONTS.forEach((family, letters) -> {
            if (letters.matcher(html).find()) {
                press.useFont(() -> PaperPress.class.getResourceAsStream("/fonts/" + family + ".ttf"), family);
            }
        });
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        press.toStream(out);
        press.run();
        return out.toByteArray();
    }
}
