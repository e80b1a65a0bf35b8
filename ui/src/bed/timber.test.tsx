// @vitest-environment jsdom
import "../testing/setup";
import { render, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { answering } from "../testing/answers";
import { atDesk, deskFor, report } from "../testing/desk";
import { Timber } from "./Timber";

const beans = firstOf(report.beds);
/** The boards are 38 mm thick; the view has its origin at the lower left of the window. */
const view = (pixels: number) => ({ scale: pixels / 0.038, x: 0, y: 900 });
function firstOf<T>([first]: readonly T[]): T {
  if (first === undefined) throw new Error("there is none");
  return first;
}

const square = (x: number, y: number) => [
  { x: x - 0.5, y: y - 0.02 },
  { x: x + 0.5, y: y - 0.02 },
  { x: x + 0.5, y: y + 0.02 },
  { x: x - 0.5, y: y + 0.02 },
];
const drawing = {
  bed: "beans",
  season: 2028,
  frame: { material: "cedar", board: "38x150 mm", courses: 2, joint: "SIDES_PAST" },
  boards: [
    { mark: "A", course: 1, length: 2.4, corners: square(0, 0.3) },
    { mark: "B", course: 2, length: 2.4, corners: square(0, 0.3) },
    { course: 2, length: 2.4, corners: square(0, -0.3) },
  ],
  hardware: {},
};

function drawn(pixels: number) {
  const fetched = answering({ "/beds/beans/frame": drawing });
  const near = { ...beans, outline: { ...beans.outline, centre: { x: 0.5, y: 0.5 } } };
  atDesk(
    deskFor().desk,
    <svg>
      <Timber bed={near} outline={near.outline} view={view(pixels)} />
    </svg>,
  );
  return { fetched, seams: document.querySelector("[data-seams]") };
}

afterEach(() => {
  vi.unstubAllGlobals();
});

describe("the timber of a bed", () => {
  it("is one band from afar", () => {
    expect(drawn(2.9).seams).toBeNull();
  });

  it("is told apart by its boards from nearer by", () => {
    const { seams, fetched } = drawn(3);
    expect(seams?.getAttribute("d")).toMatch(/^M.+L.+/);
    expect(fetched).not.toHaveBeenCalled();
  });

  it("has the marks of the boards that are seen, those of the highest course, from close by", async () => {
    drawn(11);
    expect(await screen.findByText("B")).toBeInTheDocument();
    expect(screen.queryByText("A")).toBeNull();
  });

  it("asks for no marks of a bed that is out of sight", () => {
    const fetched = answering({});
    render(
      <svg>
        <Timber bed={beans} outline={{ ...beans.outline, centre: { x: 90, y: 90 } }} view={view(20)} />
      </svg>,
    );
    expect(fetched).not.toHaveBeenCalled();
  });
});
