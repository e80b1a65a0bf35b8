import { words } from "./words";

const WIDE = 4;
const HIGH = 18;
/** As high as the band: more hours of sun there are nowhere on most days. */
const MOST = 16;

/** A bed's hours of sun through the year, a bar for each half-month; a line stands where full sun begins. */
export function YearBand({ hours, fullSun }: { hours: readonly number[]; fullSun: number }) {
  const y = (value: number) => HIGH - (Math.min(value, MOST) / MOST) * HIGH;
  return (
    <svg
      width={WIDE * hours.length}
      height={HIGH}
      role="img"
      aria-label={words.band(Math.min(...hours).toFixed(1), Math.max(...hours).toFixed(1))}
      className="inline-block align-middle"
    >
      {hours.map((value, half) => (
        <rect
          key={half}
          x={half * WIDE}
          y={y(value)}
          width={WIDE - 1}
          height={HIGH - y(value)}
          fill="var(--color-ochre)"
        />
      ))}
      <path
        d={`M0 ${String(y(fullSun))}h${String(WIDE * hours.length)}`}
        stroke="var(--color-ink)"
        strokeWidth="0.8"
      />
    </svg>
  );
}
