package ironpin.web.page;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import org.thymeleaf.IEngineConfiguration;
import org.thymeleaf.context.Context;
import org.thymeleaf.exceptions.TemplateProcessingException;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templateresolver.StringTemplateResolver;
import org.thymeleaf.templateresource.ITemplateResource;
import org.thymeleaf.templateresource.StringTemplateResource;

public class KeptPartTest {
    private static final Map<String, String> TEMPLATES = Map.of(
            "page",
            "<th:block th:each=\"one : ${all}\"><i kept:replace=\"~{parts :: row(${one}, ${of})}\"></i></th:block>",
            "parts",
            "<b th:fragment=\"row(one, name)\" th:text=\"${one.said()} + ' of ' + ${name} + (${all} == null ? '' : ' and more')\">-</b>");

    private final SpringTemplateEngine engine = engine();
    private final List<String> written = new ArrayList<>();

    private static SpringTemplateEngine engine() {
        SpringTemplateEngine engine = new SpringTemplateEngine();
        engine.setDialect(new SentenceDialect());
        engine.addDialect(new KeptDialect());
        engine.setTemplateResolver(new StringTemplateResolver() {
            @Override
            protected ITemplateResource computeTemplateResource(
                    IEngineConfiguration configuration, String owner, String template, Map<String, Object> attributes) {
                return new StringTemplateResource(TEMPLATES.get(template));
            }
        });
        return engine;
    }

    /** Says what it says, and writes down that it was asked. */
    private record Row(String text, List<String> written) {
        public String said() {
            written.add(text);
            return text;
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Row row && row.text.equals(text);
        }

        @Override
        public int hashCode() {
            return text.hashCode();
        }
    }

    private record NoRow(String said) {}

    private String page(String of, Object... all) {
        Context context = new Context();
        context.setVariable("all", List.of(all));
        context.setVariable("of", of);
        return engine.process("page", context);
    }

    private Row row(String text) {
        return new Row(text, written);
    }

    /** Equal arguments are written once, over pages; another argument, one of another kind or another order is another text. */
    @Test
    public void whatShowsTheSameIsWrittenOnce() {
        assertEquals(
                page("A", row("salt"), row("oil"), row("salt")), "<b>salt of A</b><b>oil of A</b><b>salt of A</b>");
        assertEquals(page("A", row("oil")), "<b>oil of A</b>");
        assertEquals(written, List.of("salt", "oil"));
        assertEquals(page("B", row("oil")), "<b>oil of B</b>");
        assertEquals(page("A", new NoRow("oil")), "<b>oil of A</b>");
        assertEquals(page(null, row("oil")), "<b>oil of null</b>");
        assertEquals(written, List.of("salt", "oil", "oil", "oil"));
    }

    /** What has no equals of its own would never be found again, or worse, change: it cannot be passed. */
    @Test
    public void onlyValuesArePassed() {
        assertThrows(TemplateProcessingException.class, () -> page("A", new StringBuilder("oil")));
    }
}
