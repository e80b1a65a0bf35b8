import { Popover } from "radix-ui";
import { useState } from "react";
import { LengthField } from "../parts/LengthField";
import type { Form } from "../api/types";
import { boundsOf, tidy } from "../sheet/geometry";
import { startingForm } from "../sheet/outline";
import { useNewBed } from "./useNewBed";
import { useDesk } from "../workspace/desk";

/** A new bed by typed size and place. */
export function PlaceByNumbers({ form }: { form: Form["kind"] }) {
  const desk = useDesk();
  const newBed = useNewBed();
  const metric = desk.units === "METRIC";
  const [open, setOpen] = useState(false);
  const [fault, setFault] = useState<string>();
  const [size, setSize] = useState({
    length: metric ? 2.4 : 2.4384,
    width: metric ? 1.2 : 1.2192,
    left: 0,
    foot: 0,
  });
  const plot = boundsOf(desk.plan.site.corners);

  function place() {
    const centre = {
      x: tidy(plot.left + size.left + size.length / 2),
      y: tidy(plot.bottom + size.foot + size.width / 2),
    };
    const { length, width } = size;
    const change = newBed({ centre, length, width, turn: 0 }, startingForm(form, length, width));
    desk.submit(change, setFault);
    desk.select([change.bed.id]);
    setOpen(false);
  }

  const fields = [
    ["length", "Length"],
    ["width", "Width"],
    ["left", "From plot's left"],
    ["foot", "From plot's foot"],
  ] as const;
  return (
    <>
      <Popover.Root open={open} onOpenChange={setOpen}>
        <Popover.Trigger className="plain-button">Place by numbers</Popover.Trigger>
        <Popover.Portal>
          <Popover.Content align="start" sideOffset={4} className="z-20 w-72 border border-ink bg-white p-3">
            <div className="grid grid-cols-2 gap-2">
              {fields.map(([field, label]) => (
                <LengthField
                  key={field}
                  label={label}
                  value={size[field]}
                  units={desk.units}
                  onCommit={(metres) => {
                    setSize({ ...size, [field]: metres });
                  }}
                />
              ))}
            </div>
            <button type="button" className="strong-button mt-3 w-full" onClick={place}>
              Place the bed
            </button>
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
