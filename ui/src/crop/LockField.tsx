import { useFieldEdit } from "../forms/useFieldEdit";
import { CheckField } from "../parts/CheckField";
import { Fault } from "../parts/Fault";
import { useDesk } from "../workspace/desk";
import { words } from "./words";

/** Holds a planting where it is while the years are planned. */
export function LockField({ planting }: { planting: string }) {
  const { plan } = useDesk();
  const { faults, edit } = useFieldEdit();
  const lock = plan.plantingLocks.find((each) => each.planting === planting);
  return (
    <>
      <CheckField
        label={words.lock}
        checked={lock !== undefined}
        onChange={(locked) => {
          if (lock && !locked) edit("lock", { kind: "RemovePlantingLock", plantingLock: lock.id });
          if (!lock && locked) {
            edit("lock", { kind: "PutPlantingLock", plantingLock: { id: crypto.randomUUID(), planting } });
          }
        }}
      />
      <Fault text={faults["lock"]} />
    </>
  );
}
