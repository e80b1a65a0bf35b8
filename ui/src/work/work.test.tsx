// @vitest-environment jsdom
import { act, screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it, vi } from "vitest";
import "../testing/setup";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import type { PlannedTask, WorkOfSeason } from "./tasks";
import { WorkPaper } from "./WorkPaper";
import { ownWords } from "./ownWords";
import { words } from "./words";

const byPosts = {
  before: "POSTS" as const,
  after: "MESH" as const,
  scope: "SAME_PLACE" as const,
  reason: "Mesh hangs on its posts.",
};
const posts: PlannedTask = {
  key: "2028/POSTS/fence/concrete/f",
  stage: "POSTS",
  rate: {
    key: "fence/concrete",
    label: "Setting a post",
    minutes: 45,
    unit: "post",
    source: "a guess",
    stage: "POSTS",
    people: 1,
  },
  about: "f",
  place: "f",
  easy: false,
  name: "North fence",
  quantity: 9,
  hours: 6.75,
  waits: [],
};
const mesh: PlannedTask = {
  ...posts,
  key: "2028/MESH/fence/mesh/f",
  stage: "MESH",
  rate: { ...posts.rate, key: "fence/mesh", label: "Hanging mesh", unit: "metre", stage: "MESH", people: 2 },
  quantity: 16,
  hours: 1.07,
  waits: [{ by: byPosts, tasks: [posts.key], cure: { days: 4, reason: "Concrete cures." } }],
};
const told: WorkOfSeason = {
  stages: [
    { stage: "POSTS", label: "Set posts", hours: 6.75, tasks: 1, waits: [] },
    { stage: "MESH", label: "Hang mesh", hours: 1.07, tasks: 1, waits: [byPosts] },
  ],
  tasks: [posts, mesh],
  done: [],
  learned: [],
};

it("tells the tasks of the season in order, with what each comes after", async () => {
  answering({ "/tasks": told });
  atDesk(deskFor().desk, <WorkPaper />);
  const row = await screen.findByRole("row", { name: /Hanging mesh/ });
  expect(
    within(row)
      .getAllByRole("cell")
      .map(({ textContent }) => textContent),
  ).toEqual(
    expect.arrayContaining(["North fence", "16.0 m", "1.1 h", "2", "Set posts; Concrete cures. (4 days)"]),
  );
  expect(screen.getByRole("row", { name: /Setting a post/ })).toHaveTextContent("9 posts");
  const order = within(screen.getByTestId("order")).getAllByRole("listitem");
  expect(order.map(({ textContent }) => textContent)).toEqual([
    "Set posts: 1 task, 6.8 h",
    "Hang mesh: 1 task, 1.1 hAfter “Set posts”: Mesh hangs on its posts.",
  ]);
});

it("ticks a task off with its hours, and tells when it was done and what that teaches", async () => {
  const fetched = answering({
    "/tasks": {
      ...told,
      done: [
        {
          id: "e",
          day: "2028-04-02",
          about: false,
          done: { task: posts.key, rate: "fence/concrete", quantity: 9, hours: 4 },
        },
        {
          id: "f",
          day: "2028-04-02",
          about: false,
          done: { task: posts.key, rate: "fence/concrete", quantity: 9, hours: 2 },
        },
      ],
      learned: [{ rate: "fence/concrete", times: 2, minutes: 40, spread: 5.25 }],
    },
    "/journal": {},
    "/reversal": {},
  });
  const { desk } = deskFor();
  atDesk({ ...desk, catalogue: { ...desk.catalogue, rates: [posts.rate] } }, <WorkPaper />);
  expect(await screen.findByRole("row", { name: /Setting a post North/ })).toHaveTextContent("2 Apr, 6.0 h");
  screen.getByText(words.left("1.1 h", "7.8 h"));
  expect(screen.getByTestId("rates")).toHaveTextContent(
    "Setting a post45 min a posta guess40 min a post, ± 5.3, 2 times",
  );
  const row = within(screen.getByRole("row", { name: /Hanging mesh/ }));
  await userEvent.type(row.getByPlaceholderText(words.hoursHint), "an hour");
  await userEvent.click(row.getByRole("button"));
  row.getByText(words.noHours);
  await userEvent.clear(row.getByPlaceholderText(words.hoursHint));
  await userEvent.type(row.getByPlaceholderText(words.hoursHint), "1,5{Enter}");
  await vi.waitFor(() => {
    const sent = fetched.mock.calls.find(([, init]) => init?.body !== undefined);
    expect(JSON.parse(String(sent?.[1]?.body))).toMatchObject({
      place: "f",
      done: { task: mesh.key, rate: "fence/mesh", quantity: 16, hours: 1.5 },
    });
  });
  await userEvent.click(
    screen.getByRole("button", { name: words.undoNamed("Setting a post", "North fence") }),
  );
  await vi.waitFor(() => {
    const back = fetched.mock.calls.filter(([url]) => String(url).endsWith("/reversal"));
    expect(back).toHaveLength(2);
  });
});

