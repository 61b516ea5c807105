import { type DayNumber } from "../calendar";
import { firstFrostDay, FROST_THRESHOLDS_C } from "../climate";
import { usableShare } from "../crops";
import { soilOn } from "../shelter";
import { midwinterAfter } from "./spring";
import { lightLeft } from "./bedSun";
import { decidingParts, lt50Course, sumBetween, type PlanSettings, type Site } from "../growth";
import { grownShare, worthOn } from "./grownShare";
import { plantHardiness, type Growing, type Timeline } from "./growing";
import { frostCountedFrom } from "./readiness";
import { fact, type Fact } from "../facts";

const BASIS_WORDS = {
  sowing: fact("schedule.countedFromSowing"),
  emergence: fact("schedule.countedFromEmergence"),
  transplanting: fact("schedule.countedFromTransplanting"),
} as const;

/** The sum behind a ready date, in sentences a grower can check. */
export function why(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
): Fact[] {
  const sentences: (Fact | null)[] = [requirementSentence(growing, timeline)];
  if (settings.school === "calendar") {
    sentences.push(calendarSentence(settings, timeline));
    sentences.push(frostSentence(site, settings, timeline));
  } else {
    sentences.push(emergenceSentence(site, growing, timeline));
    sentences.push(worthSentence(site, growing, timeline));
    sentences.push(sizeSentence(growing, timeline));
    sentences.push(winterSentence(growing));
    sentences.push(skylineSentence(site, growing, timeline));
  }
  if (settings.school === "tenhour")
    sentences.push(tenHourSentence(site, settings, growing, timeline));
  sentences.push(coldSentence(site, settings, growing, timeline));
  sentences.push(boltingSentence(site, timeline));
  sentences.push(heatSentence(timeline));
  sentences.push(sweetSentence(site, growing, timeline));
  return sentences.filter((sentence) => sentence !== null);
}

function requirementSentence(growing: Growing, timeline: Timeline): Fact | null {
  const { variety, stage } = growing;
  const need = timeline.requirement;
  if (stage === "baby") {
    return fact("schedule.packetDaysFromSowingToABabyLeafCut", {
      totalPacketDays: need.totalPacketDays,
    });
  }
  const packet = fact("schedule.packetDaysOnThePacket", {
    packetDays: variety.packetDays,
    packetBasis: BASIS_WORDS[variety.packetBasis],
  });
  if (need.benchDays > 0) {
    const shock =
      need.shockPacketDays > 0
        ? fact("schedule.ofThemToRecoverFromTransplanting", {
            shockPacketDays: need.shockPacketDays,
          })
        : "";
    return fact("schedule.afterWeeksInTraysItNeedsMoreInThe", {
      packet,
      benchDays: need.benchDays,
      bedPacketDays: need.bedPacketDays,
      shock,
    });
  }
  const up = fact("schedule.aboutOfThemUntilItIsUp", {
    emergencePacketDays: need.emergencePacketDays,
  });
  if (variety.packetBasis === "sowing") return fact("schedule.packetAndUp", { packet, up });
  return fact("schedule.sownStraightIntoTheBedThatMakes", {
    packet,
    totalPacketDays: need.totalPacketDays,
    up,
  });
}

/** When it comes up, by the soil; nothing for what is raised on the bench. */
function emergenceSentence(site: Site, growing: Growing, timeline: Timeline): Fact | null {
  if (timeline.plantOutDay !== null) return null;
  const { meanC } = soilOn(
    site.space(growing, timeline.sowDay),
    timeline.sowDay,
    growing.crop.sowing.depthCm,
  );
  const soil = fact("schedule.theSoilIsUsuallyWhenItIsSown", { meanC });
  if (timeline.emergeDay === null) return fact("schedule.andDoesNotGetWarmEnoughForItTo", { soil });
  return fact("schedule.itIsUpAboutIn", {
    soil,
    emergeDay: timeline.emergeDay,
    sowDay: timeline.sowDay,
  });
}

