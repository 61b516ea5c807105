import { execFile } from "node:child_process";
import { promisify } from "node:util";
import { dayNumber, isoDate } from "@/core/calendar";
import type { CommandCall } from "@/core/commands";
import { fact, type Told } from "@/core/facts";
import {
  CAUSES,
  changeFrom as commandsFrom,
  joined,
  rehearsalOf,
  reportOf,
  shardFrom,
  shardOf,
  sourceFor,
  type PlantingOdds,
  type RehearsalAsked,
  type RehearsalReport,
  type Shard,
  type Tenths,
} from "@/core/winter";
import { tell } from "@/words";
import { cli as say } from "@/words/en/cli";
import { plainWording } from "@/words/plain";
import { numberOption, optional, Refusal, required, type Arguments } from "../arguments";
import { dayOption, gardenFrom, readText } from "../gardenInput";
import type { Verb } from "../verb";

const USUAL_WINTERS = 100;
const MOST_WINTERS = 100_000;
const MOST_THREADS = 64;
const MOST_SEED = 2 ** 40;
const MOST_OUTPUT_BYTES = 2 ** 30;
const grams = (kg: number) => Math.round(kg * 1000) / 1000;
const tenth = (value: number) => Math.round(value * 10) / 10;
const share = (count: number, of: number) =>
  of === 0 ? 0 : Math.round((count / of) * 1000) / 1000;

export const rehearse: Verb = {
  name: "rehearse",
  usage: say.rehearseUsage,
  summary: say.whatBecomesOfAGardenInManyWinters,
  positional: "any",
  options: [
    { name: "garden", takes: "value", help: say.aGardenFile },
    { name: "winters", takes: "value", help: say.howManyWinters },
    { name: "seed", takes: "value", help: say.aNumberThatTheWintersAreMadeFrom },
    { name: "on", takes: "value", help: say.theFirstDay },
    { name: "from-record", takes: "nothing", help: say.theYearsOnRecordInPlaceOfMadeOnes },
    { name: "change", takes: "value", help: say.aFileWithAListOfCommands },
    { name: "from-winter", takes: "value", help: say.theFirstWinterOfAPart },
    { name: "to-winter", takes: "value", help: say.theLastWinterOfAPart },
    { name: "threads", takes: "value", help: say.howManyProcesses },
    { name: "join", takes: "nothing", help: say.putsPartsTogether },
  ],
  async run(given) {
    if (given.options.has("join")) return { json: reportJson(joinFiles(given)) };
    if (given.positional.length > 0) throw new Refusal(`Usage: ember ${say.rehearseUsage}`);
    const part = partOf(given);
    if (part) return { json: lived(given, part.from, part.to) };
    const winters = wintersOf(given);
    const threads = wholeOption(given, "threads", 1, 1, MOST_THREADS);
    if (threads === 1) return { json: reportJson(lived(given, 1, winters)) };
    return { json: reportJson(await livedAtOnce(given, winters, threads)) };
  },
};

/** Winters from one number to another, both counted from 1, lived through here. */
function lived(given: Arguments, from: number, to: number): Shard {
  const garden = gardenFrom(required(given, "garden"));
  const asked = askedIn(given, garden.head.today);
  const source = sourceFor(garden, asked.winters, asked.seed);
  if (!source.ok) throw refusal(source.refusal);
  if (to > source.count) {
    throw refusal(fact("winter.onlySoManyOnRecord", { count: source.count }));
  }
  const made = rehearsalOf(garden, asked);
  if (!made.ok) throw refusal(made.refusal);
  return shardOf(made.rehearsal, garden, asked, from - 1, to);
}

function askedIn(given: Arguments, today: string | null): RehearsalAsked {
  const fromDay =
    given.options.has("on") || today === null ? dayOption(given, "on") : dayNumber(today);
  return {
    fromDay,
    seed: wholeOption(given, "seed", 1, 0, MOST_SEED),
    winters: given.options.has("from-record") ? "recorded" : "made",
    changes: given.options.has("change") ? [changeFrom(required(given, "change"))] : [],
  };
}

/** The commands of a change's file. */
function changeFrom(path: string): CommandCall[] {
  const read = jsonFrom(path);
  const calls = commandsFrom(read);
  if (!calls) throw new Refusal(`${path}: ${words(fact("winter.notCommands"))}`);
  return calls;
}

function jsonFrom(path: string): unknown {
  try {
    return JSON.parse(readText(path)) as unknown;
  } catch (error) {
    if (error instanceof Refusal) throw error;
    throw new Refusal(say.notJson({ path }));
  }
}

/** The whole in several processes, each a part; put together they are what one would have given. */
async function livedAtOnce(given: Arguments, winters: number, threads: number): Promise<Shard> {
  const [program] = process.argv.slice(1);
  const shared = [...given.options].flatMap(([name, value]) =>
    name === "threads" || name === "winters"
      ? []
      : [`--${name}`, ...(value === true ? [] : [value])],
  );
  const runs = Array.from({ length: Math.min(threads, winters) }, async (_, at) => {
    const from = Math.floor((at * winters) / threads) + 1;
    const to = Math.floor(((at + 1) * winters) / threads);
    if (to < from) return [];
    const ends = ["--from-winter", String(from), "--to-winter", String(to)];
    const all = [...process.execArgv, program ?? "", "rehearse", ...shared, ...ends];
    try {
      const { stdout } = await promisify(execFile)(process.execPath, all, {
        maxBuffer: MOST_OUTPUT_BYTES,
      });
      return [partFrom(JSON.parse(stdout))];
    } catch (error) {
      const said = String((error as { stderr?: string }).stderr ?? error).trim();
      throw new Refusal(say.aPartFailed({ from, to, said }));
    }
  });
  return joinedOf((await Promise.all(runs)).flat());
}