it("says so where there is nothing to do", async () => {
  answering({ "/tasks": { stages: [], tasks: [], done: [], learned: [] } });
  atDesk(deskFor().desk, <WorkPaper />);
  await screen.findByText(words.none);
  expect(screen.queryByTestId("order")).not.toBeInTheDocument();
});

it("takes tasks of one's own, and pulls a wish for later into the season", async () => {
  answering({ "/tasks": told });
  const pond = { id: "pond", name: "Dig a pond", stage: "POSTS" as const, hours: 20, people: 2 };
  const { desk, submit } = deskFor({ plan: { ...plan, ownTasks: [pond] } });
  atDesk(desk, <WorkPaper />);
  const own = within(await screen.findByTestId("own-tasks"));
  await userEvent.click(own.getByText(ownWords.title(0, 1)));
  own.getByText(/Dig a pond: 20 h by 2 people, as part of “Set posts”/);
  await userEvent.click(own.getByRole("button", { name: ownWords.pullNamed("Dig a pond", 2028) }));
  expect(submit.mock.lastCall?.[0]).toEqual({ kind: "PutOwnTask", ownTask: { ...pond, season: 2028 } });

  await userEvent.type(own.getByLabelText(ownWords.name), "Paint the shed");
  await userEvent.selectOptions(own.getByLabelText(ownWords.stage), "Hang mesh");
  await userEvent.type(own.getByLabelText(ownWords.hours), "a while{Enter}");
  own.getByText(ownWords.noHours);
  expect(submit).toHaveBeenCalledTimes(1);
  await userEvent.clear(own.getByLabelText(ownWords.hours));
  await userEvent.type(own.getByLabelText(ownWords.hours), "2,5");
  await userEvent.type(own.getByLabelText(ownWords.cost("EUR")), "12{Enter}");
  expect(submit.mock.lastCall?.[0]).toMatchObject({
    kind: "PutOwnTask",
    ownTask: {
      name: "Paint the shed",
      stage: "MESH",
      hours: 2.5,
      people: 1,
      season: 2028,
      cost: { amount: "12", currency: "EUR" },
    },
  });
  expect(own.getByLabelText(ownWords.name)).toHaveValue("");
  // What is refused stays to be mended.
  await userEvent.type(own.getByLabelText(ownWords.name), "Paint");
  await userEvent.type(own.getByLabelText(ownWords.hours), "2000{Enter}");
  act(() => {
    submit.mock.lastCall?.[1]?.("at most 1000 hours");
  });
  expect(own.getByLabelText(ownWords.name)).toHaveValue("Paint");
  own.getByText("at most 1000 hours");
});

it("takes how long work takes as the gardener says it, and leaves it to the others again", async () => {
  answering({ "/tasks": told });
  const ownRates = [{ id: "own", rate: "fence/mesh", minutes: 6 }];
  const { desk, submit } = deskFor({ plan: { ...plan, ownRates } });
  atDesk({ ...desk, catalogue: { ...desk.catalogue, rates: [posts.rate, mesh.rate] } }, <WorkPaper />);
  await userEvent.click(await screen.findByText(words.ratesTitle));
  const field = (rate: PlannedTask["rate"]) => screen.getByLabelText(words.ownNamed(rate.label, rate.unit));
  await userEvent.type(field(posts.rate), "long{Enter}");
  screen.getByText(words.noMinutes);
  expect(submit).not.toHaveBeenCalled();
  await userEvent.clear(field(posts.rate));
  await userEvent.type(field(posts.rate), "32,5{Enter}");
  expect(submit.mock.lastCall?.[0]).toMatchObject({
    kind: "PutOwnRate",
    ownRate: { rate: "fence/concrete", minutes: 32.5 },
  });
  expect(field(mesh.rate)).toHaveValue("6");
  await userEvent.clear(field(mesh.rate));
  await userEvent.tab();
  expect(submit.mock.lastCall?.[0]).toEqual({ kind: "RemoveOwnRate", ownRate: "own" });
});
