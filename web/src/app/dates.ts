/** A day as it is written here; without its year where that goes without saying. */
export const day = (at: string | Date, year = true) =>
  new Date(at).toLocaleDateString('en-US', { day: 'numeric', month: 'short', ...(year ? { year: 'numeric' } : {}) });
