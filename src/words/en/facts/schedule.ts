import type { ScheduleFacts } from "@/core/facts";
import { learn } from "../../sentences";
import { whereWords } from "../../covers";

/** Where a killing cold is felt. */
const medium = (inSoil: boolean) => (inSoil ? "in the soil" : "at the crop");

export const schedule = learn<ScheduleFacts>({
  "schedule.nothingSownIsReadyByThen": ({ covers }) =>
    `Nothing sown ${whereWords(covers)} is ready by then.`,
  "schedule.itHadToBeSownByAgo": ({ covers, latestSowDay, today }, say) =>
    `It had to be sown ${whereWords(covers)} by ${say.date(latestSowDay, today)}, ${say.days(today - latestSowDay)} ago.`,
  "schedule.needsAboutHoursOfDirectSunADayHere": ({ cropName, neededH, directSunH }, say) =>
    `${cropName} needs about ${neededH} hours of direct sun a day; here the skyline leaves ${say.number(directSunH, 1)}.`,
  "schedule.countedFromSowing": "counted from sowing",
  "schedule.countedFromEmergence": "counted from emergence",
  "schedule.countedFromTransplanting": "counted from transplanting",
  "schedule.packetDaysFromSowingToABabyLeafCut": ({ totalPacketDays }, say) =>
    `${say.number(totalPacketDays)} packet days from sowing to a baby-leaf cut.`,
  "schedule.packetDaysOnThePacket": ({ packetDays, packetBasis }, say) =>
    `${packetDays} packet days on the packet, ${say.tell(packetBasis)}`,
  "schedule.ofThemToRecoverFromTransplanting": ({ shockPacketDays }) =>
    `, ${shockPacketDays} of them to recover from transplanting`,
  "schedule.afterWeeksInTraysItNeedsMoreInThe": (
    { packet, benchDays, bedPacketDays, shock },
    say,
  ) =>
    `${say.tell(packet)}; after ${benchDays / 7} weeks in trays it needs ${say.number(bedPacketDays)} more in the bed${say.tell(shock)}.`,
  "schedule.aboutOfThemUntilItIsUp": ({ emergencePacketDays }, say) =>
    `about ${say.number(emergencePacketDays)} of them until it is up`,
  "schedule.sownStraightIntoTheBedThatMakes": ({ packet, totalPacketDays, up }, say) =>
    `${say.tell(packet)}; sown straight into the bed that makes ${say.number(totalPacketDays)} from sowing, ${say.tell(up)}.`,
  "schedule.theSoilIsUsuallyWhenItIsSown": ({ meanC }, say) =>
    `The soil is usually ${say.temperature(meanC)} when it is sown`,
  "schedule.andDoesNotGetWarmEnoughForItTo": ({ soil }, say) =>
    `${say.tell(soil)}, and does not get warm enough for it to germinate.`,
  "schedule.itIsUpAboutIn": ({ soil, emergeDay, sowDay }, say) =>
    `${say.tell(soil)}: it is up about ${say.date(emergeDay, sowDay)}, in ${say.days(emergeDay - sowDay)}.`,
  "schedule.needsAWinterFirstThenPacketDaysOf": ({ crop, springPacketDays }, say) =>
    `${crop} needs a winter first, then ${say.number(springPacketDays)} packet days of returning light.`,
  "schedule.aDaysGrowthIsPacketDaysWhenItIsAnd": ({ first, begun }) =>
    `A day's growth is ${first} packet days when it is ${begun}, and after that too little for it to be ready.`,
  "schedule.aDaysGrowthIsPacketDaysWhenItIsAnd2": ({ first, begun, last, readyDay, bedDay }, say) =>
    `A day's growth is ${first} packet days when it is ${begun} and ${last} at the end, so they take ${say.days(readyDay - bedDay)}.`,
  "schedule.theSkylineLetsOfTheLightThrough": ({ share }, say) =>
    `The skyline lets ${say.number(share * 100)} % of the light through; this is counted in.`,
  "schedule.daysAndMoreForFallDaysInTheBed": ({ days, fallAdditionDays }, say) =>
    `${say.number(days)} days and ${fallAdditionDays} more for fall: ${Math.ceil(days + fallAdditionDays)} days in the bed.`,
  "schedule.frostIsRarerHereThanSoThereIsNo": ({ frostRisk }, say) =>
    `Frost is rarer here than ${say.chance(frostRisk)}, so there is no date to count back from. Use the growth or ten-hour-day method.`,
  "schedule.countsBackFromTheFirstFrostBy": ({ frostRisk, frostDay, sowDay }, say) =>
    `Counts back from the first frost, ${say.chance(frostRisk)} by ${say.date(frostDay, sowDay)}.`,
  "schedule.daysAreNeverThatShortHereSoNothing":
    "Days are never that short here, so nothing has to hold.",
  "schedule.byWhenDaysFallUnderHoursItIsGrown": ({ fromDay, shortDayHours, share }, say) =>
    `By ${say.date(fromDay)}, when days fall under ${shortDayHours} hours, it is ${Math.round(share * 100)} % grown`,
  "schedule.enoughToHold": ({ grown }, say) => `${say.tell(grown)}: enough to hold.`,
  "schedule.isNeededSoItWaitsFor": ({ grown, grownBeforeShortDays, toDay, fromDay }, say) =>
    `${say.tell(grown)}; ${Math.round(grownBeforeShortDays * 100)} % is needed, so it waits for ${say.date(toDay + 1, fromDay)}.`,
  "schedule.aKillingNightAtTheCropByTheTimeIt": (
    { lethalC, inSoil, covers, lossBeforeReady },
    say,
  ) =>
    `A killing night (${say.temperature(lethalC)} ${medium(inSoil)} by the time it is ready) comes ${whereWords(covers)} before it is ready ${say.chance(lossBeforeReady)}.`,
  "schedule.itHoldsUntilAboutByThenAKilling": (
    { holdsUntilDay, sowDay, lethalC, inSoil, frostRisk },
    say,
  ) =>
    `It holds until about ${say.date(holdsUntilDay, sowDay)}: by then a killing night (${say.temperature(lethalC)} ${medium(inSoil)}) comes ${say.chance(frostRisk)}.`,
  "schedule.itHoldsUntilAboutThenQualityDrops": ({ holdsUntilDay, sowDay }, say) =>
    `It holds until about ${say.date(holdsUntilDay, sowDay)}, then quality drops.`,
  "schedule.itIsLikelyToBoltAboutBeforeItIs": ({ boltDay, sowDay, overwinters }, say) =>
    `It is likely to bolt about ${say.date(boltDay, sowDay)}, before it is full size, because ${overwinters ? "it overwinters" : "days are long"}. Harvest it small by then.`,
  "schedule.heatEndsItBefore": ({ readyDay, sowDay, heatDay }, say) =>
    `It would be ready ${say.date(readyDay, sowDay)}, but days get too warm for it by about ${say.date(heatDay, sowDay)}: it bolts, turns bitter or sets nothing.`,
  "schedule.daysGetTooWarmForItAbout": ({ heatDay, sowDay }, say) =>
    `Days get too warm for it about ${say.date(heatDay, sowDay)}: harvest it by then.`,
  "schedule.firstPickingThenFullSize": ({ readyDay, fullSizeDay, usable, sowDay }, say) =>
    `The first picking is about ${say.date(readyDay, sowDay)}, at ${Math.round(usable * 100)} % of full size${fullSizeDay === null ? "." : `; it is full-grown about ${say.date(fullSizeDay, sowDay)}.`}`,
  "schedule.itOverwintersSoItBoltsAboutHarvest": ({ boltDay, sowDay, overwinters }, say) =>
    `${overwinters ? "It overwinters" : "Days are long"}, so it bolts about ${say.date(boltDay, sowDay)}: harvest it by then and the bed is free.`,
  "schedule.frostMakesItSweeterItIsBestAfter": ({ frostDay, sowDay }, say) =>
    `Frost makes it sweeter: it is best after the first frosts, by ${say.date(frostDay, sowDay)} in half of the years.`,
  "schedule.sownThenWillNotBeReadyHere": ({ name }) => `${name} sown then will not be ready here.`,
  "schedule.itWouldBeReadyButColdKillsItBefore": ({ readyDay, sowDay, lossBeforeReady }, say) =>
    `It would be ready ${say.date(readyDay, sowDay)}, but cold kills it before then ${say.chance(lossBeforeReady)}.`,
  "schedule.notBeforeGrowthStopsInTheDarkWeeks": ({ readyDay, sowDay }, say) =>
    `Not before ${say.date(readyDay, sowDay)}: growth stops in the dark weeks.`,
  "schedule.readyLaterThanWanted": ({ readyDay, sowDay, byDay }, say) =>
    `Ready ${say.date(readyDay, sowDay)}, ${say.days(readyDay - byDay)} later than wanted.`,
  "schedule.readyButHoldsOnlyUntilAbout": ({ readyDay, sowDay, until }, say) =>
    `Ready ${say.date(readyDay, sowDay)}, but holds only until about ${say.date(until, sowDay)}.`,
  "schedule.overwintersReady": ({ readyDay, sowDay }, say) =>
    `Overwinters; ready ${say.date(readyDay, sowDay)}.`,
  "schedule.readyItDoesNotFinishBeforeTheDark": ({ readyDay, sowDay }, say) =>
    `Ready ${say.date(readyDay, sowDay)}: it does not finish before the dark weeks and waits for light.`,
  "schedule.holdsUntilAbout": ({ until, sowDay }, say) =>
    `, holds until about ${say.date(until, sowDay)}`,
  "schedule.ready": ({ readyDay, sowDay, stands }, say) =>
    `Ready ${say.date(readyDay, sowDay)}${say.tell(stands)}.`,
  "schedule.onABrightAfternoonTheSoilAtSeed": ({ warmestC, toC, share }, say) =>
    `On a bright afternoon the soil at seed depth reaches about ${say.temperature(warmestC)}; above ${say.temperature(toC)} few come up. As it is, about ${Math.round(share * 100)} of 100 do.`,
  "schedule.sowInTheEveningDeepInAFurrowThat": ({ depthCm, deeperCm, warmestC, after }, say) =>
    `Sow in the evening, ${say.distanceCm(depthCm + deeperCm)} deep in a furrow that holds water. Water twice a day and shade until it is up: about ${say.temperature(warmestC)}, and ${after} of 100.`,
  "schedule.orChillTheDampSeedInThe":
    "Or chill the damp seed in the refrigerator for two or three days first.",
  "schedule.orSoakTheSeedOvernightInCoolWater": "Or soak the seed overnight in cool water first.",
  "schedule.noneGerminate": "none germinate",
  "schedule.itTakesAboutDays": ({ days }) => `it takes about ${Math.round(days)} days`,
  "schedule.sowUnderACoverOrStartItInTrays": "Sow under a cover, or start it in trays.",
  "schedule.startItInTraysOrWaitForWarmerSoil": "Start it in trays, or wait for warmer soil.",
  "schedule.theSoilIsUsuallyThenBelowAndMany": ({ meanC, fromC, slow, way }, say) =>
    `The soil is usually ${say.temperature(meanC)} then; below ${say.temperature(fromC)} ${say.tell(slow)}, and many rot. ${say.tell(way)}`,
  "schedule.itGerminatesPoorlyAboveInSummer": ({ toC }, say) =>
    `It germinates poorly above ${say.temperature(toC)}: in summer keep the tray in shade or a cool room until it is up.`,
  "schedule.notAtAll": "not at all",
  "schedule.inDays": ({ onBench }) => `in ${Math.round(onBench)} days`,
  "schedule.onAHeatMatSetToItComesUpInDaysOnA": ({ matC, onMat, rather }, say) =>
    `On a heat mat set to ${say.temperature(matC)} it comes up in ${Math.round(onMat)} days; on a cool bench ${say.tell(rather)}.`,
  "schedule.needsLight": "needs light",
  "schedule.germinatesBetterInLight": "germinates better in light",
  "schedule.theSeedPressItInAndBarelyCoverIt": ({ words }, say) =>
    `The seed ${say.tell(words)}: press it in and barely cover it.`,
  "schedule.packetAndUp": ({ packet, up }, say) => `${say.tell(packet)}, ${say.tell(up)}.`,
});
