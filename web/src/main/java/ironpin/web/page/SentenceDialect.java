package ironpin.web.page;

import ironpin.quantity.Sentence;
import ironpin.quantity.UnitSystem;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.spring6.dialect.SpringStandardDialect;
import org.thymeleaf.standard.expression.IStandardVariableExpression;
import org.thymeleaf.standard.expression.IStandardVariableExpressionEvaluator;
import org.thymeleaf.standard.expression.StandardExpressionExecutionContext;

/** The one place where a page's sentences become text: an expression that comes to a sentence is said in the reader's units. */
class SentenceDialect extends SpringStandardDialect {
    private static final String UNITS = SentenceDialect.class.getName() + ".units";

    @Override
    public IStandardVariableExpressionEvaluator getVariableExpressionEvaluator() {
        return new Saying(super.getVariableExpressionEvaluator());
    }

    private record Saying(IStandardVariableExpressionEvaluator plain) implements IStandardVariableExpressionEvaluator {
        @Override
        public Object evaluate(
                IExpressionContext context,
                IStandardVariableExpression expression,
                StandardExpressionExecutionContext execution) {
            Object value = plain.evaluate(context, expression, execution);
            return value instanceof Sentence sentence ? sentence.render(units()) : value;
        }
    }

    /** Asked of the request once, however many sentences its page has. */
    static UnitSystem units() {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request)) {
            return UnitSystem.METRIC;
        }
        Object known = request.getAttribute(UNITS, RequestAttributes.SCOPE_REQUEST);
        if (known instanceof UnitSystem units) {
            return units;
        }
        UnitSystem units = Units.of(request.getRequest());
        request.setAttribute(UNITS, units, RequestAttributes.SCOPE_REQUEST);
        return units;
    }
}
