import { isMixing } from '@stoichos/core/labday/day';
import { Text, Title, UnstyledButton } from '@mantine/core';
import { shortText } from '@stoichos/core/planning/procedure';
import { isUnchanged, meaningOf } from '@stoichos/core/seeing/observation';
import type { Bench, Work } from '@stoichos/core/labday/day';
import type { StationJudgement } from '@stoichos/core/labday/judge';
import { Formula } from '../../shared/chemistry/Formula';
import { Mark } from '../../shared/parts/Mark';
import { shortName } from '../../shared/parts/shortNames';
import classes from './Board.module.css';
import { oddOnes } from './oddOnes';

interface BoardProps {
  readonly judgements: readonly StationJudgement[];
  readonly open: StationJudgement;
  readonly choose: (judgement: StationJudgement) => void;
}

/** All benches against all steps: agreement at a glance, the odd ones out framed, any cell to be opened. */
export function Board({ judgements, open, choose }: BoardProps) {
  const parts = [
    judgements.filter(({ bench }) => bench.id !== null),
    judgements.filter(({ bench }) => bench.id === null),
  ].filter((part) => part.length > 0);
  const odd = oddOnes(judgements);
  return (
    <>
      <Title mb="xs">Class board</Title>
      <Text size="sm" className="quiet" mb="xs">
        {odd.size === 0
          ? 'No bench stands alone against the others.'
          : `${odd.size === 1 ? 'One cell stands' : `${odd.size} cells stand`} alone against the class: framed twice.`}
      </Text>
      {parts.map((part, index) => (
        <PartTable key={index} judgements={part} odd={odd} open={open} choose={choose} />
      ))}
    </>
  );
}

interface PartTableProps extends BoardProps {
  readonly odd: ReadonlySet<StationJudgement>;
}

/** What the groups do, or what is shown to all: the works one under the other. */
function PartTable({ judgements, odd, open, choose }: PartTableProps) {
  const benches = [...new Map(judgements.map(({ bench }) => [bench.id, bench])).values()];
  const works = [...new Map(judgements.map(({ work }) => [work.id, work])).values()];
  return (
    <table className={classes.table}>
      <thead>
        <tr>
          <th scope="col" className={classes.rowHead}>
            <span className="visually-hidden">Step</span>
          </th>
          {benches.map(({ id, name }) => (
            <th key={id ?? 'all'} scope="col" className={classes.head}>
              <span>{shortName(name, benches)}</span>
            </th>
          ))}
        </tr>
      </thead>
      {works.map((work) => (
        <WorkRows
          key={work.id}
          work={work}
          judgements={judgements.filter((one) => one.work.id === work.id)}
          benches={benches}
          odd={odd}
          open={open}
          choose={choose}
        />
      ))}
    </table>
  );
}

interface WorkRowsProps extends PartTableProps {
  readonly work: Work;
  readonly benches: readonly Bench[];
}

function WorkRows({ work, judgements, benches, odd, open, choose }: WorkRowsProps) {
  const isSingle = isMixing(work);
  const stations = new Map(judgements.map((one) => [stationKey(one), one]));
  const telling = new Set(judgements.filter(isTelling).map(stationKey));
  const rows = [...stations]
    .filter(([key]) => telling.has(key) || key === stationKey(open))
    .map(([, one]) => one);
  const many = (step: StationJudgement['step']) =>
    rows.filter((row) => row.step.id === step.id).length > 1;
  return (
    <tbody>
      {!isSingle && (
        <tr>
          <th scope="rowgroup" colSpan={benches.length + 1} className={classes.work}>
            {work.number}. {work.procedure.name}
          </th>
        </tr>
      )}
      {rows.map((row) => (
        <tr key={`${row.step.id} ${row.station.vessel}`}>
          <th scope="row" className={classes.rowHead}>
            {isSingle ? (
              <>
                {work.number}. <Formula text={work.procedure.name} />
              </>
            ) : (
              shortText(row.step)
            )}
            {many(row.step) && <span className="quiet"> · {row.station.vessel}</span>}
          </th>
          {benches.map((bench) => {
            const one = judgements.find(
              (judgement) =>
                judgement.bench.id === bench.id &&
                judgement.step.id === row.step.id &&
                judgement.station.vessel === row.station.vessel,
            );
            return (
              <td key={bench.id ?? 'all'}>
                {one && (
                  <Cell
                    judgement={one}
                    isOpen={one === open}
                    isOdd={odd.has(one)}
                    choose={choose}
                  />
                )}
              </td>
            );
          })}
        </tr>
      ))}
    </tbody>
  );
}

const stationKey = ({ work, step, station }: StationJudgement): string =>
  `${work.id} ${step.id} ${station.vessel}`;

/** Whether there is something to read: filling a vessel shows nothing, unless somebody wrote something down. */
function isTelling({ step, station, seen }: StationJudgement): boolean {
  return (
    seen.length > 0 ||
    step.record.length > 0 ||
    station.notPredicted.length > 0 ||
    station.expected.some((one) => meaningOf(one).closes === 'all') ||
    !station.expected.every(isUnchanged)
  );
}

interface CellProps extends Pick<BoardProps, 'choose'> {
  readonly judgement: StationJudgement;
  readonly isOpen: boolean;
  readonly isOdd: boolean;
}

function Cell({ judgement, isOpen, isOdd, choose }: CellProps) {
  const { work, step, bench, verdict, override, station } = judgement;
  const what = isMixing(work) ? work.procedure.name : `${shortText(step)}, ${station.vessel}`;
  return (
    <UnstyledButton
      className={classes.cell}
      aria-pressed={isOpen}
      data-odd={isOdd}
      aria-label={`${bench.name}, ${what}: ${words(judgement)}${isOdd ? ', odd one out' : ''}`}
      onClick={() => choose(judgement)}
    >
      {verdict === 'notRecorded' ? <span aria-hidden>–</span> : <Mark of={verdict} wordless />}
      {override && <sup>*</sup>}
    </UnstyledButton>
  );
}

const words = ({ verdict }: StationJudgement): string =>
  verdict === 'notRecorded'
    ? 'not recorded'
    : verdict === 'notPredicted'
      ? 'not predicted'
      : verdict;
