/** So many are named, the others counted. */
const NAMED = 3;

/** What may be wrong with a part, in a line. */
export const some = (faults: string[]) =>
    faults.slice(0, NAMED).join(', or ') + (faults.length > NAMED ? `, or one of ${faults.length - NAMED} more` : '');
