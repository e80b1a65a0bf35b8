package fairacre.server.api;

import fairacre.cover.CoverKind;
import fairacre.measure.Units;
import fairacre.over.Fabric;
import fairacre.sheet.SheetGood;
import java.util.Arrays;
import java.util.List;

/** What covers can be, and what they are made of. */
record CoversView(List<CoverKindView> kinds, List<SheetGoodView> sheets, List<FabricView> fabrics) {

    static final CoversView ALL = new CoversView(
            Arrays.stream(CoverKind.values())
                    .map(kind -> new CoverKindView(kind, kind.label(), kind.remark()))
                    .toList(),
            Arrays.stream(SheetGood.values())
                    .map(good -> new SheetGoodView(
                            good,
                            good.label(Units.METRIC),
                            good.label(Units.FEET_AND_INCHES),
                            good.clear(),
                            good.years()))
                    .toList(),
            Arrays.stream(Fabric.values())
                    .filter(fabric -> fabric != Fabric.NONE)
                    .map(FabricView::of)
                    .toList());

    record CoverKindView(CoverKind key, String label, String remark) {}

    /**
     * @param metric its name in a garden that is measured in metres
     * @param imperial in one that is measured in feet
     */
    record SheetGoodView(SheetGood key, String metric, String imperial, boolean clear, int years) {}
}
