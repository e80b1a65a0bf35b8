// Fails the build when the script that the first view needs is larger than agreed, compressed.
import { readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";

const MOST_KILOBYTES = 250;
const manifest = JSON.parse(readFileSync("dist/.vite/manifest.json", "utf8"));
const wanted = new Set();

function collect(key) {
  if (wanted.has(key)) return;
  wanted.add(key);
  for (const next of manifest[key].imports ?? []) collect(next);
}

collect("index.html");
const bytes = [...wanted].reduce((sum, key) => sum + gzipSync(readFileSync(`dist/${manifest[key].file}`)).length, 0);
const kilobytes = bytes / 1000;
console.log(`script of the first view: ${kilobytes.toFixed(0)} kB compressed (at most ${MOST_KILOBYTES})`);
if (kilobytes > MOST_KILOBYTES) process.exit(1);
