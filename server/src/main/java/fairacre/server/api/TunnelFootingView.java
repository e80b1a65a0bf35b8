package fairacre.server.api;

import fairacre.tunnel.TunnelFooting;
import java.util.Arrays;
import java.util.List;

/** How a tunnel's bows can be held. */
record TunnelFootingView(TunnelFooting key, String label) {

    static final List<TunnelFootingView> ALL = Arrays.stream(TunnelFooting.values())
            .map(footing -> new TunnelFootingView(footing, footing.label()))
            .toList();
}
