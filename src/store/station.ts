import { isoDate, type DayNumber } from "@/core/calendar";
import type { Readings } from "@/core/log";
import { gardenStore } from "./browserStore";
import { whenNeeded } from "./parts";
import { store as say } from "@/words/en/store";
import type { Told } from "@/core/facts";

const climatePart = whenNeeded(() => import("@/core/climate"));
const logPart = whenNeeded(() => import("@/core/log"));

const WAIT_MS = 8000;

/** What came of asking the station. */
export type Asked<T> = { ok: true; value: T } | { ok: false; problem: Told };

/** Asks the garden's station for an outlook and keeps it; an older one stays when that fails. */
export async function fetchOutlook(today: DayNumber): Promise<Asked<null>> {
  const answer = await ask("outlook", today);
  if (!answer.ok) return answer;
  const { OutlookSchema } = await climatePart();
  const parsed = OutlookSchema.safeParse(answer.value);
  if (!parsed.success) {
    return { ok: false, problem: say.theStationsAnswerIsNotAForecast };
  }
  const done = await gardenStore().dispatch("outlook.receive", {
    id: "outlook",
    receivedAt: new Date().toISOString(),
    outlook: parsed.data,
  });
  return done.ok ? { ok: true, value: null } : { ok: false, problem: done.refusal };
}

/** Asks the garden's station what its thermometers measured last. */
export async function fetchReadings(today: DayNumber): Promise<Asked<Readings>> {
  const answer = await ask("readings", today);
  if (!answer.ok) return answer;
  const { ReadingsSchema } = await logPart();
  const parsed = ReadingsSchema.safeParse(answer.value);
  return parsed.success
    ? { ok: true, value: parsed.data }
    : { ok: false, problem: say.theStationsAnswerIsNotReadings };
}

async function ask(what: "outlook" | "readings", today: DayNumber): Promise<Asked<unknown>> {
  const { settings } = gardenStore().getState().garden;
  if (settings.stationUrl === null) return { ok: false, problem: say.noStationIsSet };
  const base = settings.stationUrl.replace(/\/+$/, "");
  try {
    const answer = await fetch(`${base}/${what}?date=${isoDate(today)}`, {
      signal: AbortSignal.timeout(WAIT_MS),
    });
    if (!answer.ok) {
      return { ok: false, problem: say.theStationDidNotAnswerStatus({ status: answer.status }) };
    }
    return { ok: true, value: await answer.json() };
  } catch {
    return { ok: false, problem: say.theStationCouldNotBeReached };
  }
}
