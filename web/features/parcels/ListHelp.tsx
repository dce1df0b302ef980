import { DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../../ui/Button';
import { Soft } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { mono } from '../../ui/theme';

/** Each kind of thing with a line as it may stand on a list. */
const KINDS: readonly (readonly [string, readonly string[]])[] = [
  [
    'Papers: count, size, front / back, colours',
    ['2 x 12x12 moths / lamplight, ink + amber, upright', '4 x 12x12 cardstock slate'],
  ],
  ['Several of a kind: under a line that says how many', ['3 sheets 8.5x11 cardstock:\n- plum\n- oat x2']],
  ['A pad: so many sheets of so many designs', ['pad 6x8 field notes, 24 sheets of 12 designs']],
  [
    'Cut-apart sheets and cards: what is printed on them behind a colon',
    ['cut-apart 12x12: 6 x 3x4, 4 x 2x2', '8 x 3x4 pocket cards'],
  ],
  ['Counted things: the count before or behind the name', ['ephemera 32, moths and jars', '6 brass clips']],
  ['What nobody counts: plenty, some or few', ['sequins, plenty', 'die cuts, few']],
  [
    'Sheets used sticker by sticker, inks and paints: how much is left',
    ['1 x 6x12 sticker sheet', 'sticker sheet, half left', 'ink pad, slate, 3/4 full'],
  ],
  [
    'Letters: one by one, as sets, or by the rows of the sheet',
    ['alpha puffy 3/4 in: A3 E4 N2', 'alpha foam: two full sheets A to Z plus vowels', 'alpha cork: AAABB / CCDDD'],
  ],
  ['Tape, ribbon, twine: a length', ['washi 10 yd, amber', 'twine 3 m']],
  ['Tools: what a punch or die stamps, and how far it reaches', ['circle punch 1 1/2 in, reach 1 3/4', 'tag die 2x4']],
  ['Packaging', ['3 glassine bags 4x6', 'header card 4x6', '2 x 20x30 tissue, cream']],
];

/** How lines are written, kind by kind. @param onTake puts a line on the list */
export function ListHelp({ onTake }: { onTake: (line: string) => void }) {
  return (
    <DialogTrigger>
      <Button look="quiet">Help with lines</Button>
      <SlipOver title="How lines are written" isWide>
        {(close) => (
          <>
            <Soft>
              One thing a line, in any order. A line that begins with # is passed over. Press a line to put it on the
              list and change it there.
            </Soft>
            <Kinds>
              {KINDS.map(([kind, lines]) => (
                <li key={kind}>
                  <strong>{kind}</strong>
                  {lines.map((line) => (
                    <button
                      key={line}
                      type="button"
                      onClick={() => {
                        close();
                        onTake(line);
                      }}
                    >
                      {line}
                    </button>
                  ))}
                </li>
              ))}
            </Kinds>
            <Button slot="close">Close</Button>
          </>
        )}
      </SlipOver>
    </DialogTrigger>
  );
}

const Kinds = styled.ul`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 14px 28px;
  width: 100%;
  li {
    display: flex;
    flex-direction: column;
    align-items: flex-start;
    gap: 2px;
    break-inside: avoid;
  }
  strong {
    font-size: 15px;
  }
  button {
    font: 400 14px/1.7 ${mono};
    background: none;
    border: 0;
    border-bottom: 1px dashed ${({ theme }) => theme.soft};
    color: ${({ theme }) => theme.pond};
    padding: 2px 0;
    cursor: pointer;
    text-align: left;
    white-space: pre-line;
  }
  button:hover {
    color: ${({ theme }) => theme.beetInk};
  }
`;
