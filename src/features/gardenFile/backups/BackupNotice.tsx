"use client";

import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import type { Garden } from "@/core/garden";
import { setView, type ViewState } from "@/ui/viewState";
import { keeping as say } from "@/words/en/keeping";
import { saveGardenFile } from "../gardenFiles";
import { putOffReminder } from "./saved";

interface Props {
  due: NonNullable<ViewState["backupDue"]>;
  garden: Garden;
}

/** Reminds of saving the garden outside this browser, with the way to it. */
export default function BackupNotice({ due: { daysAgo, changes }, garden }: Props) {
  return (
    <Alert
      severity="info"
      role="note"
      sx={{ flexWrap: "wrap", "& .MuiAlert-action": { pt: 0, alignItems: "center" } }}
      action={
        <>
          <Button color="inherit" size="small" onClick={() => void saveGardenFile(garden)}>
            {say.saveNow}
          </Button>
          <Button color="inherit" size="small" onClick={() => setView({ keeping: "backups" })}>
            {say.backups}
          </Button>
          <Button color="inherit" size="small" onClick={() => void putOffReminder()}>
            {say.later}
          </Button>
        </>
      }
    >
      {daysAgo === null ? say.neverSaved : say.savedAgo({ days: daysAgo })}{" "}
      {daysAgo !== null && say.changesSince({ changes })}
    </Alert>
  );
}
