import {
  ActionIcon,
  Anchor,
  Button,
  Group,
  Menu,
  Stack,
  Text,
  Tooltip,
  useMantineColorScheme,
} from '@mantine/core';
import { useDisclosure, useHotkeys } from '@mantine/hooks';
import {
  IconAdjustments,
  IconHelp,
  IconKeyboard,
  IconMoon,
  IconSearch,
  IconSun,
} from '@tabler/icons-react';
import { lazy, Suspense } from 'react';
import { Link, Outlet } from 'react-router';
import { CaptureRunner } from './CaptureRunner';
import { TimerAlarms } from '../shared/timers/TimerAlarms';
import { Door } from './Door';
import { HelpDrawer } from './help/HelpDrawer';
import { useTour } from './help/useTour';
import { TwoVersions } from '../shared/parts/TwoVersions';
import { OutboxNotice } from '../shared/outbox/OutboxNotice';
import { search } from './search';
import { SchoolSettings } from '../features/settings/SchoolSettings';
import classes from './Shell.module.css';
import { ShortcutSheet } from './ShortcutSheet';
import { useTopOfPage } from './useTopOfPage';
import { useWhereabouts } from './whereabouts';
import type { MantineColorScheme } from '@mantine/core';

// It knows every substance by name, for which the first view does not wait.
const CommandSearch = lazy(async () => ({
  default: (await import('./CommandSearch')).CommandSearch,
}));

/** What surrounds every page: the name, the search, the schools, light and dark. */
export function Shell() {
  const { colorScheme, toggleColorScheme } = useMantineColorScheme();
  const [sheetOpen, sheet] = useDisclosure(false);
  const [helpOpen, help] = useDisclosure(false);
  const { start: startTour } = useTour();
  useWhereabouts();
  useTopOfPage();
  useHotkeys([['mod+K', search.open]], []);
  useHotkeys([
    ['shift+?', sheet.open],
    ['F1', help.open],
  ]);
  return (
    <>
      <a className="skip-link" href="#content">
        Skip to the content
      </a>
      <header className={`${classes.header} no-print`}>
        <Link to="/" className={classes.brand}>
          <img src="/icon.svg" alt="" width={28} height={28} />
          Stoichos
        </Link>
        <OutboxNotice />
        <ShellTools
          sheet={sheet}
          help={help}
          colorScheme={colorScheme}
          toggleColorScheme={toggleColorScheme}
        />
      </header>
      <TimerAlarms />
      <CaptureRunner />
      <TwoVersions />
      <main id="content" className={classes.main}>
        <Door>
          <Outlet />
        </Door>
      </main>
      <Suspense>
        <CommandSearch />
      </Suspense>
      <ShortcutSheet opened={sheetOpen} close={sheet.close} />
      <HelpDrawer
        opened={helpOpen}
        close={help.close}
        showKeys={() => {
          help.close();
          sheet.open();
        }}
        startTour={() => {
          help.close();
          void startTour();
        }}
      />
    </>
  );
}

interface ShellToolsProps {
  readonly sheet: ReturnType<typeof useDisclosure>[1];
  readonly help: ReturnType<typeof useDisclosure>[1];
  readonly colorScheme: MantineColorScheme;
  readonly toggleColorScheme: () => void;
}

/** Search, the look, keys, help, and where one can go. */
function ShellTools({ sheet, help, colorScheme, toggleColorScheme }: ShellToolsProps) {
  const dark = colorScheme === 'dark';
  return (
    <Group gap="xs" wrap="nowrap">
      <Button
        size="sm"
        h={44}
        leftSection={<IconSearch size={18} aria-hidden />}
        onClick={search.open}
        aria-label="Search"
        classNames={{ label: classes.searchLabel ?? '' }}
      >
        Search{' '}
        <Text span className="quiet" size="xs" ml={8}>
          Ctrl K
        </Text>
      </Button>
      <Tooltip label={dark ? 'Light' : 'Dark, for a darkened room'}>
        <ActionIcon
          onClick={toggleColorScheme}
          aria-label={dark ? 'Use the light look' : 'Use the dark look'}
        >
          {dark ? <IconSun size={20} /> : <IconMoon size={20} />}
        </ActionIcon>
      </Tooltip>
      <Tooltip label="Keys">
        <ActionIcon onClick={sheet.open} aria-label="Keyboard shortcuts" visibleFrom="sm">
          <IconKeyboard size={20} />
        </ActionIcon>
      </Tooltip>
      <Tooltip label="What is this?">
        <ActionIcon onClick={help.open} aria-label="What is this?">
          <IconHelp size={20} />
        </ActionIcon>
      </Tooltip>
      <Menu width={300} position="bottom-end" closeOnItemClick={false}>
        <Menu.Target>
          <ActionIcon aria-label="Names and reaction types">
            <IconAdjustments size={20} />
          </ActionIcon>
        </Menu.Target>
        <Menu.Dropdown>
          <SchoolSettings />
          <Stack px="sm" pb="sm" gap="sm">
            <Anchor component={Link} to="/settings">
              All settings
            </Anchor>
            <Anchor component={Link} to="/access">
              Who may come in: passphrases, sign out
            </Anchor>
          </Stack>
        </Menu.Dropdown>
      </Menu>
    </Group>
  );
}
