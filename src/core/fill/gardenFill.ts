import { sowableOnce } from "../bedSpace";
import { dayNumber, type DayNumber } from "../calendar";
import { foodGroupOf, type Need } from "../food";
import type { Garden, Planting } from "../garden";
import type { Site } from "../growth";
import { plantingState } from "../plantings";
import { isSown } from "../schedule";
import { eatInOrder, needByWeek, sourcesIn, USUAL_YEAR, type Weeks } from "../supply";
import { bedsAlike, type BedsAlike } from "./bedsAlike";
import { alikeFor, covered, coverOffer, coversInShed, type Covered } from "./covering";
import type { Apart, FillLimits, FillProblem, Shared } from "./fillProblem";
import { plannedOffer, rootsInStore, roundOffers } from "./offers";
import type { Offer, Option } from "./options";
import { familiesOf, groundOf, onStands } from "./sharing";
import { sowingsFor, type Looked } from "./sowings";

/** A garden's question, and what its candidates stand for. */
export interface GardenFill {
  problem: FillProblem;
  options: readonly Option[];
  /** The garden that they come into: without what may make way. */
  base: Garden;
}

/**
 * What may be done in a garden's free ground to lessen what is unmet: sowings that growers make then, in
 * beds as they are or under covers from the shed, shoots and forced roots in rounds; with ground,
 * rotation, room on the bench, covers and the grower's limits.
 */
export function gardenFill(
  site: Site,
  garden: Garden,
  need: Need,
  weeks: Weeks,
  limits: FillLimits,
): GardenFill {
  const movable = limits.mayMove ? movableIn(site, garden, weeks.today) : [];
  const base = without(garden, movable);
  const sources = sourcesIn(site, base, weeks, USUAL_YEAR);
  const needKg = needByWeek(need, site.latitudeDeg, weeks);
  const { gapKg } = eatInOrder(sources, needKg);
  const looked = { site, garden: base, weeks, gapKg, sowable: sowableOnce(site, base) };
  const offers: Offer[] = [];
  const shared: Shared[] = [];
  const apart: Apart[] = [];
  for (const alike of bedsAlike(site, base, weeks.today)) {
    const under = new Map<string, Covered>();
    const covers: Offer[] = [];
    for (const { coverId, pieceIds } of alikeFor(base, alike)) {
      const those = covered(site, base, alike, coverId, weeks);
      if (!those) continue;
      under.set(coverId, those);
      covers.push(coverOffer(alike, coverId, pieceIds));
    }
    const here = [
      ...plannedIn(looked, alike, movable),
      ...sowingsFor(looked, alike, null),
      ...covers,
      ...[...under].flatMap(([coverId, those]) =>
        sowingsFor({ ...looked, garden: those.garden }, those.alike, coverId),
      ),
      ...roundOffers(looked, alike),
    ].map((offer, at) => ({ offer, index: offers.length + at }));
    offers.push(...here.map(({ offer }) => offer));
    shared.push(...groundOf(site, base, alike, under, here));
    apart.push(...familiesOf(alike, here, garden.settings.rotationYears));
  }
  shared.push(
    ...coversInShed(base, offers),
    ...onStands(base, offers, weeks),
    ...rootsInStore(offers),
  );
  return {
    problem: {
      needKg,
      sources,
      candidates: offers.map(({ candidate }) => candidate),
      shared: shared.filter(({ uses }) => uses.length > 0),
      apart,
      limits,
    },
    options: offers.map(({ option }) => option),
    base,
  };
}

/** What is planned and nobody has sown yet. */
function movableIn(site: Site, garden: Garden, today: DayNumber): Planting[] {
  const inTrays = new Set(
    [...garden.trays.values()].flatMap(({ sowings }) => sowings.map((one) => one.plantingId)),
  );
  return [...garden.plantings.values()].filter((planting) => {
    const state = plantingState(garden, site, planting);
    return (
      state !== null &&
      !isSown(state.facts) &&
      !inTrays.has(planting.id) &&
      dayNumber(planting.sowOn) >= today &&
      foodGroupOf(state.growing.crop) !== null
    );
  });
}

function without(garden: Garden, plantings: readonly Pick<Planting, "id">[]): Garden {
  if (plantings.length === 0) return garden;
  const gone = new Set(plantings.map(({ id }) => id));
  const kept = [...garden.plantings].filter(([id]) => !gone.has(id));
  return { ...garden, plantings: new Map(kept) };
}

function plannedIn(looked: Looked, { beds }: BedsAlike, movable: readonly Planting[]): Offer[] {
  const ids = new Set(beds.map(({ id }) => id));
  return movable
    .filter(({ bedId }) => ids.has(bedId))
    .flatMap((planting) => plannedOffer(looked, planting));
}
