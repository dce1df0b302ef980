import { useMemo, useState } from 'react';
import { DialogTrigger } from 'react-aria-components';
import { boxOf } from '../../../core/trimmer/contours';
import { formatSize, inches } from '../../../core/ground/length';
import { layMat, matLine, papersForMat } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Form } from '../../ui/Form';
import { MeasureField } from '../../ui/MeasureField';
import { PaperChoice } from '../../ui/PaperChoice';
import { Row, Soft } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';

export interface MatSlipProps {
  page: Page;
  /** What it is the mat of. */
  placed: string;
}

const MARGIN = inches(1 / 8);
/** So many papers are offered, those out first, then the smallest that will do. */
const OFFERED = 24;

/** A mat for something that lies on the page, along its own line: of which paper, how wide. */
export function MatSlip(props: MatSlipProps) {
  return (
    <DialogTrigger>
      <Button>Mat it</Button>
      <SlipOver title="A mat along its line">{(close) => <Fields {...props} onDone={close} />}</SlipOver>
    </DialogTrigger>
  );
}

function Fields({ page, placed, onDone }: MatSlipProps & { onDone: () => void }) {
  const bench = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const [margin, setMargin] = useState<number>(MARGIN);
  const [paper, setPaper] = useState<string | null>(null);
  const line = useMemo(() => matLine(page, placed, margin, bench), [page, placed, margin, bench]);
  const papers = useMemo(() => (line ? papersForMat(page, line, bench).slice(0, OFFERED) : []), [page, line, bench]);
  const chosen = papers.find(({ id }) => id === paper)?.id ?? null;
  const options = papers.map((piece) => {
    const lot = bench.lots.get(piece.lot);
    const isOut = piece.where === 'claimed' ? ' · out' : '';
    return {
      id: piece.id,
      name: piece.name ?? lot?.name ?? '',
      face: lot?.front ?? null,
      about: `${formatSize(piece, system)}${isOut}`,
    };
  });
  const cut = async (): Promise<void> => {
    if (chosen !== null && (await act(layMat(page.id, placed, { paper: chosen, margin })))) onDone();
  };
  return (
    <Form onSend={cut}>
      <Row style={{ alignItems: 'flex-end', width: '100%' }}>
        <div style={{ width: 110 }}>
          <MeasureField
            label="stands out"
            value={margin}
            system={system}
            onChange={(to) => {
              if (to !== null) setMargin(to);
            }}
          />
        </div>
        <div style={{ flex: 1 }}>
          <PaperChoice label="of" placeholder="a paper …" options={options} value={chosen} onChange={setPaper} />
        </div>
      </Row>
      <Soft role="status">
        {line ? `It is cut ${formatSize(boxOf([line]), system)}, and moves with the thing.` : 'It has no line.'}
        {line && papers.length === 0 ? ' No paper that is here is large enough.' : ''}
      </Soft>
      <Row>
        <Button look="main" type="submit" isDisabled={chosen === null}>
          Cut the mat
        </Button>
        <Button slot="close" look="quiet">
          Not now
        </Button>
      </Row>
    </Form>
  );
}
