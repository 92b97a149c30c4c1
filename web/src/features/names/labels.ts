type Said = string | number;

export const whose = 'Whose names?';
export const why =
  'Names of customers and their kids are personal data. Find everything kept under a name, save it for them, or take it out.';
export const names = 'Names, one per line';
export const ofAJob = 'Or everyone in a job';
export const chooseAJob = 'pick a job';
export const find = 'Find';
export const typeAName = 'Enter a name first.';
export const kept = 'What is kept';
export const nothingYet = 'What turns up is listed here. Nothing changes until you say so.';
export const nothing = 'Nothing is kept under these names.';
export const takenOut = 'Taken out.';
export const stillThere = 'Taken out. Still here, as you left it:';
export const backupsHold = (count: number) =>
  count === 1 ? 'One backup may still hold them.' : `${count} backups may still hold them.`;
export const drawings =
  'A name inside a drawing, or what a photo shows, cannot be found this way. A phone forgets a run after a day. Device names are under Helpers.';
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
export const beingWorkedOn = 'In progress: finish or end it first, or leave it out.';
export const saveIt = 'Save what is kept';
export const takeOut = 'Take the names out…';
export const forGood = 'This cannot be undone';
export const whatHappens = (places: number, photoCount: number) =>
  `Each name in ${places === 1 ? 'one place' : `${places} places`} becomes a dash${
    photoCount > 0 ? `, and ${photos(photoCount)} of these pieces ${photoCount === 1 ? 'is' : 'are'} deleted` : ''
  }. Sizes, settings and results stay.`;
export const fromBackups = (count: number) =>
  count === 1 ? 'Also from the backup and its copy' : `Also from the ${count} backups and their copies`;
export const takeThemOut = 'Take them out for good';
export const notNow = 'Not now';
export const theNames = 'what is kept';
