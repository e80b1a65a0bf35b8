import { Dialog } from "radix-ui";
import { useState } from "react";
import { Problem } from "../api/client";
import { Choice } from "../parts/Choice";
import { EnterForm } from "../forms/EnterForm";
import { TextField } from "../parts/TextField";
import { words } from "../words";
import { LinkPart } from "./LinkPart";
import { mayDo, useMembers, useSharing, type Member, type Role } from "./useSharing";

const ROLES = (["READER", "HELPER", "EDITOR"] as const).map((value) => ({ value, label: mayDo[value] }));

/** Shares a garden with other accounts and takes it back. */
export function ShareDialog({ garden, name }: { garden: string; name: string }) {
  return (
    <Dialog.Root>
      <Dialog.Trigger className="text-button shrink-0 text-sm" aria-label={`Share ${name}`}>
        Share
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/4 left-1/2 max-h-[70vh] w-[28rem] max-w-[calc(100vw-2rem)] -translate-x-1/2 space-y-3 overflow-y-auto border border-ink bg-white p-4"
        >
          <Dialog.Title className="text-lg break-words">Share {name}</Dialog.Title>
          <Sharing garden={garden} />
          <LinkPart garden={garden} />
          <div className="flex justify-end">
            <Dialog.Close className="plain-button">Close</Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Sharing({ garden }: { garden: string }) {
  const { data } = useMembers(garden);
  const { share, takeBack } = useSharing(garden);
  const [whom, setWhom] = useState("");
  const [role, setRole] = useState<Role>("READER");
  const [fault, setFault] = useState<string>();

  async function attempt(work: Promise<void>) {
    setFault(undefined);
    try {
      await work;
      setWhom("");
    } catch (failure) {
      setFault(failure instanceof Problem ? `${failure.message} ${failure.next}` : words.awayIdle);
    }
  }

  return (
    <>
      {data?.members.length === 0 && <p className="text-soft">With no account yet.</p>}
      <ul>
        {(data?.members ?? []).map((member) => (
          <Row
            key={member.account}
            member={member}
            onRole={(to) => void attempt(share(member.name, to))}
            onTakeBack={() => void attempt(takeBack(member.account))}
          />
        ))}
      </ul>
      <EnterForm className="space-y-3" onEnter={() => void attempt(share(whom, role))}>
        <div className="grid grid-cols-[1fr_auto] items-end gap-2">
          <TextField
            label="The name they sign in with"
            value={whom}
            fault={fault}
            onCommit={(name) => {
              setFault(undefined);
              setWhom(name);
            }}
          />
          <Choice
            label="They"
            value={role}
            options={ROLES}
            onChange={(to) => {
              setFault(undefined);
              setRole(to);
            }}
          />
        </div>
        <button type="submit" className="strong-button">
          Share it
        </button>
      </EnterForm>
    </>
  );
}

interface RowProps {
  member: Member;
  onRole: (role: Role) => void;
  onTakeBack: () => void;
}

function Row({ member, onRole, onTakeBack }: RowProps) {
  return (
    <li className="flex items-end gap-2 border-b border-hair py-1">
      <span className="min-w-0 grow truncate pb-1" title={member.name}>
        {member.name}
      </span>
      <Choice label={`${member.name} may`} hideLabel value={member.role} options={ROLES} onChange={onRole} />
      <button
        type="button"
        className="plain-button shrink-0"
        aria-label={`Take it back from ${member.name}`}
        onClick={onTakeBack}
      >
        Take back
      </button>
    </li>
  );
}
