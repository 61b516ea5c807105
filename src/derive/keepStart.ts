import { preparedSoFar } from "@/core/plantings";
import type { Garden } from "@/core/garden";
import { gardenStore, keepOnDevice } from "@/store/index";
import { deriver } from "./deriver";
import type { ArgumentsOf } from "./questions";
import { program, START_KEY, stampOf, type KeptStart } from "./startRecord";

/**
 * Keeps a day's tasks and the next day's for the next start, with what takes long before them.
 *
 * @returns what was kept; null where the garden has changed since
 */
export async function keepStart(
  garden: Garden,
  revision: number,
  key: string,
  value: unknown,
): Promise<KeptStart | null> {
  const name = "tasks";
  const { today } = JSON.parse(key) as ArgumentsOf<typeof name>;
  const answers: KeptStart["answers"] = [{ name, key, value }];
  const tomorrow = { day: today + 1, today: today + 1 };
  try {
    const then = await deriver().ask(garden, name, tomorrow);
    answers.push({ name, key: JSON.stringify(tomorrow), value: then });
  } catch {
    // Without a worker nothing is worked out ahead.
  }
  if (gardenStore().getState().revision !== revision) return null;
  const start: KeptStart = {
    program,
    revision,
    stamp: stampOf(garden),
    preparation: preparedSoFar(garden),
    answers,
  };
  await keepOnDevice(START_KEY, start);
  return start;
}
