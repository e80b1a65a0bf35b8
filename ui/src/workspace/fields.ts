/** A panel that was unfolded, or another step's, is there after so many pictures at the latest. */
const PATIENCE = 30;

/** What the fields of a thing are found by. */
export function fieldsOf(thing: string) {
  return { "data-fields": thing };
}

/**
 * Puts the focus into the first field of a thing.
 *
 * @param elsewhere called if the panel that is open has no fields of it: opens the one that has
 */
export function goToFields(thing: string, elsewhere: () => void) {
  let asked = false;
  let left = PATIENCE;
  const look = () => {
    const first = document.querySelector<HTMLElement>(
      `[data-fields="${thing}"] input, [data-fields="${thing}"] select`,
    );
    if (first) {
      first.scrollIntoView({ block: "center" });
      first.focus();
      if (first instanceof HTMLInputElement) first.select();
      return;
    }
    // A panel that is folded away has to be there before it is known that it has none.
    if (!asked && left < PATIENCE - 3) {
      asked = true;
      elsewhere();
    }
    if (left-- > 0) requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
}
