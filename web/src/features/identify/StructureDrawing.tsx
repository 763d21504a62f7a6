import { useAnswer } from '../../data/worker/useAnswer';
import classes from '../../shared/unknowns/Unknowns.module.css';

/** A structure as chemists draw it. */
export function StructureDrawing({ smiles, name }: { smiles: string; name: string }) {
  const { value, failure } = useAnswer('structure', [smiles]);
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
