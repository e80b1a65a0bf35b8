package fairacre.server.security;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** Answers of the security filters as problem+json, in the same form as the API's own. */
public final class SecurityProblems {

    private SecurityProblems() {}

    static void notSignedIn(HttpServletResponse response) throws IOException {
        write(response, 401, "not-signed-in", "You are not signed in, or not any more.", "Sign in.");
    }

    static void denied(HttpServletResponse response) throws IOException {
        write(response, 403, "not-allowed", "This request did not come from Fair Acre's own page.", "Reload the page.");
    }

    /** A problem with constant words; none of them needs escaping. */
    public static void write(HttpServletResponse response, int status, String type, String detail, String next)
            throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter()
                .write("{\"type\":\"urn:fairacre:" + type + "\",\"status\":" + status + ",\"detail\":\"" + detail
                        + "\",\"next\":\"" + next + "\"}");
    }
}
