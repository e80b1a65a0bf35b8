// Solves networks with the EPANET engine: a JSON list of INP texts on standard input, on standard output for each the head of every
// junction and the flow of every pipe by its name.
import { LinkProperty, NodeProperty, Project, Workspace } from "epanet-js";
import { readFileSync } from "node:fs";

const workspace = new Workspace();
await workspace.loadModule?.();

function solved(text) {
  const project = new Project(workspace);
  workspace.writeFile("network.inp", text);
  project.open("network.inp", "report.rpt", "out.bin");
  project.solveH();
  const names = (section, first) =>
    [...text.split(`[${section}]`)[1].split("[")[0].matchAll(/^(\S+) /gm)].map(([, name]) => name).filter((name) => name.startsWith(first));
  const heads = names("JUNCTIONS", "N").map((name) => [
    name,
    project.getNodeValue(project.getNodeIndex(name), NodeProperty.Head),
  ]);
  const flows = names("PIPES", "L").map((name) => [
    name,
    project.getLinkValue(project.getLinkIndex(name), LinkProperty.Flow),
  ]);
  project.close();
  return { heads: Object.fromEntries(heads), flows: Object.fromEntries(flows) };
}

process.stdout.write(JSON.stringify(JSON.parse(readFileSync(0, "utf8")).map(solved)));
