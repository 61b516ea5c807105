import { byFoodGroup, type FoodGroup } from "../food";
import { dishOf, eatDishes, type Dish } from "../supply";
import type { Candidate, FillProblem, Lot } from "./fillProblem";

/** Less is not worth taking another, kg. */
const LEAST_KG = 0.02;
const NOTHING = 1e-9;

/**
 * A plan by taking again and again the candidate that closes most of what is still unmet, as long as
 * there is room for it: how a grower would go about it, quick, and a start for the search for better.
 *
 * @returns the length of each candidate, m
 */
export function greedyFill(problem: FillProblem): number[] {
  const { candidates, needKg, limits } = problem;
  const lengths = candidates.map(() => 0);
  const dishes = byFoodGroup((): Dish[] => []);
  for (const lot of problem.sources) add(dishes, lot, 1);
  const unmet = byFoodGroup((group) => unmetOf(dishes[group], needKg[group]));
  const roomFor = roomsOf(problem, lengths);
  const kinds = new Set<string>();
  let hoursLeft = limits.hours ?? Infinity;
  const take = (index: number, lengthM: number) => {
    const one = candidates[index];
    if (!one) return;
    lengths[index] = lengthM;
    for (const lot of one.lots) add(dishes, lot, lengthM);
    for (const group of groupsOf(one)) unmet[group] = unmetOf(dishes[group], needKg[group]);
    if (one.isPlanned) return;
    if (one.cropId !== null) kinds.add(one.cropId);
    hoursLeft -= one.hoursEach + one.hoursPerM * lengthM;
  };
  candidates.forEach((one, index) => {
    if (one.isPlanned) take(index, one.mostM);
  });
  /** As long as it can still be, m; 0 where there is no room for the least of it. */
  const longestM = (index: number): number => {
    const one = candidates[index];
    if (!one || (lengths[index] ?? 0) > 0) return 0;
    const isNewKind = one.cropId !== null && !kinds.has(one.cropId);
    if (isNewKind && limits.kinds !== null && kinds.size >= limits.kinds) return 0;
    const byHours = one.hoursPerM > 0 ? (hoursLeft - one.hoursEach) / one.hoursPerM : Infinity;
    const most = Math.min(one.mostM, roomFor(index), hoursLeft === Infinity ? Infinity : byHours);
    return most < one.leastM - NOTHING ? 0 : most;
  };
  const gainOf = (index: number): number => {
    const one = candidates[index];
    const lengthM = longestM(index);
    if (!one || lengthM <= 0 || one.lots.length === 0) return 0;
    return groupsOf(one).reduce((sum, group) => {
      const more = byFoodGroup((): Dish[] => []);
      for (const lot of one.lots) if (lot.group === group) add(more, lot, lengthM);
      return sum + unmet[group] - unmetOf([...dishes[group], ...more[group]], needKg[group]);
    }, 0);
  };
  // Gains only shrink as others are taken: who leads with a fresh number leads for good.
  let open = candidates
    .map((_, index) => ({ index, gain: gainOf(index) }))
    .filter(({ gain }) => gain > LEAST_KG);
  while (open.length > 0) {
    open.sort((a, b) => b.gain - a.gain);
    const [first, second] = open;
    if (!first) break;
    const gain = gainOf(first.index);
    if (gain >= (second?.gain ?? 0) - NOTHING && gain > LEAST_KG) {
      take(first.index, longestM(first.index));
      open = open.slice(1);
    } else if (gain > LEAST_KG) first.gain = gain;
    else open = open.slice(1);
  }
  return lengths;
}

/** How much of what is shared is left for a candidate, as a length of it, m. */
function roomsOf({ candidates, shared, apart }: FillProblem, lengths: readonly number[]) {
  const uses = candidates.map((): { most: number; at: number; perM: number }[] => []);
  shared.forEach(({ uses: of, most }, at) => {
    for (const { candidate, perM } of of) uses[candidate]?.push({ most, at, perM });
  });
  const lengthOf = (part: readonly number[]) =>
    part.reduce((sum, index) => sum + (lengths[index] ?? 0), 0);
  return (index: number): number => {
    return Math.min(
      ...apart.flatMap(({ parts, beds, bedM }) => {
        const own = parts.find((part) => part.includes(index));
        if (!own) return [];
        const others = parts.filter((part) => part !== own);
        const taken = others.reduce(
          (sum, part) => sum + Math.ceil(lengthOf(part) / bedM - 1e-9),
          0,
        );
        return [(beds - taken) * bedM - lengthOf(own)];
      }),
      ...(uses[index] ?? []).map(({ most, at, perM }) => {
        if (perM <= 0) return Infinity;
        const taken = (shared[at]?.uses ?? []).reduce(
          (sum, use) => sum + use.perM * (lengths[use.candidate] ?? 0),
          0,
        );
        return (most - taken) / perM;
      }),
      Infinity,
    );
  };
}

function groupsOf({ lots }: Candidate): FoodGroup[] {
  return [...new Set(lots.map(({ group }) => group))];
}

function add(dishes: Record<FoodGroup, Dish[]>, { group, units, worth }: Lot, times: number) {
  const dish = dishOf({ units: units * times, worth });
  if (dish) dishes[group].push(dish);
}

/** What stays unmet of one group when what is over first is eaten first, kg. */
function unmetOf(dishes: readonly Dish[], needKg: Float64Array): number {
  const left = dishes.map((dish) => ({ ...dish }));
  return eatDishes(left, needKg).reduce((sum, kg) => sum + kg, 0);
}
