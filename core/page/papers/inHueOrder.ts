import { hexToLab } from '../../ground/colour';
import type { Face } from '../../stock/things';

/** Below this chroma a colour is grey or cream, and stands behind the rainbow. */
const NEUTRAL = 12;
/** Where the rainbow begins, degrees of CIELAB hue: before the reds. */
const RED = 10;

/** Where a face stands in the rainbow, by its main colour: reds to violets, then greys, the dark ones first. */
function placeOf(face: Face | undefined): number {
  const [main] = face?.colours ?? [];
  if (!main) return 2000;
  const { l, a, b } = hexToLab(main.hex);
  if (Math.hypot(a, b) < NEUTRAL) return 1000 + l;
  return ((Math.atan2(b, a) * 180) / Math.PI - RED + 720) % 360;
}

/** The faces chosen for some slots, dealt out to these again in the order of the rainbow. */
export function inHueOrder(
  chosen: Readonly<Record<string, string>>,
  slots: readonly string[],
  faces: ReadonlyMap<string, Face>,
): Record<string, string> {
  const own = slots.filter((slot) => chosen[slot] !== undefined);
  const inOrder = own
    .flatMap((slot) => chosen[slot] ?? [])
    .sort((a, b) => placeOf(faces.get(a)) - placeOf(faces.get(b)) || a.localeCompare(b));
  return { ...chosen, ...Object.fromEntries(own.map((slot, i) => [slot, inOrder[i] ?? ''])) };
}
