// `npm run bench`: measured values beside what is wanted. Printed, never a test: machines differ.
import { benchDrag, benchEverySowing } from "./core";
import { benchFirstView } from "./firstView";
import { benchGenerator, benchRecords, benchSkyline } from "./weather";

benchEverySowing();
benchDrag();
benchRecords();
benchGenerator();
benchSkyline();
await benchFirstView();
