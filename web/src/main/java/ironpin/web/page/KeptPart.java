package ironpin.web.page;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import ironpin.quantity.UnitSystem;
import ironpin.web.picture.Drawings;
import ironpin.web.picture.Say;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.thymeleaf.context.EngineContext;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.engine.AttributeName;
import org.thymeleaf.engine.TemplateModel;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.processor.element.AbstractAttributeTagProcessor;
import org.thymeleaf.processor.element.IElementTagStructureHandler;
import org.thymeleaf.standard.expression.Fragment;
import org.thymeleaf.standard.expression.FragmentExpression;
import org.thymeleaf.standard.expression.FragmentExpression.ExecutedFragmentExpression;
import org.thymeleaf.standard.expression.FragmentSignature;
import org.thymeleaf.standard.expression.FragmentSignatureUtils;
import org.thymeleaf.standard.expression.StandardExpressions;
import org.thymeleaf.templatemode.TemplateMode;

/**
 * A part of a page whose text follows from its arguments and the reader's units, and from nothing else: besides words and drawings
 * nothing else is there while it is written, so a part that asks for more is wrong the first time it is seen. Equal arguments give the
 * text again, so what is passed is a value with equals: a record of what is shown, never the whole screen.
 */
final class KeptPart extends AbstractAttributeTagProcessor {
    /** Some fifty pages' worth, if nothing on them were the same. */
    private static final long MOST_CHARACTERS = 4_000_000;

    private static final Set<Class<?>> SAID = Set.of(String.class, Boolean.class, Integer.class, Long.class);

    /** Words and drawings are the same for everybody. */
    private static final Drawings DRAW = new Drawings();

    private record Asked(String template, String fragment, List<Object> arguments, UnitSystem units) {}

    private final Cache<Asked, String> texts = Caffeine.newBuilder()
            .maximumWeight(MOST_CHARACTERS)
            .weigher((Asked asked, String text) -> text.length())
            .build();

    KeptPart(String prefix, int precedence) {
        super(TemplateMode.HTML, prefix, null, false, "replace", true, precedence, true);
    }

    @Override
    protected void doProcess(
            ITemplateContext context,
            IProcessableElementTag tag,
            AttributeName name,
            String value,
            IElementTagStructureHandler structure) {
        FragmentExpression expression =
                (FragmentExpression) StandardExpressions.getExpressionParser(context.getConfiguration())
                        .parseExpression(context, value);
        ExecutedFragmentExpression part = FragmentExpression.createExecutedFragmentExpression(context, expression);
        Asked asked = new Asked(
                Objects.requireNonNull(
                                part.getTemplateNameExpressionResult(), "a kept part is called with its template")
                        .toString(),
                String.valueOf(part.getFragmentSelectorExpressionResult()),
                values(part),
                SentenceDialect.units());
        String text = texts.getIfPresent(asked);
        if (text == null) {
            text = written(context, part);
            texts.put(asked, text);
        }
        structure.replaceWith(text, false);
    }

    private static List<Object> values(ExecutedFragmentExpression part) {
        List<Object> values = new ArrayList<>(part.getFragmentParameters().values());
        values.forEach(KeptPart::demandValue);
        return values;
    }

    private static void demandValue(Object value) {
        if (value instanceof List<?> all) {
            all.forEach(KeptPart::demandValue);
        } else if (!(value == null
                || value instanceof Record
                || value instanceof Enum
                || SAID.contains(value.getClass()))) {
            throw new IllegalArgumentException("a part is kept by what it shows, not by a " + value.getClass());
        }
    }

    private static String written(ITemplateContext page, ExecutedFragmentExpression part) {
        Fragment fragment = FragmentExpression.resolveExecutedFragmentExpression(page, part, true);
        TemplateModel template = fragment.getTemplateModel();
        Map<String, Object> there = named(page, template, fragment);
        there.put("say", Say.WORDS);
        there.put("draw", DRAW);
        EngineContext own =
                new EngineContext(page.getConfiguration(), template.getTemplateData(), null, page.getLocale(), there);
        StringWriter text = new StringWriter();
        page.getConfiguration().getTemplateManager().process(template, own, text);
        return text.toString();
    }

    /** The arguments by the names that the fragment's signature gives them. */
    private static Map<String, Object> named(ITemplateContext page, TemplateModel template, Fragment fragment) {
        // The first event of a template is its start; the fragment's own element stands behind it.
        IProcessableElementTag first = (IProcessableElementTag) template.get(1);
        String signed = first.getAttributeValue("th", "fragment");
        FragmentSignature signature = FragmentSignatureUtils.parseFragmentSignature(page.getConfiguration(), signed);
        return new HashMap<>(FragmentSignatureUtils.processParameters(
                signature, fragment.getParameters(), fragment.hasSyntheticParameters()));
    }
}
