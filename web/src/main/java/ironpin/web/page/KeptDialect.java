package ironpin.web.page;

import java.util.Set;
import org.thymeleaf.dialect.AbstractProcessorDialect;
import org.thymeleaf.processor.IProcessor;

/** {@code kept:replace} in a template: as {@code th:replace}, with a text that is kept by what it shows. */
class KeptDialect extends AbstractProcessorDialect {
    private static final String PREFIX = "kept";
    private static final int PRECEDENCE = 100;

    KeptDialect() {
        super("Kept parts", PREFIX, PRECEDENCE);
    }

    @Override
    public Set<IProcessor> getProcessors(String dialectPrefix) {
        return Set.of(new KeptPart(dialectPrefix, PRECEDENCE));
    }
}
