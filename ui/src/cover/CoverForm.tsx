import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatLength } from "../measure/lengths";
import { BedPlaces } from "../over/BedPlaces";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { useDesk } from "../workspace/desk";
import type { BedCover, CoverTold } from "./covers";
import { CoverFigures } from "./CoverFigures";
import { words } from "./words";

const MOST_SECTIONS = 12;

/** One cover by its figures, the beds it stands on, and what it is cut from. */
export function CoverForm({ cover, told }: { cover: BedCover; told: CoverTold | undefined }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const { kinds } = desk.catalogue.covers;
  const kind = kinds.find(({ key }) => key === cover.kind);
  function put(field: string, part: Partial<BedCover>) {
    edit(field, { kind: "PutBedCover", bedCover: { ...cover, ...part } });
  }
  const length = (field: "length" | "width" | "low" | "high", label: string) => (
    <LengthField
      label={label}
      value={cover[field]}
      units={desk.units}
      fault={faults[field]}
      onCommit={(value) => {
        put(field, { [field]: value });
      }}
    />
  );
  return (
    <ThingForm
      thing={cover}
      testId="bed-cover"
      about={`${kind?.label ?? ""}, ${formatLength(cover.length, desk.units)} × ${formatLength(cover.width, desk.units)}`}
      seasons={{ from: "Built in season", until: "Taken away in season" }}
      always="there already, costs nothing"
      faults={faults}
      onChange={put}
      takeOut={["Delete", words.takeAway(cover.name)]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveBedCover", bedCover: cover.id });
      }}
    >
      <Choice
        label={words.make}
        value={cover.kind}
        options={kinds.map(({ key: value, label }) => ({ value, label }))}
        onChange={(value) => {
          put("kind", { kind: value });
        }}
      />
      {kind && <p className="text-sm text-soft">{kind.remark}</p>}
      <div className="grid grid-cols-2 items-end gap-2">
        {length("length", words.length)}
        {length("width", words.width)}
        {cover.kind === "COLD_FRAME" && length("low", words.low)}
        {length("high", words.high[cover.kind] ?? "")}
      </div>
      <Choice
        label={words.sections}
        value={String(cover.sections)}
        options={Array.from({ length: MOST_SECTIONS }, (_, index) => ({
          value: String(index + 1),
          label: words.inSections(index + 1),
        }))}
        onChange={(sections) => {
          put("sections", { sections: Number(sections) });
        }}
      />
      <Materials cover={cover} onChange={put} />
      <BedPlaces
        legend={words.on}
        places={cover.places}
        fits={told?.fits}
        figures={(bed) => <PlaceFigures on={told?.on.find((each) => each.bed === bed)} />}
        faults={faults}
        onChange={(field, places) => {
          put(field, { places });
        }}
      />
      {told && <CoverFigures cover={cover} told={told} />}
    </ThingForm>
  );
}

interface MaterialsProps {
  cover: BedCover;
  onChange: (field: string, part: Partial<BedCover>) => void;
}

/** What it is made of, as far as its kind has that. */
function Materials({ cover, onChange }: MaterialsProps) {
  const { catalogue, units } = useDesk();
  const { sheets, fabrics } = catalogue.covers;
  const goods = (clear: boolean) =>
    sheets
      .filter((good) => good.clear === clear)
      .map((good) => ({ value: good.key, label: units === "METRIC" ? good.metric : good.imperial }));
  const lasts = sheets.find(({ key }) => key === cover.pane);
  const net = fabrics.find(({ key }) => key === cover.fabric);
  return (
    <>
      {cover.kind === "COLD_FRAME" && (
        <Choice
          label={words.walls}
          value={cover.walls}
          options={goods(false)}
          onChange={(walls) => {
            onChange("walls", { walls });
          }}
        />
      )}
      {cover.kind === "NET_CAGE" ? (
        <Choice
          label={words.fabric}
          value={cover.fabric}
          options={fabrics.map(({ key: value, label }) => ({ value, label }))}
          onChange={(fabric) => {
            onChange("fabric", { fabric });
          }}
        />
      ) : (
        <Choice
          label={words.pane}
          value={cover.pane}
          options={goods(true)}
          onChange={(pane) => {
            onChange("pane", { pane });
          }}
        />
      )}
      <p className="text-sm text-soft">
        {cover.kind === "NET_CAGE"
          ? net && words.goesOn(net.label, net.years)
          : lasts && words.goesOn(units === "METRIC" ? lasts.metric : lasts.imperial, lasts.years)}
      </p>
    </>
  );
}

function PlaceFigures({ on }: { on: CoverTold["on"][number] | undefined }) {
  if (!on) return null;
  if (on.misfit) return <span className="text-sm text-snag">{words.wrongSize}</span>;
  if (on.faces === undefined) return null;
  return <span className="text-sm text-soft">{words.faces(on.faces, on.off)}</span>;
}
