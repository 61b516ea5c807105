import { fact, type Fact } from "../facts";
import { exactM, SAME_LENGTH_M, type Part } from "../layout";
import { containerCount, type ContainerRow } from "./container";

/** Why a part of a row cannot be planted so: it is whole containers, filled or around the rim; null when it can. */
export function plantedProblem(
  { fromM, lengthM, across }: Part,
  { name, container, ...row }: ContainerRow & { name: string },
): Fact | null {
  const { eachM } = container;
  const isWhole = (m: number) => Math.abs(Math.round(m / eachM) * eachM - m) <= SAME_LENGTH_M;
  if (!isWhole(fromM) || !isWhole(lengthM) || lengthM < eachM / 2) {
    const count = containerCount({ lengthM: row.lengthM, container });
    return fact("containers.plantWholeContainers", { name, eachM, count });
  }
  if (across.kind === "whole") return null;
  if (across.kind !== "edge") return fact("containers.notAcross", { name });
  const { widthM } = row;
  return across.insetM < Math.min(widthM, eachM) / 2
    ? null
    : fact("layout.acrossProblem", { problem: "edgeMeetsItself", bed: name, widthM });
}

/** A part of a row as whole containers: as many as it reaches into, at most to the row's end. */
export function inWholeContainers(
  { fromM, lengthM }: Pick<Part, "fromM" | "lengthM">,
  { lengthM: rowM, container: { eachM } }: Pick<ContainerRow, "lengthM" | "container">,
): Pick<Part, "fromM" | "lengthM"> {
  const first = Math.floor((fromM + SAME_LENGTH_M) / eachM);
  const most = Math.round(rowM / eachM) - first;
  const count = Math.min(most, Math.ceil((lengthM - SAME_LENGTH_M) / eachM));
  return { fromM: exactM(first * eachM), lengthM: exactM(Math.max(1, count) * eachM) };
}
