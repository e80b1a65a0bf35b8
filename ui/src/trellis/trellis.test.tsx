// @vitest-environment jsdom
import "../testing/setup";
import { screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { allNamed } from "../capabilities";
import { alwaysAnswering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { trellisLayer } from "./layers";
import { alongLine, asFeature, type Trellis, type TrellisProposal, type TrellisTold } from "./trellises";
import { TrellisesOnTheSheet } from "./TrellisesOnTheSheet";
import { TrellisesSection } from "./TrellisesSection";
import { words } from "./words";

const [first, second] = plan.beds;
if (!first || !second) throw new Error("the garden has beds");

const beans: Trellis = {
  id: "beans",
  name: "Bean net",
  places: [
    { x: 1, y: 2 },
    { x: 4, y: 2 },
  ],
  kind: "NETTING",
  height: 2,
  base: 0.9,
  apart: 1.8,
  posts: "WOOD_IN_GRAVEL",
  wind: "SHELTERED",
  lifetime: { from: 2028 },
};

const told: TrellisTold = {
  trellis: "beans",
  beds: [first.id],
  length: 3,
  marks: [0, 1.5, 3],
  posts: { count: 3, span: 1.5, depth: 1, forWind: false, bought: 3, push: 230, used: 0.26 },
  covered: 6,
  rows: 0,
  canes: 0,
  kilograms: 39.4,
  crop: { kilograms: 24, end: { pull: 221, used: 0.78, depth: 0.82 } },
};

const hung = { ...plan, trellises: [beans] };
const teepee: Trellis = { ...beans, kind: "TEEPEE" };

describe("trellises", () => {
  it("tell their posts and the wind on them, and are drawn from their side", async () => {
    alwaysAnswering([told]);
    const { desk, submit } = deskFor({ plan: hung });
    atDesk(desk, <TrellisesSection />);
    const form = within(screen.getByTestId("trellis"));
    await form.findByText("3.0 m, 2.00 m high", { exact: false });
    await userEvent.click(form.getByText("Bean net"));
    const figures = screen.getByTestId("trellis-figures");
    expect(figures.textContent).toContain(words.stands([first.name]));
    expect(figures.textContent).toContain(`${words.setPosts(3, "3.00 m", "1.00 m")}: ${words.byCustom}`);
    expect(figures.textContent).toContain(words.bears("0.2 kN", "26 %"));
    expect(figures.textContent).toContain(
      `${words.fullCrop("24 kg")} ${words.pulled("0.2 kN", "78 %", "0.82 m")}`,
    );
    expect(figures.textContent).toContain("6.00 m² of net; 39 kg in all");
    form.getByRole("img", { name: words.elevation("Bean net", "3.00 m", "2.00 m") });
    form.getByText(words.windHint("near gale", "50 km/h"));
    await userEvent.selectOptions(form.getByLabelText(words.wind), "EXPOSED");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutTrellis", trellis: { ...beans, wind: "EXPOSED" } },
      expect.anything(),
    );
    await userEvent.click(form.getByRole("button", { name: words.takeDown("Bean net") }));
    expect(submit).toHaveBeenLastCalledWith({ kind: "RemoveTrellis", trellis: "beans" }, expect.anything());
  });

  it("take the usual spacing of another make, and ask how wide what leans is instead of posts", async () => {
    alwaysAnswering([{ ...told, posts: undefined, canes: 9, piece: 2.36, marks: [0.5, 1.5, 2.5] }]);
    const { desk, submit } = deskFor({ plan: hung });
    const { unmount } = atDesk(desk, <TrellisesSection />);
    await userEvent.click(screen.getByText("Bean net"));
    await userEvent.selectOptions(screen.getByLabelText(words.what), "TEEPEE");
    expect(submit).toHaveBeenLastCalledWith(
      { kind: "PutTrellis", trellis: { ...teepee, apart: 0.9 } },
      expect.anything(),
    );
    unmount();
    const leaning = deskFor({ plan: { ...plan, trellises: [teepee] } });
    atDesk(leaning.desk, <TrellisesSection />);
    await userEvent.click(screen.getByText("Bean net"));
    expect(screen.queryByLabelText(words.posts)).toBeNull();
    await screen.findByText(`${words.canes(3, 9, "2.36 m")}.`);
    await userEvent.clear(screen.getByLabelText(words.base));
    await userEvent.type(screen.getByLabelText(words.base), "1.2 m{Enter}");
    expect(leaning.submit).toHaveBeenLastCalledWith(
      { kind: "PutTrellis", trellis: { ...teepee, base: 1.2 } },
      expect.anything(),
    );
  });

  it("are proposed on the sides of the selected bed, with the sun that they take, and put up by a click", async () => {
    const change = { kind: "PutTrellis", trellis: beans };
    const proposals = [
      { side: "north", length: 3.9, hours: 0, change },
      { side: "south", length: 3.9, hours: 2.31, most: second.id, change },
    ] as TrellisProposal[];
    const fetched = alwaysAnswering(proposals);
    const { desk, submit } = deskFor({ selection: new Set([first.id]) });
    atDesk(desk, <TrellisesSection />);
    screen.getByText(words.none);
    await userEvent.click(screen.getByRole("button", { name: words.bestSide(first.name) }));
    const north = await screen.findByRole("button", { name: words.onSide("north", "3.9 m") });
    const list = screen.getByTestId("trellis-proposals");
    expect(list.textContent).toContain(words.takesNothing);
    expect(list.textContent).toContain(words.takes("2.3", second.name));
    expect(String(fetched.mock.calls[0]?.[0])).toContain(`proposals?season=2028&bed=${first.id}`);
    await userEvent.click(north);
    expect(submit).toHaveBeenCalledWith(change, expect.anything());
  });

  it("say why none could be drawn", async () => {
    vi.stubGlobal(
      "fetch",
      vi.fn(() => Promise.reject(new Error("away"))),
    );
    const { desk, submit } = deskFor({ selection: new Set([first.id]) });
    atDesk(desk, <TrellisesSection />);
    await userEvent.click(screen.getByRole("button", { name: words.bestSide(first.name) }));
    await screen.findByRole("alert");
    expect(submit).not.toHaveBeenCalled();
  });

  it("stand on the sheet with their posts where they are dragged, and are bent by their places", async () => {
    alwaysAnswering([told]);
    const { desk } = deskFor({ plan: hung });
    const places = [
      { x: 1, y: 3 },
      { x: 4, y: 3 },
    ];
    const { container } = atDesk(
      desk,
      <svg>
        <TrellisesOnTheSheet
          view={{ scale: 10, x: 0, y: 100 }}
          moved={new Map([["beans", { kind: "PLACES", places, closed: false }]])}
          selected={new Set()}
        />
      </svg>,
    );
    await waitFor(() => {
      expect(container.querySelectorAll("circle")).toHaveLength(3);
    });
    expect(container.querySelectorAll("circle")[1]?.getAttribute("cx")).toBe("25");
    expect(allNamed(hung).map(({ id }) => id)).toContain("beans");
    const ground = { plan: hung, season: 2028 } as Parameters<typeof trellisLayer.edit>[0];
    const straight = { kind: "PLACES" as const, places: beans.places, closed: false };
    expect(trellisLayer.edit(ground, "beans", { ...straight, places }, straight)).toEqual({
      kind: "PutTrellis",
      trellis: { ...beans, places },
    });
  });

  it("are as thick as they are wide at the ground, and measured round corners", () => {
    expect(asFeature(beans)).toMatchObject({ kind: "TRELLIS", breadth: 0.05 });
    expect(asFeature(teepee)).toMatchObject({ breadth: 0.9, height: 2 });
    const bent = [
      { x: 0, y: 0 },
      { x: 2, y: 0 },
      { x: 2, y: 2 },
    ];
    expect(alongLine(bent, 0.75)).toEqual({ x: 2, y: 1 });
    expect(alongLine(bent, 1)).toEqual({ x: 2, y: 2 });
  });
});
