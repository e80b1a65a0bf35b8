import type { Form } from "../api/types";
import { ByNumbers } from "../forms/ByNumbers";
import { startingForm } from "../sheet/outline";
import { useDesk } from "../workspace/desk";
import { useNewBed } from "./useNewBed";

const METRIC = { length: 2.4, width: 1.2 };
/** 8 x 4 ft. */
const FEET = { length: 2.4384, width: 1.2192 };

/** A new bed by typed size and place. */
export function PlaceByNumbers({ form }: { form: Form["kind"] }) {
  const desk = useDesk();
  const newBed = useNewBed();
  return (
    <ByNumbers
      labels={["Place by numbers", "Place the bed"]}
      shortcut="N"
      extent="BOX"
      size={desk.units === "METRIC" ? METRIC : FEET}
      onPlace={(geometry, refused) => {
        if (geometry.kind !== "BOX") return;
        const { outline } = geometry;
        const change = newBed(outline, startingForm(form, outline.length, outline.width));
        desk.submit(change, refused);
        desk.select([change.bed.id]);
      }}
    />
  );
}
