// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, expect, it, vi } from "vitest";
import { LinkPart } from "../sharing/LinkPart";
import { atDesk, deskFor } from "../testing/desk";
import { AccountPage } from "./AccountPage";
import { GardensPage } from "./GardensPage";
import { RecoveryPage } from "./RecoveryPage";

const CODE = "7K2M-Q9XD-04TP";
let asked: string[] = [];
let answers: Record<string, unknown> = {};

function refused(field: string, detail: string) {
  return new Response(JSON.stringify({ detail, field, next: "" }), {
    status: 422,
    headers: { "Content-Type": "application/problem+json" },
  });
}

beforeEach(() => {
  asked = [];
  answers = {};
  vi.stubGlobal(
    "fetch",
    vi.fn<typeof fetch>((path, options) => {
      const name = `${options?.method ?? "GET"} ${String(path)}`;
      asked.push(typeof options?.body === "string" ? `${name} ${options.body}` : name);
      const answer = answers[name];
      if (answer instanceof Response) return Promise.resolve(answer.clone());
      return Promise.resolve(
        new Response(answer === undefined ? null : JSON.stringify(answer), {
          status: answer === undefined ? 204 : 200,
          headers: { "Content-Type": "application/json" },
        }),
      );
    }),
  );
});

const GUEST = { name: "Guest 1", guestUntil: "2026-12-16T12:00:00Z", demoOffered: true };

it("a guest is told until when what they draw is kept, and signs up to keep it", async () => {
  answers["GET /api/session"] = GUEST;
  answers["GET /api/gardens"] = [];
  answers["GET /api/gardens/deleted"] = [];
  answers["GET /api/shared"] = [];
  const { unmount } = atDesk(deskFor().desk, <GardensPage />);
  expect((await screen.findByText(/kept on this device until/)).textContent).toContain("16");
  expect(screen.queryByRole("button", { name: "Sign out" })).toBeNull();
  unmount();

  atDesk(deskFor().desk, <AccountPage />);
  await userEvent.type(await screen.findByLabelText("E-mail or user name"), "rosa@example.org");
  await userEvent.type(screen.getByLabelText(/^Password, at least/), "seventeen tall carrots");
  await userEvent.click(screen.getByRole("button", { name: "Sign up" }));
  await waitFor(() => {
    expect(asked).toContain(
      `POST /api/accounts ${JSON.stringify({ name: "rosa@example.org", password: "seventeen tall carrots" })}`,
    );
  });
});

it("a guest throws it away without a password", async () => {
  answers["GET /api/session"] = GUEST;
  atDesk(deskFor().desk, <AccountPage />);
  await userEvent.click(await screen.findByLabelText("I don't need it any more"));
  await userEvent.click(screen.getByRole("button", { name: "Throw it away" }));
  await waitFor(() => {
    expect(asked).toContain('POST /api/account/deletion {"password":null}');
  });
});

it("recovery codes are made for the password and shown", async () => {
  answers["GET /api/session"] = { name: "rosa@example.org", demoOffered: true };
  answers["GET /api/account/recovery-codes"] = { left: 0 };
  answers["POST /api/account/recovery-codes"] = { codes: [CODE] };
  atDesk(deskFor().desk, <AccountPage />);
  const part = await screen.findByRole("region", { name: "Recovery codes" });
  await waitFor(() => {
    expect(part.textContent).toContain("You have none.");
  });
  await userEvent.type(within(part).getByLabelText("Your password now"), "seventeen tall carrots");
  await userEvent.click(screen.getByRole("button", { name: "Make eight new codes" }));
  await screen.findByText(CODE);
});

it("a code that is not right is told at its field", async () => {
  answers["POST /api/session/recovery"] = refused("code", "The code was used already.");
  atDesk(deskFor().desk, <RecoveryPage />);
  await userEvent.type(screen.getByLabelText("E-mail or user name"), "rosa@example.org");
  await userEvent.type(screen.getByLabelText(/^Code/), CODE);
  await userEvent.type(screen.getByLabelText(/^New password/), "a shed of green glass");
  await userEvent.click(screen.getByRole("button", { name: "Set it and sign in" }));
  await screen.findByText(/The code was used already/);
  expect(screen.getByLabelText(/^Code/)).toHaveProperty("value", CODE);
});

it("a link is made, told once, and taken back", async () => {
  answers["GET /api/gardens/mill/link"] = {};
  answers["POST /api/gardens/mill/link"] = { path: "/look/abc" };
  atDesk(deskFor().desk, <LinkPart garden="mill" />);
  await userEvent.click(await screen.findByRole("button", { name: "Make a link" }));
  expect(await screen.findByLabelText(/^The link/)).toHaveProperty("value", "http://localhost:3000/look/abc");
  answers["GET /api/gardens/mill/link"] = { link: { madeAt: "2026-12-02T12:00:00Z", visitors: 2 } };
  await userEvent.click(screen.getByRole("button", { name: "Make a link" }));
  await screen.findByText("2 people have opened it.");
  await userEvent.click(screen.getByRole("button", { name: "Take the link back" }));
  await waitFor(() => {
    expect(asked).toContain("DELETE /api/gardens/mill/link");
  });
  await waitFor(() => {
    expect(screen.queryByLabelText(/^The link/)).toBeNull();
  });
});
