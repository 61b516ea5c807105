"use client";

import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import LinearProgress from "@mui/material/LinearProgress";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import type { Garden } from "@/core/garden";
import { share } from "@/ui/share";
import { imports as importsSay } from "@/words/en/imports";
import { keeping as say } from "@/words/en/keeping";
import { rememberSaved } from "./backups/saved";
import { fileName, gardenFileText, saveGardenFile } from "./gardenFiles";

/** Hands the garden's file to another program or person: made ready first, as devices share only right after a tap. */
export default function ShareDialog({ garden, onClose }: { garden: Garden; onClose: () => void }) {
  const [file, setFile] = useState<File | null>(null);
  const [failed, setFailed] = useState(false);
  // The garden as it was when sharing was asked for: making its file ready may itself write.
  const [asked] = useState(garden);
  useEffect(() => {
    let isCurrent = true;
    void gardenFileText(asked).then((text) => {
      // Browsers hand on texts, and not every kind of file.
      const name = `${fileName(asked)}.garden.txt`;
      if (isCurrent) setFile(new File([text], name, { type: "text/plain" }));
    });
    return () => {
      isCurrent = false;
    };
  }, [asked]);
  const hand = async (ready: File) => {
    const done = await share({ files: [ready], title: ready.name });
    if (done === "failed") return setFailed(true);
    if (done === "shared") {
      await rememberSaved();
      onClose();
    }
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="share-title">
      <DialogTitle id="share-title" sx={{ fontFamily: "var(--font-heading)", fontWeight: 600 }}>
        {say.shareTitle}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        {failed && <Alert severity="error">{say.shareFailed}</Alert>}
        {file ? (
          <Typography sx={{ overflowWrap: "anywhere" }}>
            {say.shareReady({ file: file.name })}
          </Typography>
        ) : (
          <div role="status">
            {say.preparing}
            <LinearProgress aria-label={say.preparing} sx={{ mt: 1.5 }} />
          </div>
        )}
      </DialogContent>
      <DialogActions sx={{ flexWrap: "wrap" }}>
        <Button onClick={onClose} color="inherit">
          {importsSay.cancel}
        </Button>
        <Button onClick={() => void saveGardenFile(garden).then(onClose)}>{say.saveInstead}</Button>
        <Button variant="contained" disabled={!file} onClick={() => file && void hand(file)}>
          {say.share}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
