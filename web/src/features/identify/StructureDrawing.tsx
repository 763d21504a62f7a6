import { useEffect } from 'react';
import { useTask } from '../../data/worker/useTask';
import classes from '../../shared/unknowns/Unknowns.module.css';

/** A structure as chemists draw it. */
export function StructureDrawing({ smiles, name }: { smiles: string; name: string }) {
  const { start, value, failure } = useTask('structure');
  useEffect(() => {
    void start(smiles);
  }, [smiles, start]);
  if (failure) return <p>{failure.message}</p>;
  if (value === undefined) return <div className={classes.structure} aria-hidden />;
  // As a picture, so that nothing of it runs or styles the page.
  return (
    <img
      className={classes.structure}
      alt={`Structure of ${name}`}
      src={`data:image/svg+xml;utf8,${encodeURIComponent(value)}`}
    />
  );
}
