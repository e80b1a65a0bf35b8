package fairacre.server.api;

import java.util.UUID;

/**
 * Who asks, and for whose gardens.
 *
 * @param id the account whose garden it is; of what concerns no one garden, the account that asks
 * @param account the account that asks
 */
record Owner(UUID id, UUID account) {}
