import type { AlreadyOwned } from '../../../core/kit/finding';
import { monthWords } from '../../ui/dayWords';

/** `you have 11 of these, the oldest from March 2024`. */
export const ownedWords = ({ count, oldest }: AlreadyOwned): string =>
  `you have ${count} of these${oldest === null || oldest === '' ? '' : `, the oldest from ${monthWords(oldest)}`}`;
