import { readdirSync, readFileSync } from "node:fs";
import { join, relative } from "node:path";
import { describe, expect, it } from "vitest";

/* Folders by capability, as in the core: each sees what every capability may see, and what it declares here. */

const SHARED = [
  "api",
  "measure",
  "words",
  "terms",
  "outdoors",
  "parts",
  "forms",
  "sheet",
  "edits",
  "papers",
  "workspace",
  "capabilities",
];
const SEES: Record<string, string[]> = {
  ground: [],
  bed: [],
  reach: ["ground"],
  frame: ["purse"],
  fill: ["purse"],
  purse: [],
  water: ["ground"],
  fence: [],
  sun: [],
  over: [],
  hoop: ["over"],
  cover: ["over"],
  arch: ["hoop", "over"],
  trellis: [],
  tunnel: ["over"],
  compost: ["ground"],
  furniture: ["ground", "over"],
  frost: [],
  variety: [],
  feeding: [],
  harvest: ["variety"],
  rotation: ["variety"],
  crop: ["feeding", "frost", "harvest", "variety"],
  sharing: [],
  shopping: ["purse"],
  journal: ["variety"],
  work: ["journal"],
  years: ["journal", "purse"],
};

const SOURCES = import.meta.dirname;

function importsOf(folder: string): string[] {
  const files = readdirSync(join(SOURCES, folder)).filter(
    (file) => /\.tsx?$/.test(file) && !file.includes(".test."),
  );
  return files.flatMap((file) => {
    const text = readFileSync(join(SOURCES, folder, file), "utf8");
    return [...text.matchAll(/from "(\.[^"]+)"/g)].map(([, path]) => {
      const [first = ""] = relative(SOURCES, join(SOURCES, folder, path ?? "")).split("/");
      return first;
    });
  });
}

describe("the house", () => {
  it.each(Object.keys(SEES))("%s sees what it declares, and nothing else", (folder) => {
    const seen = new Set(importsOf(folder));
    const allowed = new Set([folder, ...SHARED, ...(SEES[folder] ?? [])]);
    expect([...seen].filter((other) => !allowed.has(other))).toEqual([]);
  });

  it("every folder has its place", () => {
    const folders = readdirSync(SOURCES, { withFileTypes: true }).filter((entry) => entry.isDirectory());
    const known = [...SHARED, ...Object.keys(SEES), "pages", "testing"];
    expect(folders.map(({ name }) => name).filter((name) => !known.includes(name))).toEqual([]);
  });
});
