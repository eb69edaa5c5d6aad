import classes from './training.module.css';

/** A line with a fact that helps to do a set. */
export function Fact({ name, value }: { readonly name: string; readonly value: string }) {
  return (
    <div className={classes.fact}>
      <dt>{name}</dt>
      <dd>{value}</dd>
    </div>
  );
}
