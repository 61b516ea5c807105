import { FOOD_GROUPS } from "../food";
import type { FillProblem, Lot } from "./fillProblem";

/** A metre of bed costs so much as unmet kilograms, an hour so much: between equals the smaller wins. */
const METRE_COSTS_KG = 1e-4;
const HOUR_COSTS_KG = 1e-3;
/** What is planned makes way only for more than so much. */
const PLANNED_IS_WORTH_KG = 0.2;
/** In so many significant digits numbers are written. */
const DIGITS = 10;

/** A mixed-integer programme as text in the LP format, and how its answer is read. */
export interface FillModel {
  text: string;
  /** Names of what is decided first, by candidate, and their values for given lengths: a start for the search. */
  startOf(lengths: readonly number[]): Map<string, number>;
  /** The name of each candidate's length. */
  lengthOf(candidate: number): string;
}

/**
 * The problem as a mixed-integer programme: how long each candidate is (not at all, or at least its
 * least length), what is eaten of what in which week, and what stays unmet, which is to be least. What
 * is shared, what keeps apart, hours and kinds of crops are its limits.
 */
export function fillModel(problem: FillProblem): FillModel {
  const objective: string[] = [];
  const rows: string[] = [];
  const bounds: string[] = [];
  const whole: string[] = [];
  const eatenIn = new Map<string, string[]>();
  let eaten = 0;
  /** What can be eaten of a lot, and how that hangs on what there is of it. */
  const eat = ({ group, worth }: Lot, ofWhat: string) => {
    const parts: string[] = [];
    worth.forEach((value, week) => {
      if (value <= 0 || (problem.needKg[group][week] ?? 0) <= 0) return;
      const name = `e${(eaten += 1)}`;
      parts.push(`${digits(1 / value)} ${name}`);
      const at = `${group} ${week}`;
      eatenIn.set(at, [...(eatenIn.get(at) ?? []), name]);
    });
    if (parts.length > 0) rows.push(`${sum(parts)} ${ofWhat}`);
  };
  for (const source of merged(problem.sources)) eat(source, `<= ${digits(source.units)}`);
  const hours: string[] = [];
  const kinds = new Map<string, string>();
  problem.candidates.forEach((one, index) => {
    const [length, taken] = [`l${index}`, `y${index}`];
    whole.push(taken);
    bounds.push(`0 <= ${length} <= ${digits(one.mostM)}`);
    rows.push(`${length} - ${digits(one.mostM)} ${taken} <= 0`);
    rows.push(`${length} - ${digits(one.leastM)} ${taken} >= 0`);
    objective.push(`${digits(METRE_COSTS_KG + HOUR_COSTS_KG * one.hoursPerM)} ${length}`);
    objective.push(`${digits(HOUR_COSTS_KG * one.hoursEach + 1e-6)} ${taken}`);
    if (one.isPlanned) {
      objective.push(`${digits(PLANNED_IS_WORTH_KG)} n${index}`);
      rows.push(`n${index} + ${taken} >= 1`);
    }
    // What is planned has its hours already.
    if (!one.isPlanned) {
      hours.push(`${digits(one.hoursEach)} ${taken}`, `${digits(one.hoursPerM)} ${length}`);
    }
    for (const lot of one.lots) eat(lot, `- ${digits(lot.units)} ${length} <= 0`);
    if (one.cropId === null || one.isPlanned) return;
    const kind = kinds.get(one.cropId) ?? `k${kinds.size}`;
    kinds.set(one.cropId, kind);
    if (problem.limits.kinds !== null) rows.push(`${taken} - ${kind} <= 0`);
  });
  for (const group of FOOD_GROUPS) {
    problem.needKg[group].forEach((kg, week) => {
      if (kg <= 0) return;
      const unmet = `u_${group}_${week}`;
      objective.push(unmet);
      rows.push(`${sum([...(eatenIn.get(`${group} ${week}`) ?? []), unmet])} = ${digits(kg)}`);
    });
  }
  for (const { uses, most } of problem.shared) {
    const terms = uses.map(({ candidate, perM }) => `${digits(perM)} l${candidate}`);
    rows.push(`${sum(terms)} <= ${digits(most)}`);
  }
  const integers: string[] = [];
  problem.apart.forEach(({ parts, beds, bedM }, at) => {
    const taking = parts.map((part, index) => {
      const name = `b${at}_${index}`;
      integers.push(name);
      rows.push(`${sum(part.map((one) => `l${one}`))} - ${digits(bedM)} ${name} <= 0`);
      bounds.push(`0 <= ${name} <= ${beds}`);
      return name;
    });
    rows.push(`${sum(taking)} <= ${beds}`);
  });
  if (problem.limits.hours !== null && hours.length > 0) {
    rows.push(`${sum(hours)} <= ${digits(problem.limits.hours)}`);
  }
  if (problem.limits.kinds !== null && kinds.size > 0) {
    rows.push(`${sum([...kinds.values()])} <= ${problem.limits.kinds}`);
    whole.push(...kinds.values());
  }
  const text = [
    "Minimize",
    ` obj: ${sum(objective)}`,
    "Subject To",
    ...rows.map((row, index) => ` r${index}: ${row}`),
    "Bounds",
    ...bounds.map((bound) => ` ${bound}`),
    ...(integers.length > 0 ? ["General", ...integers.map((name) => ` ${name}`)] : []),
    ...(whole.length > 0 ? ["Binary", ...whole.map((name) => ` ${name}`)] : []),
    "End",
    "",
  ].join("\n");
  return {
    text,
    startOf: (lengths) => {
      const start = new Map<string, number>([...kinds.values()].map((kind) => [kind, 0]));
      problem.candidates.forEach(({ cropId, isPlanned }, index) => {
        const isTaken = (lengths[index] ?? 0) > 0;
        start.set(`y${index}`, isTaken ? 1 : 0);
        const kind = isTaken && cropId !== null && !isPlanned ? kinds.get(cropId) : undefined;
        if (kind !== undefined && problem.limits.kinds !== null) start.set(kind, 1);
      });
      if (problem.limits.kinds === null) for (const kind of kinds.values()) start.delete(kind);
      return start;
    },
    lengthOf: (candidate) => `l${candidate}`,
  };
}

/** A sum, a term a line: readers of the format take lines of a limited length. */
function sum(terms: readonly string[]): string {
  return terms.join("\n  + ");
}

function digits(value: number): string {
  return String(Number(value.toPrecision(DIGITS)));
}

/** Lots that can be eaten in the same weeks and lose nothing are one: fewer unknowns, the same answer. */
function merged(lots: readonly Lot[]): Lot[] {
  const alike = new Map<string, Lot>();
  const found: Lot[] = [];
  for (const lot of lots) {
    const isPlain = lot.worth.every((worth) => worth === 0 || worth === 1);
    if (!isPlain) {
      found.push(lot);
      continue;
    }
    const key = `${lot.group} ${lot.worth.indexOf(1)} ${lot.worth.lastIndexOf(1)}`;
    const before = alike.get(key);
    if (before) before.units += lot.units;
    else alike.set(key, { ...lot });
  }
  return [...found, ...alike.values()];
}
