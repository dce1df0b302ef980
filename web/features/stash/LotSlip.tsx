import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { kitOfPart } from '../../../core/kits';
import { historyOfLot, type Amounts } from '../../../core/ledger';
import { inches } from '../../../core/length';
import { isKept, type Lot, type LotKind } from '../../../core/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { MakeRound } from '../../parts/MakeRound';
import { Button } from '../../ui/Button';
import { amountWords } from '../../ui/amountWords';
import { Choice } from '../../ui/Choice';
import { kitWords } from '../../ui/dayWords';
import { lotWords } from '../../ui/lotWords';
import { MeasureField } from '../../ui/MeasureField';
import { Row, Slip, Soft, Stack } from '../../ui/Screen';
import { KeptTextField } from '../../ui/KeptTextField';
import { TextField } from '../../ui/TextField';
import { ThingDrawing } from '../../ui/ThingDrawing';
import { SlipButton } from '../../ui/SlipButton';
import { AmendSlip } from '../../parts/AmendSlip';
import { CountAnew } from './CountAnew';
import { CountLetters } from './CountLetters';
import { ItemsIn } from './ItemsIn';
import { MadeOf } from './MadeOf';
import { NameItems } from './NameItems';
import { PartWith } from './PartWith';
import { Notes } from '../../parts/Notes';
import { lettersOf } from '../../ui/lettersOf';
import { Trail } from './Trail';
import { bringBack, partWithSome, takeSomeOut, changeLot } from '../../../core/making';
import { heldIn } from '../../../core/heldIn';

const partName = ({ items = [] }: Lot, part: string): string =>
  part === '' ? 'not named' : (items.find(({ id }) => id === part)?.name ?? part);

/** Whether some of it is mixed, or not counted: things, no letters and nothing that is poured. */
const canBeNamed = ({ measure, kind }: Lot, here: Amounts): boolean =>
  (here[''] ?? 0) > 0 &&
  !isKept(kind) &&
  kind !== 'alpha' &&
  (measure === 'count' || (measure === 'share' && !ROLLS.includes(kind)));
const ROLLS: readonly LotKind[] = ['washi', 'ribbon', 'twine'];

type Share = 'little' | 'quarter' | 'half' | 'all';
const SHARES: readonly (readonly [Share, string])[] = [
  ['little', 'a little'],
  ['quarter', 'a quarter'],
  ['half', 'half'],
  ['all', 'all there is'],
];
const HUNDREDTHS: Record<Exclude<Share, 'all'>, number> = { little: 10, quarter: 25, half: 50 };

