// `npm run bench`: measured values beside what is wanted. Printed, never a test: machines differ.
import { benchBedMap, benchBeds } from "./beds";
import { benchDrag, benchEverySowing } from "./core";
import { benchLibrary, benchSowToday } from "./crops";
import { benchFirstView } from "./firstView";
import { benchMoves } from "./moves";
import { benchRound, benchToday } from "./round";
import { benchShelter, benchTonight } from "./shelter";
import { benchLogbook, benchTabs } from "./tabs";
import { benchGenerator, benchRecords, benchSkyline } from "./weather";

benchEverySowing();
benchDrag();
benchLibrary();
benchSowToday();
benchBeds();
benchRecords();
benchGenerator();
benchSkyline();
benchShelter();
benchTonight();
benchRound();
await benchBedMap();
await benchToday();
await benchTabs();
await benchLogbook();
await benchMoves();
await benchFirstView();
