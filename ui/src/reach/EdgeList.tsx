import { useEffect, useState } from "react";
import { useAtTheBed } from "../api/queries";
import type { AtTheBed } from "../api/types";
import { formatLength } from "../measure/lengths";
import { easeWords, sideName } from "./words";
import { useDesk } from "../workspace/desk";

type Edge = AtTheBed["edges"][number];

/** Edge by edge where each gardener can be at the selected bed, shown on the sheet for one of them, and how its height suits them. */
export function EdgeList() {
  const desk = useDesk();
  const { setSketch } = desk;
  const [only] = desk.selection.size === 1 ? [...desk.selection] : [];
  const bed = only === undefined ? undefined : desk.bedById.get(only);
  const { data } = useAtTheBed(desk.plan.id, desk.garden.revision, desk.season, bed?.bed ?? null);
  const [shown, setShown] = useState<string | null>(null);

  useEffect(() => {
    const edges = data?.edges.filter((edge) => edge.gardener === shown) ?? [];
    setSketch(
      edges.flatMap((edge) => edge.open.map(({ start, end }) => ({ points: [start, end], closed: false }))),
    );
    return () => {
      setSketch([]);
    };
  }, [data, shown, setSketch]);

  if (desk.plan.gardeners.length === 0) return null;
  if (!bed) return <p className="text-sm text-soft">Select a bed to see who can be at which of its edges.</p>;
  return (
    <section className="space-y-1 border-t border-rule pt-2" data-testid="edges">
      <h3>At the edges of {bed.name}</h3>
      {desk.plan.gardeners.map((gardener) => {
        const edges = data?.edges.filter((edge) => edge.gardener === gardener.id) ?? [];
        const height = data?.heights.find((h) => h.gardener === gardener.id);
        return (
          <div key={gardener.id} className="border-b border-hair pb-1 text-sm">
            <button
              type="button"
              className={shown === gardener.id ? "strong-button px-2" : "plain-button px-2"}
              aria-pressed={shown === gardener.id}
              onClick={() => {
                setShown(shown === gardener.id ? null : gardener.id);
              }}
            >
              {gardener.name}
            </button>
            <p>{edgeWords(edges, (metres) => formatLength(metres, desk.units))}</p>
            {height && height.ease !== "UNKNOWN" && (
              <p>
                {easeWords(height.ease)}
                {height.stoop !== undefined && height.stoop > 0 && (
                  <>
                    : the rim is <span className="figures">{formatLength(height.stoop, desk.units)}</span>{" "}
                    below the wrists
                  </>
                )}
                .
              </p>
            )}
          </div>
        );
      })}
      {data?.canBeSatOn && <p className="text-sm">The cap is as high as a bench: it can be sat on.</p>}
    </section>
  );
}

/** "All of the right and the lower edge; 1.20 of 2.40 m of the upper; not the left." */
function edgeWords(edges: readonly Edge[], length: (metres: number) => string): string {
  const whole = edges.filter((edge) => edge.free > edge.length - 0.001);
  const some = edges.filter((edge) => edge.free > 0 && edge.free <= edge.length - 0.001);
  const none = edges.filter((edge) => edge.free === 0);
  if (edges.length > 0 && whole.length === edges.length) return "At all of its edges.";
  if (none.length === edges.length) return "At none of its edges.";
  const parts = [
    whole.length > 0 ? `all of the ${sides(whole)}` : "",
    ...some.map((edge) => `${length(edge.free)} of ${length(edge.length)} at the ${sideOf(edge)}`),
    none.length > 0 ? `not the ${sides(none)}` : "",
  ];
  const text = parts.filter((part) => part !== "").join("; ");
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}

/** Each side once; "lower (3)" where several edges of a notched bed look the same way. */
function sides(edges: readonly Edge[]): string {
  const counts = new Map<string, number>();
  for (const edge of edges) counts.set(sideOf(edge), (counts.get(sideOf(edge)) ?? 0) + 1);
  return [...counts].map(([side, count]) => (count === 1 ? side : `${side} (${String(count)})`)).join(", ");
}

/** An edge is called after where it looks on the sheet; the ground lies to its right. */
function sideOf({ start, end }: Edge): string {
  return sideName(end.y - start.y, start.x - end.x);
}
