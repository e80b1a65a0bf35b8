import { Problem, request } from "../api/client";
import type { Alteration, Bed, Change } from "../api/types";
import { words } from "../words";
import { useDesk } from "../workspace/desk";

interface Props {
  bed: Bed;
  faults: Readonly<Record<string, string>>;
  refuse: (field: string, message: string) => void;
}

const KINDS: readonly { kind: Alteration["kind"]; label: string }[] = [
  { kind: "KEYHOLE", label: "Keyhole to its middle" },
  { kind: "SLIM", label: "Slim it" },
  { kind: "SPLIT", label: "Split it" },
  { kind: "RAISE", label: "A course more" },
  { kind: "LOWER", label: "A course less" },
];

/** What can be done to a bed from the season on that is looked at; how it was before is kept. */
export function Alterations({ bed, faults, refuse }: Props) {
  const desk = useDesk();

  async function alter(kind: Alteration["kind"]) {
    try {
      const path = `/api/gardens/${desk.plan.id}/alterations?season=${String(desk.season)}`;
      const change = await request<Change>("POST", path, { kind, bed: bed.id });
      refuse("alter", "");
      desk.submit(change, (message) => {
        refuse("alter", message);
      });
    } catch (failure) {
      const told = failure instanceof Problem ? failure.message : words.awayIdle;
      refuse("alter", told);
    }
  }

  return (
    <div className="space-y-1 border-t border-hair pt-2">
      <p className="text-sm text-soft">
        Alter it from <span className="figures">{desk.season}</span> on
      </p>
      <div className="flex flex-wrap gap-1">
        {KINDS.map(({ kind, label }) => (
          <button key={kind} type="button" className="plain-button" onClick={() => void alter(kind)}>
            {label}
          </button>
        ))}
      </div>
      {faults["alter"] && (
        <p role="alert" className="text-sm text-snag">
          {faults["alter"]}
        </p>
      )}
    </div>
  );
}
