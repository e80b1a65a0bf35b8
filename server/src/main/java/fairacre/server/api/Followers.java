package fairacre.server.api;

import fairacre.server.garden.GardenService;
import fairacre.server.garden.HistoryEntry;
import java.io.IOException;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Windows that follow a garden: each is told, as a server-sent event, when the garden has come further, and by which
 * edits. Every node asks the database once a second how far the gardens are that its windows follow, so it doesn't
 * matter on which node an edit was made.
 */
@Component
class Followers implements SmartLifecycle {

    /** Then the browser asks again by itself, and whether it still may is looked at anew. */
    private static final Duration LONGEST = Duration.ofMinutes(10);

    private static final Duration LOOK_EVERY = Duration.ofSeconds(1);
    /** A window that is gone is noticed when it is written to. */
    private static final int LOOKS_BETWEEN_SIGNS = 15;
    /** Windows of one account; with more of them the oldest is let go. */
    private static final int MOST = 12;
    /** Edits that are told at once. */
    private static final int MOST_EDITS = 5;

    private static final Logger LOG = LoggerFactory.getLogger(Followers.class);

    private final GardenService gardens;
    private final Set<Follower> followers = ConcurrentHashMap.newKeySet();
    private ScheduledExecutorService clock;
    private Future<?> looking;
    private ExecutorService writers;
    private int looks;

    Followers(GardenService gardens) {
        this.gardens = gardens;
    }

    /**
     * That a garden has come further.
     *
     * @param edits that led there, the newest first; not all if there are many
     */
    record News(long revision, List<HistoryEntry> edits) {}

    /** A window; it is written to by one thread at a time. */
    private static final class Follower {

        private final Owner owner;
        private final UUID garden;
        private final long began = System.nanoTime();
        private final SseEmitter window = new SseEmitter(LONGEST.toMillis());
        private volatile long revision;

        Follower(Owner owner, UUID garden, long revision) {
            this.owner = owner;
            this.garden = garden;
            this.revision = revision;
        }
    }

    /** @param since the revision that the window has */
    SseEmitter follow(Owner owner, UUID garden, long since) {
        gardens.version(owner.id(), garden);
        Follower follower = new Follower(owner, garden, since);
        follower.window.onCompletion(() -> followers.remove(follower));
        follower.window.onTimeout(follower.window::complete);
        follower.window.onError(failure -> followers.remove(follower));
        followers.add(follower);
        followers.stream()
                .filter(each -> each.owner.account().equals(owner.account()))
                .sorted(Comparator.comparing((Follower each) -> each.began).reversed())
                .skip(MOST)
                .forEach(each -> each.window.complete());
        sign(follower);
        return follower.window;
    }

    private void look() {
        try {
            boolean signs = ++looks % LOOKS_BETWEEN_SIGNS == 0;
            Map<UUID, Long> revisions = followers.isEmpty()
                    ? Map.of()
                    : gardens.revisions(
                            followers.stream().map(each -> each.garden).collect(Collectors.toSet()));
            for (Follower follower : followers) {
                Long revision = revisions.get(follower.garden);
                if (revision == null) {
                    follower.window.complete();
                } else if (revision > follower.revision) {
                    writers.execute(() -> tellIfItCan(follower, revision));
                } else if (signs) {
                    writers.execute(() -> sign(follower));
                }
            }
        } catch (RuntimeException away) {
            LOG.debug("windows are told later", away);
        }
    }

    /** Where the database is away, the window is told at the next look. */
    private void tellIfItCan(Follower follower, long revision) {
        try {
            tell(follower, revision);
        } catch (RuntimeException away) {
            LOG.debug("a window is told later", away);
        }
    }

    private void tell(Follower follower, long revision) {
        synchronized (follower) {
            if (revision > follower.revision) {
                List<HistoryEntry> edits = gardens.since(follower.owner.id(), follower.garden, follower.revision);
                News news = new News(revision, edits.stream().limit(MOST_EDITS).toList());
                write(
                        follower,
                        SseEmitter.event()
                                .id(String.valueOf(revision))
                                .name("edited")
                                .data(news));
                follower.revision = revision;
            }
        }
    }

    private void sign(Follower follower) {
        synchronized (follower) {
            write(follower, SseEmitter.event().comment("still here"));
        }
    }

    private void write(Follower follower, SseEmitter.SseEventBuilder event) {
        try {
            follower.window.send(event);
        } catch (IOException | IllegalStateException gone) {
            followers.remove(follower);
        }
    }

    @Override
    public void start() {
        clock = Executors.newSingleThreadScheduledExecutor();
        writers = Executors.newCachedThreadPool();
        looking = clock.scheduleWithFixedDelay(
                this::look, LOOK_EVERY.toMillis(), LOOK_EVERY.toMillis(), TimeUnit.MILLISECONDS);
    }

    /** Lets the windows go, which come again by themselves; the server would wait for them. */
    @Override
    public void stop() {
        looking.cancel(false);
        clock.shutdown();
        writers.shutdown();
        followers.forEach(follower -> follower.window.complete());
        looking = null;
    }

    @Override
    public boolean isRunning() {
        return looking != null;
    }

    /** Stops before the server does. */
    @Override
    public int getPhase() {
        return Integer.MAX_VALUE;
    }
}
