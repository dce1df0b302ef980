import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { amountWords } from '../../ui/amountWords';
import { Button } from '../../ui/Button';
import { lotWords } from '../../ui/lotWords';
import { Row, Soft, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import type { RowEffect, TableRow } from './readStashCsv';
import { act } from '../../data/acts';
import { takeTable } from './takeTable';

/** A table is read from a CSV file; what each row would do is shown before anything is written. */
export function TableSlip() {
  const bench = useBench((b) => b);
  const [name, setName] = useState<string | null>(null);
  const [rows, setRows] = useState<readonly TableRow[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const { readStashCsv } = await import('./readStashCsv');
    const read = readStashCsv(await file.text(), bench);
    setName(file.name);
    setTrouble(read.ok ? null : read.error.message);
    setRows(read.ok ? read.value : []);
  };
  const count = (kind: RowEffect['kind']): number => rows.filter(({ effect }) => effect.kind === kind).length;
  const taken = count('added') + count('changed');
  return (
    <>
      <FileTrigger
        acceptedFileTypes={['.csv', 'text/csv']}
        onSelect={(list) => {
          void open(list?.[0]);
        }}
      >
        <Button>From CSV</Button>
      </FileTrigger>
      <SlipOver title={`What ${name} would do`} isWide isOpen={name !== null} onClose={() => setName(null)}>
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
                    if (isDone) {
                      close();
                      setName(null);
                    }
                  });
                }}
              >
                {taken === 0 ? 'Nothing to take' : `Take ${taken} ${taken === 1 ? 'row' : 'rows'}`}
              </Button>
              <Button slot="close" look="quiet">
                Leave it
              </Button>
              {count('refused') > 0 && <Soft>Refused rows are left out.</Soft>}
            </Row>
          </>
        )}
      </SlipOver>
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
