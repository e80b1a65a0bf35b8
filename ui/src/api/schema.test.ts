import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { expect, it } from "vitest";

it("the types are those of the interface's description; if not, run `npm run types`", () => {
  const made = execFileSync("node_modules/.bin/openapi-typescript", ["openapi.json"], { encoding: "utf8" });
  expect(readFileSync("src/api/schema.ts", "utf8")).toBe(made);
}, 30_000);
