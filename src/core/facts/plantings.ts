import type { Nothing } from "./told";

/** What the room of plantings has to say, and about what. */
export interface PlantingsFacts {
  "plantings.inARow": Nothing;
  "plantings.cells": { number: string; number2: string; seed: string };
  "plantings.plants": { plantsPerStation: number };
  "plantings.spacingEffect": {
    plants: number;
    plantWeight: number;
    lightPerPlant: number;
    yieldShare: number;
  };
  "plantings.rowsSum": { widthCm: number; rowCm: number; rows: number };
  "plantings.inARowSum": {
    station: "cluster" | "place" | "plant";
    lengthCm: number;
    stationCm: number;
    stationsPerRow: number;
  };
  "plantings.eachSum": {
    isEdge: boolean;
    station: "cluster" | "place" | "plant";
    stationCm: number;
    stations: number;
  };
  "plantings.piecesSum": {
    pieces: number;
    stations: number;
    plantsPerStation: number;
    plants: number;
  };
  "plantings.staggeredSum": {
    rows: number;
    stations: number;
    station: "cluster" | "place" | "plant";
    plantsPerStation: number;
    plants: number;
  };
  "plantings.plantsSum": {
    rows: number;
    stationsPerRow: number;
    plantsPerStation: number;
    plants: number;
  };
  "plantings.seedSum": { plants: number; share: number; seeds: number; startedFrom: string };
  "plantings.cellsSum": { plants: number; cells: number };
  "plantings.cellSeedSum": {
    cells: number;
    seedsPerCell: number;
    seeds: number;
    startedFrom: string;
  };
  "plantings.piecesWeightSum": {
    seeds: number;
    startedFrom: string;
    pieceGrams: number;
    grams: number;
    bulbs: number | null;
    perBulb: number | null;
  };
  "plantings.seedWeightSum": { seeds: number; startedFrom: string; perGram: number; grams: number };
  "plantings.seed": { seeds: number; startedFrom: string };
}
