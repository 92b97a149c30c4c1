// What stands on these screens, screen by screen.

type Said = string | number;

// Frame
export const juxtherm = 'Juxtherm';
export const main = 'Main';
export const jobs = 'Jobs';
export const theDay = 'Day';
export const logbook = 'Logbook';
export const shelf = 'My materials';
export const dark = 'Dark';
export const light = 'Light';
export const switchUnits = (degree: Said, lengthUnit: Said) => `${degree} · ${lengthUnit}: switch units`;
const MAY: Record<string, string> = {
  look: 'you can look around.',
  press: 'you can look around, and work at the bench and the cutter. The rest is done on the main computer.',
  owner: 'everything is open but letting other devices in.',
};
export const youAreOn = (device: string, role: string) => `You are on ${device}: ${MAY[role] ?? ''}`;
export const openToThisNetworkAt = 'Open to helpers in this network at ';
export const toPairedDevices = ', once their device is paired.';
export const helpers = 'Helpers';
export const backups = 'Backups';
export const hideForToday = 'Hide for today';

// LostPage
export const thisPageHasComeApart = 'This page broke';
export const nothingIsKeptHere = 'Nothing here';
export const aFaultOfTheProgram = 'That is our mistake. Everything you saved is still saved.';
export const theAddressMayBeMistyped = 'The address may have a typo, or the job was deleted.';
export const backToTheJobs = 'Back to the jobs';
export const skipToContent = 'Skip to content';
export const practice = 'Practice';
export const help = 'Help';
