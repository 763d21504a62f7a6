import { Text } from '@mantine/core';
import { derivatives, organicTests } from '@stoichos/core/matter/substances';
import { inorganicTests, noneOfThese } from '@stoichos/core/studies/identify';
import type {
  ClassPosterior,
  Compound,
  Conclusion,
  Posterior,
  UnknownKind,
} from '@stoichos/core/studies/identify';
import { Formula } from '../../shared/chemistry/Formula';
import { Likelihoods } from '../../shared/study/Likelihoods';
import study from '../../shared/study/Study.module.css';
import { StructureDrawing } from './StructureDrawing';
import { Cited } from '../../shared/parts/Cited';

/** What it may be, by candidate and by class; the structure of the first, and what would prove it. */
export function MayBe({
  kind,
  all,
  classes,
  conclusion,
  compounds,
  classOf,
}: {
  kind: UnknownKind;
  all: readonly Posterior[];
  classes: readonly ClassPosterior[];
  conclusion: Conclusion;
  compounds: ReadonlyMap<string, Compound>;
  classOf: (candidate: string) => string;
}) {
  const [name] = conclusion.candidates;
  const first = name === undefined ? undefined : compounds.get(name);
  const firstClass = name === undefined ? undefined : classOf(name);
  const derivative = firstClass === undefined ? undefined : derivatives.byClass[firstClass];
  return (
    <>
      <Text fw={600}>What it may be</Text>
      <Likelihoods
        label="Likelihoods"
        formulae={kind === 'inorganic'}
        rows={all.map(({ candidate, probability }) => ({ name: candidate, probability }))}
        most={10}
      />
      <Text fw={600}>By class</Text>
      <Likelihoods
        label="Likelihoods by class"
        rows={classes.map((one) => ({ name: one.class, probability: one.probability }))}
        most={7}
      />
      {first && conclusion.kind === 'identified' && (
        <div className={study.block}>
          <Text fw={600}>
            {first.name}, <Formula text={first.structure.formula} />
          </Text>
          <StructureDrawing smiles={first.structure.smiles} name={first.name} />
        </div>
      )}
      {conclusion.kind === 'identified' && kind === 'organic' && derivative && (
        <Text size="sm">
          To prove it: {derivative}.{' '}
          <span className="quiet">
            <Cited source={derivatives.source} />
          </span>
        </Text>
      )}
      {conclusion.kind === 'identified' && kind === 'inorganic' && (
        <Text size="sm">
          To prove it: do its own confirmation once more beside a known sample of {name}.
        </Text>
      )}
      {conclusion.kind === 'open' && conclusion.candidates.length <= 6 && (
        <Text size="sm">Open: {conclusion.candidates.join(', ')}.</Text>
      )}
      <Text size="sm" className="quiet" mt="sm">
        {kind === 'organic'
          ? 'What each compound shows follows from its groups; melting and boiling points are tabulated.'
          : 'What each salt shows is computed by the engine, test by test.'}{' '}
        <Cited
          source={
            (kind === 'organic' ? organicTests : inorganicTests)[0]?.source ?? derivatives.source
          }
        />
      </Text>
      <Text size="sm" className="quiet" mt="xs">
        “{noneOfThese}” keeps a share: what is in no list cannot be ruled out by tests.
      </Text>
    </>
  );
}
