import { ThingForm } from "../forms/ThingForm";
import { useFieldEdit } from "../forms/useFieldEdit";
import { formatLoad } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { BedPlaces } from "../over/BedPlaces";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { useDesk } from "../workspace/desk";
import { byLength, byRise, type HoopSet, type HoopsOverBed, type HoopTold } from "./hoops";
import { HoopFigures } from "./HoopFigures";
import { words } from "./words";

/** One set by its figures, the beds it stands over, and what that takes. */
export function HoopForm({ set, told }: { set: HoopSet; told: HoopTold | undefined }) {
  const desk = useDesk();
  const { faults, edit } = useFieldEdit();
  const { forms, pipes, anchors, weathers, covers } = desk.catalogue.hoops;
  const pipe = pipes.find(({ key }) => key === set.pipe);
  const weather = weathers.find(({ key }) => key === set.weather);
  const cover = covers.find(({ key }) => key === set.cover);
  const highest = Math.max(0, ...(told?.over ?? []).map(({ rise }) => rise));

  function keep(field: string, after: HoopSet) {
    edit(field, { kind: "PutHoopSet", hoopSet: after });
  }

  function put(field: string, part: Partial<HoopSet>) {
    keep(field, { ...set, ...part });
  }

  return (
    <ThingForm
      thing={set}
      testId="hoops"
      about={told && `${words.count(told.bows)}, ${cover?.label.toLowerCase() ?? ""}`}
      seasons={{ from: "Bought in season", until: "Gone from season" }}
      always="there already, costs nothing"
      faults={faults}
      onChange={put}
      takeOut={["Delete", words.takeDown(set.name)]}
      onTakeOut={() => {
        edit("name", { kind: "RemoveHoopSet", hoopSet: set.id });
      }}
    >
      <Choice
        label={words.form}
        value={set.form}
        options={forms.map(({ key: value, label }) => ({ value, label }))}
        onChange={(form) => {
          put("form", { form });
        }}
      />
      <Choice
        label={words.pipe}
        value={set.pipe}
        options={pipes.map(({ key: value, label }) => ({ value, label }))}
        onChange={(value) => {
          put("pipe", { pipe: value });
        }}
      />
      <div className="grid grid-cols-2 items-end gap-2">
        <LengthField
          label={words.rise}
          value={set.rise ?? (highest > 0 ? highest : undefined)}
          units={desk.units}
          fault={faults["rise"]}
          onCommit={(rise) => {
            keep("rise", byRise(set, rise));
          }}
        />
        <LengthField
          label={words.length}
          value={set.length ?? told?.cut}
          units={desk.units}
          fault={faults["length"]}
          onCommit={(length) => {
            keep("length", byLength(set, length));
          }}
        />
      </div>
      <p className="text-sm text-soft">
        {words.goesBy[set.rise === undefined ? "length" : "rise"]}{" "}
        {pipe && words.bears(formatLength(pipe.tightest, desk.units), pipe.staysBent)}
      </p>
      <Choice
        label={words.anchor}
        value={set.anchor}
        options={anchors.map(({ key: value, label }) => ({ value, label }))}
        onChange={(anchor) => {
          put("anchor", { anchor });
        }}
      />
      <div className="grid grid-cols-2 items-end gap-2">
        <LengthField
          label={words.depth}
          value={set.depth}
          units={desk.units}
          fault={faults["depth"]}
          onCommit={(depth) => {
            put("depth", { depth });
          }}
        />
        <Choice
          label={words.weather}
          value={set.weather}
          options={weathers.map(({ key: value, label }) => ({ value, label }))}
          onChange={(value) => {
            put("weather", { weather: value });
          }}
        />
      </div>
      <Choice
        label={words.cover}
        value={set.cover}
        options={covers.map(({ key: value, label }) => ({ value, label }))}
        onChange={(value) => {
          put("cover", { cover: value });
        }}
      />
      <p className="text-sm text-soft">
        {weather && words.weatherMeans(formatLength(weather.apart, desk.units), weather.ties)}{" "}
        {cover && cover.years > 0 && words.lasts(cover.years)}
      </p>
      <BedPlaces
        legend={words.over}
        places={set.places}
        fits={told?.fits}
        figures={(bed) => <PlaceFigures over={told?.over.find((each) => each.bed === bed)} />}
        faults={faults}
        onChange={(field, places) => {
          put(field, { places });
        }}
      />
      {told && <HoopFigures set={set} told={told} />}
    </ThingForm>
  );
}

function PlaceFigures({ over }: { over: HoopsOverBed | undefined }) {
  const { units } = useDesk();
  if (!over) return null;
  if (over.misfit) return <span className="text-sm text-snag">{words.misfit}</span>;
  return (
    <span className="text-sm text-soft">
      {words.bed(words.count(over.bows), formatLength(over.apart, units), formatLength(over.rise, units))}
      {over.sheet &&
        `; ${words.sheet(formatLength(over.sheet.length, units), formatLength(over.sheet.width, units))}`}
      {over.ballast && `; ${words.bags(over.ballast.bags, formatLoad(over.ballast.aMetre, units))}`}
    </span>
  );
}
