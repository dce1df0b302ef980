import { useState } from 'react';
import { inches } from '../../../core/ground/length';
import { measuredHand, SAMPLE } from '../../../core/page/writing';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { MeasureField } from '../../ui/MeasureField';
import { Row, Soft, Stack } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { TextField } from '../../ui/TextField';

/** Her hand measured once for each pen: one line written, its width and the distance of lines told. */
export function HandSlip({ onClose }: { onClose: () => void }) {
  const { system, hands, change } = useSettings();
  const [name, setName] = useState('');
  const [width, setWidth] = useState<number | null>(null);
  const [line, setLine] = useState<number | null>(inches(1 / 4));
  const isReady = name.trim() !== '' && width !== null && line !== null;
  const keep = (): void => {
    if (name.trim() === '' || width === null || line === null) return;
    const hand = measuredHand(name.trim(), width, line);
    change({ hands: [...hands.filter((one) => one.name !== hand.name), hand] });
    onClose();
  };
  return (
    <SlipOver title="Measure my hand" isOpen onClose={onClose}>
      {() => (
        <Stack $gap={12}>
          <p>
            Write this on one line, as you write on a page: <b>{SAMPLE}</b>
          </p>
          <TextField label="With which pen" value={name} onChange={setName} />
          <Row>
            <MeasureField label="How wide it is" value={width} onChange={setWidth} system={system} />
            <MeasureField label="From line to line" value={line} onChange={setLine} system={system} />
          </Row>
          {hands.length > 0 && (
            <ul>
              {hands.map((one) => (
                <li key={one.name}>
                  {one.name}: {one.perInch} letters to the inch{' '}
                  <Button
                    look="quiet"
                    aria-label={`Forget ${one.name}`}
                    onPress={() => change({ hands: hands.filter(({ name: other }) => other !== one.name) })}
                  >
                    forget it
                  </Button>
                </li>
              ))}
            </ul>
          )}
          <Soft>Kept in this browser; each page keeps the hand it was written in.</Soft>
          <Button look="main" isDisabled={!isReady} onPress={keep}>
            Keep this hand
          </Button>
        </Stack>
      )}
    </SlipOver>
  );
}
