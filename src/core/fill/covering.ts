import { openingsIn } from "../bedSpace";
import { piecesInShed } from "../frostNight";
import type { Garden, Planting } from "../garden";
import type { Site } from "../growth";
import { plantingState } from "../plantings";
import { coverHours, coversFor, plantingSources, USUAL_YEAR, type Weeks } from "../supply";
import type { BedsAlike } from "./bedsAlike";
import type { Shared } from "./fillProblem";
import type { Offer } from "./options";

/** What stands in a bed already may lose so much under a cover, as a share. */
const MAY_LOSE = 0.05;

/** Beds alike as they would be under a cover more, in a garden where they are. */
export interface Covered {
  garden: Garden;
  alike: BedsAlike;
}

/** Beds alike under one more cover; null where what stands there already would give less for it. */
export function covered(
  site: Site,
  garden: Garden,
  { beds }: BedsAlike,
  coverId: string,
  weeks: Weeks,
): Covered | null {
  const [first, ...others] = beds.map((bed) => ({ ...bed, covers: [...bed.covers, coverId] }));
  if (!first) return null;
  const all = [first, ...others] as const;
  const under = { ...garden, beds: new Map(garden.beds) };
  for (const bed of all) under.beds.set(bed.id, bed);
  for (const planting of garden.plantings.values()) {
    if (planting.bedId !== first.id) continue;
    const before = givenBy(site, garden, planting, weeks);
    if (givenBy(site, under, planting, weeks) < (1 - MAY_LOSE) * before) return null;
  }
  const openings = openingsIn(site, under, first, weeks.today).filter(({ between }) => !between);
  return { garden: under, alike: { beds: all, openings } };
}

function givenBy(site: Site, garden: Garden, planting: Planting, weeks: Weeks): number {
  const state = plantingState(garden, site, planting);
  const sources = state ? plantingSources(site, garden, state, weeks, USUAL_YEAR) : [];
  return sources.reduce((sum, { units, worth }) => sum + units * Math.max(...worth), 0);
}

/** Pieces of the shed that are the same, by kind of cover: the smallest that cover a whole bed of these. */
export function alikeFor(
  garden: Garden,
  { beds: [bed] }: BedsAlike,
): { coverId: string; pieceIds: string[] }[] {
  return coversFor(garden, bed).map(({ materialId, lengthM, widthM }) => ({
    coverId: materialId,
    pieceIds: piecesInShed(garden).flatMap((one) =>
      one.materialId === materialId && one.lengthM === lengthM && one.widthM === widthM
        ? [one.id]
        : [],
    ),
  }));
}

export function coverOffer(
  { beds, openings }: BedsAlike,
  coverId: string,
  pieceIds: readonly string[],
): Offer {
  const [{ id, lengthM }] = beds;
  return {
    option: { kind: "cover", coverId, pieceIds, bedIds: beds.map((bed) => bed.id) },
    family: null,
    fromDay: openings[0]?.fromDay ?? 0,
    untilDay: Infinity,
    onStands: [],
    candidate: {
      id: `cover-${id}-${coverId}`,
      cropId: null,
      leastM: lengthM,
      mostM: lengthM * Math.min(beds.length, pieceIds.length),
      hoursEach: 0,
      hoursPerM: coverHours({ lengthM: 1 }),
      isPlanned: false,
      lots: [],
    },
  };
}

/** No more beds are covered than there are pieces in the shed. */
export function coversInShed(garden: Garden, offers: readonly Offer[]): Shared[] {
  const uses = new Map<string, { most: number; uses: { candidate: number; perM: number }[] }>();
  offers.forEach(({ option }, candidate) => {
    if (option.kind !== "cover") return;
    const { pieceIds, bedIds } = option;
    const key = pieceIds.join(" ");
    const of = uses.get(key) ?? { most: pieceIds.length, uses: [] };
    of.uses.push({ candidate, perM: 1 / (garden.beds.get(bedIds[0] ?? "")?.lengthM ?? 1) });
    uses.set(key, of);
  });
  return [...uses.values()];
}
