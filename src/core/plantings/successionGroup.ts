import { isoDate, type DayNumber, type IsoDate } from "../calendar";
import type { Garden, Planting } from "../garden";
import { growingOf } from "./growing";
import { successionSowDays } from "../schedule";
import type { Site } from "../growth";

/** The plantings of a planting's succession, earliest first; itself alone when it has none. */
export function successionOf(garden: Garden, planting: Planting): Planting[] {
  const { successionId } = planting;
  if (successionId === null) return [planting];
  return [...garden.plantings.values()]
    .filter((one) => one.successionId === successionId)
    .sort((a, b) => (a.sowOn < b.sowOn ? -1 : a.sowOn > b.sowOn ? 1 : a.id < b.id ? -1 : 1));
}

/**
 * Where every sowing of a succession goes when one of them is moved: the rule is followed from it in
 * both directions. Sowings that are in a tray already stay where they are, and so does what growth
 * does not reach.
 */
export function successionMoves(
  garden: Garden,
  site: Site,
  planting: Planting,
  sowDay: DayNumber,
): { id: string; sowOn: IsoDate }[] {
  const group = successionOf(garden, planting);
  const rule = garden.successions.get(planting.successionId ?? "");
  const growing = growingOf(garden, planting);
  if (!rule || !growing || group.length < 2) return [{ id: planting.id, sowOn: isoDate(sowDay) }];
  const at = group.findIndex(({ id }) => id === planting.id);
  const days = successionSowDays(site, garden.settings, growing, rule, group.length, sowDay, at);
  // Fewer days come out where growth gives out before; they belong around the one that is moved.
  const before = Math.max(0, days.indexOf(sowDay));
  const sown = new Set(
    [...garden.trays.values()].flatMap((tray) => tray.sowings.map(({ plantingId }) => plantingId)),
  );
  return group.map((one, index) => {
    const day = days[index - at + before];
    const stays = sown.has(one.id) || day === undefined;
    return { id: one.id, sowOn: stays ? one.sowOn : isoDate(day) };
  });
}
