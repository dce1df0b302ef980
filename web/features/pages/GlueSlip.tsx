import { useState } from 'react';
import { Checkbox, CheckboxGroup } from 'react-aria-components';
import styled from 'styled-components';
import { designOfPage } from '../../../core/design';
import { isKept, type Lot, type Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { gluePage, onBench } from '../../data/pageActs';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { amountWords } from '../../ui/amountWords';
import { Slip, Soft, Stack } from '../../ui/Screen';

/** All pieces are cut: what is glued, and which of the small things out on the bench went on. */
export function GlueSlip({ page }: { page: Page }) {
  const { ledger, lots } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const out = onBench(ledger, page.id).amounts;
  const kept = out.filter(({ lot }) => isKept(lots.get(lot)!.kind));
  const amounts = out.filter((one) => !kept.includes(one));
  const [left, setLeft] = useState<readonly string[]>([]);
  const used = amounts.filter(({ lot }) => !left.includes(lot));
  return (
    <Slip aria-label="Glue">
      <Stack>
        <h2>Cut. Now glue.</h2>
        {designOfPage(page).steps.map((step) => (
          <p key={step}>{step}</p>
        ))}
        <Soft>
          Wet work first, and let it dry; then the large layers, the photos, the clusters. Leave edges open where
          something must slide in.
        </Soft>
        {amounts.length > 0 && (
          <Small
            aria-label="Used on the page"
            value={used.map(({ lot }) => lot)}
            onChange={(on) => setLeft(amounts.map(({ lot }) => lot).filter((lot) => !on.includes(lot)))}
          >
            {amounts.map(({ lot, amounts: n }) => (
              <Checkbox key={lot} value={lot}>
                <i aria-hidden>{left.includes(lot) ? '' : '✓'}</i>
                {lots.get(lot)?.name}: {amountWords(lots.get(lot) as Lot, n, system)}
              </Checkbox>
            ))}
          </Small>
        )}
        {kept.length > 0 && (
          <Soft>
            {kept.map(({ lot }) => lots.get(lot)!.name).join(', ')} {kept.length === 1 ? 'goes' : 'go'} back.
          </Soft>
        )}
        <Button
          look="main"
          onPress={() => {
            void gluePage(page, ledger, used, kept);
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
  .react-aria-Checkbox {
    display: flex;
    gap: 8px;
    align-items: center;
    cursor: pointer;
  }
  i {
    width: 22px;
    height: 22px;
    border: 2px solid ${({ theme }) => theme.soft};
    border-radius: 4px;
    display: grid;
    place-items: center;
    font-style: normal;
    color: ${({ theme }) => theme.pond};
    font-weight: 700;
  }
  [data-focus-visible] i {
    outline: 3px solid ${({ theme }) => theme.beet};
  }
`;
