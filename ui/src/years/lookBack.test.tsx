// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it, vi } from "vitest";
import "../testing/setup";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { LookBackPaper, type Lesson } from "./LookBackPaper";
import { lookBackWords as words } from "./lookBackWords";

const change = { kind: "RemoveWorker" as const, worker: "w" };
const bed = plan.beds[0]?.id ?? "";
const lessons: Lesson[] = [
  {
    kind: "LOST",
    key: "lost/FROST",
    bed,
    words: "Lettuce lost: Frost or winter.",
    step: "CROPS",
    remedy: { words: "Lettuce from 19 April on, not from 5 April", change },
  },
  { kind: "LITTLE", key: "little/leek", words: "Leek gave 2 kg of 9 kg.", step: "CROPS" },
];

async function opened() {
  const fetched = answering({ "/look-back": lessons, "/journal": {} });
  const { desk, submit } = deskFor({ season: 2027 });
  atDesk(desk, <LookBackPaper />);
  await screen.findByRole("row", { name: /Lettuce lost/ });
  const posted = () =>
    fetched.mock.calls.flatMap(([, init]) =>
      init?.body === undefined ? [] : [JSON.parse(init.body) as unknown],
    );
  return { submit, posted };
}

it("tells what went wrong, and takes an edit for the coming season in one press", async () => {
  const { submit } = await opened();
  await userEvent.click(screen.getByRole("button", { name: "Lettuce from 19 April on, not from 5 April" }));
  expect(submit).toHaveBeenCalledWith(change);
  expect(screen.getByRole("row", { name: /Leek gave/ })).toHaveTextContent(words.kinds.LITTLE);
});

it("brings a lesson up next season, on a day of the season", async () => {
  const { posted } = await opened();
  await userEvent.click(
    screen.getByRole("button", { name: words.remindNamed("Lettuce lost: Frost or winter.") }),
  );
  await screen.findByText(words.reminded);
  const now = new Date().toLocaleDateString("sv");
  await vi.waitFor(() => {
    expect(posted()).toEqual([
      expect.objectContaining({
        day: now < "2027-12-31" ? now : "2027-12-31",
        about: true,
        note: "Lettuce lost: Frost or winter.",
        nextTime: "CROPS",
        place: bed,
      }),
    ]);
  });
});

it("says so where nothing is known", async () => {
  answering({ "/look-back": [] });
  atDesk(deskFor().desk, <LookBackPaper />);
  await screen.findByText(words.nothing);
});
