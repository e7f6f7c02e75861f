/** What is computed of a room once it is there to be worked in: its surfaces as a plan shows them, and what its rules find, in words. It is as much script as all else of core, so it is fetched by itself. */
export {
  checkReach,
  checkReachOpen,
  collisionsOf,
  countVerdicts,
  drawSurfaces,
  findingsKnown,
  newOrWorse,
  sayFinding,
} from 'goodreach';
