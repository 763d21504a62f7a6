import { Group, Radio, Stack } from '@mantine/core';
import { settingsChangeSchema } from '@stoichos/core/labday';
import type { Settings } from '@stoichos/core/labday';
import { useChangeSettings } from '../../data/settings/useChangeSettings';
import { useSettings } from '../../data/settings/useSettings';

/** The choice of schools: how substances are named, and how reaction types are counted. */
export function SchoolSettings() {
  const settings = useSettings();
  const save = useChangeSettings();
  const change = (part: Partial<Record<keyof Settings, string>>) =>
    save(settingsChangeSchema.parse(part));
  return (
    <Stack p="sm" gap="md">
      <Radio.Group label="Names" value={settings.naming} onChange={(naming) => change({ naming })}>
        <Stack gap={8} mt={6}>
          <Radio value="stock" label="Systematic: copper(II) sulfate" />
          <Radio value="common" label="Common: blue vitriol" />
          <Radio value="oxo" label="Oxo-names: copper(II) tetraoxosulfate(VI)" />
        </Stack>
      </Radio.Group>
      <Radio.Group
        label="Reaction types"
        value={settings.reactionTypes}
        onChange={(reactionTypes) => change({ reactionTypes })}
      >
        <Stack gap={8} mt={6}>
          <Radio value="five" label="Five types" />
          <Radio value="drivingForce" label="By driving force" />
        </Stack>
      </Radio.Group>
      <Radio.Group
        label="Thermometers"
        value={settings.temperature}
        onChange={(temperature) => change({ temperature })}
      >
        <Group gap="lg" mt={6}>
          <Radio value="°C" label="°C" />
          <Radio value="°F" label="°F" />
        </Group>
      </Radio.Group>
      <Radio.Group
        label="Heating a hydrate"
        value={settings.heating}
        onChange={(heating) => change({ heating })}
      >
        <Stack gap={8} mt={6}>
          <Radio value="constantMass" label="To constant mass" />
          <Radio value="fixedTimes" label="For fixed times" />
        </Stack>
      </Radio.Group>
      <Radio.Group
        label="Discharge at electrodes"
        value={settings.discharge}
        onChange={(discharge) => change({ discharge })}
      >
        <Stack gap={8} mt={6}>
          <Radio value="potentials" label="By potentials, with overpotential" />
          <Radio value="ruleOfThumb" label="By the rule of thumb" />
        </Stack>
      </Radio.Group>
      <Radio.Group
        label="Unknowns"
        value={settings.unknowns}
        onChange={(unknowns) => change({ unknowns })}
      >
        <Stack gap={8} mt={6}>
          <Radio value="mostInformative" label="Most informative test first" />
          <Radio value="solubilityFirst" label="Solubility first, in the fixed order" />
        </Stack>
      </Radio.Group>
    </Stack>
  );
}
