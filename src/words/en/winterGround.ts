import { table } from "../table";

/** What lies over a bed's soil in winter. */
export const winterGround = table({
  overWinter: "Over winter",
  mulchOverWinter: ({ unit }: { unit: string }) => `Mulch over the soil (${unit})`,
  snowStays: "Snow stays on it when it falls",
  whatLiesOverTheSoilKeeps:
    "Snow and mulch keep roots, cloves and crowns in the soil from freezing through. Leaves above them get nothing of it.",
  enterHowDeepTheMulchIs: "Enter how deep the mulch is, 0 for none.",
});
