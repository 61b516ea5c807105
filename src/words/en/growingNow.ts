import { plural, table } from "../table";

/** Words of the list of what grows already. */
export const growingNow = table({
  whatIsGrowingNow: "What is growing now?",
  enterWhatStands:
    "Enter what already stands in your beds, one after the other: the crop, the bed, and how many plants or how long. A month is exact enough.",
  bed: "Bed",
  plants: "Plants",
  orLength: ({ unit }: { unit: string }) => `or length (${unit})`,
  plantedAbout: "Planted or sown about",
  addToTheList: "Add to the list",
  listed: "Entered so far",
  plantsOf: ({ count, number }: { count: number; number: string }) =>
    `${number} ${plural(count, "plant", "plants")}`,
  since: ({
    crop,
    amount,
    bed,
    month,
  }: {
    crop: string;
    amount: string;
    bed: string;
    month: string;
  }) => `${crop}, ${amount}, ${bed}, since ${month}`,
  takeOff: ({ crop }: { crop: string }) => `Take ${crop} off the list`,
  save: ({ count }: { count: number }) =>
    count === 0 ? "Save" : `Save ${count} ${plural(count, "crop", "crops")}`,
  saved: ({ count }: { count: number }) => `${count} ${plural(count, "crop", "crops")} entered.`,
  enterPlantsOrLength: "Enter the number of plants, or the length they take.",
  plantsAreWholeAndAbove0: "Enter a whole number of plants, 1 or more.",
  lengthIsAbove0: "Enter a length above 0.",
  addACropFirst: "Add a crop to the list first.",
});
