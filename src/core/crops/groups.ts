/** The groups of crops in the order of the seasons' work. Here, so that views need no schema for them. */
export const CROP_GROUPS = [
  "greens",
  "heads",
  "roots",
  "alliums",
  "legumes",
  "lateSummer",
  "shoots",
  "forced",
  "flowersAndHerbs",
] as const;
