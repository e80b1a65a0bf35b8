// @vitest-environment jsdom
import "../testing/setup";
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, describe, it } from "vitest";
import { roving, RovingList } from "./RovingList";

function List({ names }: { names: readonly string[] }) {
  return (
    <>
      <button type="button">Before</button>
      <RovingList role="group">
        {names.map((name) => (
          <button key={name} type="button" disabled={name === "Gone"} {...roving}>
            {name}
          </button>
        ))}
      </RovingList>
      <button type="button">After</button>
    </>
  );
}

const focused = () => document.activeElement?.textContent;

describe("a list with a roving focus", () => {
  it("is one stop of Tab, and the arrow keys go through it and past what can't be chosen", async () => {
    const user = userEvent.setup();
    render(<List names={["Beans", "Gone", "Kale", "Leeks"]} />);
    screen.getByText("Before").focus();
    await user.tab();
    expect(focused()).toBe("Beans");
    await user.keyboard("{ArrowDown}");
    expect(focused()).toBe("Kale");
    await user.keyboard("{ArrowUp}{ArrowUp}");
    expect(focused()).toBe("Beans");
    await user.keyboard("{End}{ArrowDown}");
    expect(focused()).toBe("Leeks");
    await user.tab();
    expect(focused()).toBe("After");
    await user.tab({ shift: true });
    expect(focused()).toBe("Leeks");
    await user.keyboard("{Home}");
    expect(focused()).toBe("Beans");
  });

  it("begins anew where the entry is gone", async () => {
    const user = userEvent.setup();
    const { rerender } = render(<List names={["Beans", "Kale"]} />);
    screen.getByText("Before").focus();
    await user.tab();
    await user.keyboard("{ArrowDown}");
    screen.getByText("Before").focus();
    rerender(<List names={["Beans", "Leeks"]} />);
    await user.tab();
    expect(focused()).toBe("Beans");
  });

  it("goes on at the next entry when the one with the focus is taken out, but not when nobody is in it", async () => {
    const user = userEvent.setup();
    const { rerender } = render(<List names={["Beans", "Kale", "Leeks"]} />);
    screen.getByText("Kale").focus();
    rerender(<List names={["Beans", "Leeks"]} />);
    expect(focused()).toBe("Leeks");
    rerender(<List names={["Beans"]} />);
    expect(focused()).toBe("Beans");
    rerender(<List names={[]} />);
    expect(document.activeElement).toBe(screen.getByRole("group"));
    rerender(<List names={["Beans"]} />);
    screen.getByText("Beans").focus();
    await user.click(document.body);
    rerender(<List names={["Kale"]} />);
    expect(document.activeElement).toBe(document.body);
  });
});
