import type { StandingPlants } from "@/core/plantings";
import type { Across } from "@/core/layout";
import { namePlaces } from "./namePlaces";

const standing = (id: string, name: string, fromM: number, lengthM: number, across?: Across) =>
  ({
    planting: { id, fromM, lengthM, across: across ?? { kind: "whole" } },
    growing: { crop: { name } },
  }) as unknown as StandingPlants;
const bed = { widthM: 0.8 };

test("a name stands in the middle of its ground, whole, cut, or not at all by the room there is", () => {
  const plants = [standing("a", "Claytonia", 0, 2), standing("b", "Pak choi", 2, 1)];
  const at = (pxPerM: number) => namePlaces(plants, bed, pxPerM, 10);
  // Ten letters' room for nine letters.
  expect(at(30)).toEqual([
    { id: "a", words: "Claytonia", alongM: 1, acrossM: 0.4 },
    { id: "b", words: "Pak", alongM: 2.5, acrossM: 0.4 },
  ]);
  expect(at(15).map(({ words }) => words)).toEqual(["Clay…"]);
  expect(at(5)).toEqual([]);
});

test("those beside each other are named one after the other, each over its own strip", () => {
  const plants = [
    standing("middle", "Tomato", 0, 4, { kind: "strip", fromM: 0.25, widthM: 0.3 }),
    standing("sides", "Broccoli", 0, 4, { kind: "sides", widthM: 0.25 }),
  ];
  expect(namePlaces(plants, bed, 40, 10)).toEqual([
    { id: "middle", words: "Tomato", alongM: 1, acrossM: 0.4 },
    { id: "sides", words: "Broccoli", alongM: 3, acrossM: 0.125 },
  ]);
});
