import { useTheme } from 'styled-components';
import { formatLength, inches, TICKS_PER_INCH } from '../../../core/ground/length';
import { lettersOf, type Letters, type LostOnPaper } from '../../../core/page/titles';
import type { LaidLetter, SpeltTitle } from '../../../core/page/spelling';
import type { StandingLetters, Tape } from '../../../core/page/writing';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { LetterFigure } from '../../ui/LetterFigure';
import { Ruler } from '../../ui/Ruler';
import { Row, Soft } from '../../ui/Screen';
import { standInWords } from './titleWords';

const WIDE = 640;
const SIXTEENTH = inches(1 / 16);

interface LaidProps {
  tape: Tape;
  letters: readonly LaidLetter[];
  scale: number;
  colourOf: (letter: LaidLetter | undefined) => string;
}

/** The letters themselves on one line, those that stand in marked, with the left edge of each on the ruler below. */
function Line({ tape, letters, scale, colourOf }: LaidProps) {
  const theme = useTheme();
  const inch = (ticks: number): number => ticks / TICKS_PER_INCH;
  const high = inch(tape.height);
  return (
    <svg
      width={inch(tape.width) * scale + 16}
      height={high * scale + 46}
      role="img"
      aria-label="The title as it would lie"
    >
      <g transform={`translate(4 8) scale(${scale})`}>
        {tape.marks.map(({ x, w, glyph, height }, i) => (
          <g
            key={i}
            transform={`translate(${inch(x + w / 2)} ${high - inch(height) / 2})${letters[i]?.how === 'turned' ? ' rotate(180)' : ''}`}
          >
            <LetterFigure glyph={glyph} colour={colourOf(letters[i])} w={inch(w)} h={inch(height)} />
          </g>
        ))}
      </g>
      {tape.marks.map(({ x, w }, i) => (
        <g key={i} transform={`translate(4 ${high * scale})`}>
          {letters[i]?.how && (
            <path
              d={`M${inch(x) * scale} 14v8h${inch(w) * scale}v-8`}
              fill="none"
              stroke={theme.marigoldInk}
              strokeWidth={2}
            />
          )}
          <path d={`M${inch(x) * scale} 30v16`} stroke={theme.beet} strokeWidth={2} />
        </g>
      ))}
    </svg>
  );
}

export interface SpeltLineProps {
  title: Extract<SpeltTitle, { spelt: true }>;
  letters: readonly Letters[];
  standing: StandingLetters;
  lost: LostOnPaper | null;
  onPrint: () => void;
}

/** A title in the letters that are laid for it, line by line, above a ruler with the left edge of each marked. */
export function SpeltLine({ title, letters, standing, lost, onPrint }: SpeltLineProps) {
  const system = useSettings((s) => s.system);
  const laid = lettersOf(title);
  const colourOf = (letter: LaidLetter | undefined): string =>
    letters.find(({ id }) => id === letter?.set)?.colour ?? '#2b1d33';
  const widest = Math.max(0, ...standing.lines.map(({ tape }) => tape.width));
  const scale = Math.min(72, WIDE / (widest / TICKS_PER_INCH + 0.5));
  const standIns = [...new Set(laid.map(standInWords))].filter((words) => words !== '');
  const length = (ticks: number): string => formatLength(Math.round(ticks / SIXTEENTH) * SIXTEENTH, system);
  return (
    <div>
      {standing.lines.map(({ tape, start }, i) => {
        const before = standing.lines.slice(0, i).reduce((sum, line) => sum + line.tape.marks.length, 0);
        return (
          <div key={i}>
            <Line tape={tape} letters={laid.slice(before)} scale={scale} colourOf={colourOf} />
            <div style={{ paddingLeft: 4 }}>
              <Ruler length={tape.width + inches(1)} scale={scale} axis="x" system={system} />
            </div>
            <Soft>
              About {length(tape.width)} wide, {length(tape.height)} high. Begins {length(start)} from the edge.
            </Soft>
          </div>
        );
      })}
      {standIns.length > 0 && <p>{standIns.join(' · ')}</p>}
      {!standing.fits && <p role="status">It goes beyond its place: two lines, lower letters, or fewer words.</p>}
      {lost && <p role="status">{lostWords(lost)}</p>}
      <Row $gap={14}>
        <Button onPress={onPrint}>Print this tape at true size</Button>
      </Row>
    </div>
  );
}

const lostWords = ({ why, face }: LostOnPaper): string =>
  why === 'colour'
    ? `On ${face.name} these letters are nearly lost, they are so near in colour: a plain strip beneath them helps, or edges inked dark.`
    : `${face.name} is busy for letters so thin: a plain strip beneath them helps, or edges inked dark.`;