/** The slip of a counted or measured thing: how much there is, where the rest went, and taking some to the bench. */
export function LotSlip({ lot }: { lot: Lot }) {
  const { ledger, kits, faces, pages } = useBench((b) => b);
  const isOnPages = Object.keys(ledger.lots.get(lot.id)?.used ?? {}).length > 0;
  const history = useMemo(() => historyOfLot(ledger, lot.id), [ledger, lot.id]);
  const { system, pageInHand } = useSettings();
  const inHand = pageInHand === null ? undefined : pages.get(pageInHand);
  const [word, setWord] = useState('');
  const [count, setCount] = useState('1');
  const [share, setShare] = useState<Share>('little');
  const [length, setLength] = useState<number | null>(inches(12));
  const kit = kits.get(lot.kit);
  const ownKits = [
    ...new Set(Object.keys(ledger.lots.get(lot.id)?.here ?? {}).map((one) => kitOfPart(lot, one, ledger))),
  ].filter((id) => id !== lot.kit);
  const here = ledger.lots.get(lot.id)?.here ?? {};
  const lent = ledger.lots.get(lot.id)?.lent ?? {};
  const [chosenPart, setPart] = useState<string | null>(null);
  const parts = Object.keys(here);
  const part = chosenPart !== null && parts.includes(chosenPart) ? chosenPart : (parts[0] ?? '');
  const there = here[part] ?? 0;
  const wanted: Amounts = {
    letters: () => lettersOf(word),
    length: () => ({ '': length ?? 0 }),
    count: () => ({ [part]: Number(count) }),
    sheets: () => ({}),
    share: () => ({ '': share === 'all' ? there : Math.min(there, HUNDREDTHS[share]) }),
  }[lot.measure]();
  const short = Object.entries(wanted).filter(
    ([part, n]) => !Number.isSafeInteger(n) || n < 1 || (here[part] ?? 0) < n,
  );
  const isShort = short.length > 0 || Object.keys(wanted).length === 0;
  const error =
    lot.measure === 'letters'
      ? short.length > 0
        ? `Short of ${short.map(([glyph, n]) => `${glyph}${n - (here[glyph] ?? 0) > 1 ? ` ×${n - (here[glyph] ?? 0)}` : ''}`).join(', ')}.`
        : null
      : short.length > 0 && count !== ''
        ? `There are ${amountWords(lot, here, system)} of it.`
        : null;
  const say = (amounts: Amounts): string => (lot.measure === 'share' ? '' : amountWords(lot, amounts, system));
  const takeOut = (): void => {
    if (inHand) void act(takeSomeOut(lot.id, wanted, inHand.id));
  };
  return (
    <Slip aria-label={`${lot.name}, its slip`}>
      <Stack $gap={12}>
        <div>
          <h2>{lot.name}</h2>
          <Soft>
            {lotWords(lot, system)}
            <br />
            {[kit ? kitWords(kit) : '', ...ownKits.map((id) => `in ${kits.get(id)?.name ?? ''}`)]
              .filter(Boolean)
              .join(' · ')}
          </Soft>
        </div>
        <ThingDrawing
          lot={lot}
          colours={faces.get(lot.front ?? '')?.colours.map(({ hex }) => hex) ?? []}
          amounts={here}
          scale={8}
        />
        <p>
          <strong>{amountWords(lot, here, system)}</strong> {lot.measure === 'share' ? 'left' : 'here'}
        </p>
        {lot.measure === 'letters' && (
          <TextField
            label="Letters for"
            value={word}
            onChange={setWord}
            error={word === '' ? null : error}
            placeholder="a word, as it will stand"
          />
        )}
        {lot.measure === 'count' && parts.length > 1 && (
          <Choice<string>
            label="Which of them"
            options={parts.map((one) => [one, `${here[one] ?? 0} ${partName(lot, one)}`] as const)}
            value={part}
            onChange={setPart}
          />
        )}
        {lot.measure === 'count' && (
          <TextField label="How many" value={count} onChange={setCount} error={error} isMeasure />
        )}
        {lot.measure === 'length' && (
          <MeasureField label="How much" value={length} onChange={setLength} system={system} />
        )}
        {lot.measure === 'share' && there > 0 && (
          <Choice<Share> label="How much of one" options={SHARES} value={share} onChange={setShare} />
        )}
        <Row>
          <Button look="main" isDisabled={!inHand || isShort} onPress={takeOut}>
            Take to bench
          </Button>
          {!inHand && (
            <Soft>
              Choose a page in <Link to="/pages">Pages</Link> first.
            </Soft>
          )}
        </Row>
        {!isKept(lot.kind) && (
          <MakeRound of={`lot=${lot.id}${lot.measure === 'count' ? `&part=${encodeURIComponent(part)}` : ''}`} />
        )}
        {isOnPages && <Link to={`/pages?lot=${lot.id}`}>The pages that it is on</Link>}
        {isKept(lot.kind) && <Soft>It goes back when the page is glued; nothing of it is used up by itself.</Soft>}
        <div>
          <PartWith
            isDisabled={lot.measure === 'share' ? there === 0 : isShort}
            onPart={(leaving) => {
              void act(partWithSome(lot.id, lot.measure === 'share' ? here : wanted, leaving));
            }}
          />
          {!isShort && lot.measure !== 'share' && <Soft>… {say(wanted)} of it</Soft>}
        </div>
        {Object.keys(lent).length > 0 && (
          <Row>
            <Soft>{amountWords(lot, lent, system)} lent out</Soft>
            <Button
              look="quiet"
              onPress={() => {
                void act(bringBack({ pieces: [], lots: [lot.id] }));
              }}
            >
              It came back
            </Button>
          </Row>
        )}
        <KeptTextField
          label="Note and theme words"
          value={lot.note}
          onKeep={(note) => {
            void act(changeLot(lot.id, { note: note.trim() }));
          }}
          placeholder="garden, craft words …"
        />
        <Notes table="lots" record={lot} />
        <MadeOf lot={lot} />
        {lot.kind === 'alpha' && lot.measure === 'share' && <CountLetters lot={lot} />}
        <ItemsIn lot={lot} here={here} />
        {canBeNamed(lot, here) && <NameItems key={here['']} lot={lot} mixed={here[''] ?? 0} />}
        <Row>
          <SlipButton label="Change what it is">{(close) => <AmendSlip lot={lot} onClose={close} />}</SlipButton>
        </Row>
        <CountAnew key={JSON.stringify(here)} lot={lot} here={here} />
        <h3>Where it has been</h3>
        <Trail
          events={history}
          amount={say}
          now={
            <>
              {amountWords(lot, here, system)} {lot.measure === 'share' ? 'left' : 'here'}
              {ledger.lots.get(lot.id)?.place ? `, kept in ${heldIn(ledger.lots, lot.id).place}` : ''}
            </>
          }
        />
      </Stack>
    </Slip>
  );
}
