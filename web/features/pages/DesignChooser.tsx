import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import { DialogTrigger } from 'react-aria-components';
import { writeDesignFile } from '../../../core/jobs';
import { designOfPage, DESIGNS, measuredFrom, type DesignOption } from '../../../core/page/design';
import type { Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { keepFile } from '../../ui/keepFile';
import { Row, Soft, Stack } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { DesignsSideBySide } from './DesignsSideBySide';
import { OwnDesign } from './OwnDesign';
import type { PageWork } from './usePageWork';
import { keepDesign, changePage, chooseDesign } from '../../../core/acts';
import { act } from '../../data/acts';
import { pageName } from '../../data/didWords';
import { nth } from '../../../core/ground/nth';

export interface DesignChooserProps {
  page: Page;
  work: PageWork;
}

/** Something about the design that is hers to choose. */
function OptionChoice({ page, option: { id, name, choices } }: { page: Page; option: DesignOption }) {
  return (
    <Choice
      label={name}
      options={choices}
      value={page.options?.[id] ?? nth(choices, 0)[0]}
      onChange={(to) => {
        void act(
          changePage(page.id, (now) => ({ options: { ...now.options, [id]: to } }), `Chose: ${name.toLowerCase()}`),
          { isQuiet: true },
        );
      }}
    />
  );
}

/** Designs of her own: written, or this one kept as it is. */
function OwnDesigns({ page, work, name }: DesignChooserProps & { name: string }) {
  const measured = work.layout ? measuredFrom(work.layout, page.format) : null;
  const keep = (): void => {
    if (measured) void act(keepDesign({ id: nanoid(8), name: `${name}, as on ${pageName(page)}`, ...measured }));
  };
  return (
    <Row>
      <DialogTrigger>
        <Button look="quiet">Write my own</Button>
        <SlipOver title="A design of my own" isWide>
          {(close) => <OwnDesign page={page} now={measured} onDone={close} />}
        </SlipOver>
      </DialogTrigger>
      {measured && (
        <Button look="quiet" onPress={keep}>
          Keep this one as mine
        </Button>
      )}
      {measured && (
        <Button
          look="quiet"
          onPress={() =>
            keepFile(
              'design.json',
              `${JSON.stringify(writeDesignFile({ name, ...measured }), null, 2)}\n`,
              'application/json',
            )
          }
        >
          As a file
        </Button>
      )}
    </Row>
  );
}

/** The page's design: what can be chosen about it, others side by side, and designs of her own. */
export function DesignChooser({ page, work }: DesignChooserProps) {
  const designs = useBench((b) => b.designs);
  const design = useMemo(() => designOfPage(page), [page]);
  const names: [string, string][] = [
    ...DESIGNS.map(({ id, name }): [string, string] => [id, name]),
    ...[...designs.values()].map(({ id, name }): [string, string] => [id, name]),
    ...(page.own && !designs.has(page.own.id) ? [[page.own.id, page.own.name] as [string, string]] : []),
  ];
  if (!names.some(([id]) => id === page.design)) names.push([page.design, design.name]);
  return (
    <Stack $gap={8}>
      <Choice
        label="Design"
        options={names}
        value={page.design}
        onChange={(to) => {
          void act(chooseDesign(page.id, { design: to, own: designs.get(to) }), { isQuiet: true });
        }}
      />
      <Soft>{design.looks}</Soft>
      <DialogTrigger>
        <Button look="plain">Designs side by side</Button>
        <SlipOver title="The same photos, in other designs" isWide>
          {(close) => <DesignsSideBySide page={page} work={work} onDone={close} />}
        </SlipOver>
      </DialogTrigger>
      {design.options.map((option) => (
        <OptionChoice key={option.id} page={page} option={option} />
      ))}
      <OwnDesigns page={page} work={work} name={design.name} />
    </Stack>
  );
}
