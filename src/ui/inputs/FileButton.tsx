"use client";

import Button, { type ButtonProps } from "@mui/material/Button";
import { useRef } from "react";

interface Props extends Omit<ButtonProps, "onClick"> {
  /** What is chosen, for screen readers and tests: "Weather record file". */
  inputLabel: string;
  /** File name endings and types, as in HTML. */
  accept: string;
  onFile: (file: File) => void;
}

/** A button that lets the grower choose a file; the same file may be chosen again. */
export function FileButton({ inputLabel, accept, onFile, children, ...button }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button {...button} onClick={() => input.current?.click()}>
        {children}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept={accept}
        aria-label={inputLabel}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) onFile(file);
        }}
      />
    </>
  );
}
