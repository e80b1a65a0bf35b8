import { Popover } from "radix-ui";
import type { Point } from "../api/types";
import { Choice } from "../parts/Choice";
import { CheckField } from "../parts/CheckField";
import { useDesk } from "../workspace/desk";
import { formatLength } from "../measure/lengths";
import { North } from "./Ground";
import { hatchId, Swatch } from "./Patterns";
import type { ViewControl } from "./useViewControl";
import { isNarrow, type Size, type View } from "./view";

/** Zoom, north, scale bar and the legend of hatches, over the corners of the sheet. */
export function SheetOverlay({ control, view }: { control: ViewControl; view: View }) {
  const desk = useDesk();
  const nobody = (desk.report?.beds ?? []).some((bed) => bed.nobody.area > 0);
  const missing = desk.plan.gardeners
    .map((gardener, index) => ({ gardener, index }))
    .filter(({ gardener }) =>
      (desk.report?.beds ?? []).some((bed) =>
        bed.reach.some((reach) => reach.gardener === gardener.id && reach.unreached.area > 0),
      ),
    );
  return (
    <>
      <div
        className="absolute top-2 right-2 flex items-center gap-1 lg:flex-col"
        data-overlay="buttons"
        onPointerDown={(event) => {
          event.stopPropagation();
        }}
      >
        <North north={desk.plan.site.north} />
        <ZoomButton label="Larger" sign="+" onClick={control.larger} />
        <ZoomButton label="Smaller" sign="−" onClick={control.smaller} />
        <ZoomButton label="Whole plot" sign="⤢" onClick={control.fit} />
        <ShowMenu />
      </div>
      {(nobody || missing.length > 0) && (
        <details
          data-overlay="legend"
          className="absolute bottom-2 left-2 border border-rule bg-paper/95 px-2 py-1 text-sm"
          onPointerDown={(event) => {
            event.stopPropagation();
          }}
        >
          <summary className="cursor-pointer font-semibold">Out of reach</summary>
          {nobody && (
            <p className="flex items-center gap-2">
              <Swatch pattern="hatch-nobody" /> for everybody
            </p>
          )}
          {missing.map(({ gardener, index }) => (
            <p key={gardener.id} className="flex max-w-52 items-center gap-2">
              <Swatch pattern={hatchId(index)} /> <span className="truncate">for {gardener.name}</span>
            </p>
          ))}
        </details>
      )}
      <ScaleBar view={view} />
    </>
  );
}

function ZoomButton({ label, sign, onClick }: { label: string; sign: string; onClick: () => void }) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      className="h-8 w-8 cursor-pointer border border-rule bg-paper text-lg leading-none hover:bg-markpale"
      onClick={onClick}
    >
      {sign}
    </button>
  );
}

/** What the sheet shows besides what is there. */
function ShowMenu() {
  const { shown, show } = useDesk();
  const version = typeof shown.ghosts === "object" ? shown.ghosts : null;
  const season = typeof shown.ghosts === "string" ? shown.ghosts : "none";
  return (
    <Popover.Root>
      <Popover.Trigger
        className="h-8 w-8 cursor-pointer border border-rule bg-paper text-lg leading-none hover:bg-markpale"
        aria-label="What the sheet shows"
        title="What the sheet shows"
      >
        ◫
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="left"
          align="start"
          sideOffset={6}
          className="z-20 w-64 space-y-2 border border-ink bg-white p-3"
          aria-label="What the sheet shows"
        >
          <CheckField
            label="All dimensions"
            checked={shown.dimensions}
            onChange={(dimensions) => {
              show({ dimensions });
            }}
          />
          <CheckField
            label="Numbers of the snags"
            checked={shown.marks}
            onChange={(marks) => {
              show({ marks });
            }}
          />
          <Choice
            label="Outlines of another season"
            value={version ? "version" : season}
            options={[
              { value: "none", label: "none" },
              { value: "before", label: "as it was the season before" },
              { value: "after", label: "as it will be the season after" },
              ...(version ? [{ value: "version" as const, label: `as in ${version.name}` }] : []),
            ]}
            onChange={(chosen) => {
              if (chosen !== "version") show({ ghosts: chosen === "none" ? null : chosen });
            }}
          />
          <p className="text-sm text-soft">
            Dimensions show round what is selected or under the pointer. P pins those of what is selected.
          </p>
          {shown.pinned.size > 0 && (
            <button
              type="button"
              className="plain-button w-full"
              onClick={() => {
                show({ pinned: new Set() });
              }}
            >
              Unpin the dimensions of {shown.pinned.size} {shown.pinned.size === 1 ? "thing" : "things"}
            </button>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** Where the buttons, the legend and the scale lie over a sheet: nothing is written below them. Pixels. */
export function overlaysOf({ width, height }: Size): Point[][] {
  const box = (left: number, top: number, right: number, bottom: number) => [
    { x: left, y: top },
    { x: right, y: top },
    { x: right, y: bottom },
    { x: left, y: bottom },
  ];
  const buttons = isNarrow({ width, height })
    ? [box(width - 220, 0, width, 62)]
    : [box(width - 62, 0, width, 210), box(width - 170, 0, width - 60, 46)];
  return [...buttons, box(0, height - 38, 150, height), box(width - 150, height - 36, width, height)];
}

const FEET = 0.3048;
const WIDEST_BAR = 130;

function ScaleBar({ view }: { view: View }) {
  const { units } = useDesk();
  const unit = units === "METRIC" ? 1 : FEET;
  const steps = [0.1, 0.25, 0.5, 1, 2, 5, 10, 20, 50, 100];
  const long =
    steps
      .map((step) => step * unit)
      .filter((step) => step * view.scale <= WIDEST_BAR)
      .at(-1) ?? 0.1 * unit;
  return (
    <div
      data-overlay="scale"
      className="pointer-events-none absolute right-2 bottom-2 bg-film/80 px-1 text-right text-sm"
    >
      <span className="figures">{formatLength(long, units)}</span>
      <svg width={long * view.scale + 2} height="9" className="ml-auto block" aria-hidden="true">
        <path
          d={`M1 0V8H${String(long * view.scale + 1)}V0`}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth="1.5"
        />
      </svg>
    </div>
  );
}
