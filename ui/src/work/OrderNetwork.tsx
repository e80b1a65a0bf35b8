import { networkOf, type NetworkNode } from "./network";
import type { WorkOfSeason } from "./tasks";
import { words } from "./words";

/* Sizes of the drawing, pixels. */
const WIDE = 150;
const HIGH = 40;
const ACROSS = 200;
const DOWN = 56;
const MARGIN = 8;
const HEAD = 6;

/** The stages of the season as a network: what an arrow comes from is done before what it leads to. */
export function OrderNetwork({ stages }: { stages: WorkOfSeason["stages"] }) {
  const { nodes, arrows } = networkOf(stages);
  const byStage = new Map(nodes.map((node) => [node.stage, node]));
  const wide = Math.max(...nodes.map(({ column }) => column)) * ACROSS + WIDE + 2 * MARGIN;
  const high = Math.max(...nodes.map(({ row }) => row)) * DOWN + HIGH + 2 * MARGIN;
  return (
    <div className="overflow-x-auto">
      <svg
        width={wide}
        height={high}
        role="img"
        aria-label={words.networkOf(stages.map(({ label }) => label))}
      >
        <defs>
          <marker
            id="comes-before"
            markerWidth={HEAD}
            markerHeight={HEAD}
            refX={HEAD}
            refY={HEAD / 2}
            orient="auto"
          >
            <path
              d={`M0,0 L${String(HEAD)},${String(HEAD / 2)} L0,${String(HEAD)} Z`}
              fill="var(--color-soft)"
            />
          </marker>
        </defs>
        {arrows.map(({ before, after, reason }) => {
          const from = byStage.get(before);
          const to = byStage.get(after);
          return (
            from &&
            to && (
              <path
                key={`${before} ${after}`}
                d={curve(from, to)}
                fill="none"
                stroke="var(--color-soft)"
                markerEnd="url(#comes-before)"
              >
                <title>{reason}</title>
              </path>
            )
          );
        })}
        {nodes.map((node) => (
          <g key={node.stage} transform={`translate(${String(left(node))} ${String(top(node))})`}>
            <rect width={WIDE} height={HIGH} fill="white" stroke="var(--color-ink)" />
            <text x={6} y={16} className="text-xs" fill="var(--color-ink)">
              {node.label}
            </text>
            <text x={6} y={32} className="figures text-xs" fill="var(--color-soft)">
              {words.hours(node.hours)}
            </text>
          </g>
        ))}
      </svg>
    </div>
  );
}

const left = ({ column }: NetworkNode) => MARGIN + column * ACROSS;
const top = ({ row }: NetworkNode) => MARGIN + row * DOWN;

/** From the right side of one to the left side of another, level at both ends. */
function curve(from: NetworkNode, to: NetworkNode): string {
  const x1 = left(from) + WIDE;
  const y1 = top(from) + HIGH / 2;
  const x2 = left(to);
  const y2 = top(to) + HIGH / 2;
  const bend = (x2 - x1) / 2;
  return `M${String(x1)},${String(y1)} C${String(x1 + bend)},${String(y1)} ${String(x2 - bend)},${String(y2)} ${String(x2)},${String(y2)}`;
}
