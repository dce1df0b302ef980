import styled from 'styled-components';
import { formatSize, TICKS_PER_INCH } from '../../../core/ground/length';
import type { Photo } from '../../../core/stock/things';
import type { Picture } from '../../data/images';
import { useSettings } from '../../data/settings';
import { PictureFill } from '../../ui/PictureFill';
import { Soft } from '../../ui/Screen';

const SCALE = 22;

export interface PrintFigureProps {
  print: Photo;
  picture: Picture | undefined;
  isChosen: boolean;
  isUsed: boolean;
  onPress: () => void;
}

/** A photo as it is printed, at the one scale, with its colours and where it is. */
export function PrintFigure({ print, picture, isChosen, isUsed, onPress }: PrintFigureProps) {
  const system = useSettings((s) => s.system);
  const [w, h] = [(print.w / TICKS_PER_INCH) * SCALE, (print.h / TICKS_PER_INCH) * SCALE];
  return (
    <li>
      <Print
        type="button"
        aria-pressed={isChosen}
        aria-label={`${print.name}, ${formatSize(print, system)}`}
        onClick={onPress}
      >
        <svg width={w} height={h} aria-hidden>
          {picture && <PictureFill {...picture} x={0} y={0} width={w} height={h} />}
        </svg>
      </Print>
      <Colours aria-hidden>
        {print.colours.map(({ hex, share }) => (
          <i key={hex} style={{ background: hex, flexGrow: share }} />
        ))}
      </Colours>
      <Caption type="button" tabIndex={-1} aria-hidden onClick={onPress}>
        {print.name}
      </Caption>
      <Soft>
        {formatSize(print, system)} · {isUsed ? 'on a page' : print.isPrinted ? 'printed, waiting' : 'waiting'}
      </Soft>
    </li>
  );
}

const Print = styled.button`
  padding: 0;
  cursor: pointer;
  background: ${({ theme }) => theme.line};
  border: 3px solid #fff;
  box-shadow: 0 1px 4px ${({ theme }) => theme.shade};
  svg {
    display: block;
  }
  &[aria-pressed='true'] {
    border-color: ${({ theme }) => theme.beet};
  }
`;
/** Opens what its picture opens; the keyboard has that already. */
const Caption = styled.button`
  all: unset;
  cursor: pointer;
  font-weight: 700;
  font-size: 15px;
  &:hover {
    text-decoration: underline;
  }
`;
const Colours = styled.div`
  display: flex;
  width: 100%;
  height: 8px;
  margin: 6px 0 2px;
  i {
    flex-basis: 4px;
  }
`;
