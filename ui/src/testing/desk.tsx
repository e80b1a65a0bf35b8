import { BrowserRouter } from "react-router";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { render } from "@testing-library/react";
import type { ReactNode } from "react";
import { vi } from "vitest";
import { layers } from "../capabilities";
import type { AppraisalReport, BedAppraisal, Catalogue, Change, Plan, Snag } from "../api/types";
import { plain } from "../edits/changes";
import { snagsByThing } from "../workspace/snagsByThing";
import { EditQueue } from "../edits/queue";
import { corners } from "../sheet/geometry";
import { DeskContext, type Desk } from "../workspace/desk";

/** An invented garden of two beds and two gardeners, and a desk to try parts of the workspace at. */

const euro = (amount: string) => ({ amount, currency: "EUR" });
const cedar = { material: "cedar", board: "38x150 mm", courses: 2, joint: "SIDES_PAST" as const };
const beans = { centre: { x: 3, y: 2 }, length: 2.4, width: 1, turn: 0 };
const kale = { centre: { x: 3, y: 5 }, length: 2.4, width: 1.6, turn: 0 };

export const plan: Plan = {
  id: "garden",
  name: "Test garden",
  units: "METRIC",
  firstSeason: 2027,
  yearBegins: "--01-01",
  budget: { sum: euro("1000.00"), contingency: 10, shares: [] },
  site: {
    corners: [
      { x: 0, y: 0 },
      { x: 10, y: 0 },
      { x: 10, y: 8 },
      { x: 0, y: 8 },
    ],
    further: [],
    north: 0,
    latitude: 50,
    approximate: false,
    levels: [],
    soil: { squeeze: "NOT_DONE", cover: "LAWN", clearing: "SHEET_MULCH" },
  },
  gardeners: [
    { id: "ada", name: "Ada", reach: 0.61, posture: "STANDING", passing: 0.6 },
    { id: "maren", name: "Maren", reach: 0.508, posture: "SEATED", passing: 0.9144 },
  ],
  beds: [
    {
      id: "beans",
      name: "Beans",
      tendedBy: [],
      revisions: [{ ...plain, from: 2027, outline: beans, frame: cedar }],
    },
    { id: "kale", name: "Kale", tendedBy: [], revisions: [{ ...plain, from: 2028, outline: kale }] },
    {
      id: "old",
      name: "Old bed",
      tendedBy: [],
      revisions: [{ ...plain, from: 2027, outline: beans }],
      retired: 2028,
    },
  ],
  features: [],
  compost: [],
  hoops: [],
  bedCovers: [],
  arches: [],
  trellises: [],
  tunnels: [],
  plantings: [],
  furniture: [],
  taps: [],
  barrels: [],
  waterRuns: [],
  driplines: [],
  soakers: [],
  manifolds: [],
  sprinklers: [],
  climates: [],
  wateringWindows: [],
  fences: [],
  pests: [],
  postGrounds: [],
  skies: [],
  frosts: [],
  rulesLeftAside: [],
  household: [],
  cropWishes: [],
  varieties: [],
  soilTests: [],
  mulches: [],
  soilDiseases: [],
  workers: [],
  rainDays: [],
  keptDays: [],
  workSeasons: [],
  ownTasks: [],
  deliveries: [],
  incomes: [],
  hires: [],
  ownRates: [],
  plantingLocks: [],
  setAside: [],
  waysIn: [],
  carriers: [],
  walks: [],
  sundries: [],
  quotes: [],
  workshop: { kerf: 0.003175, trim: 0.0127, tight: false, offcuts: [], materials: [], boards: [] },
  supply: { tipping: true, spoil: false, topUpYears: 0, onHand: [], sharedDelivery: false, vehicles: [] },
  prices: [{ item: "cedar/board", amount: euro("20.00"), guess: true }],
};

/** What one of the gardener's own begins with. */
const ofOwn = {
  height: 0.9144,
  mesh: 0.0254,
  meshed: 0.9144,
  buried: 0.1524,
  apron: 0.3048,
  climbs: false,
};

