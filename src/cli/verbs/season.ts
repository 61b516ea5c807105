import { isoDate } from "@/core/calendar";
import { commands } from "@/core/commands";
import type { Fact } from "@/core/facts";
import { writeGardenFile } from "@/core/formats";
import type { Garden } from "@/core/garden";
import { nextSeason, reviewOf } from "@/core/seasons";
import { tell } from "@/words";
import { plainWording } from "@/words/plain";
import { Refusal, required, type Arguments } from "../arguments";
import { gardenFrom, siteFrom, todayFrom, writeWhole } from "../gardenInput";
import type { Verb } from "../verb";
import { cli as say } from "@/words/en/cli";

export const season: Verb = {
  name: "season",
  usage: say.seasonUsage,
  summary: say.closesASeasonOrBeginsTheNext,
  positional: 1,
  options: [
    { name: "garden", takes: "value", help: say.aGardenFile },
    { name: "out", takes: "value", help: say.theFileToWrite },
    { name: "on", takes: "value", help: say.seasonOn },
  ],
  run(given) {
    const [what] = given.positional;
    const garden = gardenFrom(required(given, "garden"));
    const out = required(given, "out");
    if (what === "close") return closed(given, garden, out);
    if (what === "next") return begun(given, garden, out);
    throw new Refusal(say.seasonTakesCloseOrNext);
  },
};

function refused(refusal: Fact): never {
  throw new Refusal(tell(refusal, plainWording()));
}

function closed(given: Arguments, garden: Garden, out: string) {
  const site = siteFrom(garden);
  const on = isoDate(todayFrom(given, garden));
  const done = commands["season.close"].apply(garden, { on });
  if (!done.ok) return refused(done.refusal);
  const kept = [...done.garden.keptSeasons.values()].find(({ id }) => !garden.keptSeasons.has(id));
  if (!kept) throw new Refusal(say.seasonTakesCloseOrNext);
  writeWhole(out, writeGardenFile(done.garden));
  const review = reviewOf(site, kept, done.garden);
  return {
    json: {
      season: kept.year,
      plantings: kept.plantings.length,
      goesOn: done.garden.plantings.size,
      harvestedG: Math.round(review.harvestedG),
      usualG: Math.round(review.usualG),
      late: review.late.map(({ kept: one, days, sownLateDays, lessG }) => ({
        planting: one.planting.id,
        name: one.name,
        days,
        sownLateDays,
        lessG: lessG === null ? null : Math.round(lessG),
      })),
      neverPicked: review.neverPicked.map(({ planting, name }) => ({
        planting: planting.id,
        name,
      })),
      lost: review.lost.map(({ cause, grams }) => ({ cause, grams: Math.round(grams) })),
      rotted: review.rotted,
      gaps: review.gaps.map(({ group, fromDay, untilDay, shortG }) => ({
        group,
        from: isoDate(fromDay),
        until: isoDate(untilDay),
        shortGAWeek: Math.round(shortG),
      })),
      covers: review.covers.map(({ bedId, grams }) => ({ bed: bedId, grams: Math.round(grams) })),
    },
  };
}

function begun(given: Arguments, garden: Garden, out: string) {
  const site = siteFrom(garden);
  const kept = [...garden.keptSeasons.values()].sort((a, b) => b.year - a.year)[0];
  if (!kept) throw new Refusal(say.noSeasonIsClosedYet);
  const next = nextSeason(site, garden, kept, todayFrom(given, garden));
  const plantings = next.plantings.filter(({ comes }) => comes).map(({ planting }) => planting);
  const used = new Set(plantings.map(({ successionId }) => successionId));
  const done = commands["season.begin"].apply(garden, {
    plantings,
    rests: next.rests.filter(({ comes }) => comes).map(({ rest }) => rest),
    successions: next.successions.filter(({ id }) => used.has(id)),
  });
  if (!done.ok) return refused(done.refusal);
  writeWhole(out, writeGardenFile(done.garden));
  return {
    json: {
      season: next.year,
      plantings: next.plantings.map(({ planting, before, soonerDays, notes, comes }) => ({
        id: planting.id,
        name: before.name,
        from: before.planting.bedId,
        bed: planting.bedId,
        sow: planting.sowOn,
        soonerDays,
        notes,
        comes,
      })),
      rests: next.rests.map(({ rest, comes }) => ({
        id: rest.id,
        bed: rest.bedId,
        from: rest.fromOn,
        comes,
      })),
    },
  };
}
