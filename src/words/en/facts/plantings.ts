import type { PlantingsFacts } from "@/core/facts";
import { learn } from "../../sentences";
import { pieces } from "../../pieces";

const STATIONS = { cluster: "clusters", place: "places", plant: "plants" };

function times(plantsPerStation: number): string {
  return plantsPerStation > 1 ? ` × ${plantsPerStation} plants` : "";
}

export const plantings = learn<PlantingsFacts>({
  "plantings.inARow": "In a row",
  "plantings.cells": ({ number, number2, seed }) => `${number} cells × ${number2} = ${seed}`,
  "plantings.plants": ({ plantsPerStation }) => ` × ${plantsPerStation} plants`,
  "plantings.spacingEffect": ({ plants, plantWeight, lightPerPlant, yieldShare }, say) => {
    const more = (share: number, up: string, down: string) =>
      `${say.number(Math.abs(share - 1) * 100)} % ${share >= 1 ? up : down}`;
    return `${more(plants, "more plants", "fewer plants")}, each about ${more(plantWeight, "heavier", "lighter")} and with ${more(lightPerPlant, "more light", "less light")}; the area yields about ${more(yieldShare, "more", "less")}.`;
  },
  "plantings.rowsSum": ({ widthCm, rowCm, rows }, say) =>
    `${say.distanceCm(widthCm)} of width, a row every ${say.distanceCm(rowCm)}: ${say.number(rows)}`,
  "plantings.inARowSum": ({ station, lengthCm, stationCm, stationsPerRow }, say) =>
    `${say.distanceCm(lengthCm)} ÷ ${say.distanceCm(stationCm)} = ${say.number(stationsPerRow)} ${STATIONS[station]}`,
  "plantings.eachSum": ({ isEdge, station, stationCm, stations }, say) =>
    `${isEdge ? "around the edge" : "all over it"}, ${say.distanceCm(stationCm)} apart: ${say.number(stations)} ${STATIONS[station]}`,
  "plantings.piecesSum": ({ pieces, stations, plantsPerStation, plants }, say) =>
    `${say.number(pieces)} × ${say.number(stations)}${times(plantsPerStation)} = ${say.number(plants)}`,
  "plantings.staggeredSum": ({ rows, stations, station, plantsPerStation, plants }, say) =>
    `${say.number(rows)} staggered rows: ${say.number(stations)} ${STATIONS[station]}${times(plantsPerStation)} = ${say.number(plants)}`,
  "plantings.plantsSum": ({ rows, stationsPerRow, plantsPerStation, plants }, say) =>
    `${say.number(rows)} × ${say.number(stationsPerRow)}${times(plantsPerStation)} = ${say.number(plants)}`,
  "plantings.seedSum": ({ plants, share, seeds, startedFrom }, say) =>
    `${say.number(plants)} ÷ ${say.number(share * 100)} % field emergence = ${pieces(seeds, startedFrom, say)}`,
  "plantings.cellsSum": ({ plants, cells }, say) =>
    `${say.number(plants)} plants with losses: ${say.number(cells)} cells`,
  "plantings.cellSeedSum": ({ cells, seedsPerCell, seeds, startedFrom }, say) =>
    `${say.number(cells)} cells × ${say.number(seedsPerCell)} = ${pieces(seeds, startedFrom, say)}`,
  "plantings.piecesWeightSum": ({ seeds, startedFrom, pieceGrams, grams, bulbs, perBulb }, say) =>
    `${pieces(seeds, startedFrom, say)} × ${say.weightG(pieceGrams)} = ${say.weightG(grams)}${bulbs === null ? "" : `, about ${say.number(bulbs)} bulbs of ${perBulb}`}`,
  "plantings.seedWeightSum": ({ seeds, startedFrom, perGram, grams }, say) =>
    `${pieces(seeds, startedFrom, say)} ÷ ${say.number(perGram)} per gram = ${say.weightG(grams)}`,
  "plantings.seed": ({ seeds, startedFrom }, say) => pieces(seeds, startedFrom, say),
});
