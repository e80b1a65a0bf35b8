// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { answering } from "../testing/answers";
import { atDesk, deskFor, plan } from "../testing/desk";
import { FittingsForm } from "./FittingsForm";
import { FrameInCourses } from "./FrameInCourses";
import { parseFlaws } from "./SawAndShed";

const [beans] = plan.beds;
if (!beans) throw new Error("the garden has no beds");

const board = (course: number, mark?: string) => ({
  ...(mark ? { mark } : {}),
  course,
  length: 2.4,
  corners: [
    { x: -1.2, y: -0.5 },
    { x: 1.2, y: -0.5 },
    { x: 1.2, y: -0.462 },
    { x: -1.2, y: -0.462 },
  ],
});

const drawing = {
  bed: "beans",
  season: 2027,
  frame: { material: "cedar", board: "38x150 mm", courses: 2, joint: "SIDES_PAST" },
  boards: [board(1), board(2, "A")],
  hardware: {
    fittings: { posts: "NONE", support: "STAKES", liner: false, underlay: "NONE" },
    timber: [{ use: "STAKE", board: "50x50 mm", length: 0.75, count: 4 }],
    fasteners: { LONG_SCREW: 36 },
    ties: 0,
    liner: 0,
    underlay: 2.4,
  },
};

describe("what holds a frame", () => {
  it("is what is usual for it until something is chosen", async () => {
    answering({ "/frame": drawing });
    const { desk, submit } = deskFor();
    atDesk(desk, <FittingsForm beds={[beans]} />);
    await userEvent.selectOptions(await screen.findByLabelText("Against bowing"), "RODS");
    expect(submit.mock.calls.map(([change]) => change)).toMatchObject([
      {
        kind: "RebuildBed",
        bed: "beans",
        revision: { build: { fittings: { posts: "NONE", support: "RODS", liner: false, underlay: "NONE" } } },
      },
    ]);
    expect(screen.queryByRole("button", { name: /Back to what is usual/ })).not.toBeInTheDocument();
  });

  it("is counted beneath the courses, whose new boards carry marks", async () => {
    answering({ "/frame": drawing });
    atDesk(deskFor().desk, <FrameInCourses bed={beans} />);
    expect(await screen.findByRole("img", { name: "Frame of Beans in 2 courses" })).toBeVisible();
    expect(screen.getByText(/A 2\.40 m/)).toBeVisible();
    expect(screen.getByTestId("hardware")).toHaveTextContent("4 × stake, 0.75 m of 50x50 mm");
    expect(screen.getByTestId("hardware")).toHaveTextContent("36 × Deck screws");
    expect(screen.getByTestId("hardware")).toHaveTextContent("2.40 m² beneath it");
  });
});

describe("flaws", () => {
  it.each([
    ["", []],
    ["900 - 950 mm", [{ from: 0.9, to: 0.95 }]],
    [
      "0.4 to 0.5; 1 m – 1.1 m",
      [
        { from: 0.4, to: 0.5 },
        { from: 1, to: 1.1 },
      ],
    ],
    ["knot", null],
    ["0.5 - 0.4", null],
    ["0.1 - 0.2 - 0.3", null],
  ])("%s", (text, flaws) => {
    expect(parseFlaws(text, "METRIC")).toEqual(flaws);
  });

  it("in feet and inches", () => {
    expect(parseFlaws("3' - 3' 4\"", "FEET_AND_INCHES")).toEqual([{ from: 0.9144, to: 1.016 }]);
  });
});
