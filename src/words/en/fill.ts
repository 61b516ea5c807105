import { plural, table } from "../table";

/** A whole plan for the gaps. */
export const fill = table({
  closeTheGaps: "Close the gaps…",
  title: "Close the gaps",
  what: "Searches all beds, weeks and crops that growers sow then, covers in the shed, shoots and roots to force, for what leaves least of what is wanted unmet. Nothing is planted until you say so.",
  hours: "At most so many hours of work",
  kinds: "At most so many kinds of crops",
  noLimit: "no limit",
  enterHours: "Enter hours above 0, or leave it empty.",
  enterKinds: "Enter a whole number of crops, 1 or more, or leave it empty.",
  mayMove: "What is planned and not sown yet may be left out or moved",
  search: "Search",
  searchAgain: "Search again",
  stop: "Stop, and keep the best so far",
  searching: "Searching…",
  unmet: ({ before, after }: { before: string; after: string }) =>
    `Short in all: ${before} now, ${after} with this plan.`,
  proven: "Of all that was looked through, no plan leaves less.",
  gap: ({ percent }: { percent: string }) =>
    `At most ${percent} % of that could still be gained by a better plan.`,
  nothing:
    "No sowing in free ground lessens what is short. What is missing is ground, covers or light: clear a bed, add a cover or a container, store more, or buy plants.",
  nothingInHours:
    "Nothing that lessens what is short can be done in so few hours, or there is no free ground for it. Allow more hours, or clear a bed.",
  stillShort: ({ weight }: { weight: string }) =>
    `What stays short, ${weight}, has no free ground that gives it in time.`,
  stillShortOfHours: ({ weight }: { weight: string }) =>
    `What stays short, ${weight}, wants more hours of work than you allow.`,
  stillShortOfKinds: ({ weight }: { weight: string }) =>
    `What stays short, ${weight}, wants more kinds of crops than you allow.`,
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
  stepGives: ({
    weight,
    plants,
    seed,
    hours,
    covers,
  }: {
    weight: string;
    plants: string;
    seed: string;
    hours: string;
    covers: string;
  }) => `about ${weight} in all, ${covers}; ${plants}, ${seed} of seed, about ${hours} h of work`,
  forceGives: ({ weight, roots, hours }: { weight: string; roots: string; hours: string }) =>
    `about ${weight} in all; ${roots} roots from the store, about ${hours} h of work`,
  shootsGive: ({ weight, seed, hours }: { weight: string; seed: string; hours: string }) =>
    `about ${weight} in all; ${seed} of seed, about ${hours} h of work`,
  fromTheShed: "from the shed; what is sown under it goes by it",
  leaveOut: ({ crop, bed, date }: { crop: string; bed: string; date: string }) =>
    `Leave out ${crop.toLowerCase()} in ${bed}, planned for ${date}`,
  makesWay: "makes way for what lessens the gaps more",
  uncovered: "uncovered",
  under: ({ covers }: { covers: string }) => `under ${covers}`,
  plan: ({ count }: { count: number }) => `Take ${count} ${plural(count, "step", "steps")}`,
  planned: ({ count }: { count: number }) =>
    `${count} ${plural(count, "step", "steps")} of the plan taken.`,
  failed: "The search could not run. Nothing was changed.",
});
