import { Millimetres, Numbers, OneOf, Optional } from '../decorators';
import { frontStyles, type FrontStyle } from '../range-limits';
import {
  backWays,
  kickWays,
  LEAST_DRAWER_SIZE,
  MOST_DRAWER_SIZE,
  MOST_DRAWER_SIZES,
  runnerWays,
  sheetStuffs,
  wayLengths,
  type BackWay,
  type KickWay,
  type RunnerWay,
  type SheetStuff,
} from '../way-limits';

/** What is otherwise about how cabinets are built than their range says. Millimetres. */
export class BuildWays {
  /** Of sides, bottoms, tops and what parts a box. */
  @Optional() @Millimetres(...wayLengths.board) board?: number;
  @Optional() @Millimetres(...wayLengths.shelf) shelf?: number;
  /** Of doors and drawer fronts. */
  @Optional() @Millimetres(...wayLengths.front) front?: number;
  @Optional() @Millimetres(...wayLengths.endPanel) endPanel?: number;
  /** What shows between two fronts, or about one that lies in its frame. */
  @Optional() @Millimetres(...wayLengths.gap) gap?: number;
  /** How far a front lies over the frame at the sides of its opening. */
  @Optional() @Millimetres(...wayLengths.overlay) overlay?: number;
  /** How far fronts stand off a box without a frame. */
  @Optional() @Millimetres(...wayLengths.off) off?: number;
  @Optional() @Millimetres(...wayLengths.backBoard) backBoard?: number;
  /** How deep the back is let in, and how far it stands in from the wall. */
  @Optional() @Millimetres(...wayLengths.backIn) backIn?: number;
  @Optional() @Millimetres(...wayLengths.backFrom) backFrom?: number;
  /** How deep bottoms, tops and what parts a box are let into its sides. */
  @Optional() @Millimetres(...wayLengths.housing) housing?: number;
  /** Width and thickness of the frame. */
  @Optional() @Millimetres(...wayLengths.stile) stile?: number;
  @Optional() @Millimetres(...wayLengths.frameBoard) frameBoard?: number;
  /** Width of the rails under a countertop. */
  @Optional() @Millimetres(...wayLengths.rail) rail?: number;
  /** How far shelves stand back. */
  @Optional() @Millimetres(...wayLengths.shelfBack) shelfBack?: number;
  /** Rows of holes: how far apart, and from the edge. */
  @Optional() @Millimetres(...wayLengths.holePitch) holePitch?: number;
  @Optional() @Millimetres(...wayLengths.holeEdge) holeEdge?: number;
  @Optional() @Millimetres(...wayLengths.drawerSide) drawerSide?: number;
  @Optional() @Millimetres(...wayLengths.drawerBottom) drawerBottom?: number;
  /** What drawers are narrower than their opening: inside them over runners under them, outside by those at both sides together. */
  @Optional() @Millimetres(...wayLengths.runnerAir) runnerAir?: number;
  /** The air under and over a drawer in its opening. */
  @Optional() @Millimetres(...wayLengths.drawerBelow) drawerBelow?: number;
  @Optional() @Millimetres(...wayLengths.drawerAbove) drawerAbove?: number;
  @Optional() @Millimetres(...wayLengths.boxEdging) boxEdging?: number;
  @Optional() @Millimetres(...wayLengths.frontEdging) frontEdging?: number;
  /** Height of the plinth, how far it stands back, how thick its board is. */
  @Optional() @Millimetres(...wayLengths.plinth) plinth?: number;
  @Optional() @Millimetres(...wayLengths.plinthBack) plinthBack?: number;
  @Optional() @Millimetres(...wayLengths.plinthBoard) plinthBoard?: number;
  /** Added to what is scribed to a wall. */
  @Optional() @Millimetres(...wayLengths.scribe) scribe?: number;
  /** How the fronts of a face frame lie on it. */
  @Optional() @OneOf(frontStyles) fronts?: FrontStyle;
  @Optional() @OneOf(backWays) backWay?: BackWay;
  /** Whether the plinth is the run's, or a kick of the box. */
  @Optional() @OneOf(kickWays) kick?: KickWay;
  @Optional() @OneOf(runnerWays) runners?: RunnerWay;
  /** What boxes of drawers and runners there are, the shortest first. */
  @Optional() @Numbers(MOST_DRAWER_SIZES, LEAST_DRAWER_SIZE, MOST_DRAWER_SIZE) drawerHeights?: number[];
  @Optional() @Numbers(MOST_DRAWER_SIZES, LEAST_DRAWER_SIZE, MOST_DRAWER_SIZE) runnerLengths?: number[];
  @Optional() @OneOf(sheetStuffs) boxOf?: SheetStuff;
  @Optional() @OneOf(sheetStuffs) backOf?: SheetStuff;
  @Optional() @OneOf(sheetStuffs) drawerOf?: SheetStuff;
}

/** A way of building that can be set. */
export type WayKey = keyof BuildWays;
