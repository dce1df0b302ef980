/** Where Chromium is, installed where it was missing; ends the process with a clear message where it cannot be had. */
export function ensureChromium(): string;
