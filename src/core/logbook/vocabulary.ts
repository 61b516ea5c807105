import type { LossCause, Work } from "../log";

/** What a line can say was done, before it is known to what. */
export type Deed =
  | { kind: "sown" | "emerged" | "plantedOut" | "harvested" | "lost" | "cleared" | "seen" }
  | { kind: "worked"; work: Work };

const as = (kind: Exclude<Deed["kind"], "worked">): Deed => ({ kind });
const work = (name: Work): Deed => ({ kind: "worked", work: name });

/** Verbs in the forms in which growers write them, to what they say; two words before one. */
export const VERBS: ReadonlyMap<string, Deed> = new Map([
  ...each(["sowed", "sown", "sow", "seeded", "direct sowed"], as("sown")),
  ...each(["up", "sprouted", "emerged", "germinated", "came up", "coming up"], as("emerged")),
  ...each(
    ["planted out", "plant out", "planted", "transplanted", "set out", "plant"],
    as("plantedOut"),
  ),
  ...each(
    ["picked", "pick", "harvested", "harvest", "cut", "pulled", "dug", "lifted", "gathered"],
    as("harvested"),
  ),
  ...each(["lost", "lose", "died", "dead", "killed", "eaten"], as("lost")),
  ...each(["cleared", "clear", "pulled out", "pulled up", "removed"], as("cleared")),
  ...each(["saw", "seen", "see", "found", "noticed", "note", "noted"], as("seen")),
  ...each(["watered", "water", "irrigated"], work("water")),
  ...each(
    [
      "fed",
      "feed",
      "composted",
      "spread compost",
      "added compost",
      "put compost",
      "compost",
      "manured",
      "manure",
      "fertilised",
      "fertilized",
      "limed",
    ],
    work("feed"),
  ),
  ...each(["thinned", "thin"], work("thin")),
  ...each(["vented", "aired", "opened", "vent"], work("vent")),
  ...each(["shut", "closed", "close"], work("shut")),
  ...each(["covered", "cover"], work("cover")),
  ...each(["uncovered", "uncover"], work("uncover")),
  ...each(["netted", "netting on", "put netting", "net"], work("net")),
  ...each(["netting off", "took netting off", "unnetted"], work("netOff")),
  ...each(["shaded", "shade cloth on", "shade on", "shade"], work("shade")),
  ...each(["shade off", "shade cloth off", "took the shade off", "unshaded"], work("shadeOff")),
  ...each(["mulched", "spread mulch", "added mulch", "mulch"], work("mulch")),
  ...each(["staked", "supported", "tied up", "tied"], work("support")),
  ...each(["earthed up", "hilled", "firmed"], work("earthUp")),
  ...each(["scouted", "checked", "looked at", "inspected"], work("scout")),
  ...each(["stored", "store"], work("store")),
  ...each(["potted on", "pricked out"], work("potOn")),
  ...each(["hardened off", "hardened"], work("hardenOff")),
  ...each(["readied", "raked", "prepared"], work("readyBed")),
]);

/** Said of plants that the grower did not raise; more words first. */
export const BOUGHT: readonly string[] = [
  "from the garden centre",
  "from the garden center",
  "from the nursery",
  "store bought",
  "bought in",
  "bought",
  "purchased",
];

/** Work that no task asks for: it is written down as it was said. */
export const PLAIN_WORK: ReadonlySet<string> = new Set([
  "weeded",
  "hoed",
  "pruned",
  "trimmed",
  "repaired",
  "mended",
  "cleaned",
  "moved",
  "turned",
]);

