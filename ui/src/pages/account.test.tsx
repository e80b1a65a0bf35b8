// @vitest-environment jsdom
import "../testing/setup";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { BrowserRouter } from "react-router";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { AccountPage } from "./AccountPage";
import { words } from "./words";

const asked: string[] = [];
let refusal: Record<string, unknown> | null = null;

beforeEach(() => {
  asked.length = 0;
  refusal = null;
  vi.stubGlobal(
    "fetch",
    vi.fn((path: string, { method, body }: { method: string; body?: string }) => {
      if (method === "GET") return Promise.resolve(json({ name: "rosa@example.org", demoOffered: false }));
      asked.push(`${method} ${path} ${body ?? ""}`.trim());
      return Promise.resolve(refusal ? json(refusal, 422) : new Response(null, { status: 204 }));
    }),
  );
});

afterEach(() => {
  vi.unstubAllGlobals();
});

function json(value: unknown, status = 200) {
  return new Response(JSON.stringify(value), { status, headers: { "Content-Type": "application/json" } });
}

function atTheAccount() {
  window.history.pushState({}, "", "/account");
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <BrowserRouter>
        <AccountPage />
      </BrowserRouter>
    </QueryClientProvider>,
  );
}

const part = (name: string) => within(screen.getByRole("region", { name }));

it("changes the password, or says at the field what is wrong", async () => {
  atTheAccount();
  const form = part(words.password);
  await userEvent.type(form.getByLabelText(words.presentPassword), "old words of mine");
  await userEvent.type(form.getByLabelText(words.newPassword), "password12");
  refusal = { detail: "The password is easy to guess.", field: "wanted" };
  await userEvent.click(form.getByRole("button", { name: words.changePassword }));
  expect(await form.findByRole("alert")).toHaveTextContent("easy to guess");
  expect(form.getByLabelText(words.newPassword)).toHaveAttribute("aria-invalid", "true");
  expect(form.getByLabelText(words.newPassword)).toHaveValue("password12");
  refusal = null;
  await userEvent.clear(form.getByLabelText(words.newPassword));
  await userEvent.type(form.getByLabelText(words.newPassword), "new words of mine{Enter}");
  await form.findByText(words.passwordChanged);
  expect(form.queryByRole("alert")).toBeNull();
  expect(asked.at(-1)).toBe(
    'PUT /api/account/password {"present":"old words of mine","wanted":"new words of mine"}',
  );
  expect(form.getByLabelText(words.newPassword)).toHaveValue("");
});

it("signs out everywhere else", async () => {
  atTheAccount();
  await userEvent.click(part(words.elsewhere).getByRole("button"));
  await part(words.elsewhere).findByText(words.signedOutElsewhere);
  expect(asked).toEqual(["DELETE /api/account/sessions"]);
});

it("deletes the account with its password, and only when that is wanted", async () => {
  atTheAccount();
  const form = part(words.deletion);
  expect(form.getByRole("button", { name: words.deleteAccount })).toBeDisabled();
  await userEvent.click(form.getByLabelText(words.sure));
  await userEvent.type(form.getByLabelText(words.presentPassword), "old words of mine{Enter}");
  await vi.waitFor(() => {
    expect(window.location.pathname).toBe("/");
  });
  expect(asked).toEqual(['POST /api/account/deletion {"password":"old words of mine"}']);
});

it("says what is wrong with the whole account", async () => {
  refusal = { detail: "Everybody shares this account.", next: "Sign up for one of your own.", field: "" };
  atTheAccount();
  await userEvent.click(part(words.elsewhere).getByRole("button"));
  expect(await part(words.elsewhere).findByRole("alert")).toHaveTextContent(/Sign up for one of your own/);
});
