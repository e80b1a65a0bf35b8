import { useGarden } from "../api/queries";
import type { Version } from "../api/types";
import { useDesk } from "./desk";
import { differences } from "./differences";

interface Props {
  version: Version;
  /** The sheet is looked at. */
  onShown: () => void;
}

/** What another version has otherwise than the one that is open, as a list and as outlines on the sheet. */
export function VersionDifferences({ version, onShown }: Props) {
  const desk = useDesk();
  const { data } = useGarden(version.garden);
  if (!data) return <p className="text-sm text-soft">Holding them side by side …</p>;
  const { onlyHere, onlyThere, otherwise } = differences(
    desk.plan,
    data.plan,
    desk.catalogue.things.map(({ list }) => list),
  );
  const lines = [
    { head: "Only in the open one", names: onlyHere },
    { head: "Only in this one", names: onlyThere },
    { head: "Otherwise", names: otherwise },
  ].filter(({ names }) => names.length > 0);
  if (lines.length === 0) return <p className="text-sm text-soft">They are the same.</p>;
  return (
    <div className="space-y-1 text-sm">
      {lines.map(({ head, names }) => (
        <p key={head}>
          <span className="text-soft">{head}:</span> {names.join(", ")}
        </p>
      ))}
      <button
        type="button"
        className="text-button"
        onClick={() => {
          desk.show({ ghosts: { name: version.name, plan: data.plan } });
          onShown();
        }}
      >
        Outline it on the sheet
      </button>
    </div>
  );
}
