// Made from job.schema.json by npm run client.

export interface Job {
  format: 'juxtherm.job';
  version: number;
  title?: string;
  /**
   * How many of it.
   */
  quantity?: number;
  /**
   * The day it is handed over, as 2026-12-05.
   */
  due?: string;
  blank: JobBlank;
  tools: JobTools;
  /**
   * Vinyl, lowest first.
   *
   * @minItems 1
   */
  layers: [JobLayer, ...JobLayer[]];
  /**
   * Ids of layers in the order in which they are to be laid; what stands earlier is not laid later.
   */
  order?: string[];
  /**
   * The pieces of a run, by name where they carry one, one garment or several each.
   */
  names?: JobName[];
  /**
   * How many in which size, where names says nothing; read as pieces without a name.
   */
  sizes?: JobSize[];
  choices?: JobChoices;
  /**
   * Notices that the crafter accepts, each with a word on why.
   */
  accepted?: Accepted[];
  used?: UsedSetting;
  /**
   * What came of test patches; the plan follows them.
   */
  patches?: PatchResult[];
  cut?: JobCut;
  own?: Own;
  [k: string]: unknown;
}
/**
 * What is pressed on.
 */
export interface JobBlank {
  form?: string;
  material: string;
  size?: string;
  /**
   * The side that is pressed where a layer says none.
   */
  face?: string;
  /**
   * Width of the free area, mm.
   */
  widthMm?: number;
  /**
   * Height of the free area, mm.
   */
  heightMm?: number;
  /**
   * Colour of the item, for the pictures.
   */
  colour?: string;
  /**
   * Dots of the ironing symbol; 0 for crossed out; absent when unknown.
   */
  careDots?: number;
  /**
   * What else is known of the item.
   */
  traits?: string[];
  /**
   * What the tape says, mm by measure id.
   */
  measures?: {
    [k: string]: number;
  };
  /**
   * What vinyl and plate keep clear of.
   */
  features?: JobFeature[];
  [k: string]: unknown;
}
export interface JobFeature {
  kind: string;
  xMm?: number;
  yMm?: number;
  widthMm?: number;
  heightMm?: number;
  [k: string]: unknown;
}
/**
 * What it is pressed and cut with.
 */
export interface JobTools {
  heatSource: string;
  underlay?: string;
  cover?: string;
  /**
   * Plate width, mm.
   */
  plateWidthMm?: number;
  /**
   * Plate height, mm.
   */
  plateHeightMm?: number;
  /**
   * Steam is on.
   */
  steam?: boolean;
  cutter?: string;
  /**
   * Widest the cutter cuts, mm.
   */
  cutterWidthMm?: number;
  /**
   * Longest it cuts, mm.
   */
  cutterLengthMm?: number;
  /**
   * The vinyl needs no mat.
   */
  matless?: boolean;
  [k: string]: unknown;
}
export interface JobLayer {
  id?: string;
  vinyl: string;
  colour?: string;
  /**
   * Artwork width, mm.
   */
  widthMm?: number;
  /**
   * Artwork height, mm.
   */
  heightMm?: number;
  /**
   * Left edge from the left of the free area, mm.
   */
  xMm?: number;
  /**
   * Upper edge from the top of the free area, mm.
   */
  yMm?: number;
  /**
   * How far the carrier reaches beyond the artwork, mm.
   */
  carrierMarginMm?: number;
  /**
   * How its carrier is cut.
   */
  carrier?: string;
  /**
   * Ids of layers that this one lies on.
   */
  over?: string[];
  face?: string;
  /**
   * Its edges are fine; worked out where its shape is known.
   */
  intricate?: boolean;
  /**
   * Whether the cut file is mirrored.
   */
  mirrored?: boolean;
  /**
   * Its drawing is reversed already, and is cut as it is drawn.
   */
  reversed?: boolean;
  label?: JobLabel;
  /**
   * Its true outline as SVG path data, filled by the even-odd rule and fitted into its box.
   */
  shape?: string;
  /**
   * Kept, but neither cut nor pressed.
   */
  hidden?: boolean;
  /**
   * Its pieces keep their places to each other on the sheet; true unless said.
   */
  keepTogether?: boolean;
  word?: JobWord;
  [k: string]: unknown;
}
/**
 * What the wrapper says.
 */
