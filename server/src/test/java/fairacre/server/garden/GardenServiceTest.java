package fairacre.server.garden;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import fairacre.appraisal.AppraisalReport;
import fairacre.appraisal.BedAppraisal;
import fairacre.bill.BillPart;
import fairacre.ledger.Paid;
import fairacre.limits.RefusedException;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.server.store.ChangeLog;
import fairacre.server.store.GardenStore;
import fairacre.server.store.GardenStore.Version;
import fairacre.server.store.HoldingStore;
import fairacre.server.store.JournalStore;
import fairacre.server.store.ReceiptStore;
import fairacre.server.store.StoredGarden;
import fairacre.testing.Gardens;
import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicLong;
import org.joda.money.Money;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.mockito.junit.jupiter.MockitoSettings;
import org.mockito.quality.Strictness;

@ExtendWith(MockitoExtension.class)
@MockitoSettings(strictness = Strictness.LENIENT)
class GardenServiceTest {

    private static final UUID OWNER = UUID.randomUUID();
    private static final Plan PLAN = Gardens.generated(3, 1);
    private static final UUID GARDEN = PLAN.id();
    private static final Change RENAME = new Change.RenameBed(PLAN.beds().get(0).id(), "Chard");

    @Mock
    private GardenStore store;

    @Mock
    private ChangeLog log;

    @Mock
    private ReceiptStore receipts;

    @Mock
    private JournalStore journal;

    private GardenService service;

    @BeforeEach
    void stored() {
        service = new GardenService(
                store,
                log,
                receipts,
                journal,
                Clock.systemUTC(),
                new Failures(new SimpleMeterRegistry()),
                new Allowance(mock(HoldingStore.class), 1, 0, 1, 0),
                Duration.ofMinutes(5));
        StoredGarden stored = new StoredGarden(5, PLAN, Optional.empty(), Optional.empty());
        when(store.lock(OWNER, GARDEN)).thenReturn(Optional.of(stored));
        when(store.find(OWNER, GARDEN)).thenReturn(Optional.of(stored));
        when(store.version(OWNER, GARDEN)).thenReturn(Optional.of(new Version(5, GARDEN, 0)));
    }

    @Test
    void anEditIsKeptAndLoggedWithItsInverse() {
        service.change(OWNER, OWNER, GARDEN, 5, null, RENAME);
        Change back =
                new Change.RenameBed(PLAN.beds().get(0).id(), PLAN.beds().get(0).name());
        verify(store).update(eq(PLAN), any(), eq(6L));
        verify(log).edit(GARDEN, 6, OWNER, null, RENAME, back);
    }

    @Test
    void aStaleOrRefusedEditWritesNothing() {
        assertThatThrownBy(() -> service.change(OWNER, OWNER, GARDEN, 6, null, RENAME))
                .isInstanceOfSatisfying(
                        StaleRevisionException.class,
                        stale -> assertThat(stale.current().revision()).isEqualTo(5));
        assertThatThrownBy(() -> service.change(OWNER, OWNER, GARDEN, 5, null, new Change.RemoveBed(UUID.randomUUID())))
                .isInstanceOf(RefusedException.class);
        verify(store, never()).update(any(), any(), anyLong());
    }

    @Test
    void anEditWhoseKeyIsKnownIsNotMadeAgain() {
        UUID key = UUID.randomUUID();
        when(log.knows(GARDEN, key)).thenReturn(true);
        assertThat(service.change(OWNER, OWNER, GARDEN, 1, key, RENAME).revision())
                .isEqualTo(5);
        verify(store, never()).update(any(), any(), anyLong());
    }

    @Test
    void previewsReadThePlanOncePerRevision() {
        service.preview(OWNER, GARDEN, RENAME, Gardens.SEASON);
        service.preview(OWNER, GARDEN, RENAME, Gardens.SEASON);
        verify(store, times(1)).find(OWNER, GARDEN);
        when(store.version(OWNER, GARDEN)).thenReturn(Optional.of(new Version(6, GARDEN, 0)));
        service.preview(OWNER, GARDEN, RENAME, Gardens.SEASON);
        verify(store, times(2)).find(OWNER, GARDEN);
    }

