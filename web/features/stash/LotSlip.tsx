import { useState } from 'react';
import { Link } from 'react-router';
import type { Amounts } from '../../../core/ledger';
import type { Lot } from '../../../core/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/pageActs';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { amountWords } from '../../ui/amountWords';
import { lotWords, monthWords } from '../../ui/lotWords';
import { MeasureField } from '../../ui/MeasureField';
import { Row, Slip, Soft, Stack } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { ThingDrawing } from '../../ui/ThingDrawing';

/** Letters of a word, as many of each as it takes. */
const lettersOf = (word: string): Amounts => {
  const amounts: Record<string, number> = {};
  for (const glyph of word.replace(/\s/g, '')) amounts[glyph] = (amounts[glyph] ?? 0) + 1;
  return amounts;
};

/** The slip of a counted or measured thing: how much there is, where the rest went, and taking some to the bench. */
export function LotSlip({ lot }: { lot: Lot }) {
  const { ledger, kits, faces, pages } = useBench((b) => b);
  const { system, pageInHand } = useSettings();
  const inHand = pageInHand === null ? undefined : pages.get(pageInHand);
  const [word, setWord] = useState('');
  const [count, setCount] = useState('1');
  const [length, setLength] = useState<number | null>(8128 * 12);
  const state = ledger.lots.get(lot.id);
  const kit = kits.get(lot.kit);
  const wanted: Amounts = lot.measure === 'letters' ? lettersOf(word) : { '': lot.measure === 'length' ? length ?? 0 : Number(count) };
  const here = state?.here ?? {};
  const short = Object.entries(wanted).filter(([part, n]) => !Number.isSafeInteger(n) || n < 1 || (here[part] ?? 0) < n);
  const error = lot.measure === 'letters'
    ? (short.length > 0 ? `Short of ${short.map(([glyph, n]) => `${glyph}${n - (here[glyph] ?? 0) > 1 ? ` ×${n - (here[glyph] ?? 0)}` : ''}`).join(', ')}.` : null)
    : short.length > 0 && count !== '' ? `There are ${amountWords(lot, here, system)} of it.` : null;
  const where = (amounts: Readonly<Record<string, Amounts>>, how: string) => Object.entries(amounts).map(([page, n]) => (
    <li key={how + page}>{amountWords(lot, n, system)} {how} <Link to={`/pages/${page}`}>{pages.has(page) ? pageName(pages.get(page)!) : 'a page since dropped'}</Link></li>
  ));
  return (
    <Slip aria-label={`${lot.name}, its slip`}>
      <Stack $gap={12}>
        <div><h2>{lot.name}</h2><Soft>{lotWords(lot, system)}<br />{kit ? `${kit.name}, ${monthWords(kit.month)}` : ''}</Soft></div>
        <ThingDrawing lot={lot} colours={faces.get(lot.front ?? '')?.colours.map(({ hex }) => hex) ?? []} amounts={here} scale={8} />
        <p><strong>{amountWords(lot, here, system)}</strong> here</p>
        {lot.measure === 'letters' && <TextField label="Letters for" value={word} onChange={setWord} error={word === '' ? null : error} placeholder="a word, as it will stand" />}
        {lot.measure === 'count' && <TextField label="How many" value={count} onChange={setCount} error={error} isMeasure />}
        {lot.measure === 'length' && <MeasureField label="How much" value={length} onChange={setLength} system={system} />}
        <Row>
          <Button
            look="main" isDisabled={!inHand || short.length > 0 || Object.keys(wanted).length === 0}
            onPress={() => { void act({ label: `Took ${lot.name} to the bench`, events: [{ type: 'claimed', lot: lot.id, amounts: wanted, page: inHand!.id }] }); }}
          >Take to bench</Button>
          {!inHand && <Soft>Choose a page in <Link to="/pages">Pages</Link> first.</Soft>}
        </Row>
        {state && (
          <>
            <h3>Where it has been</h3>
            <ul>
              <li>{amountWords(lot, state.received, system)} came</li>
              {where(state.claimed, 'out for')}
              {where(state.used, 'on')}
              {Object.keys(state.owed).length > 0 && <li>{amountWords(lot, state.owed, system)} owed</li>}
              {Object.keys(state.given).length > 0 && <li>{amountWords(lot, state.given, system)} given away</li>}
              {Object.keys(state.recycled).length > 0 && <li>{amountWords(lot, state.recycled, system)} recycled</li>}
            </ul>
          </>
        )}
      </Stack>
    </Slip>
  );
}
