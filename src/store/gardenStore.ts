import { fact, type Fact, type Told } from "@/core/facts";
import { createStore, type StoreApi } from "zustand/vanilla";
import type { CommandCall, CommandInput, CommandName, Outcome, WayOut } from "@/core/commands";
import { keepEqual } from "@/core/derive";
import {
  changesBetween,
  emptyGarden,
  entityOf,
  inverse,
  isEmptyGarden,
  withChanges,
  type Change,
  type Garden,
} from "@/core/garden";
import { fromGardenFile, type GardenFile } from "@/core/gardenFile";
import type { Writer } from "@/core/log";
import type { DatabaseEvents } from "./database";
import { signed } from "./device";
import { memoryStorage } from "./memoryStorage";
import { whenNeeded } from "./parts";
import {
  BUSY,
  isNamed,
  NEWER_REFUSAL,
  NOT_KEPT,
  NOT_EMPTY,
  ONLY_LOOKED_AT,
  nothingTo,
  storageRefusal,
  TAKEN_OVER,
  unexpectedWords,
} from "./refusals";
import { newProblem } from "./newProblem";
import { afterWrite, FellBehind, type Storage, type Stored, type Write } from "./storage";
import {
  asRedone,
  asUndone,
  changedSince,
  isLast,
  lastApplied,
  onTopOf,
  stepsAfter,
  stepToRedo,
  stepToUndo,
  withStep,
  type Numbered,
  type StepsWritten,
} from "./steps";
import { store as say } from "@/words/en/store";

/** With what a refusal says: no code stands in for a sentence. */
const commandsPart = whenNeeded(async () => {
  const [commands] = await Promise.all([import("@/core/commands"), import("@/words/en/facts")]);
  return commands;
});
const gardenPart = whenNeeded(() => import("@/core/gardenFile"));

/** What the interface sees of the store. */
export interface GardenState {
  /**
   * `waiting`: another tab holds an older version of the database open. `newer`: the database is of a
   * newer version than this program, so nothing of it can be shown or kept.
   */
  status: "opening" | "waiting" | "newer" | "ready";
  garden: Garden;
  /** Counts every change that was kept. */
  revision: number;
  /** What undo would take back, and redo bring again; null when there is nothing. */
  undo: StepName | null;
  redo: StepName | null;
  /** A message that stays until it is dealt with, about storage. */
  storageNotice: Told | null;
  /** What did not read and was set aside, a line each. */
  setAside: readonly Told[];
}

/** A step by its name, and whether this tab took it. */
export interface StepName {
  label: Told;
  isOwn: boolean;
}

/** What came of a command: done, or refused in a plain sentence. */
export type Done = { ok: true } | Refused;

/** Why a command was not done, with other ways to it where there are some. */
export interface Refused {
  ok: false;
  refusal: Told;
  path: string;
  ways?: WayOut[];
}

/** The one way in: every change to the garden goes through `dispatch`, `undo` or `redo`. */
export interface GardenStore extends StoreApi<GardenState> {
  open(): Promise<void>;
  dispatch<N extends CommandName>(name: N, input: CommandInput<N>): Promise<Done>;
  /** Several commands as one step to undo: all of them, or none. */
  dispatchAll(calls: readonly CommandCall[], label: Fact): Promise<Done>;
  undo(): Promise<Done>;
  redo(): Promise<Done>;
  /**
   * Takes the garden that comes with the program into an empty one. It is of this very version and
   * was checked when the program was made, so the first view need not wait for the commands.
   */
  begin(file: GardenFile): Promise<Done>;
  /** Moves entities that fail their schema out of the garden, and keeps them aside; resolves to whether there were any. */
  setAsideDamaged(): Promise<boolean>;
  /** While something that is not the grower's own garden is on the screen, nothing in it is changed. */
  onlyLook(isOnlyLooked: boolean): void;
  /** Fetches what changes the garden, so that the first change is written as soon as the others. */
  makeReady(): Promise<void>;
  /** Whether a change is still on its way to where it lasts. */
  isWriting(): boolean;
  /** The notice of what was set aside has been read. */
  closeSetAside(): void;
}

const TRIES_WHEN_BEHIND = 5;
/** What brings in what somebody else has written. */
const OPENED: ReadonlySet<string> = new Set(["garden.replace", "garden.join"]);

/** What a tab tells the others: the revision it has come to, and the write that led there. */
export interface Announced {
  revision: number;
  /** Missing where the others have to read it for themselves. */
  write?: Write;
}