    @Test
    void aJudgementThatTakesTooLongIsGivenUpAndTheQuickOneStands() {
        GardenService hurried = new GardenService(
                store,
                log,
                receipts,
                journal,
                Clock.systemUTC(),
                new Failures(new SimpleMeterRegistry()),
                new Allowance(mock(HoldingStore.class), 1, 0, 1, 0),
                Duration.ZERO);
        assertThatThrownBy(() -> hurried.appraise(OWNER, GARDEN, Gardens.SEASON))
                .isInstanceOf(TooLongException.class);
        assertThat(hurried.judge(OWNER, GARDEN, Gardens.SEASON).appraisal().beds())
                .hasSize(3);
    }

    @Test
    void aJudgementOfAStateThatIsPastBeginsAgainWithTheNewest() {
        Watch watch = new Watch(Duration.ofMinutes(5));
        Watch.Turn old = watch.begin(GARDEN, new Version(5, GARDEN, 0));
        Watch.Turn besides = watch.begin(GARDEN, new Version(5, GARDEN, 0));
        assertThat(old.getAsBoolean() || besides.getAsBoolean())
                .as("another season of the same state")
                .isFalse();
        Watch.Turn newest = watch.begin(GARDEN, new Version(6, GARDEN, 0));
        watch.begin(UUID.randomUUID(), new Version(1, GARDEN, 0));
        assertThat(old.getAsBoolean() && besides.getAsBoolean()).isTrue();
        assertThat(old.isTooLate() || newest.getAsBoolean()).isFalse();
    }

    @Test
    void whoeverEditsWhileItIsJudgedGetsTheJudgementOfTheEdit() throws Exception {
        Plan edited = PLAN.apply(RENAME).orThrow();
        AtomicLong revision = new AtomicLong(5);
        CountDownLatch begun = new CountDownLatch(1);
        when(store.version(OWNER, GARDEN)).thenAnswer(asked -> Optional.of(new Version(revision.get(), GARDEN, 0)));
        when(store.find(OWNER, GARDEN)).thenAnswer(asked -> {
            begun.countDown();
            return Optional.of(new StoredGarden(
                    revision.get(), revision.get() == 5 ? PLAN : edited, Optional.empty(), Optional.empty()));
        });
        CompletableFuture<AppraisalReport> first =
                CompletableFuture.supplyAsync(() -> service.appraise(OWNER, GARDEN, Gardens.SEASON));
        begun.await();
        revision.set(6);
        assertThat(service.appraise(OWNER, GARDEN, Gardens.SEASON).beds())
                .extracting(BedAppraisal::name)
                .contains("Chard");
        assertThat(first.get().beds()).extracting(BedAppraisal::name).contains("Chard");
    }

    @Test
    void theLedgerIsSummedAgainWhenSomethingIsEntered() {
        String before = service.judge(OWNER, GARDEN, Gardens.SEASON).base();
        assertThat(service.preview(OWNER, GARDEN, RENAME, Gardens.SEASON).base())
                .isEqualTo(before);
        verify(receipts, times(1)).paid(GARDEN, PLAN.currency(), PLAN.yearBegins());
        when(store.version(OWNER, GARDEN)).thenReturn(Optional.of(new Version(5, GARDEN, 1)));
        Money cost = Money.of(PLAN.currency(), 12);
        when(receipts.paid(GARDEN, PLAN.currency(), PLAN.yearBegins()))
                .thenReturn(List.of(
                        new Paid(Optional.empty(), BillPart.OTHER, Gardens.SEASON, false, BigDecimal.ONE, cost)));
        assertThat(service.forecast(OWNER, GARDEN).paid()).isEqualTo(cost);
        assertThat(service.judge(OWNER, GARDEN, Gardens.SEASON).base()).isNotEqualTo(before);
    }

    @Test
    void whatIsRememberedForOneIsNotShownToAnother() {
        service.preview(OWNER, GARDEN, RENAME, Gardens.SEASON);
        UUID other = UUID.randomUUID();
        when(store.version(other, GARDEN)).thenReturn(Optional.empty());
        assertThatThrownBy(() -> service.preview(other, GARDEN, RENAME, Gardens.SEASON))
                .isInstanceOf(NoSuchGardenException.class);
    }
}
