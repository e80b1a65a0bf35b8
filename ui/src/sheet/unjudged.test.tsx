// @vitest-environment jsdom
import "../testing/setup";
import { screen } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { atDesk, deskFor } from "../testing/desk";
import { Unjudged } from "./Ghosts";

const view = { scale: 60, x: 0, y: 500 };

describe("a garden that is not judged yet", () => {
  it("is drawn by the outlines of its plan", () => {
    const { desk } = deskFor();
    const fresh = { ...desk, things: new Map(), bedById: new Map(), outlines: new Map(), report: undefined };
    atDesk(
      fresh,
      <svg>
        <Unjudged view={view} pieces={[]} />
      </svg>,
    );
    // Beans and kale stand in 2028.
    expect(screen.getByTestId("unjudged").querySelectorAll("path")).toHaveLength(2);
  });

  it("is drawn as judged as soon as it is", () => {
    atDesk(
      deskFor().desk,
      <svg>
        <Unjudged view={view} pieces={[]} />
      </svg>,
    );
    expect(screen.queryByTestId("unjudged")).toBeNull();
  });
});
