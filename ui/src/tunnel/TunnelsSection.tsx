import { Fault } from "../parts/Fault";
import { RovingList } from "../parts/RovingList";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { TunnelForm } from "./TunnelForm";
import { useNewTunnel, useTunnels } from "./tunnels";
import { words } from "./words";

/** The tunnels, and a new one round the beds that are selected. */
export function TunnelsSection() {
  const desk = useDesk();
  const told = useTunnels();
  const { build, fault } = useNewTunnel();
  const { tunnels } = desk.plan;
  const selected = [...desk.selection].filter((id) => desk.outlines.has(id));
  return (
    <section className="space-y-2 border-t border-rule pt-2">
      <h3>{words.title}</h3>
      {tunnels.length === 0 && <p className="text-soft">{words.none}</p>}
      <RovingList>
        {byName(tunnels).map((tunnel) => (
          <TunnelForm key={tunnel.id} tunnel={tunnel} told={told.find((each) => each.tunnel === tunnel.id)} />
        ))}
      </RovingList>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          void build(selected);
        }}
      >
        {words.build(selected.length)}
      </button>
      <Fault text={fault} />
    </section>
  );
}
