/** SHA-256 in hexadecimal. */
export async function sha256(bytes: Uint8Array<ArrayBuffer>): Promise<string> {
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
  return [...digest].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

const EXTENSIONS: Readonly<Record<string, string>> = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' };
export const extensionOf = (type: string): string => EXTENSIONS[type] ?? 'bin';

/** How files of the three forms begin, byte for byte; null: any. */
const BEGINNINGS: readonly (readonly (number | null)[])[] = [
  [0xff, 0xd8, 0xff],
  [0x89, 0x50, 0x4e, 0x47],
  [0x52, 0x49, 0x46, 0x46, null, null, null, null, 0x57, 0x45, 0x42, 0x50],
];

/** Whether bytes begin as a JPEG, PNG or WebP picture does. */
export const isPicture = (bytes: Uint8Array): boolean =>
  BEGINNINGS.some((beginning) => beginning.every((byte, i) => byte === null || bytes[i] === byte));

const BASE64 = /^(?:[A-Za-z0-9+/]{4})*(?:[A-Za-z0-9+/]{2}(?:==)?|[A-Za-z0-9+/]{3}=?)?$/;

/** Whether text is base64 of such a picture. */
export const looksLikePicture = (data: string): boolean => BASE64.test(data) && isPicture(bytesOf(data.slice(0, 16)));

/** The bytes that base64 tells. */
export const bytesOf = (data: string): Uint8Array<ArrayBuffer> => Uint8Array.from(atob(data), (c) => c.charCodeAt(0));
