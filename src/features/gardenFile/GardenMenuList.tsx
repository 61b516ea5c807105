"use client";

import Divider from "@mui/material/Divider";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import type { Garden } from "@/core/garden";
import { canShareFiles } from "@/ui/share";
import { setView } from "@/ui/viewState";
import { saveBedsMap, saveGardenFile, savePlantingsTable, saveTasksTable } from "./gardenFiles";
import {
  chooseBedsMap,
  chooseFileToJoin,
  chooseGardenFile,
  loadDemoGarden,
  startAfresh,
} from "./gardenTaken";
import { gardenFile as say } from "@/words/en/gardenFile";
import { keeping as keepingSay } from "@/words/en/keeping";
import { joining as joiningSay } from "@/words/en/joining";

interface Props {
  anchor: HTMLElement;
  garden: Garden;
  onClose: () => void;
  onRename: () => void;
}

/** The entries of the garden's menu; loaded when it is opened. */
export default function GardenMenuList({ anchor, garden, onClose, onRename }: Props) {
  const choose = (act: () => void) => () => {
    onClose();
    act();
  };
  const addBeds = () => setView({ addingBeds: true });
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      <MenuItem onClick={choose(() => setView({ keeping: "calendar" }))}>
        {say.saveCalendarIcs}
      </MenuItem>
      <MenuItem onClick={choose(() => void savePlantingsTable(garden))}>
        {say.savePlantingsCsv}
      </MenuItem>
      <MenuItem onClick={choose(() => void saveTasksTable(garden))}>{say.saveTasksCsv}</MenuItem>
      <MenuItem onClick={choose(() => void saveBedsMap(garden))}>
        {say.saveBedsForMapsGeojson}
      </MenuItem>
      <Divider />
      <MenuItem onClick={choose(() => void saveGardenFile(garden))}>{say.saveGardenFile}</MenuItem>
      {canShareFiles() && (
        <MenuItem onClick={choose(() => setView({ keeping: "share" }))}>
          {keepingSay.shareGarden}
        </MenuItem>
      )}
      <MenuItem onClick={choose(() => setView({ keeping: "backups" }))}>
        {keepingSay.backups}
      </MenuItem>
      <MenuItem onClick={choose(chooseGardenFile)}>{say.importAGardenFile}</MenuItem>
      <MenuItem onClick={choose(chooseFileToJoin)}>{joiningSay.joinAnotherDevicesFile}</MenuItem>
      <MenuItem onClick={choose(chooseBedsMap)}>{say.importBedsFromAMapGeojson}</MenuItem>
      <MenuItem onClick={choose(() => void loadDemoGarden())}>{say.openTheSampleGarden}</MenuItem>
      <MenuItem onClick={choose(() => void startAfresh())}>{say.startWithAnEmptyGarden}</MenuItem>
      <Divider />
      <MenuItem onClick={choose(addBeds)}>{say.addBeds}</MenuItem>
      <MenuItem onClick={choose(onRename)}>{say.rename}</MenuItem>
    </Menu>
  );
}
