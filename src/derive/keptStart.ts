import type { Garden } from "@/core/garden";
import type { Preparation } from "@/core/plantings";
import { gardenStore, keptOnDevice, whenNeeded } from "@/store/index";
import type { GardenAtSite } from "./gardenAtSite";
import type { AnswerTo, QuestionName } from "./questions";
import { program, START_KEY, stampOf, type KeptStart } from "./startRecord";

/** So long nothing new was worked out before it is kept, ms. */
const REST_MS = 2500;
/** What has not come so long after it was asked for is no gain, ms. */
const LATE_MS = 1500;
const keepPart = whenNeeded(() => import("./keepStart"));

type Hearer = (garden: Garden, answers: KeptStart["answers"]) => void;

let found: KeptStart | null = null;
let hearer: Hearer | null = null;
let timer: ReturnType<typeof setTimeout> | undefined;

/** Reads what was kept; where nothing was, nothing of this program, or nothing soon, all is worked out. */
export async function readStart(): Promise<void> {
  if (program === "") return;
  const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), LATE_MS));
  const kept = (await Promise.race([keptOnDevice(START_KEY), late])) as KeptStart | null;
  found = kept?.program === program ? kept : null;
}

/** What takes long of the garden as it was opened; null where it has changed since. */
export function preparedAtStart(): Preparation | null {
  return atStart()?.preparation ?? null;
}

/** An answer to the same question of the same garden; undefined where none was kept. */
export function answerAtStart<Q extends QuestionName>(
  name: Q,
  key: string,
): AnswerTo<Q> | undefined {
  const answer = atStart()?.answers.find((one) => one.name === name && one.key === key);
  return answer?.value as AnswerTo<Q> | undefined;
}

function atStart(): KeptStart | null {
  const { garden, revision } = gardenStore().getState();
  if (found && (found.revision !== revision || found.stamp !== stampOf(garden))) found = null;
  return found;
}

/** Has a hearer told what was kept for the next start; until it is let go of. */
export function whenStartIsKept(hear: Hearer): () => void {
  hearer = hear;
  return () => {
    if (hearer === hear) hearer = null;
  };
}

/** Keeps a day's tasks for the next start, once nothing new has come for a while; and tomorrow's with them. */
export function keepForStart(
  name: QuestionName,
  key: string,
  value: unknown,
  { garden }: GardenAtSite,
): void {
  const { garden: own, revision } = gardenStore().getState();
  if (program === "" || name !== "tasks" || garden !== own) return;
  clearTimeout(timer);
  timer = setTimeout(() => {
    // Where it cannot be kept, the next start is only slower.
    keepPart()
      .then(({ keepStart }) => keepStart(garden, revision, key, value))
      .then((kept) => kept && hearer?.(garden, kept.answers))
      .catch(() => undefined);
  }, REST_MS);
}
