package fairacre.server.api;

import fairacre.measure.Length;
import fairacre.measure.Units;
import fairacre.trellis.TrellisKind;
import fairacre.trellis.TrellisWind;
import java.util.Arrays;
import java.util.List;

/** What trellises can be, and where they can stand. */
record TrellisesView(List<TrellisKindView> kinds, List<TrellisWindView> winds) {

    static final TrellisesView ALL = new TrellisesView(
            Arrays.stream(TrellisKind.values())
                    .map(kind -> new TrellisKindView(
                            kind,
                            kind.label(),
                            kind.remark(),
                            kind.years(),
                            kind.usual(Units.METRIC),
                            kind.usual(Units.FEET_AND_INCHES),
                            kind.onPosts(),
                            kind.leans()))
                    .toList(),
            Arrays.stream(TrellisWind.values())
                    .map(wind -> new TrellisWindView(wind, wind.label(), wind.called(), wind.speed()))
                    .toList());

    /**
     * @param metric how far apart posts, stakes or feet usually stand, in a garden that is measured in metres
     * @param imperial in one that is measured in feet
     */
    record TrellisKindView(
            TrellisKind key,
            String label,
            String remark,
            int years,
            Length metric,
            Length imperial,
            boolean onPosts,
            boolean leans) {}

    /** @param speed metres a second */
    record TrellisWindView(TrellisWind key, String label, String called, double speed) {}
}
