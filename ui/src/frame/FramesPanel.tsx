import type { Bed, Frame, Wall } from "../api/types";
import { densityUnit, inUnit, stiffnessUnit } from "../measure/figures";
import { formatLength } from "../measure/lengths";
import { Choice } from "../parts/Choice";
import { jointWords } from "../words";
import { partWords, words } from "./words";
import { useDesk } from "../workspace/desk";
import { revisionIn } from "../workspace/revisionIn";
import { useThingActions } from "../workspace/useThingActions";
import { BillTable } from "../purse/BillTable";
import { BuildFields } from "./BuildFields";
import { FittingsForm } from "./FittingsForm";
import { FrameComparison } from "./FrameComparison";
import { FrameInCourses } from "./FrameInCourses";
import { CuttingPlans } from "./CuttingPlans";
import { OwnKinds } from "./OwnKinds";
import { reframing, walling } from "./reframe";
import { WillItBow } from "./WillItBow";

const NONE = "none";
const JOINTS = (["SIDES_PAST", "ENDS_PAST", "PINWHEEL", "MITRE"] as const).map((value) => ({
  value,
  label: jointWords(value),
}));

/** What holds the selected beds, the pieces of it, and the boards to buy. */
export function FramesPanel() {
  const desk = useDesk();
  const { beds: selected } = useThingActions();
  const boards = (desk.report?.bill ?? []).filter((line) => line.part === "FRAMES");
  const [only] = selected;
  return (
    <div className="space-y-3">
      {selected.length === 0 && (
        <p className="text-soft">Select beds on the sheet to see and change their frames.</p>
      )}
      {selected.length > 0 && <FrameForm beds={selected} />}
      {selected.length > 0 && <BuildFields beds={selected} />}
      {selected.length > 0 && <FittingsForm beds={selected} />}
      {only && selected.length === 1 && <Pieces bed={only} />}
      {only && selected.length === 1 && <FrameInCourses bed={only} />}
      <OwnKinds />
      <FrameComparison beds={selected.length > 0 ? selected : desk.plan.beds} />
      <h3 className="border-t border-rule pt-2">To buy for frames, all beds</h3>
      <BillTable lines={boards} empty={words.noBoards} />
      <CuttingPlans />
      <p className="text-sm text-soft">
        {words.frameCaution} {words.oldTimber}
      </p>
    </div>
  );
}

