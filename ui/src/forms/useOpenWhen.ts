import { useState } from "react";

/** Whether a form is unfolded: by hand, and whenever its thing is selected. */
export function useOpenWhen(selected: boolean): [boolean, (open: boolean) => void] {
  const [wasSelected, setWasSelected] = useState(selected);
  const [open, setOpen] = useState(selected);
  if (selected !== wasSelected) {
    setWasSelected(selected);
    if (selected) setOpen(true);
  }
  return [open, setOpen];
}
