import { changeKit } from '../../../core/acts';
import { isMonth, type Kit } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { KeptTextField } from '../../ui/KeptTextField';
import { Row, Slip, Stack } from '../../ui/Screen';
import { ThemeWords } from './ThemeWords';

const NO_MONTH = 'As 2026-11, about a year as 2022, or nothing: not known.';

/** A price as it is typed; undefined: none; null: it is none. */
const priceOf = (text: string): number | undefined | null => {
  const said = text.trim().replace(',', '.');
  if (said === '') return undefined;
  return /^\d+(\.\d+)?$/.test(said) ? Number(said) : null;
};

/** What a kit is called, whose it is, of which month and theme: changed as it stands. */
export function KitFields({ kit }: { kit: Kit }) {
  const change = (some: Partial<Kit>): void => {
    void act(changeKit(kit.id, some));
  };
  return (
    <Slip aria-label="The kit">
      <Stack $gap={10}>
        <KeptTextField
          label="The kit’s name"
          value={kit.name}
          errorOf={(text) => (text.trim() === '' ? 'What is it called?' : null)}
          onKeep={(name) => {
            if (name.trim() !== '') change({ name: name.trim() });
          }}
        />
        <Row style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
          <KeptTextField label="Club" value={kit.club} onKeep={(club) => change({ club: club.trim() })} />
          <KeptTextField
            label="Month"
            value={kit.month}
            isMeasure
            errorOf={(text) => (isMonth(text.trim()) ? null : NO_MONTH)}
            onKeep={(month) => {
              if (isMonth(month.trim())) change({ month: month.trim() });
            }}
          />
        </Row>
        {kit.gathered === undefined && (
          <KeptTextField
            label="What it cost, if you like"
            value={kit.price === undefined ? '' : String(kit.price)}
            isMeasure
            errorOf={(text) => (priceOf(text) === null ? 'A number, such as 24 or 24.50' : null)}
            onKeep={(text) => {
              const price = priceOf(text);
              if (price !== null) change({ price });
            }}
          />
        )}
        <ThemeWords kit={kit} />
      </Stack>
    </Slip>
  );
}
