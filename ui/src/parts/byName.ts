/** As one looks for them: "Bed 2" before "Bed 10". */
export function byName<T extends { name: string }>(things: readonly T[]): T[] {
  return [...things].sort((a, b) => a.name.localeCompare(b.name, undefined, { numeric: true }));
}
