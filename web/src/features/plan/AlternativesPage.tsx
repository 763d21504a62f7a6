import { Button, Group, Select, Switch, Text, TextInput, Title } from '@mantine/core';
import { nameOnShelf } from '@stoichos/core/matter/substances';
import { hazardGrades } from '@stoichos/core/safety';
import { colourWords } from '@stoichos/core/seeing/appearance';
import { wantedSchema } from '@stoichos/core/planning/procedure';
import type { Alternative, Wanted } from '@stoichos/core/planning/procedure';
import type { ColourWord } from '@stoichos/core/matter/substances';
import { useForm } from '@mantine/form';
import { schemaErrors } from '../../shared/parts/schemaErrors';
import { IconSearch } from '@tabler/icons-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useShelfQuery } from '../../data/api/api';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import { useLabDay } from '../../data/useLabDay';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useTask } from '../../data/worker/useTask';
import classes from './AlternativesPage.module.css';
import { PlanTabs } from './PlanTabs';
import { formatNumber } from '@stoichos/core/common';
import type { TaskState } from '../../data/worker/useTask';
import { KeptReagent } from './KeptReagent';

const effects = [
  { value: 'precipitate', label: 'a precipitate' },
  { value: 'gas', label: 'a gas' },
  { value: 'colour', label: 'a change of colour' },
  { value: 'dissolving', label: 'a solid that dissolves' },
] as const satisfies readonly { value: Wanted['effect']; label: string }[];

/** What is asked for as it stands in the fields: what is left open is any. */
interface Draft {
  readonly effect: Wanted['effect'];
  readonly colour: ColourWord | null;
  readonly formula: string;
  readonly keep: string;
}

const asWanted = ({ effect, colour, formula, keep }: Draft) => ({
  effect,
  ...(colour && { colour }),
  ...(formula.trim() && { formula: formula.trim() }),
  ...(keep && { keep }),
});

/** Other reagents that show what is wanted, each pair tried in the engine, the least hazardous first. */
export function AlternativesPage() {
  const day = useLabDay();
  const { value: found, failure, share, start, cancel } = useTask('alternatives');
  return (
    <>
      <PlanTabs day={day} />
      <div className={classes.columns}>
        <WantedForm start={start} share={share} />
        <section aria-label="What shows it">
          <TaskProgress what="Trying pairs of reagents" share={share} cancel={cancel} />
          <TaskFailure failure={failure} />
          {found && <Found found={found} dayId={day.id} />}
          {!found && share === undefined && !failure && (
            <Text className="quiet">
              The engine brings every sensible pair together in a test tube and keeps those that
              show it: least hazard first, then cheapest to dispose of, then best to see.
            </Text>
          )}
        </section>
      </div>
    </>
  );
}

/** What is to be shown, and with which reagents. */
function WantedForm({
  start,
  share,
}: {
  readonly start: TaskState<'alternatives'>['start'];
  readonly share: number | undefined;
}) {
  const { data: shelf = [] } = useShelfQuery();
  const [wantsShelf, setWantsShelf] = useState(true);
  const form = useForm<Draft>({
    initialValues: { effect: 'precipitate', colour: null, formula: '', keep: '' },
    validate: (draft) => schemaErrors(wantedSchema, asWanted(draft)),
  });
  const onlyShelf = wantsShelf && shelf.length > 0;
  const search = form.onSubmit((draft) =>
    start(
      wantedSchema.parse(asWanted(draft)),
      onlyShelf ? [...new Set(shelf.map(({ substance }) => substance))] : undefined,
    ),
  );
  return (
    <form className={`card ${classes.form}`} aria-label="What is wanted" onSubmit={search}>
      <Title>What should be seen?</Title>
      <Select label="Two reagents that show" data={effects} {...form.getInputProps('effect')} />
      <Select
        label="Of this colour"
        placeholder="Any"
        clearable
        data={[...colourWords]}
        {...form.getInputProps('colour')}
      />
      <TextInput
        label="Which solid or gas"
        placeholder="Any, or a formula such as CO2"
        {...form.getInputProps('formula')}
      />
      <KeptReagent keep={form.values.keep} setKeep={(keep) => form.setFieldValue('keep', keep)} />
      <Switch
        label="Only what is on the shelf"
        checked={onlyShelf}
        disabled={shelf.length === 0}
        description={shelf.length === 0 ? 'There is no jar on the shelf yet.' : undefined}
        onChange={(event) => setWantsShelf(event.currentTarget.checked)}
      />
      <Button
        variant="filled"
        type="submit"
        disabled={share !== undefined}
        leftSection={<IconSearch size={18} aria-hidden />}
      >
        {onlyShelf ? 'Try the shelf' : 'Try everything'}
      </Button>
    </form>
  );
}

const disposal = [
  'drain where allowed',
  'neutralise first',
  'licensed',
  'licensed, costly',
] as const;

function Found({ found, dayId }: { found: readonly Alternative[]; dayId: string }) {
  const { naming } = useSettings();
  if (found.length === 0)
    return (
      <Text role="status">
        No pair shows that in the engine. Ask for any colour, or let both reagents change.
      </Text>
    );
  return (
    <>
      <Text className="quiet" role="status" mb="xs">
        {found.length} {found.length === 1 ? 'pair shows it' : 'pairs show it'}, in tubes of 3 mL
        each.
      </Text>
      <ul className="bare" data-testid="alternatives">
        {found.map(({ reagents: [one, other], ...pair }) => (
          <li key={`${one} ${other}`} className={classes.pair}>
            <div>
              <strong>
                <Formula text={one} /> + <Formula text={other} />
              </strong>{' '}
              <span className="quiet">
                {nameOnShelf(naming, one)} and {nameOnShelf(naming, other)}
              </span>
              <Text size="sm">{pair.seen.join('; ')}</Text>
              {pair.equation && (
                <Text size="sm" className="quiet">
                  <Formula text={pair.equation} wrap />
                </Text>
              )}
              {pair.warnings.map((warning) => (
                <Text key={warning} size="sm">
                  <Formula text={warning} wrap />
                </Text>
              ))}
            </div>
            <dl className={classes.facts}>
              <div>
                <dt>Hazard</dt>
                <dd>{hazardGrades[pair.hazard]}</dd>
              </div>
              <div>
                <dt>Disposal</dt>
                <dd>{disposal[pair.waste.trouble]}</dd>
              </div>
              <div>
                <dt>Visible</dt>
                <dd>
                  {visibility(pair.visibility)} on {pair.background}
                </dd>
              </div>
            </dl>
            <Group gap="xs">
              <Button component={Link} to={`/days/${dayId}/plan?a=${encodeURIComponent(one)}`}>
                Plan a test
              </Button>
            </Group>
          </li>
        ))}
      </ul>
    </>
  );
}

/** A colour difference in words: two is just seen side by side, ten at a glance. */
function visibility(difference: number): string {
  if (difference < 3) return 'hardly seen';
  if (difference < 12) return `seen (ΔE ${formatNumber(difference)})`;
  return `at a glance (ΔE ${formatNumber(difference)})`;
}
