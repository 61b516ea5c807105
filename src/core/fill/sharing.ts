import { freeStretches, occupantsOf } from "../bedSpace";
import type { DayNumber } from "../calendar";
import type { Garden } from "../garden";
import type { Site } from "../growth";
import { trayOccupants } from "../propagation";
import type { Weeks } from "../supply";
import { roomTaken } from "../trays";
import type { BedsAlike } from "./bedsAlike";
import type { Covered } from "./covering";
import type { Apart, Shared } from "./fillProblem";
import type { Offer } from "./options";

/** An offer by its place in the problem. */
export interface Placed {
  offer: Offer;
  index: number;
}

const coverOf = ({ option }: Offer) => ("coverId" in option ? option.coverId : null);
const isCover = ({ option }: Offer) => option.kind === "cover";

/**
 * The ground of beds alike: what lies bare is shared by what grows there as it is and by covers; what is
 * covered, by what grows under that cover.
 */
export function groundOf(
  site: Site,
  garden: Garden,
  alike: BedsAlike,
  under: ReadonlyMap<string, Covered>,
  here: readonly Placed[],
): Shared[] {
  const covers = here.filter(({ offer }) => isCover(offer));
  const bare = sharedOn(site, garden, alike, here, null, (freeM) => ({
    uses: covers.map(({ index }) => ({ candidate: index, perM: 1 })),
    most: freeM * alike.beds.length,
  }));
  const [{ lengthM }] = alike.beds;
  return [
    ...bare,
    ...[...under].flatMap(([coverId, { garden: inIt, alike: those }]) =>
      sharedOn(site, inIt, those, here, coverId, (freeM) => ({
        uses: covers
          .filter(({ offer }) => coverOf(offer) === coverId)
          .map(({ index }) => ({ candidate: index, perM: -freeM / lengthM })),
        most: 0,
      })),
    ),
  ];
}

/** At each day on which one of them comes: those that want ground then, and how much is free. */
function sharedOn(
  site: Site,
  garden: Garden,
  { beds: [bed] }: BedsAlike,
  here: readonly Placed[],
  coverId: string | null,
  there: (freeM: number) => Shared,
): Shared[] {
  const occupants = occupantsOf(site, garden, bed);
  const growing = here.filter(({ offer }) => !isCover(offer) && coverOf(offer) === coverId);
  const days = [...new Set(growing.map(({ offer }) => offer.fromDay))];
  return days.map((day: DayNumber): Shared => {
    const freeM = freeStretches(occupants, bed, day, day + 1).reduce(
      (sum, { fromM, toM }) => sum + toM - fromM,
      0,
    );
    const { uses, most } = there(freeM);
    const standing = growing.filter(({ offer }) => offer.fromDay <= day && offer.untilDay > day);
    return {
      uses: [...standing.map(({ index }) => ({ candidate: index, perM: 1 })), ...uses],
      most,
    };
  });
}

/**
 * None follows its own family in a bed, as the rotation has it: of one family each bed takes what is sown
 * on one day.
 */
export function familiesOf(
  { beds }: BedsAlike,
  here: readonly Placed[],
  rotationYears: number,
): Apart[] {
  if (rotationYears <= 0) return [];
  const families = new Map<string, Map<string, number[]>>();
  for (const { offer, index } of here) {
    const { family, option } = offer;
    if (family === null || option.kind !== "sow") continue;
    const days = families.get(family) ?? new Map<string, number[]>();
    families.set(family, days);
    const { sowOn } = option.planting;
    days.set(sowOn, [...(days.get(sowOn) ?? []), index]);
  }
  const [{ lengthM: bedM }] = beds;
  return [...families.values()]
    .filter((days) => days.size > 1)
    .map((days) => ({ parts: [...days.values()], beds: beds.length, bedM }));
}

/** On each stand, whenever one of them comes onto it: no more than it still holds. */
export function onStands(garden: Garden, offers: readonly Offer[], { today }: Weeks): Shared[] {
  const lastDay = Math.max(today + 1, ...offers.map(({ fromDay }) => fromDay + 1));
  const standing = trayOccupants(garden, today, lastDay);
  return [...garden.stands.values()].flatMap(({ id, lengthM, widthM }) => {
    const days = offers.flatMap(({ onStands: of }) =>
      of.filter(({ standId }) => standId === id).map(({ fromDay }) => fromDay),
    );
    return [...new Set(days)].map((day): Shared => {
      const uses = offers.flatMap(({ onStands: of }, candidate) => {
        const perM = of
          .filter((one) => one.standId === id && one.fromDay <= day && one.toDay > day)
          .reduce((sum, { areaM2 }) => sum + areaM2, 0);
        return perM > 0 ? [{ candidate, perM }] : [];
      });
      const takenM2 = roomTaken(standing, id, day, day + 1)[0]?.takenM2 ?? 0;
      return { uses, most: Math.max(0, lengthM * widthM - takenM2) };
    });
  });
}
