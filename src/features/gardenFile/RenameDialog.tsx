"use client";

import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useState, type FormEvent } from "react";
import { gardenStore } from "@/store/index";

export default function RenameDialog({ name, onClose }: { name: string; onClose: () => void }) {
  const [text, setText] = useState(name);
  const [refusal, setRefusal] = useState("");
  const save = async (event: FormEvent) => {
    event.preventDefault();
    const done = await gardenStore().dispatch("garden.rename", { name: text });
    if (done.ok) onClose();
    else setRefusal(done.refusal);
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs">
      <form onSubmit={(event) => void save(event)}>
        <DialogTitle>Rename the garden</DialogTitle>
        <DialogContent>
          <TextField
            autoFocus
            fullWidth
            margin="dense"
            label="Name"
            value={text}
            error={refusal !== ""}
            helperText={refusal}
            onChange={(event) => setText(event.target.value)}
          />
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" variant="contained">
            Rename
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
