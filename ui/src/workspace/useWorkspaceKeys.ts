import { useEffect } from "react";
import type { Desk } from "./desk";

/** Keys that work wherever the focus is, but in a field: undo, redo, draw, select all. */
export function useWorkspaceKeys(desk: Desk) {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && event.target.closest("input, select, textarea")) return;
      const control = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      if (control && key === "z" && !event.shiftKey) desk.undo();
      else if (control && (key === "y" || (key === "z" && event.shiftKey))) desk.redo();
      else if (control && key === "a") desk.select([...desk.bedById.keys()]);
      else if (!control && !event.altKey && key === "b") desk.setTool({ kind: "bed", form: "RECTANGLE" });
      else {
        if (key === "escape") desk.setTool(null);
        return;
      }
      event.preventDefault();
    };
    window.addEventListener("keydown", press);
    return () => {
      window.removeEventListener("keydown", press);
    };
  });
}
