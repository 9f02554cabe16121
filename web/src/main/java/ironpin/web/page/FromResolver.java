package ironpin.web.page;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;

/** Reads {@link From} from what every form of a batch page takes along ({@code #from}), and from its headers. */
class FromResolver implements HandlerMethodArgumentResolver {
    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == From.class;
    }

    @Override
    public From resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer container,
            NativeWebRequest request,
            WebDataBinderFactory binders) {
        String page = Optional.ofNullable(request.getHeader("X-Page")).orElse("");
        return new From(
                Optional.ofNullable(request.getParameter("place")).orElse("table"),
                number(request.getParameter("lot")),
                number(request.getParameter("who")) - 1,
                page.matches("[a-z0-9]{1,40}") ? page : "",
                "true".equals(request.getHeader("HX-Request")),
                number(request.getParameter("revision")),
                Units.of(request.getNativeRequest(HttpServletRequest.class)));
    }

    private static int number(String text) {
        return text != null && text.matches("\\d{1,6}") ? Integer.parseInt(text) : 0;
    }
}
