import { useState } from "react";
import { Choice } from "../parts/Choice";
import { useDesk } from "../workspace/desk";
import { seasonName } from "../workspace/seasons";
import { useRailSeasons } from "../workspace/useRailSeasons";
import { BedsSideBySide } from "./BedsSideBySide";
import { CropMultiples } from "./CropMultiples";
import { CropsSideBySide } from "./CropsSideBySide";
import { useSeasonFigures } from "./seasons";
import { WholeSeasons } from "./WholeSeasons";
import { words } from "./words";

type Mode = keyof typeof words.modes;
const MODES: readonly Mode[] = ["crops", "beds"];

/** Two seasons side by side: the garden as a whole, then crop by crop or bed by bed. */
export function SeasonsPaper() {
  const { season, plan, setSeason } = useDesk();
  const rail = useRailSeasons();
  const [chosen, setChosen] = useState<number>();
  const [mode, setMode] = useState<Mode>("crops");
  const before = rail.filter((each) => each < season).at(-1) ?? rail.find((each) => each > season) ?? season;
  const other = chosen === undefined || chosen === season ? before : chosen;
  const figures = useSeasonFigures(season);
  const beside = useSeasonFigures(other);
  const two = [beside, figures].filter((each) => each !== undefined).sort((a, b) => a.season - b.season);
  const pair = two.length === 2 ? two : undefined;
  const choice = (label: string, value: number, seasons: number[], onChange: (season: number) => void) => (
    <Choice
      label={label}
      value={String(value)}
      options={seasons.map((each) => ({ value: String(each), label: seasonName(each, plan.yearBegins) }))}
      onChange={(text) => {
        onChange(Number(text));
      }}
    />
  );
  const above = (
    <>
      <p className="max-w-prose text-soft">{words.explained}</p>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
        {choice(words.season, season, rail, setSeason)}
        {choice(
          words.other,
          other,
          rail.filter((each) => each !== season),
          setChosen,
        )}
        <Choice
          label={words.by}
          value={mode}
          options={MODES.map((value) => ({ value, label: words.modes[value] }))}
          onChange={setMode}
        />
      </div>
      {pair && <WholeSeasons pair={pair} />}
      {pair && mode === "crops" && <CropMultiples pair={pair} />}
    </>
  );
  const files = [
    { label: words.bookFile, href: `/api/gardens/${plan.id}/year-book.pdf?season=${String(season)}` },
  ];
  return mode === "crops" ? (
    <CropsSideBySide pair={pair} files={files}>
      {above}
    </CropsSideBySide>
  ) : (
    <BedsSideBySide pair={pair} files={files}>
      {above}
    </BedsSideBySide>
  );
}
