package fairacre.server.api;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.tunnel.NewTunnels;
import fairacre.tunnel.TunnelFooting;
import java.util.Arrays;
import java.util.List;

/** How a tunnel's bows can be held, and up to where its sides roll to begin with. */
record TunnelsView(List<TunnelFootingView> footings, List<UsualHip> hips) {

    record TunnelFootingView(TunnelFooting key, String label) {}

    record UsualHip(Units units, Length hip) {}

    static final TunnelsView ALL = new TunnelsView(
            Arrays.stream(TunnelFooting.values())
                    .map(footing -> new TunnelFootingView(footing, footing.label()))
                    .toList(),
            Arrays.stream(Units.values())
                    .map(units -> new UsualHip(units, NewTunnels.usualHip(units)))
                    .toList());
}
