type Said = string | number;

export const whose = 'Whose names?';
export const why =
  'Names of customers and their children are personal data. Here you find everything that is kept of somebody, save it for them, and take it out.';
export const names = 'Names, one on each line';
export const ofAJob = 'Or all those of a job';
export const chooseAJob = 'choose a job';
export const find = 'Find them';
export const typeAName = 'Type a name first.';
export const kept = 'What is kept';
export const nothingYet = 'What is found is shown here before anything is changed.';
export const nothing = 'Nothing is kept here under these names.';
export const takenOut = 'Taken out.';
export const stillThere = 'Taken out. What you left is still here:';
export const backupsHold = (count: number) =>
  count === 1 ? 'One backup may still hold them.' : `${count} backups may still hold them.`;
export const drawings =
  'A name inside a drawing, and what a photo shows, cannot be found by this. A phone forgets a run it showed after a day. Helpers’ devices are under Helpers.';
export const kinds: Record<string, string> = {
  job: 'Job',
  run: 'At the bench',
  piece: 'Logbook',
  quote: 'Quote',
  cut: 'Cut sheets',
  shelf: 'Own material',
  stock: 'Vinyl on hand',
  blank: 'Items on hand',
  kept: 'Practice and plans',
  font: 'Font',
  'set-aside': 'Set aside',
};
export const takeOutOf = (what: Said) => `Take it out of ${what}`;
export const more = (count: number) => `and ${count} more`;
export const photos = (count: number) => (count === 1 ? '1 photo' : `${count} photos`);
export const photoOf = (what: Said) => `Photo of ${what}`;
export const beingWorkedOn = 'Being worked on: finish it or end it first, or leave it.';
export const saveIt = 'Save what is kept';
export const takeOut = 'Take the names out…';
export const forGood = 'This cannot be undone';
export const whatHappens = (places: number, photoCount: number) =>
  `A dash takes the place of each name in ${places === 1 ? 'one place' : `${places} places`}${
    photoCount > 0 ? `, and ${photos(photoCount)} of these pieces ${photoCount === 1 ? 'is' : 'are'} deleted` : ''
  }. Sizes, settings and results stay.`;
export const fromBackups = (count: number) =>
  count === 1 ? 'From the backup and its copy as well' : `From the ${count} backups and their copies as well`;
export const takeThemOut = 'Take them out for good';
export const notNow = 'Not now';
export const theNames = 'what is kept';
