import { SoilPattern } from "../sheet/Patterns";

/** A bed as the sheet draws it: what the program is about, at a glance. */
export function Frontispiece() {
  return (
    <svg
      viewBox="22 20 398 172"
      className="mt-6 w-full max-w-lg"
      role="img"
      aria-label="A bed of 2.40 by 1.20 metres, drawn to scale with its dimensions"
    >
      <defs>
        <SoilPattern id="front-soil" />
        <pattern
          id="front-out"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <path d="M0 0v7" stroke="var(--color-snag)" strokeWidth="1.6" />
        </pattern>
      </defs>
      <path d="M30 30H390V160H30Z" fill="var(--color-timber)" stroke="var(--color-ink)" strokeWidth="1.4" />
      <path d="M36 36H384V154H36Z" fill="url(#front-soil)" stroke="var(--color-ink)" strokeWidth="0.7" />
      <path d="M92 86H328V104H92Z" fill="url(#front-out)" stroke="var(--color-snag)" />
      <g stroke="var(--color-soft)" fill="none">
        <path d="M30 176H390M26 180l8-8M386 180l8-8M404 30V160M400 34l8-8M400 164l8-8" />
      </g>
      <g className="figures" fontSize="13" fill="var(--color-ink)" textAnchor="middle">
        <rect x="180" y="168" width="60" height="17" fill="var(--color-film)" />
        <text x="210" y="181">
          2.40 m
        </text>
        <rect x="395" y="72" width="18" height="50" fill="var(--color-film)" />
        <text transform="translate(409 97) rotate(-90)">1.20 m</text>
      </g>
      <text x="210" y="76" fontSize="12" textAnchor="middle" fill="var(--color-snag)">
        nobody reaches this
      </text>
    </svg>
  );
}
