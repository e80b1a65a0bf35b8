// @vitest-environment jsdom
import "../testing/setup";
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it, vi } from "vitest";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { OwnKinds } from "./OwnKinds";

const scaffold = {
  key: "own|Scaffold|0.038+0.225|3.9",
  label: "Scaffold",
  thickness: 0.038,
  width: 0.225,
  stock: [2.4, 3.9],
  forCourses: true,
};
const plastic = {
  key: "own|Plastic|30|60|700|900|0.8|",
  label: "Plastic",
  leastYears: 30,
  mostYears: 60,
  leastDensity: 700,
  mostDensity: 900,
  stiffness: 0.8,
  remark: "",
};

const type = (label: string, text: string) => userEvent.type(screen.getByLabelText(label), `${text}{Enter}`);

async function opened(shelf: Partial<typeof plan.workshop> = {}, own = {}) {
  const workshop = { ...plan.workshop, ...shelf };
  const { desk, submit } = deskFor({ plan: { ...plan, workshop } });
  desk.garden = { ...desk.garden, own: { ...desk.garden.own, ...own } };
  atDesk(desk, <OwnKinds />);
  await userEvent.click(screen.getByText("Materials and sizes of your own"));
  return { submit, workshop };
}

describe("kinds of one's own", () => {
  it("adds a size of board that is sold in two lengths", async () => {
    const { submit, workshop } = await opened();
    const fetched = answering({ "/catalogue/boards": scaffold });
    await type("Name of the size", "Scaffold");
    await type("True thickness", "38 mm");
    await type("True width", "225 mm");
    await type("Sold in lengths, parted by ;", "2.4; 390 cm");
    await userEvent.click(screen.getByRole("button", { name: "Add the size" }));
    expect(JSON.parse(fetched.mock.calls[0]?.[1]?.body ?? "")).toEqual({
      name: "Scaffold",
      thickness: 0.038,
      width: 0.225,
      stock: [2.4, 3.9],
    });
    expect(submit).toHaveBeenCalledWith({
      kind: "PutWorkshop",
      workshop: { ...workshop, boards: [scaffold.key] },
    });
    vi.unstubAllGlobals();
  });

  it("says at its field why a material was not taken, and keeps what was typed", async () => {
    const { submit } = await opened();
    answering({ "/catalogue/materials": { detail: "5 is out of range", field: "mostYears" } }, 422);
    await type("Name of the material", "Plastic");
    await type("Lasts at least, years", "30");
    await type("At most, years", "5");
    await userEvent.click(screen.getByRole("button", { name: "Add the material" }));
    expect(await screen.findByText("5 is out of range")).toBeVisible();
    expect(screen.getByLabelText("At most, years")).toHaveAccessibleDescription("5 is out of range");
    expect(screen.getByLabelText("Name of the material")).toHaveValue("Plastic");
    expect(submit).not.toHaveBeenCalled();
    vi.unstubAllGlobals();
  });

  it("leaves out what nobody wants any more, but not what a bed is built of", async () => {
    const { submit } = await opened(
      { materials: [plastic.key] },
      { materials: [plastic], boards: [scaffold] },
    );
    expect(screen.getByText("Plastic").closest("li")).toHaveTextContent(
      "30 to 60 years, 700 to 900 kg/m³, 0.8 GPa",
    );
    expect(
      within(screen.getByText("Scaffold").closest("li") as HTMLElement).getByText("in use"),
    ).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: "Leave out Plastic" }));
    expect(submit.mock.calls[0]?.[0]).toMatchObject({ workshop: { materials: [] } });
  });
});
