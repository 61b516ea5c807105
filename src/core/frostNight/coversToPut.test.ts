import fc from "fast-check";
import { dayNumber, isoDate } from "../calendar";
import { commands } from "../commands";
import type { Bed, Garden } from "../garden";
import { tarnholt, tarnholtSite as site } from "../plantings/tarnholt.testdata";
import type { CoverPiece } from "../shelter";
import { coversToPut } from "./coversToPut";
import { standingCovers } from "./standingCovers";
import { tonight } from "./tonight";
import { inEnglish } from "@/words/told.testdata";

const cover = (id: string, some: Partial<CoverPiece> = {}): CoverPiece => ({
  id,
  kind: "cover",
  materialId: "row-cover-heavy",
  lengthM: 9,
  widthM: 2.1,
  condition: "good",
  firstYear: null,
  bedId: null,
  ...some,
});
const withPieces = (...pieces: CoverPiece[]): Garden => ({
  ...tarnholt,
  pieces: new Map(pieces.map((piece) => [piece.id, piece])),
});
const freeze = (minTempC: number) =>
  [0, 1, 2].map((after) => ({
    date: isoDate(dayNumber("2026-10-10") + after),
    minTempC,
    maxTempC: minTempC + 9,
    spreadC: 1,
    precipitationMm: 0,
    cloudShare: 0,
    windMps: 1,
  }));
const nightOf = (garden: Garden, minTempC = -8) =>
  tonight(site, garden, dayNumber("2026-10-10"), freeze(minTempC));

test("two covers for many beds go where they save most, and what they save is what is not lost", () => {
  const { put, nights } = nightOf(withPieces(cover("a"), cover("b")));
  expect(put).toHaveLength(2);
  // No other pair of beds would save more: each bed's saving alone, with one cover to give.
  const alone = [...tarnholt.beds.values()].map((bed) => {
    const only = { ...tarnholt, pieces: new Map([["a", cover("a")]]) };
    const others = new Map([...tarnholt.plantings].filter(([, one]) => one.bedId === bed.id));
    return nightOf({ ...only, plantings: others }).put[0]?.savesKg ?? 0;
  });
  const best = alone.sort((a, b) => b - a).slice(0, 2);
  expect(put.map(({ savesKg }) => savesKg)).toEqual([
    expect.closeTo(best[0] ?? NaN, 6),
    expect.closeTo(best[1] ?? NaN, 6),
  ]);
  const covered = new Set(put.map(({ bed }) => bed.id));
  for (const { bed, cover: given, isShort } of nights) {
    if (!covered.has(bed.id)) expect(given).toBeNull();
    if (covered.has(bed.id)) expect(isShort).toBe(false);
  }
  expect(nights.some(({ isShort }) => isShort)).toBe(true);
});

test("put on, a cover is felt; what nobody wants to eat gets none", () => {
  const garden = withPieces(cover("a"));
  const [put] = nightOf(garden).put;
  if (!put) throw new Error("a cover is put");
  const outcome = commands["piece.lay"].apply(garden, {
    pieces: [{ id: "a", bedId: put.bed.id }],
  });
  if (!outcome.ok) throw new Error(outcome.refusal.code);
  const before = nightOf(garden).nights.find(({ bed }) => bed.id === put.bed.id);
  const after = nightOf(outcome.garden).nights.find(({ bed }) => bed.id === put.bed.id);
  expect(after?.cropMinC).toBeGreaterThan((before?.cropMinC ?? NaN) + 1);
  expect(standingCovers(outcome.garden, put.bed).besides.map(({ id }) => id)).toEqual(["a"]);
  const worthless = new Map(
    [...garden.plantings].map(([id, one]) => [id, { ...one, worth: "none" as const }]),
  );
  expect(nightOf({ ...garden, plantings: worthless }).put).toEqual([]);
});

test("worn and torn covers save less; half a length saves its part; narrow ones stay in the shed", () => {
  const saved = (some: Partial<CoverPiece>) =>
    nightOf(withPieces(cover("a", some))).put[0]?.savesKg ?? 0;
  expect(saved({ condition: "worn" })).toBeLessThan(saved({}));
  expect(saved({ condition: "torn" })).toBeLessThan(saved({ condition: "worn" }));
  expect(saved({ lengthM: 4 })).toBeLessThan(0.75 * saved({}));
  expect(saved({ widthM: 0.5 })).toBe(0);
});

test("film wants hoops: without enough it stays in, and the next best goes", () => {
  const film = [cover("film-a"), cover("film-b")].map((piece) => ({
    ...piece,
    materialId: "low-tunnel-film",
  }));
  const hoops = (count: number): Garden => {
    const garden = withPieces(...film);
    const pieces = new Map(garden.pieces);
    pieces.set("hoops", { id: "hoops", kind: "hoops", count, spanM: 0.9 });
    return { ...garden, pieces };
  };
  expect(nightOf(hoops(30)).put).toHaveLength(2);
  expect(nightOf(hoops(10)).put).toHaveLength(1);
  expect(nightOf(hoops(3)).put).toEqual([]);
});

test("no piece lies twice and no bed gets two, whatever the savings", () => {
  const beds = [...tarnholt.beds.values()].slice(0, 6);
  fc.assert(
    fc.property(
      fc.array(
        fc.array(fc.double({ min: 0, max: 9, noNaN: true }), { minLength: 6, maxLength: 6 }),
        {
          minLength: 1,
          maxLength: 5,
        },
      ),
      (saves) => {
        const garden = withPieces(...saves.map((_, index) => cover(`piece-${index}`)));
        const put = coversToPut(
          garden,
          beds.map((bed: Bed, column) => ({
            bed,
            savesKg: ({ id }) => saves[Number(id.slice(6))]?.[column] ?? 0,
          })),
        );
        expect(new Set(put.map(({ piece }) => piece.id)).size).toBe(put.length);
        expect(new Set(put.map(({ bed }) => bed.id)).size).toBe(put.length);
        for (const { savesKg } of put) expect(savesKg).toBeGreaterThan(0);
      },
    ),
    { numRuns: 60 },
  );
});

test("a rigid light wider than its bed is refused in plain words, and so is cloth too narrow", () => {
  const frame = cover("light", { materialId: "cold-frame-twinwall", widthM: 1.4, lengthM: 1.4 });
  const narrow = cover("cloth", { widthM: 0.9 });
  const garden = withPieces(frame, narrow);
  const lay = (id: string) =>
    commands["piece.lay"].apply(garden, { pieces: [{ id, bedId: "bed-1" }] });
  expect(inEnglish(lay("light"))).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/1\.4 m wide and Bed 1 0\.8 m.*would block the path/),
  });
  expect(inEnglish(lay("cloth"))).toMatchObject({
    ok: false,
    refusal: expect.stringMatching(/0\.9 m wide; Bed 1 needs at least 1\.2 m/),
  });
});