function winterSentence({ crop }: Growing): Fact | null {
  if (!crop.winterNeeded) return null;
  return fact("schedule.needsAWinterFirstThenPacketDaysOf", {
    crop: crop.name,
    springPacketDays: crop.winterNeeded.springPacketDays,
  });
}

function worthSentence(site: Site, growing: Growing, timeline: Timeline): Fact | null {
  const bedDay = timeline.plantOutDay ?? timeline.emergeDay;
  if (bedDay === null) return null;
  const begun = timeline.plantOutDay === null ? "up" : "transplanted";
  const first = worthOn(site, growing, timeline.sowDay, bedDay).toFixed(2);
  if (timeline.readyDay === null) {
    return fact("schedule.aDaysGrowthIsPacketDaysWhenItIsAnd", { first, begun });
  }
  const last = worthOn(site, growing, timeline.sowDay, timeline.readyDay - 1).toFixed(2);
  return fact("schedule.aDaysGrowthIsPacketDaysWhenItIsAnd2", {
    first,
    begun,
    last,
    readyDay: timeline.readyDay,
    bedDay,
  });
}

/** When it is first picked, where that is before it is full-grown. */
function sizeSentence({ crop, stage }: Growing, timeline: Timeline): Fact | null {
  const { sowDay, readyDay, fullSizeDay } = timeline;
  const usable = usableShare(crop, stage);
  if (readyDay === null || usable >= 1 || readyDay === fullSizeDay) return null;
  return fact("schedule.firstPickingThenFullSize", { readyDay, fullSizeDay, usable, sowDay });
}

const WORTH_TELLING = 0.97;

/** What the skyline takes of the light, where it takes any. */
function skylineSentence(site: Site, growing: Growing, timeline: Timeline): Fact | null {
  const fromDay = timeline.plantOutDay ?? timeline.sowDay;
  const toDay = timeline.readyDay ?? fromDay;
  const share = lightLeft(site, growing.horizon, fromDay, toDay);
  if (share > WORTH_TELLING) return null;
  return fact("schedule.theSkylineLetsOfTheLightThrough", { share });
}

function calendarSentence(settings: PlanSettings, timeline: Timeline): Fact | null {
  const need = timeline.requirement;
  const days = need.emergencePacketDays + need.bedPacketDays;
  return fact("schedule.daysAndMoreForFallDaysInTheBed", {
    days,
    fallAdditionDays: settings.fallAdditionDays,
  });
}

function frostSentence(site: Site, settings: PlanSettings, timeline: Timeline): Fact | null {
  const frostDay = frostCountedFrom(site, settings, timeline.sowDay);
  if (frostDay === null) {
    return fact("schedule.frostIsRarerHereThanSoThereIsNo", { frostRisk: settings.frostRisk });
  }
  return fact("schedule.countsBackFromTheFirstFrostBy", {
    frostRisk: settings.frostRisk,
    frostDay,
    sowDay: timeline.sowDay,
  });
}

function tenHourSentence(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
): Fact | null {
  const bedDay = timeline.plantOutDay ?? timeline.emergeDay ?? timeline.sowDay;
  const short = site.shortDays(site.season(bedDay), settings.shortDayHours);
  if (!short) return fact("schedule.daysAreNeverThatShortHereSoNothing");
  if (bedDay >= short.fromDay) return null;
  const growth = site.growth(growing.crop, growing, timeline.sowDay);
  const share = Math.min(
    1,
    sumBetween(growth, bedDay, short.fromDay) / timeline.requirement.bedPacketDays,
  );
  const grown = fact("schedule.byWhenDaysFallUnderHoursItIsGrown", {
    fromDay: short.fromDay,
    shortDayHours: settings.shortDayHours,
    share,
  });
  if (share >= settings.grownBeforeShortDays) return fact("schedule.enoughToHold", { grown });
  return fact("schedule.isNeededSoItWaitsFor", {
    grown,
    grownBeforeShortDays: settings.grownBeforeShortDays,
    toDay: short.toDay,
    fromDay: short.fromDay,
  });
}

