import { dayNumber, isoDate } from "../calendar";
import { fact } from "../facts";
import type { Garden } from "../garden";
import { toGardenFile } from "../gardenFile";
import type { RehearsalAsked, Refused } from "./asked";
import type { WinterOutcome } from "./outcome";
import { pairedOf, type Paired } from "./paired";
import type { Rehearsal } from "./rehearsal";
import type { Shard, ShardOutcome } from "./shardSchema";
import { SHARD_FORMAT, SHARD_VERSION } from "./shardFormat";
import { Tally, type RehearsalReport } from "./tally";

/** Winters of a rehearsal from one number up to, but not including, another: to be put together later. */
export function shardOf(
  rehearsal: Rehearsal,
  garden: Garden,
  asked: RehearsalAsked,
  from: number,
  to: number,
): Shard {
  const { span, gardens } = rehearsal;
  return {
    format: SHARD_FORMAT,
    version: SHARD_VERSION,
    of: {
      digest: digestOf(JSON.stringify([toGardenFile(garden), asked.changes])),
      seed: asked.seed,
      winters: asked.winters,
      from: isoDate(span.fromDay),
      until: isoDate(span.untilDay - 1),
    },
    plantings: gardens.map(({ lives }) =>
      lives.map(({ planting: { state } }) => ({
        id: state.planting.id,
        crop: state.growing.crop.id,
        variety: state.growing.variety.id,
        bed: state.bed.name,
      })),
    ),
    outcomes: rehearsal.liveAll(from, to).map((winter) => winter.map(asPlain)),
  };
}

/** Parts of one rehearsal as the whole, their winters in order; or what is wrong with them. */
export function joined(shards: readonly Shard[]): { ok: true; shard: Shard } | Refused {
  const [first] = shards;
  if (!first) return { ok: false, refusal: fact("winter.notAShard") };
  const same = JSON.stringify([first.of, first.plantings]);
  if (shards.some(({ of, plantings }) => JSON.stringify([of, plantings]) !== same)) {
    return { ok: false, refusal: fact("winter.otherRehearsal") };
  }
  const outcomes = shards
    .flatMap((shard) => shard.outcomes)
    .sort((a, b) => (a[0]?.winter ?? 0) - (b[0]?.winter ?? 0));
  for (const [index, [one]] of outcomes.entries()) {
    const [before, winter] = [outcomes[index - 1]?.[0]?.winter, one?.winter ?? 0];
    if (before === winter) {
      return { ok: false, refusal: fact("winter.winterTwice", { winter: winter + 1 }) };
    }
    if (winter !== index) {
      const missing = { from: (before ?? -1) + 2, to: winter };
      return { ok: false, refusal: fact("winter.wintersMissing", missing) };
    }
  }
  return { ok: true, shard: { ...first, outcomes } };
}

/** What winters come to: for the plan and, against it, for the change where there is one. */
export function reportOf({ of, plantings, outcomes }: Shard): {
  reports: RehearsalReport[];
  paired: Paired | null;
} {
  const span = { fromDay: dayNumber(of.from), untilDay: dayNumber(of.until) + 1 };
  const tallies = plantings.map(
    (those) =>
      new Tally(
        those.map(({ id }) => id),
        span,
      ),
  );
  for (const winter of outcomes) {
    for (const [at, outcome] of winter.entries()) tallies[at]?.add(asOutcome(outcome));
  }
  const [plan, change] = tallies;
  return {
    reports: tallies.map((tally) => tally.report()),
    paired: plan && change ? pairedOf(plan.totals(), change.totals()) : null,
  };
}

/** Numbers are printed so that they read back as they were, to the last bit. */
function asPlain(outcome: WinterOutcome): ShardOutcome {
  return {
    ...outcome,
    firstDay: [...outcome.firstDay],
    lastDay: [...outcome.lastDay],
    kg: [...outcome.kg],
    lostBy: [...outcome.lostBy],
    endedBy: [...outcome.endedBy],
    endDay: [...outcome.endDay],
    weekKg: [...outcome.weekKg],
  };
}

function asOutcome(plain: ShardOutcome): WinterOutcome {
  return {
    ...plain,
    firstDay: Int32Array.from(plain.firstDay),
    lastDay: Int32Array.from(plain.lastDay),
    kg: Float64Array.from(plain.kg),
    lostBy: Uint8Array.from(plain.lostBy),
    endedBy: Uint8Array.from(plain.endedBy),
    endDay: Int32Array.from(plain.endDay),
    weekKg: Float64Array.from(plain.weekKg),
  };
}

const FNV_OFFSET = 0x811c9dc5;
const FNV_PRIME = 0x01000193;

/** A short fingerprint of a text, to tell one from another (FNV-1a, 32 bits). */
function digestOf(text: string): string {
  let hash = FNV_OFFSET;
  for (let at = 0; at < text.length; at += 1) {
    hash = Math.imul(hash ^ text.charCodeAt(at), FNV_PRIME);
  }
  return (hash >>> 0).toString(16).padStart(8, "0");
}
