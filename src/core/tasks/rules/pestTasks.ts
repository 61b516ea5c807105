import { isoDate, type DayNumber } from "../../calendar";
import { care, pests, pestsOf, type Pest } from "../../care";
import type { Bed } from "../../garden";
import type { StandingPlants } from "../../plantings";
import { pastWorkOf } from "../pastWork";
import { PLAIN, type Round, type Task } from "../task";
import { fact, type Told } from "../../facts";

/** A pest, and the plantings of the bed that it may be at. */
interface Threat {
  pest: Pest;
  plants: StandingPlants[];
}

/** The beds where something is to be looked for, and what was seen and is to be looked at again. */
export function pestTasks(round: Round): Task[] {
  return [...round.garden.beds.values()].flatMap((bed) => {
    const threats = threatsIn(round, bed);
    const seen = again(round, bed, threats);
    // What is looked for again is not asked for twice.
    const others = threats.filter(
      ({ pest }) => !seen.some(({ id }) => id.startsWith(`${bed.id}-scout-${pest.id}-`)),
    );
    return [...scouting(round, bed, others), ...seen];
  });
}

function threatsIn({ standing, day, meanC }: Round, bed: Bed): Threat[] {
  const threats = new Map<string, Threat>();
  for (const plants of standing.get(bed.id) ?? []) {
    const { growing, timeline, grown } = plants;
    const host = {
      crop: growing.crop,
      isUp: timeline.plantOutDay !== null || (timeline.emergeDay ?? Infinity) <= day,
      grown,
      isCovered: growing.covers.length > 0,
    };
    for (const pest of pestsOf(host, meanC)) {
      const threat = threats.get(pest.id) ?? { pest, plants: [] };
      threat.plants.push(plants);
      threats.set(pest.id, threat);
    }
  }
  return [...threats.values()];
}

/** One look at a bed for everything that may be there, as often as the quickest of it asks. */
function scouting(round: Round, bed: Bed, threats: readonly Threat[]): Task[] {
  const { garden, day } = round;
  if (threats.length === 0) return [];
  const everyDays = Math.min(...threats.map(({ pest }) => pest.everyDays));
  const past = pastWorkOf(garden);
  // What was found on a day has been looked for; on that day itself the look may still go on.
  const seenDays = past.pestsSeen(bed.id, day - 1).map((seen) => seen.day);
  const lastDay = Math.max(past.lastDay("scout", bed.id, day) ?? -Infinity, ...seenDays);
  const isFirst = lastDay === -Infinity;
  const dueDay = isFirst ? firstLookDay(threats, day) : lastDay + everyDays;
  if (day < dueDay) return [];
  const [first] = threats;
  return [
    {
      ...PLAIN,
      id: `${bed.id}-scout-${isFirst ? "first" : isoDate(lastDay)}`,
      kind: "scout",
      subject: listOf(threats.map(({ pest }) => pest.name)),
      place: bed.name,
      bedId: bed.id,
      fromDay: dueDay,
      untilDay: Math.max(day, dueDay),
      reason: fact("tasks.itIsTheirTimeLastChecked", {
        crop: cropList(threats),
        isFirst,
        daysAgo: daysAgo(day - lastDay),
      }),
      endsWhen: fact("tasks.fivePlantsAreLookedAtBelowThe"),
      ifLeft: first?.pest.ifLeft ?? "",
      pestIds: threats.map(({ pest }) => pest.id),
      more: threats.flatMap(({ pest }) => [
        fact("tasks.keepOut", {
          capital: capital(pest.name),
          lowered: lowered(pest.lookFor),
          lowered2: lowered(pest.exclude),
        }),
      ]),
    },
  ];
}

/** What was seen and is still about: the mild remedy again after its days, the spray last. */
function again(round: Round, bed: Bed, threats: readonly Threat[]): Task[] {
  const { garden, day } = round;
  return pastWorkOf(garden)
    .pestsSeen(bed.id, day)
    .flatMap(({ pestId, day: seenDay }): Task[] => {
      const pest = pests.get(pestId);
      const threat = threats.find((one) => one.pest.id === pestId);
      if (!pest || !threat) return [];
      const repeatDays = pest.spray?.repeatDays ?? pest.everyDays;
      const dueDay = seenDay + Math.min(repeatDays, pest.everyDays);
      if (day < dueDay || day > seenDay + AGAIN_DAYS) return [];
      return [
        {
          ...PLAIN,
          id: `${bed.id}-scout-${pestId}-${isoDate(seenDay)}`,
          kind: "scout",
          subject: fact("tasks.again", { capital: capital(pest.name) }),
          place: bed.name,
          bedId: bed.id,
          fromDay: dueDay,
          untilDay: dueDay + pest.everyDays,
          reason: fact("tasks.seen", { seenDay, day, mild: pest.mild }),
          endsWhen: fact("tasks.noneAreFoundOrFewerThanLastTime"),
          ifLeft: pest.ifLeft,
          more: [
            fact("tasks.keepOut2", { lowered: lowered(pest.exclude) }),
            ...sprayWords(round, threat),
          ],
          cautions: [
            ...(pest.spray ? ["label"] : []),
            ...(pest.spray?.harmsBees ? ["bees"] : []),
            ...(pestId === "mice" ? ["traps"] : []),
          ],
          pestIds: [pestId],
          isLate: day > dueDay + pest.everyDays,
        },
      ];
    });
}

/** A pest that was seen is asked after for so long. */
const AGAIN_DAYS = 21;

/** The last resort, and whether its days before picking still fit. */
function sprayWords({ day }: Round, { pest, plants }: Threat): Told[] {
  if (!pest.spray) return [];
  const { what, repeatDays, beforeHarvestDays } = pest.spray;
  const readyDays = plants.map(({ timeline }) => timeline.readyDay ?? Infinity);
  const nextPick = Math.max(day, Math.min(...readyDays));
  const from = day + beforeHarvestDays;
  const fits =
    from <= nextPick
      ? fact("tasks.harvestIsDueFrom", { nextPick, day })
      : fact("tasks.soNoHarvestHereBefore", { from, day });
  return [
    fact("tasks.onlyIfThatIsNotEnoughByItsLabel", { what, repeatDays, beforeHarvestDays, fits }),
  ];
}

/** A bed that was never looked at is asked for some days after its first plants came. */
function firstLookDay(threats: readonly Threat[], day: DayNumber): DayNumber {
  const came = threats.flatMap(({ plants }) =>
    plants.map(({ timeline }) => timeline.plantOutDay ?? timeline.sowDay),
  );
  return Math.min(day, Math.min(...came) + care.scoutFirstAfterDays);
}

function cropList(threats: readonly Threat[]): Told {
  const names = new Set(
    threats.flatMap(({ plants }) => plants.map(({ growing }) => growing.crop.name)),
  );
  return listOf([...names].map((name) => name.toLowerCase()));
}

function listOf(names: readonly string[]): Told {
  const shown = names.slice(0, 4);
  return fact("tasks.list", { names: shown, more: names.length - shown.length });
}

function daysAgo(days: number): Told {
  return fact("tasks.daysAgo", { days });
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function lowered(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
