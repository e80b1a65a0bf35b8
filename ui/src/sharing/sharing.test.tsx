// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it, vi } from "vitest";
import { atDesk, deskFor } from "../testing/desk";
import { ShareDialog } from "./ShareDialog";
import { SharedGardens } from "./SharedGardens";

/** A program that answers by method and path; what it was asked is kept. */
function program(answers: Record<string, unknown>) {
  const asked: string[] = [];
  vi.stubGlobal(
    "fetch",
    vi.fn<typeof fetch>((path, options) => {
      const name = `${options?.method ?? "GET"} ${String(path)}`;
      asked.push(typeof options?.body === "string" ? `${name} ${options.body}` : name);
      const answer = answers[name];
      const status =
        answer === undefined ? 204 : name.startsWith("PUT") && "detail" in Object(answer) ? 422 : 200;
      return Promise.resolve(
        new Response(answer === undefined ? null : JSON.stringify(answer), {
          status,
          headers: { "Content-Type": "application/json" },
        }),
      );
    }),
  );
  return asked;
}

const ben = { account: "ben", name: "ben@example.org", role: "READER" };
const MEMBERS = "/api/gardens/mill/members";

it("a garden is shared by name and role, in another role, and taken back", async () => {
  const asked = program({
    [`GET ${MEMBERS}`]: { role: "OWNER", members: [] },
    [`PUT ${MEMBERS}`]: { role: "OWNER", members: [ben] },
  });
  atDesk(deskFor().desk, <ShareDialog garden="mill" name="Mill" />);
  await userEvent.click(screen.getByRole("button", { name: "Share Mill" }));
  await screen.findByText(/With no account yet/);
  await userEvent.type(screen.getByLabelText("The name they sign in with"), "ben@example.org");
  await userEvent.selectOptions(screen.getByLabelText("They"), "may change it");
  await userEvent.click(screen.getByRole("button", { name: "Share it" }));
  await screen.findByText("ben@example.org");
  expect(asked).toContain(`PUT ${MEMBERS} ${JSON.stringify({ name: "ben@example.org", role: "EDITOR" })}`);
  await userEvent.selectOptions(screen.getByLabelText("ben@example.org may"), "may look and tick off");
  await waitFor(() => {
    expect(asked).toContain(`PUT ${MEMBERS} ${JSON.stringify({ name: "ben@example.org", role: "HELPER" })}`);
  });
  await userEvent.click(screen.getByRole("button", { name: "Take it back from ben@example.org" }));
  await waitFor(() => {
    expect(asked).toContain(`DELETE ${MEMBERS}/ben`);
  });
});

it("a name that nobody has is told at the field", async () => {
  program({
    [`GET ${MEMBERS}`]: { role: "OWNER", members: [] },
    [`PUT ${MEMBERS}`]: { detail: "Nobody here signs in as that.", field: "name", next: "Ask them." },
  });
  atDesk(deskFor().desk, <ShareDialog garden="mill" name="Mill" />);
  await userEvent.click(screen.getByRole("button", { name: "Share Mill" }));
  await userEvent.type(screen.getByLabelText("The name they sign in with"), "nobody{Enter}");
  await screen.findByText(/Nobody here signs in as that/);
});

it("what others share is listed with what one may do, and can be left", async () => {
  const asked = program({
    "GET /api/shared": [
      { id: "mill", name: "Mill", firstSeason: 2027, owner: "rosa@example.org", role: "READER" },
    ],
    "GET /api/session": { name: "ben@example.org", demo: false },
    [`GET ${MEMBERS}`]: { role: "READER", members: [ben] },
  });
  atDesk(deskFor().desk, <SharedGardens />);
  const row = within(await screen.findByRole("listitem"));
  expect(row.getByText(/rosa@example.org/).textContent).toContain("you may look");
  await userEvent.click(await screen.findByRole("button", { name: "Leave Mill" }));
  await waitFor(() => {
    expect(asked).toContain(`DELETE ${MEMBERS}/ben`);
  });
});
