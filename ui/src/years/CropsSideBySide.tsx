import type { ReactNode } from "react";
import { formatPicked } from "../journal/formatPicked";
import { formatMoney } from "../measure/figures";
import { formatFood } from "../measure/food";
import { sumOf, type Column } from "../papers/columns";
import { Paper, type PaperFile } from "../papers/Paper";
import { TextField } from "../parts/TextField";
import { usePrices } from "../purse/usePrices";
import { useDesk } from "../workspace/desk";
import { seasonName } from "../workspace/seasons";
import type { CropFigures, SeasonFigures } from "./seasons";
import { words } from "./words";

/** A crop in each of the seasons; undefined where it neither grew nor was picked. */
interface Row {
  crop: string;
  name: string;
  priced: string;
  of: readonly (CropFigures | undefined)[];
}

interface Props {
  /** Undefined until the program has told them. */
  pair: readonly SeasonFigures[] | undefined;
  /** Besides the table. */
  files: readonly PaperFile[];
  children: ReactNode;
}

/** What each crop gave in two seasons, with what it is worth at the gardener's prices. */
export function CropsSideBySide({ pair, files, children }: Props) {
  const { units, plan } = useDesk();
  const { priceOf, put, faults } = usePrices();
  const seasons = pair?.map(({ season }) => seasonName(season, plan.yearBegins)) ?? [];
  const unit = words.units[units];
  const columns: Column<Row>[] = [
    { key: "crop", head: words.cropHead, value: ({ name }) => name },
    ...seasons.flatMap((season, index): Column<Row>[] => [
      {
        key: `planned ${String(index)}`,
        head: words.in(words.given, season),
        value: ({ of }) => of[index]?.year.planned ?? null,
        text: ({ of }) => formatIfAny(of[index]?.year.planned, (planned) => formatFood(planned, units)),
        figures: true,
      },
      {
        key: `picked ${String(index)}`,
        head: words.in(words.picked, season),
        value: ({ of }) => of[index]?.year.picked.kilograms ?? null,
        text: ({ of }) => formatPicked(of[index]?.year.picked ?? {}, units),
        figures: true,
      },
    ]),
    {
      key: "price",
      head: words.priceHead(unit),
      value: ({ priced }) => priceOf(priced)?.amount.amount ?? null,
      cell: ({ priced, name }) => (
        <span className="ml-auto block w-24">
          <TextField
            label={words.priceOf(name, unit)}
            hideLabel
            figures
            value={priceOf(priced)?.amount.amount ?? ""}
            fault={faults[priced]}
            onCommit={(text) => {
              put(priced, text);
            }}
          />
        </span>
      ),
      figures: true,
    },
    ...seasons.map((season, index): Column<Row> => ({
      key: `worth ${String(index)}`,
      head: words.in(words.worth, season),
      value: ({ of }) => numberOf(of[index]?.value?.amount),
      text: ({ of }) => {
        const value = of[index]?.value;
        return value && Number(value.amount) > 0 ? formatMoney(value) : "";
      },
      figures: true,
      sum: (rows) => sumOf(rows.map(({ of }) => of[index]?.value)),
    })),
    ...seasons.map((season, index): Column<Row> => ({
      key: `lost ${String(index)}`,
      head: words.in(words.lost, season),
      value: ({ of }) => of[index]?.losses ?? null,
      text: ({ of }) => formatIfAny(of[index]?.losses, String),
      figures: true,
    })),
  ];
  return (
    <Paper
      title={words.title}
      rows={pair && rowsOf(pair)}
      columns={columns}
      rowKey={({ crop }) => crop}
      concerns={({ crop }) =>
        plan.plantings.filter((planting) => planting.crop === crop).map(({ bed }) => bed)
      }
      empty={words.empty}
      files={files}
    >
      {children}
    </Paper>
  );
}

function numberOf(amount: string | undefined): number | null {
  return amount === undefined ? null : Number(amount);
}

function formatIfAny(value: number | undefined, text: (value: number) => string): string {
  return value === undefined || value === 0 ? "" : text(value);
}

/** By name, as each season tells them. */
function rowsOf(pair: readonly SeasonFigures[]): Row[] {
  const rows = new Map<string, Row>();
  for (const { crops } of pair) {
    for (const { year, priced } of crops) {
      rows.set(year.crop, {
        crop: year.crop,
        name: year.name,
        priced,
        of: pair.map((season) => season.crops.find((each) => each.year.crop === year.crop)),
      });
    }
  }
  return [...rows.values()].sort((a, b) => a.name.localeCompare(b.name));
}
