package ironpin.web.page;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templateresolver.ITemplateResolver;

/** The template engine, with a dialect that says sentences. */
@Configuration(proxyBeanMethods = false)
class Templates {
    @Bean
    SpringTemplateEngine templateEngine(ObjectProvider<ITemplateResolver> resolvers) {
        SentenceDialect dialect = new SentenceDialect();
        dialect.setEnableSpringELCompiler(true);
        SpringTemplateEngine engine = new SpringTemplateEngine();
        engine.setDialect(dialect);
        resolvers.orderedStream().forEach(engine::addTemplateResolver);
        return engine;
    }
}
