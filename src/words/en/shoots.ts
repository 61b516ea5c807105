import { table } from "../table";

/** Shoots and microgreens a square a week, and roots forced a pot at a time. */
export const shoots = table({
  shoots: "Shoots and roots…",
  shootsInRotation: "Shoots, or roots to force, in rotation",
  what: "What",
  where: "Where",
  squares: "Squares",
  containers: "Containers",
  side: ({ unit }: { unit: string }) => `Side of a square (${unit})`,
  every: "One every so many weeks",
  weeks: "How many in all",
  from: "The first on",
  chooseThePlace: "Choose a bed or containers. Add a tray or box as containers first.",
  enterSquares: "Enter 2 to 30: each is sown again when all others have been.",
  enterTheSide: "Enter how large a square is: more than 0.",
  enterWeeks: "Enter how many in all: 2 to 60.",
  enterEvery: "Enter 1 to 8 weeks from one to the next.",
  sum: ({ first, last, eachKg }: { first: string; last: string; eachKg: string }) =>
    `First cut about ${first}, last about ${last}; each gives about ${eachKg}.`,
  seed: ({ each, all }: { each: string; all: string }) =>
    `Seed: ${each} a sowing, ${all} in all; that is most of what they cost.`,
  roots: ({
    each,
    all,
    inStore,
    isEnough,
  }: {
    each: string;
    all: string;
    inStore: string;
    isEnough: boolean;
  }) =>
    `Roots: ${each} in each, ${all} in all; the store holds ${inStore} for it${isEnough ? "." : ": lift or buy the rest."}`,
  planThem: "Plan them",
  planned: ({ count }: { count: number }) => `${count} planned, one after the other.`,
});