function FrameForm({ beds }: { beds: readonly Bed[] }) {
  const desk = useDesk();
  const { materials, boards, masonries } = desk.catalogue;
  const [first] = beds;
  const frame = first && revisionIn(first, desk.season)?.frame;
  const usual: Frame = {
    material: materials[1]?.key ?? "",
    board: desk.units === "METRIC" ? "38x150 mm" : "2x10",
    courses: 1,
    joint: "SIDES_PAST",
  };
  const material = materials.find((m) => m.key === frame?.material);

  const density = densityUnit(desk.units);
  const stiffness = stiffnessUnit(desk.units);
  const wall = first && revisionIn(first, desk.season)?.build.wall;
  const masonry = masonries.find((m) => m.key === wall?.kind);

  function put(next: Frame | undefined) {
    const change = reframing(beds, desk.season, next);
    if (change) desk.submit(change);
  }

  function putWall(next: Wall) {
    desk.submit(walling(beds, desk.season, next));
  }

  return (
    <div className="space-y-2">
      <h3>{beds.length === 1 ? first?.name : `${String(beds.length)} beds`}</h3>
      <Choice
        label="Made of"
        value={frame?.material ?? wall?.kind ?? NONE}
        options={[
          { value: NONE, label: "no boards" },
          ...materials.map((m) => ({ value: m.key, label: m.label })),
          ...masonries.map((m) => ({ value: m.key as string, label: `${m.label} (a wall)` })),
        ]}
        onChange={(chosen) => {
          const kind = masonries.find((m) => m.key === chosen)?.key;
          if (kind) putWall({ kind, courses: wall?.courses ?? 2 });
          else put(chosen === NONE ? undefined : { ...(frame ?? usual), material: chosen });
        }}
      />
      {material && (
        <p className="text-sm text-soft">
          Lasts <span className="figures">{material.leastYears}</span> to{" "}
          <span className="figures">{material.mostYears}</span> years in the ground. Weighs{" "}
          <span className="figures">{inUnit(material.leastDensity, density)}</span> to{" "}
          <span className="figures">{inUnit(material.mostDensity, density)}</span> {density.name}, dry to wet;
          stiffness <span className="figures">{inUnit(material.stiffness, stiffness)}</span> {stiffness.name}{" "}
          wet. {material.remark}
        </p>
      )}
      {wall && masonry && (
        <>
          <p className="text-sm text-soft">
            Lasts <span className="figures">{masonry.leastYears}</span> to{" "}
            <span className="figures">{masonry.mostYears}</span> years. {masonry.remark} {words.footing}
          </p>
          <Choice
            label={`Courses of ${formatLength(masonry.course, desk.units)}, ${formatLength(masonry.thickness, desk.units)} thick`}
            value={String(wall.courses)}
            options={Array.from({ length: 24 }, (_, i) => ({
              value: String(i + 1),
              label: `${String(i + 1)}: ${formatLength(masonry.course * (i + 1), desk.units)} high`,
            }))}
            onChange={(courses) => {
              putWall({ kind: wall.kind, courses: Number(courses) });
            }}
          />
        </>
      )}
      {frame && (
        <>
          <Choice
            label="Board, its true size"
            value={frame.board}
            options={boards
              .filter((board) => board.forCourses)
              .map((board) => ({
                value: board.key,
                label: `${board.label}: ${formatLength(board.thickness, desk.units)} × ${formatLength(board.width, desk.units)}`,
              }))}
            onChange={(board) => {
              put({ ...frame, board });
            }}
          />
          <div className="grid grid-cols-[5rem_1fr] gap-2">
            <Choice
              label="Courses"
              explain="course"
              value={String(frame.courses)}
              options={Array.from({ length: 12 }, (_, i) => ({ value: String(i + 1), label: String(i + 1) }))}
              onChange={(courses) => {
                put({ ...frame, courses: Number(courses) });
              }}
            />
            <Choice
              label="Corner joint"
              explain="joint"
              value={frame.joint}
              options={JOINTS}
              onChange={(joint) => {
                put({ ...frame, joint });
              }}
            />
          </div>
        </>
      )}
    </div>
  );
}

function Pieces({ bed }: { bed: Bed }) {
  const desk = useDesk();
  const judged = desk.bedById.get(bed.id);
  // A preview works out no bill for each bed: the last full judgement's stands meanwhile.
  const kept = desk.judged?.beds.find((other) => other.bed === bed.id);
  const alone = kept?.alone ?? [];
  const bowing = kept?.bowing;
  if (!judged || judged.pieces.length === 0) return null;
  return (
    <div>
      <p>
        Stands <span className="figures">{formatLength(judged.height, desk.units)}</span> high. Inside{" "}
        <span className="figures">
          {formatLength(judged.insideLength, desk.units)} × {formatLength(judged.insideWidth, desk.units)}
        </span>
        .
      </p>
      <h3 className="mt-2">Pieces</h3>
      <table className="w-full">
        <tbody>
          {judged.pieces.map((piece, index) => (
            <tr key={index} className="border-b border-hair">
              <td className="py-0.5">{partWords(piece.part)}</td>
              <td className="figures text-right">{formatLength(piece.length, desk.units)}</td>
              <td className="figures w-14 text-right">× {piece.count}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {bowing && <WillItBow bowing={bowing} />}
      <h3 className="mt-2">If this bed alone were built</h3>
      <BillTable lines={alone} empty="Nothing to buy." />
    </div>
  );
}
