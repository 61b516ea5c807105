"use client";

import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import { useGarden } from "@/store";
import { setView, useView } from "@/ui/viewState";
import { saveGardenFile } from "./gardenFiles";
import { undo } from "./steps";

const SHOWN_MS = 7000;

/** What was done or refused just now, with the way back. */
export function Messages() {
  const message = useView((state) => state.message);
  if (!message) return null;
  const close = () => setView({ message: null });
  const refused = message.kind === "refused";
  return (
    <Snackbar
      key={message.text}
      open
      autoHideDuration={refused ? null : SHOWN_MS}
      onClose={(_event, reason) => {
        if (reason !== "clickaway") close();
      }}
      anchorOrigin={{ vertical: "bottom", horizontal: "center" }}
      sx={{ mb: { xs: 16, md: 12 } }}
    >
      <Alert
        severity={refused ? "error" : "success"}
        variant="standard"
        role={refused ? "alert" : "status"}
        onClose={close}
        sx={{ border: "1px solid var(--line)", maxWidth: 640 }}
        action={
          message.undoable ? (
            <Button
              color="inherit"
              size="small"
              onClick={() => {
                close();
                void undo();
              }}
            >
              Undo
            </Button>
          ) : undefined
        }
      >
        {message.text}
      </Alert>
    </Snackbar>
  );
}

/** A message about storage stays until the garden is safe somewhere else. */
export function StorageNotice() {
  const notice = useGarden((state) => state.storageNotice);
  const garden = useGarden((state) => state.garden);
  if (!notice) return null;
  return (
    <Alert
      severity="warning"
      action={
        <Button color="inherit" size="small" onClick={() => void saveGardenFile(garden)}>
          Save as a file
        </Button>
      }
    >
      {notice}
    </Alert>
  );
}
