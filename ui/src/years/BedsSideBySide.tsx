import { lazy, Suspense, type ReactNode } from "react";
import { formatPicked } from "../journal/formatPicked";
import { formatArea } from "../measure/figures";
import { formatFood } from "../measure/food";
import type { Column } from "../papers/columns";
import { Paper, type PaperFile } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import { seasonName } from "../workspace/seasons";
import type { BedFigures, SeasonFigures } from "./seasons";
import { perArea } from "./sideBySide";
import { words } from "./words";

const PickedByBed = lazy(() => import("./PickedByBed"));

/** A bed in each of the seasons; undefined where it doesn't stand. */
export interface BedRow {
  bed: string;
  name: string;
  of: readonly (BedFigures | undefined)[];
}

interface Props {
  /** Undefined until the program has told them. */
  pair: readonly SeasonFigures[] | undefined;
  /** Besides the table. */
  files: readonly PaperFile[];
  children: ReactNode;
}

/** What each bed gave in two seasons, and what it took. */
export function BedsSideBySide({ pair, files, children }: Props) {
  const { units, plan } = useDesk();
  const seasons = pair?.map(({ season }) => seasonName(season, plan.yearBegins)) ?? [];
  const rows = pair && rowsOf(pair);
  const columns: Column<BedRow>[] = [
    { key: "bed", head: words.bedHead, value: ({ name }) => name },
    ...seasons.flatMap((season, index): Column<BedRow>[] => {
      const column = (
        what: string,
        value: (bed: BedFigures) => number | undefined,
        text: (bed: BedFigures) => string,
      ): Column<BedRow> => ({
        key: `${what} ${String(index)}`,
        head: words.in(what, season),
        value: ({ of }) => {
          const bed = of[index];
          return bed ? (value(bed) ?? null) : null;
        },
        text: ({ of }) => (of[index] ? text(of[index]) : ""),
        figures: true,
      });
      return [
        column(
          words.soil,
          ({ soil }) => soil,
          ({ soil }) => formatArea(soil, units),
        ),
        column(
          words.given,
          ({ planned }) => planned,
          ({ planned }) => (planned > 0 ? formatFood(planned, units) : ""),
        ),
        column(
          words.picked,
          ({ picked }) => picked.kilograms,
          (bed) => formatPicked(bed.picked, units),
        ),
        column(
          words.perArea(words.areas[units]),
          ({ perSquareMetre }) => perSquareMetre,
          ({ picked, perSquareMetre }) => (picked.kilograms > 0 ? perArea(perSquareMetre, units) : ""),
        ),
        column(
          words.work,
          ({ hours }) => hours,
          ({ hours }) => (hours > 0 ? words.hoursOf(hours) : ""),
        ),
        column(
          words.lost,
          ({ losses }) => losses,
          ({ losses }) => (losses > 0 ? String(losses) : ""),
        ),
      ];
    }),
  ];
  return (
    <Paper
      title={words.title}
      rows={rows}
      columns={columns}
      rowKey={({ bed }) => bed}
      concerns={({ bed }) => [bed]}
      empty={words.noBeds}
      files={files}
    >
      {children}
      {rows?.some(({ of }) => of.some((bed) => (bed?.picked.kilograms ?? 0) > 0)) && (
        <Suspense fallback={null}>
          <PickedByBed rows={rows} seasons={seasons} />
        </Suspense>
      )}
    </Paper>
  );
}

/** In the order of the plan. */
function rowsOf(pair: readonly SeasonFigures[]): BedRow[] {
  const rows = new Map<string, BedRow>();
  for (const { beds } of pair) {
    for (const { bed, name } of beds) {
      rows.set(bed, { bed, name, of: pair.map((season) => season.beds.find((each) => each.bed === bed)) });
    }
  }
  return [...rows.values()];
}
