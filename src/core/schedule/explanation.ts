import { daysWords, type DayNumber } from "../calendar";
import { firstFrostDay, FROST_THRESHOLDS_C } from "../climate";
import { soilOn, whereWords } from "../shelter";
import { chanceWords, type Wording } from "../wording";
import { lightLeft } from "./bedSun";
import { lt50Course, sumBetween, type PlanSettings, type Site } from "../growth";
import { worthOn } from "./grownShare";
import { frostCountedFrom, plantHardiness, type Growing, type Timeline } from "./timeline";

const BASIS_WORDS = {
  sowing: "counted from sowing",
  emergence: "counted from emergence",
  transplanting: "counted from transplanting",
} as const;

/** The sum behind a ready date, in sentences a grower can check. */
export function why(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
  wording: Wording,
): string[] {
  const sentences = [requirementSentence(growing, timeline)];
  if (settings.school === "calendar") {
    sentences.push(calendarSentence(settings, timeline));
    sentences.push(frostSentence(site, settings, timeline, wording));
  } else {
    sentences.push(emergenceSentence(site, growing, timeline, wording));
    sentences.push(worthSentence(site, growing, timeline));
    sentences.push(winterSentence(growing));
    sentences.push(skylineSentence(site, growing, timeline));
  }
  if (settings.school === "tenhour")
    sentences.push(tenHourSentence(site, settings, growing, timeline, wording));
  sentences.push(coldSentence(site, settings, growing, timeline, wording));
  sentences.push(boltingSentence(timeline, wording));
  sentences.push(sweetSentence(site, growing, timeline, wording));
  return sentences.filter((sentence) => sentence !== "");
}

function requirementSentence(growing: Growing, timeline: Timeline): string {
  const { variety, stage } = growing;
  const need = timeline.requirement;
  if (stage === "baby") {
    return `${whole(need.totalPacketDays)} packet days from sowing to a baby-leaf cut.`;
  }
  const packet = `${variety.packetDays} packet days on the packet, ${BASIS_WORDS[variety.packetBasis]}`;
  if (need.benchDays > 0) {
    const shock =
      need.shockPacketDays > 0
        ? `, ${need.shockPacketDays} of them to recover from transplanting`
        : "";
    return `${packet}; after ${need.benchDays / 7} weeks in trays it needs ${whole(need.bedPacketDays)} more in the bed${shock}.`;
  }
  const up = `about ${whole(need.emergencePacketDays)} of them until it is up`;
  if (variety.packetBasis === "sowing") return `${packet}, ${up}.`;
  return `${packet}; sown straight into the bed that makes ${whole(need.totalPacketDays)} from sowing, ${up}.`;
}

/** When it comes up, by the soil; nothing for what is raised on the bench. */
function emergenceSentence(
  site: Site,
  growing: Growing,
  timeline: Timeline,
  wording: Wording,
): string {
  if (timeline.plantOutDay !== null) return "";
  const { meanC } = soilOn(
    site.space(growing, timeline.sowDay),
    timeline.sowDay,
    growing.crop.sowing.depthCm,
  );
  const soil = `The soil is usually ${wording.temperature(meanC)} when it is sown`;
  if (timeline.emergeDay === null)
    return `${soil}, and does not get warm enough for it to germinate.`;
  return `${soil}: it is up about ${wording.date(timeline.emergeDay, timeline.sowDay)}, in ${daysWords(timeline.emergeDay - timeline.sowDay)}.`;
}

function winterSentence({ crop }: Growing): string {
  if (!crop.winterNeeded) return "";
  return `${crop.name} needs a winter first, then ${whole(crop.winterNeeded.springPacketDays)} packet days of returning light.`;
}

function worthSentence(site: Site, growing: Growing, timeline: Timeline): string {
  const bedDay = timeline.plantOutDay ?? timeline.emergeDay;
  if (bedDay === null) return "";
  const begun = timeline.plantOutDay === null ? "up" : "transplanted";
  const first = worthOn(site, growing, timeline.sowDay, bedDay).toFixed(2);
  if (timeline.readyDay === null) {
    return `A day's growth is ${first} packet days when it is ${begun}, and after that too little for it to be ready.`;
  }
  const last = worthOn(site, growing, timeline.sowDay, timeline.readyDay - 1).toFixed(2);
  const days = daysWords(timeline.readyDay - bedDay);
  return `A day's growth is ${first} packet days when it is ${begun} and ${last} at the end, so they take ${days}.`;
}

const WORTH_TELLING = 0.97;

