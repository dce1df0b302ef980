import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { aimsOf, lotsIn } from '../../core/kit/closing';
import { changeKit } from '../../core/acts';
import { isKept, type Aim, type Kit } from '../../core/stock/things';
import { act } from '../data/acts';
import { useBench } from '../data/benchStore';
import { useSettings } from '../data/settings';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Form } from '../ui/Form';
import { Row, Soft, Stack } from '../ui/Screen';
import { TextField } from '../ui/TextField';
import { aimWords } from './aimWords';

/** What she means to do with a kit, and how near each aim is. */
export function Aims({ kit }: { kit: Kit }) {
  const { ledger, lots, pages } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const standing = useMemo(() => aimsOf(kit, { ledger, lots, pages }), [kit, ledger, lots, pages]);
  const change = (to: (aims: readonly Aim[]) => readonly Aim[]): void =>
    void act(
      changeKit(kit.id, (now) => ({ ...now, aims: to(now.aims ?? []) })),
      { isQuiet: true },
    );
  return (
    <section aria-label="Aims">
      <h2>Aims</h2>
      <Stack $gap={6}>
        {standing.length === 0 && <Soft>“At least two of the frames”, “use up the clay paper”, “eight pages”.</Soft>}
        {standing.map((one) => (
          <Row key={one.aim.id}>
            <Met data-met={one.isMet || undefined}>{aimWords(one, system)}</Met>
            <Button
              look="quiet"
              aria-label={`Drop the aim: ${aimWords(one, system)}`}
              onPress={() => change((aims) => aims.filter(({ id }) => id !== one.aim.id))}
            >
              drop
            </Button>
          </Row>
        ))}
        <NewAim kit={kit.id} onAim={(aim) => change((aims) => [...aims, aim])} />
      </Stack>
    </section>
  );
}

const PAGES = 'pages';

function NewAim({ kit, onAim }: { kit: string; onAim: (aim: Aim) => void }) {
  const { lots, ledger } = useBench((b) => b);
  const [about, setAbout] = useState(PAGES);
  const [typed, setTyped] = useState('');
  const options = useMemo(
    () => [
      [PAGES, 'pages'] as const,
      ...lotsIn({ id: kit }, { lots, ledger })
        .filter((lot) => !isKept(lot.kind))
        .map(({ id, name }) => [id, name] as const),
    ],
    [lots, ledger, kit],
  );
  const count = /^\d+$/.test(typed.trim()) ? Number(typed) : null;
  const isWrong = typed.trim() !== '' && (count === null || count < 1);
  const isShort = about === PAGES && count === null;
  const set = (): void => {
    if (isWrong || isShort) return;
    const id = nanoid(8);
    onAim(
      about === PAGES ? { id, kind: 'pages', atLeast: count ?? 1 } : { id, kind: 'use', lot: about, atLeast: count },
    );
    setTyped('');
  };
  return (
    <Form onSend={set}>
      <Row $gap={8} style={{ alignItems: 'flex-end' }}>
        <TextField
          label="At least"
          value={typed}
          onChange={setTyped}
          isMeasure
          placeholder={about === PAGES ? '8' : 'all'}
          error={isWrong ? 'A number, from 1' : null}
          style={{ width: 92 }}
        />
        <Choice label="Of what" options={options} value={about} onChange={setAbout} />
        <Button type="submit" isDisabled={isWrong || isShort}>
          Set it
        </Button>
      </Row>
    </Form>
  );
}

const Met = styled.span`
  &[data-met] {
    color: ${({ theme }) => theme.pond};
    font-weight: 650;
  }
`;
