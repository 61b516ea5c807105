"use client";

import { create } from "zustand";
import { isoDate, MS_PER_DAY } from "@/core/calendar";
import { isEmptyGarden } from "@/core/garden";
import { gardenStore, keepOnDevice, keptOnDevice } from "@/store/index";
import { fileName, gardenFileText } from "../gardenFiles";
import {
  askToWrite,
  chooseFolder,
  copyName,
  FolderSchema,
  mayWrite,
  writeInFolder,
  type Folder,
} from "./folder";
import { lastSaved, rememberSaved } from "./saved";

/** The folder into which a dated copy goes by itself. */
interface Copies {
  folder: Folder | null;
  /** Whether the browser asks before it writes to the folder. */
  asks: boolean;
  copied: { file: string; atMs: number } | null;
  /** Why the last copy could not be written, in the browser's words. */
  failure: string | null;
}

const FOLDER = "backup-folder";

export const useCopies = create<Copies>(() => ({
  folder: null,
  asks: false,
  copied: null,
  failure: null,
}));

/** Looks up the folder that was chosen before, and from now on copies what changes. */
export async function openCopies(): Promise<void> {
  const folder = FolderSchema.safeParse(await keptOnDevice(FOLDER)).data ?? null;
  const asks = folder !== null && !(await mayWrite(folder).catch(() => false));
  useCopies.setState({ folder, asks });
  if (folder) copyByItself();
}

/** Lets the grower choose the folder for dated copies, and writes the first. */
export async function takeFolder(): Promise<void> {
  try {
    const folder = await chooseFolder();
    if (!folder) return;
    await keepOnDevice(FOLDER, folder);
    useCopies.setState({ folder, asks: false, copied: null, failure: null });
    await copyNow();
    copyByItself();
  } catch (error) {
    useCopies.setState({ failure: sentence(error) });
  }
}

/** Asks the browser for leave to write, after a tap. */
export async function allowFolder(): Promise<void> {
  const { folder } = useCopies.getState();
  if (!folder || !(await askToWrite(folder).catch(() => false))) return;
  useCopies.setState({ asks: false });
  await copyNow();
}

export async function leaveFolder(): Promise<void> {
  useCopies.setState({ folder: null, asks: false, copied: null, failure: null });
  await keepOnDevice(FOLDER, null);
}

/** Writes today's copy, over the one that was written earlier today. */
export async function copyNow(): Promise<void> {
  const { folder } = useCopies.getState();
  const { garden } = gardenStore().getState();
  if (!folder || isEmptyGarden(garden)) return;
  try {
    if (!(await mayWrite(folder))) return useCopies.setState({ asks: true });
    const file = copyName(fileName(garden), isoDate(todayHere()));
    await writeInFolder(folder, file, await gardenFileText(garden));
    await rememberSaved();
    useCopies.setState({ copied: { file, atMs: Date.now() }, failure: null });
  } catch (error) {
    useCopies.setState({ failure: sentence(error) });
  }
}

/** The calendar's day where the grower is: a garden may have a today of its own. */
function todayHere(): number {
  const now = new Date();
  return Math.floor((now.getTime() - now.getTimezoneOffset() * 60_000) / MS_PER_DAY);
}

function sentence(error: unknown): string {
  const words = error instanceof Error ? error.message : String(error);
  return /[.!?]$/.test(words) ? words : `${words}.`;
}

/** A copy is written so long after the last of several changes. */
const REST_MS = 60_000;
let isCopying = false;

/** From now on, a while after each change, today's copy is brought up to date. */
function copyByItself(): void {
  if (isCopying) return;
  isCopying = true;
  let waiting: ReturnType<typeof setTimeout> | undefined;
  const later = async () => {
    clearTimeout(waiting);
    const { folder, asks } = useCopies.getState();
    const { revision } = gardenStore().getState();
    if (!folder || asks || (await lastSaved())?.revision === revision) return;
    clearTimeout(waiting);
    waiting = setTimeout(() => void copyNow(), REST_MS);
  };
  gardenStore().subscribe(({ revision }, before) => {
    if (revision !== before.revision) void later();
  });
  void later();
}
