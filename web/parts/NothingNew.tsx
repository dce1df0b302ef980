import { nothingNewTill } from '../../core/kit/closing';
import { useBench } from '../data/benchStore';
import { today } from '../data/today';
import { monthWords } from '../ui/dayWords';
import { Soft } from '../ui/Screen';

/** What she means to keep to while she unpacks or wishes for something new. */
export function NothingNew() {
  const till = useBench((b) => nothingNewTill(b.monthAims.values(), today().slice(0, 7)));
  return till === null ? null : <Soft role="note">You mean to take in nothing new till {monthWords(till)}.</Soft>;
}
