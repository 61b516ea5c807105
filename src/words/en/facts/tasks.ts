import { capital } from "../../capital";
import type { TasksFacts } from "@/core/facts";
import { learn } from "../../sentences";
import { standingPlace } from "../../containerPlaces";
import { pieces } from "../../pieces";
import { placeWords } from "../../storePlaces";
import { plural } from "../../table";

/** Litres as one pours them: to the ten where they are many. */
const roughly = (litres: number) => (litres < 20 ? litres : Math.round(litres / 10) * 10);

export const tasks = learn<TasksFacts>({
  "tasks.mFor": ({ lengthM, plantingName }, say) => `${say.lengthM(lengthM)} for ${plantingName}`,
  "tasks.plantingIsOn": ({ fromDay, day, undug }, say) =>
    `Planting is on ${say.date(fromDay, day)}. ${undug ? "Weed it, cut old plants at the ground and rake it level." : "Weed it, loosen it a fork deep and rake it fine."}`,
  "tasks.theGroundIsCleanLevelAndMoist": "the ground is clean, level and moist",
  "tasks.sowingGoesIntoWeedsOrIsDelayed": "Sowing goes into weeds or is delayed.",
  "tasks.sinceItGrowsAsWellUncoveredAnd": ({ day, day2 }, say) =>
    `Since ${say.date(day, day2)} it grows as well uncovered, and killing nights are rare.`,
  "tasks.dryFoldedAndInStorage": ({ isPlural }) =>
    `${isPlural ? "they are" : "it is"} dry, folded and in storage`,
  "tasks.itTakesLightAndPlantsGrowSoftAnd": "It takes light, and plants grow soft and bolt sooner.",
  "tasks.dueNowDugInASpadeDeep": "Due now, dug in a spade deep.",
  "tasks.dueNowSpreadOnTop": "Due now, spread on top.",
  "tasks.itIsInTheBed": "it is in the bed",
  "tasks.theNextPlantingStartsShortOf": "The next planting starts short of nutrients.",
  "tasks.mOfTheBedRestsUntil": ({ lengthM, untilDay, fromDay }, say) =>
    `${say.lengthM(lengthM)} of the bed rests until ${say.date(untilDay, fromDay)}.`,
  "tasks.itIsSown": "it is sown",
  "tasks.itIsOnTheBed": "it is on the bed",
  "tasks.eachWeekOfDelayMeansLessCover": "Each week of delay means less cover before winter.",
  "tasks.rainBeatsBareSoilDownAndWashesIt": "Rain beats bare soil down and washes it out.",
  "tasks.itHasToBreakDownBeforeTheNext": "It has to break down before the next sowing.",
  "tasks.theGroundIsNeededAgain": "The ground is needed again.",
  "tasks.itIsTurnedInOrCutDown": "it is turned in, or cut down",
  "tasks.itIsRakedOff": "it is raked off",
  "tasks.theNextSowingWaits": "The next sowing waits.",
  "tasks.seedBox": "Seed box",
  "tasks.firstSowingAndThereIsNotEnoughSeed": ({ firstSowDay, day }, say) =>
    `First sowing ${say.date(firstSowDay, day)}, and there is not enough seed in stock.`,
  "tasks.seeds": ({ toOrder, toOrderGrams, startedFrom }, say) =>
    `${pieces(toOrder, startedFrom, say)}, ${say.weightG(toOrderGrams)}`,
  "tasks.itIsOrderedOrFound": "it is ordered, or found",
  "tasks.itArrivesTooLateToSowOnTime": "It arrives too late to sow on time.",
  "tasks.traysFor": ({ plantingName }) => `trays for ${plantingName}`,
  "tasks.sowingIsOnEvenlyMoistMixHelpsEven": ({ sowDay, day }, say) =>
    `Sowing is on ${say.date(sowDay, day)}: evenly moist mix helps even germination.`,
  "tasks.cellsAboutLOfMix": ({ cells, litres }, say) =>
    `${cells} cells, about ${say.volumeL(litres)} of mix`,
  "tasks.theCellsAreFullAndMoist": "the cells are full and moist",
  "tasks.theSowingWaits": "The sowing waits.",
  "tasks.whatIsStored": "what is stored",
  "tasks.onRemoveWhatSproutsShrivelsOrRots": ({ looked, since, day }, say) =>
    `${looked > -Infinity ? "Last checked" : "Put in"} on ${say.date(since, day)}: remove what sprouts, shrivels or rots.`,
  "tasks.softProduceIsOutAndEatenOr": "soft produce is out, and eaten or composted",
  "tasks.useFirst": ({ crop, untilDay, day, place }, say) =>
    untilDay < day
      ? `Use first: ${crop.toLowerCase()} ${placeWords(place)}; its time was over about ${say.date(untilDay, day)}.`
      : `Use first: ${crop.toLowerCase()} ${placeWords(place)}, good until about ${say.date(untilDay, day)}.`,
  "tasks.oneThatRotsTakesItsNeighbours": "One that rots takes its neighbours.",
  "tasks.wholeGarden": "Whole garden",
  "tasks.hosesTimersAndVents": "hoses, timers and vents",
  "tasks.frostIsPossibleFromDrainHosesTaps": ({ autumn, day }, say) =>
    `Frost is possible from ${say.date(autumn, day)}: drain hoses, taps and timers, and set vents for winter.`,
  "tasks.noWaterStandsInAnythingThatCan": "no water stands in anything that can burst",
  "tasks.pipesAndTimersBurstAndVentsStand":
    "Pipes and timers burst, and vents stand open in the cold.",
  "tasks.afterFrostIsRareTurnWaterOnAndSet": ({ spring, day }, say) =>
    `After ${say.date(spring, day)} frost is rare: turn water on and set vents for summer.`,
  "tasks.timersRunAndVentsOpen": "timers run and vents open",
  "tasks.sheltersOverheatAndSeedbedsDryOut": "Shelters overheat, and seedbeds dry out.",
  "tasks.itFallsOverAndIsHardToStraighten": "It falls over and is hard to straighten.",
  "tasks.itIsDoneAlongTheWholeRow": "it is done along the whole row",
  "tasks.gapsCanBeResownOnlyWhileThereIs": "Gaps can be resown only while there is time.",
  "tasks.aHandfulOfCompostOrALiquidFeedFor":
    "a handful of compost, or a liquid feed, for each plant",
  "tasks.itIsOnAndWateredIn": "it is on and watered in",
  "tasks.scratchItInBetweenTheRows": "Scratch it in between the rows.",
  "tasks.layItOnTopWormsTakeItDown": "Lay it on top: worms take it down.",
  "tasks.growthRestartsWithTheLightAndRain":
    "Growth restarts with the light, and rain has washed nitrogen out: feed it.",
  "tasks.headsOrBulbsStaySmall": "Heads or bulbs stay small.",
  "tasks.aHeavyFeederInMidGrowthFedLaterIn":
    "A heavy feeder in mid growth. Fed later in the year, it grows soft.",
  "tasks.itStaysSmallAndTurnsPale": "It stays small and turns pale.",
  "tasks.itBoltsAboutMarkThePlantsToKeepIf": ({ boltDay, sowDay }, say) =>
    `It bolts about ${say.date(boltDay, sowDay)}: mark the plants to keep if you want seed.`,
  "tasks.plantsMFromOthersOfItsKind": ({ plants, isolationM }, say) =>
    `${plants} plants, ${say.distanceM(isolationM)} from others of its kind`,
  "tasks.theBestAreMarkedAndLeft": "the best are marked and left",
  "tasks.theGroundIsFreeForTheNextCrop": "The ground is free for the next crop.",
  "tasks.cutItAHandAboveTheGroundItComes": "Cut it a hand above the ground; it comes again.",
  "tasks.pickTheOuterLeavesAndLeaveTheHeart": "Pick the outer leaves and leave the heart.",
  "tasks.cutWholePlants": "Cut whole plants.",
  "tasks.cutTheMainHeadSideShootsFollow": "Cut the main head; side shoots follow.",
  "tasks.pickWhatIsReadyEveryFewDays": "Pick what is ready every few days.",
  "tasks.liftWhatYouNeed": "Lift what you need.",
  "tasks.readySince": ({ readyDay, sowDay, habit, sweeter }, say) =>
    `Ready since ${say.date(readyDay, sowDay)}. ${say.tell(habit)}${say.tell(sweeter)}`,
  "tasks.lastHarvested": ({ lastDay, sowDay, habit }, say) =>
    `Last harvested ${say.date(lastDay, sowDay)}. ${say.tell(habit)}`,
  "tasks.aboutGrowingThere": ({ leftKg }, say) =>
    `about ${say.weightG(Math.round(leftKg * 10) * 100)} growing there`,
  "tasks.everythingReadyIsHarvested": "everything ready is harvested",
  "tasks.itBoltsAbout": ({ holdsUntilDay, sowDay }, say) =>
    `It bolts about ${say.date(holdsUntilDay, sowDay)}.`,
  "tasks.itHoldsUntilAbout": ({ holdsUntilDay, sowDay }, say) =>
    `It holds until about ${say.date(holdsUntilDay, sowDay)}.`,
  "tasks.itIsSweeterAfterTheFirstFrostAbout": ({ frostDay, day }, say) =>
    ` It is sweeter after the first frost, about ${say.date(frostDay, day)}: leave it until then if you can.`,
  "tasks.inMoistAirOrDampSand": "in moist air or damp sand",
  "tasks.dryAndAiry": "dry and airy",
  "tasks.theGroundIsUsuallyHardFrom": ({ hardDay, sowDay, weeks }, say) =>
    `From about ${say.date(hardDay, sowDay)} the ground is usually too hard to lift it. Mulched deep it keeps there; in storage it keeps about ${weeks} weeks.`,
  "tasks.itKeepsInTheGroundUntilAboutIn": ({ holdsUntilDay, sowDay, weeks }, say) =>
    `It keeps in the ground until about ${say.date(holdsUntilDay, sowDay)}, in storage about ${weeks} weeks.`,
  "tasks.at": ({ temperatureC, air }, say) =>
    `at ${say.temperature(temperatureC)}, ${say.tell(air)}`,
  "tasks.theSoundOnesAreInStorage": "the sound ones are in storage",
  "tasks.frostRotOrBoltingTakesWhatStaysOut": "Frost, rot or bolting takes what stays out.",
  "tasks.onlySoundOnesOnADryDayTwistOrCut":
    "Only sound ones, on a dry day; twist or cut the leaves off roots, do not wash them.",
  "tasks.itFinishesOnSoHarvestWhatIsLeftIt": ({ day, untilDay, undug }, say) =>
    `${day < untilDay ? `It finishes on ${say.date(untilDay, day)}, so harvest what is left` : "It is finished"}: ${undug ? "cut it at the ground and leave the roots in." : "pull it, roots and all."}`,
  "tasks.theGroundIsFree": "the ground is free",
  "tasks.theNextPlantingThereWaits": "The next planting there waits.",
  "tasks.itIsTheirTimeLastChecked": ({ crop, isFirst, daysAgo }, say) =>
    `${capital(say.tell(crop))}: ${isFirst ? "it is their time" : `last checked ${say.tell(daysAgo)}`}.`,
  "tasks.fivePlantsAreLookedAtBelowThe": "five plants are looked at, below the leaves too",
  "tasks.keepOut": ({ capital, lowered, lowered2 }) =>
    `${capital}: ${lowered} Keep out: ${lowered2}`,
  "tasks.again": ({ capital }) => `${capital} again`,
  "tasks.seen": ({ seenDay, day, mild }, say) => `Seen ${say.date(seenDay, day)}. ${mild}`,
  "tasks.noneAreFoundOrFewerThanLastTime": "none are found, or fewer than last time",
  "tasks.keepOut2": ({ lowered }) => `Keep out: ${lowered}`,
  "tasks.harvestIsDueFrom": ({ nextPick, day }, say) =>
    `harvest is due from ${nextPick === Infinity ? "later on" : say.date(nextPick, day)}`,
  "tasks.soNoHarvestHereBefore": ({ from, day }, say) =>
    `so no harvest here before ${say.date(from, day)}`,
  "tasks.onlyIfThatIsNotEnoughByItsLabel": ({ what, repeatDays, beforeHarvestDays, fits }, say) =>
    `Only if that is not enough: ${what}, by its label; usually again after ${repeatDays} days, and ${beforeHarvestDays === 0 ? "up to the day of harvest" : `not within ${beforeHarvestDays} ${beforeHarvestDays === 1 ? "day" : "days"} of harvest`}: ${say.tell(fits)}.`,
  "tasks.theNettingIsOnItsEdgesBuried": "the netting is on, its edges buried",
  "tasks.pestsLayTheirEggsOnIt": "Pests lay their eggs on it.",
  "tasks.hotDaysAreExpected": ({ maxC, fromDay, untilDay, day }, say) =>
    `${say.temperature(maxC)} is expected ${fromDay === untilDay ? `on ${say.date(fromDay, day)}` : `from ${say.date(fromDay, day)} to ${say.date(untilDay, day)}`}: more than it bears.`,
  "tasks.heatMakesItBitterOrBolt": "It turns bitter, bolts or sets nothing.",
  "tasks.waterInTheMorningShadeHalf":
    "A third to half of the light is enough to take; leave the sides open and water in the morning.",
  "tasks.takeItOffAfterTheHeat": "Take it off when the heat is over.",
  "tasks.theShadeIsOn": "the shade is on",
  "tasks.softPlantsWiltAndMayNotRecover": "Soft plants wilt and may not recover.",
  "tasks.theBrightDaysAreOverLightIsScarce": "They are rooted: from now on shade only takes light.",
  "tasks.theShadeIsOff": "the shade is off",
  "tasks.itGrowsSlowlyInTheDarkWeeksAnd": "It grows slowly and stays thin.",
  "tasks.theTopInchOrTwo3To5CmIsWet": (_about, say) =>
    `the top inch or two (3 to ${say.distanceCm(5)}) is wet`,
  "tasks.shallowRootsDryOutWithinDays": "Shallow roots dry out within days.",
  "tasks.rootsAreEstablishedWaterDeeplyAnd":
    "Roots are established: water deeply and less often so they go deeper.",
  "tasks.theTimerOrTheHabitIsChanged": "the timer, or the habit, is changed",
  "tasks.rootsStayShallowAndTheBedDriesOut": "Roots stay shallow, and the bed dries out in a day.",
  "tasks.itSavesMostHereAboutOfHarvest": ({ savesKg }, say) =>
    `It saves most here: about ${say.weightG(Math.round(savesKg * 10) * 100)} of harvest.`,
  "tasks.weights": ({ weights }) => `${weights} weights`,
  "tasks.itIsOnItsEdgesWeightedDown": "it is on, its edges weighted down",
  "tasks.tenderPlantsUnderItMayDieTonight": "Tender plants under it may die tonight.",
  "tasks.itIsDoneBeforeDark": "it is done before dark",
  "tasks.theNightTakesIt": "The night takes it.",
  "tasks.leftOpenTheNightWouldCostHarvest":
    "Left open, the night would cost harvest. Closed before the sun is off it, it holds the day's warmth.",
  "tasks.ventsAndDoorsAreClosed": "vents and doors are closed",
  "tasks.insideIsAsColdAsOutside": "Inside is as cold as outside.",
  "tasks.leaveItOpenThroughTheMildNight": "leave it open through the mild night",
  "tasks.closeItAbout": ({ shutAtHour }) => `close it about ${Math.floor(shutAtHour)}`,
  "tasks.closedItWouldReachOpenItAbout00": ({ shutMaxC, openAtHour, until }, say) =>
    `Closed, it would reach ${say.temperature(shutMaxC)}: open it about ${Math.floor(openAtHour)}:00, ${say.tell(until)}.`,
  "tasks.itIsOpen": "it is open",
  "tasks.itIsClosedAgain": "it is closed again",
  "tasks.plantsOverheatAndGrowSoft": "Plants overheat and grow soft.",
  "tasks.sheltersAndCovers": "shelters and covers",
  "tasks.snowFromShelters": "snow from shelters",
  "tasks.strongWindWeightOrBuryEdgesClose": ({ on }, say) =>
    `Strong wind ${say.date(on)}: weight or bury edges, close vents and doors. Stay out of structures in the storm.`,
  "tasks.snowBrushItOffFromOutsideWhileItIs": ({ on }, say) =>
    `Snow ${say.date(on)}: brush it off from outside while it is light. Stay out from under a heavy load.`,
  "tasks.everythingIsHeldDown": "everything is held down",
  "tasks.theCoversAreClear": "the covers are clear",
  "tasks.coversBlowAway": "Covers blow away.",
  "tasks.snowBlocksLightAndCanBreakThe": "Snow blocks light and can break the structure.",
  "tasks.theNightIsMildOffItCostsNoLight": "The night is mild: off, it costs no light.",
  "tasks.itIsDryAndInStorage": "it is dry and in storage",
  "tasks.itTakesLightThatIsScarceNow": "It takes light that is scarce now.",
  "tasks.plannedForNow": "Planned for now.",
  "tasks.sownNowReady": ({ readyDay, sowDay }, say) =>
    `Sown now, ready ${say.date(readyDay, sowDay)}.`,
  "tasks.seedsInRows": ({ seeds, seedGrams, rows, startedFrom }, say) =>
    `${pieces(seeds, startedFrom, say)}, ${say.weightG(seedGrams)}, in ${rows} ${plural(rows, "row", "rows")}`,
  "tasks.seedOverArea": ({ seedGrams, areaM2 }, say) =>
    `${say.weightG(seedGrams)} of seed over ${say.areaM2(areaM2)}, ${say.ratePerM2(seedGrams / areaM2)}`,
  "tasks.withItIsSown": ({ crop, seeds, seedGrams, startedFrom, alternating }, say) =>
    `${alternating ? "In turn with" : "Mixed with"} ${crop}: ${pieces(seeds, startedFrom, say)}, ${say.weightG(seedGrams)}.`,
  "tasks.setStoredRoots": ({ grams }, say) =>
    `Sound roots from the store, of about ${say.weightG(grams)}: leaves cut to ${say.distanceCm(2)} above the crown, set close in damp soil or sand, crowns just free. Throw soft or mouldy ones away.`,
  "tasks.keepThemDark": (_about, say) =>
    `Turn a pot or a box without holes over them: in light they turn green and bitter. Keep them at about ${say.temperature(14)}, not by the stove.`,
  "tasks.soakThenCoverAndWeighDown":
    "Soak large seed overnight and drain it. Sow it thick, cover it with a board that is weighed down, and take the board off when the shoots lift it, after 3 to 4 days.",
  "tasks.deepRowsApart": ({ depthCm, rowCm }, say) =>
    `${say.distanceCm(depthCm)} deep, rows ${say.distanceCm(rowCm)} apart.`,
  "tasks.dueUpAboutOf100GoodSeeds": ({ emergeDay, sowDay, share }, say) =>
    `Due up ${say.date(emergeDay, sowDay)}, about ${Math.round(share * 100)} of 100 good seeds.`,
  "tasks.theRowIsChecked": "the row is checked",
  "tasks.itIsTooLateToResowGaps": "It is too late to resow gaps.",
  "tasks.gapsCanBeResownUntil": ({ day, sowDay }, say) =>
    `Gaps can be resown until ${say.date(day, sowDay)}.`,
  "tasks.gapsCanBeResownEachDayOfWaiting":
    "Gaps can be resown: each day of waiting costs about a day.",
  "tasks.countHowManyOfAboutFiftySeedsCame":
    "Count how many of about fifty seeds came up and log it.",
  "tasks.together": ({ plantsPerStation }) => `, ${plantsPerStation} together`,
  "tasks.theSeedlingsTouchThoseThatStayNeed": "The seedlings touch: those that stay need space.",
  "tasks.oneEvery": ({ stationCm, together }, say) =>
    `one every ${say.distanceCm(stationCm)}${say.tell(together)}`,
  "tasks.eachHasItsRoom": "each has its room",
  "tasks.theyCrowdRootsStayThinAndHeadsDo": "They crowd: roots stay thin and heads do not form.",
  "tasks.cutTheExtraPlantsWithScissorsOr":
    "Cut the extra plants with scissors, or pull them in the evening and water after.",
  "tasks.plantedNowReadyChooseACoolCloudy": ({ readyDay, sowDay }, say) =>
    `Planted now, ready ${say.date(readyDay, sowDay)}. Choose a cool, cloudy hour or the evening.`,
  "tasks.plantsInRows": ({ plants, rows }, say) => `${say.number(plants)} plants in ${rows} rows`,
  "tasks.toBeSetOutBy": ({ plantOutDay, sowDay }, say) =>
    `to be set out by ${say.date(plantOutDay, sowDay)}`,
  "tasks.plantsAbout": ({ plants, ageDays }, say) =>
    `${say.number(plants)} ${plural(plants, "plant", "plants")}, ${Math.round(ageDays / 7)} ${plural(Math.round(ageDays / 7), "week", "weeks")} old`,
  "tasks.thePlantsAreHere": "the plants are here",
  "tasks.chooseStockyPlantsHardenThem":
    "Choose short, stocky plants with white roots; look under the leaves for pests. Stand them outside by day for a week if they come from under glass.",
  "tasks.plantDeepUpToTheFirstLeavesAndFirm":
    "Plant deep, up to the first leaves, and firm: a leaf should tear before the plant lifts.",
  "tasks.sownTheyHaveOutgrownTheirCellsPot": ({ dayNumber, day }, say) =>
    `Sown ${say.date(dayNumber, day)}, they have outgrown their cells: pot them up (leggy ones deeper) or transplant them.`,
  "tasks.seedlings": ({ alive }) => `${alive} seedlings`,
  "tasks.rootsHaveRoom": "roots have room",
  "tasks.rootBoundPlantsStopGrowingAndBolt": "Root-bound plants stop growing and bolt.",
  "tasks.itsSeedlingsAreNeededInAFewWeeks": "Its seedlings are needed in a few weeks.",
  "tasks.cells": ({ cells }) => `${cells} cells`,
  "tasks.transplantingIsDelayedByAsMuch": "Transplanting is delayed by as much.",
  "tasks.seedlingsShouldShowCountThem": "Seedlings should show: count them.",
  "tasks.theyAreCounted": "they are counted",
  "tasks.moreThanNeededInEachCellCutThe":
    "More than needed in each cell: cut the extras with scissors.",
  "tasks.eachCellHoldsWhatItShould": "each cell holds what it should",
  "tasks.theyCrowdAndGrowLeggy": "They crowd and grow leggy.",
  "tasks.theyAreTransplantedSoonALittle":
    "They are transplanted soon: a little longer outside each day.",
  "tasks.theyHaveBeenOutANight": "they have been out a night",
  "tasks.softSeedlingsStopGrowingOrScorch":
    "Soft seedlings stop growing or scorch when transplanted.",
  "tasks.theyAreForNoBedYet": ({ plantOutDay, day }, say) =>
    plantOutDay <= day
      ? "They can be planted out now, and no bed is chosen for them."
      : `They can be planted out about ${say.date(plantOutDay, day)}, and no bed is chosen for them.`,
  "tasks.aBedIsChosenForThem": "a bed is chosen",
  "tasks.theyAreLargeEnoughAndHardenedOff":
    "They are large enough and hardened off. Choose a cool, cloudy hour or the evening.",
  "tasks.theyAreInTheBed": "they are in the bed",
  "tasks.theyBecomeRootBound": "They become root-bound.",
  "tasks.lookAlikesAreNextToEachOther": "Look-alikes are next to each other.",
  "tasks.theLabelIsInTheTray": "the label is in the tray",
  "tasks.nobodyCanTellThemApartUntilThey": "Nobody can tell them apart until they head.",
  "tasks.to": ({ tray, bed }) => `${tray} to ${bed}`,
  "tasks.hoursOutside": ({ hours }) => `${hours} hours outside`,
  "tasks.uncoveredBeds": "Uncovered beds",
  "tasks.beds": ({ bedsCount }) => `${bedsCount} beds`,
  "tasks.aboutMmHaveEvaporated": ({ missingMm, lastDay, day, keepsRainOff }, say) =>
    `About ${say.rainMm(missingMm)} of water evaporated ${lastDay === null ? "in three weeks" : `since ${say.date(lastDay, day)}`}${keepsRainOff ? ", and no rain comes in" : " beyond the rain"}.`,
  "tasks.lPerMLInAll": ({ givenMm, areaM2 }, say) =>
    `${say.rainMm(givenMm)} of water, ${say.waterL(roughly(givenMm * areaM2))} in all`,
  "tasks.aFingersLengthDownIsMoist": "a finger's length down is moist",
  "tasks.growthStopsLeavesTurnBitterAnd": "Growth stops, leaves turn bitter, and seedlings die.",
  "tasks.inTheMorningAtTheSoilLeavesDryBy":
    "In the morning, at the soil, leaves dry by night; less on heavy soil.",
  "tasks.asPlannedItWillNotBeReadyHere": "As planned, it will not be ready here.",
  "tasks.aWeekLaterItWouldNotBeReadyHere": "A week later it would not be ready here.",
  "tasks.aBoardKeepsMiceOffShoots": ({ offDay, day }, say) =>
    `Lay a board on the seed and weigh it down until ${say.date(offDay, day)}: mice stay out, and the stand comes up even.`,
  "tasks.meshKeepsMiceOffSeed": ({ offDay, day }, say) =>
    `Mice and crows dig the seed out: fine wire mesh over the row until about ${say.date(offDay, day)}.`,
  "tasks.theBoardLiesFlatWeighedDown": "the board lies flat, weighed down at its corners",
  "tasks.theMeshIsOnItsEdgesBuriedDeep": "the mesh is on, its edges a hand deep in the soil",
  "tasks.aRowOfSeedGoesInANight": "A row of seed goes in one night.",
  "tasks.miceComeInAtTheEdges":
    "Mice come in at the edges: look along them each day, and set traps under a cover if something was dug.",
  "tasks.theyAreUpAndTooTallForMice": "They are up, and mice leave them now.",
  "tasks.theCoverIsOff": "the cover is off",
  "tasks.theyGrowIntoItAndBend": "They grow into it, bend and turn pale.",
  "tasks.theTrayWouldStandAt": ({ tempC, bearsC }, say) =>
    `It would be ${say.temperature(tempC)} where it stands; these seedlings bear ${say.temperature(bearsC)}, and roots in cells freeze through.`,
  "tasks.aWeekLaterItWouldBeReadyTheSameDay": "A week later it would be ready the same day.",
  "tasks.aWeekLaterItWouldBeReadyOn": ({ costs, readyDay, sowDay }, say) =>
    `A week later it would be ready ${say.later(costs)}, on ${say.date(readyDay, sowDay)}.`,
  "tasks.weight": ({ grams }, say) => say.weightG(grams),
  "tasks.volume": ({ litres }, say) => say.volumeL(litres),
  "tasks.theirMoveIsPlannedFor": ({ onDay }, say) =>
    `Their move is planned for ${say.date(onDay)}.`,
  "tasks.toPlace": ({ kind, shelter }, say) => `to ${standingPlace(kind, say.tell(shelter))}`,
  "tasks.theyStandThere": "they stand there",
  "tasks.theyGrowAsWhereTheyStand":
    "They go on growing as warm or as cold as where they stand now.",
  "tasks.shootsStandOutOfTheSoilFillUp": ({ time, times }) =>
    `The shoots stand a hand and more out of the soil: filling ${time} of ${times}.`,
  "tasks.fillUpTo": ({ toM, litres, containers }, say) =>
    `soil up to ${say.distanceCm(toM * 100)}, about ${say.volumeL(litres)} for ${containers === 1 ? "it" : `all ${say.number(containers)}`}`,
  "tasks.onlyTheirTopsShow": "only their tops show",
  "tasks.tubersFormOnlyUnderSoil":
    "Tubers form only on stems under soil, and turn green and poisonous in the light.",
  "tasks.apart": ({ rowCm, inRowCm }, say) =>
    `${say.distanceCm(rowCm)} × ${say.distanceCm(inRowCm)}`,
  "tasks.list": ({ names, more }, say) =>
    more > 0 ? `${say.names(names)} and ${more} more` : say.list(names),
  "tasks.daysAgo": ({ days }) => (days === 1 ? "yesterday" : `${days} days ago`),
  "tasks.bench": "Bench",
  "tasks.store": "Store",
  "tasks.cutWhen": ({ ripeWhen }) => `Cut it when ${ripeWhen}.`,
  "tasks.plantsLeftForSeed": ({ plants }) => `${plants} ${plants === 1 ? "plant" : "plants"}`,
  "tasks.seedStepEnds": ({ what }) =>
    ({
      mark: "The best plants are marked; nobody picks them.",
      lift: "The best are lifted, untrimmed, and stored apart.",
      setOut: "They stand in the bed again, crowns level with the soil.",
      isolate: "No insect gets in.",
      cut: "Ripe seed is under a roof.",
      dry: "It rattles, and breaks when bent.",
      test: "It is clean, dry, tested and in the seed box.",
    })[what],
  "tasks.seedStepLeft": ({ what }) =>
    ({
      mark: "The best are eaten, and seed comes from what was left.",
      lift: "Frost takes them.",
      setOut: "They sprout and rot in the store.",
      isolate: "The seed is crossed: nobody knows what it becomes.",
      cut: "It drops, or birds take it.",
      dry: "It moulds.",
      test: "Nobody knows whether it sprouts.",
    })[what],
  "tasks.theBestMakeSeed": ({ plants }) =>
    `Seed comes true from ${plants} plants or more: keep the best, and those that flower last of what should not bolt.`,
  "tasks.itFlowersInItsSecondYear": "It flowers only after a winter.",
  "tasks.itCrosses": ({ isolationM, by }, say) =>
    by === "wind"
      ? `Wind crosses it with its kind within ${say.distanceM(isolationM)}.`
      : `Insects cross it with its kind within ${say.distanceM(isolationM)}.`,
  "tasks.ripeSeedDropsOrIsEaten": "Ripe seed drops, or is eaten.",
  "tasks.dryAndTest":
    "Dry it airy and in the shade, never above 35 °C; lay 50 seeds on damp paper and count what sprouts.",
  "tasks.crossesHereWith": ({ names }, say) =>
    `In flower here at the same time: ${say.names(names)}.`,
  "tasks.crossesWithWild": ({ wild }) => `Look around for ${wild}.`,
});
