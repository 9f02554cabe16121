package ironpin.web.page;

import ironpin.web.numbers.SaidView;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;
import org.thymeleaf.templateresolver.ITemplateResolver;

/** The template engine, with a dialect that says sentences. */
@Configuration(proxyBeanMethods = false)
class Templates {
    /** Every page leaves by one way, where numbers are written as its cook writes them. */
    @Bean
    static BeanPostProcessor pagesAreSaid() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessBeforeInitialization(Object bean, String name) {
                if (bean instanceof ThymeleafViewResolver views) {
                    views.setViewClass(SaidView.class);
                }
                return bean;
            }
        };
    }

    @Bean
    SpringTemplateEngine templateEngine(ObjectProvider<ITemplateResolver> resolvers) {
        SentenceDialect dialect = new SentenceDialect();
        dialect.setEnableSpringELCompiler(true);
        SpringTemplateEngine engine = new SpringTemplateEngine();
        engine.setDialect(dialect);
        engine.addDialect(new KeptDialect());
        resolvers.orderedStream().forEach(engine::addTemplateResolver);
        return engine;
    }
}