export interface JobLabel {
  /**
   * Temperature on the wrapper, °C.
   */
  celsius?: number;
  /**
   * Time on the wrapper, s.
   */
  seconds?: number;
  pressure?: string;
  peel?: string;
  /**
   * Which press it is for: taken as it is for this one, translated from a plate press; absent when nobody said.
   */
  for?: string;
  [k: string]: unknown;
}
/**
 * Words that it is set from.
 */
export interface JobWord {
  text: string;
  /**
   * Id of a font: one that ships, or one of the workshop's own.
   */
  font?: string;
  /**
   * What the font is called, where it is no shipped one.
   */
  fontName?: string;
  /**
   * Height of its capitals, mm.
   */
  heightMm?: number;
  /**
   * Added between letters, mm.
   */
  gapMm?: number;
  /**
   * How much of a circle the words bend around, degrees.
   */
  arcDegrees?: number;
  /**
   * Each garment has its own name here.
   */
  fromNames?: boolean;
  [k: string]: unknown;
}
export interface JobName {
  /**
   * The name that goes on it; absent where none does.
   */
  name?: string;
  size?: string;
  /**
   * Colour of the garment, where it is not the item's.
   */
  garmentColour?: string;
  /**
   * Colour of its vinyl.
   */
  colour?: string;
  /**
   * How wide the name is set, mm; absent for letters as high as all.
   */
  widthMm?: number;
  count?: number;
  /**
   * Somebody has read it over.
   */
  proofed?: boolean;
  [k: string]: unknown;
}
export interface JobSize {
  size: string;
  count?: number;
  [k: string]: unknown;
}
/**
 * Methods on which crafters differ.
 */
export interface JobChoices {
  placement?: string;
  centring?: string;
  prewash?: string;
  preheat?: string;
  layingOut?: string;
  layerMethod?: string;
  upperLayers?: string;
  lastPress?: string;
  totalHeat?: string;
  puff?: string;
  firstTry?: string;
  unknownBlank?: string;
  backPress?: string;
  backPressWhen?: string;
  peelCheck?: string;
  finishPress?: string;
  householdIron?: string;
  /**
   * How sheets are laid out.
   */
  layout?: string;
  [k: string]: unknown;
}
export interface Accepted {
  code: string;
  word: string;
  [k: string]: unknown;
}
/**
 * A setting taken over, whatever the plan would find.
 */
export interface UsedSetting {
  /**
   * What the dial is set to, °C; of an iron what its mark stands for.
   */
  celsius: number;
  /**
   * Press time, s; of several layers that of the last press.
   */
  seconds: number;
  pressure?: string;
  /**
   * Press time from the back, s; 0 for none.
   */
  backSeconds?: number;
  /**
   * Where it was used, for the reader.
   */
  from?: string;
  [k: string]: unknown;
}
export interface PatchResult {
  /**
   * What the dial is set to, °C; of an iron what its mark stands for.
   */
  celsius: number;
  /**
   * Press time, s; of several layers that of the last press.
   */
  seconds: number;
  outcome: string;
  pressure?: string;
  /**
   * When it was judged, ISO 8601.
   */
  at?: string;
  on?: PatchOn;
  [k: string]: unknown;
}
/**
 * What it was pressed with and on; for another press, vinyl or blank it counts no more. Left out: the job that it stands in.
 */
export interface PatchOn {
  /**
   * Heat source id.
   */
  heatSource?: string;
  /**
   * Vinyl id.
   */
  vinyl?: string;
  /**
   * Material id.
   */
  material?: string;
  [k: string]: unknown;
}
/**
 * How it is to be cut.
 */