function appraised(
  bed: string,
  name: string,
  revision: number,
  outline: typeof beans,
  missed: number,
): BedAppraisal {
  const nothing = { area: 0, parts: [] };
  const unreached =
    missed === 0 ? nothing : { area: missed, parts: [[outline.centre, outline.centre, outline.centre]] };
  return {
    bed,
    name,
    revision,
    outline,
    shape: plain.shape,
    existing: plain.existing,
    holder: "BOARDS",
    leansOut: 0,
    corners: corners(outline),
    inside: corners(outline, 0.038),
    seams: [{ from: { x: outline.centre.x - outline.length / 2, y: 1 }, to: { x: outline.centre.x, y: 1 } }],
    insideLength: outline.length - 0.076,
    insideWidth: outline.width - 0.076,
    height: 0.3,
    soil: 2,
    reach: [
      { gardener: "ada", unreached: nothing },
      { gardener: "maren", unreached },
    ],
    nobody: nothing,
    fillDepth: 0.275,
    fill: 558,
    pieces: [{ part: "SIDE", length: 2.4, count: 4 }],
    alone: [],
  };
}

/** A bed that a tap waters, as it runs. */
export const zone: AppraisalReport["water"]["zones"][number] = {
  valve: "tap",
  number: 1,
  name: "Beans",
  source: "tap",
  beds: [
    {
      lines: "lines",
      bed: "beans",
      drawn: [
        [
          { x: 1, y: 1 },
          { x: 3, y: 1 },
        ],
      ],
      length: 2,
      stub: [
        { x: 0, y: 1 },
        { x: 1, y: 1 },
      ],
      outlets: [
        { x: 1.2, y: 1 },
        { x: 2.8, y: 1 },
      ],
      flow: 72,
      least: 140,
      most: 150,
      needed: 50,
      weakest: 1,
      evenness: 0.97,
      sprays: [],
    },
  ],
  wants: 60,
  gives: 600,
  flow: 72,
  evenness: 0.97,
  evennessWanted: 0.85,
  velocity: 0.4,
  losses: [{ part: "SOURCE", kilopascals: 135 }],
};

export const snag: Snag = {
  rule: "REACH_GARDENER",
  step: "REACH",
  cause: "Soil out of reach",
  weight: "WARNING",
  words: "Kale: out of reach for Maren 25 % (0.50 m²).",
  ruleWords: "A bed is everybody's only if everybody reaches all of it.",
  source: "common practice",
  place: { x: 3, y: 5 },
  beds: ["kale"],
  things: [],
  gardeners: ["maren"],
  remedies: [
    {
      words: "Narrow Kale to 1.00 m",
      change: { kind: "ReshapeBed", bed: "kale", from: 2028, outline: { ...kale, width: 1 } },
    },
  ],
};

export const report: AppraisalReport = {
  season: 2028,
  plot: 80,
  growing: 4,
  beds: [appraised("beans", "Beans", 2027, beans, 0), appraised("kale", "Kale", 2028, kale, 0.5)],
  gaps: [],
  snags: [snag],
  aside: [],
  purse: {
    budget: euro("1000.00"),
    held: euro("100.00"),
    planned: euro("950.00"),
    paid: euro("300.00"),
    ordered: euro("0.00"),
    toCome: euro("650.00"),
    left: euro("50.00"),
    kept: euro("0.00"),
    saved: euro("0.00"),
    state: "INTO_CONTINGENCY",
    unpriced: 0,
  },
  bill: [
    {
      season: 2027,
      part: "FRAMES",
      item: "cedar/board",
      quantity: 3,
      price: euro("20.00"),
      amount: euro("60.00"),
      acquired: "BOUGHT",
      beds: ["beans"],
      places: [],
    },
    {
      season: 2027,
      part: "FILL",
      item: "soil/bag",
      quantity: 12,
      acquired: "BOUGHT",
      beds: ["beans"],
      places: [],
    },
  ],
  byPart: [{ part: "FRAMES", planned: euro("60.00"), share: 1 }],
  perArea: euro("12.50"),
  walks: [],
  fences: [],
  fencing: { fences: [], gates: [], pests: [] },
  water: { zones: [], runs: [], programme: { months: [], zones: [] }, barrels: [], season: [] },
  asked: [],
  quickBoards: false,
  notJudged: [],
  bySeason: [
    { season: 2027, planned: euro("950.00") },
    { season: 2028, planned: euro("0.00") },
  ],
};