export const CAUSES: ReadonlyMap<string, LossCause> = new Map([
  ...each(["frost", "frosts", "freeze", "cold"], "frost" as const),
  ...each(["heat", "sun"], "heat" as const),
  ...each(["drought", "dryness", "thirst"], "drought" as const),
  ...each(["wet", "rain", "flood", "rot"], "wet" as const),
  ...each(["wind", "storm", "gale"], "wind" as const),
  ...each(["slug", "slugs", "snail", "snails"], "slugs" as const),
  ...each(
    ["insects", "caterpillars", "beetles", "aphids", "maggots", "fly", "flies", "moths"],
    "insects" as const,
  ),
  ...each(["mouse", "mice", "vole", "voles", "rats"], "mice" as const),
  ...each(["bird", "birds", "pigeon", "pigeons"], "birds" as const),
  ...each(["disease", "mildew", "blight", "mould", "mold", "rust"], "disease" as const),
  ...each(["bolting", "bolted"], "bolting" as const),
]);

/** Words for pests beside their names. */
export const PEST_WORDS: ReadonlyMap<string, string> = new Map([
  ...each(
    [
      "caterpillar",
      "caterpillars",
      "cabbage white",
      "cabbage whites",
      "cabbage worm",
      "cabbage worms",
      "cutworm",
      "cutworms",
    ],
    "caterpillars",
  ),
  ...each(["aphid", "aphids", "greenfly", "blackfly", "lice"], "aphids"),
  ...each(["flea beetle", "flea beetles"], "flea-beetles"),
  ...each(["whitefly", "whiteflies"], "whitefly"),
  ...each(["slug", "slugs", "snail", "snails"], "slugs"),
  ...each(["leaf miner", "leaf miners"], "leaf-miners"),
  ...each(["carrot fly", "carrot flies"], "carrot-fly"),
  ...each(
    ["root fly", "root flies", "cabbage root fly", "root maggot", "root maggots"],
    "root-flies",
  ),
  ...each(["onion fly", "onion flies", "leek moth", "leek moths"], "onion-fly"),
  ...each(["mouse", "mice", "vole", "voles", "gopher", "gophers"], "mice"),
  ...each(["pigeon", "pigeons", "bird", "birds"], "pigeons"),
  ...each(["cat", "cats", "dog", "dogs"], "pets"),
  ...each(["downy mildew"], "downy-mildew"),
  ...each(["powdery mildew"], "powdery-mildew"),
  ...each(["grey mould", "gray mold", "botrytis"], "grey-mould"),
  ...each(["blight", "late blight"], "late-blight"),
  ...each(["rust"], "rust"),
]);

/** Grams in each unit of weight. */
export const WEIGHTS_G: ReadonlyMap<string, number> = new Map([
  ...each(["kg", "kilo", "kilos", "kilogram", "kilograms"], 1000),
  ...each(["g", "gram", "grams", "gramme", "grammes"], 1),
  ...each(["lb", "lbs", "pound", "pounds"], 453.59237),
  ...each(["oz", "ounce", "ounces"], 28.349523125),
  ...each(["t", "ton", "tons", "tonne", "tonnes"], 1_000_000),
]);

/** What is counted: the number alone is kept. */
export const COUNTED: ReadonlySet<string> = new Set([
  "head",
  "heads",
  "bunch",
  "bunches",
  "plant",
  "plants",
  "piece",
  "pieces",
  "root",
  "roots",
  "fruit",
  "fruits",
  "seedling",
  "seedlings",
  "bag",
  "bags",
  "stem",
  "stems",
  "seed",
  "seeds",
]);

/** Words that say nothing by themselves. */
export const FILLERS: ReadonlySet<string> = new Set(
  "the a an of in at from on to with some my by for into and is are was were it them all about under inside i we more".split(
    " ",
  ),
);

export const OUTSIDE: ReadonlySet<string> = new Set(["out", "outside", "outdoors", "open"]);
export const LAST: ReadonlySet<string> = new Set(["last", "finished", "rest"]);

export const NUMBER_WORDS: ReadonlyMap<string, number> = new Map(
  "one two three four five six seven eight nine ten eleven twelve"
    .split(" ")
    .map((word, index) => [word, index + 1]),
);

function each<V>(words: readonly string[], value: V): [string, V][] {
  return words.map((word) => [word, value]);
}
