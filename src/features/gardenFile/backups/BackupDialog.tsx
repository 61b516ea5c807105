"use client";

import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Typography from "@mui/material/Typography";
import { useEffect, useState } from "react";
import type { Garden } from "@/core/garden";
import { useGarden } from "@/store/index";
import { setView } from "@/ui/viewState";
import { imports as importsSay } from "@/words/en/imports";
import { keeping as say } from "@/words/en/keeping";
import { saveGardenFile } from "../gardenFiles";
import { canChooseFolder, copiesIn, type Folder } from "./folder";
import { allowFolder, copyNow, leaveFolder, takeFolder, useCopies } from "./copies";
import { backupAge, lastSaved, type Saved } from "./saved";

/** How safe the garden is outside this browser: the last file, the folder of dated copies, and the way back. */
export default function BackupDialog({ garden, onClose }: { garden: Garden; onClose: () => void }) {
  const { folder, asks, copied, failure } = useCopies();
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="backup-title">
      <DialogTitle id="backup-title" sx={{ fontFamily: "var(--font-heading)", fontWeight: 600 }}>
        {say.backupsTitle}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2.5, alignContent: "start" }}>
        <LastFile garden={garden} copiedAtMs={copied?.atMs ?? null} />
        <Box component="section" aria-labelledby="backup-folder" sx={{ display: "grid", gap: 1 }}>
          <Typography id="backup-folder" component="h3" sx={{ fontWeight: 600 }}>
            {say.folderHeading}
          </Typography>
          {failure && <Alert severity="error">{say.copyFailed({ reason: failure })}</Alert>}
          {!canChooseFolder() && <Typography>{say.folderMissing}</Typography>}
          {canChooseFolder() && !folder && (
            <>
              <Typography>{say.folderHelp}</Typography>
              <Button
                variant="outlined"
                sx={{ justifySelf: "start" }}
                onClick={() => void takeFolder()}
              >
                {say.chooseFolder}
              </Button>
            </>
          )}
          {folder && <ChosenFolder folder={folder} asks={asks} copied={copied?.file ?? null} />}
        </Box>
        {folder && !asks && <Copies key={copied?.atMs} folder={folder} onClose={onClose} />}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose} color="inherit">
          {importsSay.close}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function LastFile({ garden, copiedAtMs }: { garden: Garden; copiedAtMs: number | null }) {
  const revision = useGarden((state) => state.revision);
  const [openedAtMs] = useState(Date.now);
  const [saved, setSaved] = useState<Saved | null | "unknown">("unknown");
  const look = () => void lastSaved().then(setSaved);
  useEffect(look, [copiedAtMs]);
  if (saved === "unknown") return null;
  const { daysAgo, changes } = backupAge(saved, revision, openedAtMs);
  const words =
    daysAgo === null
      ? say.neverSaved
      : daysAgo === 0
        ? say.savedToday
        : say.savedAgo({ days: daysAgo });
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <Typography>
        {words}
        {daysAgo !== null && changes > 0 && ` ${say.changesSince({ changes })}`}
      </Typography>
      <Button
        variant="contained"
        sx={{ justifySelf: "start" }}
        onClick={() => void saveGardenFile(garden).then(look)}
      >
        {say.saveNow}
      </Button>
    </Box>
  );
}

function ChosenFolder(props: { folder: Folder; asks: boolean; copied: string | null }) {
  const { folder, asks, copied } = props;
  const { name } = folder;
  return (
    <>
      <Typography role="status">
        {asks ? say.folderAsks({ name }) : say.folderIs({ name })}{" "}
        {copied && say.copied({ file: copied })}
      </Typography>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        {asks ? (
          <Button variant="contained" onClick={() => void allowFolder()}>
            {say.allowAgain}
          </Button>
        ) : (
          <Button variant="outlined" onClick={() => void copyNow()}>
            {say.copyNow}
          </Button>
        )}
        <Button onClick={() => void takeFolder()}>{say.otherFolder}</Button>
        <Button onClick={() => void leaveFolder()}>{say.stopCopies}</Button>
      </Box>
    </>
  );
}

/** How many copies are listed: a season's evenings fit, years of them need no list. */
const MOST_LISTED = 30;

function Copies({ folder, onClose }: { folder: Folder; onClose: () => void }) {
  const [names, setNames] = useState<readonly string[] | null>(null);
  useEffect(() => {
    void copiesIn(folder)
      .catch(() => [])
      .then(setNames);
  }, [folder]);
  if (!names) return null;
  const look = async (name: string) => {
    try {
      const file = await (await folder.getFileHandle(name)).getFile();
      onClose();
      setView({ importing: { file, kind: "garden" } });
    } catch {
      setNames(await copiesIn(folder).catch(() => []));
    }
  };
  return (
    <Box component="section" aria-labelledby="backup-copies" sx={{ display: "grid", gap: 0.5 }}>
      <Typography id="backup-copies" component="h3" sx={{ fontWeight: 600 }}>
        {say.copiesHeading}
      </Typography>
      <Typography sx={{ color: "var(--ash-text)" }}>
        {names.length === 0 ? say.noCopies : say.restoreHelp}
      </Typography>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: "none" }}>
        {names.slice(0, MOST_LISTED).map((name) => (
          <li key={name}>
            <Button
              sx={{ textAlign: "left", overflowWrap: "anywhere" }}
              onClick={() => void look(name)}
            >
              {say.lookAtCopy({ file: name })}
            </Button>
          </li>
        ))}
      </Box>
    </Box>
  );
}
