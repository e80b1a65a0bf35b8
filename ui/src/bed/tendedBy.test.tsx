// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import { atDesk, deskFor, plan } from "../testing/desk";
import { BedsPanel } from "./BedsPanel";

const selection = new Set(["beans"]);

it("a bed is left to one of two gardeners by unticking the other", async () => {
  const { desk, submit } = deskFor({ selection });
  atDesk(desk, <BedsPanel />);
  expect(screen.getByRole("checkbox", { name: "Ada" })).toBeChecked();
  await userEvent.click(screen.getByRole("checkbox", { name: "Maren" }));
  expect(submit.mock.calls[0]?.[0]).toEqual({ kind: "TendBed", bed: "beans", gardeners: ["ada"] });
});

it("a bed that everybody tends again names nobody", async () => {
  const given = { ...plan, beds: plan.beds.map((bed) => ({ ...bed, tendedBy: ["ada"] })) };
  const { desk, submit } = deskFor({ plan: given, selection });
  atDesk(desk, <BedsPanel />);
  expect(screen.getByText("Reach and heights are judged for them alone.")).toBeInTheDocument();
  await userEvent.click(screen.getByRole("checkbox", { name: "Maren" }));
  expect(submit.mock.calls[0]?.[0]).toMatchObject({ kind: "TendBed", gardeners: [] });
});

it("nobody is asked who tends a bed where one person gardens", () => {
  const alone = { ...plan, gardeners: plan.gardeners.slice(0, 1) };
  atDesk(deskFor({ plan: alone, selection }).desk, <BedsPanel />);
  expect(screen.queryByRole("checkbox", { name: "Ada" })).not.toBeInTheDocument();
});
