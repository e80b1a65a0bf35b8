/** Words of the workspace. */
export const words = {
  wholeGarden: "The whole garden",
  variants:
    "A variant is a version of the whole garden kept beside it. Open one to work on it, hold them side by side here, and take one over: that is one edit and can be undone.",
  away: "The program's database is away. Your edit is kept and made as soon as it is back.",
  conflict: (fields: readonly string[]) =>
    `The same was changed elsewhere meanwhile: ${fields.join("; ")}. The sheet shows your edit, which is not made yet.`,
  signedOut: "You have been signed out. Your edit is kept: sign in again in this tab and it is made.",
  quickBoards: "boards and sheets cut by a quick rule for now",
  findingRemedies: "Working out what would help …",
  noSnags: "Nothing is wrong with the plan in this season.",
  asDrawing: "As a drawing, in metres (DXF)",
  asMap: "As a map (GeoJSON)",
  mapNeedsLongitude: "As a map: type the longitude in Ground first",
  nothingToJudge: "There is nothing to judge yet: draw the first bed.",
  toBegin: "To begin with",
  knowMyWay: "I know my way",
  first: {
    standing: {
      what: "Put in the house, trees and taps",
      why: "They shade, feed and are in the way, as walls and hedges are. With none of it, go on to the next.",
    },
    wayIn: {
      what: "Draw the way in",
      why: "A gate or an opening on the edge of the plot. All ways to the beds begin there.",
    },
    gardeners: {
      what: "Say who gardens",
      why: "How far somebody reaches decides how wide a bed may be, and whether they sit how wide a walk has to be.",
    },
    bed: {
      what: "Draw the first bed",
      why: "Drag a rectangle on the sheet. While you drag it is measured, judged and priced.",
    },
    crop: {
      what: "Plant something in it",
      why: "With its days, its distances and what it gives.",
    },
  },
  putAside:
    "It is counted no more in any season, and stays in the list below with your reason. When it grows, it is back.",
} as const;
