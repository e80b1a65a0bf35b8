import { useOpenWhen } from "../forms/useOpenWhen";
import { dayOfHalf } from "../measure/halfMonths";
import { PaperLink } from "../papers/PaperLink";
import { byName } from "../parts/byName";
import { useDesk } from "../workspace/desk";
import { MulchForm } from "./MulchForm";
import { NotedThings } from "./NotedThings";
import { SoilTestForm } from "./SoilTestForm";
import { words } from "./words";

/** The half-month of the year in which a new test is taken, to be changed. */
const LATE_FEBRUARY = 3;

/** A new mulch is of this kind, to be changed. */
const FIRST_KIND = "STRAW";

/** Tests of the soil, mulch, and what the beds want. */
export function FeedingSection() {
  const { plan, season, units, selection, catalogue, outlines } = useDesk();
  const [open, setOpen] = useOpenWhen(
    [...plan.soilTests, ...plan.mulches].some(({ id }) => selection.has(id)),
  );
  const usual = catalogue.crops.soil.mulches.find(({ key }) => key === FIRST_KIND);
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
      <NotedThings
        testId="soil-tests"
        hint={words.hint}
        none={words.none}
        things={tests}
        form={(test) => <SoilTestForm key={test.id} test={test} />}
        add={words.add}
        begun={(id) => ({
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
        })}
      />
      <h3>{words.mulchTitle}</h3>
      <NotedThings
        testId="mulches"
        hint={words.mulchHint}
        none={words.noMulch}
        things={byName(plan.mulches)}
        form={(mulch) => <MulchForm key={mulch.id} mulch={mulch} />}
        add={words.addMulch}
        begun={(id) => ({
          kind: "PutMulch",
          mulch: {
            id,
            name: words.newMulch,
            kind: FIRST_KIND,
            depth: (units === "METRIC" ? usual?.metric : usual?.feet) ?? 0,
            first: season,
            seasons: 1,
            beds: [...selection].filter((bed) => outlines.has(bed)),
          },
        })}
      />
      <p>
        <PaperLink paper="feeding" />
      </p>
    </details>
  );
}
