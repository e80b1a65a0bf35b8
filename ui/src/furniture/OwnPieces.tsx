import type { ReactNode } from "react";
import { Choice } from "../parts/Choice";
import { Fault } from "../parts/Fault";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { useDesk } from "../workspace/desk";
import type { BoardPart, Furniture, SheetRow } from "./furniture";
import { words } from "./words";

const MOST_BOARDS = 200;
const MOST_SHEETS = 100;
/** Pieces to begin with, metres. */
const BOARD = { length: 1, count: 1 };
const SHEET: SheetRow = { good: "PLYWOOD_18", length: 1, width: 0.5, count: 1 };

interface Props {
  thing: Furniture;
  faults: Readonly<Record<string, string>>;
  onChange: (field: string, part: Partial<Furniture>) => void;
  onUnread: (field: string, message: string) => void;
}

/** The pieces of something of one's own, line by line. */
export function OwnPieces({ thing, faults, onChange, onUnread }: Props) {
  const { catalogue, units } = useDesk();
  const { boards, sheets } = thing;
  const metric = units === "METRIC";
  const firstBoard = catalogue.boards.find(({ key }) => key === (metric ? "22x150 mm" : "5/4x6"));
  const putBoard = (index: number, part: Partial<BoardPart>) => {
    onChange(`boards/${String(index)}`, { boards: replaced(boards, index, part) });
  };
  const putSheet = (index: number, part: Partial<SheetRow>) => {
    onChange(`sheets/${String(index)}`, { sheets: replaced(sheets, index, part) });
  };
  return (
    <fieldset className="space-y-2">
      <legend>{words.pieces}</legend>
      {boards.map((row, index) => (
        <Line
          key={`board ${String(index)}`}
          testId="board-row"
          number={index + 1}
          count={row.count}
          most={MOST_BOARDS}
          fault={faultOf(faults, `boards/${String(index)}`)}
          onCount={(count) => {
            putBoard(index, { count });
          }}
          onUnread={(message) => {
            onUnread(`boards/${String(index)}`, message);
          }}
          onRemove={() => {
            onChange("boards", { boards: boards.filter((_, at) => at !== index) });
          }}
          kind={
            <Choice
              label={words.board}
              value={row.board}
              options={catalogue.boards.map(({ key: value, label }) => ({ value, label }))}
              onChange={(board) => {
                putBoard(index, { board });
              }}
            />
          }
        >
          <LengthField
            label={words.pieceLength}
            value={row.length}
            units={units}
            onCommit={(length) => {
              putBoard(index, { length });
            }}
          />
        </Line>
      ))}
      {sheets.map((row, index) => (
        <Line
          key={`sheet ${String(index)}`}
          testId="sheet-row"
          number={boards.length + index + 1}
          count={row.count}
          most={MOST_SHEETS}
          fault={faultOf(faults, `sheets/${String(index)}`)}
          onCount={(count) => {
            putSheet(index, { count });
          }}
          onUnread={(message) => {
            onUnread(`sheets/${String(index)}`, message);
          }}
          onRemove={() => {
            onChange("sheets", { sheets: sheets.filter((_, at) => at !== index) });
          }}
          kind={
            <Choice
              label={words.sheet}
              value={row.good}
              options={catalogue.covers.sheets.map((good) => ({
                value: good.key,
                label: metric ? good.metric : good.imperial,
              }))}
              onChange={(good) => {
                putSheet(index, { good });
              }}
            />
          }
        >
          {(["length", "width"] as const).map((side) => (
            <LengthField
              key={side}
              label={side === "length" ? words.pieceLength : words.pieceWidth}
              value={row[side]}
              units={units}
              onCommit={(metres) => {
                putSheet(index, { [side]: metres });
              }}
            />
          ))}
        </Line>
      ))}
      <p className="flex flex-wrap gap-x-3">
        {firstBoard && (
          <button
            type="button"
            className="text-button"
            onClick={() => {
              onChange("boards", { boards: [...boards, { board: firstBoard.key, ...BOARD }] });
            }}
          >
            {words.addBoard}
          </button>
        )}
        <button
          type="button"
          className="text-button"
          onClick={() => {
            onChange("sheets", { sheets: [...sheets, SHEET] });
          }}
        >
          {words.addSheet}
        </button>
      </p>
      <Fault text={faults["boards"] ?? faults["sheets"]} />
    </fieldset>
  );
}

interface LineProps {
  testId: string;
  number: number;
  count: number;
  most: number;
  fault: string | undefined;
  onCount: (count: number) => void;
  onUnread: (message: string) => void;
  onRemove: () => void;
  /** What it is cut from. */
  kind: ReactNode;
  /** The size of a piece. */
  children: ReactNode;
}

/** Pieces that are alike. */
function Line(props: LineProps) {
  const { testId, number, count, most, fault, onCount, onUnread, onRemove, kind, children } = props;
  return (
    <div className="border-b border-hair pb-1" data-testid={testId}>
      {kind}
      <div className="grid grid-cols-3 items-end gap-2">
        {children}
        <TextField
          label={words.times}
          value={String(count)}
          figures
          onCommit={(text) => {
            const read = Number(text);
            if (/^\d+$/.test(text.trim()) && read >= 1 && read <= most) onCount(read);
            else onUnread(words.notANumber(most));
          }}
        />
      </div>
      <Fault text={fault} />
      <button type="button" className="text-button" onClick={onRemove}>
        {words.removeRow(number)}
      </button>
    </div>
  );
}

function replaced<T>(rows: readonly T[], index: number, part: Partial<T>): T[] {
  return rows.map((row, at) => (at === index ? { ...row, ...part } : row));
}

/** Why a line was not taken, whichever of its figures was wrong. */
function faultOf(faults: Readonly<Record<string, string>>, field: string): string | undefined {
  const key = Object.keys(faults).find((each) => each === field || each.startsWith(`${field}/`));
  return key && faults[key];
}
