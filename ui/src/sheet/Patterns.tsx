/** Hatches of the sheet. Soil is dotted, what nobody reaches is crossed, what a gardener misses is hatched at their own angle. */

/** What else lies on the ground: each its own texture, so that colour is never the only difference. */
const GROUNDS = [
  { id: "built", fill: "#dfe4ea", path: "M0 0L10 10", size: 10, turn: 0 },
  { id: "slab", fill: "#eceff2", path: "M0 0h12v12", size: 12, turn: 0 },
  { id: "steps", fill: "#eceff2", path: "M0 0h6", size: 6, turn: 0 },
  { id: "keep-off", fill: "#f6ead0", path: "M0 0L9 9M9 0L0 9", size: 9, turn: 0 },
  { id: "crown", fill: "#e3ecdf", path: "M2 4a2 2 0 0 1 4 0", size: 12, turn: 0 },
  { id: "usable", fill: "#d8ebf466", path: "M0 11h22", size: 22, turn: -30 },
  { id: "surface-WOOD_CHIP", fill: "#f3ecdf", path: "M1 2l3 1M6 6l2-2M2 8l2 1", size: 10, turn: 12 },
  { id: "surface-LOOSE_GRAVEL", fill: "#eef0f2", path: "M2 2h.8M6 4h.8M3 7h.8M8 8h.8", size: 9, turn: 0 },
  { id: "surface-STABILISED_GRAVEL", fill: "#e9ecee", path: "M2 2h.8M6 6h.8", size: 7, turn: 0 },
  { id: "surface-PAVERS", fill: "#edf0f3", path: "M0 0h14M0 7h14M4 0v7M11 7v7", size: 14, turn: 0 },
  { id: "surface-BOARDS", fill: "#eee3d0", path: "M0 0v8", size: 8, turn: 0 },
  { id: "surface-RUBBER", fill: "#e2e5e8", path: "M0 0L6 6", size: 6, turn: 0 },
  { id: "surface-GRASS", fill: "#e6efe0", path: "M2 7l1-3M4 7V4M7 3l1-2", size: 10, turn: 0 },
  { id: "surface-BARE_SOIL", fill: "#f1ebe1", path: "M3 3h1", size: 8, turn: 0 },
] as const;

const ANGLES = [45, -45, 0, 90, 20, -20];

export function hatchId(gardenerIndex: number): string {
  return `hatch-${String(gardenerIndex % ANGLES.length)}`;
}

export function Patterns() {
  return (
    <defs>
      <SoilPattern id="soil" />
      {GROUNDS.map(({ id, fill, path, size, turn }) => (
        <pattern
          key={id}
          id={id}
          width={size}
          height={size}
          patternUnits="userSpaceOnUse"
          patternTransform={`rotate(${String(turn)})`}
        >
          <rect width={size} height={size} fill={fill} />
          <path d={path} stroke="var(--color-soft)" strokeOpacity="0.7" strokeWidth="0.9" fill="none" />
        </pattern>
      ))}
      <pattern
        id="hatch-nobody"
        width="7"
        height="7"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="7" height="7" fill="#fbe6e0" fillOpacity="0.85" />
        <path d="M0 0v7M0 0h7" stroke="var(--color-snag)" strokeWidth="1.6" />
      </pattern>
      {ANGLES.map((angle, index) => (
        <pattern
          key={angle}
          id={hatchId(index)}
          width="6"
          height="6"
          patternUnits="userSpaceOnUse"
          patternTransform={`rotate(${String(angle)})`}
        >
          <path d="M0 0v6" stroke="var(--color-ink)" strokeOpacity="0.62" strokeWidth="1.1" />
        </pattern>
      ))}
    </defs>
  );
}

/** Soil, wherever it is drawn. */
export function SoilPattern({ id }: { id: string }) {
  return (
    <pattern id={id} width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(18)">
      <rect width="9" height="9" fill="var(--color-soil)" />
      <path d="M1 2h2M5.5 6.5h2" stroke="#b8a68b" strokeWidth="0.9" />
    </pattern>
  );
}

/** A swatch of a hatch, for legends. */
export function Swatch({ pattern }: { pattern: string }) {
  return (
    <svg width="26" height="16" aria-hidden="true" className="shrink-0">
      <rect x="0.5" y="0.5" width="25" height="15" fill="white" stroke="var(--color-soft)" />
      <rect x="0.5" y="0.5" width="25" height="15" fill={`url(#${pattern})`} />
    </svg>
  );
}
