/** RFC 4180; texts that a spreadsheet would take for a formula are made harmless. */
export const CSV_OPTIONS = { newline: "\r\n", escapeFormulae: true } as const;