/** What the skyline takes of the light, where it takes any. */
function skylineSentence(site: Site, growing: Growing, timeline: Timeline): string {
  const fromDay = timeline.plantOutDay ?? timeline.sowDay;
  const toDay = timeline.readyDay ?? fromDay;
  const share = lightLeft(site, growing.horizon, fromDay, toDay);
  if (share > WORTH_TELLING) return "";
  return `The skyline lets ${whole(share * 100)} % of the light through; this is counted in.`;
}

function calendarSentence(settings: PlanSettings, timeline: Timeline): string {
  const need = timeline.requirement;
  const days = need.emergencePacketDays + need.bedPacketDays;
  return `${whole(days)} days and ${settings.fallAdditionDays} more for fall: ${Math.ceil(days + settings.fallAdditionDays)} days in the bed.`;
}

function frostSentence(
  site: Site,
  settings: PlanSettings,
  timeline: Timeline,
  wording: Wording,
): string {
  const frostDay = frostCountedFrom(site, settings, timeline.sowDay);
  if (frostDay === null) {
    return `Frost is rarer here than ${chanceWords(settings.frostRisk)}, so there is no date to count back from. Use the growth or ten-hour-day method.`;
  }
  return `Counts back from the first frost, ${chanceWords(settings.frostRisk)} by ${wording.date(frostDay, timeline.sowDay)}.`;
}

function tenHourSentence(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
  wording: Wording,
): string {
  const bedDay = timeline.plantOutDay ?? timeline.emergeDay ?? timeline.sowDay;
  const short = site.shortDays(site.season(bedDay), settings.shortDayHours);
  if (!short) return "Days are never that short here, so nothing has to hold.";
  if (bedDay >= short.fromDay) return "";
  const growth = site.growth(growing.crop, growing, timeline.sowDay);
  const share = Math.min(
    1,
    sumBetween(growth, bedDay, short.fromDay) / timeline.requirement.bedPacketDays,
  );
  const grown = `By ${wording.date(short.fromDay)}, when days fall under ${settings.shortDayHours} hours, it is ${Math.round(share * 100)} % grown`;
  if (share >= settings.grownBeforeShortDays) return `${grown}: enough to hold.`;
  return `${grown}; ${Math.round(settings.grownBeforeShortDays * 100)} % is needed, so it waits for ${wording.date(short.toDay + 1, short.fromDay)}.`;
}

function coldSentence(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
  wording: Wording,
): string {
  const lethalOn = (day: DayNumber) =>
    wording.temperature(lt50Course(site, growing, plantHardiness(growing), day, day)[0] ?? 0);
  if (timeline.lossBeforeReady !== null && timeline.lossBeforeReady > settings.frostRisk) {
    const lethal = lethalOn(timeline.readyDay ?? timeline.sowDay);
    return `A killing night (${lethal} at the crop by the time it is ready) comes ${whereWords(growing.covers)} before it is ready ${chanceWords(timeline.lossBeforeReady)}.`;
  }
  if (timeline.holdsUntilDay === null || timeline.readyDay === null) return "";
  const until = wording.date(timeline.holdsUntilDay, timeline.sowDay);
  if (timeline.coldLossDay !== null && timeline.coldLossDay === timeline.holdsUntilDay) {
    return `It holds until about ${until}: by then a killing night (${lethalOn(timeline.coldLossDay)} at the crop) comes ${chanceWords(settings.frostRisk)}.`;
  }
  return `It holds until about ${until}, then quality drops.`;
}

/** How spring ends it; nothing where something else ends it before. */
function boltingSentence({ sowDay, boltDay, readyDay, holdsUntilDay }: Timeline, wording: Wording) {
  if (boltDay === null || readyDay === null || holdsUntilDay === null) return "";
  const day = wording.date(boltDay, sowDay);
  if (boltDay < readyDay) {
    return `It is likely to bolt about ${day}, before it is full size, because it overwinters. Harvest it small by then.`;
  }
  return boltDay <= holdsUntilDay
    ? `It overwinters, so it bolts about ${day}: harvest it by then and the bed is free.`
    : "";
}

/** Crops that frost sweetens wait for it; nothing where none comes while they stand. */
function sweetSentence(
  site: Site,
  { crop }: Growing,
  { sowDay, readyDay, holdsUntilDay }: Timeline,
  wording: Wording,
): string {
  if (!crop.harvest.frostSweetens || readyDay === null || holdsUntilDay === null) return "";
  const frostDay = firstFrostDay(
    site.climate,
    site.season(readyDay),
    FROST_THRESHOLDS_C.light,
    0.5,
  );
  if (frostDay === null || frostDay <= readyDay || frostDay >= holdsUntilDay) return "";
  return `Frost makes it sweeter: it is best after the first frosts, by ${wording.date(frostDay, sowDay)} in half of the years.`;
}

function whole(value: number): string {
  return String(Math.round(value));
}
