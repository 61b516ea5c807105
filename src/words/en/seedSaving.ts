import { plural, table } from "../table";

/** What the page of one's own seed says. */
export const seedSaving = table({
  what: "Plants that are left for seed: how many keep it true, what may cross with them here, when it is ripe.",
  none: "No plants are left for seed yet. Choose a planting whose seed you want to keep.",
  leave: "Leave plants for seed…",
  leaveTitle: "Leave plants for seed",
  planting: "From which planting",
  choosePlanting: "Choose a planting.",
  noPlantings: "Nothing that grows here makes seed to save: garlic, potatoes and shoots do not.",
  plants: "Plants",
  enterPlants: "Enter a whole number of plants.",
  isolation: "Kept apart by",
  distance: "distance",
  cage: "a cage of netting",
  oneKind: "one kind in flower a year",
  noIsolation: "nothing",
  winter: "Through the winter",
  stands: "stands where it is",
  covered: "stands under a cover",
  lifted: "lifted, stored, set out in spring",
  advice: ({ plants, species }: { plants: number; species: string }) =>
    `${plants} ${plural(plants, "plant", "plants")} or more keep ${species} true.`,
  fewer: ({ plants }: { plants: number }) =>
    `Fewer than ${plants}: good for a year or two, then it grows weak.`,
  self: "It pollinates itself.",
  insects: ({ distance }: { distance: string }) =>
    `Insects cross it: ${distance} from others of its species in flower.`,
  wind: ({ distance }: { distance: string }) =>
    `Wind crosses it: ${distance} from others of its species in flower.`,
  crosses: ({
    name,
    bed,
    from,
    until,
  }: {
    name: string;
    bed: string;
    from: string;
    until: string;
  }) => `Flowers here with ${name}, ${bed}: ${from} to ${until}.`,
  crossesNothing: "Nothing else of its species flowers here then.",
  wild: ({ wild }: { wild: string }) => `Look around for ${wild}.`,
  ripe: ({ ripeWhen }: { ripeWhen: string }) => `Ripe when ${ripeWhen}.`,
  left: ({ name }: { name: string }) => `${name}: left for seed.`,
  line: ({ plants, isolation }: { plants: number; isolation: string }) =>
    `${plants} ${plural(plants, "plant", "plants")}, kept apart by ${isolation}`,
  step: ({ step, date }: { step: string; date: string }) => `${step}: ${date}`,
  steps: "What comes when",
  cut: "Seed cut",
  cutToday: ({ name }: { name: string }) => `Seed of ${name} cut today`,
  cutKept: "Cut: now it dries.",
  cutOn: ({ date }: { date: string }) => `Cut on ${date}`,
  box: "Into the seed box…",
  boxTitle: ({ name }: { name: string }) => `Seed of ${name}`,
  weight: ({ unit }: { unit: string }) => `Clean seed (${unit})`,
  enterWeight: "Enter what it weighs.",
  tested: "Seeds laid to sprout",
  sprouted: "Of these sprouted",
  moreSprouted: "More sprouted than were laid: check both numbers.",
  wholeSeeds: "Enter a whole number.",
  intoBox: "Into the seed box",
  boxed: ({ name }: { name: string }) => `${name}: in the seed box.`,
  inBox: "In the seed box",
  ownNote: "Own seed",
  dropIt: "Do not save",
  dropIt2: ({ name }: { name: string }) => `Do not save seed of ${name}`,
  dropped: "No longer left for seed.",
  selfSown: "A patch sowed itself…",
  selfSownTitle: "A patch that sowed itself",
  selfSownNote: "Sowed itself",
  bed: "Bed",
  length: ({ unit }: { unit: string }) => `Length (${unit})`,
  enterLength: "Enter a length.",
  upOn: "Came up on",
  enterDate: "Enter a date that is not to come.",
  selfSownKept: "Kept as a planting: thin it like any sowing.",
  add: "Add",
});

export const seedSteps = table({
  mark: "Mark the best",
  lift: "Lift and store",
  setOut: "Set out again",
  isolate: "Cage",
  cut: "Ripe, cut",
  dry: "Dry until",
  test: "Clean and test",
});
