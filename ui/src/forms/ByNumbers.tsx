import { Popover } from "radix-ui";
import { useState } from "react";
import type { Point } from "../api/types";
import { plainNumber } from "../measure/numbers";
import { LengthField } from "../parts/LengthField";
import { TextField } from "../parts/TextField";
import { piecesOf } from "../sheet/boundary";
import { boundsOf, corners, tidy } from "../sheet/geometry";
import { settled, type Geometry } from "../sheet/things";
import { useDesk } from "../workspace/desk";
import { EnterForm } from "./EnterForm";
import { words } from "../words";

/** What is asked about a thing, by what it is on the ground. */
export type Extent = "BOX" | "AREA" | "LINE" | "SPOT" | "OPENING";

type Figure = "length" | "width" | "left" | "foot" | "toLeft" | "toFoot" | "turn";
type Figures = Record<Figure, number>;

interface Props {
  /** On the button that opens it, and on the one that places the thing. */
  labels: readonly [open: string, place: string];
  extent: Extent;
  /** The key that opens it. */
  shortcut: string;
  /** Its size to begin with, metres. */
  size: { length: number; width: number };
  /** Makes the edit. Why it was not taken goes to `refused`. */
  onPlace: (geometry: Geometry, refused: (message: string) => void) => void;
}

const LABELS: Record<Figure, string> = {
  length: "Length",
  width: "Width",
  left: "From plot's left",
  foot: "From plot's foot",
  toLeft: "To, from plot's left",
  toFoot: "To, from plot's foot",
  turn: "Turned",
};

/** The columns of figures that are asked for, each with its head. */
const ASKED: Record<Extent, readonly (readonly [head: string, figures: readonly Figure[]])[]> = {
  BOX: [
    ["Size", ["length", "width"]],
    ["Lower left corner", ["left", "foot"]],
    ["Clockwise", ["turn"]],
  ],
  AREA: [
    ["Size", ["length", "width"]],
    ["Lower left corner", ["left", "foot"]],
    ["Clockwise", ["turn"]],
  ],
  LINE: [
    ["Where it begins", ["left", "foot"]],
    ["Where it ends", ["toLeft", "toFoot"]],
  ],
  SPOT: [["Place", ["left", "foot"]]],
  OPENING: [
    ["Size", ["width"]],
    ["Middle, on the plot's edge", ["left", "foot"]],
  ],
};

/** A new thing by typed size, place and turn; Enter in any field places it. */
export function ByNumbers({ labels, extent, shortcut, size, onPlace }: Props) {
  const desk = useDesk();
  const plot = boundsOf(desk.plan.site.corners);
  const [open, setOpen] = useState(false);
  const [fault, setFault] = useState<string>();
  const [turnFault, setTurnFault] = useState<string>();
  const [figures, setFigures] = useState<Figures>({
    ...size,
    left: 0,
    foot: 0,
    toLeft: 1,
    toFoot: 0,
    turn: 0,
  });
  const put = (figure: Figure, value: number) => {
    setFigures((before) => ({ ...before, [figure]: value }));
  };
  const unit = desk.units === "METRIC" ? "m" : "ft and in";

  function place() {
    setFault(undefined);
    onPlace(settled(geometryOf(extent, figures, plot), piecesOf(desk.plan.site), desk.snapStep), setFault);
    setOpen(false);
  }

  return (
    <>
      <Popover.Root open={open} onOpenChange={setOpen}>
        <Popover.Trigger className="plain-button" aria-keyshortcuts={shortcut} title={shortcut}>
          {labels[0]}
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="start"
            sideOffset={4}
            aria-label={labels[0]}
            className="z-40 w-72 border border-ink bg-white p-3"
          >
            <EnterForm onEnter={place}>
              {ASKED[extent].map(([head, asked]) => (
                <fieldset key={head} className="mb-2 grid grid-cols-2 gap-2">
                  <legend className="col-span-2 text-sm font-semibold">
                    {head}{" "}
                    <span className="font-normal text-soft">
                      in {asked.includes("turn") ? "degrees" : unit}
                    </span>
                  </legend>
                  {asked.map((figure) =>
                    figure === "turn" ? (
                      <TextField
                        key={figure}
                        label={LABELS[figure]}
                        value={String(figures.turn)}
                        figures
                        fault={turnFault}
                        onCommit={(text) => {
                          const degrees = Number(plainNumber(text));
                          const unread = text.trim() === "" || !Number.isFinite(degrees);
                          setTurnFault(unread ? words.unreadableDegrees : undefined);
                          if (!unread) put("turn", degrees);
                        }}
                      />
                    ) : (
                      <LengthField
                        key={figure}
                        label={LABELS[figure]}
                        value={figures[figure]}
                        units={desk.units}
                        onCommit={(metres) => {
                          put(figure, metres);
                        }}
                      />
                    ),
                  )}
                </fieldset>
              ))}
              <button type="submit" className="strong-button w-full">
                {labels[1]}
              </button>
            </EnterForm>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      {fault && (
        <p role="alert" className="w-full text-sm text-snag">
          {fault}
        </p>
      )}
    </>
  );
}

function geometryOf(extent: Extent, figures: Figures, plot: { left: number; bottom: number }): Geometry {
  const { length, width, left, foot, toLeft, toFoot, turn } = figures;
  const point = (x: number, y: number): Point => ({ x: tidy(plot.left + x), y: tidy(plot.bottom + y) });
  const outline = { centre: point(left + length / 2, foot + width / 2), length, width, turn };
  switch (extent) {
    case "BOX":
      return { kind: "BOX", outline, corners: null };
    case "AREA":
      return {
        kind: "PLACES",
        closed: true,
        places: corners(outline).map(({ x, y }) => ({ x: tidy(x), y: tidy(y) })),
      };
    case "LINE":
      return { kind: "PLACES", closed: false, places: [point(left, foot), point(toLeft, toFoot)] };
    case "SPOT":
      return { kind: "SPOT", place: point(left, foot), radius: 0 };
    case "OPENING":
      return { kind: "OPENING", place: point(left, foot), width };
  }
}
