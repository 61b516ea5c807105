import { dayNumber, isoDate, type DayNumber } from "../../calendar";
import { care } from "../../care";
import { fact, keyOf } from "../../facts";
import { keepsUntilDay, takenGrams, type StorePlace } from "../../food";
import { cropsOf, type Garden } from "../../garden";
import { pastWorkOf } from "../pastWork";
import { PLAIN, type Round, type Task } from "../task";

const STORE = fact("tasks.store");
/** Nothing in these rots unseen. */
const KEEPS_BY_ITSELF: ReadonlySet<StorePlace> = new Set(["freezer", "jars"]);
/** What is over within so many days is eaten first. */
const SOON_OVER_DAYS = 30;

/** What was stored is looked through every other week: one rotten root takes its neighbours. */
export function storeTasks({ garden, day }: Round): Task[] {
  const past = pastWorkOf(garden);
  const lots = lotsOn(garden, day);
  const { lookEveryDays, keptForDays } = care.store;
  const stored = [...storedByLog(garden, day), ...lots.map(({ sinceDay }) => sinceDay)];
  const isKept = lots.length > 0 || day <= Math.max(...stored) + keptForDays;
  if (stored.length === 0 || !isKept) return [];
  const looked = past.lastDay("lookThroughStore", keyOf(STORE), day) ?? -Infinity;
  const since = Math.max(Math.min(...stored), looked);
  if (day < since + lookEveryDays) return [];
  const first = lots.filter(({ untilDay }) => untilDay <= day + SOON_OVER_DAYS);
  return [
    {
      ...PLAIN,
      id: `store-look-${isoDate(since)}`,
      kind: "lookThroughStore",
      subject: fact("tasks.whatIsStored"),
      place: STORE,
      fromDay: since + lookEveryDays,
      untilDay: since + 2 * lookEveryDays,
      reason: fact("tasks.onRemoveWhatSproutsShrivelsOrRots", { looked, since, day }),
      endsWhen: fact("tasks.softProduceIsOutAndEatenOr"),
      ifLeft: fact("tasks.oneThatRotsTakesItsNeighbours"),
      more: first.map(({ crop, untilDay, lot }) =>
        fact("tasks.useFirst", { crop, untilDay, day, place: lot.place }),
      ),
      cautions: [
        "store-mould",
        ...(lots.some(({ lot }) => lot.cropId === "potato") ? ["green-potato"] : []),
      ],
      isLate: day > since + 2 * lookEveryDays,
    },
  ];
}

/** The days on which the log says that something was put by. */
function storedByLog({ logEntries }: Garden, day: DayNumber): DayNumber[] {
  return [...logEntries.values()].flatMap(({ on, what }) =>
    what.kind === "worked" && what.work === "store" && dayNumber(on) <= day ? [dayNumber(on)] : [],
  );
}

/** What lies in the store on a day and may rot there, that which is over first at the head. */
function lotsOn(garden: Garden, day: DayNumber) {
  const crops = cropsOf(garden);
  return [...garden.storeLots.values()]
    .flatMap((lot) => {
      const crop = crops.get(lot.cropId);
      const sinceDay = dayNumber(lot.since);
      if (!crop || sinceDay > day || KEEPS_BY_ITSELF.has(lot.place)) return [];
      if (takenGrams(garden.logEntries, lot.id) >= lot.grams) return [];
      return [{ lot, crop: crop.name, sinceDay, untilDay: keepsUntilDay(crop, lot) }];
    })
    .sort((a, b) => a.untilDay - b.untilDay);
}
