import { createStore, type StoreApi } from "zustand/vanilla";
import type { CommandInput, CommandName, Outcome, WayOut } from "@/core/commands";
import { emptyGarden, inverse, type Garden } from "@/core/garden";
import type { DatabaseEvents } from "./database";
import { memoryStorage } from "./memoryStorage";
import { isMissingPart, MISSING_PART } from "./missingPart";
import { whenNeeded } from "./parts";
import { afterWrite, FellBehind, type Storage, type Stored, type Write } from "./storage";

const commandsPart = whenNeeded(() => import("@/core/commands"));
const gardenPart = whenNeeded(() => import("@/core/gardenFile"));

/** What the interface sees of the store. */
export interface GardenState {
  /**
   * `waiting`: another tab holds an older version of the database open. `newer`: the database is of a
   * newer version than this program, so nothing of it can be shown or kept.
   */
  status: "opening" | "waiting" | "newer" | "ready";
  garden: Garden;
  /** What undo would take back, and redo bring again; null when there is nothing. */
  undoLabel: string | null;
  redoLabel: string | null;
  /** A message that stays until it is dealt with, about storage. */
  storageNotice: string | null;
  /** What did not read and was set aside, a line each. */
  setAside: readonly string[];
}

/** What came of a command: done, or refused in a plain sentence. */
export type Done = { ok: true } | Refused;

/** Why a command was not done, with other ways to it where there are some. */
export interface Refused {
  ok: false;
  refusal: string;
  path: string;
  ways?: WayOut[];
}

/** The one way in: every change to the garden goes through `dispatch`, `undo` or `redo`. */
export interface GardenStore extends StoreApi<GardenState> {
  open(): Promise<void>;
  dispatch<N extends CommandName>(name: N, input: CommandInput<N>): Promise<Done>;
  undo(): Promise<Done>;
  redo(): Promise<Done>;
  /** Takes out what does not read, and keeps it beside the garden; whether there was any. */
  setAsideDamaged(): Promise<boolean>;
  /** The notice of what was set aside has been read. */
  closeSetAside(): void;
}

const NOT_KEPT =
  "This browser does not let Late Ember keep anything. You can work, but all of it is gone when you close the page: save the garden as a file.";
const FULL =
  "The browser's storage is full, so this change was not kept. Save the garden as a file and free some space.";
const TAKEN_OVER =
  "Late Ember was updated in another tab, and this one can no longer keep anything. Reload the page to go on.";
const NEWER_REFUSAL =
  "This garden was last opened by a newer Late Ember: reload the page to get the newer one.";
const BUSY = "Another tab keeps changing the garden. Try again.";
const TRIES_WHEN_BEHIND = 5;

interface Surroundings {
  openStorage: (events: DatabaseEvents) => Promise<Storage>;
  /** Tells other tabs that the garden changed, and hears it from them. */
  channel?: Pick<BroadcastChannel, "postMessage"> & { onmessage: unknown };
  /** Called once after the first change that is worth keeping. */
  onFirstChange?: () => void;
}

