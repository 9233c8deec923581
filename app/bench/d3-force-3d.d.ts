/** What is used of the force library, which brings no types of its own. */
declare module 'd3-force-3d' {
  interface Force {
    distance(of: (link: never) => number): Force;
  }
  interface Simulation {
    force(name: string, force: Force): Simulation;
    alphaDecay(k: number): Simulation;
    velocityDecay(k: number): Simulation;
    stop(): Simulation;
    tick(): Simulation;
  }
  export function forceLink(links: readonly { source: number; target: number }[]): Force;
  export function forceSimulation(nodes: readonly object[], dimensions: number): Simulation;
}
