/** Words of the sheet. */
export const words = {
  sheetHelp:
    "Sheet of the garden. Tab goes from thing to thing and leaves it after the last. Arrow keys move the selected things by the snap step, with Shift by ten steps." +
    " R turns by 15 degrees, Shift+R back. D duplicates, Delete deletes, Control+Z undoes, Enter goes to its numbers. Every size and place can be" +
    " typed in the panel.",
} as const;

export function bedLabel(name: string, length: string, width: string, flaws: number): string {
  const said = flaws === 0 ? "no snags" : flaws === 1 ? "1 snag" : `${String(flaws)} snags`;
  return `${name}, ${length} by ${width}, ${said}`;
}
