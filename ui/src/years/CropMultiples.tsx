import { formatFood } from "../measure/food";
import { useDesk } from "../workspace/desk";
import { seasonName } from "../workspace/seasons";
import type { CropFigures, SeasonFigures } from "./seasons";
import { words } from "./words";

const WIDE = 76;
const HIGH = 44;
/** Room for the words below. */
const BELOW = 14;
const BAR = 22;
const FILLS = ["var(--color-rule)", "var(--color-leaf)"];

interface Small {
  crop: string;
  name: string;
  of: readonly (CropFigures | undefined)[];
}

/** A small chart for each crop that was weighed, all on one scale: what was picked, and a line where the plan was. */
export function CropMultiples({ pair }: { pair: readonly SeasonFigures[] }) {
  const { units, plan } = useDesk();
  const seasons = pair.map(({ season }) => seasonName(season, plan.yearBegins));
  const small = weighed(pair);
  if (small.length === 0) return null;
  const most = Math.max(...small.flatMap(({ of }) => of.flatMap((each) => (each ? [top(each)] : []))));
  const heightOf = (kilograms: number) => (kilograms / most) * (HIGH - 2);
  const weight = (kilograms: number) => formatFood(kilograms, units);
  return (
    <figure className="w-full" data-testid="crop-multiples">
      <figcaption className="text-sm text-soft">{words.multiples(weight(most))}</figcaption>
      <div className="flex flex-wrap gap-x-4 gap-y-2 py-1">
        {small.map(({ crop, name, of }) => (
          <div key={crop} className="w-20">
            <div className="truncate text-sm" title={name}>
              {name}
            </div>
            <svg
              width={WIDE}
              height={HIGH + BELOW}
              role="img"
              aria-label={`${name}: ${of
                .map((each, index) =>
                  words.pickedOf(
                    seasons[index] ?? "",
                    weight(each?.year.picked.kilograms ?? 0),
                    weight(each?.year.planned ?? 0),
                  ),
                )
                .join("; ")}`}
            >
              {of.map((each, index) => {
                const picked = heightOf(each?.year.picked.kilograms ?? 0);
                const planned = HIGH - heightOf(each?.year.planned ?? 0);
                const left = 6 + index * (BAR + 14);
                return (
                  <g key={seasons[index]}>
                    <rect x={left} y={HIGH - picked} width={BAR} height={picked} fill={FILLS[index]} />
                    {each !== undefined && each.year.planned > 0 && (
                      <line
                        x1={left - 3}
                        x2={left + BAR + 3}
                        y1={planned}
                        y2={planned}
                        stroke="var(--color-ink)"
                        strokeDasharray="3 2"
                      />
                    )}
                    <text x={left + BAR / 2} y={HIGH + BELOW - 2} fontSize="11" textAnchor="middle">
                      {seasons[index]?.slice(-2)}
                    </text>
                  </g>
                );
              })}
              <line x1="0" x2={WIDE} y1={HIGH} y2={HIGH} stroke="var(--color-hair)" />
            </svg>
          </div>
        ))}
      </div>
    </figure>
  );
}

function top({ year }: CropFigures): number {
  return Math.max(year.picked.kilograms, year.planned);
}

/** Crops that were weighed in one of the seasons, by name. */
function weighed(pair: readonly SeasonFigures[]): Small[] {
  const all = new Map(pair.flatMap(({ crops }) => crops.map(({ year }) => [year.crop, year.name] as const)));
  return [...all]
    .map(([crop, name]) => ({
      crop,
      name,
      of: pair.map(({ crops }) => crops.find((each) => each.year.crop === crop)),
    }))
    .filter(({ of }) => of.some((each) => (each?.year.picked.kilograms ?? 0) > 0))
    .sort((a, b) => a.name.localeCompare(b.name));
}
