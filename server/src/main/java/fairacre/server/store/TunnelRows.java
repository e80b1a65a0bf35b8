package fairacre.server.store;

import static fairacre.server.store.generated.Tables.TUNNEL;

import fairacre.hoop.BowForm;
import fairacre.hoop.HoopPipe;
import fairacre.hoop.HoopWeather;
import fairacre.measure.Length;
import fairacre.outline.Rectangle;
import fairacre.over.Fabric;
import fairacre.server.store.generated.tables.records.TunnelRecord;
import fairacre.tunnel.TunnelFooting;
import fairacre.tunnel.TunnelKinds;
import fairacre.tunnel.WalkInTunnel;
import java.util.Optional;
import java.util.UUID;

/** Walk-in tunnels, from rows and into rows. */
final class TunnelRows {

    static final KeyedRows<TunnelRecord, UUID, WalkInTunnel> ROWS = KeyedRows.of(
            TunnelKinds.TUNNELS,
            TUNNEL,
            TUNNEL.GARDEN,
            TUNNEL.ID,
            (row, currency) -> new WalkInTunnel(
                    row.get(TUNNEL.ID),
                    row.get(TUNNEL.NAME),
                    new Rectangle(
                            Columns.point(row.get(TUNNEL.X), row.get(TUNNEL.Y)),
                            new Length(row.get(TUNNEL.LENGTH)),
                            new Length(row.get(TUNNEL.WIDTH)),
                            row.get(TUNNEL.TURN)),
                    BowForm.valueOf(row.get(TUNNEL.FORM)),
                    HoopPipe.valueOf(row.get(TUNNEL.PIPE)),
                    new Length(row.get(TUNNEL.RISE)),
                    HoopWeather.valueOf(row.get(TUNNEL.WEATHER)),
                    TunnelFooting.valueOf(row.get(TUNNEL.FOOTING)),
                    Fabric.valueOf(row.get(TUNNEL.COVER)),
                    Optional.ofNullable(row.get(TUNNEL.HIP)).map(Length::new),
                    row.get(TUNNEL.DOORS),
                    new Length(row.get(TUNNEL.DOOR_WIDTH)),
                    new Length(row.get(TUNNEL.DOOR_ASIDE)),
                    row.get(TUNNEL.WIRES),
                    row.get(TUNNEL.HOSE_RAIL),
                    Columns.lifetime(row.get(TUNNEL.FROM_SEASON), row.get(TUNNEL.UNTIL_SEASON))),
            (garden, tunnel) -> new TunnelRecord(
                    garden,
                    tunnel.id(),
                    tunnel.name(),
                    tunnel.place().centre().x().micrometres(),
                    tunnel.place().centre().y().micrometres(),
                    tunnel.place().length().micrometres(),
                    tunnel.place().width().micrometres(),
                    tunnel.place().turn(),
                    tunnel.form().name(),
                    tunnel.pipe().name(),
                    tunnel.rise().micrometres(),
                    tunnel.weather().name(),
                    tunnel.footing().name(),
                    tunnel.cover().name(),
                    tunnel.hip().map(Length::micrometres).orElse(null),
                    tunnel.doors(),
                    tunnel.doorWidth().micrometres(),
                    tunnel.doorAside().micrometres(),
                    tunnel.wires(),
                    tunnel.hoseRail(),
                    tunnel.lifetime().from().orElse(null),
                    tunnel.lifetime().until().orElse(null)));

    private TunnelRows() {}
}
