import { DropdownMenu } from "radix-ui";
import { useState, type ReactNode } from "react";
import { Link } from "react-router";
import { useSession, useVariant } from "../api/queries";
import { formatMoney } from "../measure/figures";
import { mayDo, useMembers } from "../sharing/useSharing";
import { useSignOut } from "../outdoors/useSignOut";
import { words as everywhere } from "../words";
import { words } from "./words";
import { useDesk } from "./desk";
import { PAPER_NAMES } from "./paperNames";
import { Shortcuts } from "./Shortcuts";
import { VariantsDialog } from "./VariantsDialog";

const item =
  "block w-full cursor-pointer px-3 py-1.5 text-left outline-none data-[highlighted]:bg-markpale focus-visible:outline-none";

/** What may be exported for a spreadsheet, and where the program has it. */
const TABLES = [
  { name: "The bill", file: "bill" },
  { name: "The receipts", file: "ledger/table" },
];

/** Name of the garden, undo and redo, what can be exported on paper or as a file, and what the program has to say. */
export function TopBar() {
  const desk = useDesk();
  const [variants, setVariants] = useState(false);
  const variant = useVariant(desk.plan.id).data;
  const further = [
    {
      label: "Variants",
      open: () => {
        setVariants(true);
      },
    },
    {
      label: "Edits",
      open: () => {
        desk.read("edits");
      },
    },
  ];
  return (
    <header className="print:hidden">
      <div className="flex items-center gap-x-3 border-b border-rule bg-paper px-3 py-1 max-lg:gap-x-1.5 max-lg:px-2">
        <Link
          to="/gardens"
          className="text-sm tracking-wide whitespace-nowrap text-soft hover:text-mark max-lg:hidden"
        >
          Fair Acre
        </Link>
        <h1
          className="min-w-0 truncate text-lg max-lg:grow max-lg:text-base lg:max-w-[26rem]"
          title={desk.plan.name}
        >
          {desk.plan.name}
        </h1>
        <SharedAs garden={desk.plan.id} />
        {variant && (
          <span
            className="max-w-60 min-w-0 truncate border border-mark px-2 text-sm text-mark"
            title={variant.name}
          >
            Variant: {variant.name}
          </span>
        )}
        <div className="flex gap-1">
          <button
            type="button"
            className="plain-button max-lg:px-1.5"
            disabled={!desk.garden.canUndo}
            onClick={desk.undo}
            title="Control+Z"
          >
            Undo
          </button>
          <button
            type="button"
            className="plain-button max-lg:px-1.5"
            disabled={!desk.garden.canRedo}
            onClick={desk.redo}
            title="Control+Y"
          >
            Redo
          </button>
        </div>
        <PurseOnATap />
        <span className="grow max-lg:hidden" />
        <span aria-live="polite" className="text-sm whitespace-nowrap text-soft max-lg:sr-only">
          {desk.queueState.items.length > 0 && !desk.queueState.conflict ? "Keeping …" : ""}
        </span>
        <div className="contents max-lg:hidden">
          <Menu label="Papers">
            <PaperItems />
          </Menu>
          <Menu label="Export">
            <Exports />
          </Menu>
          {further.map(({ label, open }) => (
            <button key={label} type="button" className="plain-button" onClick={open}>
              {label}
            </button>
          ))}
          <button
            type="button"
            className="plain-button"
            aria-label="Keys"
            title="Keys (?)"
            onClick={() => {
              desk.setHelp(true);
            }}
          >
            ?
          </button>
          <Account />
        </div>
        <div className="lg:hidden">
          <Menu label="More">
            {further.map(({ label, open }) => (
              <DropdownMenu.Item key={label} className={item} onSelect={open}>
                {label}
              </DropdownMenu.Item>
            ))}
            <DropdownMenu.Item asChild>
              <Link className={item} to="/gardens">
                Your gardens
              </Link>
            </DropdownMenu.Item>
            <DropdownMenu.Separator className="my-1 border-t border-rule" />
            <PaperItems />
            <DropdownMenu.Separator className="my-1 border-t border-rule" />
            <Exports />
          </Menu>
        </div>
      </div>
      <Messages />
      <Shortcuts />
      <VariantsDialog open={variants} onOpenChange={setVariants} />
    </header>
  );
}

/** On a phone the purse is one figure; a tap unfolds it. */
function PurseOnATap() {
  const { report, preview, setStep } = useDesk();
  if (!report) return null;
  const { left, state } = report.purse;
  const moved = preview && Number(preview.difference.amount) !== 0;
  return (
    <button
      type="button"
      className={`figures min-h-8 cursor-pointer px-1 text-sm whitespace-nowrap lg:hidden ${moved ? "bg-mark text-white" : state === "OVERDRAWN" ? "text-snag" : ""}`}
      onClick={() => {
        setStep("purse");
      }}
    >
      {formatMoney(left)} left
    </button>
  );
}

