import { plainNumber } from "../measure/numbers";
import { useState } from "react";
import type { Catalogue, Workshop } from "../api/types";
import { densityUnit, inUnit, stiffnessUnit } from "../measure/figures";
import { formatLength, parseLength } from "../measure/lengths";
import { useAdding } from "../forms/useAdding";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { words as everywhere } from "../words";
import { words } from "./words";
import { useDesk } from "../workspace/desk";

type Keyed = { key: string };

/** Materials and board sizes that the gardener adds to those that every garden knows. */
export function OwnKinds() {
  const desk = useDesk();
  const { workshop } = desk.plan;
  const { materials, boards } = desk.garden.own;
  const density = densityUnit(desk.units);
  const stiffness = stiffnessUnit(desk.units);

  function put(part: Partial<Workshop>) {
    desk.submit({ kind: "PutWorkshop", workshop: { ...workshop, ...part } });
  }

  return (
    <details className="border-t border-rule pt-2" data-testid="own-kinds">
      <summary className="cursor-pointer font-semibold">Materials and sizes of your own</summary>
      <div className="space-y-2 pt-1">
        <p className="text-sm text-soft">
          What a shop near you sells, or what a shed holds. It is offered with the others from then on; type
          its price in the price book of the purse.
        </p>
        <ul className="text-sm">
          {materials.map((material) => (
            <Kept
              key={material.key}
              name={material.label}
              told={[
                `${range(material.leastYears, material.mostYears)} years`,
                `${inUnit(material.leastDensity, density)} to ${inUnit(material.mostDensity, density)} ${density.name}`,
                `${inUnit(material.stiffness, stiffness)} ${stiffness.name}`,
              ].join(", ")}
              onTakeOff={
                workshop.materials.includes(material.key)
                  ? () => {
                      put({ materials: workshop.materials.filter((key) => key !== material.key) });
                    }
                  : undefined
              }
            />
          ))}
          {boards.map((board) => (
            <Kept
              key={board.key}
              name={board.label}
              told={`${formatLength(board.thickness, desk.units)} × ${formatLength(board.width, desk.units)}, sold in ${board.stock.map((length) => formatLength(length, desk.units)).join(", ")}`}
              onTakeOff={
                workshop.boards.includes(board.key)
                  ? () => {
                      put({ boards: workshop.boards.filter((key) => key !== board.key) });
                    }
                  : undefined
              }
            />
          ))}
        </ul>
        <NewMaterial
          onAdd={({ key }) => {
            put({ materials: [...workshop.materials, key] });
          }}
        />
        <NewBoard
          onAdd={({ key }) => {
            put({ boards: [...workshop.boards, key] });
          }}
        />
      </div>
    </details>
  );
}

function Kept(props: { name: string; told: string; onTakeOff: (() => void) | undefined }) {
  return (
    <li className="flex justify-between gap-2 border-b border-hair py-1">
      <span>
        {props.name} <span className="figures text-soft">{props.told}</span>
      </span>
      {props.onTakeOff ? (
        <button
          type="button"
          className="text-button"
          aria-label={`Leave out ${props.name}`}
          onClick={props.onTakeOff}
        >
          leave out
        </button>
      ) : (
        <span className="whitespace-nowrap text-soft">in use</span>
      )}
    </li>
  );
}

const NO_MATERIAL = {
  name: "",
  leastYears: "",
  mostYears: "",
  leastDensity: "",
  mostDensity: "",
  stiffness: "",
  remark: "",
};

function NewMaterial({ onAdd }: { onAdd: (material: Keyed) => void }) {
  const { units } = useDesk();
  const density = densityUnit(units);
  const stiffness = stiffnessUnit(units);
  const [draft, setDraft] = useState(NO_MATERIAL);
  const { faults, add } = useAdding<Catalogue["materials"][number]>(
    "/api/catalogue/materials",
    (material) => {
      onAdd(material);
      setDraft(NO_MATERIAL);
    },
  );

  function field(name: keyof typeof draft, label: string, figures = true) {
    return (
      <TextField
        label={label}
        figures={figures}
        value={draft[name]}
        fault={faults[name]}
        onCommit={(text) => {
          setDraft((before) => ({ ...before, [name]: text }));
        }}
      />
    );
  }

  return (
    <fieldset className="space-y-1">
      <legend className="text-sm font-semibold">A material</legend>
      {field("name", "Name of the material", false)}
      <div className="grid grid-cols-2 gap-2">
        {field("leastYears", "Lasts at least, years")}
        {field("mostYears", "At most, years")}
        {field("leastDensity", `Weighs dry, ${density.name}`)}
        {field("mostDensity", `Wet, ${density.name}`)}
      </div>
      {field(
        "stiffness",
        `Stiffness wet, ${stiffness.name}: softwood ${inUnit(8, stiffness)}, recycled plastic ${inUnit(0.5, stiffness)} to ${inUnit(1, stiffness)}`,
      )}
      {field("remark", "What to keep in mind", false)}
      <p className="text-sm text-soft">{words.oldTimber}</p>
      <button
        type="button"
        className="plain-button"
        disabled={draft.name === ""}
        onClick={() => {
          void add({
            name: draft.name,
            leastYears: figure(draft.leastYears),
            mostYears: figure(draft.mostYears),
            leastDensity: figure(draft.leastDensity, density.size, 0),
            mostDensity: figure(draft.mostDensity, density.size, 0),
            stiffness: figure(draft.stiffness, stiffness.size),
            remark: draft.remark,
          });
        }}
      >
        Add the material
      </button>
    </fieldset>
  );
}

function NewBoard({ onAdd }: { onAdd: (board: Keyed) => void }) {
  const { units } = useDesk();
  const [name, setName] = useState("");
  const [thickness, setThickness] = useState<number>();
  const [width, setWidth] = useState<number>();
  const [stock, setStock] = useState("");
  const { faults, add, refuse } = useAdding<Catalogue["boards"][number]>("/api/catalogue/boards", (board) => {
    onAdd(board);
    setName("");
    setThickness(undefined);
    setWidth(undefined);
    setStock("");
  });

  function addBoard() {
    const lengths = stock.split(";").map((each) => parseLength(each, units));
    if (lengths.some((length) => length === null)) refuse("stock", everywhere.unreadableLength);
    else void add({ name, thickness, width, stock: lengths });
  }

  return (
    <fieldset className="space-y-1">
      <legend className="text-sm font-semibold">A size of board</legend>
      <TextField label="Name of the size" value={name} fault={faults["name"]} onCommit={setName} />
      <div className="grid grid-cols-2 gap-2">
        <LengthField
          label="True thickness"
          value={thickness}
          units={units}
          fault={faults["thickness"]}
          onCommit={setThickness}
        />
        <LengthField
          label="True width"
          value={width}
          units={units}
          fault={faults["width"]}
          onCommit={setWidth}
        />
      </div>
      <TextField
        label="Sold in lengths, parted by ;"
        figures
        value={stock}
        fault={faults["stock"]}
        onCommit={setStock}
      />
      <button
        type="button"
        className="plain-button"
        disabled={name === "" || thickness === undefined || width === undefined || stock === ""}
        onClick={addBoard}
      >
        Add the size
      </button>
    </fieldset>
  );
}

function range(least: number, most: number): string {
  return `${String(least)} to ${String(most)}`;
}

/** In the program's own unit, to so many decimals; what is no number as it was typed. */
function figure(text: string, size = 1, decimals = 3): number | string {
  const number = Number(plainNumber(text)) * size;
  return text.trim() === "" || Number.isNaN(number) ? text : Number(number.toFixed(decimals));
}
