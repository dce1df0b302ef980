import { useState } from 'react';
import { FileTrigger, Label, Radio, RadioGroup } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import type { MeasureSystem } from '../../../core/length';
import { db, say } from '../../data/acts';
import { readBenchFile, replaceBench, writeBenchFile, type BenchFile } from '../../data/benchFile';
import { useBench } from '../../data/benchStore';
import { bringDemo, emptyBench } from '../../data/demo';
import { useSettings, type Settings } from '../../data/settings';
import { today } from '../../data/today';
import { Button } from '../../ui/Button';
import { keepFile } from '../../ui/keepFile';
import { MeasureField } from '../../ui/MeasureField';
import { Columns, Row, Screen, Slip, Soft, Stack, Wrong } from '../../ui/Screen';

/** How much there is of everything, in words. */
function sizeOf({ kits, lots, pages, photos }: Pick<BenchFile, 'kits' | 'lots' | 'pages' | 'photos'>): string {
  const some = (n: number, one: string, more: string): string => `${n} ${n === 1 ? one : more}`;
  return `${some(kits.length, 'kit', 'kits')}, ${some(lots.length, 'kind of thing', 'kinds of things')}, ${some(pages.length, 'page', 'pages')} and ${some(photos.length, 'photo', 'photos')}`;
}

/** Settings: measures and look, the tools she has, and everything as one file. */
export function SettingsScreen() {
  const settings = useSettings();
  const go = useNavigate();
  const { kits, lots, pages, photos } = useBench((b) => b);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [waiting, setWaiting] = useState<{ name: string; file: BenchFile } | null>(null);
  const [isSure, setSure] = useState<'demo' | 'empty' | null>(null);

  const read = async (file: File): Promise<void> => {
    const result = readBenchFile(await file.text());
    if (!result.ok) {
      setTrouble(
        `${file.name} was not read: ${result.error.message}${result.error.at ? ` (at ${result.error.at})` : ''}. Nothing was changed.`,
      );
      return;
    }
    setTrouble(null);
    setWaiting({ name: file.name, file: result.value });
  };
  const putInPlace = async ({ name, file }: { name: string; file: BenchFile }): Promise<void> => {
    setWaiting(null);
    await replaceBench(db, file);
    settings.change({ pageInHand: null, isSetUp: true });
    say(`${name} was read.`);
    await go('/stash');
  };
  const replace = async (what: 'demo' | 'empty'): Promise<void> => {
    setSure(null);
    await (what === 'demo' ? bringDemo(db) : emptyBench(db));
    say(what === 'demo' ? 'The demo is back.' : 'The bench is empty.');
    await go('/parcels');
  };

  return (
    <Screen title="Settings">
      <Columns $widths="1fr 1fr">
        <Stack $gap={18}>
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
          <Slip>
            <Stack $gap={14}>
              <h2>How you work</h2>
              <Measures>
                <MeasureField
                  label="Mat, each side"
                  value={settings.mat}
                  onChange={(mat) => {
                    if (mat !== null) settings.change({ mat });
                  }}
                  system={settings.system}
                />
                <MeasureField
                  label="Stays under a cover"
                  value={settings.hold}
                  onChange={(hold) => {
                    if (hold !== null) settings.change({ hold });
                  }}
                  system={settings.system}
                />
                <MeasureField
                  label="Longest trimmer cut"
                  value={settings.longestCut}
                  onChange={(longestCut) => {
                    if (longestCut !== null) settings.change({ longestCut });
                  }}
                  system={settings.system}
                />
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
              <Soft>
                A mat of 1/8″ each side makes 3 1/4 × 4 1/4 round a 3 × 4 photo. Glue wants 1/2″ to hold on to.
              </Soft>
            </Stack>
          </Slip>
        </Stack>
        <Stack $gap={18}>
          <Slip>
            <Stack $gap={14}>
              <h2>Everything in one file</h2>
              <Soft>
                Kits, papers, history, pages and pictures. Keep it somewhere safe, or carry it to another machine.
              </Soft>
              <Row>
                <Button
                  look="main"
                  onPress={() => {
                    void writeBenchFile(db).then((text) =>
                      keepFile(`nubbin-${today()}.json`, text, 'application/json'),
                    );
                  }}
                >
                  Export
                </Button>
                <FileTrigger
                  acceptedFileTypes={['application/json', '.json']}
                  onSelect={(list) => {
                    if (list?.[0]) void read(list[0]);
                  }}
                >
                  <Button>Read a file back</Button>
                </FileTrigger>
              </Row>
              {waiting === null ? (
                <Soft>Reading a file puts it in place of all that is here.</Soft>
              ) : (
                <Stack role="group" aria-label="What would be replaced">
                  <p>
                    {waiting.name} is whole: it holds {sizeOf(waiting.file)}.
                  </p>
                  <p>
                    It would take the place of{' '}
                    {sizeOf({
                      kits: [...kits.values()],
                      lots: [...lots.values()],
                      pages: [...pages.values()],
                      photos: [...photos.values()],
                    })}
                    .
                  </p>
                  <Row>
                    <Button
                      look="main"
                      onPress={() => {
                        void putInPlace(waiting);
                      }}
                    >
                      Put it in place
                    </Button>
                    <Button onPress={() => setWaiting(null)}>Leave all as it is</Button>
                  </Row>
                </Stack>
              )}
              {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
            </Stack>
          </Slip>
          <Slip>
            <Stack $gap={14}>
              <h2>Start anew</h2>
              <Soft>Both put away all that is here for good. Export it first if you want to see it again.</Soft>
              {isSure === null ? (
                <Row>
                  <Button onPress={() => setSure('empty')}>Start an empty bench</Button>
                  <Button onPress={() => setSure('demo')}>Bring the demo back</Button>
                </Row>
              ) : (
                <Row>
                  <Wrong as="span">
                    {isSure === 'empty' ? 'Clear everything away?' : 'Put the demo in place of everything?'}
                  </Wrong>
                  <Button
                    look="main"
                    onPress={() => {
                      void replace(isSure);
                    }}
                  >
                    {isSure === 'empty' ? 'Yes, clear it' : 'Yes, bring the demo'}
                  </Button>
                  <Button onPress={() => setSure(null)}>No</Button>
                </Row>
              )}
            </Stack>
          </Slip>
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
  grid-template-columns: repeat(3, 1fr);
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
