import { z } from "zod";
import { MS_PER_DAY } from "@/core/calendar";
import { isEmptyGarden, type Garden } from "@/core/garden";
import { gardenStore, keepOnDevice, keptOnDevice } from "@/store/index";
import { setView } from "@/ui/viewState";

/** When the garden was last saved outside this browser, and how far it had come by then. */
const SavedSchema = z.object({ atMs: z.number(), revision: z.number() });
export type Saved = z.infer<typeof SavedSchema>;

const SAVED = "backup-saved";
const QUIET_UNTIL = "backup-quiet-until";

/** So old a file, and so much changed since, is worth a word. */
const OLD_DAYS = 14;
const CHANGES_WORTH_A_WORD = 20;
/** A reminder that was put off stays away so long. */
const QUIET_DAYS = 7;

/** @returns null where this device never saved the garden */
export async function lastSaved(): Promise<Saved | null> {
  return SavedSchema.safeParse(await keptOnDevice(SAVED)).data ?? null;
}

/** Keeps that the garden as it is now is safe outside this browser. */
export async function rememberSaved(): Promise<void> {
  setView({ backupDue: null });
  const { revision } = gardenStore().getState();
  await keepOnDevice(SAVED, { atMs: Date.now(), revision } satisfies Saved);
}

/** Puts the reminder off for a week. */
export async function putOffReminder(): Promise<void> {
  setView({ backupDue: null });
  await keepOnDevice(QUIET_UNTIL, Date.now() + QUIET_DAYS * MS_PER_DAY);
}

/** Reminds of saving where the last file is old and there is something to lose. */
export async function remindOfBackup(): Promise<void> {
  const quietUntilMs = z.number().safeParse(await keptOnDevice(QUIET_UNTIL)).data ?? 0;
  if (Date.now() < quietUntilMs) return;
  const { garden, revision } = gardenStore().getState();
  setView({ backupDue: backupDue(await lastSaved(), garden, revision, Date.now()) });
}

/** How old the last file is and what changed since; null where that is not worth a word. */
export function backupDue(
  saved: Saved | null,
  garden: Garden,
  revision: number,
  nowMs: number,
): BackupAge | null {
  if (isEmptyGarden(garden) || garden.head.sample) return null;
  const age = backupAge(saved, revision, nowMs);
  const isOld = age.daysAgo === null || age.daysAgo >= OLD_DAYS;
  return isOld && age.changes >= CHANGES_WORTH_A_WORD ? age : null;
}

interface BackupAge {
  /** Whole days; null where there is no file yet. */
  daysAgo: number | null;
  changes: number;
}

export function backupAge(saved: Saved | null, revision: number, nowMs: number): BackupAge {
  // A browser that was emptied in between counts from nought again.
  const since = saved && saved.revision <= revision ? saved : null;
  return {
    daysAgo: since ? Math.max(0, Math.floor((nowMs - since.atMs) / MS_PER_DAY)) : null,
    changes: revision - (since?.revision ?? 0),
  };
}
