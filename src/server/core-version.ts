/**
 * Version of core in this build: a hash of its sources. Stored results of another version are recalculated. A script
 * that was not built has none.
 */
export const coreVersion = (): string => process.env.CORE_VERSION || 'unbuilt';
