/** What the tests use of the package, which has no types. */
declare module 'gltf-validator' {
  export function validateBytes(
    bytes: Uint8Array,
  ): Promise<{ issues: { numErrors: number; numWarnings: number; messages: object[] } }>;
}
