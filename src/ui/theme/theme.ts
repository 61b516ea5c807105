import { createTheme } from "@mui/material/styles";

const TEXT_FONT = '"Atkinson Hyperlegible Next Variable", system-ui, sans-serif';
const HEADING_FONT = '"Fraunces Variable", Georgia, serif';

const heading = { fontFamily: HEADING_FONT, fontWeight: 600, letterSpacing: "-0.01em" };

/** What a finger hits, also in the garden's gloves, wherever it is a finger that points. */
const FINGER = "@media (pointer: coarse)";
const finger = { [FINGER]: { minHeight: 44, minWidth: 44 } };

/** The two looks: Day, paper for sun on the screen; Lamp, soot for the evening. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: "data-theme" },
  colorSchemes: {
    light: {
      palette: {
        primary: { main: "#A63F12", contrastText: "#FFFDF9" },
        secondary: { main: "#211C1A", contrastText: "#FBF7F0" },
        success: { main: "#4B5C3F" },
        warning: { main: "#8A5A12" },
        error: { main: "#9A2A14" },
        info: { main: "#39647A" },
        background: { default: "#FBF7F0", paper: "#FFFDF9" },
        text: { primary: "#211C1A", secondary: "#665D56" },
        divider: "#E4DBCD",
      },
    },
    dark: {
      palette: {
        primary: { main: "#F2A65A", contrastText: "#211C1A" },
        secondary: { main: "#FBF3E6", contrastText: "#211C1A" },
        success: { main: "#A9BF99" },
        warning: { main: "#E8C27A" },
        error: { main: "#F29A80" },
        info: { main: "#A9C9D8" },
        background: { default: "#211C1A", paper: "#2A2422" },
        text: { primary: "#FBF3E6", secondary: "#BDB4AB" },
        divider: "#453C37",
      },
    },
  },
  shape: { borderRadius: 8 },
  typography: {
    fontFamily: TEXT_FONT,
    fontSize: 14,
    h1: { ...heading, fontSize: "1.85rem", lineHeight: 1.15 },
    h2: { ...heading, fontSize: "1.2rem", lineHeight: 1.25 },
    h3: { fontFamily: TEXT_FONT, fontWeight: 700, fontSize: "0.85rem" },
    button: { textTransform: "none", fontWeight: 600 },
    overline: { textTransform: "none", letterSpacing: 0, lineHeight: 1.4 },
  },
  components: {
    MuiCssBaseline: {
      styleOverrides: { ":root": { "--font-text": TEXT_FONT, "--font-heading": HEADING_FONT } },
    },
    MuiButton: {
      defaultProps: { disableElevation: true },
      // Also what is styled smaller where it stands, for a pointer.
      styleOverrides: {
        root: { [FINGER]: { minHeight: "44px !important", minWidth: "44px !important" } },
      },
    },
    MuiIconButton: { styleOverrides: { root: finger } },
    // A long choice goes on a second line instead of being cut off.
    MuiSelect: {
      styleOverrides: { select: { whiteSpace: "normal", height: "auto", lineHeight: 1.3 } },
    },
    MuiMenuItem: { styleOverrides: { root: { [FINGER]: { minHeight: 48 } } } },
    MuiCheckbox: { styleOverrides: { root: finger } },
    MuiRadio: { styleOverrides: { root: finger } },
    MuiTab: { styleOverrides: { root: { [FINGER]: { minHeight: 44 } } } },
    MuiInputBase: { styleOverrides: { root: { [FINGER]: { minHeight: 44 } } } },
    MuiPaper: { styleOverrides: { root: { backgroundImage: "none" } } },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          padding: "4px 12px",
          ...finger,
          borderColor: "var(--line)",
          color: "var(--text)",
          "&.Mui-selected, &.Mui-selected:hover": {
            backgroundColor: "var(--text)",
            color: "var(--paper)",
          },
        },
      },
    },
  },
});
