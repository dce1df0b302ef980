/** What stands first in a zip of everything: the checksum of its `bench.json`. */
export const manifestOf = (sha256: string): string => `${JSON.stringify({ 'bench.json': { sha256 } }, null, 1)}\n`;

/** The checksum that a manifest tells; one that cannot be read is none that fits. */
export function readManifest(text: string): string {
  try {
    const told = (JSON.parse(text) as { 'bench.json'?: { sha256?: unknown } } | null)?.['bench.json']?.sha256;
    return typeof told === 'string' ? told : '';
  } catch {
    return '';
  }
}
