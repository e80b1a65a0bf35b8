import { useOpenWhen } from "../forms/useOpenWhen";
import { useFieldEdit } from "../forms/useFieldEdit";
import { dayOfHalf } from "../measure/halfMonths";
import { PaperLink } from "../papers/PaperLink";
import { Fault } from "../parts/Fault";
import { RovingList } from "../parts/RovingList";
import { useDesk } from "../workspace/desk";
import { SoilTestForm } from "./SoilTestForm";
import { words } from "./words";

/** The half-month of the year in which a new test is taken, to be changed. */
const LATE_FEBRUARY = 3;

/** Tests of the soil, and what the beds want. */
export function FeedingSection() {
  const { plan, season, selection, select, catalogue } = useDesk();
  const { faults, edit } = useFieldEdit();
  const [open, setOpen] = useOpenWhen(plan.soilTests.some(({ id }) => selection.has(id)));
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
      <Fault text={faults["name"]} />
      <p>
        <PaperLink paper="feeding" />
      </p>
    </details>
  );
}
