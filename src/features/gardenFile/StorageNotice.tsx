"use client";

import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import type { Garden } from "@/core/garden";
import { saveGardenFile } from "./gardenFiles";
import { imports as say } from "@/words/en/imports";

/** A message about storage stays until the garden is safe somewhere else. */
export default function StorageNotice({ notice, garden }: { notice: string; garden: Garden }) {
  return (
    <Alert
      severity="warning"
      action={
        <Button color="inherit" size="small" onClick={() => void saveGardenFile(garden)}>
          {say.saveAsAFile}
        </Button>
      }
    >
      {notice}
    </Alert>
  );
}
