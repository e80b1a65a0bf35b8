import type { Change, SetAside, Snag } from "../api/types";

/** What is kept of a snag that somebody lives with, as it is now. */
export function setAside(snag: Snag, reason: string, known: readonly SetAside[]): Change {
  const about = [...snag.beds, ...snag.things.map(({ id }) => id), ...snag.gardeners];
  const entry: Omit<SetAside, "id"> = {
    rule: snag.rule,
    about: [...new Set(about)],
    ...(snag.place && { place: snag.place }),
    weight: snag.weight,
    ...(snag.extent !== undefined && { extent: snag.extent }),
    words: withoutHistory(snag.words),
    reason: reason.trim(),
  };
  return { kind: "PutSetAside", setAside: { id: before(entry, known)?.id ?? crypto.randomUUID(), ...entry } };
}

/** The entry of the same snag that it has grown out of: it is written over. */
function before(entry: Omit<SetAside, "id">, known: readonly SetAside[]): SetAside | undefined {
  const at = ({ about, place, rule }: Omit<SetAside, "id">) =>
    [rule, ...[...about].sort(), place?.x, place?.y].join(" ");
  return known.find((each) => each.place !== undefined && at(each) === at(entry));
}

/** The words without what is said of having been put aside before. */
function withoutHistory(words: string): string {
  return words.replace(/ You had put it aside .*$/, "");
}
