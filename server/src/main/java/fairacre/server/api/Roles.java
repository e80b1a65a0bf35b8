package fairacre.server.api;

import fairacre.server.garden.MemberService;
import fairacre.server.garden.NoSuchGardenException;
import fairacre.server.store.MemberStore.Access;
import fairacre.server.store.Role;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.UUID;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpMethod;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;

/**
 * Looks who asks for something of a garden and whether their role is enough, before anything is done. A garden that
 * somebody has no part in is not there for them.
 */
final class Roles implements HandlerInterceptor, HandlerMethodArgumentResolver {

    private static final String OWNER = Owner.class.getName();

    private final MemberService members;

    Roles(MemberService members) {
        this.members = members;
    }

    /** The role that an endpoint of a garden needs. */
    static Role needed(HandlerMethod endpoint, String method) {
        Needs needs = endpoint.getMethodAnnotation(Needs.class);
        if (needs != null) {
            return needs.value();
        }
        return HttpMethod.GET.matches(method) || HttpMethod.HEAD.matches(method) ? Role.READER : Role.OWNER;
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (request.getUserPrincipal() == null || !(handler instanceof HandlerMethod endpoint)) {
            return true;
        }
        UUID account = UUID.fromString(request.getUserPrincipal().getName());
        Owner owner = new Owner(account, account);
        if (request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> variables
                && variables.get("garden") instanceof String garden) {
            Access access = access(account, garden);
            if (!access.role().includes(needed(endpoint, request.getMethod()))) {
                throw new NotAllowedException(access.role());
            }
            owner = new Owner(access.owner(), account);
        }
        request.setAttribute(OWNER, owner);
        return true;
    }

    private Access access(UUID account, String garden) {
        try {
            return members.access(account, UUID.fromString(garden)).orElseThrow(NoSuchGardenException::new);
        } catch (IllegalArgumentException noId) {
            throw new NoSuchGardenException();
        }
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Owner.class;
    }

    @Override
    public Object resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer container,
            NativeWebRequest request,
            WebDataBinderFactory binders) {
        return request.getAttribute(OWNER, NativeWebRequest.SCOPE_REQUEST);
    }
}
