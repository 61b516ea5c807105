import { isoDate, type DayNumber } from "../../calendar";
import { care, pests, pestsOf, type Pest } from "../../care";
import type { Bed } from "../../garden";
import type { StandingPlants } from "../../plantings";
import { pastWorkOf } from "../pastWork";
import { PLAIN, type Round, type Task } from "../task";

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
      subject: listWords(threats.map(({ pest }) => pest.name)),
      place: bed.name,
      bedId: bed.id,
      fromDay: dueDay,
      untilDay: Math.max(day, dueDay),
      reason: `${cropWords(threats)}: ${isFirst ? "it is their time" : `last checked ${daysAgo(day - lastDay)}`}.`,
      endsWhen: "five plants are looked at, below the leaves too",
      ifLeft: first?.pest.ifLeft ?? "",
      pestIds: threats.map(({ pest }) => pest.id),
      more: threats.flatMap(({ pest }) => [
        `${capital(pest.name)}: ${lowered(pest.lookFor)} Keep out: ${lowered(pest.exclude)}`,
      ]),
    },
  ];
}

/** What was seen and is still about: the mild remedy again after its days, the spray last. */
function again(round: Round, bed: Bed, threats: readonly Threat[]): Task[] {
  const { garden, day, wording } = round;
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
          subject: `${capital(pest.name)} again`,
          place: bed.name,
          bedId: bed.id,
          fromDay: dueDay,
          untilDay: dueDay + pest.everyDays,
          reason: `Seen ${wording.date(seenDay, day)}. ${pest.mild}`,
          endsWhen: "none are found, or fewer than last time",
          ifLeft: pest.ifLeft,
          more: [`Keep out: ${lowered(pest.exclude)}`, ...sprayWords(round, threat)],
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
function sprayWords({ day, wording }: Round, { pest, plants }: Threat): string[] {
  if (!pest.spray) return [];
  const { what, repeatDays, beforeHarvestDays } = pest.spray;
  const readyDays = plants.map(({ timeline }) => timeline.readyDay ?? Infinity);
  const nextPick = Math.max(day, Math.min(...readyDays));
  const from = day + beforeHarvestDays;
  const fits =
    from <= nextPick
      ? `harvest is due from ${nextPick === Infinity ? "later on" : wording.date(nextPick, day)}`
      : `so no harvest here before ${wording.date(from, day)}`;
  return [
    `Only if that is not enough: ${what}, by its label; usually again after ${repeatDays} days, and ${beforeHarvestDays === 0 ? "up to the day of harvest" : `not within ${beforeHarvestDays} ${beforeHarvestDays === 1 ? "day" : "days"} of harvest`}: ${fits}.`,
  ];
}

/** A bed that was never looked at is asked for some days after its first plants came. */
function firstLookDay(threats: readonly Threat[], day: DayNumber): DayNumber {
  const came = threats.flatMap(({ plants }) =>
    plants.map(({ timeline }) => timeline.plantOutDay ?? timeline.sowDay),
  );
  return Math.min(day, Math.min(...came) + care.scoutFirstAfterDays);
}

function cropWords(threats: readonly Threat[]): string {
  const names = new Set(
    threats.flatMap(({ plants }) => plants.map(({ growing }) => growing.crop.name)),
  );
  return capital(listWords([...names].map((name) => name.toLowerCase())));
}

function listWords(names: readonly string[]): string {
  const shown = names.slice(0, 4);
  const more = names.length - shown.length;
  if (more > 0) return `${shown.join(", ")} and ${more} more`;
  return shown.length < 2 ? shown.join("") : `${shown.slice(0, -1).join(", ")} and ${shown.at(-1)}`;
}

function daysAgo(days: number): string {
  return days === 1 ? "yesterday" : `${days} days ago`;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function lowered(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
