import { z } from "zod";

/** What browsers that write to folders add to their handles (File System Access); none of it is in all of them. */
interface WithPermission {
  queryPermission?(wish: { mode: "readwrite" }): Promise<PermissionState>;
  requestPermission?(wish: { mode: "readwrite" }): Promise<PermissionState>;
}
export type Folder = FileSystemDirectoryHandle & WithPermission;

interface WithPicker {
  showDirectoryPicker?(wish: { id: string; mode: "readwrite" }): Promise<Folder>;
}

const WRITE = { mode: "readwrite" } as const;

/** Whether this browser can write to a folder by itself. */
export function canChooseFolder(): boolean {
  return (window as WithPicker).showDirectoryPicker !== undefined;
}

/** Lets the grower choose a folder; null where nothing was chosen. */
export async function chooseFolder(): Promise<Folder | null> {
  try {
    return (
      (await (window as WithPicker).showDirectoryPicker?.({ id: "late-ember", ...WRITE })) ?? null
    );
  } catch (error) {
    if (error instanceof DOMException && error.name === "AbortError") return null;
    throw error;
  }
}

/** Whether the browser lets this page write there without asking. */
export async function mayWrite(folder: Folder): Promise<boolean> {
  return ((await folder.queryPermission?.(WRITE)) ?? "granted") === "granted";
}

/** Asks the grower; only after a tap. */
export async function askToWrite(folder: Folder): Promise<boolean> {
  return ((await folder.requestPermission?.(WRITE)) ?? "granted") === "granted";
}

/** A handle as it was kept; null for anything else. */
export const FolderSchema = z.custom<Folder>(
  (kept) =>
    typeof FileSystemDirectoryHandle !== "undefined" && kept instanceof FileSystemDirectoryHandle,
);

/** Writes a whole file: the one before stays until the new one is complete. */
export async function writeInFolder(folder: Folder, name: string, text: string): Promise<void> {
  const handle = await folder.getFileHandle(name, { create: true });
  const writable = await handle.createWritable();
  try {
    await writable.write(text);
    await writable.close();
  } catch (error) {
    await writable.abort().catch(() => undefined);
    throw error;
  }
}

/** The names of the garden files in a folder, newest date first. */
export async function copiesIn(folder: Folder): Promise<string[]> {
  const names: string[] = [];
  for await (const name of (folder as unknown as { keys(): AsyncIterable<string> }).keys()) {
    if (COPY.test(name)) names.push(name);
  }
  const date = (name: string) => COPY.exec(name)?.[1] ?? "";
  return names.sort((a, b) => (date(a) < date(b) ? 1 : date(a) > date(b) ? -1 : a < b ? -1 : 1));
}

/** "Hillside 2026-11-30.garden.json" */
const COPY = / (\d{4}-\d{2}-\d{2})\.garden\.json$/;

export function copyName(garden: string, isoDay: string): string {
  return `${garden} ${isoDay}.garden.json`;
}
