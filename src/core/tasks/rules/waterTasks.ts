import { dayNumber, isoDate, type DayNumber } from "../../calendar";
import { care, referenceEvapotranspirationMm } from "../../care";
import { bedsAsWalked, coversOver, type Bed } from "../../garden";
import { expectedDay } from "../../frostNight";
import { materials, thumbGainAtC } from "../../shelter";
import { pastWorkOf } from "../pastWork";
import { PLAIN, type Round, type Task } from "../task";
import { winterWatering } from "../../bedCare";
import { fact, keyOf, type Told } from "../../facts";

/** Where nobody has written down a watering, so many days are looked back on. */
const LOOKED_BACK_DAYS = 21;
/** While days are short hardly anything dries: so much more may be missing. */
const HARDLY_TIMES = 2;
const MOST_MM = 40;
const TOLD_DAYS = 2;

/** Beds that are watered together: those of a shelter, or those in the open. */
interface Watered {
  id: string;
  name: Told;
  keepsRainOff: boolean;
  beds: Bed[];
}

/**
 * Watering by weather and cover: asked for when more has dried since the last time than rain has
 * brought; hardly in short days, and never into frost or cold soil.
 */
export function waterTasks(round: Round): Task[] {
  return wateredTogether(round).flatMap((place) => watering(round, place));
}

function wateredTogether(round: Round): Watered[] {
  const { garden, standing } = round;
  const places = new Map<string, Watered>();
  for (const bed of bedsAsWalked(garden)) {
    if (!standing.get(bed.id)?.length) continue;
    const shelter = garden.shelters.get(bed.shelterId ?? "");
    const keepsRainOff = coversOver(garden, bed).some((id) => materials.get(id)?.kind !== "sheet");
    const id = shelter?.id ?? (keepsRainOff ? bed.id : "open");
    const name = shelter?.name ?? (keepsRainOff ? bed.name : fact("tasks.uncoveredBeds"));
    const place: Watered = places.get(id) ?? { id, name, keepsRainOff, beds: [] };
    place.beds.push(bed);
    places.set(id, place);
  }
  return [...places.values()];
}

function watering(round: Round, place: Watered): Task[] {
  const { garden, site, day, meanC } = round;
  const [bed] = place.beds;
  if (!bed) return [];
  const { minTempC } = expectedDay(site, garden.outlook?.outlook.days ?? [], day + 1);
  const cropMinC = minTempC + thumbGainAtC(coversOver(garden, bed), minTempC);
  const advice = winterWatering(site.latitudeDeg, day, cropMinC, meanC);
  if (advice.kind === "none") return [];
  const lastDay = pastWorkOf(garden).lastDay("water", keyOf(place.name), day);
  const missingMm = missing(round, place.keepsRainOff, lastDay ?? day - LOOKED_BACK_DAYS);
  const { openMm, coveredMm } = care.water;
  const allowedMm =
    (place.keepsRainOff ? coveredMm : openMm) * (advice.kind === "hardly" ? HARDLY_TIMES : 1);
  if (missingMm < allowedMm) return [];
  const areaM2 = place.beds.reduce((sum, { lengthM, widthM }) => sum + lengthM * widthM, 0);
  const givenMm = Math.min(MOST_MM, missingMm);
  return [
    {
      ...PLAIN,
      id: `${place.id}-water-${lastDay === null ? "first" : isoDate(lastDay)}`,
      kind: "water",
      subject:
        place.beds.length === 1 ? bed.name : fact("tasks.beds", { bedsCount: place.beds.length }),
      place: place.name,
      bedId: place.id === bed.id ? bed.id : null,
      fromDay: day,
      untilDay: day + TOLD_DAYS,
      reason: fact("tasks.aboutMmHaveEvaporated", {
        missingMm,
        lastDay,
        day,
        keepsRainOff: place.keepsRainOff,
      }),
      howMuch: fact("tasks.lPerMLInAll", { givenMm, areaM2 }),
      endsWhen: fact("tasks.aFingersLengthDownIsMoist"),
      ifLeft: fact("tasks.growthStopsLeavesTurnBitterAnd"),
      more: [fact("tasks.inTheMorningAtTheSoilLeavesDryBy")],
    },
  ];
}

/** What has dried from a day on beyond the rain that came in, mm; never more than the soil holds. */
function missing({ site, garden, day }: Round, keepsRainOff: boolean, since: DayNumber): number {
  const { coveredShare, usualRainShare } = care.water;
  const outlook = garden.outlook?.outlook.days ?? [];
  const rainOn = new Map(outlook.map((one) => [dayNumber(one.date), one.precipitationMm]));
  let missingMm = 0;
  for (let on = Math.max(since, day - LOOKED_BACK_DAYS) + 1; on <= day; on += 1) {
    const { minTempC, maxTempC } = expectedDay(site, outlook, on);
    const driesMm = referenceEvapotranspirationMm(site.latitudeDeg, on, minTempC, maxTempC);
    const usualMm = site.climate.usualRainMm(on) * usualRainShare;
    const rainMm = keepsRainOff ? 0 : (rainOn.get(on) ?? usualMm);
    missingMm = Math.max(0, missingMm + driesMm * (keepsRainOff ? coveredShare : 1) - rainMm);
  }
  return missingMm;
}
