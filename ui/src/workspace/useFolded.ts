import { useEffect, useState } from "react";
import type { Side } from "./desk";

const SIDES: readonly Side[] = ["panel", "slip"];
/** Narrower than this there is room for the sheet or for what lies beside it, pixels. */
const ROOMY = 1024;

/** What is folded away beside the sheet, as it was left in this browser; on a phone all of it at first. */
export function useFolded() {
  const [folded, setFolded] = useState(remembered);
  useEffect(() => {
    let narrow = isNarrow();
    // A window that has become a phone's shows the sheet.
    const resized = () => {
      if (isNarrow() && !narrow) setFolded({ panel: true, slip: true });
      if (!isNarrow() && narrow) setFolded(remembered());
      narrow = isNarrow();
    };
    window.addEventListener("resize", resized);
    return () => {
      window.removeEventListener("resize", resized);
    };
  }, []);

  function fold(side: Side, away: boolean) {
    const narrow = isNarrow();
    if (!narrow) localStorage.setItem(keyOf(side), away ? "folded" : "open");
    setFolded((before) => ({ ...(narrow && !away ? { panel: true, slip: true } : before), [side]: away }));
  }
  return { folded, fold };
}

function remembered(): Record<Side, boolean> {
  const [panel = false, slip = false] = SIDES.map(
    (side) => isNarrow() || localStorage.getItem(keyOf(side)) === "folded",
  );
  return { panel, slip };
}

function keyOf(side: Side): string {
  return `fairacre.${side}`;
}

/** Whether what lies beside the sheet covers it. */
export function isNarrow(): boolean {
  return window.innerWidth < ROOMY;
}
