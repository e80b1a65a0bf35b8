import type { ReactNode } from "react";
import { Link } from "react-router";
import { guide } from "./guide";
import { words } from "./words";

/** Small pictures of the steps, drawn as the sheet draws: 60 by 40. */
const PICTURES: Readonly<Record<keyof typeof guide.steps, ReactNode>> = {
  ground: (
    <>
      <path d="M6 34V8L40 5L54 16V34Z" fill="none" stroke="var(--color-ink)" strokeWidth="2" />
      <circle cx="44" cy="13" r="4" fill="var(--color-timber)" stroke="var(--color-ink)" />
    </>
  ),
  beds: (
    <>
      <path d="M8 10H52V30H8Z" fill="var(--color-soil)" stroke="var(--color-ink)" strokeWidth="1.5" />
      <path d="M8 36H52M6 38l4-4M50 38l4-4" stroke="var(--color-soft)" fill="none" />
    </>
  ),
  reach: (
    <>
      <path d="M4 4H22V36H4ZM38 4H56V36H38Z" fill="var(--color-soil)" stroke="var(--color-ink)" />
      <path d="M24 20H36M27 17l-3 3 3 3M33 17l3 3-3 3" stroke="var(--color-mark)" fill="none" />
    </>
  ),
  frames: (
    <>
      <path d="M6 10H54V32H6Z" fill="var(--color-timber)" stroke="var(--color-ink)" strokeWidth="1.5" />
      <path d="M10 14H50V28H10Z" fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth="0.8" />
    </>
  ),
  fill: (
    <>
      <path d="M8 12V34H52V12" fill="none" stroke="var(--color-ink)" strokeWidth="1.5" />
      <path d="M9 18H51V33H9Z" fill="var(--color-soil)" />
      <path d="M9 18H51M9 26H51" stroke="var(--color-soft)" />
    </>
  ),
  water: (
    <>
      <path d="M6 20H54M18 20V34M34 20V34M50 20V34" stroke="var(--color-water)" strokeWidth="2" fill="none" />
      <circle cx="6" cy="20" r="4" fill="var(--color-paper)" stroke="var(--color-water)" strokeWidth="2" />
    </>
  ),
  fence: (
    <path
      d="M4 34V8M21 34V8M39 34V8M56 34V8M4 12H56M4 20H56M4 28H56"
      stroke="var(--color-fence)"
      strokeWidth="1.6"
      fill="none"
    />
  ),
  sun: (
    <>
      <path d="M6 34C10 2 50 2 54 34" fill="none" stroke="var(--color-ochre)" strokeDasharray="3 3" />
      <circle
        cx="30"
        cy="10"
        r="5"
        fill="var(--color-ochrepale)"
        stroke="var(--color-ochre)"
        strokeWidth="1.5"
      />
      <path d="M26 34V22H34V34" fill="var(--color-masonry)" stroke="var(--color-ink)" />
    </>
  ),
  crops: (
    <>
      <path d="M6 34H54" stroke="var(--color-ink)" strokeWidth="1.5" />
      <path
        d="M18 34V18M18 24C10 24 10 16 10 16M18 20C26 20 26 12 26 12M42 34V22M42 28C36 28 36 22 36 22M42 26C48 26 48 20 48 20"
        stroke="var(--color-leaf)"
        strokeWidth="1.8"
        fill="none"
      />
    </>
  ),
  purse: (
    <>
      <path d="M6 16H54V26H6Z" fill="var(--color-soil)" stroke="var(--color-ink)" />
      <path d="M6 16H30V26H6Z" fill="var(--color-ink)" />
      <path d="M46 12V30" stroke="var(--color-ochre)" strokeWidth="2" />
    </>
  ),
};

/** The whole job on one page: what follows what, and what the program never decides. */
export function GuidePage() {
  return (
    <main className="mx-auto max-w-4xl px-4 py-6">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="grow text-2xl">{words.guide}</h1>
        <Link to="/gardens" className="text-button text-sm">
          {words.backToGardens}
        </Link>
      </div>
      <p className="mt-2 max-w-prose">{guide.lead}</p>
      <ol className="mt-4 grid gap-x-8 gap-y-3 sm:grid-cols-2">
        {Object.entries(PICTURES).map(([step, picture], index) => {
          const { name, what } = guide.steps[step as keyof typeof guide.steps];
          return (
            <li key={step} className="flex gap-3 border-t border-rule pt-3">
              <svg viewBox="0 0 60 40" className="h-10 w-15 shrink-0" aria-hidden="true">
                {picture}
              </svg>
              <div>
                <h2 className="font-semibold">
                  <span className="figures text-soft">{index + 1}</span> {name}
                </h2>
                <p className="text-sm">{what}</p>
              </div>
            </li>
          );
        })}
      </ol>
      <section className="mt-6 border border-ochre bg-ochrepale px-4 py-3" aria-label={guide.never}>
        <h2 className="text-lg">{guide.never}</h2>
        <ul className="mt-1 list-disc space-y-1 pl-5 text-sm">
          {guide.neverDecided.map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
      </section>
    </main>
  );
}