interface Surroundings {
  openStorage: (events: DatabaseEvents) => Promise<Storage>;
  /** Tells other tabs that the garden changed, and hears it from them. */
  channel?: Pick<BroadcastChannel, "postMessage"> & {
    onmessage: ((event: MessageEvent<Announced>) => void) | null;
  };
  /** Names this tab's steps, also after it was loaded anew. */
  tab: string;
  /** Called once after the first change that is worth keeping. */
  onFirstChange?: () => void;
  /** Who writes on this device. */
  writer?: () => Writer | null;
}

/** Makes the store: command, check, one durable transaction, memory, other tabs; in this order. */
export function createGardenStore(surroundings: Surroundings): GardenStore {
  const { tab, writer = () => null } = surroundings;
  const tell = (told: Announced) => surroundings.channel?.postMessage(told);
  const store = createStore<GardenState>(() => ({
    status: "opening",
    garden: emptyGarden(),
    revision: 0,
    undo: null,
    redo: null,
    storageNotice: null,
    setAside: [],
  }));
  let storage: Storage = memoryStorage();
  let stored: Stored = { garden: emptyGarden(), revision: 0, steps: new Map() };
  let changedOnce = false;
  /** Why nothing can be kept any more; null as long as it can. */
  let closed: string | null = null;
  let isOnlyLooked = false;
  // Writes go one after the other, so that each sees the garden the last one left.
  let queue: Promise<unknown> = Promise.resolve();
  let underWay = 0;

  const show = (next: Stored, more: Partial<GardenState> = {}) => {
    stored = next;
    store.setState({
      garden: next.garden,
      revision: next.revision,
      undo: named(stepToUndo(next.steps, tab), tab),
      redo: named(stepToRedo(next.steps, tab), tab),
      ...more,
    });
  };

  /** Reads all anew; what is as it was keeps its identity, and what was derived from it. */
  const reload = async () => {
    const { garden, ...rest } = await storage.load();
    show({ ...rest, garden: keepEqual(stored.garden, garden) });
  };

  const hear = async ({ revision, write }: Announced) => {
    if (revision <= stored.revision) return;
    if (write && revision === stored.revision + 1) show(afterWrite(stored, write));
    else await reload();
  };

  /** Writes what `plan` makes of the newest garden; makes it anew when another tab was faster. */
  const commit = async (plan: (now: Stored) => Planned): Promise<Done> => {
    if (closed !== null) return { ok: false, refusal: closed, path: "" };
    for (let attempt = 0; attempt < TRIES_WHEN_BEHIND; attempt += 1) {
      const planned = plan(stored);
      if (!planned.ok) return planned;
      const { changes, steps } = planned;
      // What comes in by itself may: it changes nothing of what is looked at.
      if (isOnlyLooked && steps !== NO_STEPS) return refused(ONLY_LOOKED_AT);
      const write: Write = {
        changes,
        steps,
        seenRevision: stored.revision,
        lastApplied: lastApplied(stepsAfter(stored.steps, steps)),
      };
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
      tell({ revision: stored.revision, write });
      // What comes in by itself is nothing to lose yet: the browser is asked after the grower's act.
      if (!changedOnce && steps.put.length > 0) {
        changedOnce = true;
        surroundings.onFirstChange?.();
      }
      return { ok: true };
    }
    return { ok: false, refusal: BUSY, path: "" };
  };

  const inTurn = (work: () => Promise<Done>): Promise<Done> => {
    // Whatever goes wrong on the way is told: an edit is never dropped in silence.
    underWay += 1;
    const result = queue
      .then(work)
      .catch((error: unknown) => ({
        ok: false as const,
        refusal: unexpectedWords(error),
        path: "",
      }))
      .finally(() => (underWay -= 1));
    queue = result;
    return result;
  };

  if (surroundings.channel) {
    surroundings.channel.onmessage = ({ data }) => {
      queue = queue.then(() => hear(data)).catch(() => undefined);
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
      let found: Stored;
      let notice: Partial<GardenState> = {};
      try {
        storage = await surroundings.openStorage(events);
        found = await storage.load();
      } catch (error) {
        if (isNamed(error, "VersionError")) {
          closed = NEWER_REFUSAL;
          store.setState({ status: "newer" });
          return;
        }
        storage = memoryStorage();
        found = await storage.load();
        notice = { storageNotice: NOT_KEPT };
      }
      show(found, { status: "ready", ...notice }); // what fails in being shown is not the storage's
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
          const lines = damaged.map(({ what, message }) =>
            fact("gardenFile.leftOut", { what, message }),
          );
          show(await storage.load(), { setAside: [...store.getState().setAside, ...lines] });
          tell({ revision: stored.revision });
          return { ok: true };
        }
        return { ok: false, refusal: BUSY, path: "" };
      });
      if (!done.ok) store.setState({ storageNotice: done.refusal });
      return found;
    },
    onlyLook(isOnly: boolean) {
      isOnlyLooked = isOnly;
    },
    async makeReady() {
      await commandsPart();
    },
    isWriting: () => underWay > 0,
    closeSetAside: () => store.setState({ setAside: [] }),
    dispatch<N extends CommandName>(name: N, input: CommandInput<N>) {
      return inTurn(async () => {
        // Commands and their checks are loaded with the first change: looking needs none of them.
        const { commands } = await commandsPart();
        return commit((now) => {
          const outcome: Outcome & { label?: Fact; quiet?: boolean } = commands[name].apply(
            now.garden,
            input,
          );
          if (!outcome.ok) return outcome;
          const { label = name } = outcome;
          const changes = signed(outcome.changes, OPENED.has(name) ? null : writer());
          const steps = outcome.quiet ? NO_STEPS : withStep(now.steps, { label, changes, tab });
          return { ok: true, changes, steps };
        });
      });
    },
    dispatchAll(calls: readonly CommandCall[], label: Fact) {
      return inTurn(async () => {
        const { applyAll } = await commandsPart();
        return commit((now) => {
          const outcome = applyAll(now.garden, calls);
          if (!outcome.ok) return refused(outcome.refusal);
          const changes = signed(changesBetween(now.garden, outcome.garden), writer());
          return { ok: true, changes, steps: withStep(now.steps, { label, changes, tab }) };
        });
      });
    },
    begin(file: GardenFile) {
      return inTurn(() =>
        commit((now) => {
          if (!isEmptyGarden(now.garden)) return refused(NOT_EMPTY);
          const changes = changesBetween(now.garden, fromGardenFile(file));
          const step = { label: say.openingTheSampleGarden, changes, tab };
          return { ok: true, changes, steps: withStep(now.steps, step) };
        }),
      );
    },
    undo() {
      return inTurn(async () => {
        const { damagedIn } = await gardenPart();
        const { groundProblems } = await commandsPart();
        return commit((now) => {
          const found = stepToUndo(now.steps, tab);
          if (!found) return refused(nothingTo("undo"));
          const [number, { label, changes }] = found;
          const since = changedSince(now.steps, number);
          if (since) return refused(fact("commands.changedSince", { label, since: since.label }));
          const back = onTopOf(inverse(changes), (one) => entityOf(now.garden, one));
          // Where others have gone on, something of theirs may lean on what is taken back.
          if (!isLast(now.steps, number)) {
            const after = withChanges(now.garden, back);
            const harm = damagedIn(after)[0] ?? newProblem(groundProblems, now.garden, after);
            if (harm) return refused(fact("commands.leansOnIt", { label, message: harm.message }));
          }
          return { ok: true, changes: back, steps: asUndone(now.steps, found, tab, now.revision) };
        });
      });
    },
    redo() {
      return inTurn(() =>
        commit((now) => {
          const found = stepToRedo(now.steps, tab);
          if (!found) return refused(nothingTo("redo"));
          const [number, { label, changes }] = found;
          const since = changedSince(now.steps, number);
          if (since) return refused(fact("commands.changedSince", { label, since: since.label }));
          const again = onTopOf(changes, (one) => entityOf(now.garden, one));
          return { ok: true, changes: again, steps: asRedone(now.steps, found) };
        }),
      );
    },
  });
}

const NO_STEPS: StepsWritten = { put: [], remove: [] };

function named(found: Numbered | null, tab: string): StepName | null {
  return found && { label: found[1].label, isOwn: found[1].tab === tab };
}

/** Takes another way to what was refused; that may be refused in its turn. */
export function takeWay(store: GardenStore, { command }: WayOut): Promise<Done> {
  return store.dispatch(command.name, command.input);
}

type Planned = { ok: true; changes: readonly Change[]; steps: StepsWritten } | Refused;

function refused(refusal: Told): Refused {
  return { ok: false, refusal, path: "" };
}
