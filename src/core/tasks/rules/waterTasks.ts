import kindsJson from "@data/containerKinds.json";
import containersJson from "@data/containers.json";
import { dayNumber, isoDate, type DayNumber } from "../../calendar";
import { care, referenceEvapotranspirationMm } from "../../care";
import { bedsAsWalked, bedsOn, coversOver, type Bed } from "../../garden";
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
  isIndoors: boolean;
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
  const placed = bedsOn(garden, round.day);
  for (const own of bedsAsWalked(garden)) {
    if (!standing.get(own.id)?.length) continue;
    const bed = placed.get(own.id) ?? own;
    const isIndoors = !placed.has(own.id);
    const shelter = garden.shelters.get(bed.shelterId ?? "");
    const keepsRainOff =
      isIndoors || coversOver(garden, bed).some((id) => materials.get(id)?.kind !== "sheet");
    // Containers hold little, and dry by themselves.
    const isAlone = keepsRainOff || bed.container !== undefined;
    const id = shelter?.id ?? (isAlone ? bed.id : "open");
    const name = shelter?.name ?? (isAlone ? bed.name : fact("tasks.uncoveredBeds"));
    const place: Watered = places.get(id) ?? { id, name, keepsRainOff, isIndoors, beds: [] };
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
  const cropMinC = place.isIndoors
    ? containersJson.indoors.window.minC
    : minTempC + thumbGainAtC(coversOver(garden, bed), minTempC);
  const advice = winterWatering(site.latitudeDeg, day, cropMinC, meanC);
  if (advice.kind === "none") return [];
  const lastDay = pastWorkOf(garden).lastDay("water", keyOf(place.name), day);
  const { openMm, coveredMm } = care.water;
  const { container } = bed;
  const heldMm = container ? heldInContainersMm(container.depthM) : Infinity;
  const allowedMm =
    Math.min(heldMm, place.keepsRainOff ? coveredMm : openMm) *
    (advice.kind === "hardly" ? HARDLY_TIMES : 1);
  const since = lastDay ?? day - LOOKED_BACK_DAYS;
  const { missingMm, wateredDay } = missing(round, place.keepsRainOff, since, allowedMm);
  if (missingMm < allowedMm) return [];
  const givenDay = wateredDay ?? lastDay;
  const areaM2 = place.beds.reduce((sum, { lengthM, widthM }) => sum + lengthM * widthM, 0);
  const givenMm = Math.min(MOST_MM, missingMm);
  return [
    {
      ...PLAIN,
      id: `${place.id}-water-${givenDay === null ? "first" : isoDate(givenDay)}`,
      kind: "water",
      subject:
        place.beds.length === 1 ? bed.name : fact("tasks.beds", { bedsCount: place.beds.length }),
      place: place.name,
      bedId: place.id === bed.id ? bed.id : null,
      fromDay: day,
      untilDay: day + TOLD_DAYS,
      reason: fact("tasks.aboutMmHaveEvaporated", {
        missingMm,
        lastDay: givenDay,
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

/** What may dry out of containers before they want water, told over the ground they stand on, mm. */
function heldInContainersMm(depthM: number): number {
  const { easyShare, leavesOverGround } = kindsJson.water;
  return (depthM * 1000 * easyShare) / leavesOverGround;
}

/**
 * What has dried from a day on beyond the rain that came in, mm; never more than the soil holds. On days to
 * come each watering that is asked for before is taken as given.
 */
function missing(
  { site, garden, day, today }: Round,
  keepsRainOff: boolean,
  since: DayNumber,
  allowedMm: number,
): { missingMm: number; wateredDay: DayNumber | null } {
  const { coveredShare, usualRainShare } = care.water;
  const outlook = garden.outlook?.outlook.days ?? [];
  const rainOn = new Map(outlook.map((one) => [dayNumber(one.date), one.precipitationMm]));
  let missingMm = 0;
  let wateredDay: DayNumber | null = null;
  // A month ahead needs the weeks before today too.
  const from = Math.max(since, Math.min(day, today) - LOOKED_BACK_DAYS) + 1;
  for (let on = from; on <= day; on += 1) {
    const { minTempC, maxTempC } = expectedDay(site, outlook, on);
    const driesMm = referenceEvapotranspirationMm(site.latitudeDeg, on, minTempC, maxTempC);
    const usualMm = site.climate.usualRainMm(on) * usualRainShare;
    const rainMm = keepsRainOff ? 0 : (rainOn.get(on) ?? usualMm);
    missingMm = Math.max(0, missingMm + driesMm * (keepsRainOff ? coveredShare : 1) - rainMm);
    if (missingMm >= allowedMm && on >= today && on < day) [missingMm, wateredDay] = [0, on];
  }
  return { missingMm, wateredDay };
}
