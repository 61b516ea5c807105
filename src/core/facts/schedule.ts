import type { Nothing, Told } from "./told";

/** What the room of schedule has to say, and about what. */
export interface ScheduleFacts {
  "schedule.nothingSownIsReadyByThen": { covers: readonly string[] };
  "schedule.itHadToBeSownByAgo": { covers: readonly string[]; latestSowDay: number; today: number };
  "schedule.needsAboutHoursOfDirectSunADayHere": {
    cropName: string;
    neededH: number;
    directSunH: number;
  };
  "schedule.countedFromSowing": Nothing;
  "schedule.countedFromEmergence": Nothing;
  "schedule.countedFromTransplanting": Nothing;
  "schedule.packetDaysFromSowingToABabyLeafCut": { totalPacketDays: number };
  "schedule.packetDaysOnThePacket": { packetDays: number; packetBasis: Told };
  "schedule.ofThemToRecoverFromTransplanting": { shockPacketDays: number };
  "schedule.afterWeeksInTraysItNeedsMoreInThe": {
    packet: Told;
    benchDays: number;
    bedPacketDays: number;
    shock: Told;
  };
  "schedule.aboutOfThemUntilItIsUp": { emergencePacketDays: number };
  "schedule.sownStraightIntoTheBedThatMakes": { packet: Told; totalPacketDays: number; up: Told };
  "schedule.theSoilIsUsuallyWhenItIsSown": { meanC: number };
  "schedule.andDoesNotGetWarmEnoughForItTo": { soil: Told };
  "schedule.itIsUpAboutIn": { soil: Told; emergeDay: number; sowDay: number };
  "schedule.needsAWinterFirstThenPacketDaysOf": { crop: string; springPacketDays: number };
  "schedule.aDaysGrowthIsPacketDaysWhenItIsAnd": { first: string; begun: "up" | "transplanted" };
  "schedule.aDaysGrowthIsPacketDaysWhenItIsAnd2": {
    first: string;
    begun: "up" | "transplanted";
    last: string;
    readyDay: number;
    bedDay: number;
  };
  "schedule.theSkylineLetsOfTheLightThrough": { share: number };
  "schedule.daysAndMoreForFallDaysInTheBed": { days: number; fallAdditionDays: number };
  "schedule.frostIsRarerHereThanSoThereIsNo": { frostRisk: number };
  "schedule.countsBackFromTheFirstFrostBy": { frostRisk: number; frostDay: number; sowDay: number };
  "schedule.daysAreNeverThatShortHereSoNothing": Nothing;
  "schedule.byWhenDaysFallUnderHoursItIsGrown": {
    fromDay: number;
    shortDayHours: number;
    share: number;
  };
  "schedule.enoughToHold": { grown: Told };
  "schedule.isNeededSoItWaitsFor": {
    grown: Told;
    grownBeforeShortDays: number;
    toDay: number;
    fromDay: number;
  };
  "schedule.aKillingNightAtTheCropByTheTimeIt": {
    lethalC: number;
    inSoil: boolean;
    covers: readonly string[];
    lossBeforeReady: number;
  };
  "schedule.itHoldsUntilAboutByThenAKilling": {
    holdsUntilDay: number;
    sowDay: number;
    lethalC: number;
    inSoil: boolean;
    frostRisk: number;
  };
  "schedule.itHoldsUntilAboutThenQualityDrops": { holdsUntilDay: number; sowDay: number };
  "schedule.itIsLikelyToBoltAboutBeforeItIs": {
    boltDay: number;
    sowDay: number;
    overwinters: boolean;
  };
  "schedule.heatEndsItBefore": { readyDay: number; sowDay: number; heatDay: number };
  "schedule.daysGetTooWarmForItAbout": { heatDay: number; sowDay: number };
  "schedule.firstPickingThenFullSize": {
    readyDay: number;
    fullSizeDay: number | null;
    usable: number;
    sowDay: number;
  };
  "schedule.itOverwintersSoItBoltsAboutHarvest": {
    boltDay: number;
    sowDay: number;
    overwinters: boolean;
  };
  "schedule.frostMakesItSweeterItIsBestAfter": { frostDay: number; sowDay: number };
  "schedule.sownThenWillNotBeReadyHere": { name: string };
  "schedule.itWouldBeReadyButColdKillsItBefore": {
    readyDay: number;
    sowDay: number;
    lossBeforeReady: number;
  };
  "schedule.notBeforeGrowthStopsInTheDarkWeeks": { readyDay: number; sowDay: number };
  "schedule.readyLaterThanWanted": { readyDay: number; sowDay: number; byDay: number };
  "schedule.readyButHoldsOnlyUntilAbout": { readyDay: number; sowDay: number; until: number };
  "schedule.overwintersReady": { readyDay: number; sowDay: number };
  "schedule.readyItDoesNotFinishBeforeTheDark": { readyDay: number; sowDay: number };
  "schedule.holdsUntilAbout": { until: number; sowDay: number };
  "schedule.ready": { readyDay: number; sowDay: number; stands: Told };
  "schedule.onABrightAfternoonTheSoilAtSeed": {
    warmestC: number;
    toC: number;
    share: number;
  };
  "schedule.sowInTheEveningDeepInAFurrowThat": {
    depthCm: number;
    deeperCm: number;
    warmestC: number;
    after: number;
  };
  "schedule.orChillTheDampSeedInThe": Nothing;
  "schedule.orSoakTheSeedOvernightInCoolWater": Nothing;
  "schedule.noneGerminate": Nothing;
  "schedule.itTakesAboutDays": { days: number };
  "schedule.sowUnderACoverOrStartItInTrays": Nothing;
  "schedule.startItInTraysOrWaitForWarmerSoil": Nothing;
  "schedule.theSoilIsUsuallyThenBelowAndMany": {
    meanC: number;
    fromC: number;
    slow: Told;
    way: Told;
  };
  "schedule.itGerminatesPoorlyAboveInSummer": { toC: number };
  "schedule.notAtAll": Nothing;
  "schedule.inDays": { onBench: number };
  "schedule.onAHeatMatSetToItComesUpInDaysOnA": { matC: number; onMat: number; rather: Told };
  "schedule.needsLight": Nothing;
  "schedule.germinatesBetterInLight": Nothing;
  "schedule.theSeedPressItInAndBarelyCoverIt": { words: Told };
  "schedule.packetAndUp": { packet: Told; up: Told };
}
