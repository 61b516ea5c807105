import { otherNamesOf } from "../cropNames";
import { derive } from "../derive";
import { cropsOf, type Garden } from "../garden";
import { materials } from "../shelter";

/** What a garden's words may mean: its crops, beds and shelters, each by the names it goes by. */
export interface Names {
  /** The longest name first. */
  crops: readonly { words: string; cropId: string; varietyId: string | null }[];
  beds: readonly { words: string; bedId: string }[];
  shelters: readonly { words: string; shelterId: string }[];
}

/** Words by which shelters of a kind are called, when there is one of it. */
const KIND_WORDS = {
  house: ["greenhouse", "house", "polytunnel", "hoophouse"],
  frame: ["cold frame", "frames", "frame"],
  tunnel: ["tunnel"],
  sheet: [],
} as const;

/** A name as it is compared: small letters, no accents, single spaces. */
export function plain(text: string): string {
  return text
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();
}

/** The names of everything in a garden that a line of the log can speak of. */
export function namesIn(garden: Garden): Names {
  // Asked for at every key of a line.
  return derive([garden], namesFrom);
}

function namesFrom(garden: Garden): Names {
  return {
    crops: byLength(cropNames(garden)),
    beds: byLength(
      [...garden.beds.values()].map(({ id, name }) => ({ words: plain(name), bedId: id })),
    ),
    shelters: byLength(shelterNames(garden)),
  };
}

function cropNames(garden: Garden): { words: string; cropId: string; varietyId: string | null }[] {
  const list: { words: string; cropId: string; varietyId: string | null }[] = [];
  const add = (words: string, cropId: string, varietyId: string | null) => {
    for (const form of forms(words)) list.push({ words: form, cropId, varietyId });
  };
  for (const crop of cropsOf(garden).values()) {
    const name = plain(crop.name);
    add(name, crop.id, null);
    for (const variety of crop.varieties) {
      // "Red kale", "kale red", and the variety's first words before its crop.
      const [kind = ""] = variety.name.split(",");
      add(`${plain(kind)} ${name}`, crop.id, variety.id);
      add(`${name} ${plain(variety.name)}`, crop.id, variety.id);
    }
  }
  return [...list, ...varietiesAlone(garden), ...otherNames(garden, list)];
}

/** What crops are called elsewhere, where only one goes by it: "courgettes", "rocket". */
function otherNames(garden: Garden, taken: readonly { words: string }[]) {
  const known = new Set(taken.map(({ words }) => words));
  const owners = new Map<string, string[]>();
  for (const crop of cropsOf(garden).values()) {
    for (const name of otherNamesOf(crop.id)) {
      const words = plain(name);
      owners.set(words, [...(owners.get(words) ?? []), crop.id]);
    }
  }
  return [...owners].flatMap(([words, of]) => {
    const [cropId] = of;
    if (cropId === undefined || of.length > 1) return [];
    return forms(words)
      .filter((form) => !known.has(form))
      .map((form) => ({ words: form, cropId, varietyId: null }));
  });
}

/** Names of varieties by themselves, where only one crop has them: "romaine", "winter butterhead". */
function varietiesAlone(garden: Garden) {
  const owners = new Map<string, { cropId: string; varietyId: string }[]>();
  for (const crop of cropsOf(garden).values()) {
    for (const { id, name } of crop.varieties) {
      const words = plain(name.split(",")[0] ?? "");
      owners.set(words, [...(owners.get(words) ?? []), { cropId: crop.id, varietyId: id }]);
    }
  }
  return [...owners].flatMap(([words, of]) => {
    const [only] = of;
    return only && of.length === 1 && words.length >= LEAST_LETTERS ? [{ words, ...only }] : [];
  });
}

/** Shorter names of varieties ("red", "long") say nothing by themselves. */
const LEAST_LETTERS = 6;

/** A name and its plural, or its singular. */
function forms(words: string): string[] {
  const plurals = words.endsWith("s")
    ? [words, words.replace(/s$/, "")]
    : words.endsWith("o") || words.endsWith("h")
      ? [words, `${words}es`, `${words}s`]
      : [words, `${words}s`];
  return plurals.filter((form) => form.length > 2);
}

function shelterNames({ shelters }: Garden): { words: string; shelterId: string }[] {
  const list = [...shelters.values()];
  const kinds = list.map(({ covers }) => materials.get(covers[0] ?? "")?.kind ?? "sheet");
  return list.flatMap(({ id, name }, index) => {
    const kind = kinds[index] ?? "sheet";
    const alone = kinds.filter((one) => one === kind).length === 1;
    const called = alone ? KIND_WORDS[kind] : [];
    const short = plain(name).split(" ").at(-1) ?? "";
    const shortAlone = list.filter((one) => plain(one.name).split(" ").at(-1) === short);
    const names = new Set([plain(name), ...called, ...(shortAlone.length === 1 ? [short] : [])]);
    return [...names].map((words) => ({ words, shelterId: id }));
  });
}

function byLength<T extends { words: string }>(list: T[]): T[] {
  return list.sort((a, b) => b.words.length - a.words.length);
}
