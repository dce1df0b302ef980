import type { LedgerError } from '../../core/stock/ledger';
import type { Refusal } from '../../core/acts';

const LEDGER: Partial<Record<LedgerError['kind'], string>> = {
  'below-zero': 'there are not so many',
  'piece-not-here': 'it is no longer where it was',
  'piece-not-on-page': 'it is out for something else',
  'parts-are-gone': 'what came of it is used already',
  'not-above-zero': 'that is nothing',
  'not-whole': 'it must be a whole number',
  'not-in-that-kit': 'it is in another kit by now',
  'not-all-of-it': 'there are more or fewer of it by now',
  'moved-from-elsewhere': 'it lies elsewhere by now',
};

const named = (name: string, words: string): string => (name === '' ? words : `${words} (${name})`);

/** Why something could not be done, as it is told her. */
export function refusalWords(refusal: Refusal): string {
  switch (refusal.kind) {
    case 'ledger':
      return named(
        refusal.name,
        `That cannot be: ${LEDGER[refusal.error.kind] ?? refusal.error.kind.replaceAll('-', ' ')}`,
      );
    case 'gone':
      return named(refusal.name, 'It is no longer there');
    case 'paper-gone':
      return `${refusal.name === '' ? 'A paper of this plan' : refusal.name} is no longer in the stash. Plan it again`;
    case 'changed-since':
      return named(refusal.name, 'It has been changed since');
    case 'still-needed':
      return named(refusal.name, 'Something else rests on it by now');
    case 'in-use':
      return named(refusal.name, 'Some of it is cut, out or used already, so how it came stays');
    case 'not-alike':
      return named(refusal.name, 'Those two are of different kinds, or only one of them is scraps: they stay apart');
    case 'off-the-paper':
      return named(refusal.name, 'That goes off the paper, or over what is gone of it');
    case 'not-so-many':
      return named(refusal.name, 'There are not so many');
    case 'undecided':
      return named(refusal.name, 'It is still to be said what becomes of this');
    case 'not-in-form':
      return named(refusal.name, `That cannot be kept: ${refusal.why}`);
    case 'nothing-to-do':
      return named(refusal.name, 'There is nothing to do');
  }
}
