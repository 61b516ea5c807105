// `npm run bench`: measured values beside what is wanted. Printed, never a test: machines differ.
import { benchDrag, benchEverySowing } from "./core";
import { benchLibrary, benchSowToday } from "./crops";
import { benchFirstView } from "./firstView";
import { benchGenerator, benchRecords, benchSkyline } from "./weather";

benchEverySowing();
benchDrag();
benchLibrary();
benchSowToday();
benchRecords();
benchGenerator();
benchSkyline();
await benchFirstView();
