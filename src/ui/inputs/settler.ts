import { clearPending, markPending } from "./pendingChange";

/** Quick changes, gathered into the one that is kept when the hand rests. */
export interface Settler<T> {
  /** The value that rests and is not kept yet; null when there is none. */
  resting: () => T | null;
  /** Shows a value; it is kept after a moment's rest, unless another comes first. */
  nudge: (value: T) => void;
  /** Keeps what rests now. */
  settle: () => void;
  /** Lets go what rests, and shows what is kept again. */
  drop: () => void;
  /** Lets go what rests without a word to whoever shows it. */
  forget: () => void;
}

/**
 * @param show shows a value that is not kept yet; null shows the kept one again
 * @param keep keeps a value
 * @param restMs how long a hand rests before what it moved is kept
 */
export function newSettler<T>(
  show: (value: T | null) => void,
  keep: (value: T) => void,
  restMs: number,
): Settler<T> {
  let resting: { value: T; timer: ReturnType<typeof setTimeout> } | null = null;
  const forget = () => {
    if (resting) clearTimeout(resting.timer);
    resting = null;
    clearPending(drop);
  };
  const drop = () => {
    forget();
    show(null);
  };
  const settle = () => {
    if (!resting) return;
    const { value } = resting;
    forget();
    keep(value);
  };
  return {
    resting: () => resting?.value ?? null,
    nudge(value) {
      if (resting) clearTimeout(resting.timer);
      resting = { value, timer: setTimeout(settle, restMs) };
      markPending(drop);
      show(value);
    },
    settle,
    drop,
    forget,
  };
}
