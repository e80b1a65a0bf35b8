import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";

const SOURCES = import.meta.dirname;

/** The words of all folders, and everything that is written in them. */
const modules = import.meta.glob<{ words: Record<string, unknown> }>("./**/words.ts", { eager: true });

function sourcesOf(folder: string): string {
  return readdirSync(join(SOURCES, folder), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name) && !/words\.ts|\.test\./.test(entry.name))
    .map((entry) => readFileSync(join(entry.parentPath, entry.name), "utf8"))
    .join("\n");
}

describe("words of the screens", () => {
  it("lie with their capability", () => {
    expect(Object.keys(modules).length).toBeGreaterThan(10);
  });

  it.each(Object.entries(modules))("%s holds none that nobody says", (path, { words }) => {
    const said = sourcesOf(path.replace(/words\.ts$/, ""));
    const unsaid = Object.keys(words).filter(
      (key) => !new RegExp(`\\b(words|everywhere)\\.${key}\\b`).test(said),
    );
    expect(unsaid).toEqual([]);
  });

  it.each(Object.entries(modules))("%s has no sentence that stands elsewhere too", (path, { words }) => {
    const others = Object.entries(modules)
      .filter(([other]) => other !== path)
      .flatMap(([, other]) => Object.values(other.words));
    const twice = Object.values(words).filter((word) => typeof word === "string" && others.includes(word));
    expect(twice).toEqual([]);
  });
});
