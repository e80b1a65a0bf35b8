// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, expect, it, vi } from "vitest";
import type { Role } from "../sharing/useSharing";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { FirstThings } from "./FirstThings";

beforeEach(() => {
  localStorage.clear();
});

const EMPTY = { ...plan, beds: [], gardeners: [], features: [], waysIn: [], plantings: [] };

function begin(part: Partial<typeof plan> = {}, role: Role = "OWNER") {
  answering({ "/members": { role, members: [] } });
  const setStep = vi.fn();
  const setTool = vi.fn();
  const { desk } = deskFor();
  atDesk({ ...desk, plan: { ...EMPTY, ...part }, setStep, setTool }, <FirstThings />);
  return { setStep, setTool };
}

const names = () => screen.getAllByRole("listitem").map((each) => each.querySelector("button")?.textContent);

it("an empty garden begins with five things, the first of them explained", async () => {
  begin();
  expect(await screen.findByText(/They shade, feed and are in the way/)).toBeInTheDocument();
  expect(names()).toEqual([
    "Put in the house, trees and taps",
    "Draw the way in",
    "Say who gardens",
    "Draw the first bed",
    "Plant something in it",
  ]);
});

it("what is done is gone, and what is drawn is drawn at once", async () => {
  const { setStep, setTool } = begin({ gardeners: plan.gardeners });
  await userEvent.click(await screen.findByRole("button", { name: "Draw the first bed" }));
  expect(names()).not.toContain("Say who gardens");
  expect(setStep).toHaveBeenCalledWith("beds");
  expect(setTool).toHaveBeenCalledWith({ kind: "bed", form: "RECTANGLE" });
});

it("who knows their way puts it away for good", async () => {
  begin();
  await userEvent.click(await screen.findByRole("button", { name: "I know my way" }));
  expect(screen.queryByText("To begin with")).toBeNull();
  begin();
  expect(screen.queryByText("To begin with")).toBeNull();
});

it("a garden with two beds has begun, and a reader begins nothing", async () => {
  begin({ beds: plan.beds });
  begin({}, "READER");
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(screen.queryByText("To begin with")).toBeNull();
});
