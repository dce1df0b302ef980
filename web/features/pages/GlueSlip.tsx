import { useState } from 'react';
import { CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import { designOfPage } from '../../../core/page/design';
import { formatSize } from '../../../core/ground/length';
import { gluePage, outFor, type Chosen } from '../../../core/acts';
import { stockOf } from '../../../core/page/placing';
import { isKept, type Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { amountWords } from '../../ui/amountWords';
import { Button } from '../../ui/Button';
import { agreeing, countWords } from '../../words/countWords';
import { Slip, Soft, Stack, Wrong } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';

/** Something that is out and may go on the page: what it is called, and what is used. */
interface Choice {
  readonly key: string;
  readonly words: string;
  readonly chosen: Chosen;
}

/** What is out for the page beside what was cut for it: used or not as she ticks it, and tools, which go back. */
function useChoices(page: Page): { choices: readonly Choice[]; tools: readonly string[]; cut: number; laid: number } {
  const bench = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const { cut, loose, amounts } = outFor(bench, page.id);
  const lotOf = (id: string) => bench.lots.get(id);
  const isTool = ({ lot }: { lot: string }): boolean => isKept(lotOf(lot)?.kind ?? 'paper');
  // What lies on the page is used as it lies, and the rest of its packs goes back.
  const laid = new Set((page.placed ?? []).flatMap(({ what }) => stockOf(what) ?? []));
  return {
    laid: page.placed?.length ?? 0,
    cut: cut.length,
    tools: amounts.filter(isTool).map(({ lot }) => lotOf(lot)?.name ?? ''),
    choices: [
      ...loose
        .filter(({ id }) => !laid.has(id))
        .map((piece) => ({
          key: piece.id,
          words: `${lotOf(piece.lot)?.name ?? 'A paper'}, ${formatSize(piece, system)}`,
          chosen: { piece: piece.id },
        })),
      ...amounts
        .filter((one) => !isTool(one) && !laid.has(one.lot))
        .flatMap((one) => {
          const lot = lotOf(one.lot);
          return lot
            ? [{ key: lot.id, words: `${lot.name}: ${amountWords(lot, one.amounts, system)}`, chosen: one }]
            : [];
        }),
    ],
  };
}

/** Photos that she has not said are printed: told before they are wanted for the glue. */
function NotPrinted({ page }: { page: Page }) {
  const photos = useBench((b) => b.photos);
  const n = page.photos.filter(({ photo }) => photo !== null && photos.get(photo)?.isPrinted !== true).length;
  if (n === 0) return null;
  return (
    <Wrong>
      {countWords(n, 'photo is', 'photos are')} not printed yet, as far as you said: print {agreeing(n, 'it', 'them')}{' '}
      before you glue.
    </Wrong>
  );
}

/** What was cut is glued, and which of the other things out on the bench went on. */
export function GlueSlip({ page, isWhole }: { page: Page; isWhole: boolean }) {
  const { choices, tools, cut, laid } = useChoices(page);
  const [kept, setKept] = useState<readonly string[]>([]);
  const used = choices.filter(({ key }) => kept.includes(key));
  return (
    <Slip aria-label="Glue">
      <Stack>
        <h2>{isWhole ? 'Cut. Now glue.' : `Glue what is cut: ${countWords(cut, 'piece')}`}</h2>
        {designOfPage(page).steps.map((step) => (
          <p key={step}>{step}</p>
        ))}
        <Soft>
          Wet work first, and let it dry; then the large layers, the photos, the clusters. Leave edges open where
          something must slide in.
        </Soft>
        {laid > 0 && (
          <Soft>
            The {countWords(laid, 'thing')} that {agreeing(laid, 'lies', 'lie')} on it {agreeing(laid, 'is', 'are')}{' '}
            used; what else is out of the same packs goes back.
          </Soft>
        )}
        {choices.length > 0 && (
          <Small value={used.map(({ key }) => key)} onChange={setKept}>
            <Label>Out, but not laid on the page: they go back. Tick what was used too.</Label>
            {choices.map(({ key, words }) => (
              <Tick key={key} value={key}>
                {words}
              </Tick>
            ))}
          </Small>
        )}
        <NotPrinted page={page} />
        {tools.length > 0 && (
          <Soft>
            {tools.join(', ')} {agreeing(tools.length, 'goes', 'go')} back.
          </Soft>
        )}
        <Button
          look="main"
          onPress={() => {
            void act(
              gluePage(
                page.id,
                used.map(({ chosen }) => chosen),
              ),
            );
          }}
        >
          It is glued
        </Button>
      </Stack>
    </Slip>
  );
}

const Small = styled(CheckboxGroup)`
  display: flex;
  flex-direction: column;
  gap: 6px;
`;
