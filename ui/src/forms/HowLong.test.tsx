// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import "../testing/setup";
import { atDesk, deskFor } from "../testing/desk";
import { HowLong } from "./HowLong";

it("says how long each piece of the work is taken to be, and who says so", async () => {
  const { desk } = deskFor();
  const rates = [
    {
      key: "wall/block",
      label: "Laying a block",
      minutes: 8,
      unit: "block",
      source: "a rough guess",
      stage: "FRAMES" as const,
      people: 1,
    },
    {
      key: "carry/barrow",
      label: "A barrow",
      minutes: 5,
      unit: "trip",
      source: "common practice",
      stage: "FRAMES" as const,
      people: 1,
    },
  ];
  atDesk({ ...desk, catalogue: { ...desk.catalogue, rates } }, <HowLong work={["frame", "wall"]} />);
  await userEvent.click(screen.getByText("How the hours are reckoned"));
  expect(screen.getByRole("listitem")).toHaveTextContent("Laying a block: 8 min a block (a rough guess)");
});
