import styled from 'styled-components';
import type { Photo, Story } from '../../../core/stock/things';
import { pictureOf } from '../../data/images';
import { Button } from '../../ui/Button';
import { dayWords } from '../../ui/dayWords';
import { Row, Soft } from '../../ui/Screen';
import { PrintFigure } from './PrintFigure';

export interface StoryPrintsProps {
  story: Story;
  /** Its photos that are shown. */
  photos: readonly Photo[];
  urls: ReadonlyMap<string, string>;
  used: ReadonlySet<string | null>;
  /** How many of all its photos wait. */
  waiting: number;
  chosen: string | null;
  onPlan: () => void;
  onChoose: (photo: string | null) => void;
}

/** A story and its photos. */
export function StoryPrints({ story, photos, urls, used, waiting, chosen, onPlan, onChoose }: StoryPrintsProps) {
  return (
    <section aria-label={story.name}>
      <Row $gap={14}>
        <h2>{story.name}</h2>
        <Soft>{[dayWords(story.date), story.place, story.people].filter(Boolean).join(' · ')}</Soft>
        <Button look="quiet" aria-label={`Plan the pages of ${story.name}`} onPress={onPlan}>
          {waiting > 0 ? 'plan its pages' : 'change it'}
        </Button>
      </Row>
      <Prints>
        {photos.map((print) => (
          <PrintFigure
            key={print.id}
            print={print}
            picture={pictureOf(print, urls)}
            isChosen={chosen === print.id}
            isUsed={used.has(print.id)}
            onPress={() => onChoose(chosen === print.id ? null : print.id)}
          />
        ))}
      </Prints>
    </section>
  );
}

const Prints = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 18px 22px;
  padding-top: 10px;
  align-items: flex-start;
  li {
    display: flex;
    flex-direction: column;
    align-items: flex-start;
  }
  strong {
    font-size: 15px;
  }
`;
