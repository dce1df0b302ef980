import styled, { useTheme } from 'styled-components';
import type { Layout } from '../../../core/page/design';
import { remarkKey, TITLE, WRITING, type Eyed, type Remark } from '../../../core/page/eye';
import { TICKS_PER_INCH } from '../../../core/ground/length';
import { changePage, setAsideRemark } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { countWords } from '../../words/countWords';
import type { LaidThing } from '../../ui/LaidFigure';
import { Row, Soft } from '../../ui/Screen';
import { layerName } from './layerName';
import type { SecondEyes as Eyes } from './useSecondEyes';

const inch = (ticks: number): number => ticks / TICKS_PER_INCH;

/** What a remark is about, ringed on the page, and where one more would go. */
export function EyeMarks({ eyes, layout, scale }: { eyes: Eyes; layout: Layout; scale: number }) {
  const theme = useTheme();
  const { shown, about } = eyes;
  if (!shown) return null;
  const { w, h } = layout.size;
  return (
    <Over width={inch(w) * scale} height={inch(h) * scale} viewBox={`0 0 ${inch(w)} ${inch(h)}`} aria-hidden>
      {about.map((one) => (
        <rect
          key={one.id}
          x={inch(one.x) - 0.08}
          y={inch(one.y) - 0.08}
          width={inch(one.w) + 0.16}
          height={inch(one.h) + 0.16}
          rx={0.12}
          fill="none"
          stroke={theme.pond}
          strokeWidth={3 / scale}
        />
      ))}
      {shown.at && (
        <circle
          cx={inch(shown.at.x)}
          cy={inch(shown.at.y)}
          r={0.5}
          fill="rgba(230,171,62,.35)"
          stroke={theme.marigoldInk}
          strokeWidth={3 / scale}
          strokeDasharray={`${6 / scale} ${4 / scale}`}
        />
      )}
    </Over>
  );
}

/** What the things of a remark are called, each once. */
function namesOf(about: readonly Eyed[], layout: Layout, laid: readonly LaidThing[]): string {
  const names = about.map(({ id }) => {
    const layer = layout.layers.find((one) => one.id === id);
    if (layer) return layerName(layout, layer);
    if (id === TITLE) return 'the title';
    if (id === WRITING) return 'the writing';
    return laid.find(({ placed }) => placed.id === id)?.looks.name ?? '';
  });
  return [...new Set(names)].filter((name) => name !== '').join(' and ');
}

/** For good: a rule that she does not keep to, as she would say it. */
const SCHOOLS: Readonly<Record<Remark['kind'], string>> = {
  triangle: 'triangles',
  even: 'odd numbers',
  'lone-raised': 'raised things in twos',
  'lone-colour': 'colours that come once',
  'looks-off': 'figures looking in',
  covered: 'photos kept free',
  'off-theme': 'words off the theme',
  margins: 'margins a hair apart',
  'near-edges': 'edges that nearly meet',
  weight: 'weight on both sides',
  'over-edge': 'things over the edge',
  'busy-papers': 'busy papers',
  'white-cream': 'white beside cream',
  'photo-colour': 'colours of the photos',
  thick: 'thickness',
  'tight-pocket': 'tags in their pockets',
  gutter: 'lines across the gutter',
  'unequal-ends': 'strips at unequal ends',
  strangers: 'papers that fall out',
};

export interface SecondEyesProps {
  page: Page;
  layout: Layout;
  eyes: Eyes;
  laid: readonly LaidThing[];
}

/** A second pair of eyes: one remark at a time, with what would mend it; set aside for this page or for good. */
export function SecondEyes({ page, layout, eyes, laid }: SecondEyesProps) {
  const { remarks, shown, about, mends } = eyes;
  if (!eyes.isOpen)
    return (
      <Button look="quiet" onPress={() => eyes.open(true)}>
        {remarks.length === 0
          ? 'Look it over: nothing to say'
          : `Look it over: ${countWords(remarks.length, 'thing')} worth a look`}
      </Button>
    );
  return (
    <Said aria-label="Worth a look">
      {shown ? (
        <>
          <p>
            <b>{namesOf(about, layout, laid)}</b> {shown.why}
          </p>
          <Row $gap={10}>
            {mends.map(({ words, act: mend }) => (
              <Button key={words} onPress={() => void act(mend)}>
                {words}
              </Button>
            ))}
          </Row>
          <Steps page={page} eyes={eyes} shown={shown} />
        </>
      ) : (
        <p>Nothing to say.</p>
      )}
      <Again page={page} eyes={eyes} />
    </Said>
  );
}

/** To the other remarks, and how this one is set aside. */
function Steps({ page, eyes, shown }: { page: Page; eyes: Eyes; shown: Remark }) {
  const { eyesOff, change } = useSettings();
  const { remarks, at } = eyes;
  return (
    <Row $gap={12}>
      {remarks.length > 1 && (
        <>
          <Button isRepeatable look="quiet" onPress={() => eyes.step(-1)}>
            before
          </Button>
          <Soft>
            {at + 1} of {remarks.length}
          </Soft>
          <Button isRepeatable look="quiet" onPress={() => eyes.step(1)}>
            next
          </Button>
        </>
      )}
      <Button
        look="quiet"
        onPress={() => {
          void act(setAsideRemark(page.id, remarkKey(shown)), { isQuiet: true });
        }}
      >
        It is meant so
      </Button>
      <Button look="quiet" onPress={() => change({ eyesOff: [...eyesOff, shown.kind] })}>
        Never look for {SCHOOLS[shown.kind]}
      </Button>
    </Row>
  );
}

/** Away again, and what was set aside looked at again. */
function Again({ page, eyes }: { page: Page; eyes: Eyes }) {
  const { eyesOff, change } = useSettings();
  const { aside } = eyes;
  return (
    <Row $gap={12}>
      <Button look="quiet" onPress={() => eyes.open(false)}>
        close
      </Button>
      {aside > 0 && (
        <Button
          look="quiet"
          onPress={() => {
            void act(changePage(page.id, { setAside: [] }, 'Looked at all again'), { isQuiet: true });
          }}
        >
          look again at what was set aside
        </Button>
      )}
      {eyesOff.length > 0 && (
        <Button look="quiet" onPress={() => change({ eyesOff: [] })}>
          look for {eyesOff.map((kind) => SCHOOLS[kind]).join(', ')} again
        </Button>
      )}
    </Row>
  );
}

const Over = styled.svg`
  position: absolute;
  inset: 0;
  pointer-events: none;
`;
const Said = styled.section`
  align-self: stretch;
  display: flex;
  flex-direction: column;
  gap: 8px;
  border-left: 4px solid ${({ theme }) => theme.marigold};
  padding-left: 12px;
  font-size: 16px;
  p {
    margin: 0;
  }
`;
