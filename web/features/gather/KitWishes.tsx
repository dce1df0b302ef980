import { isMonth } from '../../../core/stock/things';
import { today } from '../../data/today';
import { Row, Stack } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { Tick } from '../../ui/Tick';
import { useGatherChoices } from './gatherChoices';

/** What the kit is called, which month it is for, how much it is to hold. */
export function KitWishes({ called }: { called: string }) {
  const { name, month, pages, sheets, withNewest, change } = useGatherChoices();
  return (
    <Stack $gap={10}>
      <h2>The kit</h2>
      <TextField label="It is called" value={name} placeholder={called} onChange={(to) => change({ name: to })} />
      <TextField
        label="For the month"
        value={month}
        placeholder={today().slice(0, 7)}
        isMeasure
        error={isMonth(month.trim()) ? null : 'As 2026-12'}
        onChange={(to) => change({ month: to })}
      />
      <Row style={{ flexWrap: 'nowrap' }}>
        <Count label="For pages" value={pages} onCount={(to) => change({ pages: to })} />
        <Count label="Sheets, at most" value={sheets} onCount={(to) => change({ sheets: to })} />
      </Row>
      <Tick isSelected={withNewest} onChange={(is) => change({ withNewest: is })}>
        From the newest kit, too
      </Tick>
    </Stack>
  );
}

const MOST = 60;

function Count({ label, value, onCount }: { label: string; value: number; onCount: (to: number) => void }) {
  return (
    <TextField
      label={label}
      value={value === 0 ? '' : String(value)}
      isMeasure
      inputMode="numeric"
      error={value === 0 ? 'A number' : null}
      onChange={(typed) => {
        if (/^\d{0,2}$/.test(typed.trim())) onCount(Math.min(MOST, Number(typed)));
      }}
    />
  );
}
