import { plural } from "../../table";
import type { CommandsFacts } from "@/core/facts";
import { placeWords } from "../../storePlaces";
import { learn } from "../../sentences";

export const commands = learn<CommandsFacts>({
  "commands.replanting": ({ bed }) => `replanting ${bed ?? "a bed"}`,
  "commands.nothingWouldChangeKeepFewerPlants":
    "Nothing would change: keep fewer plants, or plant between them.",
  "commands.atMost60PlantingsAtOnce": "At most 60 plantings at once.",
  "commands.everythingPulledMustBeInTheBedYou": "Everything pulled must be in the bed you replant.",
  "commands.winterGround": ({ bed }) => `winter ground of ${bed ?? "a bed"}`,
  "commands.covering": ({ bed }) => `covering ${bed ?? "a bed"}`,
  "commands.coveringBeds": ({ bedsCount }) => `covering ${bedsCount} beds`,
  "commands.sayWhichBeds": "Say which beds.",
  "commands.atMostFourLayers": "At most four layers.",
  "commands.thisBedIsNoLongerInTheGarden": "This bed is no longer in the garden.",
  "commands.isPlacedBesideTheOthers": ({ bed }) => `${bed} is placed beside the others.`,
  "commands.itIsCutThere": ({ words }, say) => `${say.tell(words)} It is cut there.`,
  "commands.filledBeforePlanting": ({ subject, bedName, plantedDay }, say) =>
    `${subject} in ${bedName} is planted on ${say.date(plantedDay)}: soil is drawn up or filled in after that. Choose a later day, or log the planting earlier.`,
  "commands.itTakesTheWholeWidth": ({ words }, say) =>
    `${say.tell(words)} It takes the whole width now.`,
  "commands.isPutAt": ({ mover, fromM }, say) => `${mover} is put at ${say.lengthM(fromM, 2)}.`,
  "commands.isPulledOn": ({ earlier, fromDay }, say) =>
    `${earlier} is pulled on ${say.date(fromDay)}.`,
  "commands.theRestIsLeftOut": "The rest is left out.",
  "commands.isLeftOut": ({ later }) => `${later} is left out.`,
  "commands.aPlantingReachesToInWhichIsLong": ({ reachesM, bed, lengthM }, say) =>
    `A planting reaches to ${say.lengthM(reachesM, 2)} in ${bed}, which is ${say.lengthM(lengthM, 2)} long.`,
  "commands.moving": ({ bed }) => `moving ${bed ?? "a bed"}`,
  "commands.changingTheLayout": "changing the layout",
  "commands.thisShelterIsNoLongerInTheGarden": "This shelter is no longer in the garden.",
  "commands.importingBedsFromAMap": ({ bedsCount }) => `importing ${bedsCount} beds from a map`,
  "commands.atMost2000Beds": "At most 2,000 beds.",
  "commands.aPlantingInReachesToShortenOrMove": ({ bed, takenM }, say) =>
    `A planting in ${bed} reaches to ${say.lengthM(takenM, 2)}. Shorten or move it first, or keep the bed that long.`,
  "commands.changing": ({ bed }) => `changing ${bed ?? "a bed"}`,
  "commands.removing": ({ bed }) => `removing ${bed ?? "a bed"}`,
  "commands.hasMoveThemToAnotherBedOrRemove": ({ before, thereCount }) =>
    `${before} has ${thereCount} ${thereCount === 1 ? "planting" : "plantings"}: move them to another bed, or remove them with it.`,
  "commands.wouldStickOutOfMoveItInOrTakeItOut": ({ bed, own }) =>
    `${bed} would stick out of ${own}: move it in, or take it out of the shelter first.`,
  "commands.wouldBeUnder": ({ bed, other }) => `${bed} would be under ${other}.`,
  "commands.wouldOverlapBedsMayTouchNotOverlap": ({ bed, bed2 }) =>
    `${bed} would overlap ${bed2}: beds may touch, not overlap.`,
  "commands.thisCoverIsNoLongerInTheGarden": "This cover is no longer in the garden.",
  "commands.changeTo": ({ piece }) => `change to ${piece}`,
  "commands.removingACover": "removing a cover",
  "commands.puttingCoversAway": "putting covers away",
  "commands.puttingCoversOn": "putting covers on",
  "commands.sayWhichPieces": "Say which pieces.",
  "commands.thisIsWideAndARigidCoverWiderThan": (
    { piece, widthM, bed, widthM2, neededWidthM },
    say,
  ) =>
    `This ${piece} is ${say.lengthM(widthM, 2)} wide and ${bed} ${say.lengthM(widthM2, 2)}: a rigid cover wider than its bed would block the path. Use one about ${say.lengthM(neededWidthM, 2)} wide.`,
  "commands.thisIsWideNeedsAtLeastWithEdgesTo": ({ piece, widthM, bed, neededWidthM }, say) =>
    `This ${piece} is ${say.lengthM(widthM, 2)} wide; ${bed} needs at least ${say.lengthM(neededWidthM, 2)}, with edges to weight down.`,
  "commands.building": ({ shelter }) => `building ${shelter}`,
  "commands.aShelterNeedsAtLeastOneCoverChoose":
    "A shelter needs at least one cover: choose its kind.",
  "commands.thisShelterIsAlreadyThere": "This shelter is already there.",
  "commands.isAlreadyThere": ({ bed }) => `${bed} is already there.`,
  "commands.doesNotFitInMakeItSmallerOrThe": ({ bed, long, short, name, inLong, inShort }, say) =>
    `${bed} (${say.lengthM(long, 2)} × ${say.lengthM(short, 2)}) does not fit in ${name} (${say.lengthM(inLong, 2)} × ${say.lengthM(inShort, 2)}): make it smaller or the shelter larger.`,
  "commands.changeTo2": ({ shelter }) => `change to ${shelter ?? "a shelter"}`,
  "commands.aShelterNeedsAtLeastOneCoverRemove":
    "A shelter needs at least one cover: remove the shelter instead.",
  "commands.removing2": ({ shelter }) => `removing ${shelter ?? "a shelter"}`,
  "commands.resting": ({ bedName }) => `resting ${bedName}`,
  "commands.endingARest": "ending a rest",
  "commands.thisRestIsNoLongerInTheGarden": "This rest is no longer in the garden.",
  "commands.feeding": ({ bedName }) => `feeding ${bedName}`,
  "commands.removingAFeeding": "removing a feeding",
  "commands.thisFeedingIsNoLongerInTheGarden": "This feeding is no longer in the garden.",
  "commands.thisCannotBeRead": "This cannot be read.",
  "commands.keeping": ({ crop }) => `keeping ${crop.toLowerCase()}`,
  "commands.theCropLibraryAlreadyHasThatIdUse":
    "The crop library already has that id: use another.",
  "commands.thereIsAlreadyACropCalledChoose": ({ taken }) =>
    `There is already a crop called ${taken}: choose another name.`,
  "commands.isInUseAndCannotBeRemoved": ({ used }) => `${used} is in use and cannot be removed.`,
  "commands.removing3": ({ crop }) => `removing ${crop ?? "a crop"}`,
  "commands.thisCropIsNoLongerInTheGarden": "This crop is no longer in the garden.",
  "commands.keeping2": ({ variety }) => `keeping ${variety}`,
  "commands.hasAVarietyCalledAlready": ({ crop, taken }) =>
    `${crop} has a variety called ${taken} already.`,
  "commands.removing4": ({ variety }) => `removing ${variety ?? "a variety"}`,
  "commands.thisVarietyIsNoLongerInTheGarden": "This variety is no longer in the garden.",
  "commands.thatCropOrVarietyIsNotInTheGarden":
    "That crop or variety is not in the garden: choose another.",
  "commands.settingsChange": "settings change",
  "commands.newGardenName": "new garden name",
  "commands.replacingTheGarden": "replacing the garden",
  "commands.joiningAnotherDevice": "joining another device’s file",
  "commands.sharingTheGarden": "sharing the garden",
  "commands.adding": ({ shelter }) => `adding ${shelter}`,
  "commands.adding2": ({ name }) => `adding ${name}`,
  "commands.addingBeds": ({ bedsCount }) => `adding ${bedsCount} beds`,
  "commands.sayHowManyBeds": "Say how many beds.",
  "commands.thisEntryIsNoLongerInTheLog": "This entry is no longer in the log.",
  "commands.aLogEntry": "a log entry",
  "commands.logEntries": ({ count }) => `${count} log entries`,
  "commands.thereIsNothingToSave": "There is nothing to save.",
  "commands.removingAnEntry": "removing an entry",
  "commands.removingEntries": ({ idsCount }) => `removing ${idsCount} entries`,
  "commands.thisPlantingIsAlreadyThere": "This planting is already there.",
  "commands.isInTheFutureTheLogTakesWhatHas": ({ dayNumber, dayNumber2 }, say) =>
    `${say.date(dayNumber)} is in the future: the log takes what has happened, up to ${say.date(dayNumber2)}.`,
  "commands.inAlreadyHasAnEntryOnSoItWasSownBy": ({ subject, bedName, dayNumber }, say) =>
    `${subject} in ${bedName} already has an entry on ${say.date(dayNumber)}, so it was sown by then: change that entry first.`,
  "commands.inWasSownOnItCannotBeBefore": ({ subject, bedName, sownDay, kind }, say) =>
    `${subject} in ${bedName} was sown on ${say.date(sownDay)}: it cannot be ${kind ?? "met with"} before.`,
  "commands.inIsPlannedForSowingOnLogItsSowing": ({ subject, bedName, dayNumber }, say) =>
    `${subject} in ${bedName} is planned for sowing on ${say.date(dayNumber)}: log its sowing first, or choose the planting you harvested.`,
  "commands.chooseATask": "Choose a task.",
  "commands.chooseALaterDate": "Choose a later date.",
  "commands.walkingOrder": "walking order",
  "commands.eachBedAppearsOnceInTheWalking": "Each bed appears once in the walking order.",
  "commands.onAlreadyChangeItsEntryInThe": ({ wasDone, dayNumber }, say) =>
    `${wasDone ? "Done" : "Skipped"} on ${say.date(dayNumber)} already: change its entry in the logbook.`,
  "commands.thereIsNoReading": "There is no reading.",
  "commands.atMost5000AtOnce": "At most 5,000 at once.",
  "commands.removingAReading": "removing a reading",
  "commands.removingReadings": "removing readings",
  "commands.thisReadingIsNoLongerThere": "This reading is no longer there.",
  "commands.to": ({ fromM, toM }, say) => `${say.lengthM(fromM, 2)} to ${say.lengthM(toM, 2)}`,
  "commands.toAndAcross": ({ fromM, toM, leftM, rightM }, say) =>
    `${say.lengthM(fromM, 2)} to ${say.lengthM(toM, 2)}, ${say.lengthM(leftM, 2)} to ${say.lengthM(rightM, 2)} across`,
  "commands.square": ({ along, across }) => `square ${along} along, ${across} across`,
  "commands.putItBeside": ({ leftM }, say) =>
    leftM === 0
      ? "Put it along the left side"
      : `Put it ${say.lengthM(leftM, 2)} from the left side`,
  "commands.until": ({ untilDay }, say) => ` until ${say.date(untilDay)}`,
  "commands.isInFromInTheSameSpaceChoose": ({ other, bed, fromDay, time, ground }, say) =>
    `${other} is in ${bed} from ${say.date(fromDay)}${say.tell(time)}, in the same space (${say.tell(ground)}). Choose another spot or date, or let one grow between the other's plants.`,
  "commands.putItAt": ({ sameBedM }, say) => `Put it at ${say.lengthM(sameBedM, 2)}`,
  "commands.putItIn": ({ neighbour }) => `Put it in ${neighbour}`,
  "commands.onlyOfIt": ({ lengthM }, say) => `Only ${say.lengthM(lengthM, 2)} of it`,
  "commands.pullOn": ({ shortName, fromDay }, say) => `Pull ${shortName} on ${say.date(fromDay)}`,
  "commands.locationChange": "location change",
  "commands.importing": ({ station }) => `importing ${station}`,
  "commands.removingTheRecord": "removing the record",
  "commands.thereIsNoRecordToRemove": "There is no record to remove.",
  "commands.enterAverageTemperaturesFirst":
    "Enter average temperatures first: without the record there is no climate data.",
  "commands.skylineChange": "skyline change",
  "commands.skylineOf": ({ bed, bedId }) => `skyline of ${bed ?? bedId}`,
  "commands.setYourLocationFirst": "Set your location first.",
  "commands.theForecast": "the forecast",
  "commands.theForecast2": ({ source }) => `the forecast ${source}`,
  "commands.thisPlantingIsNoLongerInTheGarden": "This planting is no longer in the garden.",
  "commands.adding3": ({ crop }) => `adding ${crop}`,
  "commands.moving2": ({ planting }) => `moving ${planting}`,
  "commands.shifting": ({ count, days }) =>
    `moving ${count} ${plural(count, "planting", "plantings")} ${days < 0 ? "back" : "on"} by ${Math.abs(days)} ${plural(Math.abs(days), "day", "days")}`,
  "commands.removingPlantings": ({ count }) =>
    `removing ${count} ${plural(count, "planting", "plantings")}`,
  "commands.changing2": ({ planting }) => `changing ${planting}`,
  "commands.placing": ({ crop }) => `placing ${crop}`,
  "commands.removing5": ({ planting }) => `removing ${planting}`,
  "commands.addingSowingsOf": ({ plantingsCount, crop }) =>
    `adding ${plantingsCount} sowings of ${crop}`,
  "commands.aSuccessionHasAtLeastTwoSowings": "A succession has at least two sowings.",
  "commands.atMost60SowingsInASuccession": "At most 60 sowings in a succession.",
  "commands.thisSuccessionIsAlreadyThere": "This succession is already there.",
  "commands.movingSowingsOf": ({ movesCount, planting }) =>
    `moving ${movesCount} sowings of ${planting}`,
  "commands.alreadySownOnInItCannotBeMoved": ({ dayNumber, tray }, say) =>
    `Already sown on ${say.date(dayNumber)}, in ${tray}: it cannot be moved.`,
  "commands.loggedAsSownOnChangeThatEntry": ({ sownDay }, say) =>
    `Logged as sown on ${say.date(sownDay)}: change that entry instead.`,
  "commands.thisSuccessionIsNoLongerInThe": "This succession is no longer in the garden.",
  "commands.isLongUseAtMostThat": ({ bed, lengthM }, say) =>
    `${bed} is ${say.lengthM(lengthM, 2)} long: use at most that.`,
  "commands.fromHasLeftStartNearerTheEndOrUse": ({ fromM, bed, lengthM }, say) =>
    `From ${say.lengthM(fromM, 2)}, ${bed} has ${say.lengthM(lengthM - fromM, 2)} left: start nearer the end or use less.`,
  "commands.aPlantingCannotBePulledBeforeItIs":
    "A planting cannot be pulled before it is sown: choose a later date.",
  "commands.keeping3": ({ lot }, say) => `keeping ${say.tell(lot)}`,
  "commands.seedPackedForCannotBeHereYetGiveA": ({ packedYear, newest }) =>
    `Seed packed for ${packedYear} cannot be here yet: give a year up to ${newest}.`,
  "commands.theTestDateIsInTheFutureEnterThe":
    "The test date is in the future: enter the date it was counted.",
  "commands.removing6": ({ lot }, say) => `removing ${say.tell(lot)}`,
  "commands.removingSeeds": ({ count }) =>
    count === 1 ? "removing a packet of seed" : `removing ${count} packets of seed`,
  "commands.thisSeedIsNoLongerInTheSeedBox": "This seed is no longer in the seed box.",
  "commands.keeping4": ({ name }) => `keeping ${name}`,
  "commands.removing7": ({ mixe }) => `removing ${mixe ?? "a mix"}`,
  "commands.thisMixIsNoLongerThere": "This mix is no longer there.",
  "commands.thisTrayIsNoLongerInTheGarden": "This tray is no longer in the garden.",
  "commands.removing8": ({ stand }) => `removing ${stand ?? "a tray location"}`,
  "commands.thisTrayLocationIsNoLongerThere": "This tray location is no longer there.",
  "commands.thereMoveFirst": ({ names, thereCount }, say) =>
    `${say.names(names)}${thereCount > 3 ? " and more" : ""} ${thereCount === 1 ? "stands" : "stand"} there: move ${thereCount === 1 ? "it" : "them"} first.`,
  "commands.adding4": ({ name }) => `adding ${name}`,
  "commands.thisTrayIsAlreadyThere": "This tray is already there.",
  "commands.thereIsAlreadyATrayCalled": ({ tray }) => `There is already a tray called ${tray}.`,
  "commands.renaming": ({ trayName }) => `renaming ${trayName}`,
  "commands.moving3": ({ trayName }) => `moving ${trayName}`,
  "commands.removing9": ({ trayName }) => `removing ${trayName}`,
  "commands.sowing": ({ newTray, trayName }) => `sowing ${newTray ?? trayName}`,
  "commands.sayHowManySeedsGoIntoACell": "Say how many seeds go into a cell.",
  "commands.wholeSeedsOnly": "Whole seeds only.",
  "commands.atLeastOneSeedForACell": "At least one seed for a cell.",
  "commands.atMost50SeedsForACell": "At most 50 seeds for a cell.",
  "commands.thisSeedIsNotInTheBox": "This seed is not in the box.",
  "commands.thePacketHoldsSeedsAndThisTakesSow": ({ there, taken, seedsPerCell }) =>
    `The packet holds ${there} seeds and this takes ${taken}: sow ${Math.floor(there / seedsPerCell)} cells, or fewer seeds a cell, or correct the packet.`,
  "commands.choosingABedFor": ({ crop }) =>
    `choosing a bed for ${(crop ?? "seedlings").toLowerCase()}`,
  "commands.theseSeedlingsHaveABed": "A bed is chosen for these seedlings already.",
  "commands.thisIsNoLongerInStore": "This is no longer in store.",
  "commands.whatTheEatersWant": "what is wanted",
  "commands.storing": ({ crop }) => `storing ${(crop ?? "something").toLowerCase()}`,
  "commands.takingThePlan": "taking the plan for the gaps",
  "commands.thisCoverIsNoLongerInTheShed":
    "This cover no longer lies in the shed. Search again for a plan with what is there.",
  "commands.takingOutOfStore": ({ crop }) =>
    `taking ${(crop ?? "something").toLowerCase()} out of store`,
  "commands.itWouldRotThere": ({ crop, place }) =>
    `${crop} does not keep ${placeWords(place)}: it is gone within a week. Eat it fresh, freeze it, or put it up in jars.`,
  "commands.moreWasTakenThanThat": ({ takenG }, say) =>
    `${say.weightG(takenG)} were taken from it already: it held at least that much.`,
  "commands.soMuchIsNotLeft": ({ leftG }, say) =>
    `Only ${say.weightG(leftG)} are left of it: enter that or less.`,
  "commands.itWasNotInStoreYet": "It was not in store yet on that day.",
  "commands.thisPlantingIsNotOfThatCrop": "This planting is not of that crop.",
  "commands.counting": ({ trayName }) => `counting ${trayName}`,
  "commands.thinning": ({ trayName }) => `thinning ${trayName}`,
  "commands.leaveAtLeastOne": "Leave at least one.",
  "commands.leaveAtMost15": "Leave at most 15.",
  "commands.splitSplittingPottingUp": ({ how, trayName }) =>
    `${how === "split" ? "splitting" : "potting up"} ${trayName}`,
  "commands.discardingFrom": ({ trayName }) => `discarding from ${trayName}`,
  "commands.transplanting": ({ trayName }) => `transplanting ${trayName}`,
  "commands.labellingTakingTheLabelFrom": ({ labelled, trayName }) =>
    `${labelled ? "labelling" : "taking the label from"} ${trayName}`,
  "commands.plantings": ({ count }) => `${count} ${plural(count, "planting", "plantings")}`,
  "commands.seedLots": ({ count }) => `${count} ${plural(count, "seed lot", "seed lots")}`,
  "commands.storeLots": ({ count }) =>
    `${count} ${plural(count, "thing in store", "things in store")}`,
  "commands.trays": ({ count }) => `${count} ${plural(count, "tray", "trays")}`,
  "commands.isUsedByChooseAnotherForThoseOr": ({ name, uses }, say) =>
    `${name} is used by ${say.list(uses)}: choose another for those, or remove them first.`,
  "commands.mended": ({ clash, words }, say) => `${say.tell(clash)} ${say.tell(words)}`,
  "commands.andOverlapInToFrom": ({ earlier, later, bed, fromM, toM, fromDay }, say) =>
    `${earlier} and ${later} overlap in ${bed} (${say.lengthM(fromM, 2)} to ${say.lengthM(toM, 2)}) from ${say.date(fromDay)}.`,
  "commands.wouldBeOutsideThePlotMoveItInOr": ({ bed, lengthM, widthM }, say) =>
    `${bed} would be outside the plot (${say.lengthM(lengthM, 2)} × ${say.lengthM(widthM, 2)}): move it in or make the plot larger.`,
  "commands.settling": ({ as, what, count }, say) =>
    `${{ done: "done: ", skipped: "skipping ", putOff: "later: " }[as]}${what === null ? `${count} tasks` : say.tell(what)}`,
  "commands.seed": ({ crop }) => `${crop} seed`,
  "commands.someSeed": "seed",
  "commands.readingsOfAThermometer": ({ count }) =>
    count === 1 ? "a reading" : `${count} readings of a thermometer`,
  "commands.changedSince": ({ label, since }, say) =>
    `Cannot undo “${say.tell(label)}”: “${say.tell(since)}” changed the same thing since. Undo that first.`,
  "commands.leansOnIt": ({ label, message }, say) =>
    `Cannot undo “${say.tell(label)}”: something newer depends on it. ${say.tell(message)}`,
  "commands.stepRefused": ({ place, refusal }, say) =>
    `Change ${say.number(place)} cannot be made: ${say.tell(refusal)}`,
  "commands.noSuchCommand": ({ place, name }, say) =>
    `Change ${say.number(place)}: there is no command "${name}".`,
  "commands.keepingAChange": ({ title }) => `keeping “${title}”`,
  "commands.ownNumbers": ({ count }) =>
    count === 1 ? "using a number of your own" : `using ${count} numbers of your own`,
  "commands.closingASeason": "closing a season",
  "commands.aSeasonNeedsAPlace": "Enter where you garden first: seasons go by its midsummer.",
  "commands.nothingOfItIsOverAfter": ({ year }) =>
    `The season of ${year}/${String((year + 1) % 100).padStart(2, "0")} is closed, and nothing of a later one is over yet.`,
  "commands.nothingIsOverYet":
    "Nothing is over yet: a season can be closed once a planting has been harvested or cleared.",
  "commands.aWishForNextSeason": "a wish for next season",
  "commands.thisSeasonIsNoLongerThere": "This season is no longer in the garden.",
  "commands.beginningASeason": "beginning a season",
  "commands.thisSeasonHasBegunAlready": "This season has begun already: its plantings are there.",
  "commands.aTrial": ({ name }) => `the trial “${name}”`,
  "commands.thisTrialIsNoLongerThere": "This trial is no longer in the garden.",
  "commands.everyTreatmentNeedsAPlot": ({ name }) =>
    `“${name}” has no plot: every treatment needs at least one in each block.`,
  "commands.noBedForThePlot": ({ id }) => `There is no bed "${id}" for a plot of this trial.`,
  "commands.plotsOverlapOrLieOutside": ({ bed }) =>
    `The plots in ${bed} overlap or reach beyond its end.`,
  "commands.noSuchPlotOrRow": "A result belongs to a plot and a row of the trial.",
  "commands.leavingForSeed": ({ crop }) => `leaving ${crop} for seed`,
  "commands.noSeedOfThis": ({ crop }) =>
    `Seed of ${crop} is not saved this way: it is grown from pieces, or nothing is known of its seed here.`,
  "commands.soManyDoNotStand": ({ plants }) =>
    `Only ${plants} plants stand there: leave that many at most.`,
  "commands.thisSeedPlanIsNoLongerThere": "These plants are no longer left for seed.",
  "commands.seedIntoTheBox": ({ crop }) => `${crop} seed into the seed box`,
  "commands.cutBeforeItWasSown": "Seed cannot be cut before the plants were sown: check the date.",
  "commands.bringingInATable": ({ count }) => `bringing in ${count} from a table`,
});
