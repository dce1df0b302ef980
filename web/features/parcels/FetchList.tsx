import { nanoid } from 'nanoid';
import { useEffect, useState } from 'react';
import { DialogTrigger } from 'react-aria-components';
import { keepDraft } from '../../data/acts';
import { clubList, clubMonths, type ClubList } from '../../data/club';
import { Button } from '../../ui/Button';
import { monthWords } from '../../ui/dayWords';
import { Soft, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';

/**
 * Fetches a month's packing list from the club, to be checked against the box. @param onFetched with the new draft's id
 */
export function FetchList({ onFetched }: { onFetched: (draft: string) => void }) {
  return (
    <DialogTrigger>
      <Button>Fetch a list</Button>
      <SlipOver title="Packing lists of the club">
        {(close) => (
          <Lists
            onFetched={(draft) => {
              close();
              onFetched(draft);
            }}
          />
        )}
      </SlipOver>
    </DialogTrigger>
  );
}

function Lists({ onFetched }: { onFetched: (draft: string) => void }) {
  const [months, setMonths] = useState<readonly Pick<ClubList, 'club' | 'name' | 'month'>[] | null>(null);
  const [isAsked, setAsked] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  useEffect(() => {
    let isLatest = true;
    void clubMonths().then((found) => {
      if (isLatest) {
        setMonths(found);
        setAsked(true);
      }
    });
    return () => {
      isLatest = false;
    };
  }, []);
  const fetchList = async (month: string): Promise<void> => {
    const list = await clubList(month);
    if (!list) {
      setTrouble('The club did not answer. Paste the list it sent with the box.');
      return;
    }
    const id = nanoid(8);
    const late = list.late.length > 0 ? [`# To come later: ${list.late.join('; ')}`] : [];
    const draft = {
      id,
      club: list.club,
      name: list.name,
      month: list.month,
      list: [...late, ...list.lines].join('\n'),
      here: {},
    };
    if (await keepDraft(draft, true)) onFetched(id);
  };
  return (
    <>
      {!isAsked && <p role="status">Asking the club …</p>}
      {isAsked && months === null && (
        <Wrong role="alert">The club does not answer. Paste the list it sent with the box.</Wrong>
      )}
      {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
      <ul>
        {months?.map(({ month, name, club }) => (
          <li key={month}>
            <Button look="quiet" onPress={() => void fetchList(month)}>{`${name}, ${monthWords(month)}`}</Button>{' '}
            <Soft>{club}</Soft>
          </li>
        ))}
      </ul>
      <Button slot="close">Close</Button>
    </>
  );
}
