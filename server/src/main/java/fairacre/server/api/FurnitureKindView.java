package fairacre.server.api;

import fairacre.furniture.FurnitureKind;
import java.util.Arrays;
import java.util.List;

/** What furniture can be. */
record FurnitureKindView(FurnitureKind key, String label, String remark) {

    static final List<FurnitureKindView> ALL = Arrays.stream(FurnitureKind.values())
            .map(kind -> new FurnitureKindView(kind, kind.label(), kind.remark()))
            .toList();
}
