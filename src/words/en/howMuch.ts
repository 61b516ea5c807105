import { table } from "../table";

/** How much of a crop is asked for. */
export const howMuch = table({
  howMuch: "How much",
  people: "People",
  weightAWeek: ({ unit }: { unit: string }) => `${unit} a week`,
  plants: "Plants",
  length: ({ unit }: { unit: string }) => `Length (${unit})`,
});

/** The ways to ask for it. */
export const howMuchWays = table({
  people: "for people",
  weight: "a weight a week",
  plants: "so many plants",
  length: "a length of bed",
  room: "all the room",
});

/** What is wrong with the amount of each. */
export const howMuchWrong = table({
  people: "Enter how many people it should feed, from 1 to 500.",
  weight: "Enter how much you want a week: a weight above 0.",
  plants: "Enter how many plants: a whole number from 1 to 100,000.",
  length: "Enter a length of bed above 0.",
});
