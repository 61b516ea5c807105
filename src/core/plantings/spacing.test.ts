import fc from "fast-check";
import { cropLibrary } from "../crops";
import { exactM } from "../layout";
import { crop, stand } from "./stand.testdata";
import { amountsFor, bookSpacing, usualYieldKg } from "./spacing";

describe("beds and distances in feet and inches", () => {
  const CM = 2.54;
  /** Lengths in inches, as a garden keeps them. */
  const inInches = (length: number, width: number, row: number, inRow: number, together = 1) =>
    stand({
      lengthM: exactM((length * CM) / 100),
      widthM: exactM((width * CM) / 100),
      rowCm: row * CM,
      inRowCm: inRow * CM,
      plantsPerStation: together,
    });
  const plants = (...of: Parameters<typeof inInches>) =>
    amountsFor(inInches(...of), crop("kale"), "direct").plants;

  test("common beds at common spacings hold what growers count", () => {
    expect(plants(30 * 12, 36, 6, 6)).toBe(360);
    expect(plants(30 * 12, 36, 12, 6)).toBe(180);
    expect(plants(30 * 12, 36, 18, 12)).toBe(60);
    expect(plants(15 * 12, 4 * 12, 24, 12)).toBe(30);
    expect(plants(9 * 12, 4 * 12, 18, 18)).toBe(12);
    // 4 rows of 19 stations, four onions at each.
    const clusters = amountsFor(inInches(19 * 12, 48, 12, 12, 4), crop("onion"), "transplant");
    expect(clusters).toMatchObject({ rows: 4, stationsPerRow: 19, stations: 76, plants: 304 });
  });

  test("of every bed of 1–100 by 1–10 ft, in half inches, exactly the whole distances are counted", () => {
    const halves = (fewest: number, most: number) => fc.integer({ min: fewest, max: most });
    fc.assert(
      fc.property(
        halves(24, 2400),
        halves(24, 240),
        halves(2, 96),
        halves(2, 96),
        fc.integer({ min: 1, max: 6 }),
        (length, width, row, inRow, together) => {
          const whole =
            Math.max(1, Math.floor(width / row)) * Math.max(1, Math.floor(length / inRow));
          expect(plants(length / 2, width / 2, row / 2, inRow / 2, together)).toBe(
            whole * together,
          );
        },
      ),
    );
  });

  test("the same in centimetres", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 3000 }),
        fc.integer({ min: 30, max: 300 }),
        fc.integer({ min: 1, max: 120 }),
        fc.integer({ min: 1, max: 120 }),
        (length, width, rowCm, inRowCm) => {
          const made = stand({ lengthM: length / 100, widthM: width / 100, rowCm, inRowCm });
          expect(amountsFor(made, crop("kale"), "direct").plants).toBe(
            Math.max(1, Math.floor(width / rowCm)) * Math.max(1, Math.floor(length / inRowCm)),
          );
        },
      ),
    );
  });

  test("a grower who measures in inches is offered whole ones, or quarters where plants stand close", () => {
    for (const one of cropLibrary.values()) {
      for (const stage of ["full", "baby"] as const) {
        const { rowCm, inRowCm } = bookSpacing(one, stage, "imperial");
        const book = bookSpacing(one, stage, "metric");
        expect(Math.abs(rowCm - book.rowCm)).toBeLessThanOrEqual(1.27 + 1e-9);
        expect(Math.abs(inRowCm - book.inRowCm)).toBeLessThanOrEqual(1.27 + 1e-9);
        if (inRowCm > 1) expect((inRowCm / CM) * 4).toBeCloseTo(Math.round((inRowCm / CM) * 4), 9);
      }
    }
  });
});

describe("seeds in each hole", () => {
  test("three to a hole, thinned to one, are three for each station, whatever the losses", () => {
    const made = stand({ rowCm: 40, inRowCm: 20, seedsPerHole: 3 });
    const amounts = amountsFor(made, crop("beet"), "direct");
    // 80 / 40 = 2 rows of 800 / 20 = 40 holes.
    expect(amounts).toMatchObject({ stations: 80, plants: 80, seeds: 240 });
    const raised = amountsFor(made, crop("beet"), "transplant");
    expect(raised.seeds).toBe((raised.cells ?? 0) * 3);
  });
});

describe("what plants give", () => {
  const garlic = crop("garlic");
  const { rowCm, inRowCm } = bookSpacing(garlic, "full", "metric");
  const yieldOf = (some: Partial<Parameters<typeof stand>[0]>) =>
    usualYieldKg(stand({ rowCm, inRowCm, ...some }), garlic, "direct", "full");

  test("at the book's distances the library's yield for the area; no plants give nothing", () => {
    const full = stand({ rowCm, inRowCm, lengthM: inRowCm, widthM: rowCm / 10 });
    const areaM2 = (inRowCm * rowCm) / 10;
    expect(usualYieldKg(full, garlic, "direct", "full")).toBeCloseTo(
      garlic.harvest.yieldKgPerM2 * areaM2,
      6,
    );
    expect(yieldOf({ lengthM: 0 })).toBe(0);
  });

  test("a tenth of the bulbs on the same bed give far less, yet more for each", () => {
    const many = yieldOf({});
    const few = yieldOf({ inRowCm: inRowCm * 10 });
    expect(few).toBeLessThan(many * 0.4);
    expect(few).toBeGreaterThan(many / 10);
  });

  test("more plants on the same ground never give less", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 60, noNaN: true }),
        fc.double({ min: 2, max: 60, noNaN: true }),
        (a, b) => {
          const closer = yieldOf({ inRowCm: Math.min(a, b) });
          expect(closer).toBeGreaterThanOrEqual(yieldOf({ inRowCm: Math.max(a, b) }) - 1e-9);
        },
      ),
    );
  });
});
