import styled from 'styled-components';
import type { PagePicture } from '../../core/stock/things';
import { useImageUrls } from '../data/images';

/** The real page, with what is covered of it covered. */
export function RealPicture({ picture, height = 420 }: { picture: PagePicture; height?: number }) {
  const url = useImageUrls([picture.image]).get(picture.image);
  return (
    <Framed>
      <img src={url} alt="The real page" style={{ maxHeight: height }} />
      {(picture.covered ?? []).map(({ x, y, w, h }, i) => (
        <i key={i} style={{ left: `${x * 100}%`, top: `${y * 100}%`, width: `${w * 100}%`, height: `${h * 100}%` }} />
      ))}
    </Framed>
  );
}

const Framed = styled.div`
  position: relative;
  border: 6px solid ${({ theme }) => theme.sheet};
  box-shadow: 0 2px 8px ${({ theme }) => theme.shade};
  img {
    display: block;
    max-width: 100%;
  }
  i {
    position: absolute;
    background: #d9cfc4;
  }
`;
