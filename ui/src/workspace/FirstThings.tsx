import { useState } from "react";
import type { Plan } from "../api/types";
import { useMembers } from "../sharing/useSharing";
import { useDesk, type Desk } from "./desk";
import { words } from "./words";

interface First {
  key: keyof typeof words.first;
  done: (plan: Plan) => boolean;
  /** Goes where it is done, with the tool in hand if it is drawn. */
  begin: (desk: Desk) => void;
}

/** What a garden begins with, in the order in which each helps with the next. */
const FIRST: readonly First[] = [
  {
    key: "standing",
    done: ({ features }) => features.length > 0,
    begin: (desk) => {
      desk.setStep("ground");
    },
  },
  {
    key: "wayIn",
    done: ({ waysIn }) => waysIn.length > 0,
    begin: (desk) => {
      desk.setStep("ground");
      desk.setTool({ kind: "wayIn" });
    },
  },
  {
    key: "gardeners",
    done: ({ gardeners }) => gardeners.length > 0,
    begin: (desk) => {
      desk.setStep("reach");
    },
  },
  {
    key: "bed",
    done: ({ beds }) => beds.length > 0,
    begin: (desk) => {
      desk.setStep("beds");
      desk.setTool({ kind: "bed", form: "RECTANGLE" });
    },
  },
  {
    key: "crop",
    done: ({ plantings }) => plantings.length > 0,
    begin: (desk) => {
      desk.setStep("crops");
    },
  },
];

/** With more beds than this the garden has begun. */
const BEGUN = 1;

function keyOf(garden: string): string {
  return `fairacre.begun.${garden}`;
}

/** What is still to be done of the five things with which a garden begins; nothing for one that has begun. */
export function FirstThings() {
  const desk = useDesk();
  const { plan } = desk;
  const [away, setAway] = useState(() => localStorage.getItem(keyOf(plan.id)) !== null);
  const role = useMembers(plan.id).data?.role;
  const left = FIRST.filter(({ done }) => !done(plan));
  const changes = role === "OWNER" || role === "EDITOR";
  if (away || !changes || plan.beds.length > BEGUN || left.length === 0) return null;
  return (
    <section aria-label={words.toBegin} className="border-b border-rule bg-markpale px-3 py-2">
      <div className="flex items-baseline">
        <h3 className="grow">{words.toBegin}</h3>
        <button
          type="button"
          className="text-button text-sm"
          onClick={() => {
            localStorage.setItem(keyOf(plan.id), "");
            setAway(true);
          }}
        >
          {words.knowMyWay}
        </button>
      </div>
      <ol className="mt-1 space-y-2">
        {left.map(({ key, begin }, index) => (
          <li key={key}>
            <button
              type="button"
              className={`w-full text-left ${index === 0 ? "strong-button" : "plain-button"}`}
              onClick={() => {
                begin(desk);
              }}
            >
              {words.first[key].what}
            </button>
            {index === 0 && <p className="mt-1 text-sm">{words.first[key].why}</p>}
          </li>
        ))}
      </ol>
    </section>
  );
}