export interface JobCut {
  /**
   * Room between pieces, mm.
   */
  marginMm?: number;
  /**
   * A small test shape is cut first.
   */
  testCut?: boolean;
  /**
   * A small shape for a test press is cut along.
   */
  patch?: boolean;
  /**
   * Share of vinyl saved above which packing tightly is advised, %.
   */
  nestAbovePercent?: number;
  /**
   * Transfer sheets that a piece takes: what has left its carrier is laid with one.
   */
  transferSheets?: number;
  /**
   * Ids of vinyl on hand by cut list.
   */
  stock?: {
    [k: string]: string[];
  };
  [k: string]: unknown;
}
/**
 * Own vinyls, blanks and presses that the job uses, so that its file is whole elsewhere.
 */
export interface Own {
  vinyls?: OwnVinyl[];
  blanks?: OwnBlank[];
  presses?: OwnPress[];
  [k: string]: unknown;
}
export interface OwnVinyl {
  /**
   * Begins with own-.
   */
  id: string;
  name: string;
  /**
   * The family that it is of.
   */
  family: string;
  /**
   * Temperature, °C.
   */
  celsius?: number;
  /**
   * Time, s.
   */
  seconds?: number;
  pressure?: string;
  peel?: string;
  /**
   * Thickness without its carrier, mm.
   */
  thicknessMm?: number;
  note?: string;
  /**
   * What was found right under one kind of press each.
   */
  figures?: OwnFigure[];
  [k: string]: unknown;
}
export interface OwnFigure {
  /**
   * The kind of press that it is for.
   */
  press: string;
  /**
   * Temperature, °C.
   */
  celsius?: number;
  /**
   * Time, s.
   */
  seconds?: number;
  pressure?: string;
  [k: string]: unknown;
}
export interface OwnBlank {
  /**
   * Begins with own-.
   */
  id: string;
  name: string;
  /**
   * What it is made of; the shares come to 100 %.
   *
   * @minItems 1
   */
  fibres: [OwnFibre, ...OwnFibre[]];
  /**
   * Thickness, mm.
   */
  thicknessMm?: number;
  /**
   * Weight, g/m².
   */
  gramsPerM2?: number;
  /**
   * The hottest that it bears, °C.
   */
  limitCelsius?: number;
  /**
   * It shrinks in its first wash.
   */
  shrinks?: boolean;
  [k: string]: unknown;
}
export interface OwnFibre {
  material: string;
  /**
   * Share of the cloth, %.
   */
  percent: number;
  [k: string]: unknown;
}
export interface OwnPress {
  /**
   * Begins with own-.
   */
  id: string;
  name: string;
  /**
   * The kind that it is of.
   */
  kind: string;
  /**
   * Plate width, mm.
   */
  plateWidthMm?: number;
  /**
   * Plate height, mm.
   */
  plateHeightMm?: number;
  /**
   * What its dial shows.
   */
  dialUnit?: string;
  /**
   * Steps of its dial, degrees.
   */
  dialStep?: number;
  /**
   * How far the face may be off the dial, K.
   */
  dialErrorK?: number;
  /**
   * How much hotter the face is than the dial shows, K.
   */
  dialOffsetK?: number;
  /**
   * How far in from its edge the plate stays cool, mm.
   */
  coolRimMm?: number;
  /**
   * Where a strip stayed pale.
   */
  coolSpots?: CoolSpot[];
  pressure?: OwnPressure;
  [k: string]: unknown;
}
export interface CoolSpot {
  /**
   * From the plate's left edge, mm.
   */
  xMm: number;
  /**
   * From the plate's upper edge, mm.
   */
  yMm: number;
  widthMm: number;
  heightMm: number;
  [k: string]: unknown;
}
/**
 * What light, medium and firm come to.
 */
export interface OwnPressure {
  /**
   * How its pressure is known.
   */
  by?: string;
  /**
   * What a scale under the plate shows, kg.
   */
  lightKg?: number;
  /**
   * What a scale under the plate shows, kg.
   */
  mediumKg?: number;
  /**
   * What a scale under the plate shows, kg.
   */
  firmKg?: number;
  /**
   * Strips of paper hold equally fast all round.
   */
  even?: boolean;
  [k: string]: unknown;
}
