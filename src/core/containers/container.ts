import containersJson from "@data/containers.json";
import { isoDate, type DayNumber } from "../calendar";
import { SAME_LENGTH_M } from "../layout";
import type { Container, StandsAt } from "./containerSchema";

const { soil: SOIL } = containersJson;
const LITRES_PER_M3 = 1000;
const SECONDS_PER_HOUR = 3600;

/** A row of containers as a bed keeps it. */
export interface ContainerRow {
  lengthM: number;
  widthM: number;
  container: Container;
}

/** How many stand in the row. */
export function containerCount({
  lengthM,
  container,
}: Pick<ContainerRow, "lengthM" | "container">) {
  return Math.max(1, Math.round(lengthM / container.eachM));
}

/** What keeps a row from being one: its sides must come out in whole containers; null when nothing does. */
export function rowProblem({ lengthM, widthM, container }: ContainerRow) {
  const { eachM, outline } = container;
  const whole = Math.abs(containerCount({ lengthM, container }) * eachM - lengthM);
  if (whole > SAME_LENGTH_M) return "notWhole" as const;
  return outline === "round" && Math.abs(widthM - eachM) > SAME_LENGTH_M
    ? ("notRound" as const)
    : null;
}

/** Ground of one of them, m². */
function eachM2({ widthM, container }: ContainerRow): number {
  return container.outline === "round" ? Math.PI * (widthM / 2) ** 2 : container.eachM * widthM;
}

/** Soil in each when it is full, litres. */
export function litresOfEach(row: ContainerRow): number {
  return eachM2(row) * row.container.depthM * LITRES_PER_M3;
}

/**
 * The diameter at which a round container of a depth holds so many litres; kept to the millimetre, m.
 *
 * @example diameterFor(10, 0.25) // 0.226
 */
export function diameterFor(litres: number, depthM: number): number {
  return Math.round(2 * Math.sqrt(litres / LITRES_PER_M3 / depthM / Math.PI) * 1000) / 1000;
}

/**
 * How long the soil of a container takes to follow the air, hours: its heat over what its sides and its
 * top exchange. The ground takes weeks; a pot a few hours, so that it is as cold as the air.
 *
 * @source lumped capacitance, as in Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, ch. 5
 */
export function lagHours(row: ContainerRow): number {
  const { container, widthM } = row;
  const topM2 = eachM2(row);
  const aroundM = container.outline === "round" ? Math.PI * widthM : 2 * (container.eachM + widthM);
  const openM2 = topM2 + aroundM * container.depthM;
  const heatJPerK = topM2 * container.depthM * SOIL.heatMJPerM3K * 1e6;
  return heatJPerK / (openM2 * SOIL.exchangeWPerM2K) / SECONDS_PER_HOUR;
}

/** Where containers stand on a day; before the first of their stays, where that was. */
export function standsAtOn({ stays }: Pick<Container, "stays">, day: DayNumber): StandsAt {
  const on = isoDate(day);
  return (stays.findLast(({ from }) => from <= on) ?? stays[0] ?? OUTDOORS).at;
}

const OUTDOORS = { from: "", at: { kind: "outdoors" } as const };

/** The stays with a move on a day; what was said of that day goes. */
export function withMove(container: Container, from: string, at: StandsAt): Container {
  const others = container.stays.filter((stay) => stay.from !== from);
  const stays = [...others, { from, at }].sort((a, b) => (a.from < b.from ? -1 : 1));
  return { ...container, stays };
}

/** Whether a place is indoors, where no weather comes. */
export function isIndoors({ kind }: Pick<StandsAt, "kind">): boolean {
  return kind === "window" || kind === "bench" || kind === "room";
}
