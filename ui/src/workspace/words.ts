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
  putAside:
    "It is counted no more in any season, and stays in the list below with your reason. When it grows, it is back.",
} as const;
