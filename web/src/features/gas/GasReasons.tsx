import { Text } from '@mantine/core';
import { trustInGasTests, unknownGases, gasName } from '@stoichos/core/studies/gas';
import { noneOfThese } from '@stoichos/core/studies/identify';
import type { Posterior } from '@stoichos/core/studies/identify';
import { Likelihoods, percent } from '../../shared/study/Likelihoods';
import study from '../../shared/study/Study.module.css';
import { plainFormula } from '@stoichos/core/matter/formula';
import { Cited } from '../../shared/parts/Cited';

/** How likely each gas is by what was seen. */
export function GasReasons({ found }: { readonly found: Posterior[] | undefined }) {
  return (
    <>
      <Text fw={600}>What it may be</Text>
      <Likelihoods
        label="posterior"
        rows={(found ?? []).map(({ candidate, probability }) => ({
          name: gasText(candidate),
          probability,
        }))}
        most={unknownGases.length + 1}
      />
      <div className={study.block}>
        <Text size="sm">
          What each gas shows is computed by the engine. A test is taken to be misread in{' '}
          {percent(trustInGasTests.misreadShare)} of cases; a gas that is not in the list keeps a
          share.
        </Text>
        <Text size="sm" className="quiet">
          <Cited source={trustInGasTests.source} />
        </Text>
      </div>
    </>
  );
}

export const gasText = (candidate: string): string =>
  candidate === noneOfThese ? candidate : `${gasName(candidate)}, ${plainFormula(candidate)}`;
