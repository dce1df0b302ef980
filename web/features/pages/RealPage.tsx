import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { DialogTrigger, FileTrigger } from 'react-aria-components';
import { pageLayout } from '../../../core/page/design';
import { changePage } from '../../../core/acts';
import type { Corners } from '../../../core/seeing/straightening';
import type { Page, PagePicture } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { usePictures } from '../../data/images';
import { realPicture } from '../../data/realPicture';
import { readPicture } from '../../workers/picturesClient';
import { useLaidThings } from '../../parts/laidThings';
import { RealPicture } from '../../parts/RealPicture';
import { usePageWriting } from '../../parts/pageWriting';
import { Button } from '../../ui/Button';
import { keepFile } from '../../ui/keepFile';
import { PageDrawing } from '../../ui/PageDrawing';
import { Row, Soft, Stack, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { StraightenPicture } from '../../ui/StraightenPicture';
import { CoverFaces } from './CoverFaces';

/** A picture of the real page, beside the drawn one. */
export function RealPage({ page }: { page: Page }) {
  const { picture } = page;
  return (
    <section aria-label="The real page">
      <Stack $gap={8} style={{ alignItems: 'center' }}>
        {picture ? (
          <RealPicture picture={picture} />
        ) : (
          <Soft>A picture of the real page stands beside the drawn one.</Soft>
        )}
        <Row>
          <PictureOfPage page={page} />
          {picture && (
            <>
              <DialogTrigger>
                <Button look="quiet">beside the drawn one</Button>
                <SlipOver title="Drawn, and real" isWide>
                  {() => <SideBySide page={page} picture={picture} />}
                </SlipOver>
              </DialogTrigger>
              <DialogTrigger>
                <Button look="quiet">cover a face …</Button>
                <SlipOver title="Covered before it goes out" isWide>
                  {() => <CoverFaces page={page} picture={picture} />}
                </SlipOver>
              </DialogTrigger>
              <Button look="quiet" onPress={() => void keepReal(page.id, picture)}>
                keep it as PNG
              </Button>
              <Button
                look="quiet"
                onPress={() => void act(changePage(page.id, { picture: undefined }, 'Took the picture away'))}
              >
                take it away
              </Button>
            </>
          )}
        </Row>
      </Stack>
    </section>
  );
}

const BESIDE = 500;

/** The page as it was planned, and as it is. */
function SideBySide({ page, picture }: { page: Page; picture: PagePicture }) {
  const layout = useMemo(() => pageLayout(page), [page]);
  const pictures = usePictures(page.photos);
  const laid = useLaidThings(page);
  const writing = usePageWriting(page);
  const { size } = layout.value ?? { size: page.format };
  return (
    <Row $gap={24} style={{ alignItems: 'flex-start' }}>
      {layout.ok && !page.isTold && (
        <PageDrawing
          layout={layout.value}
          papers={page.papers}
          pictures={pictures}
          places={page.photos}
          laid={laid}
          writing={writing}
          scale={Math.min(BESIDE / (size.w / 8128), BESIDE / (size.h / 8128))}
          label="The page as it was planned"
        />
      )}
      <RealPicture picture={picture} height={BESIDE} />
      <Button slot="close">Close</Button>
    </Row>
  );
}

async function keepReal(id: string, picture: PagePicture): Promise<void> {
  const png = await realPicture(picture);
  if (png) keepFile(`page-${id}-real.png`, png, 'image/png');
}

/** Takes a picture of a page, straightened to the page's own corners. */
function PictureOfPage({ page }: { page: Page }) {
  const [file, setFile] = useState<File | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const take = (list: FileList | null): void => {
    setTrouble(null);
    setFile(list?.[0] ?? null);
  };
  const keep = async (corners: Corners): Promise<void> => {
    const read = file ? await readPicture(file, corners).catch(() => null) : null;
    if (!read) setTrouble('That cannot be read as a picture. JPEG, PNG and WebP can.');
    else {
      const image = nanoid(8);
      await act(changePage(page.id, { picture: { image } }, 'A picture of the real page'), {
        pictures: [{ id: image, type: read.type, bytes: read.bytes }],
      });
    }
    setFile(null);
  };
  return (
    <>
      <FileTrigger acceptedFileTypes={['image/*']} onSelect={take}>
        <Button look="quiet">{page.picture ? 'another picture' : 'a picture of it'}</Button>
      </FileTrigger>
      <FileTrigger acceptedFileTypes={['image/*']} defaultCamera="environment" onSelect={take}>
        <Button look="quiet">camera</Button>
      </FileTrigger>
      {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
      <SlipOver title="The real page" isOpen={file !== null} onClose={() => setFile(null)}>
        {() =>
          file && (
            <StraightenPicture
              file={file}
              onDone={(corners) => void keep(corners)}
              onDrop={() => {
                setTrouble('That cannot be read as a picture. JPEG, PNG and WebP can.');
                setFile(null);
              }}
            />
          )
        }
      </SlipOver>
    </>
  );
}
