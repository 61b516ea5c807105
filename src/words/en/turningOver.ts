import { table } from "../table";

/** Turning a bed over plant by plant. */
export const turningOver = table({
  tapThoseToKeep: "Tap those to keep, from the near end of the bed:",
  plantsOf: ({ name }: { name: string }) => `Plants of ${name} to keep`,
  plantAt: ({ number, across }: { number: number; across: number }) =>
    across > 1 ? `Place ${number}, ${across} plants` : `Plant ${number}`,
  besideThoseKept: "Beside those kept",
  nothing: "Nothing",
  alongBothSides: "The next crop along both sides",
  betweenThem: "The next crop between them",
  plantsToPlant: ({ crop, plants, toBuy }: { crop: string; plants: string; toBuy: boolean }) =>
    toBuy ? `${plants} ${crop} plants to buy.` : `${plants} ${crop} plants.`,
});