function joinFiles(given: Arguments): Shard {
  if (given.options.size > 1 || given.positional.length === 0) {
    throw new Refusal(say.joinTakesFilesOnly);
  }
  return joinedOf(
    given.positional.map((path) => {
      const read = jsonFrom(path);
      try {
        return partFrom(read);
      } catch (error) {
        throw error instanceof Refusal ? new Refusal(`${path}: ${error.message}`) : error;
      }
    }),
  );
}

function partFrom(read: unknown): Shard {
  const part = shardFrom(read);
  if (!part.ok) throw refusal(part.refusal);
  return part.shard;
}

function joinedOf(parts: readonly Shard[]): Shard {
  const whole = joined(parts);
  if (!whole.ok) throw refusal(whole.refusal);
  return whole.shard;
}

function partOf(given: Arguments): { from: number; to: number } | null {
  const has = (name: string) => given.options.has(name);
  if (!has("from-winter") && !has("to-winter")) return null;
  const from = wholeOption(given, "from-winter", 0, 1, MOST_WINTERS);
  const to = wholeOption(given, "to-winter", 0, 1, MOST_WINTERS);
  if (from === 0 || to < from) throw new Refusal(say.bothEndsOfAPart);
  return { from, to };
}

/** How many winters: those on record where they are asked for and nobody says how many. */
function wintersOf(given: Arguments): number {
  if (given.options.has("winters") || !given.options.has("from-record")) {
    return wholeOption(given, "winters", USUAL_WINTERS, 1, MOST_WINTERS);
  }
  const found = sourceFor(gardenFrom(required(given, "garden")), "recorded", 0);
  if (!found.ok) throw refusal(found.refusal);
  return found.count;
}

function wholeOption(given: Arguments, name: string, usual: number, least: number, most: number) {
  const text = optional(given, name);
  if (text === undefined) return usual;
  const value = numberOption(text, name, least, most);
  if (!Number.isInteger(value)) {
    throw new Refusal(
      `--${name} should be a whole number from ${least} to ${most}, not "${text}".`,
    );
  }
  return value;
}

const words = (told: Told) => tell(told, plainWording());
const refusal = (told: Told) => new Refusal(words(told));

function reportJson(shard: Shard) {
  const { reports, paired } = reportOf(shard);
  const [plan] = reports;
  if (!plan) throw refusal(fact("winter.notAShard"));
  const { from, until, seed, winters } = shard.of;
  return {
    winters: plan.winters,
    from,
    until,
    ...(winters === "made" ? { seed } : { record: true }),
    plantings: plan.plantings.map((odds, at) => ({
      ...shard.plantings[0]?.[at],
      ...oddsJson(odds, plan.winters),
    })),
    weeks: plan.weeks.map(({ weekOf, kg }) => ({
      weekOf: isoDate(weekOf),
      harvestKg: tenthsJson(kg),
    })),
    totalKg: { mean: grams(plan.totalKg.mean), ...tenthsJson(plan.totalKg) },
    told: toldJson(plan),
    coverNights: tenth(plan.coverNights),
    ...(paired && {
      paired: {
        betterIn: paired.betterIn,
        sameIn: paired.sameIn,
        meanKg: grams(paired.meanKg),
        interval: paired.interval.map(grams),
        verdict: paired.verdict,
      },
    }),
  };
}

const tenthsJson = ({ p10, p50, p90 }: Tenths) => ({
  p10: grams(p10),
  p50: grams(p50),
  p90: grams(p90),
});

function oddsJson(odds: PlantingOdds, winters: number) {
  const date = (day: number | null) => (day === null ? null : isoDate(day));
  const dates = ({ p10, p50, p90 }: PlantingOdds["first"]) => ({
    p10: date(p10),
    p50: date(p50),
    p90: date(p90),
  });
  const causes = (of: PlantingOdds["lostBy"]) =>
    Object.fromEntries(
      CAUSES.flatMap((cause) => {
        const count = of[cause];
        return count && cause !== "none" ? [[cause, share(count, winters)]] : [];
      }),
    );
  return {
    reached: share(odds.reached, winters),
    first: dates(odds.first),
    last: dates(odds.last),
    kg: { mean: grams(odds.kg.mean), ...tenthsJson(odds.kg) },
    lostBy: causes(odds.lostBy),
    endedBy: causes(odds.endedBy),
    coldInMonth: odds.coldInMonth.map((count) => share(count, winters)),
  };
}

function toldJson({ told }: RehearsalReport) {
  if (!told) return null;
  const one = ({ winter, coldestC, totalKg }: NonNullable<typeof told>["cold"]) => ({
    winter: winter + 1,
    coldestC: tenth(coldestC),
    totalKg: grams(totalKg),
  });
  return { cold: one(told.cold), middling: one(told.middling), kind: one(told.kind) };
}
