import { useWhenOpened } from "../api/useWhenOpened";
import { useDesk } from "../workspace/desk";
import type { Fence, PricedMake } from "./fence";
import { Costs, FenceOffer } from "./FenceOffer";
import { pestNames } from "./told";
import { words } from "./words";

/** The same line of other meshes and posts; rest on one to see it, press to take it. */
export function FenceMakes({ fence }: { fence: Fence }) {
  const { data, error, open, onToggle } = useWhenOpened<PricedMake[]>(`fences/${fence.id}/makes`);
  return (
    <details data-testid="makes" onToggle={onToggle}>
      <summary className="cursor-pointer">{words.compare}</summary>
      {open && error && (
        <p role="alert" className="text-snag">
          {error.message}
        </p>
      )}
      {open && !error && (data ? <Makes makes={data} /> : <p className="text-soft">{words.asking}</p>)}
    </details>
  );
}

function Makes({ makes }: { makes: readonly PricedMake[] }) {
  const desk = useDesk();
  const { kinds, posts } = desk.catalogue.fences;
  const drawn = makes[0]?.make.fence;
  const label = ({ kind, posts: post }: Fence) =>
    kind === drawn?.kind
      ? (posts.find((each) => each.kind === post)?.label ?? "")
      : (kinds.find((each) => each.kind === kind)?.label ?? "");
  const about = (holds: readonly string[], years: number) =>
    `${words.lasts(years)}; ${words.keeps(pestNames(holds, desk.plan))}.`;
  return (
    <div className="space-y-2 py-1 text-sm">
      {makes.map(({ make, cost }, index) =>
        index === 0 ? (
          <p key={index} className="p-2">
            <b>{words.asDrawn}</b>, <Costs cost={cost} />.{" "}
            <span className="text-soft">{about(make.holds, make.years)}</span>
          </p>
        ) : (
          <FenceOffer
            key={index}
            label={label(make.fence)}
            cost={cost}
            about={about(make.holds, make.years)}
            change={make.change}
            onTake={() => {
              desk.submit(make.change);
            }}
          />
        ),
      )}
    </div>
  );
}
