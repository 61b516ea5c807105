import * as Comlink from "comlink";
import type { Garden, History } from "@/core/garden";
import { fromGardenFile } from "@/core/gardenFile";
import { LARGEST_GARDEN_FILE, readGardenFile, TOO_LARGE, type ReadGarden } from "@/core/formats";
import { joinGardens, openEngine, withHistory, type Joined } from "@/joining";

/** Another device's file joined with the garden here, or what is wrong with it. */
export type ReadForJoin =
  Extract<ReadGarden, { ok: false }> | ({ ok: true; name: string } & Joined);

/** What the worker can do; seen from outside every call is a promise. */
export interface JoiningWorker {
  /** Answers once everything is loaded. */
  ready(): Promise<void>;
  /** Joins what another device has made of the garden. */
  join(here: Garden, file: Blob): Promise<ReadForJoin>;
  /** A garden's history, brought up to what the garden holds now. */
  historyOf(garden: Garden): Promise<History | null>;
}

const wasmAddress = new URL(
  "../../node_modules/@automerge/automerge/dist/automerge.wasm",
  import.meta.url,
).href;
const open = () => openEngine(() => wasmAddress);

const worker: JoiningWorker = {
  ready: open,
  async join(here, file) {
    if (file.size > LARGEST_GARDEN_FILE) {
      return { ok: false, problems: [{ path: "", message: TOO_LARGE }], more: false };
    }
    const read = readGardenFile(await file.text());
    if (!read.ok) return read;
    await open();
    const there = fromGardenFile(read.file);
    return { ok: true, name: there.head.name, ...joinGardens(here, there) };
  },
  async historyOf(garden) {
    await open();
    return withHistory(garden).history;
  },
};

Comlink.expose(worker);
