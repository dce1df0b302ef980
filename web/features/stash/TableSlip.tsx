import styled from 'styled-components';
import type { Result } from '../../../core/ground/result';
import { useSettings } from '../../data/settings';
import { amountWords } from '../../ui/amountWords';
import { Button } from '../../ui/Button';
import { agreeing, countWords } from '../../words/countWords';
import { lotWords } from '../../ui/lotWords';
import { Row, Soft, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import type { RowEffect, StashTable, TableRow } from './readStashCsv';
import { act } from '../../data/acts';
import { takeTable } from './takeTable';

export interface TableSlipProps {
  /** The file's name. */
  name: string;
  read: Result<StashTable, { kind: string; message: string }>;
  onClose: () => void;
}

const countOf = (rows: readonly TableRow[], kind: RowEffect['kind']): number =>
  rows.filter(({ effect }) => effect.kind === kind).length;
const isInDoubt = (effect: RowEffect): boolean => effect.kind === 'added' && effect.doubts.length > 0;

/** What each row of a table would do, shown before anything is written. */
export function TableSlip({ name, read, onClose }: TableSlipProps) {
  const trouble = read.ok ? null : read.error.message;
  const rows = read.ok ? read.value.rows : [];
  const taken = countOf(rows, 'added') + countOf(rows, 'changed');
  return (
    <SlipOver title={`What ${name} would do`} isWide isOpen onClose={onClose}>
      {(close) => (
        <>
          {trouble !== null && (
            <Wrong role="alert">
              {name} is not taken. {trouble}
            </Wrong>
          )}
          {read.ok && <WholeTable table={read.value} />}
          <Rows aria-label="Row by row" tabIndex={0}>
            {rows
              .filter(({ effect }) => effect.kind !== 'same')
              .map(({ row, thing, effect }) => (
                <li key={row} data-kind={effect.kind} data-doubt={isInDoubt(effect) || undefined}>
                  <Soft>row {row}</Soft>
                  <strong>{KIND[effect.kind]}</strong>
                  <span>{thing}</span>
                  <EffectWords effect={effect} />
                </li>
              ))}
          </Rows>
          <Row>
            <Button
              look="main"
              isDisabled={taken === 0}
              onPress={() => {
                void act(takeTable(rows)).then((isDone) => {
                  if (isDone) close();
                });
              }}
            >
              {taken === 0 ? 'Nothing to take' : `Take ${countWords(taken, 'row')}`}
            </Button>
            <Button slot="close" look="quiet">
              Leave it
            </Button>
            {countOf(rows, 'refused') > 0 && <Soft>Refused rows are left out.</Soft>}
          </Row>
        </>
      )}
    </SlipOver>
  );
}

/** What all of it comes to. */
function WholeTable({ table: { rows, unread } }: { table: StashTable }) {
  const inDoubt = rows.filter(({ effect }) => isInDoubt(effect)).length;
  return (
    <>
      <p role="status">
        {countOf(rows, 'added')} added, {countOf(rows, 'changed')} changed, {countOf(rows, 'refused')} refused,{' '}
        {countOf(rows, 'same')} as they are.{inDoubt > 0 && ` ${countWords(inDoubt, 'row')} in doubt.`}
      </p>
      {unread.length > 0 && (
        <p>
          Nothing is taken of {agreeing(unread.length, 'the column', 'the columns')}{' '}
          {unread.map((head) => `“${head}”`).join(', ')}.
        </p>
      )}
    </>
  );
}

const KIND: Record<RowEffect['kind'], string> = {
  added: 'added',
  changed: 'changed',
  refused: 'refused',
  same: 'as it is',
};

function EffectWords({ effect }: { effect: RowEffect }) {
  const system = useSettings((s) => s.system);
  switch (effect.kind) {
    case 'added':
      return (
        <span>
          {['count', 'sheets', 'share'].includes(effect.item.measure) ? `${effect.item.count} · ` : ''}
          {lotWords({ ...effect.item }, system)} · {effect.kit.name}
          {effect.kit.id === null && ' (new)'}
          {effect.place !== '' && ` · kept in ${effect.place}`}
          {effect.doubts.map((why) => ` · ${why}`)}
        </span>
      );
    case 'changed':
      return (
        <span>
          {[
            effect.name !== null && `called ${effect.name}`,
            effect.place !== null && (effect.place === '' ? 'in no place' : `kept in ${effect.place}`),
            effect.note !== null && `note: ${effect.note || 'none'}`,
            effect.change &&
              `${(effect.change[''] ?? 0) > 0 ? '+' : '−'}${amountWords(effect.lot, { '': Math.abs(effect.change[''] ?? 0) }, system)}`,
            effect.missed !== null && 'not found',
          ]
            .filter(Boolean)
            .join(', ')}
        </span>
      );
    case 'refused':
      return <span>{effect.why}</span>;
    case 'same':
      return null;
  }
}

const Rows = styled.ul`
  width: 100%;
  max-height: 52vh;
  overflow: auto;
  li {
    display: grid;
    grid-template-columns: 70px 80px 1fr 2fr;
    gap: 12px;
    padding: 6px 8px;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
  li[data-kind='refused'] {
    background: ${({ theme }) => theme.brickWash};
    color: ${({ theme }) => theme.brick};
  }
  li[data-doubt],
  li[data-kind='changed'] {
    background: ${({ theme }) => theme.marigoldWash};
  }
`;
