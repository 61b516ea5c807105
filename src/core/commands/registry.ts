import type { Command } from "./command";
import { removeOwnCrop, removeOwnVariety, setOwnCrop, setOwnVariety } from "./cropCommands";
import {
  addBeds,
  addShelter,
  joinGarden,
  renameGarden,
  replaceGarden,
  setHistory,
  setSettings,
} from "./gardenCommands";
import { coverBeds, moveContainers, setWinterGround, turnOverBed } from "./beds/bedCommands";
import { editBed, importLayout, removeBed, setLayout } from "./beds/layoutCommands";
import {
  receiveOutlook,
  removeRecord,
  setHorizon,
  setOutlook,
  setPlace,
  setRecord,
} from "./placeCommands";
import {
  addPlanting,
  addSuccession,
  editPlanting,
  moveSowing,
  shiftPlantings,
  moveSuccession,
  removePlanting,
  setPlantings,
} from "./plantingCommands";
import { takePlan } from "./planCommands";
import { putBy, removeStoreLot, setNeed, setStoreLot, takeFromStore } from "./foodCommands";
import { beginSeason, closeSeason, wishForNext } from "./seasonCommands";
import { setOwnNumbers } from "./ownNumberCommands";
import { removeMix, removeSeedLot, setMix, setSeedLot } from "./seedCommands";
import { layPieces, removePiece, setPiece } from "./beds/pieceCommands";
import { buildShelter, editShelter, removeShelter } from "./beds/shelterCommands";
import { keepEntries, removeEntries } from "./log/logCommands";
import { setWalk, settleTasks } from "./log/settling";
import { removeThermometerDays, setThermometerDays } from "./log/thermometerCommands";
import { removeFeeding, removeRest, setFeeding, setRest } from "./beds/soilCommands";
import { boxOwnSeed, removeSeedPlan, setSeedPlan } from "./seedPlanCommands";
import { bringIn } from "./bringInCommands";
import { removeTrial, setTrial } from "./trialCommands";
import {
  addTray,
  countTray,
  discardCells,
  labelSowing,
  moveTray,
  plantOutCells,
  plantSowing,
  potOnSowing,
  removeStand,
  removeTray,
  renameTray,
  setStand,
  sowTray,
  thinTray,
} from "./trayCommands";

/** Everything that can change a garden, by name. The only way in. */
export const commands = {
  "place.set": setPlace,
  "settings.set": setSettings,
  "record.set": setRecord,
  "record.remove": removeRecord,
  "horizon.set": setHorizon,
  "outlook.receive": receiveOutlook,
  "outlook.set": setOutlook,
  "garden.rename": renameGarden,
  "garden.replace": replaceGarden,
  "garden.join": joinGarden,
  "history.set": setHistory,
  "shelter.add": addShelter,
  "shelter.build": buildShelter,
  "shelter.edit": editShelter,
  "shelter.remove": removeShelter,
  "piece.set": setPiece,
  "piece.remove": removePiece,
  "piece.lay": layPieces,
  "thermometer.set": setThermometerDays,
  "thermometer.remove": removeThermometerDays,
  "need.set": setNeed,
  "store.set": setStoreLot,
  "store.putBy": putBy,
  "store.take": takeFromStore,
  "store.remove": removeStoreLot,
  "log.keep": keepEntries,
  "log.remove": removeEntries,
  "round.settle": settleTasks,
  "walk.set": setWalk,
  "bed.addMany": addBeds,
  "bed.edit": editBed,
  "bed.remove": removeBed,
  "bed.turnOver": turnOverBed,
  "bed.cover": coverBeds,
  "bed.winter": setWinterGround,
  "bed.moveContainers": moveContainers,
  "layout.set": setLayout,
  "layout.import": importLayout,
  "planting.add": addPlanting,
  "planting.moveSowing": moveSowing,
  "planting.shift": shiftPlantings,
  "planting.edit": editPlanting,
  "planting.setMany": setPlantings,
  "planting.remove": removePlanting,
  "plan.take": takePlan,
  "rest.set": setRest,
  "rest.remove": removeRest,
  "feeding.set": setFeeding,
  "feeding.remove": removeFeeding,
  "succession.add": addSuccession,
  "succession.move": moveSuccession,
  "ownCrop.set": setOwnCrop,
  "ownCrop.remove": removeOwnCrop,
  "ownVariety.set": setOwnVariety,
  "ownVariety.remove": removeOwnVariety,
  "ownNumber.setMany": setOwnNumbers,
  "season.close": closeSeason,
  "season.wish": wishForNext,
  "season.begin": beginSeason,
  "trial.set": setTrial,
  "trial.remove": removeTrial,
  "seedPlan.set": setSeedPlan,
  "seedPlan.remove": removeSeedPlan,
  "seedPlan.box": boxOwnSeed,
  "table.bringIn": bringIn,
  "seedLot.set": setSeedLot,
  "seedLot.remove": removeSeedLot,
  "mix.set": setMix,
  "mix.remove": removeMix,
  "stand.set": setStand,
  "stand.remove": removeStand,
  "tray.add": addTray,
  "tray.rename": renameTray,
  "tray.move": moveTray,
  "tray.remove": removeTray,
  "tray.sow": sowTray,
  "tray.count": countTray,
  "tray.thin": thinTray,
  "tray.potOn": potOnSowing,
  "tray.discard": discardCells,
  "tray.plantOut": plantOutCells,
  "tray.chooseBed": plantSowing,
  "tray.label": labelSowing,
} as const;

export type CommandName = keyof typeof commands;
export type CommandInput<N extends CommandName> =
  (typeof commands)[N] extends Command<infer I> ? I : never;
