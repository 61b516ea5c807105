/** @jest-environment jsdom */
import { fireEvent, render, screen } from "@testing-library/react";
import { timeScale } from "@/ui/chart";
import { dropPending } from "@/ui/inputs";
import { useKnot } from "./useKnot";
import type { StrandItem } from "./useStrands";

/** Pointers are missing in jsdom: a mouse event with an id is all that is looked at. */
class Pointer extends MouseEvent {
  readonly pointerId: number;
  readonly pointerType = "mouse";
  constructor(type: string, init: PointerEventInit) {
    super(type, { bubbles: true, ...init });
    this.pointerId = init.pointerId ?? 0;
  }
}
window.PointerEvent ??= Pointer as unknown as typeof PointerEvent;

const SOWN = 20_700;
const item = { id: "spinach", timeline: { sowDay: SOWN } } as StrandItem;
/** Two pixels a day. */
const x = timeScale(SOWN, SOWN + 100, 0, 200);

function shown() {
  const told = { preview: [] as (number | null)[], moved: [] as number[], selected: 0 };
  function Knot() {
    const { handlers } = useKnot({
      item,
      x,
      onSelect: () => (told.selected += 1),
      onTap: () => (told.selected += 1),
      onPreview: (_id, sowDay) => told.preview.push(sowDay),
      onMove: (_id, sowDay) => told.moved.push(sowDay),
    });
    return <div role="slider" tabIndex={0} aria-valuenow={0} {...handlers} />;
  }
  render(<Knot />);
  const knot = screen.getByRole("slider");
  knot.setPointerCapture = () => undefined;
  return { knot, told };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const pointer = (clientX: number) => ({ pointerId: 1, button: 0, clientX, clientY: 0 });

test("a drag shows every day it comes to and moves the sowing once, when it is let go", () => {
  const { knot, told } = shown();
  fireEvent.pointerDown(knot, pointer(0));
  fireEvent.pointerMove(knot, pointer(1));
  expect(told.preview).toEqual([]);
  fireEvent.pointerMove(knot, pointer(20));
  fireEvent.pointerMove(knot, pointer(-14));
  expect(told.preview).toEqual([SOWN + 10, SOWN - 7]);
  expect(told.moved).toEqual([]);
  fireEvent.pointerUp(knot, pointer(-14));
  expect(told.moved).toEqual([SOWN - 7]);
});

test("a mere press moves nothing, and what the system takes away is as it was", () => {
  const { knot, told } = shown();
  fireEvent.pointerDown(knot, pointer(0));
  fireEvent.pointerUp(knot, pointer(2));
  fireEvent.pointerDown(knot, pointer(0));
  fireEvent.pointerMove(knot, pointer(40));
  fireEvent.pointerCancel(knot, pointer(40));
  expect(told.moved).toEqual([]);
  expect(told.preview.at(-1)).toBeNull();
});

test("keys are gathered into one move after a rest; Escape and undo drop them", () => {
  const { knot, told } = shown();
  for (const key of ["ArrowRight", "ArrowRight", "PageUp", "ArrowLeft"])
    fireEvent.keyDown(knot, { key });
  expect(told.preview).toEqual([SOWN + 1, SOWN + 2, SOWN + 9, SOWN + 8]);
  expect(told.moved).toEqual([]);
  jest.runAllTimers();
  expect(told.moved).toEqual([SOWN + 8]);
  fireEvent.keyDown(knot, { key: "ArrowLeft" });
  fireEvent.keyDown(knot, { key: "Escape" });
  fireEvent.keyDown(knot, { key: "ArrowLeft" });
  expect(dropPending()).toBe(true);
  jest.runAllTimers();
  expect(told.moved).toEqual([SOWN + 8]);
  expect(told.preview.at(-1)).toBeNull();
});

test("leaving the knot keeps what was moved by keys at once", () => {
  const { knot, told } = shown();
  fireEvent.keyDown(knot, { key: "PageDown" });
  fireEvent.blur(knot);
  expect(told.moved).toEqual([SOWN - 7]);
  jest.runAllTimers();
  expect(told.moved).toEqual([SOWN - 7]);
});
