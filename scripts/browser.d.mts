export function browserPath(): string;
export function ensureBrowser(): boolean;
