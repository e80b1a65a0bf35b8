import type { ReactNode } from "react";

/* Small drawings beside an explanation, in the hand of the sheet: soil, timber, and the blue of what is meant. */

function Drawn({ children }: { children: ReactNode }) {
  return (
    <svg viewBox="0 0 120 64" width="120" height="64" aria-hidden="true" className="mt-2" fill="none">
      {children}
    </svg>
  );
}

const SOIL = { fill: "var(--color-soil)", stroke: "var(--color-ink)", strokeWidth: 1.2 };
const TIMBER = { fill: "var(--color-timber)", stroke: "var(--color-ink)", strokeWidth: 1.2 };
const MEANT = { stroke: "var(--color-mark)", strokeWidth: 2 };

/** A bed from above, worked from either side as far as an arm goes. */
export function ReachDrawing() {
  return (
    <Drawn>
      <rect x="8" y="10" width="104" height="44" {...SOIL} />
      <path d="M60 60V34M60 4V30" {...MEANT} />
      <path d="M56 38 60 33 64 38M56 26 60 31 64 26" {...MEANT} />
      <path d="M8 32H112" stroke="var(--color-soft)" strokeDasharray="4 3" />
    </Drawn>
  );
}

/** Two layers of boards seen from the side, one of them meant. */
export function CourseDrawing() {
  return (
    <Drawn>
      <rect x="10" y="34" width="100" height="20" {...TIMBER} />
      <rect x="10" y="12" width="100" height="20" {...TIMBER} />
      <path d="M78 34V54M44 12V32" stroke="var(--color-ink)" />
      <rect x="8" y="10" width="104" height="24" {...MEANT} />
    </Drawn>
  );
}

/** Four boards from above, each running past the next. */
export function PinwheelDrawing() {
  return (
    <Drawn>
      <path d="M20 8H92V16H20Z" {...TIMBER} />
      <path d="M92 8H100V48H92Z" {...TIMBER} />
      <path d="M28 48H100V56H28Z" {...TIMBER} />
      <path d="M20 16H28V56H20Z" {...TIMBER} />
      <path d="M88 20 96 8M32 44 24 56" {...MEANT} />
    </Drawn>
  );
}

/** A bed from above with a place to stand let into it. */
export function KeyholeDrawing() {
  return (
    <Drawn>
      <path d="M10 6H110V58H66V40A12 12 0 1 0 54 40V58H10Z" {...SOIL} />
      <path d="M60 32H100M60 32 40 14M60 32H20" {...MEANT} />
    </Drawn>
  );
}

/** A bed with three fingers from above, and a wheel in a bay. */
export function CombDrawing() {
  return (
    <Drawn>
      <path d="M8 6H112V58H92V24H70V58H50V24H28V58H8Z" {...SOIL} />
      <circle cx="39" cy="46" r="8" {...MEANT} />
      <circle cx="81" cy="46" r="8" {...MEANT} />
    </Drawn>
  );
}

/** A board with what the saw takes between two pieces. */
export function KerfDrawing() {
  return (
    <Drawn>
      <path d="M8 22H56V42H8ZM62 22H112V42H62Z" {...TIMBER} />
      <path d="M59 10V54" {...MEANT} strokeWidth={5} strokeDasharray="3 3" />
    </Drawn>
  );
}
