// Imported into a server first: shifts its clock by CLOCK_MOVED_BY milliseconds.
const by = Number(process.env.CLOCK_MOVED_BY ?? 0);
const Real = Date;

globalThis.Date = class Moved extends Real {
  constructor(...given) {
    if (given.length === 0) super(Real.now() + by);
    else super(...given);
  }

  static now() {
    return Real.now() + by;
  }
};
