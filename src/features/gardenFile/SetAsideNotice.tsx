"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { gardenStore } from "@/store/index";
import { saveEverything } from "./saveEverything";
import "@/words/en/facts";
import { gardenFile as say } from "@/words/en/gardenFile";
import { imports as importsSay } from "@/words/en/imports";
import type { Told } from "@/core/facts";
import { told } from "@/ui/wording";

const MOST_LINES = 8;

/** Names what did not read when the garden was opened: it is kept beside the garden. */
export default function SetAsideNotice({ lines }: { lines: readonly Told[] }) {
  const more = lines.length - MOST_LINES;
  return (
    <Alert
      severity="warning"
      sx={{ "& .MuiAlert-message": { flex: 1, minWidth: 0 }, flexWrap: "wrap" }}
      action={
        <Box sx={{ display: "flex", flexWrap: "wrap" }}>
          <Button color="inherit" size="small" onClick={() => void saveEverything()}>
            {say.saveEverythingAsAFile}
          </Button>
          <Button color="inherit" size="small" onClick={() => gardenStore().closeSetAside()}>
            {importsSay.close}
          </Button>
        </Box>
      }
    >
      {importsSay.partOfTheGardenCouldNotBeReadItWas}
      <Box component="ul" sx={{ m: 0, pl: 2.5, maxHeight: 160, overflowY: "auto" }}>
        {lines
          .slice(0, MOST_LINES)
          .map(told)
          .map((line) => (
            <Box component="li" key={line} sx={{ overflowWrap: "anywhere" }}>
              {line}
            </Box>
          ))}
        {more > 0 && <li>{importsSay.andMore2({ more })}</li>}
      </Box>
    </Alert>
  );
}