/** Makes the store: command, check, one durable transaction, memory, other tabs; in this order. */
export function createGardenStore(surroundings: Surroundings): GardenStore {
  const store = createStore<GardenState>(() => ({
    status: "opening",
    garden: emptyGarden(),
    undoLabel: null,
    redoLabel: null,
    storageNotice: null,
    setAside: [],
  }));
  let storage: Storage = memoryStorage();
  let stored: Stored = { garden: emptyGarden(), revision: 0, position: 0, steps: new Map() };
  let changedOnce = false;
  /** Why nothing can be kept any more; null as long as it can. */
  let closed: string | null = null;
  // Writes go one after the other, so that each sees the garden the last one left.
  let queue: Promise<unknown> = Promise.resolve();

  const show = (next: Stored, more: Partial<GardenState> = {}) => {
    stored = next;
    store.setState({
      garden: next.garden,
      undoLabel: next.steps.get(next.position)?.label ?? null,
      redoLabel: next.steps.get(next.position + 1)?.label ?? null,
      ...more,
    });
  };

  const reload = async () => show(await storage.load());

  /** Writes what `plan` makes of the newest garden; makes it anew when another tab was faster. */
  const commit = async (plan: (now: Stored) => Planned): Promise<Done> => {
    if (closed !== null) return { ok: false, refusal: closed, path: "" };
    for (let attempt = 0; attempt < TRIES_WHEN_BEHIND; attempt += 1) {
      const planned = plan(stored);
      if (!planned.ok) return planned;
      const write: Write = { ...planned.write, seenRevision: stored.revision };
      try {
        await storage.write(write);
      } catch (error) {
        if (error instanceof FellBehind) {
          await reload();
          continue;
        }
        const refusal = storageRefusal(error);
        store.setState({ storageNotice: refusal });
        return { ok: false, refusal, path: "" };
      }
      show(afterWrite(stored, write));
      surroundings.channel?.postMessage({ revision: stored.revision });
      // What comes in by itself is nothing to lose yet: the browser is asked after the grower's act.
      if (!changedOnce && write.step) {
        changedOnce = true;
        surroundings.onFirstChange?.();
      }
      return { ok: true };
    }
    return { ok: false, refusal: BUSY, path: "" };
  };

  const inTurn = (work: () => Promise<Done>): Promise<Done> => {
    // Whatever goes wrong on the way is told: an edit is never dropped in silence.
    const result = queue.then(work).catch((error: unknown) => ({
      ok: false as const,
      refusal: unexpectedWords(error),
      path: "",
    }));
    queue = result;
    return result;
  };

  if (surroundings.channel) {
    surroundings.channel.onmessage = () => {
      queue = queue.then(reload).catch(() => undefined);
    };
  }

  return Object.assign(store, {
    async open() {
      const events = {
        onBlocked: () => store.setState({ status: "waiting" }),
        onTakenOver() {
          closed = TAKEN_OVER;
          store.setState({ storageNotice: TAKEN_OVER });
        },
      };
      try {
        storage = await surroundings.openStorage(events);
        show(await storage.load(), { status: "ready" });
      } catch (error) {
        if (isNamed(error, "VersionError")) {
          closed = NEWER_REFUSAL;
          store.setState({ status: "newer" });
          return;
        }
        storage = memoryStorage();
        show(await storage.load(), { status: "ready", storageNotice: NOT_KEPT });
      }
    },
    async setAsideDamaged() {
      const { damagedIn } = await gardenPart();
      let found = false;
      const done = await inTurn(async () => {
        for (let attempt = 0; attempt < TRIES_WHEN_BEHIND; attempt += 1) {
          const damaged = damagedIn(stored.garden);
          if (damaged.length === 0) return { ok: true };
          try {
            await storage.setAside(damaged, stored.revision);
          } catch (error) {
            if (!(error instanceof FellBehind)) throw error;
            await reload();
            continue;
          }
          found = true;
          const lines = damaged.map(({ words, message }) => `${words}: ${message}`);
          show(await storage.load(), { setAside: [...store.getState().setAside, ...lines] });
          surroundings.channel?.postMessage({ revision: stored.revision });
          return { ok: true };
        }
        return { ok: false, refusal: BUSY, path: "" };
      });
      if (!done.ok) store.setState({ storageNotice: done.refusal });
      return found;
    },
    closeSetAside: () => store.setState({ setAside: [] }),
    dispatch<N extends CommandName>(name: N, input: CommandInput<N>) {
      return inTurn(async () => {
        // Commands and their checks are loaded with the first change: looking needs none of them.
        const { commands } = await commandsPart();
        return commit((now) => {
          const outcome: Outcome & { label?: string; quiet?: boolean } = commands[name].apply(
            now.garden,
            input,
          );
          if (!outcome.ok) return outcome;
          if (outcome.quiet) {
            return {
              ok: true,
              write: { changes: outcome.changes, position: now.position, step: null },
            };
          }
          const step = { label: outcome.label ?? name, changes: outcome.changes };
          const write = { changes: outcome.changes, position: now.position + 1, step };
          return { ok: true, write };
        });
      });
    },
    undo() {
      return inTurn(() =>
        commit((now) => {
          const step = now.steps.get(now.position);
          if (!step) return nothingTo("undo");
          const write = { changes: inverse(step.changes), position: now.position - 1, step: null };
          return { ok: true, write };
        }),
      );
    },
    redo() {
      return inTurn(() =>
        commit((now) => {
          const step = now.steps.get(now.position + 1);
          if (!step) return nothingTo("redo");
          const write = { changes: step.changes, position: now.position + 1, step: null };
          return { ok: true, write };
        }),
      );
    },
  });
}

/** Takes another way to what was refused; that may be refused in its turn. */
export function takeWay(store: GardenStore, { command }: WayOut): Promise<Done> {
  return store.dispatch(command.name, command.input);
}

type Planned = { ok: true; write: Omit<Write, "seenRevision"> } | Refused;

function nothingTo(what: string): Planned {
  return { ok: false, refusal: `There is nothing to ${what}.`, path: "" };
}

/** A part of the program that could not be fetched, or a fault of the program's own. */
function unexpectedWords(error: unknown): string {
  return isMissingPart(error)
    ? MISSING_PART
    : `Something in Late Ember went wrong (${String((error as Error | null)?.message ?? error).slice(0, 120)}). Nothing was changed. Save everything as a file, then reload the page.`;
}

function storageRefusal(error: unknown): string {
  if (isNamed(error, "QuotaExceededError")) return FULL;
  return "The browser could not keep this change. Save the garden as a file, then reload the page.";
}

function isNamed(error: unknown, name: string): boolean {
  return typeof error === "object" && error !== null && (error as { name?: unknown }).name === name;
}
