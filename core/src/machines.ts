/** What makes files for machines and plays them, and sheets that are made where their nest is: for workers. */
export * from './exports/machine-files';
export { writeSheetPdf } from './exports/sheet-pdf';
export { nestSheets } from './drawing/shop-sheets/nest-sheets';
export { writeIso } from './shop/machines/posts';
export { sheetProgram } from './shop/machines/programs';
export { played, type Clamp, type OnBed, type Played, type PlayFault } from './shop/machines/stand-in';
export { workPiece } from './shop/machines/work-piece';
