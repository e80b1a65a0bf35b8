/** What is learned from a season. */
export const lookBackWords = {
  title: "Look back",
  explained: (season: string, coming: string) =>
    [
      `What went otherwise in ${season} than it should have, from your journal, the plan and the snags that you put aside.`,
      `An edit changes the plan of ${coming}; it is offered only if nothing gets worse there.`,
    ].join(" "),
  nothing: "Nothing is known that went wrong. The more your journal says, the more there is to learn.",
  kinds: {
    LOST: "Lost",
    LITTLE: "Little",
    BARE: "Lay bare",
    LATE: "Late",
    UNDONE: "Not done",
    LIVED_WITH: "Put aside",
  },
  kindHead: "What",
  whatHead: "What happened",
  editHead: "For the coming season",
  remind: "Bring it up next season",
  remindNamed: (what: string) => `Bring this up next season: ${what}`,
  reminded: "It comes up next season.",
  noEdit: "",
};
