import { useState } from "react";
import { Away, Problem, request } from "../api/client";
import type { MeasuredPlot, Point, Units } from "../api/types";
import { formatLength } from "../measure/lengths";
import { CheckField } from "../parts/CheckField";
import { Choice } from "../parts/Choice";
import { LengthField } from "../parts/LengthField";
import { words } from "../words";

interface Props {
  units: Units;
  corners: readonly Point[];
  onChange: (corners: Point[]) => void;
}

interface Told {
  wrong: boolean;
  text: string;
}

const SIDES = [
  ["first", "First side"],
  ["second", "Second side"],
  ["third", "Third side"],
  ["fourth", "Fourth side"],
  ["diagonal", "Diagonal, first to third corner"],
] as const;

type Sides = Record<(typeof SIDES)[number][0], number>;

/** Four sides and a diagonal; says how far out of square they are and what the diagonals should measure. */
export function SidesFields({ units, corners, onChange }: Props) {
  const [measured, setMeasured] = useState<Sides>(() => sidesOf(corners));
  const [told, setTold] = useState<Told | null>(null);

  async function close(next: Sides) {
    setMeasured(next);
    try {
      const plot = await request<MeasuredPlot>("POST", "/api/plots/four-sides", next);
      onChange(plot.corners);
      setTold({ wrong: false, text: squareWords(plot, next.diagonal, units) });
    } catch (failure) {
      setTold(failed(failure));
    }
  }

  return (
    <div className="grid grid-cols-2 gap-2">
      {SIDES.map(([side, label]) => (
        <LengthField
          key={side}
          label={label}
          value={measured[side]}
          units={units}
          onCommit={(metres) => void close({ ...measured, [side]: metres })}
        />
      ))}
      <Message told={told} />
    </div>
  );
}

function squareWords(plot: MeasuredPlot, diagonal: number, units: Units): string {
  const off = plot.outOfSquare;
  const first =
    Math.abs(off) < 0.05
      ? "The first corner is square."
      : `The first corner is ${Math.abs(off).toFixed(1)}° ${off > 0 ? "wider" : "narrower"} than square.`;
  const should =
    Math.abs(plot.squareDiagonal - diagonal) < 0.005
      ? ""
      : ` For a square second corner the diagonal should have measured ${formatLength(plot.squareDiagonal, units)}.`;
  return `${first}${should} To check, the other diagonal has to measure ${formatLength(plot.otherDiagonal, units)}.`;
}

/** The sides and the diagonal of a plot of four corners; of any other, those of a plot to begin with. */
function sidesOf(corners: readonly Point[]): Sides {
  const [a, b, c, d] = corners;
  if (corners.length !== 4 || !a || !b || !c || !d)
    return { first: 10, second: 8, third: 10, fourth: 8, diagonal: 12.806 };
  const between = (p: Point, q: Point) => Math.round(Math.hypot(p.x - q.x, p.y - q.y) * 1e6) / 1e6;
  return {
    first: between(a, b),
    second: between(b, c),
    third: between(c, d),
    fourth: between(d, a),
    diagonal: between(a, c),
  };
}

interface Fix {
  /** Along the line, or the tape from the first peg. */
  one: number;
  /** Square off the line, or the tape from the second peg. */
  two: number;
  left: boolean;
}

/** Corners from a line between two pegs: offsets along and square off it, or a tape from either peg. */
export function BaseLineFields({ units, corners, onChange }: Props) {
  const [way, setWay] = useState<"offsets" | "tapes">("offsets");
  const [length, setLength] = useState(10);
  const [fixes, setFixes] = useState<readonly Fix[]>(() =>
    corners.map(({ x, y }) => ({ one: x, two: y, left: true })),
  );
  const [told, setTold] = useState<Told | null>(null);

  async function work() {
    try {
      const body =
        way === "offsets"
          ? { corners: fixes.map(({ one, two }) => ({ along: one, off: two })) }
          : {
              length,
              corners: fixes.map(({ one, two, left }) => ({ fromFirst: one, fromSecond: two, left })),
            };
      const places = await request<Point[]>("POST", `/api/plots/${way}`, body);
      onChange(places);
      setTold({ wrong: false, text: `${String(places.length)} corners measured.` });
    } catch (failure) {
      setTold(failed(failure));
    }
  }

  function change(index: number, part: Partial<Fix>) {
    setFixes(fixes.map((fix, i) => (i === index ? { ...fix, ...part } : fix)));
  }

  const [one, two] =
    way === "offsets" ? ["along the line", "off it, to the left"] : ["from the first peg", "from the second"];
  return (
    <div className="space-y-2">
      <Choice
        label="Each corner is measured by"
        value={way}
        options={[
          { value: "offsets", label: "an offset along and square off the line" },
          { value: "tapes", label: "a tape from either peg" },
        ]}
        onChange={setWay}
      />
      {way === "tapes" && (
        <LengthField label="From peg to peg" value={length} units={units} onCommit={setLength} />
      )}
      <ol className="space-y-1">
        {fixes.map((fix, index) => (
          <li key={index} className="grid grid-cols-[1.2rem_1fr_1fr_auto] items-end gap-1">
            <span className="figures pb-2 text-sm text-soft">{index + 1}</span>
            <LengthField
              label={`Corner ${String(index + 1)}, ${one ?? ""}`}
              hideLabel={index > 0}
              value={fix.one}
              units={units}
              onCommit={(metres) => {
                change(index, { one: metres });
              }}
            />
            <LengthField
              label={`Corner ${String(index + 1)}, ${two ?? ""}`}
              hideLabel={index > 0}
              value={fix.two}
              units={units}
              onCommit={(metres) => {
                change(index, { two: metres });
              }}
            />
            <button
              type="button"
              className="plain-button px-2"
              aria-label={`Delete measured corner ${String(index + 1)}`}
              disabled={fixes.length <= 3}
              onClick={() => {
                setFixes(fixes.filter((_, i) => i !== index));
              }}
            >
              −
            </button>
            {way === "tapes" && (
              <span className="col-start-2 col-end-4">
                <CheckField
                  label={`Corner ${String(index + 1)} lies to the left of the line`}
                  checked={fix.left}
                  onChange={(left) => {
                    change(index, { left });
                  }}
                />
              </span>
            )}
          </li>
        ))}
      </ol>
      <div className="flex gap-2">
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            setFixes([...fixes, { one: 0, two: 0, left: true }]);
          }}
        >
          Another corner
        </button>
        <button type="button" className="strong-button" onClick={() => void work()}>
          Take these corners
        </button>
      </div>
      <Message told={told} />
    </div>
  );
}

function Message({ told }: { told: Told | null }) {
  return (
    told && (
      <p
        role={told.wrong ? "alert" : "status"}
        className={`col-span-2 text-sm ${told.wrong ? "text-snag" : "text-soft"}`}
      >
        {told.text}
      </p>
    )
  );
}

function failed(failure: unknown): Told {
  if (failure instanceof Problem) {
    const [first] = failure.faults;
    return { wrong: true, text: first ? `${first.wrong}; ${first.right}` : failure.message };
  }
  if (failure instanceof Away) return { wrong: true, text: words.awayIdle };
  throw failure;
}
