package fairacre.server.api;

import fairacre.measure.Length;
import fairacre.over.Fabric;
import java.util.Optional;

/** What can be laid over beds. */
record FabricView(Fabric key, String label, Optional<Length> mesh, int years) {

    static FabricView of(Fabric fabric) {
        return new FabricView(fabric, fabric.label(), fabric.mesh(), fabric.years());
    }
}
