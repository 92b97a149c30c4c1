// What stands on these screens, screen by screen.

type Said = string | number;

// Frame
export const borderInkTextInk = 'border-ink text-ink';
export const borderTransparentTextQuietHover = 'border-transparent text-quiet hover:text-ink';
export const juxtherm = 'Juxtherm';
export const main = 'Main';
export const jobs = 'Jobs';
export const logbook = 'Logbook';
export const shelf = 'Shelf';
export const dark = 'Dark';
export const light = 'Light';
export const switchUnits = (degree: Said, lengthUnit: Said) => `${degree} · ${lengthUnit}: switch units`;
export const youAreOnAnotherDevice =
  'You are on another device: the bench, the cutter and looking are open here. The rest is done at the machine itself.';
export const openToThisNetworkAt = 'Open to this network at ';
export const withoutAPasswordEverybodyIn =
  ', without a password: everybody in it can look, and work at the bench and the cutter.';

// LostPage
export const thisPageHasComeApart = 'This page has come apart';
export const nothingIsKeptHere = 'Nothing is kept here';
export const aFaultOfTheProgram = 'A fault of the program. What was saved is still saved.';
export const theAddressMayBeMistyped = 'The address may be mistyped, or the job was deleted.';
export const backToTheJobs = 'Back to the jobs';
