import type { Exposure } from "./sun";

/** Each its own texture, so that colour is never the only difference: the darker, the less sun. */
export const EXPOSURE_HATCH: Record<Exposure, string> = {
  FULL_SUN: "sun-full",
  PART_SUN: "sun-part",
  LEAF_CROPS: "sun-leaf",
  SHADE: "sun-shade",
};

const HATCHES = [
  { id: "sun-full", fill: "#f7e3a2", path: "" },
  { id: "sun-part", fill: "#ecd9b0", path: "M4 4h1" },
  { id: "sun-leaf", fill: "#c9cbbb", path: "M0 8L8 0" },
  { id: "sun-shade", fill: "#8f9aa8", path: "M0 8L8 0M0 0L8 8" },
] as const;

export function SunHatches() {
  return (
    <defs>
      {HATCHES.map(({ id, fill, path }) => (
        <pattern key={id} id={id} width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill={fill} fillOpacity="0.6" />
          <path d={path} stroke="var(--color-ink)" strokeOpacity="0.6" strokeWidth="1.2" fill="none" />
        </pattern>
      ))}
    </defs>
  );
}

/** What a hatch looks like, beside its words. */
export function SunSwatch({ exposure }: { exposure: Exposure }) {
  const hatch = HATCHES.find(({ id }) => id === EXPOSURE_HATCH[exposure]);
  return (
    <svg width="26" height="16" aria-hidden="true" className="shrink-0 border border-soft">
      <SunHatches />
      <rect width="26" height="16" fill={`url(#${hatch?.id ?? ""})`} />
    </svg>
  );
}
