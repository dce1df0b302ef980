import styled from 'styled-components';
import type { Result } from '../../../core/result';
import { useSettings } from '../../data/settings';
import { amountWords } from '../../ui/amountWords';
import { Button } from '../../ui/Button';
import { countWords } from '../../words/countWords';
import { lotWords } from '../../ui/lotWords';
import { Row, Soft, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import type { RowEffect, TableRow } from './readStashCsv';
import { act } from '../../data/acts';
import { takeTable } from './takeTable';

export interface TableSlipProps {
  /** The file's name. */
  name: string;
  read: Result<readonly TableRow[], { kind: string; message: string }>;
  onClose: () => void;
}

/** What each row of a table would do, shown before anything is written. */
export function TableSlip({ name, read, onClose }: TableSlipProps) {
  const trouble = read.ok ? null : read.error.message;
  const rows = read.ok ? read.value : [];
  const count = (kind: RowEffect['kind']): number => rows.filter(({ effect }) => effect.kind === kind).length;
  const taken = count('added') + count('changed');
  return (
    <SlipOver title={`What ${name} would do`} isWide isOpen onClose={onClose}>
      {(close) => (
        <>
          {trouble !== null && (
            <Wrong role="alert">
              {name} is not taken. {trouble}
            </Wrong>
          )}
          {trouble === null && (
            <p role="status">
              {count('added')} added, {count('changed')} changed, {count('refused')} refused, {count('same')} as they
              are.
            </p>
          )}
          <Rows aria-label="Row by row" tabIndex={0}>
            {rows
              .filter(({ effect }) => effect.kind !== 'same')
              .map(({ row, thing, effect }) => (
                <li key={row} data-kind={effect.kind}>
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
            {count('refused') > 0 && <Soft>Refused rows are left out.</Soft>}
          </Row>
        </>
      )}
    </SlipOver>
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
          {effect.item.measure === 'count' || effect.item.measure === 'sheets' ? `${effect.item.count} · ` : ''}
          {lotWords({ ...effect.item }, system)} · {effect.kit.name}
          {effect.kit.id === null && ' (new)'}
          {effect.place !== '' && ` · kept in ${effect.place}`}
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
  li[data-kind='changed'] {
    background: ${({ theme }) => theme.marigoldWash};
  }
`;
