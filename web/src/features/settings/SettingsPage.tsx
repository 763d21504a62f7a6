import { Card } from '../../shared/parts/Card';
import {
  Anchor,
  Radio,
  Stack,
  Switch,
  Text,
  TextInput,
  Title,
  useMantineColorScheme,
} from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import { settingsSchema } from '@stoichos/core/labday/settings';
import type { Settings, SettingsChange } from '@stoichos/core/labday/settings';
import { useState } from 'react';
import { Link } from 'react-router';
import { SchoolSettings } from './SchoolSettings';
import { useSettings } from '../../data/settings/useSettings';
import { useChangeSettings } from '../../data/settings/useChangeSettings';
import { useBrowserSettings } from '../../data/settings/browserSettings';
import classes from './SettingsPage.module.css';
import { Amount } from '../../shared/study/Amount';

/** Everything that can be set: for all who use this installation, and for this browser. */
export function SettingsPage() {
  return (
    <>
      <Title order={1} size="h1" my="md">
        Settings
      </Title>
      <div className={classes.columns}>
        <Card label="Schools">
          <Title>Schools, for all</Title>
          <SchoolSettings />
        </Card>
        <div>
          <ForAll />
          <ForThisBrowser />
          <Card label="More" mt="md">
            <Stack gap="sm">
              <Anchor component={Link} to="/data">
                Data: take in a file, backup and restore, calendar
              </Anchor>
              <Anchor component={Link} to="/access">
                Who may come in: passphrases, sign out
              </Anchor>
              <Anchor component={Link} to="/help/sources">
                Sources of every constant
              </Anchor>
            </Stack>
          </Card>
        </div>
      </div>
    </>
  );
}

/** What holds for everybody: the institution, decimals and paper, the room, drops. */
function ForAll() {
  const settings = useSettings();
  const change = useChangeSettings();
  return (
    <Card label="For all" titled>
      <Stack gap="md">
        <InstitutionField key={settings.institution} settings={settings} change={change} />
        <Radio.Group
          label="Decimals are written"
          description="On the screen and on paper. Files for other programs keep the point."
          value={settings.decimalSeparator}
          onChange={(value) => change({ decimalSeparator: value === ',' ? ',' : '.' })}
        >
          <Stack gap={8} mt={6}>
            <Radio value="." label="with a point: 0.25 mol/L" data-verbatim />
            <Radio value="," label="with a comma: 0,25 mol/L" />
          </Stack>
        </Radio.Group>
        <Radio.Group
          label="Paper"
          value={settings.paper}
          onChange={(value) => change({ paper: value === 'Letter' ? 'Letter' : 'A4' })}
        >
          <Stack gap={8} mt={6}>
            <Radio value="A4" label="A4" />
            <Radio value="Letter" label="Letter" />
          </Stack>
        </Radio.Group>
        <SchoolNumber
          name="roomC"
          label="Room temperature"
          unit="°C"
          description="What the studies of gases and cells begin with."
        />
        <SchoolNumber name="airKPa" label="Air pressure" unit="kPa" />
        <SchoolNumber
          name="dropsPerMl"
          label="Drops to 1 mL"
          description="Count the drops of your droppers that fill a measuring cylinder to 1 mL."
        />
        <Switch
          label="Small volumes by graduated pipette"
          description="Without them recipes keep to what a 10 mL cylinder measures within 2 %."
          checked={settings.pipettes}
          onChange={(event) => change({ pipettes: event.currentTarget.checked })}
        />
      </Stack>
    </Card>
  );
}

function InstitutionField({
  settings,
  change,
}: {
  settings: Settings;
  change: (part: SettingsChange) => void;
}) {
  const [name, setName] = useState(settings.institution);
  return (
    <TextInput
      label="Institution"
      description="Stands at the head of reports and worksheets."
      maxLength={80}
      value={name}
      onChange={(event) => setName(event.currentTarget.value)}
      onBlur={() => name.trim() !== settings.institution && change({ institution: name.trim() })}
    />
  );
}

type NumberName = 'roomC' | 'airKPa' | 'dropsPerMl';

/** A number that is kept once the field is left, if it can be. */
function SchoolNumber({
  name,
  label,
  unit,
  description,
}: {
  name: NumberName;
  label: string;
  unit?: string;
  description?: string;
}) {
  const settings = useSettings();
  const change = useChangeSettings();
  const [typed, setTyped] = useState<number | ''>();
  const value = typed ?? settings[name];
  const checked = settingsSchema.shape[name].safeParse(value);
  const problem = checked.success ? undefined : checked.error.issues[0]?.message;
  const keep = () => {
    if (typed === undefined || !checked.success) return;
    if (checked.data !== settings[name]) change({ [name]: checked.data });
    setTyped(undefined);
  };
  return (
    <Amount
      w={240}
      label={label}
      {...(unit && { unit })}
      {...(description && { description })}
      value={value}
      onChange={setTyped}
      onBlur={keep}
      error={problem}
    />
  );
}

function ForThisBrowser() {
  const { settings, change } = useBrowserSettings();
  const { colorScheme, setColorScheme } = useMantineColorScheme();
  return (
    <Card label="For this browser" mt="md" titled>
      <Stack gap="md" align="flex-start">
        <Switch
          label="Timers ring"
          description="An alarm always shows as well."
          checked={settings.sound}
          onChange={(event) => change({ sound: event.currentTarget.checked })}
        />
        <div>
          <Text size="sm" fw={500} mb={4} id="text-size">
            Text
          </Text>
          <Segments
            aria-labelledby="text-size"
            of={{ usual: 'Usual', large: 'Large', larger: 'Larger' }}
            value={settings.textSize}
            onChange={(value) => change({ textSize: value })}
          />
        </div>
        <div>
          <Text size="sm" fw={500} mb={4} id="look">
            Look
          </Text>
          <Segments
            aria-labelledby="look"
            of={{ light: 'Light', dark: 'Dark', auto: 'As the machine' }}
            value={colorScheme}
            onChange={setColorScheme}
          />
        </div>
      </Stack>
    </Card>
  );
}
