import { useState } from "react";
import { formatMass } from "../measure/figures";
import { formatDay } from "../measure/halfMonths";
import { Fault } from "../parts/Fault";
import { RovingList, roving } from "../parts/RovingList";
import { useDesk } from "../workspace/desk";
import { useBedNames } from "./plantings";
import { useFillings, type BedGap, type GapFilling } from "./year";
import { words } from "./words";

/** So many are shown at first. */
const FEW = 8;

interface Props {
  gap: BedGap;
  /** Told the id of what was planted. */
  onPlanted: (planting: string) => void;
}

/** What still ripens where a bed lies bare, and what keeps its soil covered. */
export function FillGap({ gap, onPlanted }: Props) {
  const { season, submit } = useDesk();
  const bedName = useBedNames();
  const fillings = useFillings(gap);
  const [fault, setFault] = useState<string>();
  const name = bedName(gap.bed);
  const plant = ({ planting }: GapFilling) => {
    setFault(undefined);
    submit({ kind: "PutPlanting", planting }, setFault);
    onPlanted(planting.id);
  };
  const eaten = fillings?.filter(({ ripe }) => ripe !== undefined) ?? [];
  const covering = fillings?.filter(({ ripe }) => ripe === undefined) ?? [];
  return (
    <section className="space-y-2" aria-label={words.fill}>
      <h3>{words.fill}</h3>
      <p>{words.bare(name, formatDay(gap.from, season), formatDay(gap.until, season))}</p>
      {fillings && eaten.length === 0 && <p className="text-soft">{words.nothingRipens}</p>}
      <Fillings title={words.toEat} fillings={eaten} onPlant={plant} />
      <Fillings title={words.toCover} fillings={covering} onPlant={plant} />
      <Fault text={fault} />
    </section>
  );
}

interface FillingsProps {
  title: string;
  fillings: readonly GapFilling[];
  onPlant: (filling: GapFilling) => void;
}

function Fillings({ title, fillings, onPlant }: FillingsProps) {
  const { season, units } = useDesk();
  const [all, setAll] = useState(false);
  if (fillings.length === 0) return null;
  return (
    <>
      <h4>{title}</h4>
      <RovingList>
        {(all ? fillings : fillings.slice(0, FEW)).map((filling) => {
          const { planting, ripe, count, yield: kilograms } = filling;
          return (
            <button
              key={planting.id}
              type="button"
              {...roving}
              className="block w-full border-b border-hair py-1 text-left hover:bg-markpale"
              onClick={() => {
                onPlant(filling);
              }}
            >
              <span className="font-semibold">{planting.name}</span>{" "}
              <span className="text-sm text-soft">
                {words.filling(
                  words.begun[planting.raising],
                  formatDay(planting.from, season),
                  ripe && formatDay(ripe, season),
                )}{" "}
                {words.plants(count)}
                {kilograms > 0 && `, ${formatMass(kilograms, units)}`}
              </span>
            </button>
          );
        })}
      </RovingList>
      {!all && fillings.length > FEW && (
        <button
          type="button"
          className="text-button text-sm"
          onClick={() => {
            setAll(true);
          }}
        >
          {words.more(fillings.length - FEW)}
        </button>
      )}
    </>
  );
}
