// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { allNamed } from "../capabilities";
import { alwaysAnswering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { byLength, byRise, type HoopSet, type HoopTold } from "./hoops";
import { HoopsOnTheSheet } from "./HoopsOnTheSheet";
import { HoopsSection } from "./HoopsSection";
import { words as placeWords } from "../over/words";
import { words } from "./words";

const [first, second] = plan.beds;
if (!first || !second) throw new Error("the garden has beds");

const set: HoopSet = {
  id: "tunnel",
  name: "Tunnel",
  form: "CIRCLE",
  pipe: "PE_20",
  rise: 0.5,
  anchor: "IN_SOIL",
  depth: 0.3,
  weather: "SHELTERED",
  cover: "FLEECE",
  places: [{ bed: first.id, lifetime: {} }],
  lifetime: { from: 2028 },
};

const told: HoopTold = {
  set: "tunnel",
  cut: 2.1,
  tightest: 0.4,
  over: [
    {
      bed: first.id,
      span: 1.18,
      rise: 0.5,
      tightest: 0.59,
      bows: 3,
      apart: 1.1,
      side: [
        { x: -0.59, y: 0 },
        { x: 0, y: 0.5 },
        { x: 0.59, y: 0 },
      ],
      feet: [
        { left: { x: 1, y: 1 }, right: { x: 1, y: 2 } },
        { left: { x: 2, y: 1 }, right: { x: 2, y: 2 } },
        { left: { x: 3, y: 1 }, right: { x: 3, y: 2 } },
      ],
      sheet: { length: 3.6, width: 2.1 },
      ballast: { lift: 100, aMetre: 5.1, bags: 4 },
    },
  ],
  bows: 3,
  ties: 2.2,
  kilograms: 2,
  fits: [second.id],
  cautions: ["Sweep snow off."],
};

const hooped = { ...plan, hoops: [set] };

async function opened(over = hooped) {
  const { desk, submit } = deskFor({ plan: over });
  atDesk(desk, <HoopsSection />);
  await screen.findByText(/3 bows, fleece/);
  const form = within(screen.getByTestId("hoops"));
  await userEvent.click(form.getByText("Tunnel"));
  return { form, submit };
}

describe("hoops", () => {
  it("are put over the beds that are selected", async () => {
    const change = { kind: "PutHoopSet", hoopSet: set };
    const fetched = alwaysAnswering(change);
    const { desk, submit } = deskFor({ selection: new Set([first.id]) });
    atDesk(desk, <HoopsSection />);
    screen.getByText(words.none);
    await userEvent.click(screen.getByRole("button", { name: words.putOver(1) }));
    await waitFor(() => {
      expect(submit).toHaveBeenCalledWith(change, expect.anything());
    });
    expect(String(fetched.mock.calls[0]?.[0])).toContain("/hoops/proposals?season=2028");
    expect(fetched.mock.calls[0]?.[1]?.body).toBe(JSON.stringify({ beds: [first.id] }));
  });

  it("tell what they take, are seen from the end, and say what to look out for", async () => {
    alwaysAnswering([told]);
    const { form } = await opened();
    expect(form.getByTestId("hoop-figures").textContent).toContain("3 bows of 2.10 m, 2 kg in all");
    expect(form.getByTestId("bed-place").textContent).toContain("sheet 3.60 m × 2.10 m");
    form.getByRole("img", { name: words.sideView(first.name, "0.50 m", "1.18 m") });
    form.getByText(words.bend("0.59 m"));
    form.getByText("Sweep snow off.");
  });

  it("are held down by bags, and glued up of strips where they are of wood", async () => {
    const glued = {
      board: "38x150 mm",
      strips: 3,
      thickness: 0.0044,
      layers: [1.9, 1.915, 1.93],
      toABoard: 20,
      left: 0.0012,
      glue: 0.052,
      clamps: 14,
    };
    alwaysAnswering([{ ...told, glued }]);
    const { form } = await opened();
    expect(form.getByTestId("bed-place").textContent).toContain(words.bags(4, "5 kg a metre"));
    const bow = form.getByTestId("glued-bow");
    expect(bow.textContent).toContain("Each bow is 3 strips of 4.4 mm");
    expect(bow.textContent).toContain("gives 20 of them beside each other and a rest of 1.2 mm");
    expect(bow.textContent).toContain("52 g of waterproof glue and 14 clamps");
    expect(bow.textContent).toContain("3, outermost1.93 m");
  });

  it("go by their height or by the length of their pipe", async () => {
    alwaysAnswering([told]);
    const { form, submit } = await opened();
    await userEvent.clear(form.getByLabelText(words.length));
    await userEvent.type(form.getByLabelText(words.length), "3 m{Enter}");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutHoopSet", hoopSet: byLength(set, 3) },
      expect.anything(),
    );
    await userEvent.clear(form.getByLabelText(words.rise));
    await userEvent.type(form.getByLabelText(words.rise), "60 cm{Enter}");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutHoopSet", hoopSet: byRise(set, 0.6) },
      expect.anything(),
    );
    expect(byRise(byLength(set, 3), 0.5)).toEqual(set);
  });

  it("stand over one bed more, over all they fit, and over fewer, each in its seasons", async () => {
    alwaysAnswering([told]);
    const { form, submit } = await opened();
    const placed = (places: HoopSet["places"]) => [
      { kind: "PutHoopSet", hoopSet: { ...set, places } },
      expect.anything(),
    ];
    await userEvent.selectOptions(form.getByLabelText(placeWords.oneMore), second.name);
    expect(submit).toHaveBeenLastCalledWith(...placed([...set.places, { bed: second.id, lifetime: {} }]));
    await userEvent.click(form.getByRole("button", { name: placeWords.overThese }));
    expect(submit).toHaveBeenLastCalledWith(...placed([...set.places, { bed: second.id, lifetime: {} }]));
    await userEvent.type(form.getByLabelText(placeWords.until), "2030{Enter}");
    expect(submit).toHaveBeenLastCalledWith(...placed([{ bed: first.id, lifetime: { until: 2030 } }]));
    await userEvent.click(form.getByRole("button", { name: placeWords.takeOff(first.name) }));
    expect(submit).toHaveBeenLastCalledWith(...placed([]));
    await userEvent.click(form.getByRole("button", { name: words.takeDown("Tunnel") }));
    expect(submit).toHaveBeenLastCalledWith({ kind: "RemoveHoopSet", hoopSet: "tunnel" }, expect.anything());
  });

  it("say at the bed that they don't go over it", async () => {
    const [over] = told.over;
    if (!over) throw new Error("it stands over a bed");
    alwaysAnswering([{ ...told, over: [{ ...over, misfit: "SHAPE", feet: [], side: [] }] }]);
    const { form } = await opened();
    expect(form.getByTestId("bed-place").textContent).toContain(words.misfit);
    expect(form.queryByTestId("side-view")).toBeNull();
  });

  it("are drawn over their beds, but over none that is being moved", async () => {
    alwaysAnswering([told]);
    const { desk } = deskFor({ plan: hooped });
    const view = { scale: 10, x: 0, y: 100 };
    const draw = (moved: Parameters<typeof HoopsOnTheSheet>[0]["moved"]) => (
      <svg>
        <HoopsOnTheSheet view={view} moved={moved} selected={new Set()} />
      </svg>
    );
    const { container } = atDesk(desk, draw(new Map()));
    await waitFor(() => {
      expect(container.querySelectorAll("[data-bow]")).toHaveLength(3);
    });
    expect(container.querySelector("[data-bow]")?.getAttribute("x1")).toBe("10");
    expect(allNamed(hooped)).toContain(set);
  });
});
