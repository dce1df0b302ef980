import { Label, Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { formatLength, formatSize, inches, type MeasureSystem } from '../../../core/ground/length';
import { useSettings, type Settings } from '../../data/settings';
import { MeasureField } from '../../ui/MeasureField';
import { Columns, Screen, Slip, Soft, Stack } from '../../ui/Screen';
import { EverythingSlip } from './EverythingSlip';
import { StartAnewSlip } from './StartAnewSlip';

function MeasuresAndLook() {
  const settings = useSettings();
  return (
    <Slip>
      <Stack $gap={14}>
        <h2>Measures and look</h2>
        <Few
          label="Measures"
          options={[
            ['in', 'inches, 3 1/4″'],
            ['cm', 'centimetres, 8.26 cm'],
          ]}
          value={settings.system}
          onChange={(system) => settings.change({ system: system as MeasureSystem })}
        />
        <Few
          label="Look"
          options={[
            ['day', 'day'],
            ['evening', 'evening'],
          ]}
          value={settings.look}
          onChange={(look) => settings.change({ look: look as Settings['look'] })}
        />
      </Stack>
    </Slip>
  );
}

/** What scissors or a broad blade may take. Common practice, no source. */
const KERFS: readonly number[] = [0, inches(1 / 64), inches(1 / 32), inches(1 / 16)];

const MEASURES = [
  ['mat', 'Mat, each side'],
  ['hold', 'Stays under a cover'],
  ['longestCut', 'Longest trimmer cut'],
] as const;

function HowYouWork() {
  const settings = useSettings();
  return (
    <Slip>
      <Stack $gap={14}>
        <h2>How you work</h2>
        <Measures>
          {MEASURES.map(([key, label]) => (
            <MeasureField
              key={key}
              label={label}
              value={settings[key]}
              onChange={(told) => {
                if (told !== null) settings.change({ [key]: told });
              }}
              system={settings.system}
              isKeptOnLeaving
            />
          ))}
        </Measures>
        <Few
          label="Hidden paper"
          options={[
            ['always', 'take it back'],
            ['scarce', 'only where scarce'],
            ['never', 'leave it'],
          ]}
          value={settings.gut}
          onChange={(gut) => settings.change({ gut: gut as Settings['gut'] })}
        />
        <Few
          label="Each cut takes away"
          options={KERFS.map((kerf) => [
            String(kerf),
            kerf === 0 ? 'nothing: a trimmer or a knife' : formatLength(kerf, settings.system),
          ])}
          value={String(settings.kerf)}
          onChange={(kerf) => settings.change({ kerf: Number(kerf) })}
        />
        <Soft>
          A mat of {formatLength(inches(1 / 8), settings.system)} each side makes{' '}
          {formatSize({ w: inches(3.25), h: inches(4.25) }, settings.system)} round a 3 × 4 photo. Glue wants{' '}
          {formatLength(inches(1 / 2), settings.system)} to hold on to.
        </Soft>
      </Stack>
    </Slip>
  );
}

/** Settings: measures and look, the tools she has, and everything as one file. */
export function SettingsScreen() {
  return (
    <Screen title="Settings">
      <Columns $widths="1fr 1fr">
        <Stack $gap={18}>
          <MeasuresAndLook />
          <HowYouWork />
        </Stack>
        <Stack $gap={18}>
          <EverythingSlip />
          <StartAnewSlip />
        </Stack>
      </Columns>
    </Screen>
  );
}

function Few({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: readonly (readonly [string, string])[];
  value: string;
  onChange: (to: string) => void;
}) {
  return (
    <Radios value={value} onChange={onChange}>
      <Label>{label}</Label>
      {options.map(([id, words]) => (
        <Radio key={id} value={id}>
          <i aria-hidden />
          {words}
        </Radio>
      ))}
    </Radios>
  );
}

const Measures = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 12px;
  align-items: end;
`;
const Radios = styled(RadioGroup)`
  display: flex;
  gap: 20px;
  flex-wrap: wrap;
  > .react-aria-Label {
    flex-basis: 100%;
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
    margin-bottom: -12px;
  }
  .react-aria-Radio {
    display: flex;
    gap: 8px;
    align-items: center;
    cursor: pointer;
    min-height: 32px;
  }
  i {
    width: 20px;
    height: 20px;
    border-radius: 50%;
    border: 2px solid ${({ theme }) => theme.soft};
    background: ${({ theme }) => theme.sheet};
  }
  [data-selected] i {
    border: 6px solid ${({ theme }) => theme.beet};
  }
  [data-focus-visible] i {
    outline: 3px solid ${({ theme }) => theme.beet};
    outline-offset: 2px;
  }
`;