export const catalogue: Catalogue = {
  things: [
    { name: "gardener", list: "gardeners" },
    { name: "feature", list: "features" },
    { name: "compostBays", list: "compost" },
    { name: "tap", list: "taps" },
    { name: "barrel", list: "barrels" },
    { name: "waterRun", list: "waterRuns" },
    { name: "dripline", list: "driplines" },
    { name: "manifold", list: "manifolds" },
    { name: "soaker", list: "soakers" },
    { name: "sprinklers", list: "sprinklers" },
    { name: "climate", list: "climates" },
    { name: "wateringWindow", list: "wateringWindows" },
    { name: "fence", list: "fences" },
    { name: "pest", list: "pests" },
    { name: "postGround", list: "postGrounds" },
    { name: "sky", list: "skies" },
    { name: "frost", list: "frosts" },
    { name: "rulesLeftAside", list: "rulesLeftAside" },
    { name: "soilDisease", list: "soilDiseases" },
    { name: "worker", list: "workers" },
    { name: "rainDay", list: "rainDays" },
    { name: "keptDay", list: "keptDays" },
    { name: "workSeason", list: "workSeasons" },
    { name: "ownTask", list: "ownTasks" },
    { name: "delivery", list: "deliveries" },
    { name: "income", list: "incomes" },
    { name: "hire", list: "hires" },
    { name: "ownRate", list: "ownRates" },
    { name: "household", list: "household" },
    { name: "cropWish", list: "cropWishes" },
    { name: "variety", list: "varieties" },
    { name: "soilTest", list: "soilTests" },
    { name: "mulch", list: "mulches" },
    { name: "plantingLock", list: "plantingLocks" },
  ],
  materials: [
    {
      key: "softwood",
      label: "Pine",
      leastYears: 1,
      mostYears: 5,
      leastDensity: 450,
      mostDensity: 850,
      stiffness: 8,
      remark: "Rots first.",
    },
    {
      key: "cedar",
      label: "Cedar or larch",
      leastYears: 7,
      mostYears: 15,
      leastDensity: 350,
      mostDensity: 650,
      stiffness: 6.5,
      remark: "Lasts.",
    },
  ],
  boards: [
    { key: "38x150 mm", label: "38x150 mm", thickness: 0.038, width: 0.15, stock: [2.4], forCourses: true },
  ],
  kits: [{ key: "kit 1x2 m", length: 2, width: 1, height: 0.45 }],
  masonries: [
    {
      key: "BLOCK",
      label: "Blocks",
      thickness: 0.19,
      course: 0.2,
      leastYears: 30,
      mostYears: 60,
      retains: true,
      remark: "Heavy.",
    },
  ],
  fittings: {
    posts: [
      { key: "NONE", label: "none", remark: "" },
      { key: "SLIM", label: "slim", remark: "" },
    ],
    supports: [
      { key: "STAKES", label: "stakes", remark: "Rot first." },
      { key: "RODS", label: "rods across", remark: "Thin and strong." },
    ],
    underlays: [
      { key: "NONE", label: "open", remark: "" },
      { key: "CLOTH", label: "hardware cloth", remark: "Against burrowers." },
    ],
    fasteners: [{ key: "LONG_SCREW", label: "Deck screws", remark: "" }],
    timbers: [{ key: "STAKE", label: "stake", remark: "" }],
  },
  rates: [],
  stages: [
    { key: "POSTS", label: "Set posts" },
    { key: "MESH", label: "Hang mesh" },
  ],
  items: [
    { key: "cedar/board", label: "Cedar board" },
    { key: "soil/bag", label: "Bag of soil" },
    { key: "soil/other", label: "Another soil" },
  ],
  reaches: [
    { label: "Adult, average", reach: 0.61, posture: "STANDING" },
    { label: "Seated", reach: 0.508, posture: "SEATED" },
  ],
  measureYourOwn: "Lean in and measure.",
  passings: [
    { label: "On foot", width: 0.6, source: "common practice" },
    { label: "With a barrow", width: 0.9144, source: "common practice" },
    { label: "In a wheelchair", width: 0.9144, source: "2010 ADA Standards 403.5.1" },
  ],
  pipeSorts: [
    { sort: "TUBE", label: "Tube, by the roll" },
    { sort: "HOSE", label: "Hose, with hose ends" },
  ],
  threads: [
    { thread: "G_13", label: "G 1/2 (BSP)", usualIn: [] },
    { thread: "G_19", label: "G 3/4 (BSP)", usualIn: ["METRIC"] },
  ],
  pipes: [
    { kind: "TUBE_13", label: "Polyethylene tube, 1/2 in", bore: 0.0152 },
    { kind: "HOSE_19", label: "Hose, 3/4 in", bore: 0.0191 },
  ],
  usualWater: {
    pressure: 275,
    runoff: 0.85,
    pump: { closed: 300, flow: 1200, at: 150 },
    window: { id: "usual", opens: 0, closes: 480, days: [1, 2, 3, 4, 5, 6, 7] },
    years: 30,
    enoughRain: 5,
    meterTolerance: 0.15,
  },
  hoops: {
    forms: [
      { key: "CIRCLE", label: "Round" },
      { key: "ELLIPSE", label: "Half ellipse" },
    ],
    pipes: [
      { key: "PE_20", label: "PE pipe, 20 mm", tightest: 0.4, staysBent: false, years: 10 },
      { key: "WIRE_4", label: "Galvanised wire, 4 mm", tightest: 0.02, staysBent: true, years: 10 },
    ],
    anchors: [
      { key: "IN_SOIL", label: "Pushed into the soil" },
      { key: "IN_SLEEVES", label: "In sleeves on the boards" },
    ],
    weathers: [
      { key: "SHELTERED", label: "Sheltered", apart: 1.2192, ties: 1 },
      { key: "SNOWY", label: "Snow", apart: 0.6096, ties: 3 },
    ],
    covers: [
      { key: "NONE", label: "Nothing", years: 0 },
      { key: "FLEECE", label: "Fleece", years: 2 },
      { key: "INSECT_NET", label: "Net, mesh 1.3 mm", mesh: 0.0013, years: 7 },
    ],
  },
  covers: {
    kinds: [
      { key: "COLD_FRAME", label: "Cold frame", remark: "Weeks earlier." },
      { key: "CLOCHE", label: "Cloche", remark: "Light and soon moved." },
      { key: "NET_CAGE", label: "Net cage", remark: "Nothing gets in." },
    ],
    sheets: [
      { key: "PLYWOOD_18", metric: "Plywood, 18 mm", imperial: "Plywood, 23/32 in", clear: false, years: 8 },
      {
        key: "TWIN_WALL_6",
        metric: "Twin-wall, 6 mm",
        imperial: "Twin-wall, 1/4 in",
        clear: true,
        years: 10,
      },
      { key: "ACRYLIC_3", metric: "Acrylic, 3 mm", imperial: "Acrylic, 1/8 in", clear: true, years: 10 },
    ],
    fabrics: [
      { key: "FLEECE", label: "Fleece", years: 2 },
      { key: "INSECT_NET", label: "Net, mesh 1.3 mm", mesh: 0.0013, years: 7 },
    ],
  },
  furniture: [
    { key: "POTTING_BENCH", label: "Potting bench", remark: "As high as a kitchen's." },
    { key: "BARREL_STAND", label: "Barrel stand", remark: "Lifts a barrel." },
    { key: "OWN", label: "Something of your own", remark: "Its pieces are yours to list." },
  ],
  crops: {
    crops: [
      {
        crop: {
          key: "carrot",
          name: "Carrot",
          family: "CARROT",
          habit: "BUSH",
          spacing: {
            inRow: { usual: 0.05, low: 0.03, high: 0.08 },
            between: { usual: 0.25, low: 0.15, high: 0.4 },
            toTheSquareFoot: 16,
          },
          height: 0.35,
          spread: 0.08,
          stock: "SEED",
          from: -4,
          depth: 0.008,
          germination: 14,
          soilFrom: 5,
          fromSowing: { usual: 75, low: 60, high: 90 },
          hardiness: "HARDY",
          sun: 5,
          water: { first: 0.7, middle: 1.05, last: 0.95 },
          roots: 0.6,
          feeding: "LIGHT",
          yield: { usual: 3.5, low: 2, high: 5 },
          keeps: 24,
          hilled: false,
          net: true,
          overhead: true,
          seed: { germination: 0.7, packet: 500, keeps: 3 },
          eaten: 10,
          ownCrop: false,
        },
        figures: { FAMILY: "CARROT", IN_ROW: "5 (3-8)", FROM_SOWING: "75 (60-90)", SUN: "5" },
        family: "Carrot family",
        habit: "stands by itself",
        hardiness: "bears frost",
        feeding: "takes little",
        stock: "seed",
        raisings: ["SOWN"],
      },
    ],
    schools: [
      {
        key: "NO_SUPPORT",
        cause: "A climber without support",
        rule: "What climbs has something to climb on.",
        evidence: "Tomatoes on stakes do without.",
      },
    ],
    layouts: [
      { key: "ROWS_ALONG", label: "rows along the bed", about: "Easy to hoe." },
      { key: "SQUARE", label: "square grid", about: "So many to a square foot." },
    ],
    wants: [
      { key: "MUST", label: "has to grow" },
      { key: "MAY", label: "if there is room" },
      { key: "NEVER", label: "not here" },
    ],
    columns: [
      {
        key: "FAMILY",
        head: "family",
        takes: {
          choices: [
            { key: "CARROT", label: "Carrot family" },
            { key: "ONION", label: "Onion family" },
          ],
          whole: false,
          ranged: false,
          least: 0,
          most: 0,
        },
      },
      {
        key: "IN_ROW",
        head: "in row cm",
        takes: { choices: [], whole: false, ranged: true, least: 1, most: 500 },
      },
      {
        key: "FROM_SOWING",
        head: "days from sowing",
        takes: { choices: [], whole: false, ranged: true, least: 10, most: 1000 },
      },
      {
        key: "INDOORS",
        head: "weeks indoors",
        takes: { choices: [], whole: true, ranged: false, least: 1, most: 30 },
      },
    ],
    breedings: [
      { key: "OPEN_POLLINATED", label: "open-pollinated", about: "Its own seed comes true." },
      { key: "HYBRID", label: "hybrid (F1)", about: "Its own seed does not come true." },
    ],
    losses: [
      { key: "FROST", label: "Frost or winter" },
      { key: "CLUBROOT", label: "Clubroot" },
    ],
    diseases: [{ key: "CLUBROOT", label: "Clubroot", family: "Cabbage family", years: 7 }],
    reasons: [
      { key: "PROVEN", label: "it did well here" },
      { key: "KEEPS_TRUE", label: "its seed can be kept true" },
    ],
    soil: {
      aim: 6.5,
      limeInAYear: 0.5,
      textures: [
        { key: "LOAM", label: "loam" },
        { key: "CLAY", label: "clay" },
      ],
      supplied: [
        { key: "LOW", label: "low" },
        { key: "HIGH", label: "high" },
      ],
      amendings: [
        { key: "ORGANIC", label: "as organic growers do", about: "Slow." },
        { key: "MINERAL", label: "with mineral fertiliser", about: "Quick." },
      ],
      mulches: [
        { key: "STRAW", label: "Straw", about: "Light.", metric: 0.05, feet: 0.0508 },
        { key: "LEAVES", label: "Leaves of your own", about: "Free.", metric: 0.05, feet: 0.0508 },
      ],
      amendments: [
        { key: "LIME", label: "Garden lime" },
        { key: "BONE_MEAL", label: "Bone meal" },
      ],
    },
    usualEaters: 2,
    seasonsBefore: 3,
    raisings: [
      { key: "SOWN", label: "sown in the bed" },
      { key: "BOUGHT", label: "bought as young plants" },
    ],
  },
  tunnels: {
    footings: [
      { key: "BOARDS", label: "Strapped to the beds' boards, elsewhere on stakes" },
      { key: "STAKES", label: "On stakes driven into the ground" },
    ],
    hips: [
      { units: "METRIC", hip: 0.9 },
      { units: "FEET_AND_INCHES", hip: 0.9144 },
    ],
  },
  shelfBearers: ["HOUSE", "WALL", "FENCE"],
  bayWalls: [
    { key: "BOARDS", label: "Boards", remark: "Tidy.", years: 5 },
    { key: "PALLETS", label: "Pallets", remark: "Cheap or free.", years: 4 },
  ],
  trellises: {
    kinds: [
      {
        key: "NETTING",
        label: "Net between posts",
        remark: "Cheap and quick.",
        years: 3,
        metric: 1.8,
        imperial: 1.8288,
        onPosts: true,
        leans: false,
      },
      {
        key: "TEEPEE",
        label: "Teepees of canes",
        remark: "Up in minutes.",
        years: 2,
        metric: 0.9,
        imperial: 0.9144,
        onPosts: false,
        leans: true,
      },
    ],
    winds: [
      { key: "SHELTERED", label: "Between houses or hedges", called: "near gale", speed: 13.9 },
      { key: "EXPOSED", label: "Hilltop or coast", called: "storm", speed: 24.5 },
    ],
  },
  fences: {
    kinds: [
      {
        kind: "WELDED_MESH",
        label: "Welded mesh, 2 x 4 in (50 x 100 mm)",
        remark: "Stiff.",
        opening: 0.0508,
        span: 2.4384,
        meshed: true,
        boarded: false,
        years: 12,
      },
      {
        kind: "RABBIT_NETTING",
        label: "Hexagonal netting, 1 in (25 mm)",
        remark: "Fine.",
        opening: 0.0254,
        span: 2.4384,
        meshed: true,
        boarded: false,
        years: 8,
      },
      {
        kind: "WOVEN_WIRE",
        label: "Woven wire",
        remark: "Lasts.",
        opening: 0.0508,
        span: 3.6576,
        meshed: true,
        boarded: false,
        years: 20,
      },
    ],
    feet: [
      { units: "METRIC", foot: { way: "OPEN", up: 0, down: 0 } },
      { units: "METRIC", foot: { way: "BURIED", mesh: "NETTING", up: 0.6, down: 0.15 } },
      { units: "METRIC", foot: { way: "APRON", mesh: "NETTING", up: 0.6, down: 0.3 } },
      { units: "METRIC", foot: { way: "BED", mesh: "NETTING", up: 0.6, down: 0.15 } },
    ],
    meshes: [
      { mesh: "NETTING", label: "Hexagonal netting, 1 in (25 mm)", opening: 0.0254 },
      { mesh: "CLOTH", label: "Hardware cloth, 1/2 in (13 mm)", opening: 0.0127 },
    ],
    posts: [
      { kind: "WOOD_IN_CONCRETE", label: "Wood in concrete", remark: "Firm.", years: 12 },
      { kind: "DRIVEN_STEEL", label: "Driven steel", remark: "No hole.", years: 25 },
    ],
    pests: [
      { kind: "DEER", label: "Deer" },
      { kind: "RABBITS", label: "Rabbits" },
      { kind: "CABBAGE_WHITE", label: "Cabbage white" },
      { kind: "OWN", label: "Something else", own: ofOwn },
    ],
  },
  carriers: [
    { label: "Barrow", width: 0.9144, wheels: true, turning: 0, source: "common practice" },
    {
      label: "Wheelchair",
      width: 0.9144,
      wheels: true,
      turning: 1.524,
      source: "2010 ADA Standards 403.5.1",
    },
  ],
  features: [
    { kind: "SHED", label: "Shed", extent: "AREA", breadth: 0, margin: 0, caution: "" },
    {
      kind: "WALL",
      label: "Wall",
      extent: "LINE",
      breadth: 0.23,
      margin: 0,
      caution: "Over 4 ft: local code.",
    },
    {
      kind: "RETAINING_WALL",
      label: "Retaining wall",
      extent: "LINE",
      breadth: 0.23,
      margin: 0,
      caution: "",
    },
    { kind: "DRAIN", label: "Drain", extent: "LINE", breadth: 0.3, margin: 0, caution: "It falls." },
    { kind: "TREE", label: "Tree", extent: "SPOT", breadth: 0.25, margin: 2.4, caution: "" },
    { kind: "HOOK", label: "Hook", extent: "SPOT", breadth: 0, margin: 0, caution: "" },
    { kind: "TAP", label: "Tap", extent: "SPOT", breadth: 0, margin: 0, caution: "" },
  ],
  surfaces: [
    {
      key: "WOOD_CHIP",
      label: "wood chip or bark",
      firm: false,
      usual: [
        { kind: "CARDBOARD", depth: 0 },
        { kind: "CHIP", depth: 0.1016 },
      ],
      upkeep: "Top it up.",
    },
    {
      key: "PAVERS",
      label: "pavers or slabs",
      firm: true,
      usual: [
        { kind: "BASE", depth: 0.1016 },
        { kind: "PAVERS", depth: 0 },
      ],
      upkeep: "Sweep it.",
    },
  ],
  layers: [
    { key: "CARDBOARD", label: "Cardboard, lapped", loose: false, ordered: 1.2 },
    { key: "BASE", label: "Base, compacted", loose: true, ordered: 1.25 },
    { key: "CHIP", label: "Wood chip or bark", loose: true, ordered: 1 },
    { key: "PAVERS", label: "Pavers or slabs", loose: false, ordered: 1.1 },
  ],
  scales: [{ key: "ONE_TO_50", label: "1:50" }],
  currencies: ["EUR"],
  freeboard: 0.0254,
  spread: 0.0762,
  goods: [
    { key: "GARDEN_MIX", label: "Garden mix" },
    { key: "TOPSOIL", label: "Topsoil" },
    { key: "COMPOST", label: "Compost" },
    { key: "MANURE", label: "Rotted manure" },
    { key: "WOOD", label: "Logs, brush and leaves" },
  ],
  recipes: [
    {
      label: "One good mix",
      remark: "The dearest.",
      filling: { parts: [{ good: "GARDEN_MIX", parts: 1 }] },
      spread: false,
    },
    {
      label: "Compost on loosened ground",
      remark: "The least to buy.",
      filling: { parts: [{ good: "COMPOST", parts: 1 }] },
      spread: true,
    },
    {
      label: "Wood below",
      remark: "It sinks.",
      filling: {
        parts: [
          { good: "TOPSOIL", parts: 60 },
          { good: "COMPOST", parts: 40 },
        ],
        below: { good: "WOOD", percent: 40 },
      },
      spread: false,
    },
  ],
  topUp: 0.0254,
  layouts: [
    { key: "ROWS_UP", label: "Rows from bottom to top" },
    { key: "COMB", label: "Comb for wheels" },
  ],
  sundries: [
    { label: "Skip", part: "GROUND", acquired: "BOUGHT" },
    { label: "Tools", part: "TOOLS", acquired: "KEPT" },
  ],
};

