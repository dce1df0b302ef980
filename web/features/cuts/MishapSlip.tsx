import { useState } from 'react';
import { formatLength } from '../../../core/ground/length';
import { isOnPart, type Mishap } from '../../../core/acts';
import type { Step } from '../../../core/page/cutlist';
import { END_WORDS } from '../../parts/endWords';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Form } from '../../ui/Form';
import { MeasureField } from '../../ui/MeasureField';
import { Row, Soft, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';

type CutStep = Extract<Step, { kind: 'cut' }>;

export interface MishapSlipProps {
  step: Step;
  onMishap: (mishap: Mishap) => void;
  /** Called before it opens, and waited for: what has the focus then has it again afterwards. */
  onOpen: () => Promise<void>;
}

/** The cut was made at another measure. */
function CutElsewhere({ cut, onNote }: { cut: CutStep; onNote: (mishap: Mishap) => void }) {
  const system = useSettings((s) => s.system);
  const [at, setAt] = useState<number | null>(null);
  const long = cut.axis === 'x' ? cut.part.w : cut.part.h;
  /** From the near end, as cuts are kept. */
  const place = at !== null && cut.from === 'far' ? long - at : at;
  const isWrong = place !== null && !isOnPart(cut, place);
  return (
    <Form
      onSend={() => {
        if (place !== null && !isWrong) onNote({ kind: 'other-measure', at: place });
      }}
    >
      <Row $gap={14} style={{ alignItems: 'flex-end' }}>
        <MeasureField
          label={`I cut it at, from ${END_WORDS[cut.axis][cut.from]}`}
          value={at}
          system={system}
          onChange={setAt}
          isOptional
        />
        <Button look="main" type="submit" isDisabled={at === null || isWrong}>
          That was the cut
        </Button>
      </Row>
      {isWrong && <Wrong role="alert">That is beyond the part, which is {formatLength(long, system)}.</Wrong>}
    </Form>
  );
}

/** Life goes wrong: another measure, spoilt, lost. The rest is then planned again from what is really there. */
export function MishapSlip({ step, onMishap, onOpen }: MishapSlipProps) {
  const [isOpen, setOpen] = useState(false);
  const system = useSettings((s) => s.system);
  const cut = step.kind === 'cut' ? step : null;
  return (
    <>
      <Button onPress={() => void onOpen().then(() => setOpen(true))}>Something went wrong</Button>
      <SlipOver title="What went wrong?" isOpen={isOpen} onClose={() => setOpen(false)}>
        {(close) => {
          const note = (mishap: Mishap): void => {
            close();
            onMishap(mishap);
          };
          return (
            <>
              <Soft>
                {cut
                  ? `The cut was to be at ${formatLength(cut.setting, system)}.`
                  : 'The part in hand was to be punched.'}{' '}
                What can still be used is kept, and the rest is planned again from what is there.
              </Soft>
              {cut && <CutElsewhere cut={cut} onNote={note} />}
              <Row>
                <Button onPress={() => note({ kind: 'spoilt' })}>The part is spoilt</Button>
                <Button onPress={() => note({ kind: 'lost' })}>I cannot find it</Button>
              </Row>
              <Button slot="close" look="quiet">
                Nothing, go on
              </Button>
            </>
          );
        }}
      </SlipOver>
    </>
  );
}
