"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { offline as say } from "@/words/en/offline";
import { takeNewerVersion } from "./keepForOffline";

/** A newer version is here: it is used when somebody says so, never in the middle of work. */
export default function VersionNotice({ isTaken }: { isTaken: boolean }) {
  const [later, setLater] = useState(false);
  if (later) return null;
  return (
    <Alert
      severity="info"
      role="status"
      sx={{ "& .MuiAlert-message": { flex: 1, minWidth: 0 }, flexWrap: "wrap" }}
      action={
        <Box sx={{ display: "flex", flexWrap: "wrap" }}>
          <Button color="inherit" onClick={takeNewerVersion}>
            {say.takeIt}
          </Button>
          <Button color="inherit" onClick={() => setLater(true)}>
            {say.later}
          </Button>
        </Box>
      }
    >
      {isTaken ? say.anotherTabTookIt : say.newerIsReady}
    </Alert>
  );
}