/** A desk on that garden; edits go to the spy instead of the program. */
export function deskFor(part: Partial<Desk> = {}) {
  const submit = vi.fn<(change: Change, refused?: (message: string) => void) => void>();
  const storage = { getItem: () => null, setItem: vi.fn(), removeItem: vi.fn() };
  const queue = new EditQueue({ garden: "garden", revision: () => 1, onGarden: vi.fn(), storage });
  const desk: Desk = {
    garden: {
      revision: 1,
      plan,
      own: { materials: [], boards: [], pipes: [], items: [] },
      canUndo: true,
      seasons: [
        { season: 2027, words: "2 built" },
        { season: 2028, words: "1 built, 1 gone" },
      ],
      canRedo: false,
    },
    plan,
    units: "METRIC",
    catalogue,
    season: 2028,
    setSeason: vi.fn(),
    step: "beds",
    setStep: vi.fn(),
    folded: { panel: false, slip: false },
    fold: vi.fn(),
    report,
    judged: report,
    preview: null,
    tried: null,
    tryOut: vi.fn(),
    submit,
    undo: vi.fn(),
    redo: vi.fn(),
    queue,
    queueState: queue.snapshot(),
    selection: new Set(),
    select: vi.fn(),
    outlines: new Map(report.beds.map((bed) => [bed.bed, bed.outline])),
    bedById: new Map(report.beds.map((bed) => [bed.bed, bed])),
    snagsOf: snagsByThing((part.report ?? report).snags),
    things: new Map(),
    open: vi.fn(),
    paper: null,
    help: false,
    setHelp: vi.fn(),
    read: vi.fn(),
    shown: {
      dimensions: false,
      marks: true,
      ghosts: null,
      sun: { what: "SHADOWS", half: 11, minute: 720 },
      pinned: new Set(),
    },
    show: vi.fn(),
    snapStep: 0.05,
    setSnapStep: vi.fn(),
    tool: null,
    setTool: vi.fn(),
    carrier: null,
    showCarrier: vi.fn(),
    fetchFrom: null,
    setFetchFrom: vi.fn(),
    slopeLine: null,
    setSlopeLine: vi.fn(),
    sketch: [],
    setSketch: vi.fn(),
    ...part,
  };
  const things = new Map(layers.flatMap((layer) => layer.things(desk)).map((thing) => [thing.id, thing]));
  return { desk: part.things ? desk : { ...desk, things }, submit };
}

/** @returns what is rendered, and how to show the part at a desk that has changed */
export function atDesk(desk: Desk, part: ReactNode) {
  // Nothing answers here: what a part asks for itself stays away.
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const at = (now: Desk) => (
    <QueryClientProvider client={client}>
      <BrowserRouter>
        <DeskContext.Provider value={now}>{part}</DeskContext.Provider>
      </BrowserRouter>
    </QueryClientProvider>
  );
  const rendered = render(at(desk));
  return {
    ...rendered,
    atDesk: (now: Desk) => {
      rendered.rerender(at(now));
    },
  };
}