function coldSentence(
  site: Site,
  settings: PlanSettings,
  growing: Growing,
  timeline: Timeline,
): Fact | null {
  const lethalOn = (day: DayNumber) => {
    const share = grownShare(site, settings, growing, timeline, day);
    const parts = decidingParts(growing.crop, growing.variety, growing.stage);
    // The part that decides is the last that is there; a crop of the soil dies in the soil.
    const part = parts.findLast(({ fromGrownShare }) => fromGrownShare <= share + 1e-9) ?? parts[0];
    const range = part?.range ?? plantHardiness(growing);
    return {
      lethalC: lt50Course(site, growing, range, day, day)[0] ?? 0,
      inSoil: part?.medium === "soil",
    };
  };
  if (timeline.lossBeforeReady !== null && timeline.lossBeforeReady > settings.frostRisk) {
    return fact("schedule.aKillingNightAtTheCropByTheTimeIt", {
      ...lethalOn(timeline.readyDay ?? timeline.sowDay),
      covers: growing.covers,
      lossBeforeReady: timeline.lossBeforeReady,
    });
  }
  if (timeline.holdsUntilDay === null || timeline.readyDay === null) return null;
  if (timeline.coldLossDay !== null && timeline.coldLossDay === timeline.holdsUntilDay) {
    return fact("schedule.itHoldsUntilAboutByThenAKilling", {
      holdsUntilDay: timeline.holdsUntilDay,
      sowDay: timeline.sowDay,
      ...lethalOn(timeline.coldLossDay),
      frostRisk: settings.frostRisk,
    });
  }
  return fact("schedule.itHoldsUntilAboutThenQualityDrops", {
    holdsUntilDay: timeline.holdsUntilDay,
    sowDay: timeline.sowDay,
  });
}

/** How spring ends it; nothing where something else ends it before. */
function boltingSentence(site: Site, timeline: Timeline) {
  const { sowDay, boltDay, readyDay, fullSizeDay, holdsUntilDay } = timeline;
  if (boltDay === null || readyDay === null || holdsUntilDay === null) return null;
  const overwinters = boltDay > midwinterAfter(site, sowDay);
  if (boltDay < (fullSizeDay ?? readyDay) && boltDay <= holdsUntilDay) {
    return fact("schedule.itIsLikelyToBoltAboutBeforeItIs", { boltDay, sowDay, overwinters });
  }
  return boltDay <= holdsUntilDay
    ? fact("schedule.itOverwintersSoItBoltsAboutHarvest", { boltDay, sowDay, overwinters })
    : null;
}

/** How heat ends it; nothing where something else ends it before. */
function heatSentence({ sowDay, heatDay, readyDay, holdsUntilDay }: Timeline): Fact | null {
  if (heatDay === null || readyDay === null || holdsUntilDay === null) return null;
  if (heatDay <= readyDay) return fact("schedule.heatEndsItBefore", { readyDay, sowDay, heatDay });
  return heatDay <= holdsUntilDay
    ? fact("schedule.daysGetTooWarmForItAbout", { heatDay, sowDay })
    : null;
}

/** Crops that frost sweetens wait for it; nothing where none comes while they stand. */
function sweetSentence(
  site: Site,
  { crop }: Growing,
  { sowDay, readyDay, holdsUntilDay }: Timeline,
): Fact | null {
  if (!crop.harvest.frostSweetens || readyDay === null || holdsUntilDay === null) return null;
  const frostDay = firstFrostDay(
    site.climate,
    site.season(readyDay),
    FROST_THRESHOLDS_C.light,
    0.5,
  );
  if (frostDay === null || frostDay <= readyDay || frostDay >= holdsUntilDay) return null;
  return fact("schedule.frostMakesItSweeterItIsBestAfter", { frostDay, sowDay });
}
