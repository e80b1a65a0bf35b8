import { useQueryClient } from "@tanstack/react-query";
import { DropdownMenu } from "radix-ui";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { request } from "../api/client";
import { useSession, useVariant } from "../api/queries";
import { mayDo, useMembers } from "../sharing/useSharing";
import { words } from "../words";
import { useDesk } from "./desk";
import { VariantsDialog } from "./VariantsDialog";
import { HistoryDialog } from "./HistoryDialog";

const item =
  "block w-full cursor-pointer px-3 py-1.5 text-left outline-none data-[highlighted]:bg-markpale focus-visible:outline-none";

/** What may be taken away for a spreadsheet, and where the program has it. */
const TABLES = [
  { name: "The bill", file: "bill" },
  { name: "The receipts", file: "ledger/table" },
];

/** Name of the garden, undo and redo, what can be taken away on paper or as a file, and what the program has to say. */
export function TopBar() {
  const desk = useDesk();
  const session = useSession();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [history, setHistory] = useState(false);
  const [variants, setVariants] = useState(false);
  const path = `/api/gardens/${desk.plan.id}`;
  const variant = useVariant(desk.plan.id).data;

  async function signOut() {
    await request("DELETE", "/api/session");
    client.clear();
    await navigate("/");
  }

  return (
    <header>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule bg-paper px-3 py-1.5">
        <Link to="/gardens" className="text-sm tracking-wide text-soft hover:text-mark">
          Fair Acre
        </Link>
        <h1 className="max-w-[26rem] truncate text-lg" title={desk.plan.name}>
          {desk.plan.name}
        </h1>
        <SharedAs garden={desk.plan.id} />
        {variant && (
          <span className="max-w-60 truncate border border-mark px-2 text-sm text-mark" title={variant.name}>
            Variant: {variant.name}
          </span>
        )}
        <div className="flex gap-1">
          <button
            type="button"
            className="plain-button"
            disabled={!desk.garden.canUndo}
            onClick={desk.undo}
            title="Control+Z"
          >
            Undo
          </button>
          <button
            type="button"
            className="plain-button"
            disabled={!desk.garden.canRedo}
            onClick={desk.redo}
            title="Control+Y"
          >
            Redo
          </button>
        </div>
        <span className="grow" />
        <span aria-live="polite" className="text-sm text-soft">
          {desk.queueState.items.length > 0 && !desk.queueState.conflict ? "Keeping …" : ""}
        </span>
        <DropdownMenu.Root modal={false}>
          <DropdownMenu.Trigger className="plain-button">Take away ▾</DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content
              align="end"
              sideOffset={4}
              className="z-20 min-w-60 border border-ink bg-white py-1"
            >
              <DropdownMenu.Label className="px-3 pt-1 text-sm text-soft">
                Sheet of {desk.season}, to scale
              </DropdownMenu.Label>
              {desk.catalogue.scales.map((scale) => (
                <div key={scale.key} className="grid grid-cols-[1fr_3.2rem_3.2rem] items-center">
                  <span className="figures px-3 whitespace-nowrap">{scale.label}</span>
                  {(["pdf", "svg"] as const).map((type) => (
                    <DropdownMenu.Item key={type} asChild>
                      <a
                        className={`${item} text-center uppercase`}
                        href={`${path}/sheet.${type}?season=${String(desk.season)}&scale=${scale.key}`}
                        aria-label={`Sheet ${scale.label} as ${type.toUpperCase()}`}
                        download
                      >
                        {type}
                      </a>
                    </DropdownMenu.Item>
                  ))}
                </div>
              ))}
              <DropdownMenu.Separator className="my-1 border-t border-rule" />
              <DropdownMenu.Item asChild>
                <a className={item} href={`${path}/file`} download>
                  The garden as a file
                </a>
              </DropdownMenu.Item>
              {TABLES.map(({ name, file }) => (
                <div key={file} className="grid grid-cols-[1fr_3.2rem_3.2rem] items-center">
                  <span className="px-3">{name}</span>
                  {(["csv", "xlsx"] as const).map((type) => (
                    <DropdownMenu.Item key={type} asChild>
                      <a
                        className={`${item} text-center uppercase`}
                        href={`${path}/${file}.${type}`}
                        aria-label={`${name} as ${type.toUpperCase()}`}
                        download
                      >
                        {type}
                      </a>
                    </DropdownMenu.Item>
                  ))}
                </div>
              ))}
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            setVariants(true);
          }}
        >
          Variants
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            setHistory(true);
          }}
        >
          Edits
        </button>
        <span className="max-w-48 truncate text-sm text-soft">{session.data?.name}</span>
        <button type="button" className="text-button text-sm" onClick={() => void signOut()}>
          Sign out
        </button>
      </div>
      <Messages />
      <VariantsDialog open={variants} onOpenChange={setVariants} />
      <HistoryDialog open={history} onOpenChange={setHistory} />
    </header>
  );
}

function Messages() {
  const { queue, queueState } = useDesk();
  const { away, signedOut, notice, conflict } = queueState;
  return (
    <div aria-live="assertive">
      {away && (
        <p role="status" className="border-b border-ochre bg-ochrepale px-3 py-1">
          {words.away}
        </p>
      )}
      {signedOut && (
        <p role="status" className="border-b border-ochre bg-ochrepale px-3 py-1">
          {words.signedOut}{" "}
          <Link to="/" className="text-button">
            Sign in
          </Link>
        </p>
      )}
      {conflict && (
        <div
          role="alert"
          className="flex flex-wrap items-baseline gap-3 border-b border-ochre bg-ochrepale px-3 py-1"
        >
          <span className="grow">{words.conflict(conflict)}</span>
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              queue.keepTheirs();
            }}
          >
            Keep what is there now
          </button>
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              queue.makeMine();
            }}
          >
            Make my edit
          </button>
        </div>
      )}
      {notice && (
        <p
          role="alert"
          className={`flex gap-3 border-b px-3 py-1 ${notice.tone === "refused" ? "border-snag bg-snagpale" : "border-mark bg-markpale"}`}
        >
          <span className="grow">{notice.text}</span>
          <button
            type="button"
            className="text-button"
            onClick={() => {
              queue.dismiss();
            }}
          >
            Close
          </button>
        </p>
      )}
    </div>
  );
}

/** What one may do in somebody else's garden. */
function SharedAs({ garden }: { garden: string }) {
  const { data } = useMembers(garden);
  if (!data || data.role === "OWNER") return null;
  return <span className="text-sm text-soft">shared, you {mayDo[data.role]}</span>;
}
