import { CheckboxGroup, Label } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { ShareMode } from '../../../core/kit/shareout';
import { pageName } from '../../data/didWords';
import { Choice } from '../../ui/Choice';
import { kitWords } from '../../ui/dayWords';
import { Soft } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';
import type { ShareChoices } from './shareChoices';
import type { Shared } from './useShared';

const MODES: readonly (readonly [ShareMode, string])[] = [
  ['save', 'save the good papers'],
  ['even', 'share them evenly'],
  ['spend', 'use up, older first'],
];
const SPREADS = [
  ['one', 'one sheet, in strips'],
  ['two', 'two sheets, wider strips'],
] as const;

const GROUNDS = [
  ['whole', 'whole sheets of it'],
  ['strips', 'strips on cardstock'],
] as const;

/** From which kits, for which pages. */
export function FromAndFor({ shared, choices }: { shared: Shared; choices: ShareChoices }) {
  const { kits, kitSet, open, chosen, begun } = shared;
  return (
    <>
      <Group
        value={[...kitSet]}
        onChange={(ids) => choices.change({ kitsLeft: kits.map(({ id }) => id).filter((id) => !ids.includes(id)) })}
      >
        <Label>From</Label>
        {kits.map((kit) => (
          <Tick key={kit.id} value={kit.id}>
            {kitWords(kit)}
          </Tick>
        ))}
      </Group>
      <Group
        value={chosen.map(({ id }) => id)}
        onChange={(ids) => choices.change({ pagesLeft: open.map(({ id }) => id).filter((id) => !ids.includes(id)) })}
      >
        <Label>For</Label>
        {open.map((page) => (
          <Tick key={page.id} value={page.id}>
            {pageName(page)}
          </Tick>
        ))}
      </Group>
      {begun.map((page) => (
        <Soft key={page.id}>
          {pageName(page)} is begun to be cut: <Link to={`/cuts/${page.id}`}>its rest</Link> is planned from Cuts.
        </Soft>
      ))}
    </>
  );
}

/** How papers are used where there is a choice. */
export function HowShared({ shared: { chosen }, choices }: { shared: Shared; choices: ShareChoices }) {
  return (
    <>
      <Choice<ShareMode>
        label="How"
        options={MODES}
        value={choices.mode}
        onChange={(mode) => choices.change({ mode })}
      />
      <Choice<'whole' | 'strips'>
        label="Where little of a paper shows"
        options={GROUNDS}
        value={choices.grounds}
        onChange={(grounds) => choices.change({ grounds })}
      />
      {chosen.some(({ format }) => format.spread) && (
        <Choice<'one' | 'two'>
          label="Strips over a spread"
          options={SPREADS}
          value={choices.spread}
          onChange={(spread) => choices.change({ spread })}
        />
      )}
    </>
  );
}

const Group = styled(CheckboxGroup)`
  display: flex;
  flex-direction: column;
  gap: 4px;
  font-size: 15px;
  .react-aria-Label {
    font-weight: 650;
    font-size: 16px;
  }
`;
