package fairacre.server.api;

import fairacre.format.GardenFile;
import fairacre.format.Photo;
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

/** Bodies larger than any garden file or photo are not read, nor such as do not state their length. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class BodyLimitFilter extends OncePerRequestFilter {

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean isPhoto = request.getRequestURI().endsWith("/photo");
        boolean tooLarge = request.getContentLengthLong() > (isPhoto ? Photo.LARGEST : GardenFile.LARGEST);
        boolean unknown = request.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") != null;
        if (tooLarge && isPhoto) {
            SecurityProblems.write(
                    response, 413, "too-large", "This photo is larger than 20 MB.", "Take a smaller one.");
        } else if (tooLarge) {
            SecurityProblems.write(
                    response,
                    413,
                    "too-large",
                    "This is more than a garden file holds (8 MB).",
                    "Choose another file.");
        } else if (unknown) {
            SecurityProblems.write(
                    response, 411, "no-length", "The request does not state its length.", "Send a Content-Length.");
        } else {
            chain.doFilter(request, response);
        }
    }
}
