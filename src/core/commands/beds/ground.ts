import { isoDate } from "../../calendar";
import { withChanges, type Bed, type Change, type Garden, type Planting } from "../../garden";
import type { Problem } from "../../gardenFile";
import { exactM, fitsInto, WHOLE_WIDTH } from "../../layout";
import { clashesIn, occupantsOf, placeFor, type Clash } from "../../bedSpace";
import { siteFor } from "../../plantings";
import type { Site } from "../../growth";
import { groundProblem } from "../groundProblem";
import { layoutProblems } from "./layoutProblems";
import { removePlanting } from "../plantingCommands";
import { fact, type Fact } from "../../facts";

/**
 * What of a garden cannot stand as it does: beds over each other, plantings past the end of their
 * bed or on the same ground. Edits never let it in; a file that somebody wrote by hand may hold it.
 */
export function groundProblems(garden: Garden): Problem[] {
  const problems: Problem[] = [];
  const at = (collection: ReadonlyMap<string, unknown>, id: string) =>
    [...collection.keys()].indexOf(id);
  for (const { bedId, message } of layoutProblems(garden)) {
    problems.push({ path: `beds[${at(garden.beds, bedId)}].position`, message });
  }
  let index = 0;
  for (const planting of garden.plantings.values()) {
    const words = pastTheEnd(garden, planting);
    if (words !== null) problems.push({ path: `plantings[${index}].lengthM`, message: words });
    const wide = pastTheSide(garden, planting);
    if (wide !== null) problems.push({ path: `plantings[${index}].across`, message: wide });
    index += 1;
  }
  const site = siteFor(garden);
  if (!site) return problems;
  for (const bed of garden.beds.values()) {
    for (const clash of clashesIn(site, garden, bed)) {
      const { kind, id } = clash.later;
      const path =
        kind === "planting"
          ? `plantings[${at(garden.plantings, id)}]`
          : `rests[${at(garden.rests, id)}]`;
      problems.push({ path: `${path}.fromM`, message: clashWords(bed, clash) });
    }
  }
  return problems;
}

/** A garden whose ground is in order, and what was done for it, a sentence each. */
export interface Mended {
  garden: Garden;
  mends: Fact[];
}

/**
 * Puts a garden's ground in order with as little as will do: beds are laid beside the others,
 * plantings are cut at the end of their bed or put where there is room, and where there is none the
 * first is pulled when the second comes.
 */
export function mendGround(garden: Garden): Mended {
  const mends: Fact[] = [];
  let next = garden;
  const take = (words: Fact, ...changes: Change[]) => {
    next = withChanges(next, changes);
    mends.push(words);
  };
  for (;;) {
    const [problem] = layoutProblems(next);
    const bed = next.beds.get(problem?.bedId ?? "");
    if (!problem || !bed) break;
    take(
      fact("commands.isPlacedBesideTheOthers", { bed: bed.name }),
      bedChange(bed, { position: null }),
    );
  }
  for (const planting of next.plantings.values()) {
    const bed = next.beds.get(planting.bedId);
    const words = pastTheEnd(next, planting);
    if (words === null || !bed) continue;
    const lengthM = Math.min(planting.lengthM, bed.lengthM);
    const fromM = exactM(Math.min(planting.fromM, bed.lengthM - lengthM));
    take(fact("commands.itIsCutThere", { words }), plantingChange(planting, { fromM, lengthM }));
  }
  for (const planting of next.plantings.values()) {
    const words = pastTheSide(next, planting);
    if (words === null) continue;
    const eachM = next.beds.get(planting.bedId)?.container?.eachM;
    const whole = (m: number) => (eachM === undefined ? m : exactM(Math.floor(m / eachM) * eachM));
    const change = plantingChange(planting, {
      across: WHOLE_WIDTH,
      fromM: whole(planting.fromM),
      lengthM: Math.max(whole(planting.lengthM), eachM ?? 0),
    });
    take(fact("commands.itTakesTheWholeWidth", { words }), change);
  }
  const site = siteFor(next);
  if (!site) return { garden: next, mends };
  for (const { id } of garden.beds.values()) {
    // Each mend leaves fewer plantings and rests that could clash still, so this comes to an end.
    for (let tries = 0; tries < MOST_TRIES; tries += 1) {
      const bed = next.beds.get(id);
      const [clash] = bed ? clashesIn(site, next, bed) : [];
      if (!bed || !clash) break;
      const { words, changes } = mendOf(site, next, bed, clash, tries < MOST_TRIES / 2);
      take(fact("commands.mended", { clash: clashWords(bed, clash), words }), ...changes);
    }
  }
  return { garden: next, mends };
}

const MOST_TRIES = 2000;

interface Mend {
  words: Fact;
  changes: Change[];
}

function mendOf(site: Site, garden: Garden, bed: Bed, clash: Clash, gently: boolean): Mend {
  const { earlier, later } = clash;
  const rest = garden.rests.get(earlier.kind === "rest" ? earlier.id : later.id);
  const planting = garden.plantings.get(later.kind === "planting" ? later.id : earlier.id);
  if (planting && gently) {
    const mover = later.id === planting.id ? later : earlier;
    const others = occupantsOf(site, garden, bed).filter(({ id }) => id !== planting.id);
    const { fromDay, untilDay } = mover;
    const fromM = placeFor(others, bed, planting, fromDay, untilDay);
    if (fromM !== null) {
      return {
        words: fact("commands.isPutAt", { mover: mover.name, fromM }),
        changes: [plantingChange(planting, { fromM: exactM(fromM), interplanted: false })],
      };
    }
  }
  const first = garden.plantings.get(earlier.id);
  if (first && gently && later.fromDay > earlier.fromDay) {
    return {
      words: fact("commands.isPulledOn", { earlier: earlier.name, fromDay: later.fromDay }),
      changes: [plantingChange(first, { clearOn: isoDate(later.fromDay) })],
    };
  }
  if (rest) {
    return {
      words: fact("commands.theRestIsLeftOut"),
      changes: [{ kind: "rest", id: rest.id, before: rest, after: null }],
    };
  }
  const result = planting && removePlanting.run(garden, { id: planting.id });
  return {
    words: fact("commands.isLeftOut", { later: later.name }),
    changes: result && "changes" in result ? result.changes : [],
  };
}

function plantingChange(before: Planting, some: Partial<Planting>): Change {
  return { kind: "planting", id: before.id, before, after: { ...before, ...some } };
}

function bedChange(before: Bed, some: Partial<Bed>): Change {
  return { kind: "bed", id: before.id, before, after: { ...before, ...some } };
}

function pastTheEnd(garden: Garden, planting: Planting): Fact | null {
  const bed = garden.beds.get(planting.bedId);
  if (!bed || fitsInto(planting.fromM + planting.lengthM, bed.lengthM)) return null;
  const reachesM = planting.fromM + planting.lengthM;
  return fact("commands.aPlantingReachesToInWhichIsLong", {
    reachesM,
    bed: bed.name,
    lengthM: bed.lengthM,
  });
}

function pastTheSide(garden: Garden, planting: Planting): Fact | null {
  const bed = garden.beds.get(planting.bedId);
  return bed ? groundProblem(planting, bed) : null;
}

function clashWords(bed: Bed, { earlier, later, at }: Clash): Fact {
  return fact("commands.andOverlapInToFrom", {
    earlier: earlier.name,
    later: later.name,
    bed: bed.name,
    fromM: at.fromM,
    toM: at.toM,
    fromDay: later.fromDay,
  });
}