function Menu({ label, children }: { label: string; children: ReactNode }) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="plain-button whitespace-nowrap max-lg:px-1.5">
        {label} ▾
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          className="z-40 min-w-60 border border-ink bg-white py-1 max-h-(--radix-dropdown-menu-content-available-height) overflow-y-auto"
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** Every paper; the one that is open is marked. */
function PaperItems() {
  const { paper, read } = useDesk();
  return Object.entries(PAPER_NAMES).map(([key, label]) => (
    <DropdownMenu.Item
      key={key}
      className={`${item} ${paper === key ? "font-semibold" : ""}`}
      onSelect={() => {
        read(key);
      }}
    >
      {label}
    </DropdownMenu.Item>
  ));
}

/** The sheet to scale, the garden as a file, and the tables for a spreadsheet. */
function Exports() {
  const desk = useDesk();
  const [snags, setSnags] = useState(false);
  const [outline, setOutline] = useState(false);
  const path = `/api/gardens/${desk.plan.id}`;
  return (
    <>
      <DropdownMenu.Label className="px-3 pt-1 text-sm text-soft">
        Sheet of {desk.season}, to scale
      </DropdownMenu.Label>
      {desk.catalogue.scales.map((scale) => (
        <Files
          key={scale.key}
          label={scale.label}
          name={`Sheet ${scale.label}`}
          types={outline ? ["pdf", "svg"] : ["pdf", "svg", "png"]}
          href={(type) => {
            const asked = `season=${String(desk.season)}&scale=${scale.key}`;
            return outline
              ? `${path}/outline.${type}?${asked}`
              : `${path}/sheet.${type}?${asked}&snags=${String(snags)}`;
          }}
        />
      ))}
      <DropdownMenu.CheckboxItem
        className={item}
        checked={snags}
        onCheckedChange={setSnags}
        onSelect={(event) => {
          event.preventDefault();
        }}
      >
        <span aria-hidden="true">{snags ? "☑" : "☐"}</span> with the numbers of the snags
      </DropdownMenu.CheckboxItem>
      <DropdownMenu.CheckboxItem
        className={item}
        checked={outline}
        onCheckedChange={setOutline}
        onSelect={(event) => {
          event.preventDefault();
        }}
      >
        <span aria-hidden="true">{outline ? "☑" : "☐"}</span> empty beds, to write in
      </DropdownMenu.CheckboxItem>
      <DropdownMenu.Item asChild>
        <a className={item} href={`${path}/plan.dxf?season=${String(desk.season)}`} download>
          {words.asDrawing}
        </a>
      </DropdownMenu.Item>
      {desk.plan.site.longitude === undefined ? (
        <p className="px-3 py-1.5 text-sm text-soft">{words.mapNeedsLongitude}</p>
      ) : (
        <DropdownMenu.Item asChild>
          <a className={item} href={`${path}/plan.geojson?season=${String(desk.season)}`} download>
            {words.asMap}
          </a>
        </DropdownMenu.Item>
      )}
      <DropdownMenu.Separator className="my-1 border-t border-rule" />
      <DropdownMenu.Item asChild>
        <a className={item} href={`${path}/file`} download>
          The garden as a file
        </a>
      </DropdownMenu.Item>
      {TABLES.map(({ name, file }) => (
        <Files
          key={file}
          label={name}
          name={name}
          types={["csv", "xlsx"]}
          href={(type) => `${path}/${file}.${type}`}
        />
      ))}
    </>
  );
}

interface FilesProps {
  label: string;
  name: string;
  types: readonly string[];
  href: (type: string) => string;
}

/** One thing that can be had in several kinds of file. */
function Files({ label, name, types, href }: FilesProps) {
  return (
    <div className="grid grid-cols-[1fr_auto] items-center">
      <span className="px-3 whitespace-nowrap">{label}</span>
      <span className="flex">
        {types.map((type) => (
          <DropdownMenu.Item key={type} asChild>
            <a
              className={`${item} w-13 text-center uppercase`}
              href={href(type)}
              aria-label={`${name} as ${type.toUpperCase()}`}
              download
            >
              {type}
            </a>
          </DropdownMenu.Item>
        ))}
      </span>
    </div>
  );
}

function Account() {
  const session = useSession();
  const signOut = useSignOut();

  if (session.data?.guestUntil)
    return (
      <Link to="/account" className="text-button text-sm whitespace-nowrap">
        {everywhere.keepAsGuest}
      </Link>
    );
  return (
    <>
      <span className="max-w-48 truncate text-sm text-soft">{session.data?.name}</span>
      <button type="button" className="text-button text-sm whitespace-nowrap" onClick={() => void signOut()}>
        Sign out
      </button>
    </>
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
  return <span className="text-sm text-soft max-lg:sr-only">shared, you {mayDo[data.role]}</span>;
}
