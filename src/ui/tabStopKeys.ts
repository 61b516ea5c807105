/** What a row's keys lead to: not what stands in a form, which is gone through by Tab from field to field. */
const CONTROLS = ["button:not([disabled])", "a[href]", 'input[type="checkbox"]:not([disabled])']
  .map((one) => `${one}:not(form *)`)
  .join(", ");
const STEPS: Readonly<Record<string, [rows: number, controls: number]>> = {
  ArrowDown: [1, 0],
  ArrowUp: [-1, 0],
  ArrowRight: [0, 1],
  ArrowLeft: [0, -1],
};

/**
 * Makes a list one stop of the Tab key, as `useOneTabStop` says.
 *
 * @returns ends it
 */
export function keepOneTabStop(root: Reachable, rows: string, controls = CONTROLS): () => void {
  const { activeElement } = document;
  let stop: Reachable | null = isReachable(activeElement, controls) ? activeElement : null;
  const settle = () => {
    const all = [...root.querySelectorAll<Reachable>(controls)];
    if (!stop || !root.contains(stop)) stop = all[0] ?? null;
    for (const control of all) {
      const index = control === stop ? 0 : -1;
      if (control.tabIndex !== index) control.tabIndex = index;
    }
  };
  const onFocus = ({ target }: Event) => {
    if (!isReachable(target, controls)) return;
    stop = target;
    settle();
  };
  const onKeyDown = (event: Event) => {
    if (!(event instanceof KeyboardEvent)) return;
    const from = event.target;
    if (!isReachable(from, controls)) return;
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const next = nextControl(root, { rows, controls }, from, event.key);
    if (!next) return;
    event.preventDefault();
    next.focus();
  };
  // Rows come and go while one scrolls, ticks and types.
  const watch = new MutationObserver(settle);
  watch.observe(root, { childList: true, subtree: true });
  root.addEventListener("focusin", onFocus);
  root.addEventListener("keydown", onKeyDown);
  settle();
  return () => {
    watch.disconnect();
    root.removeEventListener("focusin", onFocus);
    root.removeEventListener("keydown", onKeyDown);
  };
}

/** Rows of a chart are drawn, those of a table written. */
export type Reachable = HTMLElement | SVGElement;

function isReachable(target: EventTarget | null, controls: string): target is Reachable {
  const canBe = target instanceof HTMLElement || target instanceof SVGElement;
  return canBe && target.matches(controls);
}

function nextControl(
  root: Reachable,
  selectors: { rows: string; controls: string },
  from: Reachable,
  key: string,
): Reachable | null {
  const rows = [...root.querySelectorAll<Reachable>(selectors.rows)]
    .map((row) => [...row.querySelectorAll<Reachable>(selectors.controls)])
    .filter((controls) => controls.length > 0);
  const at = rows.findIndex((controls) => controls.includes(from));
  const column = rows[at]?.indexOf(from) ?? -1;
  if (at < 0) return null;
  if (key === "Home") return rows[0]?.[0] ?? null;
  if (key === "End") return rows.at(-1)?.[0] ?? null;
  const [down, right] = STEPS[key] ?? [0, 0];
  if (right !== 0) return rows[at]?.[column + right] ?? null;
  if (down === 0) return null;
  const beside = rows[at + down];
  return beside?.[Math.min(column, beside.length - 1)] ?? null;
}
