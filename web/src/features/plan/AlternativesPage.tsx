import { Button, Group, Select, Switch, Text, TextInput, Title } from '@mantine/core';
import { nameOnShelf } from '@stoichos/core/matter/substances';
import { hazardGrades } from '@stoichos/core/safety';
import { colourWords } from '@stoichos/core/seeing/appearance';
import { wantedSchema } from '@stoichos/core/planning/alternatives';
import type { Alternative, Wanted } from '@stoichos/core/planning/alternatives';
import { mixingOf } from '@stoichos/core/planning/procedure';
import type { LabDay } from '@stoichos/core/labday/day';
import type { ColourWord } from '@stoichos/core/matter/substances';
import { useForm } from '@mantine/form';
import { schemaErrors } from '../../shared/parts/schemaErrors';
import { IconSearch } from '@tabler/icons-react';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useShelfQuery } from '../../data/api/api';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import { Vessel } from '../../shared/glassware/Vessel';
import { linkToNewTest } from '../../shared/labday/linkToNewTest';
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
  { value: 'same', label: 'the same as that test' },
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
  /** A planned test that is to be replaced; '' for none. */
  readonly insteadOf: string;
}

type Solutions = NonNullable<Wanted['insteadOf']>;

const asWanted = ({ effect, colour, formula, keep }: Draft, insteadOf?: Solutions) => ({
  effect: insteadOf || effect !== 'same' ? effect : 'precipitate',
  ...(insteadOf && { insteadOf }),
  ...(colour && { colour }),
  ...(formula.trim() && { formula: formula.trim() }),
  ...(keep && { keep }),
});

/** Other reagents that show what is wanted, each pair tried in the engine, the least hazardous first. */
export function AlternativesPage() {
  const day = useLabDay();
  const { value: found, failure, share, start, cancel } = useTask('alternatives');
  const answers = useRef<HTMLElement>(null);
  // On a phone the answers lie below the form, out of sight.
  useEffect(() => {
    const at = answers.current;
    if (found && at && at.getBoundingClientRect().top > window.innerHeight / 2) at.scrollIntoView();
  }, [found]);
  return (
    <>
      <PlanTabs day={day} />
      <div className={classes.columns}>
        <WantedForm tests={testsOf(day)} start={start} share={share} />
        <section aria-label="What shows it" ref={answers}>
          <TaskProgress what="Trying pairs of reagents" share={share} cancel={cancel} />
          <TaskFailure failure={failure} />
          {found && <Found found={found} dayId={day.id} />}
          {!found && share === undefined && !failure && (
            <Text className="quiet">
              Every sensible pair is brought together in a test tube, and those that show it are
              kept: least hazard first, then cheapest to dispose of, then best to see. In place of a
              planned test only pairs count that are safer in every respect.
            </Text>
          )}
        </section>
      </div>
    </>
  );
}

/** A planned test of two solutions, which something safer could take the place of. */
interface PlannedTest {
  readonly id: string;
  readonly name: string;
  readonly solutions: Solutions;
}

/** The tests of two solutions that a day plans, the latest first. */
function testsOf({ procedures }: Pick<LabDay, 'procedures'>): readonly PlannedTest[] {
  return procedures
    .flatMap(({ id, procedure }): PlannedTest[] => {
      const mixing = mixingOf(procedure);
      return mixing
        ? [
            {
              id,
              name: procedure.name,
              solutions: [mixing.a, mixing.b].map(({ substance, concentrationM }) => ({
                substance,
                concentrationM,
              })),
            },
          ]
        : [];
    })
    .reverse();
}

/** What is to be shown, and with which reagents. */
function WantedForm({
  tests,
  start,
  share,
}: {
  readonly tests: readonly PlannedTest[];
  readonly start: TaskState<'alternatives'>['start'];
  readonly share: number | undefined;
}) {
  const { data: shelf = [] } = useShelfQuery();
  const [wantsShelf, setWantsShelf] = useState(true);
  const form = useForm<Draft>({
    initialValues: {
      effect: tests.length > 0 ? 'same' : 'precipitate',
      colour: null,
      formula: '',
      keep: '',
      insteadOf: tests[0]?.id ?? '',
    },
    validate: (draft) => schemaErrors(wantedSchema, asWanted(draft)),
  });
  const replaced = tests.find(({ id }) => id === form.values.insteadOf);
  const onlyShelf = wantsShelf && shelf.length > 0;
  const search = form.onSubmit((draft) =>
    start(
      wantedSchema.parse(asWanted(draft, replaced?.solutions)),
      onlyShelf ? [...new Set(shelf.map(({ substance }) => substance))] : undefined,
    ),
  );
  return (
    <form className={`card ${classes.form}`} aria-label="What is wanted" onSubmit={search}>
      <Title>What should be seen?</Title>
      {tests.length > 0 && (
        <Select
          label="In place of"
          allowDeselect={false}
          data={[
            ...tests.map(({ id, name }) => ({ value: id, label: name })),
            { value: '', label: 'no test: any two reagents' },
          ]}
          value={form.values.insteadOf}
          onChange={(id) =>
            form.setValues({ insteadOf: id ?? '', effect: id ? 'same' : 'precipitate' })
          }
        />
      )}
      <Select
        label="Two reagents that show"
        data={effects.filter(({ value }) => replaced !== undefined || value !== 'same')}
        {...form.getInputProps('effect')}
      />
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
      {!replaced && (
        <KeptReagent keep={form.values.keep} setKeep={(keep) => form.setFieldValue('keep', keep)} />
      )}
      <Switch
        label="Only what is on the shelf"
        checked={onlyShelf}
        disabled={shelf.length === 0}
        description={
          shelf.length === 0
            ? 'There is no jar on the shelf yet.'
            : 'Otherwise also what nearly every laboratory has.'
        }
        onChange={(event) => setWantsShelf(event.currentTarget.checked)}
      />
      <Button
        variant="filled"
        type="submit"
        disabled={share !== undefined}
        leftSection={<IconSearch size={18} aria-hidden />}
      >
        {replaced ? 'Find safer tests' : onlyShelf ? 'Try the shelf' : 'Try everything'}
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
        No pair within reach shows that. Ask for any colour, let both reagents change, or look
        beyond the shelf.
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
            <Vessel
              container="testTube"
              view={pair.view}
              label={`${one} with ${other}`}
              height={92}
            />
            <div>
              <strong>
                <Formula text={one} /> + <Formula text={other} />
              </strong>{' '}
              <span className="quiet">
                {nameOnShelf(naming, one)} and {nameOnShelf(naming, other)}
              </span>
              <Text size="sm">{pair.seen.join('; ')}</Text>
              {pair.lost.map((line) => (
                <Text key={line} size="sm" fw={600}>
                  {line}
                </Text>
              ))}
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
              <Button
                component={Link}
                to={linkToNewTest(dayId, [
                  { substance: one, concentrationM: pair.strengthsM[0] },
                  { substance: other, concentrationM: pair.strengthsM[1] },
                ])}
              >
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
