// What stands on these screens, screen by screen.

type Said = string | number;

// BeforeYouStart
export const beforeYouStart = 'Before you start';
export const lookForGlueLooseThreads =
  'Look for glue, loose threads and coatings that shine or bead water. Take off clips, pins and wire.';

// LayerList
export const addALayer = 'Add a layer';

// ItemStation
export const notKnown = 'not known';
export const oneDot = 'one dot';
export const twoDots = 'two dots';
export const threeDots = 'three dots';
export const crossedOut = 'crossed out';
export const notSaid = 'not given';
export const theItem = 'The item';
export const kindOfItem = 'Kind of item';
export const madeOf = 'Fabric or material';
export const takesUpTo = (limitCelsius: Said) => `Safe up to ${limitCelsius}`;
export const size = 'Size';
export const pieces = 'Pieces';
export const ironOnTheCareLabel = 'Iron on the care label';
export const washedAlready = 'Prewashed';
export const hardToReplace = 'One of a kind';
export const theLayers = 'The layers';
export const theVinyl = 'The vinyl';
export const kindOfVinyl = 'Kind of vinyl';
export const colour = 'Color';
export const cutFile = 'Cut file';
export const drawing = 'Drawing';
export const artworkWidthAllColors = 'Artwork width, all colors';
export const artworkWidth = 'Artwork width';
export const artworkHeightAllColors = 'Artwork height, all colors';
export const artworkHeight = 'Artwork height';
export const fromTheLeft = 'Distance from left';
export const notPlacedYet = 'not placed yet';
export const fromTheTop = 'Distance from top';
export const edges = 'Edges';
export const sizeOnly = (job: Said) => `Size only “${job}”`;
export const liesOn = 'Lies on';
export const takeThisLayerAway = 'Remove this layer';
export const whatTheWrapperOfSays = (job: Said) => `What the instructions for “${job}” say`;
export const whatTheWrapperSays = 'What the instructions say';
export const anyPartOfItIt = 'Fill in what you have. It replaces the typical values for this kind of vinyl.';
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

// Pieces
export const onePerPiece = 'Names, sizes and colors of the pieces';
export const listThem = 'List names, sizes or colors';
export const sizeColumn = 'Size';
export const garment = 'Item color';
export const nameColumn = 'Name';
export const nameColour = 'Name color';
export const nameWidth = (unit: Said) => `Name width, ${unit}`;
export const howMany = 'How many';
export const of = (column: Said, row: Said) => `${column}, row ${row}`;
export const typeOrPaste = 'name, or paste a list';
export const standard = 'standard';
export const likeTheItem = 'item’s';
export const likeTheLayer = 'layer’s';
export const likeAll = 'as all';
export const fillDown = 'Fill down';
export const fillsDown = (column: Said) => `Copies this row’s ${column} to all rows below (Ctrl+D)`;
export const removeRow = (row: Said) => `Remove row ${row}`;
export const fromFile = 'Read a CSV file';
export const clearAll = 'Clear the list';
export const piecesInAll = (count: Said) => `${count} ${count === 1 ? 'piece' : 'pieces'} in all`;
export const pasteHint = 'Paste rows from a spreadsheet, or a column into its column.';
export const nothingCarriesNames = 'These names are not on the artwork yet.';
export const putThemOn = 'Put them on';
export const colourOfTheItem = 'Color';
export const due = 'Due';
