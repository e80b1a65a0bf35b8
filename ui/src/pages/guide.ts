/** The words of the guide. */
export const guide = {
  lead: "The steps stand at the left of the sheet in this order. You may go back to any of them: whatever you change, all the others follow. Seasons stand below the sheet, what is wrong at its right, and the money on top.",
  steps: {
    ground: {
      name: "Ground",
      what: "The plot by its corners or by tape, what stands on it, where one comes in, how it lies, and its soil.",
    },
    beds: {
      name: "Beds",
      what: "Drag them, or type their numbers. Whole arrangements are worked out if you ask for them.",
    },
    reach: {
      name: "Walks & reach",
      what: "Who gardens and how far they reach, what has to get through, and what the walks are made of.",
    },
    frames: {
      name: "Frames",
      what: "Boards, walls or kits, with every piece laid out on boards that are sold.",
    },
    fill: {
      name: "Fill",
      what: "What goes into each bed, from the bag or by the load, and the compost of later years.",
    },
    water: {
      name: "Water",
      what: "Pipes and driplines that are worked out from the tap to the last outlet, and how often they run.",
    },
    fence: {
      name: "Fence",
      what: "Against whom, how high and how deep, with posts, mesh and gates to the piece.",
    },
    sun: {
      name: "Sun & structures",
      what: "Hours of sun on every bed through the year; hoops, covers, arches, trellises, a tunnel.",
    },
    crops: {
      name: "Crops",
      what: "What grows where and when, who follows whom, and what it gives.",
    },
    purse: {
      name: "Purse",
      what: "What it costs and what is left, the shopping list, and who does what on which day.",
    },
  },
  never: "What this program never decides",
  neverDecided: [
    "What the law allows where you live: heights of fences and walls, setbacks, water from the mains, waste. Ask the local authority.",
    "Where cables and pipes lie in the ground. Before you dig, ask the service that marks them; most countries have one, and it is free.",
    "What is for a licensed trade: electricity, gas, the connection to drinking water, retaining walls over 4 ft (1.2 m).",
    "What is in soil that nobody has tested. Near old paint, roads or industry have it tested before you eat what grows there.",
    "What your back, your heart and your doctor say to an afternoon of shovelling.",
  ],
} as const;
