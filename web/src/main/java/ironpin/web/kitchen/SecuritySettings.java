package ironpin.web.kitchen;

import org.springframework.beans.factory.support.BeanDefinitionRegistryPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;

/** No log-in: one household, one machine. But every change carries a token, and nothing runs that we did not ship. */
@Configuration
class SecuritySettings {
    private static final String CONTENT_POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; "
            + "img-src 'self' data:; font-src 'self'; connect-src 'self'; media-src blob:; worker-src 'self'; manifest-src 'self'; form-action 'self'; base-uri 'none'; "
            + "frame-ancestors 'none'";

    @Bean
    SecurityFilterChain filters(HttpSecurity http) throws Exception {
        PathPatternRequestMatcher.Builder path = PathPatternRequestMatcher.withDefaults();
        return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(csrf -> csrf.csrfTokenRepository(tokens())
                        .csrfTokenRequestHandler(new CsrfTokenRequestAttributeHandler())
                        // Calculators change nothing, and a script beside a scale is no page: they need no token.
                        .ignoringRequestMatchers(
                                path.matcher(HttpMethod.POST, "/api/v1/calculate/**"),
                                path.matcher(HttpMethod.POST, "/api/v1/scale/readings"),
                                path.matcher(HttpMethod.POST, "/api/v1/probe/readings")))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER)))
                .build();
    }

    /** The token stands in its cookie alone, and a form takes it along when it is sent (early.js): Thymeleaf adds none to each form. */
    @Bean
    static BeanDefinitionRegistryPostProcessor noTokenInForms() {
        return registry -> registry.removeBeanDefinition("requestDataValueProcessor");
    }

    /** A page from elsewhere never sends the token along. */
    private static CookieCsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        // Also behind the enciphered door, or the plain one of the same address could not set its own any more.
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict").secure(false));
        return tokens;
    }

    /** Nobody logs in; without this, one account with a made-up password would be created and announced. */
    @Bean
    UserDetailsService nobody() {
        return new InMemoryUserDetailsManager();
    }
}
