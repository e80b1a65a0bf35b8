package fairacre.server.api;

import fairacre.format.Fault;
import fairacre.format.FaultyFileException;
import fairacre.format.Pointers;
import fairacre.limits.Refusal;
import fairacre.limits.RefusedException;
import fairacre.limits.StoppedException;
import fairacre.server.garden.ConflictException;
import fairacre.server.garden.NoSuchGardenException;
import fairacre.server.garden.StaleRevisionException;
import fairacre.server.garden.TooLongException;
import fairacre.server.job.NoSuchJobException;
import fairacre.server.job.TooManyJobsException;
import fairacre.server.security.SignInBusyException;
import fairacre.server.security.TooManyAccountsException;
import fairacre.server.security.TooManyAttemptsException;
import java.net.URI;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.ServletWebRequest;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;

/** Every failure as a problem that names the field, the reason and what to do next. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {

    private static final long SECONDS_PER_MINUTE = 60;
    /** Seconds after which there may be room again. */
    private static final long SOON = 5;

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(RefusedException refused, WebRequest request) {
        return ResponseEntity.status(statusOfARefusal(request)).body(refusal(refused.refusal()));
    }

    /**
     * That an edit would be refused is an answer to the question what it would lead to: browsers write every other
     * status in their console, with each move of a pointer.
     */
    private static HttpStatus statusOfARefusal(WebRequest request) {
        boolean preview = request instanceof ServletWebRequest asked
                && asked.getRequest().getRequestURI().endsWith("/previews");
        return preview ? HttpStatus.OK : HttpStatus.UNPROCESSABLE_CONTENT;
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> faulty(FaultyFileException faulty) {
        ProblemDetail problem = problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "faulty-file",
                "The file can't be read as a garden.",
                "Correct the places named and try again.");
        problem.setProperty("faults", faulty.faults());
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> nothingThere(NoSuchGardenException nothing) {
        return answer(problem(
                HttpStatus.NOT_FOUND, "not-found", "There is no such garden.", "Look at your list of gardens."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> noSuchJob(NoSuchJobException nothing) {
        return answer(problem(HttpStatus.NOT_FOUND, "not-found", "There is no such job of yours.", "Ask for it anew."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooManyJobs(TooManyJobsException tooMany) {
        return answer(problem(
                HttpStatus.TOO_MANY_REQUESTS,
                "too-busy",
                "Too much that takes long is asked for at once from this account.",
                "Stop something of it, or wait until it is done."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> notAllowed(NotAllowedException notAllowed) {
        String may = switch (notAllowed.role()) {
            case READER -> "You may look at this garden, not change it.";
            case HELPER -> "You may tick off in this garden what is done, not change it.";
            default -> "Only its owner may do that with this garden.";
        };
        return answer(problem(HttpStatus.FORBIDDEN, "not-allowed", may, "Ask its owner."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> stale(StaleRevisionException stale) {
        ProblemDetail problem = problem(
                HttpStatus.CONFLICT,
                "stale",
                "The garden has been changed elsewhere meanwhile.",
                "Look at the newest state and make the edit again.");
        problem.setProperty("current", GardenView.of(stale.current()));
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> conflict(ConflictException conflict) {
        ProblemDetail problem = problem(
                HttpStatus.CONFLICT,
                "conflict",
                "The same was changed elsewhere meanwhile: " + String.join(", ", conflict.fields()) + ".",
                "Keep what is there now, or make your edit all the same.");
        problem.setProperty("current", GardenView.of(conflict.current()));
        problem.setProperty("fields", conflict.fields());
        return answer(problem);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooMany(TooManyAttemptsException tooMany) {
        // Up to the next second.
        long seconds = tooMany.retryAfter().toSeconds() + 1;
        ProblemDetail problem = problem(
                HttpStatus.TOO_MANY_REQUESTS,
                "too-many-attempts",
                "Signing in has failed too often.",
                "Wait " + duration(seconds) + " and try again.");
        return later(problem, seconds);
    }

    /** In seconds, or up to the next minute. */
    private static String duration(long seconds) {
        return seconds < 2 * SECONDS_PER_MINUTE
                ? seconds + " seconds"
                : (seconds + SECONDS_PER_MINUTE - 1) / SECONDS_PER_MINUTE + " minutes";
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooManyAccounts(TooManyAccountsException tooMany) {
        return answer(problem(
                HttpStatus.TOO_MANY_REQUESTS,
                "too-many-attempts",
                tooMany.isOfGuests()
                        ? "Too many people look round just now."
                        : "Too many accounts were made from here within an hour.",
                tooMany.isOfGuests() ? "Try again in an hour, or sign up." : "Try again in an hour."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> signInBusy(SignInBusyException busy) {
        ProblemDetail problem = problem(
                HttpStatus.TOO_MANY_REQUESTS,
                "too-busy",
                "Many people are signing in just now.",
                "Try again in some seconds.");
        return later(problem, SOON);
    }

    /** Not an outage: the browser doesn't ask again by itself. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooLong(TooLongException tooLong) {
        return answer(problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "too-long",
                "This garden takes longer than " + tooLong.longest().toSeconds() + " seconds to judge in full.",
                "The quick judgement stands; judge the garden's file with ./fairacre appraise for the remedies."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> stopped(StoppedException stopped) {
        return answer(problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "too-long",
                "This takes too long for so large a garden.",
                "It is quicker with fewer beds, people and things to move, or for one of them alone."));
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> tooBusy(TooBusyException tooBusy) {
        ProblemDetail problem = problem(
                HttpStatus.TOO_MANY_REQUESTS,
                "too-busy",
                "Too much is asked for at once from this account.",
                "Wait until something of it is done and try again.");
        return later(problem, SOON);
    }

    /** The database is away or gave up: the browser keeps the edit and tries again. */
    @ExceptionHandler({
        DataAccessException.class,
        TransactionException.class,
        org.jooq.exception.DataAccessException.class
    })
    ResponseEntity<ProblemDetail> noDatabase(RuntimeException failure) {
        if (!Outages.isOutage(failure)) {
            throw failure;
        }
        return ResponseEntity.status(HttpStatus.SERVICE_UNAVAILABLE)
                .header(HttpHeaders.RETRY_AFTER, "2")
                .body(problem(HttpStatus.SERVICE_UNAVAILABLE, "no-database", Outages.DETAIL, Outages.NEXT));
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        if (unreadable.getCause() instanceof JacksonException json) {
            Fault fault = Pointers.fault(json);
            String field = fault.pointer().startsWith("/") ? fault.pointer().substring(1) : fault.pointer();
            return new ResponseEntity<>(
                    refusal(new Refusal(field, fault.wrong(), fault.right())), statusOfARefusal(request));
        }
        return new ResponseEntity<>(
                refusal(new Refusal("", "the request has no readable body", "send JSON")), statusOfARefusal(request));
    }

    private static ProblemDetail refusal(Refusal refusal) {
        ProblemDetail problem =
                problem(HttpStatus.UNPROCESSABLE_CONTENT, "refused", refusal.sentence(), refusal.next());
        problem.setProperty("field", refusal.field());
        problem.setProperty("reason", refusal.reason());
        return problem;
    }

    private static ProblemDetail problem(HttpStatus status, String type, String detail, String next) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
        problem.setType(URI.create("urn:fairacre:" + type));
        problem.setProperty("next", next);
        return problem;
    }

    /** @param seconds after which it may go through */
    private static ResponseEntity<ProblemDetail> later(ProblemDetail problem, long seconds) {
        return ResponseEntity.status(problem.getStatus())
                .header(HttpHeaders.RETRY_AFTER, String.valueOf(seconds))
                .body(problem);
    }

    private static ResponseEntity<ProblemDetail> answer(ProblemDetail problem) {
        return ResponseEntity.status(problem.getStatus()).body(problem);
    }
}
