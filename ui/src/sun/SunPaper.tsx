import type { Column } from "../papers/columns";
import { Paper } from "../papers/Paper";
import { useDesk } from "../workspace/desk";
import { useSunHours } from "./sun";
import { words } from "./words";

interface Row {
  bed: string;
  name: string;
  /** Hours of each month. */
  months: number[];
  growing: number;
  light: number | undefined;
  exposure: string;
}

/** How many hours of direct sun each bed of the season has, month by month. */
export function SunPaper() {
  const { plan } = useDesk();
  const data = useSunHours();
  const names = new Map(plan.beds.map(({ id, name }) => [id, name]));
  const rows = data?.beds.map(({ bed, hours, growing, growingLight, exposure }): Row => ({
    bed,
    name: names.get(bed) ?? "",
    months: byMonth(hours),
    growing,
    light: growingLight,
    exposure,
  }));
  const hours = (key: string, head: string, of: (row: Row) => number): Column<Row> => ({
    key,
    head,
    value: of,
    text: (row) => of(row).toFixed(1),
    figures: true,
  });
  const columns: Column<Row>[] = [
    { key: "bed", head: "Bed", value: ({ name }) => name },
    { key: "good", head: words.good, value: ({ exposure }) => exposure, groups: true },
    ...words.monthNames.map((month, index) => hours(month, month, ({ months }) => months[index] ?? 0)),
    hours("growing", words.growing, ({ growing }) => growing),
    ...(data && data.openLight.length > 0
      ? [
          {
            key: "light",
            head: words.lightSum,
            value: ({ light }: Row) => light ?? 0,
            text: ({ light }: Row) => (light ?? 0).toFixed(0),
            figures: true,
          },
        ]
      : []),
  ];
  return (
    <Paper
      title={words.title}
      rows={rows}
      columns={columns}
      rowKey={({ bed }) => bed}
      concerns={({ bed }) => [bed]}
      empty={words.noBeds}
    >
      {data && <p>{words.about(Math.min(...data.open).toFixed(1), Math.max(...data.open).toFixed(1))}</p>}
      {data && <p>{aboutLight(data.openLight)}</p>}
      {data && data.unknown.length > 0 && <p>{words.unknown(data.unknown)}</p>}
    </Paper>
  );
}

function aboutLight(open: readonly number[]): string {
  return open.length > 0
    ? words.aboutLight(Math.min(...open).toFixed(0), Math.max(...open).toFixed(0))
    : words.noLight;
}

/** The mean of the two halves of each month. */
function byMonth(halves: readonly number[]): number[] {
  return halves.flatMap((first, index) =>
    index % 2 === 0 ? [(first + (halves[index + 1] ?? first)) / 2] : [],
  );
}
