// Reads a DXF file from standard input with dxf-parser; on standard output what it found, as JSON.
import DxfParser from "dxf-parser";
import { readFileSync } from "node:fs";

const { header, tables, entities } = new DxfParser().parseSync(readFileSync(0, "utf8"));
process.stdout.write(JSON.stringify({ header, layers: tables.layer.layers, entities }));
