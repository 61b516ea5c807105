import { plural, table } from "../table";

/** What the page of one's own numbers says. */
export const numbers = table({
  yourNumbers: "Your numbers",
  what: "What your log says against the library's numbers, each weighed by how sure it is. A number that you switch on is used everywhere from then on: plan, tasks, rehearsal. It stays as it is until you take it anew.",
  nothingYet:
    "Nothing to learn from yet. Log when you sow, when it comes up, and what you harvest, with its weight: after a first harvest this page begins to fill.",
  needsPlace: "Enter where you garden first: what came is weighed against your own light and cold.",
  reckoning: "Reading your log…",
  useAllSure: ({ count }: { count: number }) =>
    `Use the ${count} ${plural(count, "number", "numbers")} you are sure of`,
  useAllMeans: ({ entries, percent }: { entries: number; percent: string }) =>
    `Sure of: ${entries} entries or more, and your log counts ${percent} or more.`,
  takenOver: ({ count }: { count: number }) =>
    `${count} ${plural(count, "number", "numbers")} of your own in use.`,
  inUseAgain: "Your own number is in use.",
  libraryAgain: "Back to the library's number.",
  growthGarden: "Growth of the whole garden",
  growthCrops: "Growth by crop",
  growthBeds: "Growth by bed",
  emergence: "Coming up",
  stand: "Share that comes up",
  yield: "Yield",
  regrowth: "Picking again",
  hardiness: "Cold",
  keeping: "Keeping in store",
  degrees: "Nights under covers",
  growthGardenMeans: "How fast everything grows here as against the packets, weather aside.",
  growthCropsMeans: "Packet days, besides what holds for the whole garden.",
  growthBedsMeans: "As against the garden's other beds.",
  emergenceMeans: ({ temperature }: { temperature: string }) =>
    `Days from sowing until it shows, in soil of ${temperature}.`,
  standMeans: "Of fresh seed sown in the bed, counted after it came up.",
  yieldMeans: "By weight, of plantings that are over and were all weighed.",
  regrowthMeans: "Packet days from one picking to the next.",
  hardinessMeans: "The cold that kills half of the hardened plants.",
  keepingMeans: "Weeks in the right air, until a good part had rotted.",
  degreesMeans: "As against what is reckoned; it counts from the first night on.",
  wholeGarden: "Everything",
  name: "Number",
  packetDays: ({ number }: { number: string }) => `${number} packet days`,
  weeks: ({ number }: { number: string }) => `${number} weeks`,
  times: ({ percent }: { percent: string }) => `${percent} of the usual pace`,
  asReckoned: "as reckoned",
  warmer: ({ degrees }: { degrees: string }) => `${degrees} warmer`,
  colder: ({ degrees }: { degrees: string }) => `${degrees} colder`,
  library: ({ number }: { number: string }) => `library ${number}`,
  ownAlone: ({ number }: { number: string }) => `your log alone ${number}`,
  likely: ({ low, high }: { low: string; high: string }) => `likely ${low} to ${high}`,
  counts: ({ percent }: { percent: string }) => `your log counts ${percent}`,
  use: ({ name }: { name: string }) => `Use my own: ${name}`,
  inUse: "in use",
  entries: ({ count }: { count: number }) => `${count} ${plural(count, "entry", "entries")}`,
  showEntries: ({ name }: { name: string }) => `What ${name} rests on`,
  single: "Rests on a single entry.",
  singleOdd: "Rests on a single entry, far from what is usual: it hardly counts.",
  someOdd: ({ count }: { count: number }) =>
    `${count} ${plural(count, "entry lies", "entries lie")} far from the others and hardly ${plural(count, "counts", "count")}.`,
  odd: "far off, hardly counts",
  newer: ({ number, taken }: { number: string; taken: string }) =>
    `Your log says ${number} by now; in use is ${taken}.`,
  takeNewer: "Take the newer",
  expectedDays: ({ expected, came }: { expected: string; came: string }) =>
    `expected ${expected}, took ${came}`,
  expectedShare: ({ expected, came }: { expected: string; came: string }) =>
    `expected ${expected}, ${came} came up`,
  expectedYield: ({ expected, came }: { expected: string; came: string }) =>
    `expected ${expected}, gave ${came}`,
  expectedRegrowth: ({ expected, came }: { expected: string; came: string }) =>
    `worth picking after ${expected}, picked after ${came}`,
  expectedDeath: ({ expected, came }: { expected: string; came: string }) =>
    `${expected} should have died, ${came} did`,
  expectedKeeping: ({ expected, came }: { expected: string; came: string }) =>
    `should keep ${expected} weeks, kept ${came}`,
  expectedDegrees: ({ expected, came }: { expected: string; came: string }) =>
    `reckoned ${expected}, read ${came}`,
  keyLibrary: "library",
  keyOwn: "your number, and where it likely lies",
  keyAlone: "your log alone",
});
