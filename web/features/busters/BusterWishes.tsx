import { useMemo } from 'react';
import { CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import type { Lead } from '../../../core/kit/busting';
import { isPaper } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { Choice } from '../../ui/Choice';
import { kitWords } from '../../ui/dayWords';
import { KeptTextField } from '../../ui/KeptTextField';
import { PaperChoice } from '../../ui/PaperChoice';
import { Stack } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';
import { useBusterChoices } from './busterChoices';

const LEADS: readonly (readonly [Lead['kind'] | 'theme', string])[] = [
  ['oldest', 'what has lain longest'],
  ['paper', 'one paper I am tired of'],
  ['theme', 'a theme'],
  ['finish', 'what one more page uses up'],
  ['strips', 'strips: banners, bands, rows'],
  ['boxes', 'boxes: stacks, patchwork'],
  ['hues', 'a run of colours'],
  ['quick', 'quick ones, for a tired evening'],
];

/** What she begins with, and which kits it may come from. */
export function BusterWishes() {
  const { lead, face, theme, kitsLeft, withNewest, change } = useBusterChoices();
  const { kits, ledger, lots, faces } = useBench((b) => b);
  const inOrder = useMemo(() => [...kits.values()].sort((a, b) => b.month.localeCompare(a.month)), [kits]);
  const papers = useMemo(() => {
    const here = new Set(
      [...ledger.pieces.values()].flatMap((piece) => {
        const lot = lots.get(piece.lot);
        return piece.where === 'here' && lot && isPaper(lot) ? [lot.front, lot.back] : [];
      }),
    );
    return [...faces.values()]
      .filter(({ id }) => here.has(id))
      .map(({ id, name }) => ({ id, name, face: id, about: '' }));
  }, [ledger, lots, faces]);
  return (
    <Stack $gap={16}>
      <Choice label="Begin with" options={LEADS} value={lead} onChange={(to) => change({ lead: to })} />
      {lead === 'theme' && (
        <KeptTextField
          label="Words of the theme, such as kiln"
          value={theme}
          onKeep={(to) => change({ theme: to.trim() })}
        />
      )}
      {lead === 'paper' && (
        <PaperChoice
          label="Which paper"
          options={papers}
          value={face === '' ? null : face}
          onChange={(to) => change({ face: to })}
        />
      )}
      <Group
        value={inOrder.map(({ id }) => id).filter((id) => !kitsLeft.includes(id))}
        onChange={(ids) => change({ kitsLeft: inOrder.map(({ id }) => id).filter((id) => !ids.includes(id)) })}
      >
        <Label>From</Label>
        {inOrder.map((kit) => (
          <Tick key={kit.id} value={kit.id}>
            {kitWords(kit)}
          </Tick>
        ))}
      </Group>
      <Tick isSelected={withNewest} onChange={(is) => change({ withNewest: is })}>
        The newest kit’s sheets and things, too
      </Tick>
    </Stack>
  );
}

const Group = styled(CheckboxGroup)`
  display: flex;
  flex-direction: column;
  gap: 4px;
  font-size: 15px;
  label:first-child,
  > span:first-child {
    font-weight: 600;
  }
`;
