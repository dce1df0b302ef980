import { differenceCiede2000, hexToLab, type LabD65 } from '../ground/colour';
import { round4 } from './round4';

type JsonColour = string | [number, number, number];

/** A difference job as JSON, already found to match `docs/formats/difference.job.schema.json`. */
export interface JsonDifferenceJob {
  pairs: [JsonColour, JsonColour][];
}

const labOf = (colour: JsonColour): LabD65 =>
  typeof colour === 'string' ? hexToLab(colour) : { l: colour[0], a: colour[1], b: colour[2] };

/** CIEDE2000 of each pair, to four decimals. */
export const differences = ({ pairs }: JsonDifferenceJob): { differences: number[] } => ({
  differences: pairs.map(([one, two]) => round4(differenceCiede2000(labOf(one), labOf(two)))),
});
