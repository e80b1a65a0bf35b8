import { without } from "../edits/changes";
import { PlaceFields } from "../forms/PlaceFields";
import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatLength } from "../measure/lengths";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import { TunnelFigures } from "./TunnelFigures";
import type { TunnelTold, WalkInTunnel } from "./tunnels";
import { words } from "./words";

interface Props {
  tunnel: WalkInTunnel;
  told: TunnelTold | undefined;
}

/** One tunnel by numbers, with what it takes and how one stands in it. */
export function TunnelForm({ tunnel, told }: Props) {
  const desk = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const { forms, pipes, weathers, covers } = desk.catalogue.hoops;
  const pipe = pipes.find(({ key }) => key === tunnel.pipe);
  const weather = weathers.find(({ key }) => key === tunnel.weather);
  const usual = desk.catalogue.tunnels.hips.find(({ units }) => units === desk.units);

  function keep(field: string, after: WalkInTunnel) {
    edit(field, { kind: "PutTunnel", tunnel: after });
  }

  function put(field: string, part: Partial<WalkInTunnel>) {
    keep(field, { ...tunnel, ...part });
  }

  function length(field: "rise" | "hip" | "doorWidth" | "doorAside", label: string) {
    return (
      <LengthField
        label={label}
        value={tunnel[field]}
        units={desk.units}
        fault={faults[field]}
        onCommit={(metres) => {
          put(field, { [field]: metres });
        }}
      />
    );
  }

  return (
    <ThingForm
      thing={tunnel}
      testId="tunnel"
      about={words.about(
        formatLength(tunnel.place.length, desk.units),
        formatLength(tunnel.place.width, desk.units),
      )}
      seasons={{ from: "Built in season", until: "Taken down in season" }}
      always="there already, costs nothing"
      faults={faults}
      onChange={put}
      takeOut={["Delete", words.takeDown(tunnel.name)]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveTunnel", tunnel: tunnel.id });
      }}
    >
      <div className="grid grid-cols-2 items-end gap-2">
        <PlaceFields
          place={tunnel.place}
          labels={{ length: words.along, width: words.across }}
          faults={faults}
          onChange={(field, place) => {
            put(field, { place });
          }}
          onUnread={refuse}
        />
        {length("rise", words.rise)}
      </div>
      <Choice
        label={words.form}
        value={tunnel.form}
        options={forms.map(({ key: value, label }) => ({ value, label }))}
        onChange={(form) => {
          put("form", { form });
        }}
      />
      <Choice
        label={words.pipe}
        value={tunnel.pipe}
        options={pipes.map(({ key: value, label }) => ({ value, label }))}
        onChange={(value) => {
          put("pipe", { pipe: value });
        }}
      />
      {pipe && <p className="text-sm text-soft">{words.bears(formatLength(pipe.tightest, desk.units))}</p>}
      <Choice
        label={words.weather}
        value={tunnel.weather}
        options={weathers.map(({ key: value, label }) => ({ value, label }))}
        onChange={(value) => {
          put("weather", { weather: value });
        }}
      />
      {weather && (
        <p className="text-sm text-soft">
          {words.weatherMeans(formatLength(weather.apart, desk.units), weather.ties)}
        </p>
      )}
      <Choice
        label={words.footing}
        value={tunnel.footing}
        options={desk.catalogue.tunnels.footings.map(({ key: value, label }) => ({ value, label }))}
        onChange={(footing) => {
          put("footing", { footing });
        }}
      />
      <Choice
        label={words.cover}
        value={tunnel.cover}
        options={covers
          .filter(({ key }) => key !== "NONE")
          .map(({ key: value, label }) => ({ value, label }))}
        onChange={(cover) => {
          put("cover", { cover });
        }}
      />
      <CheckField
        label={words.rolls}
        checked={tunnel.hip !== undefined}
        onChange={(rolls) => {
          keep("hip", rolls && usual ? { ...tunnel, hip: usual.hip } : without(tunnel, "hip"));
        }}
      />
      {tunnel.hip !== undefined && length("hip", words.hip)}
      <Choice
        label={words.doors}
        value={String(tunnel.doors)}
        options={words.doorsAt.map((label, index) => ({ value: String(index + 1), label }))}
        onChange={(doors) => {
          put("doors", { doors: Number(doors) });
        }}
      />
      <div className="grid grid-cols-2 items-end gap-2">
        {length("doorWidth", words.doorWidth)}
        {length("doorAside", words.doorAside)}
      </div>
      <p className="text-sm text-soft">{words.doorAsideMeans}</p>
      <TextField
        label={words.wires}
        value={String(tunnel.wires)}
        figures
        fault={faults["wires"]}
        onCommit={(text) => {
          if (/^\d+$/.test(text.trim())) put("wires", { wires: Number(text) });
          else refuse("wires", words.notWires);
        }}
      />
      <CheckField
        label={words.hoseRail}
        checked={tunnel.hoseRail}
        onChange={(hoseRail) => {
          put("hoseRail", { hoseRail });
        }}
      />
      {told && <TunnelFigures tunnel={tunnel} told={told} />}
    </ThingForm>
  );
}
