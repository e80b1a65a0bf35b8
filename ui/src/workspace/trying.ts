import type { Change } from "../api/types";
import type { Desk } from "./desk";

/** For a button that makes an edit: while one rests on it, by pointer or by keyboard, the edit is seen on the sheet. */
export function trying({ tryOut }: Pick<Desk, "tryOut">, change: Change) {
  const begin = () => {
    tryOut(change);
  };
  const end = () => {
    tryOut(null);
  };
  return { onPointerEnter: begin, onPointerLeave: end, onFocus: begin, onBlur: end };
}
