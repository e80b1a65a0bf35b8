import { useState } from "react";
import { Problem, upload } from "../api/client";
import type { Change } from "../api/types";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { useFieldEdit } from "../forms/useFieldEdit";
import { useDesk } from "../workspace/desk";
import { words as everywhere } from "../words";
import { monthName, MONTHS } from "../measure/monthDays";
import { weatherUnits } from "../measure/weather";
import type { Climate } from "./water";
import { words } from "./words";

const MONTH_OPTIONS = MONTHS.map((month) => ({ value: String(month), label: monthName(month, "long") }));

/** Normals of the weather, read from a file and changed by hand. */
export function ClimateForm({ climate }: { climate: Climate | undefined }) {
  const desk = useDesk();
  const { faults, edit, refuse } = useFieldEdit();
  const [fault, setFault] = useState<string>();
  const units = weatherUnits(desk.units === "METRIC");
  const put = (field: string, changed: Climate) => {
    edit(field, { kind: "PutClimate", climate: changed });
  };

  async function read(file: Blob) {
    setFault(undefined);
    try {
      const path = `/api/gardens/${desk.plan.id}/water/climate`;
      const change = await upload<Change>(path, await file.arrayBuffer());
      desk.submit(change, setFault);
    } catch (failure) {
      setFault(failure instanceof Problem ? toldOf(failure) : everywhere.awayIdle);
    }
  }

  function month(index: number, field: "lowest" | "highest" | "rain") {
    const normals = climate?.months[index];
    if (!climate || !normals) return null;
    const temperature = field !== "rain";
    const shown = temperature ? units.toTemperature(normals[field]) : units.toRain(normals[field]);
    const key = `months/${String(index)}/${field}`;
    return (
      <TextField
        label={`${words.normals[field]}, ${monthName(index + 1, "long")}`}
        hideLabel
        figures
        value={String(shown)}
        fault={faults[key]}
        onCommit={(text) => {
          const typed = text.trim().replace(",", ".").replace("−", "-");
          if (!/^-?\d+(\.\d+)?$/.test(typed)) {
            refuse(key, words.unreadableNormal);
            return;
          }
          const value = temperature ? units.fromTemperature(Number(typed)) : units.fromRain(Number(typed));
          const months = climate.months.map((each, at) =>
            at === index ? { ...each, [field]: value } : each,
          );
          put(key, { ...climate, months });
        }}
      />
    );
  }

  return (
    <details className="space-y-2" open={climate === undefined}>
      <summary className="cursor-pointer">
        {climate ? words.weatherOf(climate.name) : words.noWeather}
      </summary>
      <p className="text-sm text-soft">{words.weatherFile}</p>
      <label className="block text-sm">
        {words.readWeather}
        <input
          type="file"
          accept=".csv,text/csv"
          className="mt-1 block w-full text-sm"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            if (file) void read(file);
            event.target.value = "";
          }}
        />
      </label>
      {fault && (
        <p role="alert" className="text-snag">
          {fault}
        </p>
      )}
      {climate && (
        <>
          <div className="grid grid-cols-2 items-end gap-2">
            <TextField
              label={words.station}
              value={climate.name}
              fault={faults["name"]}
              onCommit={(name) => {
                put("name", { ...climate, name });
              }}
            />
            <LengthField
              label={words.elevation}
              value={climate.elevation}
              units={desk.units}
              fault={faults["elevation"]}
              onCommit={(elevation) => {
                put("elevation", { ...climate, elevation });
              }}
            />
            <Choice
              label={words.firstMonth}
              value={String(climate.firstMonth)}
              options={MONTH_OPTIONS}
              onChange={(value) => {
                put("firstMonth", { ...climate, firstMonth: Number(value) });
              }}
            />
            <Choice
              label={words.lastMonth}
              value={String(climate.lastMonth)}
              options={MONTH_OPTIONS}
              onChange={(value) => {
                put("lastMonth", { ...climate, lastMonth: Number(value) });
              }}
            />
          </div>
          <table className="w-full text-sm">
            <thead>
              <tr>
                <th scope="col" className="text-left font-normal text-soft">
                  {words.month}
                </th>
                <th scope="col" className="font-normal text-soft">
                  {words.normals.lowest}, {units.temperature}
                </th>
                <th scope="col" className="font-normal text-soft">
                  {words.normals.highest}, {units.temperature}
                </th>
                <th scope="col" className="font-normal text-soft">
                  {words.normals.rain}, {units.rain}
                </th>
              </tr>
            </thead>
            <tbody>
              {MONTHS.map((each) => (
                <tr key={each}>
                  <th scope="row" className="text-left font-normal">
                    {monthName(each, "short")}
                  </th>
                  <td>{month(each - 1, "lowest")}</td>
                  <td>{month(each - 1, "highest")}</td>
                  <td>{month(each - 1, "rain")}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              edit("name", { kind: "RemoveClimate", climate: climate.id });
            }}
          >
            {words.forgetWeather}
          </button>
        </>
      )}
    </details>
  );
}

/** What is wrong with a file, and where. */
function toldOf({ message, faults }: Problem): string {
  return faults.length === 0
    ? message
    : faults
        .map(({ pointer, wrong, right }) => `${pointer.replace("/", "")} ${wrong}; ${right}.`.trim())
        .join(" ");
}
