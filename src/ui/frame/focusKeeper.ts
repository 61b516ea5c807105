/** Where the focus was: the element's way up to the body, each with its place among its siblings. */
interface Place {
  /** What its label begins with: "Done" of "Done: water bed 3". */
  deed: string;
  way: { parent: Element; index: number }[];
}

const FOCUSABLE =
  'button:not([disabled]), a[href], input:not([disabled]), select, textarea, [tabindex="0"]';
const MODAL = '[role="dialog"], [role="menu"], [role="listbox"], [role="presentation"]';

/**
 * Keeps the focus from falling to the page's body when what has it goes away: a task that is ticked,
 * a dialog that closes after its opener has gone. It goes to what stands in its place, as near and as
 * like it as can be, so that keys and screen readers go on from there.
 *
 * @returns ends it
 */
export function keepFocus(): () => void {
  let last: Place | null = null;
  const remember = ({ target }: FocusEvent) => {
    if (!(target instanceof Element) || target === document.body) return;
    // What has the focus in a dialog goes with it: the way back is where it was opened from.
    if (target.closest(MODAL)) return;
    last = placeOf(target);
  };
  let waiting = false;
  const look = () => {
    if (waiting || !last || !isLost()) return;
    waiting = true;
    // A dialog gives the focus back by itself, and a list may be drawn in two steps.
    setTimeout(() => {
      waiting = false;
      if (last && isLost() && !document.querySelector('[aria-modal="true"]')) focusNear(last);
    }, SETTLES_MS);
  };
  const observer = new MutationObserver(look);
  observer.observe(document.body, { childList: true, subtree: true });
  document.addEventListener("focusin", remember);
  return () => {
    observer.disconnect();
    document.removeEventListener("focusin", remember);
  };
}

const SETTLES_MS = 60;

function isLost(): boolean {
  const { activeElement } = document;
  return activeElement === null || activeElement === document.body;
}

function placeOf(element: Element): Place {
  const way: Place["way"] = [];
  for (let at = element; at.parentElement && at !== document.body; at = at.parentElement) {
    way.push({ parent: at.parentElement, index: [...at.parentElement.children].indexOf(at) });
  }
  return { deed: deedOf(element), way };
}

function deedOf(element: Element): string {
  return (element.getAttribute("aria-label") ?? element.textContent ?? "").split(":")[0] ?? "";
}

function focusNear({ deed, way }: Place): void {
  for (const { parent, index } of way) {
    if (!parent.isConnected) continue;
    // What has moved up into its place, then what stands before it.
    const children = [...parent.children];
    const inOrder = [...children.slice(index), ...children.slice(0, index).reverse()];
    const found = inOrder.flatMap(focusableIn);
    const target = found.find((one) => deedOf(one) === deed) ?? found[0];
    if (target) return target.focus({ preventScroll: false });
  }
}

function focusableIn(element: Element): HTMLElement[] {
  const all = element.matches(FOCUSABLE)
    ? [element, ...element.querySelectorAll(FOCUSABLE)]
    : [...element.querySelectorAll(FOCUSABLE)];
  return all.filter(
    (one): one is HTMLElement =>
      one instanceof HTMLElement && one.checkVisibility() && !isWrittenInto(one),
  );
}

/** On a phone the keyboard would jump up over what was just done. */
function isWrittenInto(element: HTMLElement): boolean {
  return (
    window.matchMedia("(pointer: coarse)").matches &&
    ["INPUT", "TEXTAREA"].includes(element.tagName)
  );
}
