/** Words of filling. */
export const words = {
  settling:
    "A mix with mineral soil settles by 5 to 10 % in the first year, all compost by 15 to 25 %; after that 1 to 2 in (25 to 50 mm) of compost a year keep a bed full.",
  topUpYears: "Years of top-up with compost",
  topUp: (depth: string) => `Each year what its crops want; ${depth} where nothing is planted yet.`,
  nothingToMix: "Nothing that roots grow in is on hand yet.",
  payload:
    "A loaded trailer that is over its payload brakes and steers badly: look the figure up on its plate. Soil on a deck, a roof or against a wall needs a structural opinion first.",
  manureCaution:
    "Fresh manure: work it in at least 120 days before harvest where the crop touches soil, 90 days otherwise (US National Organic Program, 7 CFR 205.203). Manure, hay and bought compost may carry weedkiller: sow a few beans in it first.",
  noTipping: "A steep drive, a locked yard or a fence that is up: then everything comes in bags.",
  soilCaution:
    "Soil of unknown origin: have it tested. Compost dust can carry germs: wet it, and wash your hands.",
} as const;
