import { Text, Title } from '@mantine/core';
import { nameOfWork, shortText } from '@stoichos/core';
import type { Bench, StationJudgement, Work } from '@stoichos/core';
import { Formula } from '../chemistry/Formula';
import { Mark } from '../parts/Mark';
import classes from './Board.module.css';
import { oddOnes } from './oddOnes';

interface BoardProps {
  readonly judgements: readonly StationJudgement[];
  readonly open: StationJudgement;
  readonly choose: (judgement: StationJudgement) => void;
}

/** All benches against all steps: agreement at a glance, the odd ones out framed, any cell to be opened. */
export function Board({ judgements, open, choose }: BoardProps) {
  const works = [...new Map(judgements.map(({ work }) => [work.id, work])).values()];
  const odd = oddOnes(judgements);
  return (
    <>
      <Title order={2} size="h4" mb="xs">
        Class board
      </Title>
      <Text size="sm" className="quiet" mb="xs">
        {odd.size === 0
          ? 'No bench stands alone against the others.'
          : `${odd.size === 1 ? 'One cell stands' : `${odd.size} cells stand`} alone against the class: framed twice.`}
      </Text>
      {works.map((work) => (
        <WorkTable
          key={work.id}
          work={work}
          judgements={judgements.filter((one) => one.work.id === work.id)}
          odd={odd}
          open={open}
          choose={choose}
        />
      ))}
    </>
  );
}

interface WorkTableProps extends BoardProps {
  readonly work: Work;
  readonly odd: ReadonlySet<StationJudgement>;
}

function WorkTable({ work, judgements, odd, open, choose }: WorkTableProps) {
  const benches = [...new Map(judgements.map(({ bench }) => [bench.id, bench])).values()];
  const rows = [
    ...new Map(judgements.map((one) => [`${one.step.id} ${one.station.vessel}`, one])).values(),
  ];
  const many = (step: StationJudgement['step']) =>
    rows.filter((row) => row.step.id === step.id).length > 1;
  return (
    <table className={classes.table}>
      <caption className={classes.caption}>
        {work.number}.{' '}
        {work.kind === 'test' ? <Formula text={work.procedure.name} /> : nameOfWork(work)}
      </caption>
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
      <tbody>
        {rows.map((row) => (
          <tr key={`${row.step.id} ${row.station.vessel}`}>
            <th scope="row" className={classes.rowHead}>
              {work.kind === 'test' ? 'mixed' : shortText(row.step)}
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
                    <button
                      type="button"
                      className={classes.cell}
                      aria-pressed={one === open}
                      data-odd={odd.has(one)}
                      aria-label={`${bench.name}, ${work.kind === 'test' ? work.procedure.name : shortText(row.step)}: ${words(one)}${odd.has(one) ? ', odd one out' : ''}`}
                      onClick={() => choose(one)}
                    >
                      {one.verdict === 'notRecorded' ? (
                        <span aria-hidden>–</span>
                      ) : (
                        <Mark of={one.verdict} wordless />
                      )}
                      {one.override && <sup>*</sup>}
                    </button>
                  )}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const words = ({ verdict }: StationJudgement): string =>
  verdict === 'notRecorded'
    ? 'not recorded'
    : verdict === 'notPredicted'
      ? 'not predicted'
      : verdict;

/** A name without the word that all benches begin with. */
function shortName(name: string, benches: readonly Bench[]): string {
  const [first = ''] = name.split(' ');
  const shared = benches.length > 1 && benches.every((bench) => bench.name.startsWith(`${first} `));
  return shared ? name.slice(first.length + 1) : name;
}
