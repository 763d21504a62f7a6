import { Radio, Stack } from '@mantine/core';
import { temperatureScales } from '@stoichos/core/common';
import { settingsChangeSchema } from '@stoichos/core/labday/settings';
import type { Settings } from '@stoichos/core/labday/settings';
import { useChangeSettings } from '../../data/settings/useChangeSettings';
import { useSettings } from '../../data/settings/useSettings';

type Ways = readonly (readonly [value: string, label: string])[];

/** What schools do in different ways. */
const choices: readonly (readonly [setting: keyof Settings, label: string, ways: Ways])[] = [
  [
    'naming',
    'Names',
    [
      ['stock', 'Systematic: copper(II) sulfate'],
      ['common', 'Common: blue vitriol'],
      ['oxo', 'Oxo-names: copper(II) tetraoxosulfate(VI)'],
    ],
  ],
  [
    'reactionTypes',
    'Reaction types',
    [
      ['five', 'Five types'],
      ['drivingForce', 'By driving force'],
    ],
  ],
  ['temperature', 'Thermometers', temperatureScales.map((scale) => [scale, scale])],
  [
    'heating',
    'Heating a hydrate',
    [
      ['constantMass', 'To constant mass'],
      ['fixedTimes', 'For fixed times'],
    ],
  ],
  [
    'discharge',
    'Discharge at electrodes',
    [
      ['potentials', 'By potentials, with overpotential'],
      ['ruleOfThumb', 'By the rule of thumb'],
    ],
  ],
  [
    'unknowns',
    'Unknowns',
    [
      ['mostInformative', 'Most informative test first'],
      ['solubilityFirst', 'Solubility first, in the fixed order'],
    ],
  ],
];

/** The choice of schools: how substances are named, reaction types counted, temperatures read. */
export function SchoolSettings() {
  const settings = useSettings();
  const save = useChangeSettings();
  return (
    <Stack p="sm" gap="md">
      {choices.map(([setting, label, ways]) => (
        <Radio.Group
          key={setting}
          label={label}
          value={String(settings[setting])}
          onChange={(way) => save(settingsChangeSchema.parse({ [setting]: way }))}
        >
          <Stack gap={8} mt={6}>
            {ways.map(([value, words]) => (
              <Radio key={value} value={value} label={words} />
            ))}
          </Stack>
        </Radio.Group>
      ))}
    </Stack>
  );
}
