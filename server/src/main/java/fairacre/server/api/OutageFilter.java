package fairacre.server.api;

import fairacre.server.security.SecurityProblems;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Sessions lie in the database too, and are looked up before any controller is asked: an outage there is answered here.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class OutageFilter extends OncePerRequestFilter {

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException failure) {
            if (!Outages.isOutage(failure) || response.isCommitted()) {
                throw failure;
            }
            response.reset();
            response.setHeader("Retry-After", "2");
            SecurityProblems.write(response, 503, "no-database", Outages.DETAIL, Outages.NEXT);
        }
    }
}
