import type { Layout } from '../../../core/page/design';
import { toInches } from '../../../core/ground/length';
import { changePage } from '../../../core/acts';
import type { Page, PageWritten, WrittenOn } from '../../../core/stock/things';
import { ON_LINES, sizeOf, SMALL_HAND, writtenOn, type Written } from '../../../core/page/writing';
import { act } from '../../data/acts';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { countWords } from '../../words/countWords';
import { keepFile } from '../../ui/keepFile';
import { MeasureField } from '../../ui/MeasureField';
import { Row, Soft, Stack } from '../../ui/Screen';
import { SlipButton } from '../../ui/SlipButton';
import { HandSlip } from './HandSlip';

const PLACES: readonly (readonly [WrittenOn, string])[] = [
  ['lines', 'on lines in its place'],
  ['strips', 'on strips'],
  ['card', 'on a card'],
  ['tag', 'on a tag, both sides'],
  ['label', 'on a label’s lines'],
  ['edge', 'round the page’s edge'],
  ['pocket', 'hidden in a pocket'],
];

/** How much room there is, where it begins, and what to shorten. */
function roomWords(
  { text, width, lines, perSide, beginsOn, over, leaveOut }: Written,
  { on, hand = SMALL_HAND }: PageWritten,
): string {
  const room = countWords(lines, 'line');
  if (text.length === 0) return `Room for ${room} in ${hand.name}.`;
  if (over > 0)
    return `About ${countWords(over, 'letter')} more than there is room for${leaveOut === null ? ': shorten it, or write on something larger' : `: without “${leaveOut}” it fits`}.`;
  if (on === 'edge')
    return `It goes round as far as ${Math.round((text.join(' ').length / (hand.perInch * toInches(width))) * 100)} % of the edge; begin at the upper left corner.`;
  if (lines > perSide)
    return `${countWords(text.length, 'line')} of ${lines}: ${text.length > perSide ? 'the front and some of the back' : 'the front will do'}.`;
  return `${countWords(text.length, 'line')} of ${lines}${beginsOn > 1 ? `; begin on line ${beginsOn}, and as much stays free below` : ''}.`;
}

interface MeasuresProps {
  written: PageWritten;
  perSide: number;
  onChange: (now: PageWritten) => void;
}

/** How large the card, tag or label is, and how many lines a label has. */
function Measures({ written, perSide, onChange }: MeasuresProps) {
  const system = useSettings((s) => s.system);
  const size = sizeOf(written);
  if (!size) return null;
  const side = (label: string, key: 'w' | 'h') => (
    <div style={{ flex: '1 1 90px', minWidth: 0 }}>
      <MeasureField
        label={label}
        value={size[key]}
        system={system}
        isKeptOnLeaving
        onChange={(to) => {
          if (to !== null) onChange({ ...written, size: { ...size, [key]: to } });
        }}
      />
    </div>
  );
  return (
    <>
      <Row $gap={10}>
        {side('Width of it', 'w')}
        {side('Height of it', 'h')}
      </Row>
      {written.on === 'label' && (
        <Choice
          label="Lines printed on it"
          options={['1', '2', '3', '4', '5', '6', '8', '10'].map((n) => [n, n] as const)}
          value={String(written.lines ?? perSide)}
          onChange={(n) => onChange({ ...written, lines: Number(n) })}
        />
      )}
    </>
  );
}

/** What the writing stands on, in which hand, how much room there is, and its lines to print. */
export function WritingPlace({ page, layout }: { page: Page; layout: Layout }) {
  const { system, hands } = useSettings();
  const written = page.written ?? ON_LINES;
  const { on, hand = SMALL_HAND } = written;
  const change = (now: PageWritten): void => {
    void act(changePage(page.id, { written: now }, 'Chose where it is written'), { isQuiet: true });
  };
  const stands = writtenOn(page.journaling, written, layout.journaling, page.format);
  const print = async (): Promise<void> => {
    const { linesPdf } = await import('./linesPdf');
    const bytes = await linesPdf({ title: page.title, system, written, stands });
    keepFile(`writing-lines-${page.id}.pdf`, bytes as Uint8Array<ArrayBuffer>, 'application/pdf');
  };
  const all = [SMALL_HAND, ...hands];
  return (
    <Stack $gap={10}>
      <Row $gap={10} style={{ alignItems: 'flex-end' }}>
        <Choice
          label="Written"
          options={PLACES}
          value={on}
          onChange={(to) => change({ on: to, ...(written.hand ? { hand: written.hand } : {}) })}
        />
        <Choice<string>
          label="In"
          options={all.map(({ name }) => [name, name] as const)}
          value={all.some(({ name }) => name === hand.name) ? hand.name : SMALL_HAND.name}
          onChange={(name) => {
            const chosen = hands.find((one) => one.name === name);
            const { hand: _, ...rest } = written;
            change(chosen ? { ...rest, hand: chosen } : rest);
          }}
        />
      </Row>
      <Measures written={written} perSide={stands.perSide} onChange={change} />
      {stands.over > 0 ? <p role="status">{roomWords(stands, written)}</p> : <Soft>{roomWords(stands, written)}</Soft>}
      <Row $gap={14}>
        <SlipButton label="Measure my hand">{(close) => <HandSlip onClose={close} />}</SlipButton>
        {on !== 'edge' && (
          <Button look="quiet" onPress={() => void print()}>
            Print its lines at true size
          </Button>
        )}
      </Row>
    </Stack>
  );
}
