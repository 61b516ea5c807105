import { AS_PACKETS_SAY, type Crop, type Here } from "../crops";
import type { OwnNumber, OwnNumberOf } from "./ownNumberSchema";

type OwnNumbers = ReadonlyMap<string, OwnNumber>;

/** What an own number is known by: there is one of each. */
export function ownNumberId(what: OwnNumberOf, about: OwnNumber["about"]): string {
  const whose = about.kind === "garden" ? "" : `-${about.id}`;
  // Ids are short, and those of beds can be long.
  return `own-${what}-${about.kind}${whose}`.slice(0, 64);
}

/** The numbers that the garden goes by, of one kind, by what they are about. */
function usedNumbers(
  ownNumbers: OwnNumbers,
  what: OwnNumberOf,
  kind: OwnNumber["about"]["kind"],
): Map<string, number> {
  const found = new Map<string, number>();
  for (const { about, value, used, ...own } of ownNumbers.values()) {
    if (!used || own.what !== what || about.kind !== kind) continue;
    found.set(about.kind === "garden" ? "" : about.id, value);
  }
  return found;
}

/** How fast everything grows in a bed as against the garden's others; 1 where nobody uses such a number. */
export function paceOfBed(ownNumbers: OwnNumbers, bedId: string): number {
  if (ownNumbers.size === 0) return 1;
  const own = ownNumbers.get(ownNumberId("growth", { kind: "bed", id: bedId }));
  return own?.used ? own.value : 1;
}

/** Whether the thermometer of a bed or a shelter is left out of account. */
export function isThermometerOff(
  ownNumbers: OwnNumbers,
  under: { kind: "bed" | "shelter"; id: string },
): boolean {
  if (ownNumbers.size === 0) return false;
  return ownNumbers.get(ownNumberId("degrees", under))?.used === false;
}

/** The crops with what was learned of them in this garden; those of which nothing is used stay the same. */
export function withOwnNumbers(
  crops: ReadonlyMap<string, Crop>,
  ownNumbers: OwnNumbers,
): ReadonlyMap<string, Crop> {
  const by = (what: OwnNumberOf) => usedNumbers(ownNumbers, what, "crop");
  const growth = by("growth");
  const everything = usedNumbers(ownNumbers, "growth", "garden").get("") ?? 1;
  const [emergence, regrowth, stand] = [by("emergence"), by("regrowth"), by("stand")];
  const [yields, hardiness, keeping] = [by("yield"), by("hardiness"), by("keeping")];
  const touched = [growth, emergence, regrowth, stand, yields, hardiness, keeping];
  if (everything === 1 && touched.every(({ size }) => size === 0)) return crops;
  return new Map(
    [...crops].map(([id, crop]) => {
      if (everything === 1 && !touched.some((numbers) => numbers.has(id))) return [id, crop];
      const here: Here = {
        ...AS_PACKETS_SAY,
        growthPace: everything * (growth.get(id) ?? 1),
        emergencePace: emergence.get(id) ?? 1,
        regrowthPace: regrowth.get(id) ?? null,
      };
      const own: Crop = { ...crop, here };
      const [standing, yieldTimes] = [stand.get(id), yields.get(id)];
      const [hardier, keepsTimes] = [hardiness.get(id), keeping.get(id)];
      if (standing !== undefined) own.sowing = sowingWith(crop.sowing, standing);
      if (yieldTimes !== undefined) {
        const { yieldKgPerM2 } = crop.harvest;
        own.harvest = { ...crop.harvest, yieldKgPerM2: yieldKgPerM2 * yieldTimes };
      }
      if (keepsTimes !== undefined && crop.storage) {
        own.storage = { ...crop.storage, weeks: crop.storage.weeks * keepsTimes };
      }
      return [id, hardier === undefined ? own : hardierBy(own, hardier)];
    }),
  );
}

/** A sowing of which more or less comes to stand: never more than all of it. */
function sowingWith(sowing: Crop["sowing"], times: number): Crop["sowing"] {
  return { ...sowing, fieldShare: Math.min(1, Math.max(0.01, sowing.fieldShare * times)) };
}

/** A crop that stands so many degrees more, in all its parts, hardened or not. */
function hardierBy(crop: Crop, degreesC: number): Crop {
  const moved = <T extends { unhardenedLt50C: number; hardenedLt50C: number }>(range: T): T => ({
    ...range,
    unhardenedLt50C: range.unhardenedLt50C - degreesC,
    hardenedLt50C: range.hardenedLt50C - degreesC,
  });
  return {
    ...crop,
    hardiness: { ...moved(crop.hardiness), organs: crop.hardiness.organs.map(moved) },
    varieties: crop.varieties.map((variety) =>
      variety.hardenedLt50C === undefined
        ? variety
        : { ...variety, hardenedLt50C: variety.hardenedLt50C - degreesC },
    ),
  };
}
