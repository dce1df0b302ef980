import { useState, type DragEvent } from 'react';
import styled from 'styled-components';
import type { Leaf, Opening } from '../../../core/kit/album';
import { toInches } from '../../../core/ground/length';
import type { Album } from '../../../core/stock/things';
import { PageFigure } from '../../parts/PageFigure';
import { leafName } from './leafName';

export interface OpeningsProps {
  album: Album;
  openings: readonly Opening[];
  chosen: string | null;
  onChoose: (place: string) => void;
  onMove: (place: string, before: string | null) => void;
}

/** A page of it is so wide, in pixels. */
const WIDE = 112;
/** What is dragged within the album. */
const TYPE = 'application/x-nubbin-leaf';

/** The album lying open, opening after opening, its pages at one scale. */
export function Openings({ album, openings, ...handling }: OpeningsProps) {
  const scale = WIDE / toInches(album.size.w);
  const size = { width: WIDE, height: scale * toInches(album.size.h) };
  return (
    <Table aria-label="The album, lying open">
      {openings.map(({ left, right, spread }, i) => (
        <li key={(spread ?? left ?? right)?.place.id ?? i} data-opening>
          {spread ? (
            <Side leaf={spread} size={{ ...size, width: 2 * WIDE }} scale={scale} {...handling} />
          ) : (
            <>
              <Side leaf={left} size={size} scale={scale} isCover={i === 0} {...handling} />
              <Side leaf={right} size={size} scale={scale} isCover={i === openings.length - 1} {...handling} />
            </>
          )}
        </li>
      ))}
      {openings.length > 0 && (
        <li>
          <End onMove={handling.onMove} />
        </li>
      )}
      {openings.length === 0 && <li>Nothing lies in it yet: pages that are glued stand beside.</li>}
    </Table>
  );
}

/** What a place needs so that a leaf can be dropped there, before another; null: at the end. */
function useDropBefore(before: string | null, onMove: OpeningsProps['onMove']) {
  const [isOver, setOver] = useState(false);
  return {
    'data-over': isOver || undefined,
    onDragOver: (event: DragEvent) => {
      if (!event.dataTransfer.types.includes(TYPE)) return;
      event.preventDefault();
      setOver(true);
    },
    onDragLeave: () => setOver(false),
    onDrop: (event: DragEvent) => {
      setOver(false);
      const id = event.dataTransfer.getData(TYPE);
      if (id !== '') onMove(id, before);
    },
  };
}

/** Where a leaf is dropped to lie last. */
function End({ onMove }: Pick<OpeningsProps, 'onMove'>) {
  return <Last {...useDropBefore(null, onMove)}>the end</Last>;
}

interface SideProps extends Omit<OpeningsProps, 'album' | 'openings'> {
  leaf: Leaf | null;
  size: { readonly width: number; readonly height: number };
  scale: number;
  /** The cover's inside may face it. */
  isCover?: boolean;
}

function Side({ leaf, size, scale, isCover = false, chosen, onChoose, onMove }: SideProps) {
  const dropping = useDropBefore(leaf?.place.id ?? null, onMove);
  if (!leaf) return <Bare style={size}>{isCover ? '' : 'stays empty'}</Bare>;
  const { place, page } = leaf;
  return (
    <Pick
      type="button"
      aria-pressed={place.id === chosen}
      aria-label={leafName(leaf)}
      title={leafName(leaf)}
      draggable
      data-place={place.id}
      style={size}
      onClick={() => onChoose(place.id)}
      onDragStart={(event) => {
        event.dataTransfer.setData(TYPE, place.id);
        event.dataTransfer.effectAllowed = 'move';
      }}
      {...dropping}
    >
      {page ? (
        <PageFigure page={page} scale={scale} />
      ) : (
        <Word data-gap={'gap' in place || undefined}>{leafName(leaf)}</Word>
      )}
    </Pick>
  );
}

const Table = styled.ol`
  display: flex;
  flex-wrap: wrap;
  gap: 22px 26px;
  align-content: flex-start;
  padding: 8px;
  li[data-opening] {
    display: flex;
    background: ${({ theme }) => theme.woodDeep};
    padding: 6px;
    border-radius: 4px;
    box-shadow: 0 2px 6px ${({ theme }) => theme.shade};
    gap: 2px;
  }
`;
const Pick = styled.button`
  display: block;
  padding: 0;
  border: 0;
  background: ${({ theme }) => theme.sheet};
  color: inherit;
  font: inherit;
  cursor: grab;
  overflow: hidden;
  outline-offset: 1px;
  &[aria-pressed='true'] {
    outline: 3px solid ${({ theme }) => theme.beet};
  }
  &[data-over] {
    box-shadow: -5px 0 0 ${({ theme }) => theme.marigold};
  }
`;
const Last = styled.span`
  display: grid;
  place-items: center;
  width: 64px;
  height: 100%;
  min-height: 80px;
  font-size: 14px;
  color: ${({ theme }) => theme.soft};
  border-left: 2px dashed ${({ theme }) => theme.line};
  &[data-over] {
    box-shadow: -5px 0 0 ${({ theme }) => theme.marigold};
  }
`;
const Bare = styled.span`
  display: grid;
  place-items: center;
  font-size: 14px;
  color: ${({ theme }) => theme.woodInk};
`;
const Word = styled.span`
  display: grid;
  place-items: center;
  height: 100%;
  padding: 6px;
  font-weight: 650;
  font-size: 15px;
  text-align: center;
  &[data-gap] {
    font-weight: 400;
    font-size: 14px;
    border: 2px dashed ${({ theme }) => theme.soft};
    color: ${({ theme }) => theme.soft};
  }
`;
