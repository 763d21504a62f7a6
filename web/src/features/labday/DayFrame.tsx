import { ActionIcon, Group, Text, Title, Tooltip } from '@mantine/core';
import { useDisclosure, useHotkeys } from '@mantine/hooks';
import { notifications } from '@mantine/notifications';
import { stageStates, stages } from '@stoichos/core/labday/day';
import type { HeldDay } from '@stoichos/contract';
import type { LabDay, Stage } from '@stoichos/core/labday/day';
import {
  IconArchive,
  IconArchiveOff,
  IconCircle,
  IconCircleCheckFilled,
  IconCircleHalf2,
  IconCopy,
  IconPencil,
  IconUsers,
} from '@tabler/icons-react';
import { Link, Outlet, useLocation, useNavigate, useParams } from 'react-router';
import { useArchiveDayMutation, useDayQuery } from '../../data/api/api';
import { sayProblem } from '../../shared/parts/sayProblem';
import { useLiveDay } from '../../data/live/useLive';
import { LoadState } from '../../shared/parts/LoadState';
import { useDayWithUnsent } from '../../data/outbox/useDayWithUnsent';
import { CopyDay } from './CopyDay';
import { DayForm } from './DayForm';
import classes from './DayFrame.module.css';
import { longDate } from '../../shared/parts/dates';
import { stageNames } from './stageNames';

const stateIcons = {
  'to do': IconCircle,
  'under way': IconCircleHalf2,
  done: IconCircleCheckFilled,
} as const;

/** More groups than this are counted under the name of the day, not named. */
const mostNamed = 4;

/** A lab day with its five stages, always visible with their state. */
export function DayFrame() {
  const { dayId = '' } = useParams();
  const { currentData: data, error, refetch } = useDayQuery(dayId);
  const day = useDayWithUnsent(data);
  useLiveDay(dayId);
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const addressOf = (stage: Stage): string => {
    const view = stage === 'plan' ? 'plan/procedures' : stage;
    return `/days/${dayId}/${view}`;
  };
  const [formOpen, form] = useDisclosure(false);
  const [copyOpen, copying] = useDisclosure(false);
  useHotkeys(
    stages.map((stage, index) => [String(index + 1), () => void navigate(addressOf(stage))]),
  );
  if (!day) return <LoadState error={error} retry={() => void refetch()} />;
  return (
    <>
      <div className={`${classes.top} day-head`}>
        <Group gap="xs" wrap="nowrap" className={classes.title ?? ''}>
          <div>
            <Title order={1} size="h3">
              {day.name}
            </Title>
            <Text className="quiet" size="sm">
              {longDate(day.date)} ·{' '}
              {day.groups.length > mostNamed
                ? `${day.groups.length} groups`
                : day.groups.map(({ name }) => name).join(', ')}
            </Text>
          </div>
          <DayTools day={day} copying={copying} form={form} />
        </Group>
        <StageLinks dayId={dayId} pathname={pathname} addressOf={addressOf} day={day} />
      </div>
      <Outlet context={day satisfies LabDay} />
      <CopyDay key={`copy ${String(copyOpen)}`} day={day} opened={copyOpen} close={copying.close} />
      <DayForm key={String(formOpen)} opened={formOpen} close={form.close} day={day} />
    </>
  );
}

interface StageLinksProps {
  readonly dayId: string;
  readonly pathname: string;
  readonly addressOf: (stage: Stage) => string;
  readonly day: HeldDay;
}

/** The stages, each with where it stands. */
function StageLinks({ dayId, pathname, addressOf, day }: StageLinksProps) {
  const open = stages.find((stage) => pathname.startsWith(`/days/${dayId}/${stage}`));
  return (
    <nav aria-label="Stages" className={`${classes.stages} no-print`}>
      {stageStates(day, day.unknownCount).map(({ stage, state, detail }) => {
        const Icon = stateIcons[state];
        return (
          <Link
            key={stage}
            to={addressOf(stage)}
            className={classes.stage ?? ''}
            {...(open === stage && { 'aria-current': 'page' })}
          >
            <Icon size={18} aria-hidden />
            <span>
              <strong>{stageNames[stage]}</strong>
              <small>
                <span className="visually-hidden">{state}: </span>
                {detail}
              </small>
            </span>
          </Link>
        );
      })}
    </nav>
  );
}

/** Groups, another day like it, and its facts. */
function DayTools({
  day,
  copying,
  form,
}: {
  readonly day: HeldDay;
  readonly copying: ReturnType<typeof useDisclosure>[1];
  readonly form: ReturnType<typeof useDisclosure>[1];
}) {
  return (
    <Group gap={0} wrap="nowrap">
      <Tooltip label="Groups: join, release, message">
        <ActionIcon
          variant="subtle"
          component={Link}
          to={`/days/${day.id}/groups`}
          aria-label="Groups of the lab day"
          className="no-print"
        >
          <IconUsers size={20} />
        </ActionIcon>
      </Tooltip>
      <Tooltip label="Plan it again for another date">
        <ActionIcon
          variant="subtle"
          onClick={copying.open}
          aria-label="Plan the lab day again"
          className="no-print"
        >
          <IconCopy size={20} />
        </ActionIcon>
      </Tooltip>
      <ArchiveButton day={day} />
      <Tooltip label="Name, date, groups, spare">
        <ActionIcon
          variant="subtle"
          onClick={form.open}
          aria-label="Change the lab day"
          className="no-print"
        >
          <IconPencil size={20} />
        </ActionIcon>
      </Tooltip>
    </Group>
  );
}

/** Puts the lab day away, out of the list of what is coming and held; nothing in it is lost. */
function ArchiveButton({ day }: { readonly day: HeldDay }) {
  const [archive] = useArchiveDayMutation();
  const archived = day.archivedAt !== null;
  const toggle = async () => {
    try {
      await archive({ dayId: day.id, archived: !archived }).unwrap();
      notifications.show({
        message: archived
          ? `${day.name} is among the lab days again.`
          : `${day.name} is archived. It stands at the foot of the list of lab days.`,
      });
    } catch (error) {
      sayProblem(error, 'Not done');
    }
  };
  const label = archived ? 'Take it out of the archive' : 'Archive it';
  return (
    <Tooltip label={label}>
      <ActionIcon
        variant="subtle"
        onClick={() => void toggle()}
        aria-label={archived ? 'Take the lab day out of the archive' : 'Archive the lab day'}
        className="no-print"
      >
        {archived ? <IconArchiveOff size={20} /> : <IconArchive size={20} />}
      </ActionIcon>
    </Tooltip>
  );
}
