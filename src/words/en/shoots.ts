import { table } from "../table";

/** Shoots and microgreens, a square a week. */
export const shoots = table({
  shoots: "Shoots…",
  shootsInRotation: "Shoots in rotation",
  what: "What",
  where: "Where",
  squares: "Squares",
  containers: "Containers",
  side: ({ unit }: { unit: string }) => `Side of a square (${unit})`,
  weeks: "Sowings, one a week",
  from: "First sowing",
  chooseThePlace: "Choose a bed or containers. Add a tray or box as containers first.",
  enterSquares: "Enter 2 to 30: each is sown again when all others have been.",
  enterTheSide: "Enter how large a square is: more than 0.",
  enterWeeks: "Enter how many sowings: 2 to 60.",
  sum: ({ first, last, eachKg }: { first: string; last: string; eachKg: string }) =>
    `First cut about ${first}, last about ${last}; each gives about ${eachKg}.`,
  seed: ({ each, all }: { each: string; all: string }) =>
    `Seed: ${each} a sowing, ${all} in all; that is most of what they cost.`,
  planThem: "Plan them",
  planned: ({ count }: { count: number }) => `${count} sowings of shoots planned.`,
});
