import type { ReactNode } from 'react';
import styled from 'styled-components';
import type { AlreadyOwned } from '../../../core/kit/finding';
import { amountsOf } from '../../../core/stock/listing';
import { useSettings } from '../../data/settings';
import { shareWords } from '../../ui/amountWords';
import { Button } from '../../ui/Button';
import { lotWords } from '../../ui/lotWords';
import { Paper } from '../../ui/Paper';
import { mono } from '../../ui/theme';
import { ThingDrawing } from '../../ui/ThingDrawing';
import { ownedWords } from './ownedWords';
import type { BoxEntry } from './useDraft';
import { agreeing, countWords } from '../../words/countWords';

export interface BoxThingProps {
  entry: BoxEntry;
  /** The line as it came. */
  text: string;
  here: number | null;
  damaged: number;
  onDamaged: (n: number) => void;
  /** Of a half-used kit: what is not here was used up. */
  isOpened: boolean;
  /** What is in doubt of it. */
  children: ReactNode;
}

/** A thing as it is understood, drawn and in words, with the line as it came beside it. */
export function BoxThing({ entry, text, here, damaged, onDamaged, isOpened, children }: BoxThingProps) {
  const system = useSettings((s) => s.system);
  const { item, lots, faces, owned } = entry;
  const { count } = item;
  const [lot] = lots;
  return (
    <>
      <Drawn>
        {lot && (
          <ThingDrawing
            lot={lot}
            colours={faces[0]?.colours.map(({ hex }) => hex) ?? []}
            amounts={amountsOf(item, count)}
            scale={4.2}
          />
        )}
      </Drawn>
      <div>
        <strong>{item.name}</strong>
        <small>
          {lotWords({ ...item }, system)}
          {item.designs !== undefined && ` · ${countWords(item.designs, 'design')}`}
          {item.level !== undefined && ` · ${shareWords(item.kind, item.level)}`}
        </small>
        {owned && <Owned owned={owned} />}
        <AsItCame>{text.trim()}</AsItCame>
        {children}
        <Owing>
          {damaged > 0 && (
            <Owed>
              {damaged} damaged{isOpened ? '' : `, ${agreeing(damaged, 'another is', 'others are')} owed`}{' '}
              <Button look="quiet" onPress={() => onDamaged(0)}>
                no
              </Button>
            </Owed>
          )}
          {here !== null && here < count && (
            <Owed>
              {count - here} {isOpened ? 'used up' : 'owed'}
            </Owed>
          )}
          {here !== null && here > count && <Owed>{here - count} too many</Owed>}
        </Owing>
      </div>
    </>
  );
}

/** What she has of the same already, drawn. */
function Owned({ owned }: { owned: AlreadyOwned }) {
  const [first] = owned.lots;
  return (
    <Owns>
      {first?.size && <Paper size={first.size} face={first.front} scale={1.6} />}
      {ownedWords(owned)}
    </Owns>
  );
}

const AsItCame = styled.code`
  display: block;
  font: 400 12.5px/1.3 ${mono};
  color: ${({ theme }) => theme.soft};
  white-space: normal;
  overflow-wrap: anywhere;
`;
const Drawn = styled.div`
  overflow: hidden;
  max-height: 54px;
`;
const Owns = styled.span`
  display: flex;
  gap: 6px;
  align-items: center;
  font-size: 14px;
  color: ${({ theme }) => theme.marigoldInk};
  font-weight: 600;
`;
const Owing = styled.span`
  display: flex;
  gap: 6px;
  flex-wrap: wrap;
  &:not(:empty) {
    padding: 3px 0;
  }
`;
const Owed = styled.span`
  button {
    padding: 0 4px;
    min-height: 0;
  }
  background: ${({ theme }) => theme.marigoldWash};
  color: ${({ theme }) => theme.marigoldInk};
  padding: 3px 10px;
  font-size: 14px;
`;
