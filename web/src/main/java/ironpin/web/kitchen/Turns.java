package ironpin.web.kitchen;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * No more answers are worked out at once than the machine has cores; the others wait their turn, in order. Fifty at once take
 * longer together than one after the other (they queue for the template engine's locks at every attribute), and each needs
 * room for a whole page.
 */
@Component
class Turns implements HandlerInterceptor, WebMvcConfigurer {
    private static final int FEWEST = 2;
    private static final long LONGEST_WAIT_SECONDS = 30;

    private final Semaphore turns =
            new Semaphore(Math.max(FEWEST, Runtime.getRuntime().availableProcessors()), true);

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).excludePathPatterns("/assets/**", "/stream");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws InterruptedException, IOException {
        // A form is read to its end first: whoever stops in the middle of sending one keeps nobody's turn.
        if (request.getDispatcherType() == DispatcherType.REQUEST) {
            request.getParameterMap();
        }
        if (!turns.tryAcquire(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
            TryLater.say(response, "Too many are asking at once. Try again in a moment.");
            return false;
        }
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, Exception problem) {
        turns.release();
    }
}
