import { isoDate } from "../calendar";
import type { WrittenWinter } from "../garden";
import type { LogEntry, Logged, LossCause } from "../log";
import type { Cause } from "./outcome";
import type { Rehearsal } from "./rehearsal";

/** One winter of a rehearsal as it would be written down. */
export interface RehearsedLife extends WrittenWinter {
  totalKg: number;
  coldestC: number;
}

/** Fewer plants lost in a night are not written down. */
const LEAST_LOSS_SHARE = 0.02;
const GRAMS_PER_KG = 1000;
const LOST_BY: Partial<Record<Cause, LossCause>> = {
  cold: "frost",
  bolting: "bolting",
  heat: "heat",
};

/**
 * Lives through one winter and writes down what happens: sown, up, set out, picked, killed, over.
 *
 * @param garden which of the rehearsal's gardens: 0 is the plan
 */
export function lifeOf(rehearsal: Rehearsal, winter: number, garden = 0): RehearsedLife | null {
  const lives = rehearsal.gardens[garden]?.lives ?? [];
  const entries: LogEntry[] = [];
  const deadShare = lives.map(() => 0);
  const write = (at: number, day: number, what: (plantingId: string) => Logged) => {
    const planting = lives[at]?.planting;
    if (!planting) return;
    entries.push({
      id: `rehearsed-${winter}-${entries.length}`,
      on: isoDate(day),
      taskId: null,
      what: what(planting.id),
      note: "",
    });
  };
  const lost = (at: number, day: number, cause: LossCause, share: number) =>
    write(at, day, (plantingId) => ({ kind: "lost", plantingId, cause, share }));
  const outcome = rehearsal.tell(
    winter,
    {
      sown: (at, day) =>
        write(at, day, (plantingId) => ({ kind: "sown", plantingId, lotId: null, seeds: null })),
      up: (at, day) =>
        write(at, day, (plantingId) => ({ kind: "emerged", plantingId, up: null, outOf: null })),
      setOut: (at, day) =>
        write(at, day, (plantingId) => ({ kind: "plantedOut", plantingId, plants: null })),
      picked: (at, day, kg, isLast) =>
        write(at, day, (plantingId) => ({
          kind: "harvested",
          plantingId,
          grams: Math.max(1, Math.round(kg * GRAMS_PER_KG)),
          count: null,
          isLast,
        })),
      killed(at, day, share) {
        const before = deadShare[at] ?? 0;
        // Of what still stood, as a grower would tell it.
        const ofRest = share / Math.max(LEAST_LOSS_SHARE, 1 - before);
        deadShare[at] = before + share;
        if (ofRest >= LEAST_LOSS_SHARE) lost(at, day, "frost", Math.min(1, ofRest));
      },
      over(at, day, by) {
        const cause = LOST_BY[by];
        if (cause) lost(at, day, cause, 1);
        else write(at, day, (plantingId) => ({ kind: "cleared", plantingId }));
      },
    },
    garden,
  );
  if (!outcome) return null;
  const { daily } = rehearsal.air.weather;
  const { source, span } = rehearsal;
  const from = source.kind === "made" ? source.seed : source.kind;
  return {
    rehearsed: {
      key: `${from}-${winter}-${span.fromDay}-${garden}`,
      winter,
      // Copies: the arrays of the rehearsal are filled anew with its next winter.
      daily: {
        firstDay: daily.firstDay,
        minTempC: daily.minTempC.slice(),
        maxTempC: daily.maxTempC.slice(),
        precipitationMm: daily.precipitationMm.slice(),
        cloudShare: daily.cloudShare.slice(),
        windMps: daily.windMps.slice(),
      },
    },
    entries,
    totalKg: outcome.totalKg,
    coldestC: outcome.coldestC,
  };
}
