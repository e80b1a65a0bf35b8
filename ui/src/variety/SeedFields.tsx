import { formatShare } from "../measure/figures";
import { plainNumber } from "../measure/numbers";
import { CheckField } from "../parts/CheckField";
import { Fault } from "../parts/Fault";
import { MeasureField } from "../parts/MeasureField";
import { useDesk } from "../workspace/desk";
import type { SeedLeft, Variety } from "./crops";
import { words } from "./words";

type Seed = NonNullable<Variety["seed"]>;
type Field = keyof Seed;

const HUNDRED = 100;

interface Props {
  seed: Seed | undefined;
  /** Share of fresh seed of the crop that comes up. */
  usual: number;
  /** What the season leaves of it. */
  left: SeedLeft | undefined;
  faults: Readonly<Record<string, string>>;
  onChange: (field: Field, seed: Seed | undefined) => void;
  onUnread: (field: Field) => void;
}

function parse(text: string): number | null {
  const read = Number(plainNumber(text));
  return text.trim() === "" || Number.isNaN(read) ? null : read;
}

/** Seed of a variety that the gardener has. */
export function SeedFields({ seed, usual, left, faults, onChange, onUnread }: Props) {
  const { season } = useDesk();
  const number = (
    field: Field,
    rest: Omit<Parameters<typeof MeasureField>[0], "parse" | "fault" | "onUnread">,
  ) => (
    <MeasureField
      {...rest}
      parse={parse}
      fault={faults[field]}
      onUnread={() => {
        onUnread(field);
      }}
    />
  );
  return (
    <fieldset className="space-y-2">
      <legend>{words.seedTitle}</legend>
      <div className="grid grid-cols-3 items-end gap-2">
        {number("seeds", {
          label: words.seeds,
          value: seed?.seeds,
          empty: words.noSeed,
          format: String,
          onCommit: (seeds) => {
            onChange("seeds", { ...(seed ?? { year: season, noMore: false }), seeds });
          },
          onEmpty: () => {
            onChange("seeds", undefined);
          },
        })}
        {seed &&
          number("year", {
            label: words.year,
            value: seed.year,
            format: String,
            onCommit: (year) => {
              onChange("year", { ...seed, year });
            },
          })}
        {seed &&
          number("germination", {
            label: words.cameUp,
            value: seed.germination,
            empty: formatShare(usual),
            format: (share) => String(Math.round(share * HUNDRED)),
            onCommit: (percent) => {
              onChange("germination", { ...seed, germination: percent / HUNDRED });
            },
            onEmpty: () => {
              const { seeds, year, noMore } = seed;
              onChange("germination", { seeds, year, noMore });
            },
          })}
      </div>
      {seed && (
        <CheckField
          label={words.noMore}
          checked={seed.noMore}
          onChange={(noMore) => {
            onChange("noMore", { ...seed, noMore });
          }}
        />
      )}
      <Fault text={faults["noMore"]} />
      {left && (
        <p className="text-sm" data-testid="seed-left">
          {words.left(season, formatShare(left.comesUp), left.sown, left.left)}
        </p>
      )}
    </fieldset>
  );
}
