import classes from './training.module.css';

/** One line of what helps to do a set. */
export function Fact({ name, value }: { readonly name: string; readonly value: string }) {
  return (
    <div className={classes.fact}>
      <dt>{name}</dt>
      <dd>{value}</dd>
    </div>
  );
}
