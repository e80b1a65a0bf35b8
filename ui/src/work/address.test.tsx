// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it, vi } from "vitest";
import "../testing/setup";
import { answering } from "../testing/answers";
import { atDesk, deskFor } from "../testing/desk";
import { addressWords as words } from "./addressWords";
import { CalendarAddress } from "./CalendarAddress";

function shown(answer: object) {
  const fetched = answering({ "/calendar-address": answer });
  atDesk(deskFor({ season: 2027 }).desk, <CalendarAddress />);
  return () =>
    fetched.mock.calls
      .map(([, init]) => (init as { method?: string } | undefined)?.method)
      .filter((method) => method !== undefined && method !== "GET");
}

it("makes an address and shows it whole", async () => {
  const sent = shown({ path: "/api/calendars/secret" });
  await userEvent.click(screen.getByText(words.title));
  await userEvent.click(await screen.findByRole("button", { name: words.make }));
  expect(await screen.findByLabelText(words.yours)).toHaveValue(
    `${window.location.origin}/api/calendars/secret`,
  );
  expect(sent()).toEqual(["POST"]);
});

it("says since when there is one, without showing it, and takes it back", async () => {
  const sent = shown({ madeAt: "2027-04-01T10:00:00Z" });
  await userEvent.click(screen.getByText(words.title));
  await screen.findByText(words.madeOn("1 Apr"));
  expect(screen.queryByLabelText(words.yours)).toBeNull();
  screen.getByRole("button", { name: words.makeAnother });
  await userEvent.click(screen.getByRole("button", { name: words.takeBack }));
  await vi.waitFor(() => {
    expect(sent()).toEqual(["DELETE"]);
  });
});

it("says so where it did not work", async () => {
  answering({ "/other": {} });
  atDesk(deskFor().desk, <CalendarAddress />);
  await userEvent.click(screen.getByText(words.title));
  await userEvent.click(screen.getByRole("button", { name: words.make }));
  await screen.findByText(words.failed);
});
