import { useEffect } from "react";
import { TRADE_STEPS, type Desk } from "./desk";

/** Keys that work wherever the focus is, but in a field: undo, redo, draw, select all, steps, folding. */
export function useWorkspaceKeys(desk: Desk) {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && event.target.closest("input, select, textarea")) return;
      const control = event.ctrlKey || event.metaKey;
      const does = control ? withControl(event, desk) : !event.altKey && alone(event, desk);
      if (does) event.preventDefault();
    };
    window.addEventListener("keydown", press);
    return () => {
      window.removeEventListener("keydown", press);
    };
  });
}

/** Each answers whether the key does something. */
function withControl(event: KeyboardEvent, desk: Desk): boolean {
  const key = event.key.toLowerCase();
  if (key === "z" && !event.shiftKey) desk.undo();
  else if (key === "y" || key === "z") desk.redo();
  else if (key === "a") desk.select([...desk.bedById.keys()]);
  else return false;
  return true;
}

function alone(event: KeyboardEvent, desk: Desk): boolean {
  const step = TRADE_STEPS[Number(event.key) - 1];
  if (step) desk.setStep(step);
  else if (event.key === "?") desk.setHelp(true);
  else if (event.key === "[") desk.fold("panel", !desk.folded.panel);
  else if (event.key === "]") desk.fold("slip", !desk.folded.slip);
  else if (event.key === "b") desk.setTool({ kind: "bed", form: "RECTANGLE" });
  else if (event.key === "Escape") {
    desk.setTool(null);
    return false;
  } else return clickedByKey(event.key);
  return true;
}

/** Clicks the button of the open panel that has this key; false if there is none. */
function clickedByKey(key: string): boolean {
  if (!/^[a-z]$/i.test(key)) return false;
  const name = key === key.toUpperCase() ? `Shift+${key}` : key.toUpperCase();
  const button = document.querySelector<HTMLElement>(`[aria-keyshortcuts="${name}"]`);
  button?.click();
  return button !== null;
}
