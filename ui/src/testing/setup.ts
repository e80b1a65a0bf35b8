import "@testing-library/jest-dom/vitest";
import { cleanup, configure } from "@testing-library/react";
import { afterEach } from "vitest";

afterEach(() => {
  cleanup();
  // Each test begins at an address that names nothing.
  window.history.replaceState(null, "", "/");
});

// What is awaited may take long on a machine that is shared.
configure({ asyncUtilTimeout: 20_000 });

// jsdom lays nothing out, so there is nothing to scroll.
Element.prototype.scrollIntoView = () => undefined;
