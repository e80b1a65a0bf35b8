import { memo } from "react";
import { fontOf, leaderOf, lineSize, sizeOf, type PlacedLabel, type Tone } from "./labels";
import { middleOf, type Geometries, type Pieces } from "./things";
import { fontStyle } from "./textWidth";
import type { View } from "./view";

interface Look {
  ink: string;
  /** Behind the letters, so that they can be read over lines. */
  halo: string;
  ground?: string;
  frame?: string;
}

const LOOKS: Record<Tone, Look> = {
  name: { ink: "var(--color-ink)", halo: "var(--color-soil)" },
  soft: { ink: "var(--color-ink)", halo: "var(--color-paper)" },
  figure: { ink: "var(--color-ink)", halo: "var(--color-paper)" },
  typed: { ink: "white", halo: "none", ground: "var(--color-mark)" },
  mark: { ink: "var(--color-snag)", halo: "none", ground: "white", frame: "var(--color-snag)" },
  serious: { ink: "white", halo: "none", ground: "var(--color-snag)", frame: "var(--color-snag)" },
};

interface Props {
  labels: readonly PlacedLabel[];
  moved: Geometries;
  /** Where the moved things were when the labels were placed. */
  things: ReadonlyMap<string, { geometry: Parameters<typeof middleOf>[0] }>;
  pieces: Pieces;
  view: View;
  /** Undefined keeps the thing in sight whose figure it is, null lets it go. */
  onHover: (thing: null | undefined) => void;
}

/** Names, figures and marks where they found their places; those of what is moved go along. */
export function Labels({ labels, moved, things, pieces, view, onHover }: Props) {
  return (
    <g data-testid="labels">
      {labels.map((label) => {
        const now = label.thing === undefined ? undefined : moved.get(label.thing);
        const was = label.thing === undefined ? undefined : things.get(label.thing)?.geometry;
        if (!now || !was) return <OneLabel key={label.key} label={label} onHover={onHover} />;
        const from = middleOf(was, pieces);
        const to = middleOf(now, pieces);
        const dx = (to.x - from.x) * view.scale;
        const dy = (from.y - to.y) * view.scale;
        return (
          <g key={label.key} transform={`translate(${dx.toFixed(1)} ${dy.toFixed(1)})`}>
            <OneLabel label={label} onHover={onHover} />
          </g>
        );
      })}
    </g>
  );
}

const OneLabel = memo(function OneLabel({ label, onHover }: { label: PlacedLabel } & Pick<Props, "onHover">) {
  const { form, tone, button } = label;
  const { ink, halo, ground, frame } = LOOKS[tone];
  const { width, height } = sizeOf(form, tone);
  const leader = form.leader && leaderOf(form, form.leader, tone);
  const step = form.size * 1.25;
  return (
    <g
      data-label={label.key}
      data-tone={tone}
      {...(button
        ? {
            role: "button",
            tabIndex: -1,
            "aria-label": button.name,
            className: "group cursor-pointer",
            onClick: button.onClick,
            onPointerEnter: () => {
              onHover(undefined);
            },
            onPointerLeave: () => {
              onHover(null);
            },
            onPointerDown: (event) => {
              event.stopPropagation();
            },
          }
        : { pointerEvents: "none", "aria-hidden": true })}
    >
      {leader && (
        <path
          d={`M${leader.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join("L")}`}
          stroke={frame ?? "var(--color-soft)"}
          strokeWidth="1"
          fill="none"
        />
      )}
      {leader && <circle cx={leader[1].x} cy={leader[1].y} r="1.8" fill={frame ?? "var(--color-soft)"} />}
      <g
        transform={`translate(${form.at.x.toFixed(1)} ${form.at.y.toFixed(1)}) rotate(${form.turn.toFixed(2)})`}
        textAnchor="middle"
        fill={ink}
        stroke={halo}
        strokeWidth="3"
        paintOrder="stroke"
      >
        {(ground ?? button) && (
          <rect
            x={-width / 2}
            y={-height / 2}
            width={width}
            height={height}
            fill={ground ?? "transparent"}
            stroke={frame ?? "none"}
            strokeWidth="1.4"
            className={ground ? "" : "group-hover:fill-markpale"}
          />
        )}
        {form.lines.map((line, index) => (
          <text
            key={index}
            y={(index - (form.lines.length - 1) / 2) * step + form.size * 0.34}
            stroke={ground ? "none" : undefined}
            style={
              frame
                ? { ...fontStyle("bold", form.size), fontWeight: 700 }
                : fontStyle(fontOf(form, tone, index), lineSize(form, index))
            }
          >
            {line}
          </text>
        ))}
      </g>
    </g>
  );
});
