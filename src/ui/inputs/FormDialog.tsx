"use client";

import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useTheme } from "@mui/material/styles";
import useMediaQuery from "@mui/material/useMediaQuery";
import { useId, type FormEvent, type ReactNode } from "react";
import type { Told } from "@/core/facts";
import { ui as say } from "@/words/en/ui";
import { told } from "../wording";

interface Props {
  title: string;
  /** What the last try came to when it was refused; empty otherwise. */
  refusal?: Told;
  /** What the grower can do about a refusal, as buttons. */
  wayOut?: ReactNode;
  keepLabel?: string;
  /** Stands left of Cancel and Keep. */
  more?: ReactNode;
  width?: "xs" | "sm" | "md";
  onSubmit: () => void;
  onClose: () => void;
  children: ReactNode;
}

/** A form over the view: its fields, what was refused and how to go on, Cancel and Keep. */
export function FormDialog(props: Props) {
  const { title, refusal, wayOut, keepLabel = say.save, more, width = "xs", children } = props;
  const titleId = useId();
  const narrow = useMediaQuery(useTheme().breakpoints.down("sm"));
  const submit = (event: FormEvent) => {
    event.preventDefault();
    props.onSubmit();
  };
  return (
    <Dialog
      open
      onClose={props.onClose}
      fullWidth
      maxWidth={width}
      fullScreen={narrow && width !== "xs"}
      aria-labelledby={titleId}
    >
      <form onSubmit={submit} noValidate style={{ display: "contents" }}>
        <DialogTitle
          id={titleId}
          sx={{ fontFamily: "var(--font-heading)", fontWeight: 600, pb: 1 }}
        >
          {title}
        </DialogTitle>
        <DialogContent
          sx={{ display: "grid", gap: 2, pt: "8px !important", alignContent: "start" }}
        >
          {refusal && (
            <Alert severity="error" action={wayOut}>
              {told(refusal)}
            </Alert>
          )}
          {children}
        </DialogContent>
        <DialogActions>
          {more}
          <span style={{ flex: 1 }} />
          <Button onClick={props.onClose} color="inherit">
            {say.cancel}
          </Button>
          <Button type="submit" variant="contained">
            {keepLabel}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
