/** Hatches of the sheet. Soil is dotted, what nobody reaches is crossed, what a gardener misses is hatched at their own angle. */

const ANGLES = [45, -45, 0, 90, 20, -20];

export function hatchId(gardenerIndex: number): string {
  return `hatch-${String(gardenerIndex % ANGLES.length)}`;
}

export function Patterns() {
  return (
    <defs>
      <SoilPattern id="soil" />
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
