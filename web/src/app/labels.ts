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
export const youAreOnAnotherDevice =
  'You are on another device: you can look around and work at the bench and the cutter. Do the rest on the main computer.';
export const openToThisNetworkAt = 'Open to this network at ';
export const withoutAPasswordEverybodyIn =
  ', without a password: everyone on it can look, and work at the bench and the cutter.';

// LostPage
export const thisPageHasComeApart = 'This page broke';
export const nothingIsKeptHere = 'Nothing here';
export const aFaultOfTheProgram = 'That is our mistake. Everything you saved is still saved.';
export const theAddressMayBeMistyped = 'The address may have a typo, or the job was deleted.';
export const backToTheJobs = 'Back to the jobs';
export const skipToContent = 'Skip to content';
export const practice = 'Practice';
export const help = 'Help';
