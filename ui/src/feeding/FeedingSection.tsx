import type { Units } from "../api/types";
import { useOpenWhen } from "../forms/useOpenWhen";
import { useFieldEdit } from "../forms/useFieldEdit";
import { dayOfHalf } from "../measure/halfMonths";
import { PaperLink } from "../papers/PaperLink";
import { Fault } from "../parts/Fault";
import { RovingList } from "../parts/RovingList";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { MulchForm } from "./MulchForm";
import { SoilTestForm } from "./SoilTestForm";
import { words } from "./words";

/** The half-month of the year in which a new test is taken, to be changed. */
const LATE_FEBRUARY = 3;

/** Two inches, or five centimetres. */
const usualDepth = (units: Units) => (units === "METRIC" ? 0.05 : 0.0508);

/** Tests of the soil, mulch, and what the beds want. */
export function FeedingSection() {
  const { plan, season, units, selection, select, catalogue, outlines } = useDesk();
  const { faults, edit } = useFieldEdit();
  const mulches = byName(plan.mulches);
  const [open, setOpen] = useOpenWhen(
    [...plan.soilTests, ...plan.mulches].some(({ id }) => selection.has(id)),
  );
  const tests = [...plan.soilTests].sort((a, b) => a.taken.localeCompare(b.taken));
  return (
    <details
      className="space-y-2 border-t border-rule pt-2"
      open={open}
      onToggle={(event) => {
        setOpen(event.currentTarget.open);
      }}
    >
      <summary className="cursor-pointer font-semibold">{words.title}</summary>
      <p className="text-sm text-soft">{words.hint}</p>
      {tests.length === 0 && <p>{words.none}</p>}
      <RovingList data-testid="soil-tests">
        {tests.map((test) => (
          <SoilTestForm key={test.id} test={test} />
        ))}
      </RovingList>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          const id = crypto.randomUUID();
          edit("name", {
            kind: "PutSoilTest",
            soilTest: {
              id,
              name: words.newName,
              taken: dayOfHalf(season, plan.yearBegins ?? "--01-01", LATE_FEBRUARY),
              acidity: catalogue.crops.soil.aim,
              texture: "LOAM",
              amending: "ORGANIC",
              beds: [],
            },
          });
          select([id]);
        }}
      >
        {words.add}
      </button>
      <h3>{words.mulchTitle}</h3>
      <p className="text-sm text-soft">{words.mulchHint}</p>
      {mulches.length === 0 && <p>{words.noMulch}</p>}
      <RovingList data-testid="mulches">
        {mulches.map((mulch) => (
          <MulchForm key={mulch.id} mulch={mulch} />
        ))}
      </RovingList>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          const id = crypto.randomUUID();
          edit("name", {
            kind: "PutMulch",
            mulch: {
              id,
              name: words.newMulch,
              kind: "STRAW",
              depth: usualDepth(units),
              first: season,
              seasons: 1,
              beds: [...selection].filter((bed) => outlines.has(bed)),
            },
          });
          select([id]);
        }}
      >
        {words.addMulch}
      </button>
      <Fault text={faults["name"]} />
      <p>
        <PaperLink paper="feeding" />
      </p>
    </details>
  );
}
