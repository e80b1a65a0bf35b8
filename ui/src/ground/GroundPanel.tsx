import { plainNumber } from "../measure/numbers";
import { capabilities } from "../capabilities";
import type { Change, Plan, Point, Site } from "../api/types";
import { without } from "../edits/changes";
import { formatArea } from "../measure/figures";
import { Choice } from "../parts/Choice";
import { TextField } from "../parts/TextField";
import { words } from "./words";
import { useDesk } from "../workspace/desk";
import { BoundaryImport } from "./BoundaryImport";
import { CornerFields } from "../forms/CornerFields";
import { FeatureList } from "./FeatureList";
import { FurtherPieces } from "./FurtherPieces";
import { LevelsSection } from "./LevelsSection";
import { BaseLineFields, SidesFields } from "./MeasureBoundary";
import { SettingOutSection } from "./SettingOutSection";
import { SoilSection } from "./SoilSection";
import { useFieldEdit } from "../forms/useFieldEdit";
import { words as everywhere } from "../words";

/** The garden's name and units, and the plot by its corners. */
export function GroundPanel() {
  const desk = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const { site, name, units, yearBegins } = desk.plan;

  function put(field: string, part: Partial<Site>) {
    edit(field, { kind: "SetSite", site: { ...site, ...part } });
  }

  /** What a tape has measured is no longer approximate. */
  function taped(corners: Point[]) {
    put("corners", { corners, approximate: false });
  }

  function angle(field: "north" | "latitude" | "longitude", text: string) {
    const degrees = Number(plainNumber(text));
    if (field === "longitude" && text.trim() === "")
      edit(field, { kind: "SetSite", site: without(site, field) });
    else if (text.trim() === "" || !Number.isFinite(degrees)) refuse(field, "Write degrees, like 12.5.");
    else put(field, { [field]: degrees });
  }

  const describe = (part: Partial<Pick<Plan, "name" | "units" | "yearBegins">>): Change => ({
    kind: "DescribeGarden",
    name,
    units,
    yearBegins,
    ...part,
  });

  return (
    <div className="space-y-3">
      <TextField
        label={everywhere.gardenName}
        value={name}
        fault={faults["name"]}
        onCommit={(text) => {
          edit("name", describe({ name: text }));
        }}
      />
      <Choice
        label={everywhere.measures.label}
        value={units}
        options={everywhere.measures.options}
        onChange={(chosen) => {
          edit("units", describe({ units: chosen }));
        }}
      />
      <Choice
        label="Its year begins on"
        value={yearBegins}
        options={words.firstsOfMonths(yearBegins)}
        onChange={(day) => {
          edit("yearBegins", describe({ yearBegins: day }));
        }}
      />
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label="North, ° from up"
          value={String(site.north)}
          figures
          fault={faults["north"]}
          onCommit={(text) => {
            angle("north", text);
          }}
        />
        <TextField
          label="Latitude, °"
          value={String(site.latitude)}
          figures
          fault={faults["latitude"]}
          onCommit={(text) => {
            angle("latitude", text);
          }}
        />
        <TextField
          label={words.longitude}
          value={site.longitude === undefined ? "" : String(site.longitude)}
          empty={words.notKnown}
          figures
          fault={faults["longitude"]}
          onCommit={(text) => {
            angle("longitude", text);
          }}
        />
      </div>
      <h3 className="border-t border-rule pt-2">
        Corners of the plot{" "}
        <span className="figures font-normal text-soft">
          {desk.report ? formatArea(desk.report.plot, units) : ""}
        </span>
      </h3>
      <CornerFields
        corners={site.corners}
        units={units}
        fault={faults["corners"]}
        onChange={(corners) => {
          put("corners", { corners });
        }}
      />
      <details>
        <summary className="cursor-pointer">Measure four sides and a diagonal</summary>
        <div className="py-2">
          <SidesFields units={units} corners={site.corners} onChange={taped} />
        </div>
      </details>
      <details>
        <summary className="cursor-pointer">Measure from a base line</summary>
        <div className="py-2">
          <BaseLineFields units={units} corners={site.corners} onChange={taped} />
        </div>
      </details>
      <BoundaryImport
        site={site}
        onChange={(part) => {
          put("corners", part);
        }}
      />
      <FurtherPieces />
      <FeatureList />
      {capabilities.map(({ GroundSection }, index) => GroundSection && <GroundSection key={index} />)}
      <LevelsSection />
      <SoilSection />
      <SettingOutSection />
      <p className="text-sm text-soft">{words.digCaution}</p>
    </div>
  );
}
