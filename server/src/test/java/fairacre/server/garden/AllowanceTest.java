package fairacre.server.garden;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import fairacre.limits.RefusedException;
import fairacre.server.store.HoldingStore;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class AllowanceTest {

    private static final UUID OWNER = new UUID(0, 1);

    private final HoldingStore holdings = mock(HoldingStore.class);
    private final Allowance allowance = new Allowance(holdings, 3, 2, 1, 1);

    @Test
    void asManyGardensAsAreAllowedAndNoMore() {
        when(holdings.gardens(OWNER)).thenReturn(2);
        assertThatCode(() -> allowance.oneMoreGarden(OWNER)).doesNotThrowAnyException();
        when(holdings.gardens(OWNER)).thenReturn(3);
        assertThatThrownBy(() -> allowance.oneMoreGarden(OWNER))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("you have 3 gardens");
    }

    @Test
    void scansAndPhotosUpToTheLastByte() {
        when(holdings.bytes(OWNER)).thenReturn(1_999_990L);
        assertThatCode(() -> allowance.room(OWNER, "photo", 10)).doesNotThrowAnyException();
        assertThatThrownBy(() -> allowance.room(OWNER, "photo", 11))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("more than 2 MB");
    }

    @Test
    void aGuestMayKeepLess() {
        when(holdings.isGuest(OWNER)).thenReturn(true);
        when(holdings.gardens(OWNER)).thenReturn(1);
        assertThatThrownBy(() -> allowance.oneMoreGarden(OWNER)).hasMessageContaining("you have 1 gardens");
        when(holdings.bytes(OWNER)).thenReturn(999_990L);
        assertThatCode(() -> allowance.room(OWNER, "photo", 10)).doesNotThrowAnyException();
        assertThatThrownBy(() -> allowance.room(OWNER, "photo", 11)).hasMessageContaining("more than 1 MB");
    }
}
