import type { Unfinished, Waiting } from '../../../core/page/work';
import { countWords } from '../../words/countWords';
import { leftWords, minuteWords } from '../../ui/minuteWords';

function words(waiting: Waiting): string {
  switch (waiting.kind) {
    case 'photos':
      return countWords(waiting.count, 'photo');
    case 'papers':
      return 'its papers';
    case 'drying':
      return `${leftWords(waiting.left)} of drying`;
    case 'title':
      return 'a title';
    case 'writing':
      return 'its writing';
    case 'date':
      return 'a date';
    case 'label':
      return `words for its ${waiting.name}`;
    case 'meant':
      return waiting.words;
  }
}

/** What an unfinished page waits for, and how long it still takes her. */
export function waitingWords({ waits, minutes }: Unfinished): string {
  const left = `about ${minuteWords(minutes)} left`;
  return waits.length === 0 ? left : `waits for ${waits.map(words).join(', ')} · ${left}`;
}
