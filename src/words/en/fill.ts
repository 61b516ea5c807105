import { plural, table } from "../table";

/** A whole plan for the gaps. */
export const fill = table({
  closeTheGaps: "Close the gaps…",
  title: "Close the gaps",
  what: "Searches all beds, weeks and crops that growers sow then for the sowings that leave least of what is wanted unmet. Nothing that is planned moves; nothing is planted until you say so.",
  hours: "At most so many hours of work",
  kinds: "At most so many kinds of crops",
  noLimit: "no limit",
  enterHours: "Enter hours above 0, or leave it empty.",
  enterKinds: "Enter a whole number of crops, 1 or more, or leave it empty.",
  search: "Search",
  searchAgain: "Search again",
  stop: "Stop, and keep the best so far",
  searching: "Searching…",
  unmet: ({ before, after }: { before: string; after: string }) =>
    `Short in all: ${before} now, ${after} with this plan.`,
  proven: "Of the sowings looked through, no plan leaves less.",
  gap: ({ percent }: { percent: string }) =>
    `At most ${percent} % of that could still be gained by a better plan.`,
  nothing:
    "No sowing in free ground lessens what is short. What is missing is ground, covers or light: clear a bed, add a cover or a container, store more, or buy plants.",
  stillShort: ({ weight }: { weight: string }) =>
    `What stays short, ${weight}, has no free ground that gives it in time.`,
  step: ({
    crop,
    length,
    bed,
    date,
  }: {
    crop: string;
    length: string;
    bed: string;
    date: string;
  }) => `${crop}, ${length} of ${bed}, sown ${date}`,
  stepGives: ({ weight, plants, covers }: { weight: string; plants: string; covers: string }) =>
    `about ${weight} in all, ${plants}, ${covers}`,
  uncovered: "uncovered",
  under: ({ covers }: { covers: string }) => `under ${covers}`,
  plan: ({ count }: { count: number }) => `Plan ${count} ${plural(count, "sowing", "sowings")}`,
  planned: ({ count }: { count: number }) =>
    `${count} ${plural(count, "sowing", "sowings")} planned.`,
  failed: "The search could not run. Nothing was changed.",
});
