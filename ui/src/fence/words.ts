import type { Fence, Flaw, Pest } from "./fence";

/** Words of fences. */
export const words = {
  fence: "fence",
  height: "Fence high",
  against: "Against what",
  noPests:
    "Name what comes for your vegetables: then each fence says whether it keeps it out, and where it gets in.",
  addPest: "Add what comes",
  presses: "It comes",
  pressing: { LOW: "now and then", HIGH: "whenever it can" } satisfies Record<Pest["pressing"], string>,
  needs: {
    height: "Fence at least",
    mesh: "Openings at most",
    meshed: "Fine up to",
    buried: "Into the ground",
    apron: "Or flat outwards",
  },
  climbs: "It climbs what gives a foothold",
  netOf: (mesh: string) =>
    `It flies: a net over the bed with a mesh of ${mesh} at most keeps it off; no fence does.`,
  asked: (parts: readonly string[]) => `A fence against it: ${parts.join(", ")}.`,
  askedHeight: (height: string) => `${height} high`,
  askedMesh: (mesh: string) => `openings of ${mesh} at most`,
  askedMeshed: (mesh: string, up: string) => `openings of ${mesh} at most up to ${up}`,
  askedFoot: (buried: string) => `${buried} into the ground`,
  askedApron: (buried: string, apron: string) => `${buried} into the ground or ${apron} flat outwards`,
  askedSmooth: "no footholds",
  table: "What is kept out",
  heads: ["", "stopped by", "gets in at"],
  openGround: "open ground",
  nothingStops: "nothing so far",
  net: "a net over the bed",
  reasons: {
    TOO_LOW: "too low",
    MESH_TOO_WIDE: "mesh too wide",
    FOOT_OPEN: "foot open",
    FOOT_TOO_SHORT: "foot too short",
    FOOTHOLDS: "footholds",
    ONLY_STRING: "only string",
    NO_GATE: "no gate",
    GAP: "gap",
    NOT_KNOWN: "not known",
  } satisfies Record<Flaw["reason"], string>,
  winter: "Snow and frost",
  snow: "Snow usually lies",
  frost: "Ground freezes down to",
  fences: "Fences",
  noFences: "None yet. Draw one, or let the program say where one could lead.",
  share: (share: string) => `The fence is ${share} of what the garden costs.`,
  draw: "Draw a fence",
  drawHint:
    "Drag from corner to corner. Begin at an end of a fence to draw on; end at its beginning to close the ring. Escape puts the tool down.",
  byNumbers: "Fence by numbers",
  putThere: "Put it there",
  kind: "Made of",
  posts: "Posts",
  foot: "Its foot",
  ways: { OPEN: "open", BURIED: "mesh into the ground", APRON: "mesh flat outwards" } satisfies Record<
    Fence["foot"]["way"],
    string
  >,
  footMesh: "Mesh of the foot",
  up: "Up from the ground",
  down: { BURIED: "Into the ground", APRON: "Flat outwards" },
  told: {
    length: "Without gates",
    posts: "Posts",
    strong: "of them strong",
    span: "Widest span",
    depth: "In the ground",
    hole: "Hole across",
    bags: "Bags of post mix",
    braces: "Braces",
  },
  rolls: (label: string, height: string, count: number, left: string) =>
    `${label}, ${height} high: ${String(count)} ${count === 1 ? "roll" : "rolls"}, ${left} left over`,
  hung: (splices: number) =>
    splices === 0 ? "" : `Joined at ${String(splices)} ${splices === 1 ? "post" : "posts"}.`,
  propose: (beds: number) =>
    beds === 0
      ? "Where could a fence lead?"
      : `Fence round ${beds === 1 ? "the selected bed" : `${String(beds)} selected beds`}?`,
  asking: "Trying lines …",
  proposal: (length: string, posts: number, years: number): string =>
    `${length}, ${String(posts)} posts, ${words.lasts(years)}`,
  saved: (length: string) => `${length} shorter`,
  keeps: (names: readonly string[]) =>
    names.length === 0 ? "keeps out nothing that you named" : `keeps out ${names.join(", ")}`,
  noPrice: "a price is missing",
  aYear: (money: string) => `${money} a year`,
  hours: (hours: string) => `about ${hours} of work`,
  compare: "Compare with other meshes and posts",
  asDrawn: "As it is",
  lasts: (years: number) => `lasts about ${String(years)} ${years === 1 ? "year" : "years"}`,
  planAsPdf: "Fence plan with post marks and every side, as PDF",
  takeDown: (name: string) => `Delete ${name}`,
  caution:
    "Heights, boundaries, sight lines at roads and shared fences: local code and the neighbour decide. An electric fence: its maker and local rules. Have buried lines marked by the utility-locating service before you dig.",
} as const;
