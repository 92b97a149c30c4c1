// What stands on these screens, screen by screen.

type Said = string | number;

// BeforeYouStart
export const beforeYouStart = 'Before you start';
export const lookForGlueLooseThreads =
  'Look for glue, loose threads and coatings that shine or bead water; take off clips, pins and wire.';

// LayerList
export const addALayer = 'Add a layer';

// ItemStation
export const notKnown = 'not known';
export const oneDot = 'one dot';
export const twoDots = 'two dots';
export const threeDots = 'three dots';
export const crossedOut = 'crossed out';
export const notSaid = 'not said';
export const theItem = 'The item';
export const kindOfItem = 'Kind of item';
export const madeOf = 'Made of';
export const takesUpTo = (limitCelsius: Said) => `Takes up to ${limitCelsius}`;
export const size = 'Size';
export const pieces = 'Pieces';
export const ironOnTheCareLabel = 'Iron on the care label';
export const washedAlready = 'Washed already';
export const hardToReplace = 'Hard to replace';
export const theLayers = 'The layers';
export const theVinyl = 'The vinyl';
export const kindOfVinyl = 'Kind of vinyl';
export const colour = 'Colour';
export const cutFile = 'Cut file';
export const drawing = 'Drawing';
export const artworkWidthAllColors = 'Artwork width, all colors';
export const artworkWidth = 'Artwork width';
export const artworkHeightAllColors = 'Artwork height, all colors';
export const artworkHeight = 'Artwork height';
export const fromTheLeft = 'From the left';
export const notPlacedYet = 'not placed yet';
export const fromTheTop = 'From the top';
export const edges = 'Edges';
export const sizeOnly = (job: Said) => `Size only “${job}”`;
export const liesOn = 'Lies on';
export const takeThisLayerAway = 'Take this layer away';
export const whatTheWrapperOfSays = (job: Said) => `What the wrapper of “${job}” says`;
export const whatTheWrapperSays = 'What the wrapper says';
export const anyPartOfItIt = 'Any part of it. It takes the place of the usual figures for this kind of vinyl.';
export const temperature = 'Temperature';
export const usuallyTo = (low: Said, high: Said) => `usually ${low} to ${high}`;
export const time = 'Time';
export const pressure = 'Pressure';
export const peel = 'Peel';
export const thePress = 'The press';
export const press = 'Press';
export const whatSUnderneath = "What's underneath";
export const cover = 'Cover';
export const plateWidth = 'Plate width';
export const plateHeight = 'Plate height';
export const steamIsOn = 'Steam is on';
